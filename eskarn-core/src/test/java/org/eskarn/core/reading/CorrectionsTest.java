package org.eskarn.core.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;
import org.eskarn.core.reading.Corrections.Corrected;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class CorrectionsTest {

    private static final Layout EIGHT = layout();

    private static Layout layout() {
        try {
            return WrittenLayout.ring("8").read(List.of());
        } catch (LayoutRejected e) {
            throw new IllegalStateException(e);
        }
    }

    private static Sweep sweep(double atReturn, java.util.function.IntToDoubleFunction reading) {
        List<Reading> readings = IntStream.range(0, 8)
                .mapToObj(i -> Reading.still(EIGHT.stations().get(i), reading.applyAsDouble(i)))
                .toList();
        return new Sweep(EIGHT, readings, atReturn);
    }

    @Test
    void aDriftThatGrowsEvenlyIsTakenOffWholeAndOneTooLargeIsLeft() {
        double[] truth = {3, 5, 1, 0, 2, 8, 4, 6};
        Sweep drifting = sweep(3 + 8 * 0.25, i -> truth[i] + 0.25 * i);
        Corrected corrected = new Corrections(true, Optional.empty(), 0).apply(drifting, 2);
        assertThat(corrected.driftTaken()).isTrue();
        assertThat(corrected.sweep().micrometres()).containsExactly(truth, within(1e-12));
        assertThat(corrected.returnCheck().orElseThrow().error()).isEqualTo(2);
        assertThat(corrected.sweep().returnError()).hasValue(0);

        Corrected tooMuch = new Corrections(true, Optional.empty(), 0).apply(drifting, 1.9);
        assertThat(tooMuch.driftTaken()).isFalse();
        assertThat(tooMuch.sweep()).isEqualTo(drifting);
    }

    /** Worked out from where the body of the indicator stands: lower by the droop, seen along the radius. */
    private static double[] drooping(double droop, boolean inside, DoubleUnaryOperator surface) {
        double[] shown = new double[8];
        for (int i = 0; i < 8; i++) {
            double angle = i * Math.PI / 4;
            double up = Math.cos(angle);
            double outwards = -droop * up;
            double pushedIn = inside ? outwards : -outwards;
            shown[i] = pushedIn + surface.applyAsDouble(angle);
        }
        double zero = shown[0];
        return Arrays.stream(shown).map(each -> each - zero).toArray();
    }

    @ParameterizedTest
    @EnumSource(SurfaceSide.class)
    void aDroopingArmIsFoundOnAMandrelAndTakenOffOutsideAndInside(SurfaceSide side) {
        double droop = 3;
        double[] onMandrel = drooping(droop, false, angle -> 0);
        assertThat(onMandrel[4]).isCloseTo(-2 * droop, within(1e-12));
        BigDecimal typed = new BigDecimal("-6");
        assertThat(Corrections.sagOf(typed)).isEqualByComparingTo("3");
        assertThat(Corrections.mandrelOf(Corrections.sagOf(typed))).isEqualByComparingTo(typed);

        Length sag = new Length(Corrections.sagOf(typed), LengthUnit.MICROMETRE);
        DoubleUnaryOperator part = angle -> 7 * Math.cos(angle - 1) + 2 * Math.cos(3 * angle);
        double[] shown = drooping(droop, side == SurfaceSide.INSIDE, part);
        double[] expected = drooping(0, side == SurfaceSide.INSIDE, part);
        Sweep corrected = new Corrections(false, Optional.of(sag), 0)
                .inside(side == SurfaceSide.INSIDE)
                .apply(sweep(0, i -> shown[i]), 1)
                .sweep();
        assertThat(corrected.micrometres()).containsExactly(expected, within(1e-9));
    }

    @Test
    void aLeverAtSixtyDegreesWouldShowTwiceTheMovement() {
        Sweep slanted = sweep(4, i -> 4 + 10 * i);
        double[] corrected = new Corrections(false, Optional.empty(), 45)
                .apply(slanted, 1)
                .sweep()
                .micrometres();
        assertThat(corrected[7] - corrected[0]).isCloseTo(70 * Math.sqrt(0.5), within(1e-9));
        assertThat(Corrections.NONE.apply(slanted, 1).sweep()).isEqualTo(slanted);
    }

    /** Two sections, each with a zero of its own: each loses its own drift, and the worse of both returns counts. */
    @Test
    void driftIsTakenOffSectionBySection() throws LayoutRejected {
        Layout rings = new WrittenLayout(LayoutKind.RINGS, LengthUnit.MILLIMETRE, "10 60", "4")
                .read(List.of())
                .rezeroed();
        double[] truth = {0, 4, 2, 1, /* closed */ 0, /* zero again */ 0, -3, 5, 2};
        double[] drift = {0, 0.5, 1, 1.5, 2, 0, -0.25, -0.5, -0.75};
        List<Reading> readings = IntStream.range(0, 9)
                .mapToObj(i -> Reading.still(rings.stations().get(i), truth[i] + drift[i]))
                .toList();
        Sweep drifting = new Sweep(rings, readings, -1.0);
        Corrected corrected = new Corrections(true, Optional.empty(), 0).apply(drifting, 2);
        assertThat(corrected.sweep().micrometres()).containsExactly(truth, within(1e-12));
        assertThat(corrected.returnCheck().orElseThrow().error()).isEqualTo(2);
        assertThat(corrected.sweep().returnError()).hasValue(0);
        assertThat(new Corrections(true, Optional.empty(), 0)
                        .apply(drifting, 1.9)
                        .returnCheck()
                        .orElseThrow()
                        .holds())
                .isFalse();
    }

    /** Turned twice is as it was; a master that is too small makes every reading smaller, its return too. */
    @Test
    void aGaugeThatCountsTheOtherWayIsTurnedRoundAndTheMastersDeviationAddedAfterwards() {
        Sweep read = sweep(1, i -> 2.0 * i);
        Corrections turned = Corrections.NONE.reversed(true);
        assertThat(turned.apply(read, 2).sweep().micrometres())
                .containsExactly(new double[] {0, -2, -4, -6, -8, -10, -12, -14}, within(1e-12));
        assertThat(turned.apply(turned.apply(read, 2).sweep(), 2).sweep()).isEqualTo(read);
        assertThat(turned.reversed(false)).isEqualTo(Corrections.NONE);
        Sweep corrected = turned.on(-0.5).apply(read, 2).sweep();
        assertThat(corrected.micrometres()[7]).isCloseTo(-14.5, within(1e-12));
        assertThat(corrected.returnError()).hasValue(-1);
    }

    /** The second gauge of a pair reads every second place. */
    @Test
    void eachGaugeOfAPairIsCorrectedByItsOwnMaster() throws LayoutRejected {
        Layout pair = new WrittenLayout(
                        LayoutKind.POINTS, LengthUnit.MILLIMETRE, "hole; shaft; hole again; shaft again", "")
                .read(List.of());
        Sweep read = new Sweep(
                pair,
                IntStream.range(0, 4)
                        .mapToObj(i -> Reading.still(pair.stations().get(i), 10))
                        .toList(),
                null);
        assertThat(Corrections.NONE.on(1, -2).apply(read, 2).sweep().micrometres())
                .containsExactly(new double[] {11, 8, 11, 8}, within(1e-12));
    }
}
