package org.eskarn.core.uncertainty;

/**
 * How far the sum of two independent errors lies from nothing with a probability of 95.45 %: one that is even within ±a, and one
 * that scatters, its standard deviation σ estimated with ν degrees of freedom. All lengths in one unit.
 *
 * <pre>
 * P(U) = σ/a · (H((U + a)/σ) − H((U − a)/σ)) − 1 = 0.9545,    H of Student's t ({@link StudentsT})
 * a = 0: 2 F(U/σ) − 1 = 0.9545,                               k as in JCGM 100, table G.2
 * </pre>
 *
 * Solved by Newton's steps from below, from the U of infinite ν: P is concave, so that none of them goes too far.
 *
 * <p>Degenerate cases: σ = 0 gives 0.9545 a; both 0 give 0.
 *
 * <p>Source: propagation of distributions, JCGM 101, 5; the same with a normal scatter in EA-4/02, S9.
 */
final class EvenAndScatter {

    /** The share that lies within ±2 standard deviations of a normal distribution. */
    static final double WITHIN = 0.954499736103642;

    /** A step so small, of the whole, leaves an error of its square. */
    private static final double LAST_STEP = 1e-4;

    /** A part so much smaller than the other changes nothing that is read. */
    private static final double NOTHING = 1e-6;

    private static final int MOST_STEPS = 100;

    /** Beyond so many degrees of freedom U falls as 1/ν to within 2 in 10 000. */
    private static final int EXACTLY = 64;

    private static final StudentsT[] FEW = few();

    /** Steps of the share of the even error in the whole variance, from 0 to 1. */
    private static final int STEPS = 256;

    /** U ÷ the standard deviation of the sum, ν infinite, which is asked most. */
    private static final double[] FACTORS = factors();

    private EvenAndScatter() {}

    /**
     * @param even a, 0 or more
     * @param scatter σ, 0 or more
     * @param freedom ν, a whole number of 1 or more, or infinite
     * @return U, in the unit of a and σ
     */
    static double halfWidth(double even, double scatter, double freedom) {
        double many = ofMany(even, scatter);
        if (Double.isInfinite(freedom) || scatter <= NOTHING * even) {
            return many;
        }
        if (freedom <= EXACTLY) {
            return solved(even, scatter, FEW[(int) freedom], many);
        }
        return many + (solved(even, scatter, FEW[EXACTLY], many) - many) * EXACTLY / freedom;
    }

    /** Where ν is infinite. */
    private static double ofMany(double even, double scatter) {
        double variance = even * even / 3 + scatter * scatter;
        return variance == 0 ? 0 : factor(even * even / 3 / variance) * Math.sqrt(variance);
    }

    /** Between two steps of the table by a straight line. */
    private static double factor(double share) {
        double at = share * STEPS;
        int step = Math.min(STEPS - 1, (int) at);
        return FACTORS[step] + (at - step) * (FACTORS[step + 1] - FACTORS[step]);
    }

    private static StudentsT[] few() {
        StudentsT[] few = new StudentsT[EXACTLY + 1];
        for (int freedom = 1; freedom <= EXACTLY; freedom++) {
            few[freedom] = new StudentsT(freedom);
        }
        return few;
    }

    private static double[] factors() {
        StudentsT normal = new StudentsT(Double.POSITIVE_INFINITY);
        double[] factors = new double[STEPS + 1];
        for (int i = 0; i <= STEPS; i++) {
            double share = (double) i / STEPS;
            double even = Math.sqrt(3 * share);
            double scatter = Math.sqrt(1 - share);
            factors[i] =
                    i == STEPS ? WITHIN * even : solved(even, scatter, normal, Math.max(2 * scatter, WITHIN * even));
        }
        return factors;
    }

    /** @param from not more than what is looked for */
    private static double solved(double even, double scatter, StudentsT law, double from) {
        boolean alone = even <= NOTHING * scatter;
        double at = from;
        for (int step = 0; step < MOST_STEPS; step++) {
            double further = alone ? alone(at, scatter, law) : both(at, even, scatter, law);
            at += further;
            if (Math.abs(further) <= LAST_STEP * at) {
                break;
            }
        }
        return at;
    }

    /** How far one step goes. */
    private static double alone(double at, double scatter, StudentsT law) {
        double z = at / scatter;
        return (WITHIN - (2 * law.below(z) - 1)) / (2 * law.density(z) / scatter);
    }

    private static double both(double at, double even, double scatter, StudentsT law) {
        double right = (at + even) / scatter;
        double left = (at - even) / scatter;
        double belowRight = law.below(right);
        double belowLeft = law.below(left);
        double within = scatter / even * (law.sum(right, belowRight) - law.sum(left, belowLeft)) - 1;
        return (WITHIN - within) / ((belowRight - belowLeft) / even);
    }
}
