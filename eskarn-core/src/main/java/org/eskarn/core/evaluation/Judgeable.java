package org.eskarn.core.evaluation;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.Collectors;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.PlaceName;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.Station;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.requirement.StatedAs;
import org.eskarn.core.requirement.ZeroRule;
import org.eskarn.core.result.Note;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.Bounds;
import org.eskarn.core.verdict.RuleKind;

/** Whether a requirement can be judged once it is read: what it asks fits together, and its stations show its figure. */
public final class Judgeable {

    /** What of a requirement does not go with the rest. */
    public enum Part {
        LAYOUT,
        ANGLES,
        ZERO,
        REVERSAL,
        MASTER,
        DIRECTION
    }

    /**
     * What stands in the way.
     *
     * @param note what is needed
     */
    public record Obstacle(Part part, Note note) {}

    /** µm; small against every size, large against a rounding. */
    private static final double TRIED = 5;

    private static final long SEED = 286;

    private static final int PLANES = 2;

    private Judgeable() {}

    /**
     * The first obstacle; empty where it can be judged.
     *
     * @param zero where its gauge is set to zero
     */
    public static Optional<Obstacle> obstacle(Requirement requirement, ZeroRule zero) {
        return rules(requirement).or(() -> stations(requirement)).or(() -> zero(requirement, zero));
    }

    /**
     * What is good to know when it is written: stations so far apart that a pass near the limit is not to be had, whatever the gauge.
     */
    public static Optional<Note> advice(Requirement requirement) {
        StatedAs as = requirement.statedAs();
        boolean movement = (as == StatedAs.MOVEMENT || as == StatedAs.HALF_MOVEMENT)
                && requirement.layout().kind().round()
                && !requirement.characteristic().readsSizes();
        double missed = movement ? Sections.missable(requirement.layout()) : 0;
        return missed < Sections.WORTH_TELLING
                ? Optional.empty()
                : Optional.of(Note.of(
                        requirement.appliedRule().kind() == RuleKind.SIMPLE
                                ? "core.these-stations-can-miss"
                                : "core.these-stations-can-miss-too-much",
                        Math.round(100 * missed),
                        Math.round(100 * (1 - missed))));
    }

    private static Optional<Obstacle> rules(Requirement requirement) {
        Characteristic what = requirement.characteristic();
        Layout layout = requirement.layout();
        boolean level = what == Characteristic.STRAIGHTNESS && StraightnessReduction.addsUp(requirement);
        if (level && requirement.basis().reversal().twice()) {
            return of(Part.REVERSAL, Note.of("core.a-line-that-is-built-up-step"));
        }
        if (level
                && layout.kind() == LayoutKind.LINE
                && layout.stations().get(0).distance() <= 0) {
            return of(Part.LAYOUT, Note.of("core.a-level-stands-on-two-feet-write"));
        }
        if (what.bracketed() && requirement.basis().setTo().isPresent()) {
            return of(Part.MASTER, Note.of("core.pins-are-sizes-themselves-leave-the-size"));
        }
        return requirement.statedAs() == StatedAs.RESULTANT ? resultant(requirement) : Optional.empty();
    }

    private static Optional<Obstacle> zero(Requirement requirement, ZeroRule zero) {
        Layout layout = requirement.layout();
        return layout.size() == 1 && layout.returns() && zero == ZeroRule.FIRST_STATION
                ? of(Part.ZERO, Note.of("core.the-one-station-zeroed-on-itself-always"))
                : Optional.empty();
    }

    private static Optional<Obstacle> resultant(Requirement requirement) {
        if (requirement.limit().only() != null) {
            return of(Part.DIRECTION, Note.of("core.a-resultant-has-no-direction-judge-each"));
        }
        int setUps = Math.max(
                requirement.basis().reversal().setUps().size(),
                requirement.basis().conditions().size());
        int pairs = requirement.layout().size() / (2 * Math.max(1, setUps));
        Map<String, Long> planes = requirement.layout().stations().subList(0, 2 * pairs).stream()
                .collect(Collectors.groupingBy(Judgeable::piece, Collectors.counting()));
        boolean two = planes.values().stream().allMatch(stations -> stations == 2 * PLANES);
        return two ? Optional.empty() : of(Part.LAYOUT, Note.of("core.a-resultant-is-that-of-two-planes"));
    }

    private static String piece(Station station) {
        return PlaceName.of(String.valueOf(station.line())).group();
    }

    /** Tried on readings of a part that has every error. Pins are added as they are needed. */
    private static Optional<Obstacle> stations(Requirement requirement) {
        Layout layout = requirement.layout();
        if (layout.kind().answered()) {
            return Optional.empty();
        }
        Length fine = Length.of("0.001", LengthUnit.MICROMETRE);
        Dial dial = new Dial(fine, fine, Length.of("10000", LengthUnit.MILLIMETRE));
        List<Reading> readings = new ArrayList<>();
        SplittableRandom chance = new SplittableRandom(SEED);
        for (Station station : layout.stations()) {
            boolean second = layout.kind().paired() && station.number() % 2 == 0;
            second |= layout.kind().watched() && station.name().endsWith("highest");
            boolean ordered =
                    requirement.characteristic().bracketed() || layout.kind().watched();
            double apart = ordered && second ? 3 * TRIED : 0;
            double tried = layout.closes(station)
                    ? readings.get(layout.zeroOf(station).number() - 1).micrometres()
                    : base(requirement) + apart + TRIED * chance.nextDouble();
            readings.add(Reading.still(station, tried));
        }
        Double back = layout.returns()
                ? (Double) readings.get(layout.returnStation().number() - 1).micrometres()
                : null;
        try {
            Evaluation.of(requirement, dial, new Sweep(layout, readings, back));
            return Optional.empty();
        } catch (StationsUnfit e) {
            boolean angles = layout.kind() == LayoutKind.RINGS
                    && switch (e.reason()) {
                        case TOO_FEW_ANGLES, NARROW_ARC, BUNCHED -> true;
                        case TOO_FEW, CONTRADICTION -> false;
                    };
            return of(angles ? Part.ANGLES : Part.LAYOUT, e.note());
        }
    }

    static double base(Requirement requirement) {
        Bounds bounds = requirement.bounds();
        Double lower = bounds.lower();
        boolean deviations = !requirement.characteristic().sized()
                || requirement.basis().setTo().isPresent();
        return deviations || lower == null ? 0 : lower;
    }

    private static Optional<Obstacle> of(Part part, Note note) {
        return Optional.of(new Obstacle(part, note));
    }
}
