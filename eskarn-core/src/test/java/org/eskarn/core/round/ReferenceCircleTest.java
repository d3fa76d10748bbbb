package org.eskarn.core.round;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import java.util.stream.IntStream;
import org.eskarn.core.round.ReferenceCircle.Kind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class ReferenceCircleTest {

    /** µm. */
    private static final double RADIUS = 20_000;

    private static double[] steps(int count) {
        return IntStream.range(0, count)
                .mapToDouble(i -> 2 * Math.PI * i / count)
                .toArray();
    }

    /** The distance from the axis less R of a circle that lies off the axis, exactly. */
    private static double[] circleOff(double[] angles, double cosine, double sine, double larger) {
        double[] deviations = new double[angles.length];
        for (int i = 0; i < angles.length; i++) {
            double along = cosine * Math.cos(angles[i]) + sine * Math.sin(angles[i]);
            double across = sine * Math.cos(angles[i]) - cosine * Math.sin(angles[i]);
            double r = RADIUS + larger;
            deviations[i] = along + Math.sqrt(r * r - across * across) - RADIUS;
        }
        return deviations;
    }

    private static ReferenceCircle circle(Kind kind, double[] angles, double[] deviations) {
        return of(kind, angles, deviations, RADIUS);
    }

    @ParameterizedTest
    @EnumSource(Kind.class)
    void findsATrueCircleThatLiesAMillimetreOff(Kind kind) {
        double[] angles = steps(36);
        ReferenceCircle found = circle(kind, angles, circleOff(angles, 800, -600, 12));
        assertThat(found.roundness()).isCloseTo(0, within(1e-6));
        assertThat(found.cosine()).isCloseTo(800, within(1e-4));
        assertThat(found.sine()).isCloseTo(-600, within(1e-4));
        assertThat(found.level()).isCloseTo(12, within(1e-4));
    }

    @ParameterizedTest
    @EnumSource(Kind.class)
    void turnsWithThePartAndMirrorsWithIt(Kind kind) {
        Random random = new Random(3);
        for (int run = 0; run < 60; run++) {
            double[] angles = random.doubles(24, 0, 2 * Math.PI).toArray();
            double[] deviations = random.doubles(24, -30, 30).toArray();
            ReferenceCircle found = circle(kind, angles, deviations);
            double[] turned = java.util.Arrays.stream(angles).map(a -> a + 1.1).toArray();
            double[] mirrored = java.util.Arrays.stream(angles).map(a -> -a).toArray();
            assertThat(circle(kind, turned, deviations).roundness()).isCloseTo(found.roundness(), within(1e-5));
            assertThat(circle(kind, mirrored, deviations).roundness()).isCloseTo(found.roundness(), within(1e-5));
            assertThat(circle(kind, mirrored, deviations).sine()).isCloseTo(-found.sine(), within(1e-5));
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {4, 8, 24, 360})
    void keepsTheOrderOfTheFour(int count) {
        Random random = new Random(count);
        for (int run = 0; run < 60; run++) {
            double[] angles = steps(count);
            double[] deviations = random.doubles(count, -40, 40).toArray();
            keepsTheOrder(angles, deviations, 0, 1e-7);
            // On a known radius an inscribed circle between two opposite readings has a best place at either end of its
            // play; they differ by the square of the deviations over the radius.
            keepsTheOrder(angles, deviations, RADIUS, 0.1);
        }
    }

    private static void keepsTheOrder(double[] angles, double[] deviations, double radius, double close) {
        ReferenceCircle zone = of(Kind.MINIMUM_ZONE, angles, deviations, radius);
        for (Kind kind : Kind.values()) {
            assertThat(of(kind, angles, deviations, radius).roundness())
                    .isGreaterThanOrEqualTo(zone.roundness() - close);
        }
        double inscribed =
                of(Kind.MAXIMUM_INSCRIBED, angles, deviations, radius).level();
        double circumscribed =
                of(Kind.MINIMUM_CIRCUMSCRIBED, angles, deviations, radius).level();
        assertThat(inscribed).isGreaterThanOrEqualTo(zone.inner() - close);
        assertThat(circumscribed).isLessThanOrEqualTo(zone.outer() + close);
    }

    private static ReferenceCircle of(Kind kind, double[] angles, double[] deviations, double radius) {
        return ReferenceCircle.of(kind, angles, deviations, radius).orElseThrow();
    }

    /** A known shape: three lobes of 5 µm on a circle 40 µm off, read at every degree. */
    @Test
    void findsLobesOnACircleOffCentre() {
        double[] angles = steps(360);
        double[] deviations = circleOff(angles, 0, 40, 0);
        for (int i = 0; i < angles.length; i++) {
            deviations[i] += 5 * Math.cos(3 * angles[i]);
        }
        for (Kind kind : Kind.values()) {
            ReferenceCircle found = circle(kind, angles, deviations);
            assertThat(found.roundness()).isCloseTo(10, within(0.05));
            assertThat(found.sine()).isCloseTo(40, within(0.05));
        }
    }

    @Test
    void circumscribedCircleIsHeldByPairsOrTriples() {
        Random random = new Random(9);
        for (int run = 0; run < 100; run++) {
            double[] angles = steps(9);
            double[] deviations = random.doubles(9, -40, 40).toArray();
            ReferenceCircle found = ReferenceCircle.of(Kind.MINIMUM_CIRCUMSCRIBED, angles, deviations, 0)
                    .orElseThrow();
            double smallest = Double.POSITIVE_INFINITY;
            for (int a = 0; a < 9; a++) {
                for (int b = a + 1; b < 9; b++) {
                    for (int c = b + 1; c < 9; c++) {
                        double cover = coverOf(angles, deviations, a, b, c);
                        smallest = Math.min(smallest, cover);
                    }
                }
            }
            assertThat(found.level()).isCloseTo(smallest, within(1e-7));
        }
    }

    /** The level of the limaçon through three readings, if it holds all; else infinite. */
    private static double coverOf(double[] angles, double[] m, int... three) {
        double[] fit;
        try {
            FirstHarmonic through = FirstHarmonic.fit(
                    IntStream.of(three).mapToDouble(i -> angles[i]).toArray(),
                    IntStream.of(three).mapToDouble(i -> m[i]).toArray());
            fit = new double[] {through.level(), through.cosine(), through.sine()};
        } catch (org.eskarn.core.reading.StationsUnfit e) {
            return Double.POSITIVE_INFINITY;
        }
        for (int i = 0; i < m.length; i++) {
            if (m[i] > fit[0] + fit[1] * Math.cos(angles[i]) + fit[2] * Math.sin(angles[i]) + 1e-9) {
                return Double.POSITIVE_INFINITY;
            }
        }
        return fit[0];
    }

    @ParameterizedTest
    @EnumSource(Kind.class)
    void staysFiniteOnRepeatedAnglesEqualReadingsAndOutliers(Kind kind) {
        double[] repeated = {0, 0, 2, 2, 4, 4, 4 + 1e-12};
        assertThat(circle(kind, repeated, new double[] {1, -1, 2, -2, 3, -3, 5}).roundness())
                .isFinite();
        assertThat(circle(kind, repeated, new double[7]).roundness()).isCloseTo(0, within(1e-9));
        double[] many = steps(100_000);
        double[] deviations = new double[many.length];
        Random random = new Random(1);
        for (int i = 0; i < many.length; i++) {
            deviations[i] = 3 * Math.sin(5 * many[i]) + random.nextGaussian();
        }
        deviations[777] = 1000;
        assertThat(circle(kind, many, deviations).roundness()).isGreaterThan(5).isLessThan(2100);
    }

    @Test
    void hasNoInscribedCircleOverHalfATurn() {
        double[] half = {0, 0.5, 1, 2, 3};
        double[] deviations = {1, 2, 1, 0, 4};
        assertThat(ReferenceCircle.of(Kind.MAXIMUM_INSCRIBED, half, deviations, RADIUS))
                .isEmpty();
        assertThat(ReferenceCircle.of(Kind.MINIMUM_ZONE, new double[] {0, 0, 0}, new double[] {1, 2, 3}, RADIUS))
                .isEmpty();
    }

    /** Every circle on two points and through three, tried one by one. */
    private static double byHand(Kind kind, double[] x, double[] y) {
        int n = x.length;
        double best = kind == Kind.MAXIMUM_INSCRIBED ? 0 : Double.POSITIVE_INFINITY;
        for (int a = 0; a < n; a++) {
            for (int b = a + 1; b < n; b++) {
                best = better(kind, best, x, y, (x[a] + x[b]) / 2, (y[a] + y[b]) / 2, a);
                for (int c = b + 1; c < n; c++) {
                    double d = 2 * ((x[b] - x[a]) * (y[c] - y[a]) - (y[b] - y[a]) * (x[c] - x[a]));
                    double bb = (x[b] - x[a]) * (x[b] - x[a]) + (y[b] - y[a]) * (y[b] - y[a]);
                    double cc = (x[c] - x[a]) * (x[c] - x[a]) + (y[c] - y[a]) * (y[c] - y[a]);
                    double px = x[a] + ((y[c] - y[a]) * bb - (y[b] - y[a]) * cc) / d;
                    double py = y[a] + ((x[b] - x[a]) * cc - (x[c] - x[a]) * bb) / d;
                    best = better(kind, best, x, y, px, py, a);
                }
            }
        }
        return best;
    }

    private static double better(Kind kind, double best, double[] x, double[] y, double px, double py, int on) {
        double radius = Math.hypot(x[on] - px, y[on] - py);
        boolean inscribed = kind == Kind.MAXIMUM_INSCRIBED;
        // A centre far outside belongs to no circle between the points.
        if (!Double.isFinite(radius) || (inscribed && Math.hypot(px, py) > RADIUS / 2)) {
            return best;
        }
        for (int i = 0; i < x.length; i++) {
            double reach = Math.hypot(x[i] - px, y[i] - py);
            if (inscribed ? reach < radius - 1e-8 : reach > radius + 1e-8) {
                return best;
            }
        }
        return inscribed ? Math.max(best, radius) : Math.min(best, radius);
    }

    /** With two contacts nearly opposite the circle slides far before a third one holds it. */
    @Test
    void inscribedAndCircumscribedCirclesAreExactWhereTwoContactsAreNearlyOpposite() {
        Random random = new Random(14);
        for (int ring = 0; ring < 200; ring++) {
            int n = 5 + random.nextInt(12);
            double[] angles = new double[n];
            double[] deviations = new double[n];
            double[] x = new double[n];
            double[] y = new double[n];
            for (Kind kind : new Kind[] {Kind.MAXIMUM_INSCRIBED, Kind.MINIMUM_CIRCUMSCRIBED}) {
                double towards = kind == Kind.MAXIMUM_INSCRIBED ? -1 : 1;
                for (int i = 0; i < n; i++) {
                    angles[i] = 2 * Math.PI * i / n;
                    deviations[i] = towards * 300 * Math.abs(Math.cos(angles[i])) + random.nextInt(200) - 100;
                    x[i] = (RADIUS + deviations[i]) * Math.cos(angles[i]);
                    y[i] = (RADIUS + deviations[i]) * Math.sin(angles[i]);
                }
                ReferenceCircle found = of(kind, angles, deviations, RADIUS);
                double radius = RADIUS + (kind == Kind.MAXIMUM_INSCRIBED ? found.inner() : found.outer());
                assertThat(radius).as("ring " + ring + " " + kind).isCloseTo(byHand(kind, x, y), within(1e-6));
            }
        }
    }

    @Test
    void twoLargestInscribedCirclesAreSaid() {
        double[] angles = new double[8];
        double[] oval = new double[8];
        for (int i = 0; i < 8; i++) {
            angles[i] = i * Math.PI / 4;
            oval[i] = -200 * Math.cos(2 * angles[i]);
        }
        assertThat(of(Kind.MAXIMUM_INSCRIBED, angles, oval, RADIUS).unique()).isFalse();
        oval[1] -= 40;
        assertThat(of(Kind.MAXIMUM_INSCRIBED, angles, oval, RADIUS).unique()).isTrue();
    }
}
