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
        "CIRCULAR_RUNOUT_RADIAL, MAXIMUM, , , 0, MILLIMETRE, core.a-largest-value-is-above-zero-not",
        "CIRCULAR_RUNOUT_RADIAL, MAXIMUM, , , -0.02, MILLIMETRE, core.a-largest-value-is-above-zero-not",
        "CIRCULAR_RUNOUT_RADIAL, MAXIMUM, , , , MILLIMETRE, core.a-figure-is-missing-type-it-for",
        "CIRCULAR_RUNOUT_RADIAL, MAXIMUM, , , 20, MILLIMETRE, core.is-more-than-a-quarter-of-the",
        "CIRCULAR_RUNOUT_RADIAL, MAXIMUM, , , 2, DEGREE, core.is-a-length-so-its-limit-is",
        "CIRCULAR_RUNOUT_RADIAL, BETWEEN, , 1, 2, MILLIMETRE, core.a-limit-says-nothing-about",
        "PHASE_ANGLE, MAXIMUM, , , 0.5, MILLIMETRE, core.is-an-angle-so-its-limit-is",
        "PHASE_ANGLE, MAXIMUM, , , 95, DEGREE, core.is-no-limit-for-an-error-of",
        "OUTSIDE_SIZE, BETWEEN, , 45.018, 45.002, MILLIMETRE, core.the-lower-limit-is-not-below-the",
        "OUTSIDE_SIZE, BETWEEN, , -1, 45.002, MILLIMETRE, core.a-size-is-above-zero-not",
        "OUTSIDE_SIZE, BETWEEN, , 1.771, 1.772, MILLIMETRE, core.is-far-from-the-nominal-check-the",
        "OUTSIDE_SIZE, PLUS_MINUS, 45, 0.02, -0.01, MILLIMETRE, core.the-lower-deviation-is-not-below-the",
        "OUTSIDE_SIZE, PLUS_MINUS, 450, -0.02, 0.02, MILLIMETRE, core.is-far-from-the-nominal-check-the",
        "OUTSIDE_SIZE, FIT_CODE, 45, , , MILLIMETRE, core.is-no-fit-code-write-letters-and",
        "FIT_OF_PAIR, BETWEEN, , 0.05, 0.01, MILLIMETRE, core.the-lower-limit-is-not-below-the",
        "PLAY, BETWEEN, , -0.01, 0.2, MILLIMETRE, core.is-never-negative-so-its-limit-cannot"
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
        "BORE_SIZE, k5, core.in-small-letters-is-a-shaft-and",
        "OUTSIDE_SIZE, H7, core.in-capitals-is-a-hole-and-the",
        "BORE_SIZE, H7/g6, core.names-a-hole-and-a-shaft-here",
        "FIT_OF_PAIR, H7, core.a-pair-has-a-class-for-the",
        "BORE_SIZE, RC4, core.is-a-fit-in-inches-and-the",
        "OUTSIDE_SIZE, j9, core.near-it"
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
                .hasMessageContaining("core.write-why-only-one-direction-is-allowed");
        assertThatThrownBy(() -> LimitCheck.check(Characteristic.FLATNESS, opens, null))
                .hasMessageContaining("core.has-no-direction-so-none-can-be");
        Limit per = limit(null, "", Length.of("100", LengthUnit.MILLIMETRE));
        assertThatThrownBy(() -> LimitCheck.check(Characteristic.FLATNESS, per, null))
                .hasMessageContaining("core.is-not-limited-per-length-leave-it");
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
        assertThat(size.words().arguments()).containsExactly("45.00 +0.018 / +0.002 mm");
        assertThat(limit(null, "", Length.of("100", LengthUnit.MILLIMETRE)).words())
                .hasToString("core.limit-most [0.05,  mm, core.limit-per [100 mm]]");
        assertThat(limit(Direction.MINUS, "x", null).words())
                .hasToString("core.limit-one-sided [−, 0.05,  mm, core.text []]");
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
                .hasMessageContaining("core.is-far-from-the-nominal-check-the");
        assertThatThrownBy(() -> LimitCheck.check(
                        Characteristic.OUTSIDE_SIZE,
                        between(null, "4.998", "5.002"),
                        Length.of("50", LengthUnit.MILLIMETRE)))
                .hasMessageContaining("core.is-far-from-the-nominal-check-the");
    }
}
