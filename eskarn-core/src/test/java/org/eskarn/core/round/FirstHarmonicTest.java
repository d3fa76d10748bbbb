package org.eskarn.core.round;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Random;
import java.util.stream.IntStream;
import org.assertj.core.data.Offset;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.StationsUnfit.Reason;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FirstHarmonicTest {

    private static final Offset<Double> CLOSE = within(1e-9);

    @RepeatedTest(40)
    void findsTheOffsetOfARoundSectionAtAnyAngles(RepetitionInfo run) throws StationsUnfit {
        Rings ring = Rings.random(run.getCurrentRepetition(), 0);
        FirstHarmonic fit = FirstHarmonic.fit(ring.radians(), ring.micrometres());
        assertThat(fit.level()).isCloseTo(ring.level(), CLOSE);
        assertThat(fit.cosine()).isCloseTo(ring.eccentricity() * Math.cos(ring.direction()), CLOSE);
        assertThat(fit.sine()).isCloseTo(ring.eccentricity() * Math.sin(ring.direction()), CLOSE);
        assertThat(fit.formPart()).isCloseTo(0, CLOSE);
    }

    @RepeatedTest(40)
    void raisingScalingTurningAndMirroringCarryOver(RepetitionInfo run) throws StationsUnfit {
        Rings ring = Rings.random(100 + run.getCurrentRepetition(), 6);
        FirstHarmonic fit = FirstHarmonic.fit(ring.radians(), ring.micrometres());

        FirstHarmonic raised = FirstHarmonic.fit(ring.radians(), ring.raised(1000));
        assertThat(raised.level()).isCloseTo(fit.level() + 1000, CLOSE);
        assertThat(raised.amplitude()).isCloseTo(fit.amplitude(), CLOSE);
        assertThat(raised.formPart()).isCloseTo(fit.formPart(), CLOSE);

        FirstHarmonic scaled = FirstHarmonic.fit(ring.radians(), ring.scaled(-3));
        assertThat(scaled.cosine()).isCloseTo(-3 * fit.cosine(), CLOSE);
        assertThat(scaled.residualDeviation()).isCloseTo(3 * fit.residualDeviation(), CLOSE);

        FirstHarmonic turned = FirstHarmonic.fit(ring.turned(0.7), ring.micrometres());
        assertThat(turned.amplitude()).isCloseTo(fit.amplitude(), CLOSE);
        assertThat(angleBetween(direction(turned), direction(fit) + 0.7)).isCloseTo(0, CLOSE);

        FirstHarmonic mirrored = FirstHarmonic.fit(ring.mirrored(), ring.micrometres());
        assertThat(mirrored.cosine()).isCloseTo(fit.cosine(), CLOSE);
        assertThat(mirrored.sine()).isCloseTo(-fit.sine(), CLOSE);
    }

    @RepeatedTest(20)
    void noOtherCircleLeavesLessSquaredResidual(RepetitionInfo run) throws StationsUnfit {
        Rings ring = Rings.random(200 + run.getCurrentRepetition(), 9);
        FirstHarmonic fit = FirstHarmonic.fit(ring.radians(), ring.micrometres());
        double best = squares(ring, fit.level(), fit.cosine(), fit.sine());
        assertThat(fit.residualDeviation()).isCloseTo(Math.sqrt(best / fit.degreesOfFreedom()), CLOSE);
        Random random = new Random(run.getCurrentRepetition());
        for (int i = 0; i < 200; i++) {
            double other = squares(
                    ring,
                    fit.level() + random.nextGaussian(),
                    fit.cosine() + random.nextGaussian(),
                    fit.sine() + random.nextGaussian());
            assertThat(other).isGreaterThanOrEqualTo(best - 1e-9);
        }
    }

    /** The stated uncertainty is the spread that repeated sweeps with that scatter really show. */
    @Test
    void theUncertaintyOfTheOffsetIsTheSpreadOfRepeatedSweeps() throws StationsUnfit {
        double[] radians = IntStream.of(0, 30, 80, 135, 180, 225, 270, 310)
                .mapToDouble(Math::toRadians)
                .toArray();
        Random random = new Random(7);
        double squares = 0;
        double stated = 0;
        int sweeps = 20_000;
        for (int sweep = 0; sweep < sweeps; sweep++) {
            double[] readings = Arrays.stream(radians)
                    .map(angle -> 30 * Math.cos(angle - 1) + random.nextGaussian())
                    .toArray();
            org.eskarn.core.round.Offset offset =
                    org.eskarn.core.round.Offset.of(FirstHarmonic.fit(radians, readings), SurfaceSide.OUTSIDE);
            squares += Math.pow(offset.amount() - 30, 2) / sweeps;
            stated += Math.pow(offset.standardUncertainty(), 2) / sweeps;
        }
        assertThat(Math.sqrt(stated)).isCloseTo(Math.sqrt(squares), within(0.02));
    }

    @Test
    void staysFiniteOnRepeatedAnglesEqualReadingsAndAnOutlierOfAMillimetre() throws StationsUnfit {
        double[] radians = {0, 0, 2, 2, 4, 4};
        FirstHarmonic level = FirstHarmonic.fit(radians, new double[] {7, 7, 7, 7, 7, 7});
        assertThat(level.amplitude()).isCloseTo(0, CLOSE);
        assertThat(org.eskarn.core.round.Offset.of(level, SurfaceSide.OUTSIDE).directed())
                .isFalse();
        FirstHarmonic outlier = FirstHarmonic.fit(radians, new double[] {0, 1, 0, 1, 0, 1000});
        assertThat(outlier.amplitude()).isFinite();
        assertThat(outlier.formPart()).isLessThanOrEqualTo(1000 + 1e-9);
    }

    @Test
    void threeStationsFitExactlyAndLeaveNothingToJudgeBy() throws StationsUnfit {
        FirstHarmonic fit = FirstHarmonic.fit(new double[] {0, 2, 4}, new double[] {3, -8, 5});
        assertThat(fit.at(2)).isCloseTo(-8, CLOSE);
        assertThat(fit.degreesOfFreedom()).isZero();
        assertThat(fit.residualDeviation()).isZero();
    }

    @ParameterizedTest
    @CsvSource({
        "0;90, TOO_FEW_ANGLES, 225°",
        "0;0;180;180, TOO_FEW_ANGLES, 'core.the-centre-needs-readings-at-three-different'",
        "359.8;0;0.2, TOO_FEW_ANGLES, 'core.the-centre-needs-readings-at-three-different'",
        "0;20;40;60, NARROW_ARC, 210°",
        "300;330;0;30;60, NARROW_ARC, 180°",
        "0;2;180;182, BUNCHED, 'core.the-stations-stand-in-two-bunches-which'"
    })
    void stationsThatCannotShowTheCentreAreNamed(String degrees, Reason reason, String says) {
        double[] radians = Arrays.stream(degrees.split(";", -1))
                .mapToDouble(d -> Math.toRadians(Double.parseDouble(d)))
                .toArray();
        assertThatThrownBy(() -> FirstHarmonic.fit(radians, new double[radians.length]))
                .isInstanceOfSatisfying(
                        StationsUnfit.class, e -> assertThat(e.reason()).isEqualTo(reason))
                .hasMessageContaining(says);
    }

    @Test
    void anglesAndReadingsMustGoTogether() {
        assertThatThrownBy(() -> FirstHarmonic.fit(new double[3], new double[4]))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("3 and 4");
    }

    private static double squares(Rings ring, double level, double cosine, double sine) {
        double sum = 0;
        for (int i = 0; i < ring.radians().length; i++) {
            double angle = ring.radians()[i];
            double residual = ring.micrometres()[i] - level - cosine * Math.cos(angle) - sine * Math.sin(angle);
            sum += residual * residual;
        }
        return sum;
    }

    private static double direction(FirstHarmonic fit) {
        return Math.atan2(fit.sine(), fit.cosine());
    }

    private static double angleBetween(double a, double b) {
        return Math.abs(Math.IEEEremainder(a - b, 2 * Math.PI));
    }
}
