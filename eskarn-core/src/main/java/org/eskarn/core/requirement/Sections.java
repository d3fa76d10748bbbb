package org.eskarn.core.requirement;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.round.FirstHarmonic;
import org.eskarn.core.round.FullIndicatorMovement;

/** The sections of a round part, taken apart by their distance from the end. */
final class Sections {

    private Sections() {}

    /**
     * The readings by the distance of their section, in the order first read; one ring alone is at 0. Readings that close a
     * section, taken only to see whether its zero held, are left out.
     */
    static Map<Double, List<Reading>> of(Sweep sweep) {
        Map<Double, List<Reading>> sections = new LinkedHashMap<>();
        for (Reading reading : sweep.readings()) {
            if (!sweep.layout().closes(reading.station())) {
                double at = reading.station().along() == null
                        ? 0
                        : reading.station().distance();
                sections.computeIfAbsent(at, unused -> new ArrayList<>()).add(reading);
            }
        }
        return sections;
    }

    static FullIndicatorMovement movement(Requirement requirement, List<Reading> readings) {
        boolean ends = requirement.flicker() == FlickerRule.EXTREMES;
        return FullIndicatorMovement.of(
                readings.stream()
                        .mapToDouble(r -> ends ? r.low() : r.micrometres())
                        .toArray(),
                readings.stream()
                        .mapToDouble(r -> ends ? r.high() : r.micrometres())
                        .toArray());
    }

    static double[] radians(List<Reading> readings) {
        return readings.stream().mapToDouble(r -> r.station().radians()).toArray();
    }

    static double[] micrometres(List<Reading> readings) {
        return readings.stream().mapToDouble(Reading::micrometres).toArray();
    }

    static Optional<FirstHarmonic> fit(List<Reading> readings) {
        try {
            return Optional.of(FirstHarmonic.fit(radians(readings), micrometres(readings)));
        } catch (StationsUnfit e) {
            return Optional.empty();
        }
    }

    /** The distance with its unit; empty for one ring alone. */
    static String place(Sweep sweep, double distance) {
        return sweep.layout().kind() == LayoutKind.RING
                ? ""
                : Written.number(distance) + " " + sweep.layout().unit().symbol();
    }
}
