package org.eskarn.app.remedy;

import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.eskarn.app.page.Typed;
import org.eskarn.core.evaluation.SizeReduction;
import org.eskarn.core.remedy.TailstockMove;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.size.SizeMap;
import org.eskarn.core.units.LengthUnit;

/** Turning a taper out by moving the tailstock across. */
final class TaperAdvice {

    private TaperAdvice() {}

    static Advice of(MeasuredState found, RemedyForm form) {
        SizeMap map = ((SizeReduction) found.assessment().reduction().orElseThrow()).map();
        LengthUnit unit = found.subject().terms().layout().unit();
        Typed typed = new Typed(new LinkedHashMap<>());
        BigDecimal centres = typed.above("centres", form.centres(), "The distance between centres");
        if (centres != null && centres.doubleValue() < map.length()) {
            typed.problem(
                    "centres",
                    "The centres are at least as far apart as the sections measured, "
                            + BigDecimal.valueOf(map.length())
                                    .stripTrailingZeros()
                                    .toPlainString() + " " + unit.symbol()
                            + ".");
        }
        Map<String, String> problems = typed.problems();
        if (centres == null || !problems.isEmpty()) {
            return Advice.not(
                    RemedyKind.TAPER,
                    "Type the distance between the centres, and which end is at the tailstock.",
                    problems);
        }
        boolean first = form.tailstockFirst();
        SizeMap.Section tail = first ? map.first() : map.last();
        SizeMap.Section head = first ? map.last() : map.first();
        TailstockMove move = TailstockMove.of(head.mean(), tail.mean(), map.length(), centres.doubleValue());
        String way = move.away() ? "away from the tool" : "towards the tool";
        boolean judgedIsTaper = found.subject().terms().characteristic() == Characteristic.TAPER;
        String sentence = move.amount() == 0
                ? "Both ends measure the same: there is nothing to move."
                : "Move the tailstock by " + found.both(move.amount()) + " " + way + ".";
        return new Advice(
                RemedyKind.TAPER,
                true,
                sentence,
                List.of(
                        "The tailstock end is " + (move.taper() < 0 ? "smaller" : "larger") + " by "
                                + found.deviation(Math.abs(move.taper())) + " over "
                                + BigDecimal.valueOf(map.length())
                                        .stripTrailingZeros()
                                        .toPlainString() + " "
                                + unit.symbol() + "; half of that, times centres over measured length.",
                        "Set an indicator against the tailstock barrel, move it by so much, lock it, take one light cut and"
                                + " measure both ends again."),
                List.of(),
                List.of(),
                Optional.empty(),
                judgedIsTaper ? OptionalDouble.of(0) : OptionalDouble.empty(),
                "Tailstock moved by " + found.deviation(move.amount()) + " " + way + ", centres "
                        + centres.toPlainString() + " " + unit.symbol() + " apart",
                problems);
    }
}
