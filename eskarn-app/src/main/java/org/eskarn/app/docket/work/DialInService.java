package org.eskarn.app.docket.work;

import java.math.BigDecimal;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.eskarn.app.docket.DialledIn;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.DocketMapper;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.SetUpLock;
import org.eskarn.app.docket.Step;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.page.TypedQuantity;
import org.eskarn.app.page.Words;
import org.eskarn.core.reading.Entry;
import org.eskarn.core.reading.EntryParser;
import org.eskarn.core.reading.EntryRejected;
import org.eskarn.core.remedy.DialIn;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Dialling a part in before it is measured: a few places read again and again while it is moved, every round kept. */
@Service
public class DialInService {

    private static final int MOST_PLACES = 24;
    private static final int MOST_ROUNDS = 60;
    private static final int LONGEST_NAME = 24;

    private final DocketMapper mapper;
    private final SetUpLock lock;
    private final Clock clock;

    DialInService(DocketMapper mapper, SetUpLock lock, Clock clock) {
        this.mapper = mapper;
        this.lock = lock;
        this.clock = clock;
    }

    /**
     * What stands in the fields.
     *
     * @param within what the places may differ by, as the gauge shows it
     * @param places their names, with semicolons or blanks between; empty for 1, 2, 3 …
     * @param readings in the order of the places, with blanks between
     */
    public record DialInForm(String within, String places, String readings) {}

    /**
     * Keeps a round.
     *
     * @throws DocketConflict if the set-up changed since the page was made, something was read already, or the fields do not go together
     * @throws EntryRejected if a reading is none of the gauge
     */
    @Transactional(rollbackFor = {DocketConflict.class, EntryRejected.class})
    public void take(int number, int position, DialInForm form, int version, long by)
            throws DocketConflict, EntryRejected {
        SetUp setUp = lock.unchanged(number, position, version, by);
        Optional<String> hindrance = hindrance(setUp);
        if (hindrance.isPresent()) {
            throw new DocketConflict(hindrance.get());
        }
        Gauge gauge = setUp.sweep().gauge();
        List<DialledIn> before = setUp.dialledInNow();
        if (before.size() >= MOST_ROUNDS) {
            throw new DocketConflict(Words.say("docket.so-many-rounds-are-enough", MOST_ROUNDS));
        }
        List<Entry> entries = new ArrayList<>();
        for (String word : words(form.readings())) {
            Entry entry = EntryParser.parse(word, gauge.readingUnit());
            gauge.dial().read(entry);
            entries.add(entry);
        }
        List<String> places = places(form.places(), entries.size());
        if (entries.size() < DialIn.FEWEST || entries.size() > MOST_PLACES || places.size() != entries.size()) {
            throw new DocketConflict(
                    form.places().isBlank()
                            ? Words.say("docket.read-from-places", DialIn.FEWEST, MOST_PLACES)
                            : Words.say("docket.one-reading-for-each-place", places.size(), entries.size()));
        }
        Entry within = within(form.within(), gauge);
        mapper.insertDialledIn(
                new DialledIn(
                        0,
                        setUp.readId(),
                        setUp.attempt().id(),
                        before.size() + 1,
                        String.join("; ", places),
                        entries.stream().map(Entry::typed).collect(Collectors.joining(" ")),
                        entries.stream()
                                .map(entry -> micrometres(entry, gauge).toPlainString())
                                .collect(Collectors.joining(" ")),
                        withUnit(within),
                        micrometres(within, gauge).toPlainString(),
                        by,
                        "",
                        clock.instant()),
                by);
    }

    /** Why the part cannot be dialled in now; empty where it can. */
    static Optional<String> hindrance(SetUp setUp) {
        Gauge gauge = setUp.sweep().gauge();
        if (setUp.attempt().touched()) {
            return Optional.of(Words.say("docket.readings-stand-so-the-part-stays"));
        }
        if (!setUp.done(Step.GAUGE)) {
            return Optional.of(Words.say("docket.confirm-the-gauge-first"));
        }
        if (setUp.nextCaution().isPresent()) {
            return Optional.of(Words.say("docket.read-the-caution-first"));
        }
        return setUp.requirement().terms().layout().kind().answered() || gauge.missing() || gauge.readsSizes()
                ? Optional.of(Words.say("docket.dialled-in-with-an-indicator"))
                : Optional.empty();
    }

    private static BigDecimal micrometres(Entry entry, Gauge gauge) {
        return entry.middle(gauge.dial().graduation()).exactMicrometres();
    }

    private static List<String> words(String typed) {
        return Arrays.stream(TypedQuantity.joined(typed.strip()).split("[\\s;]+"))
                .filter(word -> !word.isEmpty())
                .toList();
    }

    private static List<String> places(String typed, int count) throws DocketConflict {
        if (typed.isBlank()) {
            return IntStream.rangeClosed(1, count).mapToObj(String::valueOf).toList();
        }
        List<String> places = Arrays.stream(typed.split(typed.contains(";") ? ";" : "\\s+"))
                .map(String::strip)
                .filter(name -> !name.isEmpty())
                .toList();
        if (places.stream().anyMatch(name -> name.length() > LONGEST_NAME)
                || places.stream().distinct().count() < places.size()) {
            throw new DocketConflict(Words.say("docket.name-each-place-once-and-briefly"));
        }
        return places;
    }

    /** As it was typed, and the unit that was meant: it says what the readings are in, too. */
    private static String withUnit(Entry entry) {
        String last = entry.typed().substring(entry.typed().length() - 1);
        return last.matches("[\\d.,]") ? entry.typed() + " " + entry.unit().symbol() : entry.typed();
    }

    private static Entry within(String typed, Gauge gauge) throws DocketConflict {
        try {
            Entry entry = EntryParser.parse(typed, gauge.readingUnit());
            if (entry.bandEnd() == null && micrometres(entry, gauge).signum() > 0) {
                return entry;
            }
        } catch (EntryRejected e) {
            // Said by the field's own sentence.
        }
        throw new DocketConflict(Words.say("docket.enter-within-what-the-places-agree"));
    }
}
