package org.eskarn.app.calculator.shop;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.calculator.Answer;
import org.eskarn.app.calculator.Answering;
import org.eskarn.app.field.Fields;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.fit.RangesDrawing;
import org.eskarn.app.picture.fit.RangesDrawing.Range;
import org.eskarn.core.size.TouchingOff;
import org.eskarn.core.units.Length;
import org.jspecify.annotations.Nullable;

/** Centre to edge with an edge finder, against a flat edge or a pin. */
final class TouchingAnswer {

    private TouchingAnswer() {}

    static Optional<Answer> of(Fields fields) {
        if (fields.empty("finder")) {
            return Optional.empty();
        }
        Length finder = fields.positive("finder", Words.say("calculators.the-diameter-of-the-finder"));
        Length pin = fields.length("pin");
        Length one = fields.length("one");
        Length other = fields.length("other");
        if (pin != null && pin.amount().signum() < 0) {
            fields.problem("pin", Words.say("calculators.the-diameter-of-a-pin-is-not"));
        }
        if (one == null && other != null) {
            fields.problem("one", Words.say("calculators.type-the-first-touch-too"));
        }
        if (finder == null || !fields.readable()) {
            return Optional.empty();
        }
        double diameter = finder.micrometres();
        double distance = TouchingOff.centreDistance(diameter, pin == null ? 0 : pin.micrometres());
        Display sizes = fields.sizes();
        boolean edge = pin == null || pin.amount().signum() == 0;
        Answering answer = new Answering();
        answer.headline((edge
                        ? Words.say("calculators.centre-of-the-finder-to-the-edge")
                        : Words.say("calculators.centre-of-the-finder-to-the-centre"))
                + ": " + sizes.amount(distance) + " " + sizes.symbol());
        if (one != null) {
            touched(answer, one.micrometres(), distance, edge, sizes);
            between(answer, one.micrometres(), other, diameter, sizes);
            answer.picture(slide(one.micrometres(), other, distance, sizes));
        }
        return Optional.of(answer.done());
    }

    private static void touched(Answering answer, double at, double distance, boolean edge, Display sizes) {
        String what =
                edge ? Words.say("calculators.the-edge-lies-at") : Words.say("calculators.the-pins-centre-lies-at");
        answer.fact(what + Words.say("calculators.going-up-or"), at + distance, sizes);
        answer.fact(what + Words.say("calculators.going-down"), at - distance, sizes);
    }

    private static void between(Answering answer, double one, @Nullable Length other, double diameter, Display sizes) {
        if (other != null) {
            double to = other.micrometres();
            answer.fact(Words.say("calculators.middle-of-both-touches"), TouchingOff.middle(one, to), sizes);
            answer.fact(
                    Words.say("calculators.width-touched-from-outside"), TouchingOff.width(one, to, diameter), sizes);
            answer.fact(Words.say("calculators.width-touched-from-inside"), Math.abs(to - one) + diameter, sizes);
        }
    }

    private static org.eskarn.app.picture.engine.Picture slide(
            double one, @Nullable Length other, double distance, Display sizes) {
        List<Range> rows = new ArrayList<>();
        rows.add(new Range(Words.say("calculators.first-touch"), sizes.of(one - distance), sizes.of(one + distance)));
        if (other != null) {
            double to = other.micrometres();
            rows.add(
                    new Range(Words.say("calculators.second-touch"), sizes.of(to - distance), sizes.of(to + distance)));
            double middle = TouchingOff.middle(one, to);
            rows.add(new Range(Words.say("calculators.midpoint"), sizes.of(middle), sizes.of(middle)));
        }
        return RangesDrawing.of(
                Words.say("calculators.along-the-slide"),
                sizes.symbol(),
                rows,
                RangesDrawing.Limits.NONE,
                false,
                amount -> sizes.amount(sizes.micrometres(amount)));
    }
}
