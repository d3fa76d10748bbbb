package org.eskarn.app.docket.work;

import java.math.BigDecimal;
import java.math.MathContext;
import java.time.Clock;
import java.util.regex.Pattern;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.DocketMapper;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.SetUpLock;
import org.eskarn.app.docket.SweepRecord;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.page.Words;
import org.eskarn.core.reading.Corrections;
import org.eskarn.core.reading.ReadingUnit;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is taken off the readings of a set-up before anything is computed: drift, the sag of the holder, the lever's angle. */
@Service
public class CorrectionService {

    private static final Pattern NUMBER = Pattern.compile("-?\\d{1,6}(\\.\\d{0,6})?");

    private final DocketMapper mapper;
    private final SetUpLock lock;
    private final Clock clock;

    CorrectionService(DocketMapper mapper, SetUpLock lock, Clock clock) {
        this.mapper = mapper;
        this.lock = lock;
        this.clock = clock;
    }

    /**
     * What stands in the fields; empty for none. Sag is told by what a stiff true mandrel, zeroed at the top, reads at the
     * bottom, as the gauge shows it; the lever's angle is in degrees.
     *
     * @param reason why sag or angle is said only after something was read
     */
    public record CorrectionsForm(boolean drift, String sag, String lever, String reason) {}

    /**
     * @throws DocketConflict if the set-up changed since the page was made, a field is no number or out of range, or sag or
     *     angle is changed under readings without a reason
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void set(int number, int position, CorrectionsForm form, int version, long by) throws DocketConflict {
        SetUp setUp = lock.unchanged(number, position, version, by);
        Gauge gauge = setUp.sweep().gauge();
        BigDecimal atBottom = number(form.sag(), "reading");
        BigDecimal lever = number(form.lever(), "angle");
        if ((atBottom != null || lever != null) && !gauge.hasArm()) {
            throw new DocketConflict(
                    Words.say("docket.a-has-no-lever-and-no-arm", gauge.kind().title()));
        }
        if (lever != null && (lever.signum() < 0 || lever.doubleValue() >= Corrections.STEEPEST_LEVER)) {
            throw new DocketConflict(Words.say("docket.a-lever-stands-at-0-to-below", lever.toPlainString()));
        }
        LengthUnit unit = unit(gauge);
        BigDecimal sag = atBottom == null ? null : sag(setUp, gauge, atBottom, unit);
        boolean changed = !same(sag, setUp.sag()) || !same(lever, setUp.lever());
        boolean read = setUp.sweeps().stream().anyMatch(SweepRecord::touched);
        String reason = changed && read
                ? SetUpLock.reason(form.reason(), Words.say("docket.readings-stand-already-enter-how-the-sag"))
                : changed ? null : setUp.correctionsReason();
        lock.reopenProof(setUp, by);
        mapper.setCorrections(
                setUp.readId(), form.drift(), sag, sag == null ? null : unit, lever, reason, by, clock.instant());
    }

    private static LengthUnit unit(Gauge gauge) {
        return gauge.readingUnit().length().orElse(gauge.graduationUnit());
    }

    /** What one of what is typed comes to in the unit it is kept in. */
    private static BigDecimal perTyped(Gauge gauge) {
        return gauge.readingUnit() == ReadingUnit.DIVISION ? gauge.graduation() : BigDecimal.ONE;
    }

    private static BigDecimal sag(SetUp setUp, Gauge gauge, BigDecimal atBottom, LengthUnit unit)
            throws DocketConflict {
        BigDecimal inwards = setUp.sweep().outwards() ? atBottom.negate() : atBottom;
        BigDecimal sag = Corrections.sagOf(inwards.multiply(perTyped(gauge)));
        if (sag.signum() < 0) {
            throw new DocketConflict(Words.say("docket.an-arm-only-droops-a-true-mandrel"));
        }
        if (sag.multiply(unit.micrometres()).compareTo(gauge.dial().travel().exactMicrometres()) > 0) {
            throw new DocketConflict(Words.say("docket.a-sag-of-is-more-than-the", sag.toPlainString(), unit.symbol()));
        }
        return sag;
    }

    /** What a true mandrel reads at the bottom, as it was typed; empty where sag is not known. */
    static String mandrel(SetUp setUp) {
        BigDecimal sag = setUp.sag();
        Gauge gauge = setUp.sweep().gauge();
        if (sag == null || !gauge.hasArm()) {
            return "";
        }
        BigDecimal inwards = Corrections.mandrelOf(sag).divide(perTyped(gauge), MathContext.DECIMAL64);
        BigDecimal shown = setUp.sweep().outwards() ? inwards.negate() : inwards;
        return shown.stripTrailingZeros().toPlainString();
    }

    private static boolean same(@Nullable BigDecimal one, @Nullable BigDecimal other) {
        return one == null || other == null ? one == other : one.compareTo(other) == 0;
    }

    private static @Nullable BigDecimal number(String typed, String what) throws DocketConflict {
        String text = typed.strip().replace(',', '.').replace('\u2212', '-');
        if (text.isEmpty()) {
            return null;
        }
        if (!NUMBER.matcher(text).matches()) {
            throw new DocketConflict(Words.say("docket.is-no-type-a-number-or-leave", typed.strip(), what));
        }
        BigDecimal number = new BigDecimal(text);
        return number.signum() == 0 ? null : number;
    }
}
