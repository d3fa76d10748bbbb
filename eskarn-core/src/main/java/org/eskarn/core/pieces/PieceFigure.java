package org.eskarn.core.pieces;

import java.util.OptionalDouble;

/**
 * What one requirement came to on one piece.
 *
 * @param piece its serial
 * @param value the judged figure, µm
 * @param expanded its U, µm, above 0 where the figure is proven
 * @param direction where its high side points, degrees; empty where none is shown, or none that is more than its uncertainty
 * @param reader who read it
 * @param gauge the mark of what it was read with
 * @param confirmed whether a second inspector found the same
 */
public record PieceFigure(
        String piece,
        double value,
        double expanded,
        OptionalDouble direction,
        String reader,
        String gauge,
        boolean confirmed) {

    public PieceFigure {
        if (!Double.isFinite(value) || !(expanded >= 0)) {
            throw new IllegalArgumentException(
                    "a piece has a figure and a U of 0 or more, not " + value + " ± " + expanded);
        }
    }
}
