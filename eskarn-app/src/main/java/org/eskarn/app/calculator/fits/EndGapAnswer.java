package org.eskarn.app.calculator.fits;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.eskarn.app.calculator.Answer;
import org.eskarn.app.calculator.Answering;
import org.eskarn.app.field.Fields;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.engine.Drawing;
import org.eskarn.app.picture.fit.EndGapDrawing;
import org.eskarn.core.fit.EndGap;
import org.eskarn.core.units.Length;
import org.eskarn.core.verdict.Bounds;

/** End gap or crush under a bearing cap, and the shim that makes it as wanted. */
final class EndGapAnswer {

    private EndGapAnswer() {}

    static Optional<Answer> of(Fields fields) {
        if (fields.empty("depth") && fields.empty("widths")) {
            return Optional.empty();
        }
        Length depth = fields.size("depth", Words.say("calculators.a-depth-of-the-housing"));
        List<Double> widths = fields.sizes("widths");
        if (widths.isEmpty()) {
            fields.problem("widths", Words.say("calculators.type-the-widths-of-rings-and-spacers"));
        }
        double spigot = fields.length("spigot", 0);
        double seal = fields.length("seal", 0);
        double each = fields.amount("u", 0, Words.say("calculators.an-uncertainty"));
        Double least = fields.signed("least");
        Double most = fields.signed("most");
        List<Double> shims = fields.sizes("shims");
        if ((least == null) != (most == null)) {
            fields.problem(least == null ? "least" : "most", Words.say("calculators.a-wanted-gap-has-a-least-and"));
        } else if (least != null && most != null && least >= most) {
            fields.problem("most", Words.say("calculators.the-most-is-above-the-least"));
        }
        if (depth == null || !fields.readable()) {
            return Optional.empty();
        }
        EndGap gap = EndGap.of(depth.micrometres(), seal, widths, spigot, each);
        Bounds wanted = least == null || most == null ? Bounds.OPEN : Bounds.between(least, most);
        Drawing drawing = EndGapDrawing.of(depth.micrometres(), widths, gap.gap(), fields.deviations());
        return Optional.of(answer(fields, gap, wanted, shims, drawing));
    }

    private static Answer answer(Fields fields, EndGap gap, Bounds wanted, List<Double> shims, Drawing drawing) {
        Display small = fields.deviations();
        Answering answer = new Answering().picture(drawing);
        answer.headline((gap.gap() >= 0 ? Words.say("calculators.end-gap-of") : Words.say("calculators.crush-of"))
                + small.amount(Math.abs(gap.gap())) + " " + small.symbol());
        if (gap.expanded() > 0) {
            answer.fact(
                    Words.say("calculators.known-to-within-k-2"), "±" + small.amount(gap.expanded()), small.symbol());
        }
        Double least = wanted.lower();
        Double most = wanted.upper();
        if (least != null && most != null) {
            answer.judged(
                    Words.say("calculators.the-gap-against-what-is-wanted"),
                    gap.gap(),
                    gap.gap(),
                    wanted,
                    gap.expanded(),
                    small);
            if (!gap.provable(least, most)) {
                answer.warning(Words.say("calculators.the-gap-is-not-known-well-enough"));
            } else {
                gap.towards(least, most)
                        .ifPresentOrElse(
                                filling -> filling(answer, fields, filling, shims),
                                () -> answer.remark(Words.say("calculators.the-gap-is-as-wanted-no-shim")));
            }
        }
        if (gap.gap() < 0) {
            answer.warning(Words.say("calculators.a-crush-preloads-the-bearing-without-the"));
            answer.warning(Words.say("calculators.do-not-pull-the-cap-down-on"));
        }
        answer.remark(Words.say("calculators.rings-are-up-to-0-12-mm"));
        answer.remark(Words.say("calculators.measure-with-the-seal-that-will-be"));
        answer.governs(BearingAnswer.MAKER);
        return answer.done();
    }

    private static void filling(Answering answer, Fields fields, EndGap.Filling filling, List<Double> shims) {
        Display sizes = fields.sizes();
        String range = Words.say(
                "calculators.to-3", sizes.amount(filling.least()), sizes.amount(filling.most()), sizes.symbol());
        answer.fact(
                filling.underCap()
                        ? Words.say("calculators.shims-under-the-cap")
                        : Words.say("calculators.spacer-beside-the-ring"),
                range,
                "");
        answer.remark(
                filling.underCap()
                        ? Words.say("calculators.shims-under-the-cap-open-the-gap")
                        : Words.say("calculators.the-gap-is-too-wide-a-spacer"));
        if (shims.isEmpty()) {
            return;
        }
        EndGap.pack(shims, filling)
                .ifPresentOrElse(
                        pack -> answer.fact(
                                Words.say("calculators.from-the-drawer"),
                                pack.stream().map(sizes::amount).collect(Collectors.joining(" + ")) + " = "
                                        + sizes.amount(EndGap.sum(pack)),
                                sizes.symbol()),
                        () -> answer.warning(Words.say("calculators.no-pack-of-up-to-four-of")));
    }
}
