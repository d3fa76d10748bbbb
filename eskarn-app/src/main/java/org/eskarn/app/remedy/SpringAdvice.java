package org.eskarn.app.remedy;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.eskarn.app.field.Fields;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.Pictures;
import org.eskarn.core.evaluation.SlopesReduction;
import org.eskarn.core.remedy.SpringBack;
import org.eskarn.core.requirement.RemedyKind;

/** Springing a small bend or twist of a link back. */
final class SpringAdvice {

    private SpringAdvice() {}

    static Advice of(MeasuredState found, Fields fields) {
        SlopesReduction slopes =
                (SlopesReduction) found.assessment().reduction().orElseThrow();
        SlopesReduction.Slope slope = slopes.slopes().get(slopes.worst());
        BigDecimal eyes = fields.above("eyes", Words.say("remedy.a-length"));
        BigDecimal most = fields.above("most", Words.say("remedy.the-most-that-may-be-sprung"));
        double perPlace = found.assessment().sweep().layout().unit().millimetres();
        if (slopes.span() == 0
                || eyes == null
                || most == null
                || !fields.problems().isEmpty()) {
            return Advice.not(
                    RemedyKind.SPRING,
                    slopes.span() == 0
                            ? Words.say("remedy.how-far-apart-both-places-are-is-2")
                            : Words.say("remedy.type-over-which-length-it-is-sprung"),
                    fields.problems());
        }
        SpringBack spring = SpringBack.of(
                slope.rise(),
                slopes.span(),
                eyes.doubleValue() * perPlace,
                found.deviations().micrometres(most.doubleValue()));
        String over = eyes.toPlainString() + " "
                + found.assessment().sweep().layout().unit().symbol();
        String way =
                Words.say("remedy.the-other-side", spring.raise() ? Words.say("remedy.up") : Words.say("remedy.down"));
        List<String> lines = new ArrayList<>();
        if (slopes.slopes().size() > 1) {
            lines.add(Words.say("remedy.worst-is-the-after-it-has-been", slope.name()));
        }
        lines.add(Words.say("remedy.a-little-at-a-time-metal-springs"));
        return new Advice(
                RemedyKind.SPRING,
                true,
                spring.reject()
                        ? Words.say("remedy.reject-it-over-is-more-than-may", found.both(spring.amount()), over)
                        : Words.say(
                                "remedy.spring-by-over-against-the",
                                way,
                                found.both(spring.amount()),
                                over,
                                slope.name()),
                spring.reject() ? List.of(Words.say("remedy.mark-it-so-that-nobody-fits-it")) : lines,
                List.of(),
                List.of(),
                Optional.of(Pictures.of(found.subject(), found.assessment(), found.deviations())),
                spring.reject() ? OptionalDouble.empty() : OptionalDouble.of(0),
                spring.reject()
                        ? Words.say("remedy.rejected-more-than-may-be-sprung")
                        : Words.say("remedy.sprung-by-over", way, found.deviation(spring.amount()), over),
                fields.problems());
    }
}
