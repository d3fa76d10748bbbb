package org.eskarn.app.remedy;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.eskarn.app.field.Fields;
import org.eskarn.app.page.Words;
import org.eskarn.core.evaluation.HeightsReduction;
import org.eskarn.core.evaluation.LineReduction;
import org.eskarn.core.evaluation.Reduction;
import org.eskarn.core.evaluation.SlopesReduction;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.RemedyKind;

/** Good enough for the use: what the error means there, with a reason and a name. The figure stays. */
final class LeaveAdvice {

    private static final int LONGEST = 200;

    private LeaveAdvice() {}

    static Advice of(MeasuredState found, Fields fields) {
        String reason = fields.atMost("reason", LONGEST);
        BigDecimal length = fields.above("workLength", Words.say("remedy.a-length"));
        double perPlace = found.assessment().sweep().layout().unit().millimetres();
        String symbol = found.assessment().sweep().layout().unit().symbol();
        OptionalDouble slope = slope(found);
        if (slope.isEmpty()) {
            fields.ignore("workLength");
        }
        List<String> lines = new ArrayList<>();
        String meaning = "";
        if (slope.isPresent() && length != null) {
            double over = slope.getAsDouble() * length.doubleValue() * perPlace;
            meaning =
                    Words.say("remedy.over-of-work-it-comes-to", length.toPlainString(), symbol, found.deviation(over));
            lines.add(MeasuredState.capital(meaning) + ".");
        } else if (slope.isPresent()) {
            lines.add(Words.say("remedy.type-the-length-of-the-work-to"));
        }
        lines.add(Words.say("remedy.the-verdict-and-its-figure-stay-as"));
        if (reason.isEmpty() || !fields.problems().isEmpty()) {
            return new Advice(
                    RemedyKind.LEAVE,
                    false,
                    Words.say("remedy.write-why-it-is-good-enough-for"),
                    lines,
                    List.of(),
                    List.of(),
                    Optional.empty(),
                    OptionalDouble.empty(),
                    "",
                    fields.problems());
        }
        return new Advice(
                RemedyKind.LEAVE,
                true,
                Words.say("remedy.left-as-it-is", reason),
                lines,
                List.of(),
                List.of(),
                Optional.empty(),
                OptionalDouble.empty(),
                Words.say("remedy.left-as-it-is-because", reason, meaning.isEmpty() ? "" : "; " + meaning),
                fields.problems());
    }

    /** Whether its meaning over the length of the work can be told. */
    static boolean sloping(MeasuredState found) {
        return slope(found).isPresent();
    }

    /** µm for each mm, where the error is a slope. */
    private static OptionalDouble slope(MeasuredState found) {
        Reduction reduction = found.assessment().reduction().orElseThrow();
        if (reduction instanceof SlopesReduction slopes && slopes.span() > 0) {
            return OptionalDouble.of(
                    Math.abs(slopes.slopes().get(slopes.worst()).rise()) / slopes.span());
        }
        Characteristic what = found.subject().terms().characteristic();
        if (reduction instanceof LineReduction line && what == Characteristic.SQUARENESS) {
            return OptionalDouble.of(Math.abs(line.lines().get(line.worst()).slope()));
        }
        if (reduction instanceof HeightsReduction heights && what == Characteristic.PARALLELISM_OF_FACES) {
            return OptionalDouble.of(
                    Math.hypot(heights.plane().slopeX(), heights.plane().slopeY()));
        }
        return OptionalDouble.empty();
    }
}
