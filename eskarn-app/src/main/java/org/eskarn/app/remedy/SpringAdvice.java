package org.eskarn.app.remedy;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.eskarn.app.page.Typed;
import org.eskarn.app.picture.Pictures;
import org.eskarn.core.evaluation.SlopesReduction;
import org.eskarn.core.remedy.SpringBack;

/** Springing a small bend or twist of a link back. */
final class SpringAdvice {

    private SpringAdvice() {}

    static Advice of(MeasuredState found, RemedyForm form) {
        SlopesReduction slopes =
                (SlopesReduction) found.assessment().reduction().orElseThrow();
        SlopesReduction.Slope slope = slopes.slopes().get(slopes.worst());
        FlatForm flat = form.flatIn(found);
        Typed typed = new Typed(new LinkedHashMap<>());
        BigDecimal eyes = typed.above("flat.eyes", flat.eyes(), "A length");
        BigDecimal most = typed.above("flat.most", flat.most(), "The most that may be sprung");
        double perPlace = found.assessment().sweep().layout().unit().millimetres();
        if (slopes.span() == 0
                || eyes == null
                || most == null
                || !typed.problems().isEmpty()) {
            return Advice.not(
                    RemedyKind.SPRING,
                    slopes.span() == 0
                            ? "How far apart both places are is not written in the requirement, so nothing can be scaled."
                            : "Type over which length it is sprung, and the most that its maker allows there.",
                    typed.problems());
        }
        SpringBack spring = SpringBack.of(
                slope.rise(),
                slopes.span(),
                eyes.doubleValue() * perPlace,
                found.deviations().micrometres(most.doubleValue()));
        String over = eyes.toPlainString() + " "
                + found.assessment().sweep().layout().unit().symbol();
        String way = "the other side " + (spring.raise() ? "up" : "down");
        List<String> lines = new ArrayList<>();
        if (slopes.slopes().size() > 1) {
            lines.add("Worst is the " + slope.name() + "; after it has been sprung, both are read again.");
        }
        lines.add(
                "A little at a time: metal springs back, so the last part needs more than it shows. Load off, then read.");
        return new Advice(
                RemedyKind.SPRING,
                true,
                spring.reject()
                        ? "Reject it: " + found.both(spring.amount()) + " over " + over + " is more than may be sprung."
                        : "Spring " + way + " by " + found.both(spring.amount()) + " over " + over + ", against the "
                                + slope.name() + ".",
                spring.reject()
                        ? List.of("Mark it so that nobody fits it; sprung so far it cracks or comes back in use.")
                        : lines,
                List.of(),
                List.of(),
                Optional.of(Pictures.of(found.subject(), found.assessment(), found.deviations())),
                spring.reject() ? OptionalDouble.empty() : OptionalDouble.of(0),
                spring.reject()
                        ? "Rejected: more than may be sprung"
                        : "Sprung, " + way + " by " + found.deviation(spring.amount()) + " over " + over,
                typed.problems());
    }
}
