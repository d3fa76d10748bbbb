package org.eskarn.core.zone;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ThinnestBandTest {

    private static final int CASES = 400;

    /** By duality the thinnest band is as wide as the widest band that any four values force. */
    @ParameterizedTest
    @ValueSource(ints = {4, 5, 7, 9})
    void isAsWideAsTheWidestThatFourValuesForce(int count) {
        Random random = new Random(count);
        for (int run = 0; run < CASES; run++) {
            double[] angles = random.doubles(count, 0, 2 * Math.PI).toArray();
            if (run % 3 == 0) {
                angles[1] = angles[0];
            }
            double[] values = random.doubles(count, -50, 50).toArray();
            double[][] columns = cosineAndSine(angles);
            assertThat(ThinnestBand.of(values, columns).width())
                    .isCloseTo(forcedByFours(values, columns), within(1e-8));
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {3, 8, 60, 720})
    void isProvedByItsContacts(int count) {
        Random random = new Random(count);
        for (int run = 0; run < 60; run++) {
            double[] x = random.doubles(count, -100, 100).toArray();
            double[] y = random.doubles(count, -100, 100).toArray();
            double[] values = random.doubles(count, -20, 20).toArray();
            ThinnestBand band = ThinnestBand.of(values, x, y);
            double weights = 0;
            double momentX = 0;
            double momentY = 0;
            double sides = 0;
            for (ThinnestBand.Contact contact : band.contacts()) {
                double side = contact.above() ? contact.weight() : -contact.weight();
                weights += contact.weight();
                sides += side;
                momentX += side * x[contact.index()];
                momentY += side * y[contact.index()];
            }
            assertThat(weights).isCloseTo(1, within(1e-9));
            assertThat(sides).isCloseTo(0, within(1e-9));
            assertThat(momentX).isCloseTo(0, within(1e-6));
            assertThat(momentY).isCloseTo(0, within(1e-6));
            assertThat(band.gap()).isCloseTo(0, within(1e-9));
        }
    }

    @Test
    void holdsEveryValueAndIsNeverWiderThanAnyOtherBand() {
        Random random = new Random(7);
        for (int run = 0; run < CASES; run++) {
            double[] angles = random.doubles(40, 0, 2 * Math.PI).toArray();
            double[] values = random.doubles(40, -5, 5).toArray();
            double[][] columns = cosineAndSine(angles);
            double best = ThinnestBand.of(values, columns).halfWidth();
            double[] other = random.doubles(3, -1, 1).toArray();
            double half = 0;
            for (int i = 0; i < values.length; i++) {
                double left = values[i] - other[0] - other[1] * columns[0][i] - other[2] * columns[1][i];
                half = Math.max(half, Math.abs(left));
            }
            assertThat(best).isLessThanOrEqualTo(half);
        }
    }

    @Test
    void isNotMovedByWhatTheFunctionCanFollow() {
        Random random = new Random(11);
        double[] angles = random.doubles(72, 0, 2 * Math.PI).toArray();
        double[] values = random.doubles(72, -5, 5).toArray();
        double[][] columns = cosineAndSine(angles);
        double width = ThinnestBand.of(values, columns).width();
        double[] moved = new double[72];
        for (int i = 0; i < 72; i++) {
            moved[i] = 3 * (values[i] + 1000 - 70 * columns[0][i] + 11 * columns[1][i]);
        }
        assertThat(ThinnestBand.of(moved, columns).width()).isCloseTo(3 * width, within(1e-8));
    }

    @Test
    void staysFiniteOnWhatHasNoSize() {
        double[] equal = new double[100_000];
        java.util.Arrays.fill(equal, 5.3);
        double[] angles = new double[equal.length];
        for (int i = 0; i < angles.length; i++) {
            angles[i] = 2 * Math.PI * i / angles.length;
        }
        assertThat(ThinnestBand.of(equal, cosineAndSine(angles)).width()).isCloseTo(0, within(1e-9));
        double[] twice = {0, 8, 0, 0, 0};
        double[] places = {0, 0, 2, 4, 5};
        assertThat(ThinnestBand.of(twice, cosineAndSine(places)).width()).isCloseTo(8, within(1e-9));
        double[] near = {0, 0.0, 8, 0, 0, 3};
        double[] nearly = {0, 1e-9, 2e-9, 2, 4, 5};
        assertThat(ThinnestBand.of(near, cosineAndSine(nearly)).width()).isBetween(7.9, 8.1);
        double[] outlier = new double[3600];
        outlier[1234] = 1000;
        double[] round = new double[3600];
        for (int i = 0; i < round.length; i++) {
            round[i] = 2 * Math.PI * i / round.length;
        }
        assertThat(ThinnestBand.of(outlier, cosineAndSine(round)).gap()).isCloseTo(0, within(1e-8));
    }

    @Test
    void asksForPlacesThatFixTheFunction() {
        double[] values = {1, 2, 3, 4};
        double[] line = {0, 1, 2, 3};
        assertThatThrownBy(() -> ThinnestBand.of(values, line, line)).hasMessageContaining("all on one line");
        assertThatThrownBy(() -> ThinnestBand.of(values, new double[3])).hasMessageContaining("3 and 4");
    }

    static double[][] cosineAndSine(double[] angles) {
        double[][] columns = new double[2][angles.length];
        for (int i = 0; i < angles.length; i++) {
            columns[0][i] = Math.cos(angles[i]);
            columns[1][i] = Math.sin(angles[i]);
        }
        return columns;
    }

    private static double forcedByFours(double[] m, double[][] v) {
        double widest = 0;
        int n = m.length;
        for (int a = 0; a < n; a++) {
            for (int b = a + 1; b < n; b++) {
                for (int c = b + 1; c < n; c++) {
                    for (int d = c + 1; d < n; d++) {
                        widest = Math.max(widest, forced(m, v, a, b, c, d));
                    }
                }
            }
        }
        return widest;
    }

    /** 2 |Σ αᵢ mᵢ| / Σ |αᵢ| with αᵢ the signed minors of the rows (1, cos, sin). */
    private static double forced(double[] m, double[][] v, int... four) {
        double sum = 0;
        double weights = 0;
        for (int i = 0; i < 4; i++) {
            int[] rest = java.util.stream.IntStream.range(0, 4)
                    .filter(minor(i))
                    .map(j -> four[j])
                    .toArray();
            double alpha = (i % 2 == 0 ? 1 : -1) * determinant(v, rest);
            sum += alpha * m[four[i]];
            weights += Math.abs(alpha);
        }
        return weights < 1e-12 ? 0 : 2 * Math.abs(sum) / weights;
    }

    private static java.util.function.IntPredicate minor(int left) {
        return j -> j != left;
    }

    private static double determinant(double[][] v, int[] rows) {
        double x1 = v[0][rows[1]] - v[0][rows[0]];
        double y1 = v[1][rows[1]] - v[1][rows[0]];
        double x2 = v[0][rows[2]] - v[0][rows[0]];
        double y2 = v[1][rows[2]] - v[1][rows[0]];
        return x1 * y2 - x2 * y1;
    }
}
