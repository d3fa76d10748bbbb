package org.eskarn.core.evaluation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.StationsUnfit.Reason;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.result.Details;
import org.eskarn.core.result.Figure;
import org.eskarn.core.result.Note;
import org.eskarn.core.result.WrittenNumber;
import org.eskarn.core.size.PinBracket;
import org.eskarn.core.size.PinBracket.PinClass;
import org.eskarn.core.size.PinBracket.Tried;
import org.eskarn.core.uncertainty.Contribution;
import org.eskarn.core.uncertainty.Contribution.Source;
import org.eskarn.core.uncertainty.UncertaintyBudget;
import org.eskarn.core.verdict.Bounds;
import org.jspecify.annotations.Nullable;

/**
 * Holes and gaps tried with what has one size: pins of a hole, leaves of a gap. A hole lies between the largest pin that enters and
 * the smallest that does not, a gap between the thickest leaf that goes and the thinnest that does not. The figure is the middle of that bracket and its
 * half width is in the uncertainty, so that a pass needs the whole bracket within the limits; of several holes the one worst
 * placed is judged. A bracket that lies across a limit names the pin to try next.
 *
 * <p>Budget: the tolerance of the pins once (factor 1), as one pin bounds the hole at either side, and half the bracket. That
 * is a bound and no spread, so it enters as itself: U holds it whole, k · (half / k). The steps of the set are the bracket and
 * are not counted as a resolution too.
 *
 * <p>Degenerate cases: a hole that every pin enters, or none, is open at one end and is refused, as are pins that contradict
 * each other. Into a gap that no leaf enters a leaf of 0 goes.
 *
 * <p>Source: workshop practice with plug pins; the bound as such, JCGM 100, 4.3.7 note.
 *
 * @param tried the pins of the hole that is judged
 * @param bracket what they say
 */
public record PinReduction(double judged, UncertaintyBudget budget, List<Tried> tried, PinBracket bracket, Details told)
        implements Reduction {

    private static final Note LEAF_NEXT = Note.of("core.leaf-to-try-next");

    /** The name of the figure that says which pin narrows the bracket most. */
    public static final Note TRY_NEXT = Note.of("core.pin-to-try-next");

    /**
     * What is said of a hole or of a gap.
     *
     * @param next the name of the figure that says what to try next
     */
    private record Words(Note atLeast, Note next, Note tooFew, boolean leaves) {

        static final Words OF_A_HOLE = new Words(
                Note.of("core.the-hole-is-at-least"), TRY_NEXT, Note.of("core.a-hole-needs-two-pins-one-that"), false);
        static final Words OF_A_GAP =
                new Words(Note.of("core.the-gap-is-at-least"), LEAF_NEXT, Note.of("core.a-gap-needs-two-leaves"), true);

        Note contradiction(Note place) {
            return leaves
                    ? Note.of("core.a-leaf-that-goes-is-not-thinner", place)
                    : Note.of("core.a-pin-that-enters-is-not-smaller", place);
        }
    }

    /** @throws StationsUnfit if a hole is open at one end, or its pins contradict each other */
    static PinReduction of(Requirement requirement, Dial dial, Sweep sweep) throws StationsUnfit {
        Bounds bounds = requirement.bounds();
        Words words = requirement.characteristic().triedWithLeaves() ? Words.OF_A_GAP : Words.OF_A_HOLE;
        List<List<Tried>> holes = holes(requirement, sweep);
        PinClass of = pinClass(requirement);
        List<Figure> figures = new ArrayList<>();
        List<Tried> worstTried = holes.get(0);
        PinBracket worst = null;
        double furthest = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < holes.size(); i++) {
            PinBracket bracket = PinBracket.of(holes.get(i), of);
            require(words, bracket, bounds, requirement, sweep, 2 * i);
            double lower = bracket.lower().orElseThrow();
            double upper = bracket.upper().orElseThrow();
            double reach = Math.max(bounds.outside(lower), bounds.outside(upper));
            if (worst == null || reach > furthest) {
                furthest = reach;
                worst = bracket;
                worstTried = holes.get(i);
            }
            next(words, bracket, bounds.lower(), true, of).ifPresent(figures::add);
            next(words, bracket, bounds.upper(), false, of).ifPresent(figures::add);
        }
        PinBracket judged = java.util.Objects.requireNonNull(worst);
        double lower = judged.lower().orElseThrow();
        double upper = judged.upper().orElseThrow();
        figures.add(Figure.size(words.atLeast(), lower));
        figures.add(Figure.size(Note.of("core.and-at-most"), upper));
        // The bracket is the resolution of pins; the steps of the set are not counted twice.
        UncertaintyBudget budget = new UncertaintyBudget(GaugeParts.of(dial, sweep, 1, 0, 0))
                .with(new Contribution(Source.BRACKET, (upper - lower) / 2 / UncertaintyBudget.COVERAGE_FACTOR));
        return new PinReduction((lower + upper) / 2, budget, worstTried, judged, Details.of(figures));
    }

    private static Optional<Figure> next(
            Words words, PinBracket bracket, @Nullable Double bound, boolean lower, PinClass of) {
        return bound == null
                ? Optional.empty()
                : bracket.nextFor(bound, lower, of).map(next -> Figure.size(words.next(), next));
    }

    private static PinClass pinClass(Requirement requirement) {
        return requirement
                .basis()
                .pinClass()
                .map(tolerance -> new PinClass(tolerance.amount().signum() >= 0, Math.abs(tolerance.micrometres())))
                .orElse(PinClass.TRUE);
    }

    private static List<List<Tried>> holes(Requirement requirement, Sweep sweep) throws StationsUnfit {
        List<List<Tried>> holes = new ArrayList<>();
        if (sweep.layout().kind() == LayoutKind.PINS) {
            double unit = sweep.layout().unit().micrometres().doubleValue();
            List<Tried> tried = new ArrayList<>();
            for (Reading reading : sweep.readings()) {
                tried.add(new Tried(reading.station().distance() * unit, reading.micrometres() > 0));
            }
            holes.add(tried);
            return holes;
        }
        double[] pins = SizeReductions.sizesOf(requirement, sweep);
        if (pins.length < 2) {
            throw new StationsUnfit(
                    Reason.TOO_FEW,
                    requirement.characteristic().triedWithLeaves()
                            ? Words.OF_A_GAP.tooFew()
                            : Words.OF_A_HOLE.tooFew());
        }
        for (int i = 0; i + 1 < pins.length; i += 2) {
            holes.add(List.of(new Tried(pins[i], true), new Tried(pins[i + 1], false)));
        }
        return holes;
    }

    private static void require(
            Words words, PinBracket bracket, Bounds bounds, Requirement requirement, Sweep sweep, int index)
            throws StationsUnfit {
        if (bracket.contradicts()) {
            throw new StationsUnfit(
                    Reason.CONTRADICTION,
                    words.contradiction(
                            sweep.layout().kind() == LayoutKind.PINS
                                    ? Note.of("core.the-pins")
                                    : Note.text(sweep.readings()
                                            .get(index)
                                            .station()
                                            .name())));
        }
        if (bracket.lower().isEmpty()) {
            throw new StationsUnfit(
                    Reason.TOO_FEW,
                    Note.of("core.no-pin-enters-add-a-smaller-one", named(bounds.lower(), requirement)));
        }
        if (bracket.upper().isEmpty()) {
            throw new StationsUnfit(
                    Reason.TOO_FEW,
                    Note.of("core.every-pin-enters-add-a-larger-one", named(bounds.upper(), requirement)));
        }
    }

    private static Note named(@Nullable Double bound, Requirement requirement) {
        return bound == null
                ? Note.text("")
                : requirement
                        .limit()
                        .unit()
                        .length()
                        .map(unit -> Note.of(
                                "core.for-example",
                                WrittenNumber.number(bound / unit.micrometres().doubleValue()),
                                unit.symbol()))
                        .orElse(Note.text(""));
    }
}
