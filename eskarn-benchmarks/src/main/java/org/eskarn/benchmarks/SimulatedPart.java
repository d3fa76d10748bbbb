package org.eskarn.benchmarks;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.ToDoubleFunction;
import org.eskarn.core.flat.MinimumZoneLine;
import org.eskarn.core.flat.MinimumZonePlane;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.Station;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.requirement.Characteristic;

/**
 * A part whose true figure is known.
 *
 * @param profile the true height at a station, or the true size there, µm
 * @param turn its true movement over whole turns, µm; empty where the stations themselves are what is asked
 */
record SimulatedPart(ToDoubleFunction<Station> profile, Optional<Double> turn) {

    /** µm; sizes and heights at places lie within it, either way. */
    private static final double FORM = 10;

    /** µm; how far off centre, oval and three-lobed at most. */
    private static final double[] TURNED = {20, 2, 1};

    /** The same of a part that was centred because its form is asked for. */
    private static final double[] CENTRED = {1, 10, 5};

    private static final double SIZE = 30_000;

    private static final int FINE = 360;

    /** A few waves round it, or a height or size of its own at each place. */
    static SimulatedPart of(Characteristic what, Layout layout, Random chance) {
        if (what.layouts().get(0).round() && !what.readsSizes()) {
            return round(what, layout, chance);
        }
        double size = what.readsSizes() ? SIZE : 0;
        double[] heights =
                chance.doubles(layout.stations().size() + 1L, -FORM, FORM).toArray();
        if (what == Characteristic.FLATNESS || what == Characteristic.STRAIGHTNESS) {
            level(layout, heights);
        }
        return new SimulatedPart(station -> size + heights[station.number()], Optional.empty());
    }

    /** As a plate stands on its jacks before it is read, and a line along its guide. */
    private static void level(Layout layout, double[] heights) {
        List<Station> stations = layout.stations();
        double[] x = stations.stream().mapToDouble(Station::distance).toArray();
        double[] z = stations.stream().mapToDouble(s -> heights[s.number()]).toArray();
        try {
            if (layout.kind() == LayoutKind.LINE) {
                MinimumZoneLine line = MinimumZoneLine.fit(x, z);
                stations.forEach(s -> heights[s.number()] -= line.at(s.distance()));
                return;
            }
            double[] y = stations.stream().mapToDouble(Station::height).toArray();
            MinimumZonePlane plane = MinimumZonePlane.fit(x, y, z);
            stations.forEach(s -> heights[s.number()] -= plane.at(s.distance(), s.height()));
        } catch (StationsUnfit e) {
            throw new IllegalStateException(e);
        }
    }

    /** Off centre, oval and three-lobed, each section by itself. */
    static SimulatedPart round(Characteristic what, Layout layout, Random chance) {
        List<Double> distances =
                layout.stations().stream().map(SimulatedPart::along).distinct().toList();
        Section[] sections = new Section[distances.size()];
        double worst = 0;
        double highest = Double.NEGATIVE_INFINITY;
        double lowest = Double.POSITIVE_INFINITY;
        for (int k = 0; k < sections.length; k++) {
            sections[k] = Section.of(
                    chance,
                    k == 0 ? 0 : FORM * chance.nextDouble(),
                    what == Characteristic.ROUNDNESS ? CENTRED : TURNED);
            worst = Math.max(worst, sections[k].highest() - sections[k].lowest());
            lowest = Math.min(lowest, sections[k].lowest());
            highest = Math.max(highest, sections[k].highest());
        }
        double turn = what == Characteristic.TOTAL_RUNOUT ? highest - lowest : worst;
        boolean watched = layout.kind() == LayoutKind.WATCHED;
        return new SimulatedPart(
                station -> {
                    Section section = sections[distances.indexOf(along(station))];
                    return watched
                            ? section.end(station.number())
                            : section.waves().at(station.radians());
                },
                Optional.of(turn));
    }

    private static double along(Station station) {
        return station.along() == null ? 0 : station.distance();
    }

    /** A round section and the ends of its turn. */
    private record Section(Waves waves, double lowest, double highest) {

        static Section of(Random chance, double level, double[] most) {
            Waves waves = new Waves(level, new double[3], new double[3]);
            for (int i = 0; i < most.length; i++) {
                waves.amplitudes()[i] = most[i] * chance.nextDouble();
                waves.crests()[i] = 2 * Math.PI * chance.nextDouble();
            }
            double lowest = Double.POSITIVE_INFINITY;
            double highest = Double.NEGATIVE_INFINITY;
            for (int i = 0; i < FINE; i++) {
                double height = waves.at(2 * Math.PI * i / FINE);
                lowest = Math.min(lowest, height);
                highest = Math.max(highest, height);
            }
            return new Section(waves, lowest, highest);
        }

        /** Of a watched turn the lowest is read first. */
        double end(int number) {
            return number % 2 == 0 ? highest : lowest;
        }
    }

    /** Waves of the order 1, 2 and 3. */
    private record Waves(double level, double[] amplitudes, double[] crests) {

        double at(double radians) {
            double height = level;
            for (int i = 0; i < amplitudes.length; i++) {
                height += amplitudes[i] * Math.cos((i + 1) * radians - crests[i]);
            }
            return height;
        }
    }
}
