package org.eskarn.core.requirement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import org.eskarn.core.evaluation.Given;
import org.eskarn.core.requirement.Limit.Direction;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LimitCheckTest {

    private static final Length FORTY_FIVE = Length.of("45", LengthUnit.MILLIMETRE);

    private static @Nullable BigDecimal number(@Nullable String written) {
        return written == null ? null : new BigDecimal(written);
    }

    @ParameterizedTest
    @CsvSource({
        "CIRCULAR_RUNOUT_RADIAL, MAXIMUM, , , 0, MILLIMETRE, is above zero",
        "CIRCULAR_RUNOUT_RADIAL, MAXIMUM, , , -0.02, MILLIMETRE, is above zero",
        "CIRCULAR_RUNOUT_RADIAL, MAXIMUM, , , , MILLIMETRE, A figure is missing",
        "CIRCULAR_RUNOUT_RADIAL, MAXIMUM, , , 20, MILLIMETRE, check the decimal mark and the unit",
        "CIRCULAR_RUNOUT_RADIAL, MAXIMUM, , , 2, DEGREE, is a length",
        "CIRCULAR_RUNOUT_RADIAL, BETWEEN, , 1, 2, MILLIMETRE, says nothing about",
        "PHASE_ANGLE, MAXIMUM, , , 0.5, MILLIMETRE, is an angle",
        "PHASE_ANGLE, MAXIMUM, , , 95, DEGREE, is no limit",
        "OUTSIDE_SIZE, BETWEEN, , 45.018, 45.002, MILLIMETRE, is not below the upper",
        "OUTSIDE_SIZE, BETWEEN, , -1, 45.002, MILLIMETRE, A size is above zero",
        "OUTSIDE_SIZE, BETWEEN, , 1.771, 1.772, MILLIMETRE, far from the nominal 45 mm",
        "OUTSIDE_SIZE, PLUS_MINUS, 45, 0.02, -0.01, MILLIMETRE, is not below the upper",
        "OUTSIDE_SIZE, PLUS_MINUS, 450, -0.02, 0.02, MILLIMETRE, far from the nominal",
        "OUTSIDE_SIZE, FIT_CODE, 45, , , MILLIMETRE, is no fit code",
        "FIT_OF_PAIR, BETWEEN, , 0.05, 0.01, MILLIMETRE, is not below the upper",
        "PLAY, BETWEEN, , -0.01, 0.2, MILLIMETRE, never negative"
    })
    void aLimitThatMakesNoSenseIsRefusedWithTheReason(
            Characteristic what,
            LimitKind kind,
            @Nullable String nominal,
            @Nullable String lower,
            @Nullable String upper,
            LimitUnit unit,
            String says) {
        Limit limit = new Limit(kind, number(nominal), number(lower), number(upper), unit, "?", null, "", null);
        assertThatThrownBy(() -> LimitCheck.check(what, limit, what == Characteristic.PLAY ? null : FORTY_FIVE))
                .isInstanceOf(LimitRejected.class)
                .hasMessageContaining(says);
    }

    @ParameterizedTest
    @CsvSource({
        "OUTSIDE_SIZE, 45, MILLIMETRE, k5, 0.002, 0.013",
        "BORE_SIZE, 45, MILLIMETRE, J7, -0.011, 0.014",
        "PIN_CHECK, 10, MILLIMETRE, H7, 0, 0.015",
        "FIT_OF_PAIR, 32, MILLIMETRE, H7/g6, 0.009, 0.050",
        "BORE_SIZE, 1.5, INCH, rc4, 0, 0.0016",
        "OUTSIDE_SIZE, 1.5, INCH, RC4, -0.002, -0.001",
        "FIT_OF_PAIR, 1.5, INCH, RC4, 0.001, 0.0036",
        "FIT_OF_PAIR, 2, INCH, FN2, -0.0027, -0.0008"
    })
    void aFitCodeComesToLimitsAndBothAreKept(
            Characteristic what, String nominal, LimitUnit unit, String code, BigDecimal lower, BigDecimal upper)
            throws LimitRejected {
        Limit written = new Limit(LimitKind.FIT_CODE, new BigDecimal(nominal), null, null, unit, code, null, "", null);
        Limit found = FitLimits.resolved(what, written);
        assertThat(found.lower()).isEqualByComparingTo(lower);
        assertThat(found.upper()).isEqualByComparingTo(upper);
        assertThat(found.code()).isEqualToIgnoringCase(code);
        assertThat(written.text()).isTrue();
        assertThat(found.text()).isFalse();
        assertThat(found.bounds(what.signed(), what.sized(), 0).width())
                .isCloseTo(
                        upper.subtract(lower)
                                .multiply(unit.length().orElseThrow().micrometres())
                                .doubleValue(),
                        within(1e-6));
    }

    @ParameterizedTest
    @CsvSource({
        "BORE_SIZE, k5, capitals are meant",
        "OUTSIDE_SIZE, H7, small letters are meant",
        "BORE_SIZE, H7/g6, the class of the hole alone",
        "FIT_OF_PAIR, H7, one for the shaft",
        "BORE_SIZE, RC4, is metric",
        "OUTSIDE_SIZE, j9, defines no shaft j9"
    })
    void aFitCodeThatIsNotMeantIsRefusedWithWhatIs(Characteristic what, String code, String says) {
        Limit limit = new Limit(
                LimitKind.FIT_CODE, new BigDecimal("45"), null, null, LimitUnit.MILLIMETRE, code, null, "", null);
        assertThatThrownBy(() -> LimitCheck.check(what, limit, FORTY_FIVE))
                .isInstanceOf(LimitRejected.class)
                .hasMessageContaining(says);
    }

    @Test
    void aDirectionNeedsASignAndAReasonAndALengthNeedsASlope() {
        Limit opens = limit(Direction.PLUS, "", null);
        assertThatThrownBy(() -> LimitCheck.check(Characteristic.PARALLELISM_OF_LINES, opens, null))
                .hasMessageContaining("Write why");
        assertThatThrownBy(() -> LimitCheck.check(Characteristic.FLATNESS, opens, null))
                .hasMessageContaining("has no direction");
        Limit per = limit(null, "", Length.of("100", LengthUnit.MILLIMETRE));
        assertThatThrownBy(() -> LimitCheck.check(Characteristic.FLATNESS, per, null))
                .hasMessageContaining("not limited per length");
        assertThatCode(() -> LimitCheck.check(Characteristic.TAPER, per, FORTY_FIVE))
                .doesNotThrowAnyException();
        assertThatCode(() -> LimitCheck.check(
                        Characteristic.PARALLELISM_OF_LINES, limit(Direction.PLUS, "must not close", null), null))
                .doesNotThrowAnyException();
    }

    private static Limit limit(@Nullable Direction only, String reason, @Nullable Length per) {
        return new Limit(
                LimitKind.MAXIMUM, null, null, new BigDecimal("0.05"), LimitUnit.MILLIMETRE, "", only, reason, per);
    }

    @Test
    void limitsAreReadAloudAsTheDrawingWritesThem() {
        Limit size = new Limit(
                LimitKind.PLUS_MINUS,
                new BigDecimal("45.00"),
                new BigDecimal("0.002"),
                new BigDecimal("0.018"),
                LimitUnit.MILLIMETRE,
                "",
                null,
                "",
                null);
        assertThat(size.words()).isEqualTo("45.00 +0.018 / +0.002 mm");
        assertThat(limit(null, "", Length.of("100", LengthUnit.MILLIMETRE)).words())
                .isEqualTo("≤ 0.05 mm per 100 mm");
        assertThat(limit(Direction.MINUS, "x", null).words()).isEqualTo("0 to −0.05 mm");
    }

    private static Limit between(@Nullable String nominal, String lower, String upper) {
        return new Limit(
                nominal == null ? LimitKind.BETWEEN : LimitKind.PLUS_MINUS,
                nominal == null ? null : new BigDecimal(nominal),
                new BigDecimal(lower),
                new BigDecimal(upper),
                LimitUnit.MILLIMETRE,
                "",
                null,
                "",
                null);
    }

    @Test
    void sensibleLimitsOfSmallAndSteepThingsAreAccepted() throws LimitRejected {
        LimitCheck.check(Characteristic.DEPTH_AND_PITCH, between("0.5", "-0.1", "0.1"), null);
        LimitCheck.check(Characteristic.BORE_SIZE, between(null, "1.0", "1.2"), Length.of("1", LengthUnit.MILLIMETRE));
        LimitCheck.check(Characteristic.TAPER, Given.atMost("20"), Length.of("40", LengthUnit.MILLIMETRE));
        // A slip of the decimal mark is still one.
        assertThatThrownBy(() -> LimitCheck.check(
                        Characteristic.BORE_SIZE, between(null, "0.1", "0.12"), Length.of("1", LengthUnit.MILLIMETRE)))
                .hasMessageContaining("far from the nominal");
        assertThatThrownBy(() -> LimitCheck.check(
                        Characteristic.OUTSIDE_SIZE,
                        between(null, "4.998", "5.002"),
                        Length.of("50", LengthUnit.MILLIMETRE)))
                .hasMessageContaining("far from the nominal");
    }
}
