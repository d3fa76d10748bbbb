package org.eskarn.app.remedy;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.eskarn.app.field.Fields;
import org.eskarn.app.page.DetailsView;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.round.MoveDrawing;
import org.eskarn.core.remedy.Available;
import org.eskarn.core.remedy.OffsetMove;
import org.eskarn.core.remedy.OffsetMove.Choice;
import org.eskarn.core.remedy.OffsetMove.Diameter;
import org.eskarn.core.requirement.RemedyKind;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.round.Way;
import org.jspecify.annotations.Nullable;

/** Moving an off-centre ring back with what is in the drawer. */
final class OffsetAdvice {

    private static final String EXACT = "exact";

    private OffsetAdvice() {}

    static Advice of(MeasuredState found, Fields fields) {
        Optional<OffsetMove> moved =
                OffsetMove.of(found.subject().terms(), found.dial(), found.assessment(), found.drawer());
        if (moved.isEmpty()) {
            return Advice.not(RemedyKind.OFFSET, Words.say("remedy.the-offset-does-not-stand-clear-of"), Map.of());
        }
        OffsetMove move = moved.get();
        Choice chosen = chosen(move, fields.text("choice"));
        String way = way(found, move);
        String by = chosen.available()
                .map(available ->
                        Words.of(available.kind().title()) + " " + available.name() + ", " + available.amount())
                .orElse(Words.say("remedy.a-move-of-exactly", found.deviation(move.offset())));
        List<String> lines = new ArrayList<>();
        if (!move.worthMoving()) {
            lines.add(Words.say("remedy.every-offset-in-the-drawer-is-so"));
        }
        if (found.drawer().isEmpty()) {
            lines.add(Words.say("remedy.no-offsets-are-listed-for-this-part"));
        }
        if (ofDowels(chosen) && move.worthMoving()) {
            lines.add(Words.say("remedy.turn-both-dowels-alike", way));
        }
        lines.add(Words.say(
                "remedy.then-it-is-off-by-the-judged",
                found.deviation(chosen.residual()),
                found.deviation(chosen.figure()),
                chosen.predicted().verdict().outcome().word()));
        return new Advice(
                RemedyKind.OFFSET,
                true,
                Words.say("remedy.move-the-by", what(found), found.both(move.offset()), way),
                lines,
                choices(found, move, chosen),
                List.of(diameters(found, chosen)),
                Optional.of(MoveDrawing.of(found.subject(), move, chosen, ofDowels(chosen), found.deviations())),
                OptionalDouble.of(chosen.figure()),
                Words.say("remedy.move-by-with", found.deviation(chosen.moved()), by, way),
                Map.of());
    }

    /** Whether it is moved by dowels, of which a housing has two. */
    private static boolean ofDowels(Choice chosen) {
        return chosen.available()
                .filter(available -> available.kind() == Available.Kind.DOWEL)
                .isPresent();
    }

    private static String what(MeasuredState found) {
        return found.subject().terms().side() == SurfaceSide.INSIDE
                ? Words.say("remedy.centre-of-the-opening")
                : Words.say("remedy.centre-of-the-section");
    }

    private static String way(MeasuredState found, OffsetMove move) {
        return Words.say(
                "remedy.towards-about-oclock-as-seen-from",
                Math.round(Way.degrees(move.towards())) % 360,
                Way.clock(move.towards()),
                Way.words(move.towards()),
                found.subject().seenFrom());
    }

    private static Choice chosen(OffsetMove move, @Nullable String choice) {
        if (EXACT.equals(choice) || move.choices().isEmpty()) {
            return move.exact();
        }
        return move.choices().stream()
                .filter(each -> value(each).equals(choice))
                .findFirst()
                .orElse(move.choices().get(0));
    }

    private static String value(Choice choice) {
        return choice.available().map(a -> a.kind() + " " + a.name()).orElse(EXACT);
    }

    private static List<Advice.Choice> choices(MeasuredState found, OffsetMove move, Choice chosen) {
        List<Choice> all = new ArrayList<>(move.choices());
        all.add(move.exact());
        return all.stream()
                .map(each -> new Advice.Choice(
                        value(each),
                        each.available()
                                .map(a -> Words.of(a.kind().title()) + " " + a.name())
                                .orElse(Words.say("remedy.exactly-the-offset")),
                        List.of(
                                found.deviations().amount(each.moved()),
                                found.deviations().amount(each.residual()),
                                found.deviations().amount(each.figure()),
                                Words.of(each.predicted().verdict().outcome().word())),
                        value(each).equals(value(chosen)),
                        !move.choices().isEmpty() && each == move.choices().get(0) ? Words.say("remedy.nearest") : ""))
                .toList();
    }

    /**
     * How far the centre is off along a diameter, and towards which of its ends: of a shaft the one that reads more, of an opening,
     * where plus is wall nearer to the axis, the other.
     */
    private static String towards(MeasuredState found, Diameter diameter, double off) {
        String amount = found.deviations().amount(Math.abs(off));
        if (amount.equals(found.deviations().amount(0))) {
            return amount;
        }
        boolean first = off > 0 != found.subject().terms().side().inside();
        if (diameter.to().isEmpty()) {
            return first
                    ? Words.say("remedy.towards-end", amount, diameter.from())
                    : Words.say("remedy.away-from-end", amount, diameter.from());
        }
        return Words.say("remedy.towards-end", amount, first ? diameter.from() : diameter.to());
    }

    private static String named(Diameter diameter) {
        return diameter.to().isEmpty()
                ? Words.say("remedy.through", diameter.from())
                : diameter.from() + " – " + diameter.to();
    }

    private static DetailsView.Table diameters(MeasuredState found, Choice chosen) {
        String unit = ", " + found.deviations().symbol();
        return new DetailsView.Table(
                Words.say("remedy.off-along-every-diameter"),
                List.of(
                        Words.say("remedy.head-diameter"),
                        Words.say("remedy.head-now") + unit,
                        Words.say("remedy.head-then") + unit),
                chosen.diameters().stream()
                        .map(diameter -> new DetailsView.Row(
                                named(diameter),
                                List.of(
                                        towards(found, diameter, diameter.before()),
                                        towards(found, diameter, diameter.after()))))
                        .toList());
    }
}
