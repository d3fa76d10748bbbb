package org.eskarn.core.round;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.stream.IntStream;
import org.eskarn.core.reading.StationsUnfit;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OffsetTest {

    /** What an indicator turning about the axis really reads, from where the circle's wall is, without any formula. */
    private static double[] readWall(
            SurfaceSide side, double[] radians, double radius, double centreX, double centreY) {
        return IntStream.range(0, radians.length)
                .mapToDouble(i -> {
                    double ux = Math.sin(radians[i]);
                    double uy = Math.cos(radians[i]);
                    double along = centreX * ux + centreY * uy;
                    double across = centreX * uy - centreY * ux;
                    double wall = along + Math.sqrt(radius * radius - across * across);
                    return side == SurfaceSide.OUTSIDE ? wall - radius : radius - wall;
                })
                .toArray();
    }

    @ParameterizedTest
    @CsvSource({
        "OUTSIDE, 0, 12", "OUTSIDE, 90, 3", "OUTSIDE, 163, 5", "OUTSIDE, 225, 8", "OUTSIDE, 350, 12",
        "INSIDE, 0, 12", "INSIDE, 90, 3", "INSIDE, 163, 5", "INSIDE, 225, 8", "INSIDE, 350, 12"
    })
    void pointsToTheCentreOfTheRealCircleInsideAndOutside(SurfaceSide side, double degrees, int clock)
            throws StationsUnfit {
        double towards = Math.toRadians(degrees);
        double[] radians = IntStream.of(0, 30, 80, 135, 180, 225, 270, 310)
                .mapToDouble(Math::toRadians)
                .toArray();
        double[] readings = readWall(side, radians, 90_000, 40 * Math.sin(towards), 40 * Math.cos(towards));
        Offset offset = Offset.of(FirstHarmonic.fit(radians, readings), side);
        assertThat(offset.amount()).isCloseTo(40, within(0.02));
        assertThat(offset.degrees()).isCloseTo(degrees, within(0.05));
        assertThat(offset.clock()).isEqualTo(clock);
        assertThat(offset.directed()).isTrue();
    }

    @RepeatedTest(20)
    void isHalfTheMovementOfARoundSectionReadAtEverySmallStep(RepetitionInfo run) throws StationsUnfit {
        double[] radians =
                IntStream.range(0, 720).mapToDouble(i -> Math.PI * i / 360).toArray();
        double direction = run.getCurrentRepetition();
        double[] readings = IntStream.range(0, 720)
                .mapToDouble(i -> 5 + 11 * Math.cos(radians[i] - direction))
                .toArray();
        Offset offset = Offset.of(FirstHarmonic.fit(radians, readings), SurfaceSide.OUTSIDE);
        assertThat(offset.amount()).isCloseTo(FullIndicatorMovement.of(readings).amount() / 2, within(0.001));
    }

    @RepeatedTest(10)
    void hasNoDirectionWhereTheScatterIsAsLargeAsTheOffset(RepetitionInfo run) throws StationsUnfit {
        Rings lobed = Rings.random(run.getCurrentRepetition(), 4000);
        Offset offset = Offset.of(FirstHarmonic.fit(lobed.radians(), lobed.micrometres()), SurfaceSide.OUTSIDE);
        assertThat(offset.directed()).isEqualTo(offset.amount() > 2 * offset.standardUncertainty());
        assertThat(offset.directionUncertainty()).isBetween(0.0, Math.PI);
    }
}
