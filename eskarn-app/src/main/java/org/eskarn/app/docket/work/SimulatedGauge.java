package org.eskarn.app.docket.work;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Optional;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.DocketMapper;
import org.eskarn.app.docket.ReadingSource;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.SetUpLock;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.page.Words;
import org.eskarn.core.reading.EntryRejected;
import org.eskarn.core.reading.ReadingUnit;
import org.eskarn.core.simulate.DialFace;
import org.eskarn.core.simulate.SimulatedIndicator;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The simulated indicator: it stands in for a gauge with a cable. Like such a gauge it sends a number and a unit when its
 * key is pressed, and what it sends goes the way of everything that is typed.
 */
@Service
public class SimulatedGauge {

    private final DocketMapper mapper;
    private final ReadingService readings;
    private final SetUpLock lock;

    SimulatedGauge(DocketMapper mapper, ReadingService readings, SetUpLock lock) {
        this.mapper = mapper;
        this.readings = readings;
        this.lock = lock;
    }

    /** Whether it can stand in here: it shows deviations on a dial, so not whole sizes or answers. */
    public static boolean possible(SetUp setUp) {
        return !setUp.sweep().gauge().readsSizes()
                && !setUp.requirement().terms().layout().kind().answered()
                && !setUp.requirement().terms().layout().kind().watched();
    }

    /** The indicator on its virtual part, if it is switched on. */
    static Optional<SimulatedIndicator> of(SetUp setUp) {
        return Optional.ofNullable(setUp.simulatedSeed())
                .map(seed -> SimulatedIndicator.of(
                        seed,
                        setUp.sweep().number(),
                        setUp.requirement().terms().allowedMovement(),
                        setUp.sweep().layout(),
                        setUp.sweep().gauge().dial()));
    }

    /** The face at the place to read next; empty when it is off or all is read. */
    static Optional<DialFace> face(SetUp setUp) {
        return setUp.sweep().complete()
                ? Optional.empty()
                : of(setUp)
                        .map(indicator -> indicator.at(
                                setUp.sweep().nextPlace(), setUp.bezel().doubleValue()));
    }

    /**
     * Switches it on, with a part of the given seed, or off.
     *
     * @param seed empty to switch it off
     * @throws DocketConflict if the set-up changed since the page was made, or readings stand already
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void put(int number, int position, Optional<Long> seed, int version, long by) throws DocketConflict {
        SetUp setUp = lock.unchanged(number, position, version, by);
        if (!setUp.sweep().readings().isEmpty() || !possible(setUp)) {
            throw new DocketConflict(Words.say("docket.the-simulated-indicator-is-put-in-place"));
        }
        mapper.setSimulated(setUp.readId(), seed.orElse(null), BigDecimal.ZERO);
    }

    /**
     * Turns the bezel until the needle stands at zero where it is.
     *
     * @throws DocketConflict if the set-up changed since the page was made, it is off, or readings stand on the zero
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void zero(int number, int position, int version, long by) throws DocketConflict {
        SetUp setUp = lock.unchanged(number, position, version, by);
        DialFace face = face(setUp).orElseThrow(() -> lock.changedMeanwhile(setUp));
        if (!setUp.sweep().readings().isEmpty()) {
            throw new DocketConflict(Words.say("docket.readings-stand-on-this-zero-begin-the"));
        }
        // A hand sets a bezel to a fifth of a division.
        BigDecimal bezel = BigDecimal.valueOf(face.plunger())
                .multiply(BigDecimal.valueOf(5))
                .setScale(0, RoundingMode.HALF_UP)
                .divide(BigDecimal.valueOf(5));
        mapper.setSimulated(setUp.readId(), setUp.simulatedSeed(), bezel);
    }

    /**
     * Presses its key: what the dial shows at the next place is sent.
     *
     * @throws EntryRejected if the dial shows more than its travel
     * @throws DocketConflict if it is off, or the place is taken or out of order
     */
    @Transactional(rollbackFor = {EntryRejected.class, DocketConflict.class})
    public void take(int number, int position, long sweepId, int place, String key, long by)
            throws EntryRejected, DocketConflict {
        SetUp setUp = lock.any(number, position, by);
        DialFace face = face(setUp).orElseThrow(() -> lock.changedMeanwhile(setUp));
        readings.take(
                number,
                position,
                new TypedReading(sweepId, place, sent(face, setUp.sweep().gauge()), key, ReadingSource.SIMULATED),
                by);
    }

    /** A number and a unit, as a gauge with a cable sends them. */
    static String sent(DialFace face, Gauge gauge) {
        BigDecimal read = face.read(gauge.dial());
        String sign = read.signum() > 0 ? "+" : "";
        return sign + read.toPlainString() + " "
                + ReadingUnit.of(gauge.graduationUnit()).symbol();
    }
}
