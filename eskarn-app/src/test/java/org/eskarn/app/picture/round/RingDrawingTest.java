package org.eskarn.app.picture.round;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.IntStream;
import org.eskarn.app.page.Display;
import org.eskarn.app.picture.engine.Xy;
import org.eskarn.app.picture.round.RingPicture.StationMark;
import org.eskarn.core.evaluation.Assessment;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.Corrections;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.reading.LayoutRejected;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.reading.WrittenLayout;
import org.eskarn.core.requirement.Basis;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.Limit;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.requirement.StatedAs;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.DecisionRule;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RingDrawingTest {

    private static final Dial MICRON = new Dial(
            Length.of("1", LengthUnit.MICROMETRE),
            Length.of("1", LengthUnit.MICROMETRE),
            Length.of("2000", LengthUnit.MICROMETRE));

    private static Layout ring(int stations) {
        try {
            return WrittenLayout.ring(Integer.toString(stations)).read(List.of());
        } catch (LayoutRejected e) {
            throw new IllegalStateException(e);
        }
    }

    private static RingPicture draw(Characteristic characteristic, @Nullable Double atReturn, double... readings) {
        Layout layout = ring(Math.max(8, readings.length));
        Requirement requirement = new Requirement(
                characteristic,
                characteristic == Characteristic.OFFSET_OF_OPENING ? SurfaceSide.INSIDE : SurfaceSide.OUTSIDE,
                Limit.atMost(Length.of("0.020", LengthUnit.MILLIMETRE)),
                StatedAs.MOVEMENT,
                DecisionRule.SIMPLE,
                Optional.empty(),
                FlickerRule.MIDDLE,
                1,
                layout,
                Basis.NONE);
        List<Reading> taken = IntStream.range(0, readings.length)
                .mapToObj(i -> Reading.still(layout.stations().get(i), readings[i]))
                .toList();
        return RingDrawing.of(
                requirement,
                Assessment.of(requirement, MICRON, new Sweep(layout, taken, atReturn), Corrections.NONE),
                new Display(LengthUnit.MICROMETRE),
                "Journal",
                "the drive end",
                Optional.of(Length.of("45", LengthUnit.MILLIMETRE)));
    }

    private static double[] offCentre(double amount, double degrees, int stations) {
        return IntStream.range(0, stations)
                .mapToDouble(i -> amount * Math.cos(2 * Math.PI * i / stations - Math.toRadians(degrees)))
                .toArray();
    }

    private static double radius(StationMark mark) {
        Xy point = Objects.requireNonNull(mark.point());
        return Math.hypot(point.x() - RingPicture.CENTRE.x(), point.y() - RingPicture.CENTRE.y());
    }

    /** Plus at 90°: outside, the surface is high on the right and the arrow points right; inside, both point left. */
    @ParameterizedTest
    @CsvSource({"CIRCULAR_RUNOUT_RADIAL, 1", "OFFSET_OF_OPENING, -1"})
    void plusLiesOutwardsOnAJournalAndInwardsInAnOpening(Characteristic characteristic, int side) {
        RingPicture picture = draw(characteristic, 0.0, offCentre(8, 90, 8));
        double right = radius(picture.marks().get(2)) - picture.ideal();
        assertThat(Math.signum(right)).isEqualTo(side);
        RingPicture.Arrow arrow = Objects.requireNonNull(picture.arrow());
        assertThat(Math.signum(arrow.tip().x() - RingPicture.CENTRE.x())).isEqualTo(side);
        assertThat(arrow.tip().y()).isCloseTo(RingPicture.CENTRE.y(), within(1e-6));
        assertThat(picture.offsetLine().orElseThrow()).contains(side > 0 ? "90° · 3 o’clock" : "270° · 9 o’clock");
    }

    @Test
    void arrowAndPointsAreDrawnToTheOneMagnificationThatIsPrinted() {
        RingPicture picture = draw(Characteristic.CIRCULAR_RUNOUT_RADIAL, 0.0, offCentre(8, 90, 8));
        double printed =
                Double.parseDouble(picture.scaleLine().replaceAll("\u202f", "").replaceAll(".*× ([0-9.]+).*", "$1"));
        double perMicrometre = printed * picture.ideal() / 22_500;
        assertThat(radius(picture.marks().get(2)) - picture.ideal()).isCloseTo(8 * perMicrometre, within(1e-6));
        RingPicture.Arrow arrow = Objects.requireNonNull(picture.arrow());
        assertThat(arrow.tip().x() - RingPicture.CENTRE.x()).isCloseTo(8 * perMicrometre, within(1e-6));
        assertThat(picture.limits().get(1) - picture.ideal()).isCloseTo(10 * perMicrometre, within(1e-6));
    }

    @ParameterizedTest
    @CsvSource({"0.1, 8", "15, 8", "1000, 8", "15, 72", "1000, 72"})
    void staysWithinItsFrameForSmallAndAbsurdDeviations(double amount, int stations) {
        RingPicture picture = draw(Characteristic.CIRCULAR_RUNOUT_RADIAL, null, offCentre(amount, 40, stations));
        for (StationMark mark : picture.marks()) {
            assertThat(radius(mark)).isBetween(RingPicture.DISC, RingPicture.HEIGHT / 2);
        }
        assertThat(picture.marks().stream().filter(mark -> !mark.reading().isEmpty()))
                .hasSizeLessThanOrEqualTo(16);
        assertThat(Objects.requireNonNull(picture.next()).label()).startsWith("return to station 1");
    }

    @Test
    void beforeTheFirstReadingOnlyTheNextStationStandsOut() {
        RingPicture picture = draw(Characteristic.CIRCULAR_RUNOUT_RADIAL, null);
        assertThat(picture.fitted()).isNull();
        assertThat(picture.arrow()).isNull();
        assertThat(picture.marks())
                .allMatch(mark -> mark.point() == null && mark.reading().isEmpty());
        assertThat(Objects.requireNonNull(picture.next()).label()).isEqualTo("station 1 · 0°");
    }
}
