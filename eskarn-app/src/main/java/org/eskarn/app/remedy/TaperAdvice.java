package org.eskarn.app.remedy;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.eskarn.app.field.Fields;
import org.eskarn.app.page.Words;
import org.eskarn.core.evaluation.SizeReduction;
import org.eskarn.core.remedy.TailstockMove;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.RemedyKind;
import org.eskarn.core.size.SizeMap;
import org.eskarn.core.units.LengthUnit;

/** Turning a taper out by moving the tailstock across. */
final class TaperAdvice {

    private TaperAdvice() {}

    static Advice of(MeasuredState found, Fields fields) {
        SizeMap map = ((SizeReduction) found.assessment().reduction().orElseThrow()).map();
        LengthUnit unit = found.subject().terms().layout().unit();
        BigDecimal centres = fields.above("centres", Words.say("remedy.the-distance-between-centres"));
        if (centres != null && centres.doubleValue() < map.length()) {
            fields.problem(
                    "centres",
                    Words.say(
                            "remedy.the-centres-are-at-least-as-far",
                            BigDecimal.valueOf(map.length())
                                    .stripTrailingZeros()
                                    .toPlainString(),
                            unit.symbol()));
        }
        Map<String, String> problems = fields.problems();
        if (centres == null || !problems.isEmpty()) {
            return Advice.not(
                    RemedyKind.TAPER, Words.say("remedy.type-the-distance-between-the-centres-and"), problems);
        }
        boolean first = fields.text("tailstock").equals(RemedyFields.FIRST);
        SizeMap.Section tail = first ? map.first() : map.last();
        SizeMap.Section head = first ? map.last() : map.first();
        TailstockMove move = TailstockMove.of(head.mean(), tail.mean(), map.length(), centres.doubleValue());
        String way = move.away() ? Words.say("remedy.away-from-the-tool") : Words.say("remedy.towards-the-tool");
        boolean judgedIsTaper = found.subject().terms().characteristic() == Characteristic.TAPER;
        String sentence = move.amount() == 0
                ? Words.say("remedy.both-ends-measure-the-same-there-is")
                : Words.say("remedy.move-the-tailstock-by", found.both(move.amount()), way);
        return new Advice(
                RemedyKind.TAPER,
                true,
                sentence,
                List.of(
                        Words.say(
                                "remedy.the-tailstock-end-is-by-over-half",
                                move.taper() < 0 ? Words.say("remedy.smaller") : Words.say("remedy.larger"),
                                found.deviation(Math.abs(move.taper())),
                                BigDecimal.valueOf(map.length())
                                        .stripTrailingZeros()
                                        .toPlainString(),
                                unit.symbol()),
                        Words.say("remedy.set-an-indicator-against-the-tailstock-barrel")),
                List.of(),
                List.of(),
                Optional.empty(),
                judgedIsTaper ? OptionalDouble.of(0) : OptionalDouble.empty(),
                Words.say(
                        "remedy.tailstock-moved-by-centres-apart",
                        found.deviation(move.amount()),
                        way,
                        centres.toPlainString(),
                        unit.symbol()),
                problems);
    }
}
