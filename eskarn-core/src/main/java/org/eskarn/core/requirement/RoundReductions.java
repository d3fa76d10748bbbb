package org.eskarn.core.requirement;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.round.FirstHarmonic;
import org.eskarn.core.round.FullIndicatorMovement;

/**
 * Reductions of round sections. One ring goes to {@link RingReduction}; several rings along a length are taken section
 * by section, by their distance from the end.
 */
final class RoundReductions {

    private RoundReductions() {}

    /** Circular runout of several sections = the movement of the worst section (ISO 1101, 17.15). */
    static Reduction circular(Requirement requirement, Dial dial, Sweep sweep) throws StationsUnfit {
        if (requirement.layout().kind() == LayoutKind.RING) {
            return RingReduction.of(requirement, dial, sweep);
        }
        List<Figure> figures = new ArrayList<>();
        double worst = 0;
        for (Map.Entry<Double, List<Reading>> section : sections(sweep).entrySet()) {
            double movement = movement(requirement, section.getValue());
            worst = Math.max(worst, movement);
            figures.add(Figure.deviation("movement" + at(sweep, section.getKey()), movement));
        }
        return new Figures(worst, GaugeParts.ofDifference(requirement, dial, sweep, 1), figures);
    }

    /** Total runout = highest − lowest reading over all sections on one zero (ISO 1101, 17.16). */
    static Reduction total(Requirement requirement, Dial dial, Sweep sweep) throws StationsUnfit {
        if (requirement.layout().kind() == LayoutKind.RING) {
            return RingReduction.of(requirement, dial, sweep);
        }
        List<Figure> figures = new ArrayList<>();
        sections(sweep)
                .forEach((at, readings) ->
                        figures.add(Figure.deviation("movement" + at(sweep, at), movement(requirement, readings))));
        double total = movement(requirement, sweep.readings());
        return new Figures(total, GaugeParts.ofDifference(requirement, dial, sweep, 1), figures);
    }

    /** Roundness by the least squares circle = range left after taking the first harmonic out, of the worst section. */
    static Reduction roundness(Requirement requirement, Dial dial, Sweep sweep) throws StationsUnfit {
        List<Figure> figures = new ArrayList<>();
        double worst = 0;
        for (Map.Entry<Double, List<Reading>> section : sections(sweep).entrySet()) {
            FirstHarmonic fit = FirstHarmonic.fit(
                    section.getValue().stream()
                            .mapToDouble(r -> r.station().radians())
                            .toArray(),
                    section.getValue().stream()
                            .mapToDouble(Reading::micrometres)
                            .toArray());
            worst = Math.max(worst, fit.formPart());
            figures.add(Figure.deviation("roundness" + at(sweep, section.getKey()), fit.formPart()));
            figures.add(Figure.deviation("off centre" + at(sweep, section.getKey()), fit.amplitude()));
        }
        return new Figures(worst, GaugeParts.ofDifference(requirement, dial, sweep, 1), figures);
    }

    private static double movement(Requirement requirement, List<Reading> readings) {
        boolean ends = requirement.flicker() == FlickerRule.EXTREMES;
        return FullIndicatorMovement.of(
                        readings.stream()
                                .mapToDouble(r -> ends ? r.low() : r.micrometres())
                                .toArray(),
                        readings.stream()
                                .mapToDouble(r -> ends ? r.high() : r.micrometres())
                                .toArray())
                .amount();
    }

    /** The readings by the distance of their section, in the order first read; one ring alone is at 0. */
    private static Map<Double, List<Reading>> sections(Sweep sweep) {
        Map<Double, List<Reading>> sections = new LinkedHashMap<>();
        for (Reading reading : sweep.readings()) {
            double at =
                    reading.station().along() == null ? 0 : reading.station().distance();
            sections.computeIfAbsent(at, unused -> new ArrayList<>()).add(reading);
        }
        return sections;
    }

    private static String at(Sweep sweep, double distance) {
        return sweep.layout().kind() == LayoutKind.RING
                ? ""
                : " at " + Written.number(distance) + " "
                        + sweep.layout().unit().symbol();
    }
}
