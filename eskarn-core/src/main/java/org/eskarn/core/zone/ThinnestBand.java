package org.eskarn.core.zone;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The thinnest band that holds all values about a linear function of their places:
 *
 * <pre>minimise h   where   |mᵢ − (x₀ + x₁ v₁ᵢ + x₂ v₂ᵢ + …)| ≤ h</pre>
 *
 * With the columns cos θ and sin θ it is the minimum zone circle of a profile, with x and y the minimum zone plane, with
 * a distance the minimum zone line. The optimum is proved: as many values as there are unknowns touch the band, above and
 * below in turn, with weights of 0 or more whose sum is 1 and whose moments vanish; their weighted deviation is a lower
 * bound for every band.
 *
 * <p>Degenerate cases: values that fit exactly give a band of width 0; places may repeat, and two different values at one
 * place are never held by less than half their difference; where several bands are equally thin, one of them is returned.
 *
 * @param coefficients x₀, x₁, … in the unit of the values per unit of each column
 * @param halfWidth h, in the unit of the values
 * @param contacts the values that hold the band
 * @param gap how far the band is from the lower bound that the contacts prove; rounding only
 */
public record ThinnestBand(double[] coefficients, double halfWidth, List<Contact> contacts, double gap) {

    private static final int SAMPLE = 1024;
    /** Of fewer values than so many samples, a sample saves nothing. */
    private static final int LEAST_SAVING = 4;
    /** A prime, so that a sample of a grid does not fall into one column. */
    private static final int SCATTER = 7919;

    /**
     * A value that touches the band.
     *
     * @param index of the value
     * @param above whether it touches the upper edge
     * @param weight its share in the proof, 0 to 1
     */
    public record Contact(int index, boolean above, double weight) {}

    public double width() {
        return 2 * halfWidth;
    }

    /**
     * How the errors of readings that are independent of each other add up in the width of a band: 2 √(Σ w²), w the weights of
     * its contacts; √2 where one above and one below hold it.
     */
    public static double perReading(List<Contact> contacts) {
        double square = 0;
        for (Contact contact : contacts) {
            square += contact.weight() * contact.weight();
        }
        return 2 * Math.sqrt(square);
    }

    /**
     * @param values mᵢ, at least one
     * @param columns v₁, v₂ …, each with as many places as there are values, in the same order
     * @throws IllegalArgumentException if the lengths differ, there is no value, or the places do not fix the function
     */
    public static ThinnestBand of(double[] values, double[]... columns) {
        int every = values.length / SAMPLE;
        if (every < LEAST_SAVING) {
            return near(new int[0], values, columns);
        }
        // The zone of a sample lies near that of all, so that few exchanges over all values are left.
        int[] chosen = IntStream.range(0, SAMPLE)
                .map(i -> i * every + i * SCATTER % every)
                .toArray();
        double[][] fewer =
                Arrays.stream(columns).map(column -> picked(column, chosen)).toArray(double[][]::new);
        int[] near = of(picked(values, chosen), fewer).contacts().stream()
                .mapToInt(contact -> chosen[contact.index()])
                .toArray();
        return near(near, values, columns);
    }

    private static double[] picked(double[] values, int[] which) {
        return IntStream.of(which).mapToDouble(i -> values[i]).toArray();
    }

    /**
     * The same, begun at the contacts of a band nearby, which saves exchanges.
     *
     * @param near one value more than there are unknowns; any other number means not known
     */
    public static ThinnestBand near(int[] near, double[] values, double[]... columns) {
        Residuals residuals = new Residuals(values, columns);
        int unknowns = columns.length + 1;
        int[] start = near.length == unknowns + 1 ? near : withFurthest(residuals);
        double[] signs = signs(residuals, start);
        double[] objective = new double[unknowns + 1];
        objective[unknowns] = 1;
        int[] tight = new int[unknowns + 1];
        for (int i = 0; i <= unknowns; i++) {
            tight[i] = signs[i] >= 0 ? start[i] : start[i] + residuals.size();
        }
        DualSimplex.Optimum optimum = new DualSimplex(objective, new Edges(residuals), tight).run();
        return result(residuals, optimum);
    }

    /** The independent rows, and the value that is furthest from the function through them. */
    private static int[] withFurthest(Residuals residuals) {
        int[] chosen = residuals.independent();
        double[][] rows = new double[chosen.length][chosen.length];
        double[] right = new double[chosen.length];
        for (int i = 0; i < chosen.length; i++) {
            residuals.row(chosen[i], 1, rows[i]);
            right[i] = residuals.value(chosen[i]);
        }
        double[] left = residuals.of(DualSimplex.solve(rows, right));
        for (int each : chosen) {
            left[each] = 0;
        }
        int furthest = 0;
        for (int i = 1; i < left.length; i++) {
            if (Math.abs(left[i]) > Math.abs(left[furthest])) {
                furthest = i;
            }
        }
        int[] start = Arrays.copyOf(chosen, chosen.length + 1);
        // Where all fit exactly it is one of those chosen, twice, above and below: a band of width 0.
        start[chosen.length] = furthest;
        return start;
    }

    /** The signs with which the start touches: the last is a combination of the others, which says on which side each lies. */
    private static double[] signs(Residuals residuals, int[] start) {
        int unknowns = start.length - 1;
        double[][] turned = new double[unknowns][unknowns];
        double[] row = new double[unknowns];
        for (int i = 0; i < unknowns; i++) {
            residuals.row(start[i], 1, row);
            for (int k = 0; k < unknowns; k++) {
                turned[k][i] = row[k];
            }
        }
        residuals.row(start[unknowns], 1, row);
        double[] share = DualSimplex.solve(turned, row.clone());
        double[] signs = new double[unknowns + 1];
        signs[unknowns] = 1;
        double deviation = residuals.value(start[unknowns]);
        for (int i = 0; i < unknowns; i++) {
            signs[i] = share[i] > 0 ? -1 : 1;
            deviation -= share[i] * residuals.value(start[i]);
        }
        if (deviation < 0) {
            for (int i = 0; i <= unknowns; i++) {
                signs[i] = -signs[i];
            }
        }
        return signs;
    }

    private static ThinnestBand result(Residuals residuals, DualSimplex.Optimum optimum) {
        int unknowns = optimum.x().length - 1;
        double[] left = residuals.of(optimum.x());
        double furthest = 0;
        for (double each : left) {
            if (each > furthest) {
                furthest = each;
            } else if (-each > furthest) {
                furthest = -each;
            }
        }
        List<Contact> contacts = new ArrayList<>();
        for (int i = 0; i < optimum.tight().length; i++) {
            boolean above = optimum.tight()[i] < residuals.size();
            contacts.add(new Contact(
                    above ? optimum.tight()[i] : optimum.tight()[i] - residuals.size(),
                    above,
                    Math.max(0, optimum.weights()[i])));
        }
        return new ThinnestBand(
                Arrays.copyOf(optimum.x(), unknowns), furthest, contacts, furthest - optimum.x()[unknowns]);
    }

    /** Constraint i is the upper edge at value i, constraint n + i its lower edge; the last unknown is h. */
    private record Edges(Residuals residuals) implements DualSimplex.Constraints {

        @Override
        public int worst(double[] x) {
            double[] left = residuals.of(x);
            double most = left[0];
            double least = left[0];
            for (double each : left) {
                if (each > most) {
                    most = each;
                } else if (each < least) {
                    least = each;
                }
            }
            double half = x[x.length - 1] + residuals.rounding(x);
            if (Math.max(most, -least) <= half) {
                return -1;
            }
            return most >= -least ? where(left, most) : where(left, least) + left.length;
        }

        private static int where(double[] left, double wanted) {
            int i = 0;
            while (left[i] != wanted) {
                i++;
            }
            return i;
        }

        @Override
        public int first(double[] x) {
            double[] left = residuals.of(x);
            double half = x[x.length - 1] + residuals.rounding(x);
            for (int i = 0; i < left.length; i++) {
                if (left[i] > half) {
                    return i;
                }
            }
            for (int i = 0; i < left.length; i++) {
                if (-left[i] > half) {
                    return i + left.length;
                }
            }
            return -1;
        }

        @Override
        public double row(int constraint, double[] into) {
            int n = residuals.size();
            boolean above = constraint < n;
            int i = above ? constraint : constraint - n;
            residuals.row(i, above ? 1 : -1, into);
            into[into.length - 1] = 1;
            return above ? residuals.value(i) : -residuals.value(i);
        }
    }
}
