package org.eskarn.core.evaluation;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.eskarn.core.requirement.LimitKind;
import org.eskarn.core.result.Figure;
import org.eskarn.core.result.Note;
import org.eskarn.core.verdict.Bounds;

/**
 * The places that lie outside the limits, where each place is held against them by itself. Both limits can be crossed at
 * once; then both are named, whichever lies further out.
 *
 * @param over places above the upper bound, in the order read
 * @param under places below the lower bound, in the order read
 * @param places how many there are in all
 */
public record OutOfLimits(List<Figure> over, List<Figure> under, int places) {

    /** µm; a figure typed as exactly the limit lies within it. */
    private static final double ROUNDING = 1e-9;

    static OutOfLimits of(Bounds bounds, List<Figure> each) {
        Double lower = bounds.lower();
        Double upper = bounds.upper();
        return new OutOfLimits(
                each.stream()
                        .filter(figure -> upper != null && figure.amount() > upper + ROUNDING)
                        .toList(),
                each.stream()
                        .filter(figure -> lower != null && figure.amount() < lower - ROUNDING)
                        .toList(),
                each.size());
    }

    public boolean both() {
        return !over.isEmpty() && !under.isEmpty();
    }

    /** The figure furthest above the upper bound. */
    public Optional<Figure> highest() {
        return over.stream().max(Comparator.comparingDouble(Figure::amount));
    }

    /** The figure furthest below the lower bound. */
    public Optional<Figure> lowest() {
        return under.stream().min(Comparator.comparingDouble(Figure::amount));
    }

    /** Every place that is out, in one sentence; empty where none is, or there is only one place anyway. */
    Optional<Note> remark(LimitKind kind) {
        if (places < 2 || (over.isEmpty() && under.isEmpty())) {
            return Optional.empty();
        }
        if (over.size() == places || under.size() == places) {
            boolean above = !over.isEmpty();
            return Optional.of(Note.of(
                    "core.all-places-lie",
                    places,
                    (kind == LimitKind.MAXIMUM
                            ? Note.of("core.beyond-the-limit")
                            : above ? Note.of("core.over-the-upper-limit") : Note.of("core.under-the-lower-limit"))));
        }
        List<Figure> said = new ArrayList<>(over);
        said.addAll(under);
        if (kind == LimitKind.MAXIMUM) {
            return Optional.of(Note.of("core.beyond-the-limit-2", list(said)));
        }
        if (under.isEmpty()) {
            return Optional.of(Note.of("core.over-the-upper-limit-2", list(over)));
        }
        return Optional.of(
                over.isEmpty()
                        ? Note.of("core.under-the-lower-limit-2", list(under))
                        : Note.of("core.over-the-upper-limit-under-the-lower", list(over), list(under)));
    }

    private static Note list(List<Figure> figures) {
        return Note.list(figures.stream()
                .map(figure -> Note.of("core.name-and-figure", figure.name(), figure))
                .toList());
    }
}
