package org.eskarn.core.evaluation;

import java.util.Comparator;
import java.util.List;
import java.util.function.ToDoubleFunction;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.Sweep;

/** Readings in the order their places lie in, so that what was found while hunting stands between its neighbours. */
final class InPlace {

    private static final double TURN = 360;

    private InPlace() {}

    /**
     * Along a line from the end it was begun at; round a ring from its first station on, the way it was read. Of other layouts
     * in the order read. Places that were read twice stay in the order read.
     */
    static List<Reading> of(Sweep sweep) {
        List<Reading> readings = sweep.readings();
        if (readings.size() < 2) {
            return readings;
        }
        return switch (sweep.layout().kind()) {
            case LINE -> along(sweep);
            case RING -> round(readings);
            default -> readings;
        };
    }

    private static List<Reading> along(Sweep sweep) {
        List<Double> places = sweep.layout().distances();
        boolean backwards = places.get(0) > places.get(places.size() - 1);
        return sorted(sweep.readings(), r -> (backwards ? -1 : 1) * r.station().distance());
    }

    private static List<Reading> round(List<Reading> readings) {
        double first = degrees(readings.get(0));
        boolean backwards = within(degrees(readings.get(1)) - first) > TURN / 2;
        return sorted(readings, r -> within((backwards ? -1 : 1) * (degrees(r) - first)));
    }

    private static List<Reading> sorted(List<Reading> readings, ToDoubleFunction<Reading> place) {
        return readings.stream().sorted(Comparator.comparingDouble(place)).toList();
    }

    private static double degrees(Reading reading) {
        return Math.toDegrees(reading.station().radians());
    }

    private static double within(double degrees) {
        return (degrees % TURN + TURN) % TURN;
    }
}
