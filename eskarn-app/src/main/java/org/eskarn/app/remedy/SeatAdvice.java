package org.eskarn.app.remedy;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import org.eskarn.app.field.Fields;
import org.eskarn.app.page.Words;
import org.eskarn.core.evaluation.SizeReduction;
import org.eskarn.core.remedy.Shortfall;
import org.eskarn.core.requirement.RemedyKind;
import org.eskarn.core.round.SurfaceSide;

/** A seat with too little metal: by how much, and what can honestly be done. */
final class SeatAdvice {

    private SeatAdvice() {}

    static Advice of(MeasuredState found, Fields fields) {
        boolean bore = found.subject().terms().side() == SurfaceSide.INSIDE;
        double[] sizes = ((SizeReduction) found.assessment().reduction().orElseThrow()).sizes();
        Optional<Shortfall> shortfall =
                Shortfall.of(bore, sizes, found.subject().terms().bounds());
        if (shortfall.isEmpty()) {
            return Advice.not(RemedyKind.SEAT, Words.say("remedy.no-place-is-past-the-limit-on"), Map.of());
        }
        List<String> options =
                shortfall.get().options(bore).stream().map(Words::of).toList();
        int chosen = IntStream.range(1, options.size())
                .filter(i -> Integer.toString(i).equals(fields.text("choice")))
                .findFirst()
                .orElse(1);
        return new Advice(
                RemedyKind.SEAT,
                true,
                Words.say(
                        "remedy.at-its-worst-place",
                        bore
                                ? Words.say("remedy.the-bore-is-too-large-by")
                                : Words.say("remedy.the-seat-is-too-small-by"),
                        found.both(shortfall.get().amount())),
                List.of(options.get(0)),
                IntStream.range(1, options.size())
                        .mapToObj(
                                i -> new Advice.Choice(Integer.toString(i), options.get(i), List.of(), i == chosen, ""))
                        .toList(),
                List.of(),
                Optional.empty(),
                OptionalDouble.empty(),
                options.get(chosen),
                Map.of());
    }
}
