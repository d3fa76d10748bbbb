package org.eskarn.app.demo;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.eskarn.app.docket.AttemptKind;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.Step;
import org.eskarn.app.docket.WaitsFor;
import org.eskarn.app.docket.correction.RemedyService;
import org.eskarn.app.docket.work.ReadingService;
import org.eskarn.app.docket.work.SetUpService;
import org.eskarn.app.docket.work.TypedReading;
import org.eskarn.app.docket.work.ZeroService;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.part.Preparation;
import org.eskarn.core.reading.EntryRejected;
import org.eskarn.core.requirement.RemedyKind;
import org.springframework.stereotype.Component;

/** Works through the order of work as a person would. */
@Component
class DemoInspector {

    private final DocketService dockets;
    private final SetUpService setUps;
    private final ReadingService readings;
    private final RemedyService remedies;
    private final ZeroService zeros;

    DemoInspector(
            DocketService dockets,
            SetUpService setUps,
            ReadingService readings,
            RemedyService remedies,
            ZeroService zeros) {
        this.dockets = dockets;
        this.setUps = setUps;
        this.readings = readings;
        this.remedies = remedies;
        this.zeros = zeros;
    }

    /** Sweeps, then accepts the verdict. */
    void judge(int number, int position, String readings, long by) throws DocketConflict {
        sweep(number, position, readings, by);
        confirm(number, position, Step.PROVE, by);
        confirm(number, position, Step.VERDICT, by);
    }

    /** Does everything up to and with the readings given, the last of a full set being the return. */
    void sweep(int number, int position, String figures, long by) throws DocketConflict {
        prepare(number, position, by);
        sweepOn(number, position, figures, by);
    }

    /** Everything before the zero. */
    void prepare(int number, int position, long by) throws DocketConflict {
        confirm(number, position, Step.REQUIRE, by);
        confirm(number, position, Step.GAUGE, by);
        for (Preparation preparation : find(number, position).requirement().preparations()) {
            setUps.tick(number, position, preparation.id(), version(number, position), by);
        }
    }

    /** From the zero on. */
    void sweepOn(int number, int position, String figures, long by) throws DocketConflict {
        zero(number, position, by);
        read(number, position, figures, by);
    }

    /** One more sweep beside those there are. */
    void oneMore(int number, int position, String figures, long by) throws DocketConflict {
        setUps.sweepAgain(number, position, version(number, position), by);
        sweepOn(number, position, figures, by);
    }

    /** Another attempt, up to its proven sweep. */
    void begin(int number, int position, AttemptKind kind, String figures, long by) throws DocketConflict {
        setUps.begin(number, position, kind, "", version(number, position), by);
        sweepOn(number, position, figures, by);
        confirm(number, position, Step.PROVE, by);
    }

    void accept(int number, int position, long by) throws DocketConflict {
        confirm(number, position, Step.VERDICT, by);
    }

    /** Sets every zero on the nearest master where one is asked, and confirms the step. */
    void zero(int number, int position, long by) throws DocketConflict {
        SetUp setUp = find(number, position);
        if (!setUp.onMaster()) {
            confirm(number, position, Step.ZERO, by);
            return;
        }
        for (int gauge = 1; gauge <= setUp.sweep().gauges().size(); gauge++) {
            Gauge master = zeros.masters(setUp).get(0);
            Gauge read = setUp.sweep().gaugeAt(gauge);
            String reads = read.readsSizes() ? size(setUp, read) : "0";
            try {
                zeros.set(number, position, gauge, master.id(), reads, version(number, position), by);
            } catch (EntryRejected e) {
                throw new IllegalArgumentException("the demo sets its zero on " + master.mark(), e);
            }
        }
    }

    /** What a gauge of whole sizes reads on a master of the feature's size. */
    private static String size(SetUp setUp, Gauge gauge) {
        double size = setUp.requirement().reach().orElseThrow()
                / gauge.readingUnit().length().orElseThrow().micrometres().doubleValue();
        return BigDecimal.valueOf(size)
                .setScale(4, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }

    private void read(int number, int position, String figures, long by) throws DocketConflict {
        List<String> typed = Arrays.asList(figures.split(" ", -1));
        long sweep = find(number, position).sweep().id();
        for (int i = 0; i < typed.size(); i++) {
            try {
                readings.take(
                        number, position, TypedReading.ofKeypad(sweep, i + 1, typed.get(i), "demo-" + (i + 1)), by);
            } catch (EntryRejected e) {
                throw new IllegalArgumentException("the demo types " + typed.get(i), e);
            }
        }
    }

    /** Puts a reading right. */
    void correct(int number, int position, int place, String typed, String reason, long by) throws DocketConflict {
        SetUp setUp = find(number, position);
        TypedReading reading = TypedReading.ofKeypad(setUp.sweep().id(), place, typed, "demo-again-" + place);
        try {
            readings.correct(number, position, reading, reason, setUp.version(), by);
        } catch (EntryRejected e) {
            throw new IllegalArgumentException("the demo types " + typed, e);
        }
    }

    /**
     * Measures once more after a correction, and accepts that verdict.
     *
     * @param done what was done; empty where a correction was decided on
     */
    void correct(int number, int position, String done, String figures, long by) throws DocketConflict {
        setUps.begin(number, position, AttemptKind.CORRECTED, done, version(number, position), by);
        sweepOn(number, position, figures, by);
        confirm(number, position, Step.PROVE, by);
        confirm(number, position, Step.VERDICT, by);
    }

    /** The sweep holds; its verdict waits to be accepted. */
    void prove(int number, int position, long by) throws DocketConflict {
        confirm(number, position, Step.PROVE, by);
    }

    /** Decides on a correction as it is worked out without anything typed. */
    void decide(int number, int position, RemedyKind kind, long by) throws DocketConflict {
        decide(number, position, Map.of("kind", kind.name()), by);
    }

    void decide(int number, int position, Map<String, String> typed, long by) throws DocketConflict {
        Docket docket = dockets.find(number).orElseThrow();
        remedies.decide(docket.part(), number, position, typed, version(number, position), by);
    }

    /** Logs a step of truing. */
    void step(int number, int position, String place, String done, String typed, long by) throws DocketConflict {
        try {
            remedies.step(number, position, place, done, typed, version(number, position), by);
        } catch (EntryRejected e) {
            throw new IllegalArgumentException("the demo types " + typed, e);
        }
    }

    /** Leaves the whole requirement out. */
    void leaveOut(int number, int position, String reason, long by) throws DocketConflict {
        setUps.leaveOut(number, position, Optional.empty(), reason, version(number, position), by);
    }

    void waitFor(int number, int position, WaitsFor what, long by) throws DocketConflict {
        setUps.waitFor(number, position, Optional.of(what), version(number, position), by);
    }

    private void confirm(int number, int position, Step step, long by) throws DocketConflict {
        setUps.confirm(number, position, step, version(number, position), by);
    }

    private int version(int number, int position) {
        return find(number, position).version();
    }

    private SetUp find(int number, int position) {
        Docket docket = dockets.find(number).orElseThrow();
        return docket.at(position).orElseThrow();
    }
}
