package org.eskarn.core.evaluation;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import org.eskarn.core.reading.PlaceName;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.result.Figure;
import org.eskarn.core.result.Note;

/**
 * What named conditions say together about whose an error is. The word before the colon of a condition says what was changed for it:
 *
 * <ul>
 *   <li>slide: the position of a slide or stand. What changes with it is the slide's; rising or falling all along, it grows along it.
 *   <li>seat: taken off and seated again. What changes is the seating's.
 *   <li>turned: the part turned round or over. A signed figure that turns its sign follows the part; one that keeps it stays with the
 *       fixture; anything between is of both.
 *   <li>move: before and after a move. What changes has moved.
 * </ul>
 *
 * A change counts where it is larger than what two figures of one gauge can differ by of themselves, √2 · U; each group is compared with
 * the first condition of all as well. Where nothing changes, the error follows the part; but where that much is no less than the error
 * itself, nothing is told.
 */
final class WhoseError {

    private static final String SLIDE = "slide";
    private static final String SEAT = "seat";
    private static final String TURNED = "turned";
    private static final String MOVE = "move";

    private WhoseError() {}

    /** @param conditions at least two, all read */
    static List<Note> of(Requirement requirement, List<Condition> conditions) {
        double telling = Math.sqrt(2)
                * conditions.stream().mapToDouble(Condition::expanded).max().orElse(0);
        double first = conditions.get(0).figure();
        Map<String, List<Condition>> groups = new LinkedHashMap<>();
        for (Condition each : conditions) {
            groups.computeIfAbsent(
                            PlaceName.of(each.name()).group().toLowerCase(Locale.ROOT), unused -> new ArrayList<>())
                    .add(each);
        }
        List<Note> notes = new ArrayList<>();
        groups.forEach((group, of) -> {
            double[] figures = of.stream().mapToDouble(Condition::figure).toArray();
            switch (group) {
                case SLIDE -> slide(figures, telling, notes);
                case SEAT ->
                    changed(by -> Note.of("core.it-is-the-seating", by), withFirst(first, figures), telling, notes);
                case MOVE -> changed(by -> Note.of("core.it-has-moved", by), withFirst(first, figures), telling, notes);
                case TURNED -> turned(requirement, first, figures[0], telling, notes);
                default -> {
                    // Any other name is compared in the table alone.
                }
            }
        });
        double[] all = conditions.stream().mapToDouble(Condition::figure).toArray();
        if (notes.isEmpty()) {
            notes.add(unnamed(requirement, all, telling));
        }
        return notes;
    }

    private static Note unnamed(Requirement requirement, double[] figures, double telling) {
        Figure range = Figure.deviation(range(figures));
        if (range.amount() > telling) {
            return Note.of("core.the-conditions-differ-by", range);
        }
        return telling < error(requirement, figures)
                ? Note.of("core.the-same-under-all-conditions", Figure.deviation(telling))
                : Note.of("core.the-conditions-tell-nothing", range, Figure.deviation(telling));
    }

    /** What would have to be told apart, µm: the error that was found, or of a size what is allowed. */
    private static double error(Requirement requirement, double[] figures) {
        return requirement.characteristic().sized()
                ? requirement.bounds().width()
                : Arrays.stream(figures).map(Math::abs).max().orElse(0);
    }

    private static void slide(double[] figures, double telling, List<Note> notes) {
        if (figures.length < 2 || range(figures) <= telling) {
            return;
        }
        boolean rising = true;
        boolean falling = true;
        for (int i = 1; i < figures.length; i++) {
            rising &= figures[i] >= figures[i - 1];
            falling &= figures[i] <= figures[i - 1];
        }
        notes.add(Note.of(
                figures.length > 2 && (rising || falling)
                        ? "core.it-grows-along-the-slide"
                        : "core.it-changes-with-the-slide",
                Figure.deviation(range(figures))));
    }

    private static void changed(Function<Figure, Note> said, double[] figures, double telling, List<Note> notes) {
        if (range(figures) > telling) {
            notes.add(said.apply(Figure.deviation(range(figures))));
        }
    }

    private static void turned(Requirement requirement, double first, double turned, double telling, List<Note> notes) {
        if (!requirement.characteristic().signed()) {
            changed(by -> Note.of("core.turned-round-it-differs", by), new double[] {first, turned}, telling, notes);
            return;
        }
        boolean follows = Math.abs(turned + first) <= telling;
        boolean stays = Math.abs(turned - first) <= telling;
        if (follows != stays) {
            notes.add(Note.of(follows ? "core.it-follows-the-part" : "core.it-stays-with-the-fixture"));
        } else if (!follows) {
            notes.add(Note.of(
                    "core.it-is-of-both",
                    Figure.deviation((first - turned) / 2),
                    Figure.deviation((first + turned) / 2)));
        }
    }

    private static double[] withFirst(double first, double[] figures) {
        double[] all = new double[figures.length + 1];
        all[0] = first;
        System.arraycopy(figures, 0, all, 1, figures.length);
        return all;
    }

    private static double range(double[] figures) {
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        for (double figure : figures) {
            low = Math.min(low, figure);
            high = Math.max(high, figure);
        }
        return high - low;
    }
}
