package org.eskarn.core.line;

import java.util.Optional;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.StatedAs;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/**
 * A requirement as it is said in one line: what it is, its limit, its stations, its datum. Only the first is needed; words of
 * the rest stand in any order, numbers in this one.
 *
 * <ul>
 *   <li>A movement or form: the limit, how many places, the lengths they lie over: {@code runout 0.02 8}, {@code flat 0.03 4x3 300
 *       200}, {@code square 0.02/100 5 150}. A whole number alone is never taken for a limit: {@code runout 8} is refused.
 *   <li>A size: the nominal with a fit code, ± or two deviations, or two sizes with “to”; sections and directions: {@code bore 40 H7
 *       3x2}, {@code depth 12.5 ±0.05 4}, {@code shaft 24.98 to 25.00}.
 *   <li>{@code none} for no limit, {@code corners} for the four of a face, {@code at 5 15 25} for places where they lie, {@code @40}
 *       for a radius, {@code to A} for a datum, {@code half} for an offset as half of the movement, {@code under free clamped} for conditions that are compared, with commas between
 *       where their names have several words. At the end {@code of} and the name of the feature.
 * </ul>
 *
 * <p>Units may stand on any number (mm, µm, in, thou, tenths); one without has the usual one. Places over a length are even, the first and
 * the last a twentieth of it from its ends.
 *
 * @param limit empty where none is said
 * @param layout empty where none is said
 * @param statedAs the figure that the limit speaks of, where the line says so
 * @param radius in the unit of the layout; empty where none is said
 * @param datum a letter; empty where none is said
 * @param conditions the names of the conditions it is read under, with semicolons between; empty where none is said
 * @param feature what it is asked of, as it was written; empty where none is said
 */
public record RequirementLine(
        Characteristic characteristic,
        Optional<LineLimit> limit,
        Optional<LineLayout> layout,
        @Nullable StatedAs statedAs,
        String radius,
        String datum,
        String conditions,
        String feature) {

    /** The longest that is read. */
    public static final int LONGEST = 200;

    /**
     * @param line one line
     * @param usual the unit of what has none, mm or in
     * @throws LineRejected if it begins with no known name, or a word of it says nothing, too much or too little
     */
    public static RequirementLine of(String line, LengthUnit usual) throws LineRejected {
        LineWords words = LineWords.of(line);
        return new RequirementLine(
                words.characteristic(),
                new LimitOfLine(words, usual).read(),
                new LayoutOfLine(words, usual).read(),
                words.statedAs(),
                words.radius().isPresent() ? words.radius().get().in(usual).written() : "",
                words.datum(),
                words.conditions(),
                words.feature());
    }
}
