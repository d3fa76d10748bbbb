package org.eskarn.app.remedy;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.eskarn.app.page.DetailsView;
import org.eskarn.app.picture.round.MoveDrawing;
import org.eskarn.core.remedy.OffsetMove;
import org.eskarn.core.remedy.OffsetMove.Choice;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.round.Way;
import org.jspecify.annotations.Nullable;

/** Moving an off-centre ring back with what is in the drawer. */
final class OffsetAdvice {

    private static final String EXACT = "exact";

    private OffsetAdvice() {}

    static Advice of(MeasuredState found, RemedyForm form) {
        Optional<OffsetMove> moved =
                OffsetMove.of(found.subject().terms(), found.dial(), found.assessment(), found.drawer());
        if (moved.isEmpty()) {
            return Advice.not(
                    RemedyKind.OFFSET,
                    "The offset does not stand clear of the scatter of the readings, so there is no direction to move in.",
                    Map.of());
        }
        OffsetMove move = moved.get();
        Choice chosen = chosen(move, form.choice());
        String way = way(found, move);
        String by = chosen.available()
                .map(available -> available.kind().title() + " " + available.name() + ", " + available.amount())
                .orElse("a move of exactly " + found.deviation(move.offset()));
        List<String> lines = new ArrayList<>();
        if (!move.worthMoving()) {
            lines.add("Every offset in the drawer is so large that leaving it as it is comes out better.");
        }
        if (found.drawer().isEmpty()) {
            lines.add("No offsets are listed for this part: only the exact move is shown.");
        }
        lines.add("Then it is off by " + found.deviation(chosen.residual()) + "; the judged figure would be "
                + found.deviation(chosen.figure()) + ", "
                + chosen.predicted().verdict().outcome().word() + ".");
        return new Advice(
                RemedyKind.OFFSET,
                true,
                "Move the " + what(found) + " by " + found.both(move.offset()) + " " + way + ".",
                lines,
                choices(found, move, chosen),
                List.of(diameters(found, chosen)),
                Optional.of(MoveDrawing.of(found.subject(), move, chosen, found.deviations())),
                OptionalDouble.of(chosen.figure()),
                "Move by " + found.deviation(chosen.moved()) + " with " + by + " " + way,
                Map.of());
    }

    private static String what(MeasuredState found) {
        return found.subject().terms().side() == SurfaceSide.INSIDE ? "centre of the opening" : "centre of the section";
    }

    private static String way(MeasuredState found, OffsetMove move) {
        return "towards " + Math.round(Way.degrees(move.towards())) % 360 + "°, about " + Way.clock(move.towards())
                + " o’clock: " + Way.words(move.towards()) + " as seen from "
                + found.subject().seenFrom();
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
                                .map(a -> a.kind().title() + " " + a.name())
                                .orElse("exactly the offset"),
                        List.of(
                                found.deviations().amount(each.moved()),
                                found.deviations().amount(each.residual()),
                                found.deviations().amount(each.figure()),
                                each.predicted().verdict().outcome().word()),
                        value(each).equals(value(chosen)),
                        !move.choices().isEmpty() && each == move.choices().get(0) ? "nearest" : ""))
                .toList();
    }

    private static DetailsView.Table diameters(MeasuredState found, Choice chosen) {
        String unit = ", " + found.deviations().symbol();
        return new DetailsView.Table(
                "Off along every diameter",
                List.of("diameter", "now" + unit, "then" + unit),
                chosen.diameters().stream()
                        .map(diameter -> new DetailsView.Row(
                                diameter.name(),
                                List.of(
                                        found.deviations().signed(diameter.before()),
                                        found.deviations().signed(diameter.after()))))
                        .toList());
    }
}
