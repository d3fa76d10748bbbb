package org.eskarn.core.evaluation;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.eskarn.core.reading.PlaceName;
import org.eskarn.core.result.Figure;
import org.eskarn.core.result.Note;
import org.eskarn.core.verdict.Bounds;

/**
 * Which of several slots, guides or pairs is the best, and why: the one whose figure lies furthest within what is allowed, or where
 * nothing is, nearest to zero. It is named only where the next one is behind it by more than both can be wrong:
 *
 * <pre>margin = what is left to the nearer limit, or −|figure|;   better if margin₁ − margin₂ &gt; √2 · U</pre>
 *
 * with U of one figure, µm. The errors of two figures of one gauge are taken as independent, which asks rather more than less.
 *
 * <p>Degenerate cases: of one nothing is said; of two that lie equally nothing is better.
 *
 * <p>Source: JCGM 100, 5.1.2 (the difference of two independent figures).
 */
final class BetterOf {

    private static final double OF_A_DIFFERENCE = Math.sqrt(2);

    private BetterOf() {}

    private record Placed(Figure figure, double margin) {}

    /**
     * The same of pieces that were each read at several places: of each its worst place.
     *
     * @param names “piece: place”; one that names no piece counts for nothing
     * @param figures in the order of the names, µm
     * @param kind of the figures, sizes or what sizes differ by
     */
    static Optional<Note> ofPieces(
            List<String> names, double[] figures, Figure.Kind kind, Bounds bounds, double expanded) {
        Map<String, Figure> worst = new LinkedHashMap<>();
        for (int i = 0; i < figures.length; i++) {
            String piece = PlaceName.of(names.get(i)).group();
            if (!piece.isEmpty()) {
                worst.merge(
                        piece,
                        new Figure(Note.text(piece), figures[i], kind),
                        (one, other) -> margin(one.amount(), bounds) <= margin(other.amount(), bounds) ? one : other);
            }
        }
        return named(List.copyOf(worst.values()), bounds, expanded);
    }

    /**
     * @param each one figure for each, µm, with its name
     * @param expanded U of one figure, µm
     */
    static Optional<Note> named(List<Figure> each, Bounds bounds, double expanded) {
        if (each.size() < 2) {
            return Optional.empty();
        }
        List<Placed> placed = each.stream()
                .map(figure -> new Placed(figure, margin(figure.amount(), bounds)))
                .sorted(Comparator.comparingDouble(Placed::margin).reversed())
                .toList();
        Placed best = placed.get(0);
        Placed next = placed.get(1);
        double ahead = best.margin() - next.margin();
        double needed = OF_A_DIFFERENCE * expanded;
        if (ahead <= needed) {
            return Optional.of(Note.of(
                    "core.neither-is-better",
                    best.figure().name(),
                    next.figure().name(),
                    Figure.deviation(ahead),
                    Figure.deviation(needed)));
        }
        Note name = best.figure().name();
        Note other = next.figure().name();
        if (bounds.open()) {
            return Optional.of(Note.of("core.better-nearer-to-zero", name, plain(best), other, plain(next)));
        }
        return Optional.of(
                best.margin() >= 0 && next.margin() < 0
                        ? Note.of("core.better-the-other-is-out", name, plain(best), other, plain(next))
                        : Note.of(
                                "core.better-further-within",
                                name,
                                plain(best),
                                other,
                                plain(next),
                                Figure.deviation(ahead)));
    }

    private static Figure plain(Placed placed) {
        return Figure.of(placed.figure().amount(), placed.figure().kind());
    }

    private static double margin(double figure, Bounds bounds) {
        return bounds.open() ? -Math.abs(figure) : -bounds.outside(figure);
    }
}
