package org.eskarn.app.trust;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.eskarn.app.actions.ActionAbout;
import org.eskarn.app.actions.ActionLog;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.GaugeQuestions;
import org.eskarn.app.docket.Question;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.SweepRecord;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.gauge.GaugeService;
import org.eskarn.app.page.Words;
import org.eskarn.core.units.Length;
import org.eskarn.core.verdict.TraceBack;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Traces a gauge that was found wrong back to every verdict it touched since it was last known good. Those that its error
 * could have turned are put in question, until they are rechecked or accepted with a reason.
 */
@Service
public class TraceService implements GaugeQuestions {

    private static final int LONGEST_REASON = 200;

    private final TraceMapper mapper;
    private final DocketService dockets;
    private final GaugeService gauges;
    private final ActionLog actions;
    private final Clock clock;

    TraceService(TraceMapper mapper, DocketService dockets, GaugeService gauges, ActionLog actions, Clock clock) {
        this.mapper = mapper;
        this.dockets = dockets;
        this.gauges = gauges;
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
     * @param error as found, either way
     * @param since the day it was last known good
     */
    @Transactional(readOnly = true)
    public List<Touched> trace(long gaugeId, Length error, LocalDate since) {
        Instant from = since.atStartOfDay(clock.getZone()).toInstant();
        List<Touched> touched = new ArrayList<>();
        for (Docket docket : dockets.byIds(mapper.touchedBy(gaugeId, from))) {
            for (SetUp setUp : docket.setUps()) {
                boolean rests = setUp.findings().inspections().stream()
                        .flatMap(attempt -> attempt.sweeps().stream())
                        .anyMatch(sweep -> sweep.setAside() == null && readWith(sweep, gaugeId, from));
                if (rests && setUp.wholeLeftOut().isEmpty()) {
                    touched.add(new Touched(docket, setUp, TraceBack.changes(setUp.verdict(), error.micrometres())));
                }
            }
        }
        return touched;
    }

    /** Whether a gauge took a reading since a moment; when its docket was opened does not matter. */
    private static boolean readWith(SweepRecord sweep, long gaugeId, Instant from) {
        return sweep.readings().stream()
                .anyMatch(reading -> sweep.gaugeAt(reading.place()).id() == gaugeId
                        && !reading.takenAt().isBefore(from));
    }

    /** Puts in question what the error could have turned, and returns how many; what is in question already is not doubled. */
    @Transactional
    public int question(long gaugeId, Length error, LocalDate since, long by) {
        Set<Long> open = mapper.questions(gaugeId).stream()
                .filter(row -> row.settledAt() == null)
                .map(Question::setUpId)
                .collect(Collectors.toSet());
        int raised = 0;
        for (Touched touched : trace(gaugeId, error, since)) {
            if (touched.changes() && !open.contains(touched.setUp().id())) {
                mapper.insertQuestion(
                        touched.setUp().id(), gaugeId, error.amount(), error.unit(), since, by, clock.instant());
                raised++;
            }
        }
        String mark = gauges.find(gaugeId).map(Gauge::mark).orElse("");
        actions.tell(ActionAbout.GAUGE, Words.say("trust.action-questioned", mark, raised));
        return raised;
    }

    @Transactional(readOnly = true)
    public List<Question> questions(long gaugeId) {
        return mapper.questions(gaugeId);
    }

    /** What is or was in question of one docket. */
    @Transactional(readOnly = true)
    @Override
    public List<Question> questionsOf(int number) {
        return mapper.questionsOfDocket(number);
    }

    /** The dockets with a verdict in question. */
    @Transactional(readOnly = true)
    public List<Docket> inQuestion() {
        return dockets.byIds(mapper.inQuestion());
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
