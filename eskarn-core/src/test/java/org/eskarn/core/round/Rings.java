package org.eskarn.core.round;

import java.util.Random;
import java.util.stream.IntStream;

/** Seeded rings with a known truth, for property tests. */
record Rings(double[] radians, double[] micrometres, double level, double eccentricity, double direction) {

    /** Random angles round the whole turn, a known offset, and lobes of the given height. */
    static Rings random(long seed, double lobes) {
        Random random = new Random(seed);
        int n = 5 + random.nextInt(60);
        double level = 400 * (random.nextDouble() - 0.5);
        double eccentricity = 1 + 50 * random.nextDouble();
        double direction = 2 * Math.PI * random.nextDouble();
        // One station in each fifth of the turn, the others anywhere, so that the stations always show the centre.
        double[] radians = IntStream.range(0, n)
                .mapToDouble(i -> 2 * Math.PI * (i < 5 ? (i + 0.9 * random.nextDouble()) / 5 : random.nextDouble()))
                .toArray();
        double[] micrometres = IntStream.range(0, n)
                .mapToDouble(i ->
                        level + eccentricity * Math.cos(radians[i] - direction) + lobes * Math.cos(3 * radians[i] + 1))
                .toArray();
        return new Rings(radians, micrometres, level, eccentricity, direction);
    }

    double[] scaled(double factor) {
        return IntStream.range(0, micrometres.length)
                .mapToDouble(i -> factor * micrometres[i])
                .toArray();
    }

    double[] raised(double by) {
        return IntStream.range(0, micrometres.length)
                .mapToDouble(i -> micrometres[i] + by)
                .toArray();
    }

    double[] turned(double by) {
        return IntStream.range(0, radians.length)
                .mapToDouble(i -> radians[i] + by)
                .toArray();
    }

    double[] mirrored() {
        return IntStream.range(0, radians.length).mapToDouble(i -> -radians[i]).toArray();
    }
}
