package org.eskarn.app.trust;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import org.eskarn.app.actions.ActionAbout;
import org.eskarn.app.actions.ActionLog;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.GaugeQuestions;
import org.eskarn.app.docket.Question;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.gauge.GaugeChangeService;
import org.eskarn.app.gauge.GaugeService;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.Words;
import org.eskarn.core.units.Length;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Traces a gauge that was found wrong back to every verdict it touched since it was last known good. Those that its error
 * could have turned are put in question, until they are rechecked or accepted with a reason.
 */
@Service
public class TraceService implements GaugeQuestions {

    /** Verdicts on one page. */
    public static final int SHOWN = 100;

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);
    private static final int ON_THE_BENCH = 10;
    private static final int LONGEST_REASON = 200;

    private final TraceMapper mapper;
    private final DocketService dockets;
    private final GaugeService gauges;
    private final GaugeChangeService keeping;
    private final ActionLog actions;
    private final Clock clock;

    TraceService(
            TraceMapper mapper,
            DocketService dockets,
            GaugeService gauges,
            GaugeChangeService keeping,
            ActionLog actions,
            Clock clock) {
        this.mapper = mapper;
        this.dockets = dockets;
        this.gauges = gauges;
        this.keeping = keeping;
        this.actions = actions;
        this.clock = clock;
    }

    /**
     * A verdict that rests on the gauge.
     *
     * @param changes whether the error could have turned it
     */
    public record Touched(Docket docket, SetUp setUp, boolean changes) {}

    /**
     * What rests on a gauge.
     *
     * @param changing how many of all the error could have turned
     * @param shown some of them: of each kind those not signed first, then those read last; all that could have turned before the others
     */
    public record Trace(int total, int changing, List<Touched> shown) {}

    /**
     * @param error as found, either way
     * @param since the day it was last known good
     * @param from the first shown, counted from 0
     */
    @Transactional(readOnly = true)
    public Trace trace(long gaugeId, Length error, LocalDate since, int from) {
        Instant moment = since.atStartOfDay(clock.getZone()).toInstant();
        double amount = Math.abs(error.micrometres());
        List<Touched> open = untraced(gaugeId, amount, moment);
        TraceMapper.Count signed = mapper.count(gaugeId, moment, amount);
        List<Touched> openChanging = open.stream().filter(Touched::changes).toList();
        List<Touched> shown = new ArrayList<>();
        Window window = new Window(from, SHOWN);
        shown.addAll(window.of(openChanging));
        shown.addAll(signed(
                window.take(signed.changing()),
                at -> mapper.changing(gaugeId, moment, amount, at.from(), at.most()),
                true));
        shown.addAll(window.of(open.stream().filter(each -> !each.changes()).toList()));
        shown.addAll(signed(
                window.take(signed.total() - signed.changing()),
                at -> mapper.staying(gaugeId, moment, amount, at.from(), at.most()),
                false));
        return new Trace(open.size() + signed.total(), openChanging.size() + signed.changing(), shown);
    }

    private List<Touched> untraced(long gaugeId, double error, Instant since) {
        List<Touched> touched = new ArrayList<>();
        for (Docket docket : dockets.byIds(mapper.untraced(gaugeId, since))) {
            for (SetUp setUp : docket.setUps()) {
                SignedUse.of(setUp).stream()
                        .filter(use -> use.gaugeId() == gaugeId && !use.readAt().isBefore(since))
                        .forEach(use -> touched.add(new Touched(docket, setUp, use.changes(error))));
            }
        }
        return touched;
    }

    private List<Touched> signed(Window.Part part, Function<Window.Part, List<Long>> read, boolean changing) {
        List<Long> ids = part.most() == 0 ? List.of() : read.apply(part);
        if (ids.isEmpty()) {
            return List.of();
        }
        Map<Long, Touched> bySetUp = new HashMap<>();
        for (Docket docket : dockets.byIds(mapper.docketsOf(ids))) {
            docket.setUps().forEach(setUp -> bySetUp.put(setUp.id(), new Touched(docket, setUp, changing)));
        }
        return ids.stream().map(bySetUp::get).filter(Objects::nonNull).toList();
    }

    /**
     * Puts in question what the error could have turned, and returns how many; what is in question already is not doubled.
     *
     * @param itself whether the gauge is not to be used on either, unless with a reason
     * @throws FormRefused if somebody changed the gauge in the same moment
     */
    @Transactional(rollbackFor = FormRefused.class)
    public int question(long gaugeId, Length error, LocalDate since, boolean itself, long by) throws FormRefused {
        if (itself) {
            String found = error.amount().toPlainString() + " " + error.unit().symbol();
            keeping.foundOff(gaugeId, Words.say("trust.found-off-by", found, DAY.format(since)), by);
        }
        Instant moment = since.atStartOfDay(clock.getZone()).toInstant();
        double amount = Math.abs(error.micrometres());
        Instant now = clock.instant();
        int raised = 0;
        for (Touched touched : untraced(gaugeId, amount, moment)) {
            long setUp = touched.setUp().id();
            if (touched.changes() && !mapper.open(setUp, gaugeId)) {
                mapper.insertQuestion(setUp, gaugeId, error.amount(), error.unit(), since, by, now);
                raised++;
            }
        }
        raised += mapper.questionSigned(gaugeId, moment, amount, error.amount(), error.unit(), since, by, now);
        String mark = gauges.find(gaugeId).map(Gauge::mark).orElse("");
        actions.tell(ActionAbout.GAUGE, Words.say("trust.action-questioned", mark, raised));
        return raised;
    }

    /** The first hundred, those not settled first. */
    @Transactional(readOnly = true)
    public List<Question> questions(long gaugeId) {
        return mapper.questions(gaugeId, SHOWN);
    }

    /** How many of a gauge are not settled. */
    @Transactional(readOnly = true)
    public int openQuestions(long gaugeId) {
        return mapper.openQuestions(gaugeId);
    }

    /** What is or was in question of some dockets. */
    @Transactional(readOnly = true)
    @Override
    public List<Question> questionsOf(Collection<Integer> numbers) {
        return numbers.isEmpty() ? List.of() : mapper.questionsOfDockets(numbers);
    }

    /**
     * Dockets with a verdict in question.
     *
     * @param verdicts how many verdicts there are in all
     * @param latest some of their dockets, the latest first
     */
    public record InQuestion(int verdicts, List<Docket> latest) {

        /** Whether there are others. */
        public boolean more() {
            return latest.size() == ON_THE_BENCH && verdicts > ON_THE_BENCH;
        }
    }

    @Transactional(readOnly = true)
    public InQuestion inQuestion() {
        int verdicts = mapper.openQuestions(null);
        return new InQuestion(verdicts, verdicts == 0 ? List.of() : dockets.byIds(mapper.inQuestion(ON_THE_BENCH)));
    }

    /**
     * Accepts a verdict all the same.
     *
     * @param reason for instance that it was rechecked in another docket
     * @throws DocketConflict if the reason is missing, or somebody was quicker
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void settle(long question, String reason, long by) throws DocketConflict {
        String why = reason.strip();
        if (why.isEmpty() || why.length() > LONGEST_REASON) {
            throw new DocketConflict(Words.say("trust.write-why-it-stands-or-where-it"));
        }
        if (mapper.settle(question, why, by, clock.instant()) == 0) {
            throw new DocketConflict(Words.say("trust.somebody-else-settled-this-meanwhile-here-is"));
        }
        actions.tell(ActionAbout.GAUGE, Words.say("trust.action-settled", question, why));
    }
}
