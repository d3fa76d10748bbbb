package org.eskarn.app.fit;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.eskarn.app.page.Display;
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
        Length depth = fields.size("depth", "a depth of the housing");
        List<Double> widths = fields.sizes("widths");
        if (widths.isEmpty()) {
            fields.problem("widths", "Type the widths of rings and spacers as measured.");
        }
        java.math.BigDecimal spigot = fields.number("spigot");
        java.math.BigDecimal seal = fields.number("seal");
        double each = fields.amount("u", 0, "An uncertainty");
        Double least = fields.signed("least");
        Double most = fields.signed("most");
        List<Double> shims = fields.sizes("shims");
        if ((least == null) != (most == null)) {
            fields.problem(least == null ? "least" : "most", "A wanted gap has a least and a most; minus is a crush.");
        } else if (least != null && most != null && least >= most) {
            fields.problem("most", "The most is above the least.");
        }
        if (depth == null || !fields.readable()) {
            return Optional.empty();
        }
        double unit = fields.unit().micrometres().doubleValue();
        EndGap gap = EndGap.of(
                depth.micrometres(),
                seal == null ? 0 : seal.doubleValue() * unit,
                widths,
                spigot == null ? 0 : spigot.doubleValue() * unit,
                each);
        Bounds wanted = least == null || most == null ? Bounds.OPEN : Bounds.between(least, most);
        Drawing drawing = EndGapDrawing.of(depth.micrometres(), widths, gap.gap(), fields.deviations());
        return Optional.of(answer(fields, gap, wanted, shims, drawing));
    }

    private static Answer answer(Fields fields, EndGap gap, Bounds wanted, List<Double> shims, Drawing drawing) {
        Display small = fields.deviations();
        Answering answer = new Answering().picture(drawing);
        answer.headline((gap.gap() >= 0 ? "End gap of " : "Crush of ") + small.amount(Math.abs(gap.gap())) + " "
                + small.symbol());
        if (gap.expanded() > 0) {
            answer.fact("known to within, k = 2", "±" + small.amount(gap.expanded()), small.symbol());
        }
        Double least = wanted.lower();
        Double most = wanted.upper();
        if (least != null && most != null) {
            answer.judged("the gap against what is wanted", gap.gap(), gap.gap(), wanted, gap.expanded(), small);
            gap.towards(least, most)
                    .ifPresentOrElse(
                            filling -> filling(answer, fields, filling, shims),
                            () -> answer.remark("The gap is as wanted; no shim is needed."));
            if (gap.expanded() > (most - least) / 2) {
                answer.warning(
                        "The gap is not known well enough for the range that is wanted: measure each part with less"
                                + " uncertainty, or measure the gap itself with soft wire or by pushing and pulling.");
            }
        }
        if (gap.gap() < 0) {
            answer.warning(
                    "A crush preloads the bearing. Without the maker’s figure for preload it must have an end gap: the shaft"
                            + " grows more than the housing when it is warm.");
            answer.warning(
                    "Do not pull the cap down on a crush: the bolts bend its flange and the gap at the joint hides it.");
        }
        answer.remark(
                "Rings are up to 0.12 mm narrower than their nominal width, large ones more: measure them, do not take"
                        + " them from a list.");
        answer.remark(
                "Measure with the seal that will be used, pressed as it will be, and tighten in turns crosswise.");
        answer.governs(BearingAnswer.MAKER);
        return answer.done();
    }

    private static void filling(Answering answer, Fields fields, EndGap.Filling filling, List<Double> shims) {
        Display sizes = fields.sizes();
        String range = sizes.amount(filling.least()) + " to " + sizes.amount(filling.most()) + " " + sizes.symbol();
        answer.fact(filling.underCap() ? "shims under the cap" : "spacer beside the ring", range, "");
        answer.remark(
                filling.underCap()
                        ? "Shims under the cap open the gap."
                        : "The gap is too wide: a spacer between cap and ring closes it, or the joint of the cap is faced by as much.");
        if (shims.isEmpty()) {
            return;
        }
        EndGap.pack(shims, filling)
                .ifPresentOrElse(
                        pack -> answer.fact(
                                "from the drawer",
                                pack.stream().map(sizes::amount).collect(Collectors.joining(" + ")) + " = "
                                        + sizes.amount(EndGap.sum(pack)),
                                sizes.symbol()),
                        () -> answer.warning("No pack of up to four of these shims lies in the range."));
    }
}
