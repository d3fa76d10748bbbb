package org.eskarn.app.docket;

import java.math.BigDecimal;
import java.time.Clock;
import java.util.regex.Pattern;
import org.eskarn.core.reading.Corrections;
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
     * What stands in the fields; empty for none. Sag is in the unit of the gauge, the lever's angle in degrees.
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
        BigDecimal sag = number(form.sag(), "sag");
        BigDecimal lever = number(form.lever(), "angle");
        if (lever != null && (lever.signum() < 0 || lever.doubleValue() >= Corrections.STEEPEST_LEVER)) {
            throw new DocketConflict(
                    "A lever stands at 0 to below 60 degrees to the surface, not " + lever.toPlainString() + ".");
        }
        LengthUnit unit = setUp.sweep()
                .gauge()
                .readingUnit()
                .length()
                .orElse(setUp.sweep().gauge().graduationUnit());
        if (sag != null
                && sag.abs()
                                .multiply(unit.micrometres())
                                .compareTo(setUp.sweep().gauge().dial().travel().exactMicrometres())
                        > 0) {
            throw new DocketConflict(
                    "A sag of " + sag.toPlainString() + " " + unit.symbol() + " is more than the gauge can move.");
        }
        boolean changed =
                !same(sag, setUp.row().sag()) || !same(lever, setUp.row().lever());
        boolean read = setUp.sweeps().stream().anyMatch(SweepRecord::touched);
        String reason = changed && read
                ? SetUpLock.reason(form.reason(), "Readings stand already: enter how the sag or the angle was found")
                : changed ? null : setUp.row().correctionsReason();
        lock.reopenProof(setUp, by);
        mapper.setCorrections(
                setUp.row().id(), form.drift(), sag, sag == null ? null : unit, lever, reason, by, clock.instant());
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
            throw new DocketConflict(
                    "“" + typed.strip() + "” is no " + what + ": type a number, or leave it empty for none.");
        }
        BigDecimal number = new BigDecimal(text);
        return number.signum() == 0 ? null : number;
    }
}
