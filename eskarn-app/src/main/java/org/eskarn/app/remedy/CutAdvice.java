package org.eskarn.app.remedy;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.eskarn.app.field.Fields;
import org.eskarn.app.page.DetailsView;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.engine.Picture;
import org.eskarn.app.picture.fit.RangesDrawing;
import org.eskarn.core.evaluation.SizeReduction;
import org.eskarn.core.remedy.CutPlan;
import org.eskarn.core.remedy.PlanRefused;
import org.eskarn.core.requirement.RemedyKind;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.verdict.Bounds;
import org.jspecify.annotations.Nullable;

/** From a measured to a target size, pass by pass. */
final class CutAdvice {

    /** µm per m and K; steel, where the part says nothing. */
    static final BigDecimal STEEL = new BigDecimal("11.5");

    private static final double PER_METRE = 1e-6;
    /** µm; less than this nobody measures, and it is not told as warmth. */
    private static final double FELT = 0.05;

    /** The last passes, which decide, where there are more. */
    private static final int MOST_DRAWN = 6;

    /** µm; a size typed as exactly a limit lies within it. */
    private static final double ROUNDING = 1e-6;

    /** What a dial of radius moves for what is taken off the diameter. */
    private static final double HALF = 0.5;

    /** A millionth of an inch is finer than any gauge. */
    private static final int DECIMALS = 6;

    private final MeasuredState found;
    private final Fields fields;
    private final Bounds bounds;
    private final boolean bore;

    private CutAdvice(MeasuredState found, Fields fields) {
        this.found = found;
        this.fields = fields;
        Requirement terms = found.subject().terms();
        this.bounds = terms.bounds();
        this.bore = terms.side() == SurfaceSide.INSIDE;
    }

    static Advice of(MeasuredState found, Fields fields) {
        return new CutAdvice(found, fields).worked();
    }

    /** The place with most metal, µm: what a plan begins from. */
    static double fullest(MeasuredState found) {
        return new CutAdvice(found, Fields.of(List.of(), Map.of())).mostMetal();
    }

    /** The middle of the limits, as it is said; empty where it is not between limits. */
    static String middle(MeasuredState found, Display sizes) {
        Bounds bounds = found.subject().terms().bounds();
        Double lower = bounds.lower();
        Double upper = bounds.upper();
        return lower == null || upper == null ? "" : sizes.amount((lower + upper) / 2);
    }

    /** Of a shaft the largest place, of a bore the smallest: where most metal is left. */
    private double mostMetal() {
        return furthest(!bore);
    }

    /** Of a shaft the smallest place, of a bore the largest: where least metal is left. */
    private double leastMetal() {
        return furthest(bore);
    }

    private double furthest(boolean largest) {
        SizeReduction sizes = (SizeReduction) found.assessment().reduction().orElseThrow();
        double read = Arrays.stream(sizes.sizes())
                .reduce(largest ? Math::max : Math::min)
                .orElseThrow();
        return bore ? read + found.takenOff() : read - found.takenOff();
    }

    /** Whether a place has passed the limit on the far side, which no cut brings back. */
    private boolean spent() {
        Double limit = bore ? bounds.upper() : bounds.lower();
        return limit != null && (bore ? leastMetal() - limit : limit - leastMetal()) > ROUNDING;
    }

    private static boolean beyond(Bounds bounds, double target) {
        return !bounds.open() && bounds.outside(target) > ROUNDING;
    }

    private Advice worked() {
        BigDecimal measured = fields.above("measured", Words.say("remedy.a-size"));
        BigDecimal target = fields.above("target", Words.say("remedy.a-target"));
        Integer passes = fields.whole("passes", 1, 60);
        BigDecimal deepest = fields.above("deepest", Words.say("remedy.a-depth"));
        BigDecimal last = zero(fields.number("last"));
        BigDecimal graduation = zero(fields.number("slide"));
        BigDecimal dialNow = fields.number("dialNow");
        if (fields.empty("dialNow")) {
            fields.problem("dialNow", Words.say("remedy.type-what-the-dial-reads"));
        }
        double part = fields.temperature("partCelsius", Words.say("calculators.the-temperature-of-the-part"));
        double gauge = fields.temperature("gaugeCelsius", Words.say("calculators.the-temperature-of-the-gauge"));
        BigDecimal expansion = fields.above("partExpansion", Words.say("remedy.an-expansion"));
        if (fields.empty("partExpansion")) {
            fields.problem("partExpansion", Words.say("remedy.type-the-expansion-of-the-part"));
        }
        if (measured == null
                || target == null
                || dialNow == null
                || expansion == null
                || !fields.problems().isEmpty()) {
            return Advice.not(RemedyKind.CUT, Words.say("remedy.type-the-size-it-has-and-the"), fields.problems());
        }
        if (passes == null && deepest == null) {
            return Advice.not(
                    RemedyKind.CUT, Words.say("remedy.type-how-many-passes-or-the-greatest"), fields.problems());
        }
        double unit = found.sizes().unit().micrometres().doubleValue();
        if (beyond(bounds, target.doubleValue() * unit)) {
            fields.problem("target", Words.say("remedy.what-it-shall-measure-lies-beyond-its"));
            return Advice.not(RemedyKind.CUT, Words.say("remedy.type-a-size-within-the-limits-to"), fields.problems());
        }
        if (found.assessment().sweep().layout().size() > 1 && spent()) {
            return Advice.not(
                    RemedyKind.CUT,
                    Words.say(
                            "remedy.it-is-at-one-place-than-its",
                            found.size(leastMetal()),
                            bore ? Words.say("remedy.larger") : Words.say("remedy.smaller")),
                    fields.problems());
        }
        try {
            CutPlan plan = CutPlan.of(new CutPlan.Asked(
                    bore,
                    measured.doubleValue() * unit,
                    part,
                    gauge,
                    expansion.doubleValue() * PER_METRE,
                    STEEL.doubleValue() * PER_METRE,
                    target.doubleValue() * unit,
                    Optional.ofNullable(bounds.lower()),
                    Optional.ofNullable(bounds.upper()),
                    deepest == null ? 0 : deepest.doubleValue() * unit,
                    passes == null ? 0 : passes,
                    last.doubleValue() * unit,
                    !onRadius(),
                    graduation.doubleValue() * unit,
                    dialNow.doubleValue() * unit + found.takenOff() * (onRadius() ? HALF : 1),
                    found.assessment()
                            .reduction()
                            .map(r -> r.budget().expanded())
                            .orElse(0.0)));
            return told(plan, said(target));
        } catch (PlanRefused e) {
            fields.problem(field(e.field()), Words.of(e.note()));
            return Advice.not(
                    RemedyKind.CUT, Words.say("remedy.plan-it-with-fewer-or-deeper-passes"), fields.problems());
        }
    }

    private static String field(PlanRefused.Field field) {
        return switch (field) {
            case DEPTH -> "deepest";
            case PASSES -> "passes";
            case LAST -> "last";
            case GRADUATION -> "slide";
        };
    }

    private boolean onRadius() {
        return fields.text("dial").equals(RemedyFields.RADIUS);
    }

    /** As typed; what was typed in the other unit system without the decimals that no gauge shows. */
    private static String said(BigDecimal target) {
        return (target.scale() > DECIMALS ? target.setScale(DECIMALS, RoundingMode.HALF_UP) : target).toPlainString();
    }

    private Advice told(CutPlan plan, String target) {
        List<String> lines = new ArrayList<>();
        if (Math.abs(plan.warmth()) > FELT) {
            lines.add(Words.say(
                    "remedy.it-measures-than-it-will-be-at",
                    found.deviation(Math.abs(plan.warmth())),
                    plan.warmth() > 0 ? Words.say("remedy.larger-2") : Words.say("remedy.smaller-2"),
                    found.size(plan.cold())));
        }
        String headline = switch (plan.state()) {
            case CUT ->
                Words.say(
                        "remedy.take-off-the-diameter-in",
                        found.both(plan.taken()),
                        plan.passes().size(),
                        plan.passes().size() == 1 ? Words.say("remedy.pass") : Words.say("remedy.passes"));
            case NEAR_UNCERTAINTY -> Words.say("remedy.only-is-left-on-the-diameter-which", found.both(plan.stock()));
            case WITHIN_LIMITS -> Words.say("remedy.it-is-within-its-limits-already-leave");
            case PASSED ->
                Words.say(
                        "remedy.its-limit-already-no-cut-brings-it",
                        bore ? Words.say("remedy.it-is-larger-than") : Words.say("remedy.it-is-smaller-than"));
            case AT_TARGET -> Words.say("remedy.it-measures-the-target-already");
            case PAST_TARGET ->
                Words.say(
                        "remedy.its-target-already-no-cut",
                        bore ? Words.say("remedy.it-is-larger-than") : Words.say("remedy.it-is-smaller-than"));
        };
        boolean planned = !plan.passes().isEmpty();
        OptionalDouble predicted = planned
                ? OptionalDouble.of(plan.passes().get(plan.passes().size() - 1).after())
                : OptionalDouble.empty();
        if (planned && Math.abs(plan.taken() - plan.stock()) > FELT) {
            lines.add(Words.say("remedy.the-slide-ends-at", found.size(predicted.orElseThrow())));
        }
        if (planned) {
            lines.add(Words.say(
                    "remedy.infeed-is-on-the-as-the-cross",
                    onRadius() ? Words.say("remedy.radius") : Words.say("remedy.diameter")));
        }
        return new Advice(
                RemedyKind.CUT,
                planned,
                headline,
                lines,
                List.of(),
                planned ? List.of(passes(plan)) : List.of(),
                planned ? Optional.of(sizes(plan)) : Optional.empty(),
                predicted,
                Words.say(
                                "remedy.cut-to-in",
                                target,
                                found.sizes().symbol(),
                                plan.passes().size(),
                                plan.passes().size() == 1 ? Words.say("remedy.pass-2") : Words.say("remedy.passes-2"))
                        + found.taken(),
                fields.problems());
    }

    /** The size from pass to pass, beside its limits. */
    private Picture sizes(CutPlan plan) {
        List<RangesDrawing.Range> ranges = new ArrayList<>();
        double before = plan.cold();
        for (CutPlan.Pass pass : plan.passes()) {
            ranges.add(new RangesDrawing.Range(
                    Words.say("remedy.after-pass", pass.number()),
                    found.sizes().of(before),
                    found.sizes().of(pass.after())));
            before = pass.after();
        }
        Double lower = bounds.lower();
        Double upper = bounds.upper();
        return RangesDrawing.of(
                Words.say("remedy.what-each-pass-takes"),
                found.sizes().symbol(),
                ranges.subList(Math.max(0, ranges.size() - MOST_DRAWN), ranges.size()),
                new RangesDrawing.Limits(
                        lower == null ? null : (Double) found.sizes().of(lower),
                        upper == null ? null : (Double) found.sizes().of(upper)),
                false,
                amount -> found.sizes().amount(found.sizes().micrometres(amount)));
    }

    private DetailsView.Table passes(CutPlan plan) {
        String unit = ", " + found.sizes().symbol();
        boolean warm = Math.abs(plan.warmth()) > FELT;
        List<String> heads = new ArrayList<>(List.of(
                Words.say("remedy.head-pass"),
                Words.say("remedy.off-the-diameter", unit),
                Words.say(
                        "remedy.dial-at-on",
                        onRadius() ? Words.say("remedy.radius") : Words.say("remedy.diameter"),
                        unit),
                Words.say("remedy.then-at-20-c", unit)));
        if (warm) {
            heads.add(Words.say("remedy.reads-while-warm", unit));
        }
        return new DetailsView.Table(
                Words.say("remedy.pass-by-pass"),
                heads,
                plan.passes().stream()
                        .map(pass -> {
                            List<String> cells = new ArrayList<>(List.of(
                                    found.sizes().amount(pass.takes()),
                                    found.sizes().amount(pass.dial()),
                                    found.sizes().amount(pass.after())));
                            if (warm) {
                                cells.add(found.sizes().amount(pass.reads()));
                            }
                            boolean end = pass.number() == plan.passes().size();
                            return new DetailsView.Row(pass.number() + (end ? Words.say("remedy.last") : ""), cells);
                        })
                        .toList());
    }

    private static BigDecimal zero(@Nullable BigDecimal number) {
        return number == null ? BigDecimal.ZERO : number;
    }
}
