package org.eskarn.core.fit;

import java.util.function.DoubleUnaryOperator;

/**
 * The formulas the tables of ISO 286-1 were made from (annexes A and B of its first edition), and the steps they were
 * rounded to. D is the geometric mean of the ends of a range in mm, results are in µm.
 */
final class IsoFormulas {

    private static final double LARGE = 500;

    /** Units i or I of grades 5 to 18. */
    private static final int[] UNITS = {7, 10, 16, 25, 40, 64, 100, 160, 250, 400, 640, 1000, 1600, 2500};

    private IsoFormulas() {}

    /** Of the first range, up to 3 mm, the mean of 1 and 3. */
    static double middle(double over, double upTo) {
        return Math.sqrt((over == 0 ? 1 : over) * upTo);
    }

    static double unit(double d) {
        return d > LARGE ? 0.004 * d + 2.1 : 0.45 * Math.cbrt(d) + 0.001 * d;
    }

    /** A standard tolerance before rounding. */
    static double tolerance(Grade grade, double d) {
        int number = grade.number();
        if (number >= 5) {
            return UNITS[number - 5] * unit(d);
        }
        if (d > LARGE) {
            return new double[] {2, 2.7, 3.7, 5}[number - 1] * unit(d);
        }
        double first = 0.8 + 0.020 * d;
        return switch (number) {
            case -1 -> 0.3 + 0.008 * d;
            case 0 -> 0.5 + 0.012 * d;
            // Grades 2 to 4 lie between 1 and 5 in equal ratios.
            default -> first * Math.pow(UNITS[0] * unit(d) / first, (number - 1) / 4.0);
        };
    }

    /**
     * A fundamental deviation before rounding, without its sign.
     *
     * @param printed the rounded deviations of the same range, which some letters are means of
     * @param grades the rounded tolerances of the same range, by number
     */
    static double deviation(
            String letters, double d, DoubleUnaryOperator grades, java.util.function.ToDoubleFunction<String> printed) {
        boolean large = d > LARGE;
        double it7 = grades.applyAsDouble(7);
        return switch (letters) {
            case "a" -> d <= 120 ? 265 + 1.3 * d : 3.5 * d;
            case "b" -> d <= 160 ? 140 + 0.85 * d : 1.8 * d;
            case "c" -> d <= 40 ? 52 * Math.pow(d, 0.2) : 95 + 0.8 * d;
            case "cd" -> mean(printed, "c", "d");
            case "d" -> 16 * Math.pow(d, 0.44);
            case "e" -> 11 * Math.pow(d, 0.41);
            case "ef" -> mean(printed, "e", "f");
            case "f" -> 5.5 * Math.pow(d, 0.41);
            case "fg" -> mean(printed, "f", "g");
            case "g" -> 2.5 * Math.pow(d, 0.34);
            case "k" -> large ? 0 : 0.6 * Math.cbrt(d);
            case "m" -> large ? 0.024 * d + 12.6 : it7 - grades.applyAsDouble(6);
            case "n" -> large ? 0.04 * d + 21 : 5 * Math.pow(d, 0.34);
            case "p" -> large ? 0.072 * d + 37.8 : it7;
            case "r" -> mean(printed, "p", "s");
            case "s" -> d <= 50 ? grades.applyAsDouble(8) + 1 : it7 + 0.4 * d;
            case "t" -> it7 + 0.63 * d;
            case "u" -> it7 + d;
            case "v" -> it7 + 1.25 * d;
            case "x" -> it7 + 1.6 * d;
            case "y" -> it7 + 2 * d;
            case "z" -> it7 + 2.5 * d;
            case "za" -> grades.applyAsDouble(8) + 3.15 * d;
            case "zb" -> grades.applyAsDouble(9) + 4 * d;
            case "zc" -> grades.applyAsDouble(10) + 5 * d;
            default -> throw new IllegalArgumentException(letters);
        };
    }

    private static double mean(java.util.function.ToDoubleFunction<String> printed, String one, String other) {
        return Math.sqrt(Math.abs(printed.applyAsDouble(one) * printed.applyAsDouble(other)));
    }

    /** Rounded to the steps of tolerances. */
    static double roundedTolerance(double micrometres, double d) {
        double[][] steps = d > LARGE
                ? new double[][] {
                    {60, 1},
                    {100, 2},
                    {200, 5},
                    {500, 10},
                    {1000, 20},
                    {2000, 50},
                    {5000, 100},
                    {10000, 200},
                    {20000, 500},
                    {50000, 1000}
                }
                : new double[][] {{5, 0.5}, {100, 1}, {200, 5}, {1000, 10}};
        return rounded(micrometres, steps);
    }

    /** Rounded to the steps of fundamental deviations. */
    static double roundedDeviation(String letters, double micrometres, double d) {
        double[][] steps = d > LARGE
                ? new double[][] {{60, 1}, {100, 2}, {200, 5}, {500, 10}, {1000, 20}, {2000, 50}, {5000, 100}}
                : letters.compareTo("h") < 0
                        ? new double[][] {{5, 0.5}, {45, 1}, {60, 2}, {100, 5}, {300, 10}, {1000, 20}, {2000, 50}}
                        : new double[][] {{100, 1}, {300, 2}, {500, 5}, {800, 10}, {1000, 20}, {2000, 50}, {5000, 100}};
        return rounded(micrometres, steps);
    }

    private static double rounded(double micrometres, double[][] steps) {
        for (double[] step : steps) {
            if (micrometres <= step[0]) {
                return Math.floor(micrometres / step[1] + 0.5) * step[1];
            }
        }
        throw new IllegalArgumentException("no step for " + micrometres);
    }
}
