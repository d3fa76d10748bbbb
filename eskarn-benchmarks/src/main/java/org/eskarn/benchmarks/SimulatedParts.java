package org.eskarn.benchmarks;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.ToDoubleFunction;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.Station;
import org.eskarn.core.requirement.Characteristic;

/** Makes parts whose true figure is known. */
final class SimulatedParts {

    private static final int FINE = 720;

    private final Random chance;

    SimulatedParts(Random chance) {
        this.chance = chance;
    }

    /**
     * @param profile the true height at a station, µm
     * @param turn its true movement over whole turns, µm; empty where the stations themselves are what is asked
     */
    record SimulatedPart(ToDoubleFunction<Station> profile, Optional<Double> turn) {}

    /** A few waves round or along it, a size of its own. */
    SimulatedPart of(Characteristic what, Layout layout) {
        double size = what.readsSizes() ? 30_000 + 10 * chance.nextGaussian() : 0;
        if (what.layouts().get(0).round() && !what.readsSizes()) {
            return round(what, layout);
        }
        double[] bumps = chance.doubles(400, -4, 4).toArray();
        return new SimulatedPart(station -> size + bumps[station.number() % bumps.length], Optional.empty());
    }

    /** Off centre by up to 10 µm, oval by up to 2 µm and three-lobed by up to 1 µm, each section by itself. */
    private SimulatedPart round(Characteristic what, Layout layout) {
        List<Double> distances = layout.stations().stream()
                .map(station -> station.along() == null ? 0.0 : station.distance())
                .distinct()
                .toList();
        double[][] waves = new double[distances.size()][];
        double worst = 0;
        double highest = Double.NEGATIVE_INFINITY;
        double lowest = Double.POSITIVE_INFINITY;
        double[][] ends = new double[distances.size()][2];
        for (int k = 0; k < waves.length; k++) {
            double turn = 2 * Math.PI;
            waves[k] = new double[] {
                10 * chance.nextDouble(),
                turn * chance.nextDouble(),
                2 * chance.nextDouble(),
                turn * chance.nextDouble(),
                chance.nextDouble(),
                turn * chance.nextDouble(),
                k == 0 ? 0 : 4 * chance.nextDouble()
            };
            ends[k] = ends(waves[k]);
            worst = Math.max(worst, ends[k][1] - ends[k][0]);
            lowest = Math.min(lowest, ends[k][0]);
            highest = Math.max(highest, ends[k][1]);
        }
        double turn = what == Characteristic.TOTAL_RUNOUT ? highest - lowest : worst;
        boolean watched = layout.kind() == LayoutKind.WATCHED;
        return new SimulatedPart(
                station -> {
                    int k = station.along() == null ? 0 : distances.indexOf(station.distance());
                    return watched ? ends[k][station.number() % 2 == 0 ? 1 : 0] : at(waves[k], station.radians());
                },
                Optional.of(turn));
    }

    private static double at(double[] waves, double radians) {
        return waves[6]
                + waves[0] * Math.cos(radians - waves[1])
                + waves[2] * Math.cos(2 * radians - waves[3])
                + waves[4] * Math.cos(3 * radians - waves[5]);
    }

    /** Lowest and highest over a turn. */
    private static double[] ends(double[] waves) {
        double lowest = Double.POSITIVE_INFINITY;
        double highest = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < FINE; i++) {
            double height = at(waves, 2 * Math.PI * i / FINE);
            lowest = Math.min(lowest, height);
            highest = Math.max(highest, height);
        }
        return new double[] {lowest, highest};
    }
}
