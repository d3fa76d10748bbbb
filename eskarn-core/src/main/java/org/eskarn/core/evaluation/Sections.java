package org.eskarn.core.evaluation;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.Station;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.StationsUnfit.Reason;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.result.Figure;
import org.eskarn.core.result.Note;
import org.eskarn.core.result.WrittenNumber;
import org.eskarn.core.round.BetweenStations;
import org.eskarn.core.round.FaceWobble;
import org.eskarn.core.round.FirstHarmonic;
import org.eskarn.core.round.FullIndicatorMovement;
import org.eskarn.core.uncertainty.Contribution;
import org.eskarn.core.uncertainty.Contribution.Source;
import org.eskarn.core.uncertainty.UncertaintyBudget;
import org.eskarn.core.units.Length;

/** The sections of a round part, taken apart by their distance from the end. */
final class Sections {

    /** Share of a movement that stations can miss. */
    static final double WORTH_TELLING = 0.1;

    private static final int FEWEST_ANGLES = 3;
    private static final double ROUNDING = 1e-9;

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

    /**
     * Movement that stations cannot miss: twice the fitted offset less its expanded uncertainty, µm; 0 where they show no
     * offset.
     */
    static double proved(List<Reading> readings) {
        return fit(readings).map(Sections::proved).orElse(0.0);
    }

    static double proved(FirstHarmonic fit) {
        double scatter = fit.residualDeviation() * Math.sqrt(fit.varianceFactor());
        return 2 * Math.max(0, fit.amplitude() - UncertaintyBudget.COVERAGE_FACTOR * scatter);
    }

    /**
     * What a whole turn may show beyond the stations of a section, even within ±({@link BetweenStations}); nothing while
     * stations are to be read.
     *
     * @param judged movement of that section as it is judged, µm
     */
    static Contribution between(Dial dial, Sweep sweep, List<Reading> readings, double judged, double factor) {
        return between(dial, sweep, readings, fit(readings), judged, factor);
    }

    /** The same of a section whose fit is known; without one nothing is known of what was missed. */
    static Contribution between(
            Dial dial, Sweep sweep, List<Reading> readings, Optional<FirstHarmonic> fit, double judged, double factor) {
        if (sweep.stationsToGo() > 0 || fit.isEmpty()) {
            return Contribution.upwards(Source.BETWEEN, 0, 0, factor);
        }
        BetweenStations between = BetweenStations.of(
                radians(readings),
                micrometres(readings),
                fit.get(),
                dial.scatter().ofMean(),
                dial.errorLimit().micrometres());
        return Contribution.upwards(Source.BETWEEN, between.missed(judged), between.atLeast(judged), factor);
    }

    /** The movement read, or what was proved where that is more than a rounding above it. */
    static double movementOf(double read, double proved) {
        return missed(read, proved) ? proved : read;
    }

    /** Whether the stations missed the high and the low spot. */
    static boolean missed(double read, double proved) {
        return proved > read * (1 + ROUNDING);
    }

    /**
     * Movement round a section is seen from three angles on; fewer show whatever they happen to touch.
     *
     * @throws StationsUnfit once all is read and a section of the layout has fewer
     */
    static void requireAngles(Sweep sweep) throws StationsUnfit {
        if (sweep.stationsToGo() > 0) {
            return;
        }
        for (Map.Entry<Double, List<Reading>> section : of(sweep).entrySet()) {
            if (angles(radians(section.getValue())) < FEWEST_ANGLES) {
                String place = place(sweep, section.getKey());
                throw new StationsUnfit(
                        Reason.TOO_FEW_ANGLES,
                        Note.of(
                                "core.round-a-section-needs-readings-at-three",
                                place.isEmpty() ? Note.of("core.movement") : Note.of("core.at-movement", place)));
            }
        }
    }

    /**
     * Whether stations are so far apart that they can miss much of a movement: of one whose high and low spot lie midway between
     * two stations a gap of g shows the share cos(g / 2), both spots having such a gap.
     *
     * @return one remark, or none while stations are to be read and where less than a tenth can be missed
     */
    static List<Note> few(Sweep sweep) {
        if (sweep.stationsToGo() > 0) {
            return List.of();
        }
        double widest = of(sweep).values().stream()
                .mapToDouble(Sections::widestGap)
                .max()
                .orElse(0);
        double missed = 1 - Math.max(0, Math.cos(widest / 2));
        return missed < WORTH_TELLING
                ? List.of()
                : List.of(Note.of("core.stations-so-far-apart-can-miss", Math.round(100 * missed)));
    }

    /** The share of a movement that the stations of a layout can miss; see {@link #few}. */
    static double missable(Layout layout) {
        Map<Double, List<Double>> sections = new LinkedHashMap<>();
        for (Station station : layout.stations()) {
            double at = station.along() == null ? 0 : station.distance();
            sections.computeIfAbsent(at, unused -> new ArrayList<>()).add(station.radians());
        }
        double widest = sections.values().stream()
                .mapToDouble(each -> widestGap(each.stream().mapToDouble(a -> a).toArray()))
                .max()
                .orElse(0);
        return 1 - Math.max(0, Math.cos(widest / 2));
    }

    /** How many different ones there are. */
    private static int angles(double[] radians) {
        double[] sorted = radians.clone();
        Arrays.sort(sorted);
        int different = sorted.length == 0 ? 0 : 1;
        for (int i = 1; i < sorted.length; i++) {
            different += sorted[i] > sorted[i - 1] ? 1 : 0;
        }
        return different;
    }

    private static double widestGap(List<Reading> readings) {
        return widestGap(radians(readings));
    }

    private static double widestGap(double[] radians) {
        double[] angles = radians.clone();
        Arrays.sort(angles);
        double widest = angles[0] + 2 * Math.PI - angles[angles.length - 1];
        for (int i = 1; i < angles.length; i++) {
            widest = Math.max(widest, angles[i] - angles[i - 1]);
        }
        return widest;
    }

    static double[] radians(List<Reading> readings) {
        double[] radians = new double[readings.size()];
        for (int i = 0; i < radians.length; i++) {
            radians[i] = readings.get(i).station().radians();
        }
        return radians;
    }

    static double[] micrometres(List<Reading> readings) {
        double[] micrometres = new double[readings.size()];
        for (int i = 0; i < micrometres.length; i++) {
            micrometres[i] = readings.get(i).micrometres();
        }
        return micrometres;
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
                : WrittenNumber.number(distance) + " " + sweep.layout().unit().symbol();
    }

    /** Of an axial runout: how far its face leans. */
    static Optional<List<Figure>> wobble(Requirement requirement, FirstHarmonic fit) {
        Optional<Length> radius = requirement.basis().radius();
        if (requirement.characteristic() != Characteristic.CIRCULAR_RUNOUT_AXIAL || radius.isEmpty()) {
            return Optional.empty();
        }
        FaceWobble wobble = FaceWobble.of(fit, radius.get().micrometres());
        return Optional.of(List.of(
                Figure.angle(Note.of("core.wobble-of-the-face"), wobble.degrees()),
                Figure.slope(Note.of("core.lean"), wobble.slope())));
    }
}
