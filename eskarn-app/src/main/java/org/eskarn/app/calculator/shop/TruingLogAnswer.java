package org.eskarn.app.calculator.shop;

import java.util.List;
import java.util.Optional;
import org.eskarn.app.calculator.Answer;
import org.eskarn.app.calculator.Answering;
import org.eskarn.app.field.Fields;
import org.eskarn.app.field.Quantity;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.round.ConvergenceDrawing;
import org.eskarn.core.remedy.Truing;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.Bounds;

/** The log of truing a pressed assembly: whether the last step helped, and what next. */
final class TruingLogAnswer {

    private static final int LONGEST_LOG = 60;

    private TruingLogAnswer() {}

    static Optional<Answer> of(Fields fields) {
        if (fields.empty("movements")) {
            return Optional.empty();
        }
        List<Double> log = fields.movements("movements");
        log.stream()
                .filter(movement -> movement < 0)
                .findFirst()
                .ifPresent(movement ->
                        fields.problem("movements", Words.say("calculators.a-movement-is-never-negative-as-is")));
        if (log.size() > LONGEST_LOG) {
            fields.problem("movements", Words.say("calculators.sixty-movements-are-enough"));
        }
        Length most = fields.positive("limit", Words.say("calculators.a-limit"));
        Length division = fields.size("graduation", Words.say("calculators.a-graduation"));
        if (log.isEmpty() || division == null || !fields.readable()) {
            return Optional.empty();
        }
        Bounds bounds = most == null ? Bounds.OPEN : Bounds.atMost(most.micrometres());
        Truing truing = Truing.of(log, bounds, division.micrometres());
        Display display = new Display(fields.unitOf(Quantity.READ).orElse(LengthUnit.MICROMETRE));
        Answering answer = new Answering();
        answer.cautions(List.of(
                Words.say("calculators.eye-protection-and-others-clear-strike-with"),
                Words.say("calculators.local-rules-the-drawing-and-the-makers-2")));
        answer.headline(Words.of(truing.advice().sentence()));
        if (truing.advice().strikeAgain()) {
            answer.fact(Words.say("calculators.half-of-what-is-left"), truing.next(), display);
        }
        answer.picture(ConvergenceDrawing.of(truing, bounds, List.of(), display));
        return Optional.of(answer.done());
    }
}
