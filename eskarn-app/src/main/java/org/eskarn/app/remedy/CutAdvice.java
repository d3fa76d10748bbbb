package org.eskarn.app.remedy;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.eskarn.app.page.DetailsView;
import org.eskarn.app.page.Typed;
import org.eskarn.app.page.Words;
import org.eskarn.core.evaluation.SizeReduction;
import org.eskarn.core.fit.Material;
import org.eskarn.core.remedy.CutPlan;
import org.eskarn.core.remedy.PlanRefused;
import org.eskarn.core.requirement.RemedyKind;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.Bounds;
import org.jspecify.annotations.Nullable;

/** From a measured to a target size, pass by pass. */
public final class CutAdvice {

    /** µm per m and K; steel, where the part says nothing. */
    private static final BigDecimal STEEL = new BigDecimal("11.5");

    private static final BigDecimal STANDARD = new BigDecimal("20");
    private static final BigDecimal COLDEST = new BigDecimal("-50");
    private static final BigDecimal HOTTEST = new BigDecimal("300");
    private static final double PER_METRE = 1e-6;
    /** µm; less than this nobody measures, and it is not told as warmth. */
    private static final double FELT = 0.05;

    /** µm; a size typed as exactly a limit lies within it. */
    private static final double ROUNDING = 1e-6;

    private final MeasuredState found;
    private final RemedyForm form;
    private final Typed typed = new Typed(new LinkedHashMap<>());
    private final Bounds bounds;
    private final boolean bore;

    private CutAdvice(MeasuredState found, RemedyForm form) {
        this.found = found;
        this.form = form;
        Requirement terms = found.subject().terms();
        this.bounds = terms.bounds();
        this.bore = terms.side() == SurfaceSide.INSIDE;
    }

    static Advice of(MeasuredState found, RemedyForm form) {
        return new CutAdvice(found, form).worked();
    }

    /**
     * What stands in the fields to begin with: the place with most metal, and the middle of the limits. What was typed in another
     * unit than is shown now is left out rather than read wrongly.
     */
    public static RemedyForm filled(MeasuredState found, RemedyForm typed) {
        CutAdvice cut = new CutAdvice(found, typed);
        LengthUnit unit = found.sizes().unit();
        String read = found.sizes().amount(cut.mostMetal());
        RemedyForm form = typed.sizeUnit() == null || typed.sizeUnit() == unit ? typed : RemedyForm.of(RemedyKind.CUT);
        boolean stale =
                form.measured() == null || (form.read() != null && !form.read().equals(read));
        return new RemedyForm(
                form.kind(),
                form.choice(),
                form.centres(),
                form.tailstock(),
                stale ? read : form.measured(),
                read,
                form.target() == null ? cut.middle() : form.target(),
                Typed.text(form.passes()),
                Typed.text(form.deepest()),
                Typed.text(form.last()),
                form.dial(),
                Typed.text(form.slide()),
                form.dialNow() == null ? "0" : form.dialNow(),
                form.partCelsius() == null ? "20" : form.partCelsius(),
                form.gaugeCelsius() == null ? "20" : form.gaugeCelsius(),
                form.partExpansion() == null ? found.expansion().orElse(STEEL).toPlainString() : form.partExpansion(),
                unit,
                form.flat());
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
        return Arrays.stream(sizes.sizes())
                .reduce(largest ? Math::max : Math::min)
                .orElseThrow();
    }

    /** Whether a place has passed the limit on the far side, which no cut brings back. */
    private boolean spent() {
        Double limit = bore ? bounds.upper() : bounds.lower();
        return limit != null && (bore ? leastMetal() - limit : limit - leastMetal()) > ROUNDING;
    }

    private static boolean beyond(Bounds bounds, double target) {
        return !bounds.open() && bounds.outside(target) > ROUNDING;
    }

    private String middle() {
        Double lower = bounds.lower();
        Double upper = bounds.upper();
        return lower == null || upper == null ? "" : found.sizes().amount((lower + upper) / 2);
    }

    private Advice worked() {
        RemedyForm filled = filled(found, form);
        BigDecimal measured = typed.above("measured", filled.measured(), Words.say("remedy.a-size"));
        // Where nothing is typed, the middle of the limits is meant.
        String wanted = Typed.text(filled.target()).isEmpty() ? middle() : Typed.text(filled.target());
        BigDecimal target = typed.above("target", wanted, Words.say("remedy.a-target"));
        Integer passes = typed.whole("passes", filled.passes(), 1, 60);
        BigDecimal deepest = typed.above("deepest", filled.deepest(), Words.say("remedy.a-depth"));
        BigDecimal last = zero(typed.number("last", filled.last()));
        BigDecimal graduation = zero(typed.number("slide", filled.slide()));
        BigDecimal dialNow = zero(typed.number("dialNow", filled.dialNow()));
        BigDecimal part = standard(temperature("partCelsius", filled.partCelsius()));
        BigDecimal gauge = standard(temperature("gaugeCelsius", filled.gaugeCelsius()));
        BigDecimal expansion = typed.above("partExpansion", filled.partExpansion(), Words.say("remedy.an-expansion"));
        if (expansion != null && expansion.doubleValue() > Material.MOST_EXPANSION) {
            typed.problem("partExpansion", Words.say("remedy.an-expansion-up-to"));
        }
        if (measured == null || target == null || !typed.problems().isEmpty()) {
            return Advice.not(RemedyKind.CUT, Words.say("remedy.type-the-size-it-has-and-the"), typed.problems());
        }
        if (passes == null && deepest == null) {
            return Advice.not(
                    RemedyKind.CUT, Words.say("remedy.type-how-many-passes-or-the-greatest"), typed.problems());
        }
        double unit = found.sizes().unit().micrometres().doubleValue();
        if (beyond(bounds, target.doubleValue() * unit)) {
            typed.problem("target", Words.say("remedy.what-it-shall-measure-lies-beyond-its"));
            return Advice.not(RemedyKind.CUT, Words.say("remedy.type-a-size-within-the-limits-to"), typed.problems());
        }
        if (found.assessment().sweep().layout().size() > 1 && spent()) {
            return Advice.not(
                    RemedyKind.CUT,
                    Words.say(
                            "remedy.it-is-at-one-place-than-its",
                            found.size(leastMetal()),
                            bore ? Words.say("remedy.larger") : Words.say("remedy.smaller")),
                    typed.problems());
        }
        try {
            CutPlan plan = CutPlan.of(new CutPlan.Asked(
                    bore,
                    measured.doubleValue() * unit,
                    part.doubleValue(),
                    gauge.doubleValue(),
                    (expansion == null ? STEEL : expansion).doubleValue() * PER_METRE,
                    STEEL.doubleValue() * PER_METRE,
                    target.doubleValue() * unit,
                    Optional.ofNullable(bounds.lower()),
                    Optional.ofNullable(bounds.upper()),
                    deepest == null ? 0 : deepest.doubleValue() * unit,
                    passes == null ? 0 : passes,
                    last.doubleValue() * unit,
                    !filled.onRadius(),
                    graduation.doubleValue() * unit,
                    dialNow.doubleValue() * unit,
                    found.assessment()
                            .reduction()
                            .map(r -> r.budget().expanded())
                            .orElse(0.0)));
            return told(plan, filled, wanted);
        } catch (PlanRefused e) {
            typed.problem(field(e.field()), Words.of(e.note()));
            return Advice.not(
                    RemedyKind.CUT, Words.say("remedy.plan-it-with-fewer-or-deeper-passes"), typed.problems());
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

    private @Nullable BigDecimal temperature(String name, @Nullable String text) {
        BigDecimal celsius = typed.number(name, text);
        if (celsius != null && (celsius.compareTo(COLDEST) < 0 || celsius.compareTo(HOTTEST) > 0)) {
            typed.problem(name, Words.say("remedy.a-temperature-from-to"));
        }
        return celsius;
    }

    private Advice told(CutPlan plan, RemedyForm filled, String target) {
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
                    filled.onRadius() ? Words.say("remedy.radius") : Words.say("remedy.diameter")));
        }
        return new Advice(
                RemedyKind.CUT,
                planned,
                headline,
                lines,
                List.of(),
                planned ? List.of(passes(plan, filled)) : List.of(),
                Optional.empty(),
                predicted,
                Words.say(
                        "remedy.cut-to-in",
                        target,
                        found.sizes().symbol(),
                        plan.passes().size(),
                        plan.passes().size() == 1 ? Words.say("remedy.pass-2") : Words.say("remedy.passes-2")),
                typed.problems());
    }

    private DetailsView.Table passes(CutPlan plan, RemedyForm filled) {
        String unit = ", " + found.sizes().symbol();
        boolean warm = Math.abs(plan.warmth()) > FELT;
        List<String> heads = new ArrayList<>(List.of(
                Words.say("remedy.head-pass"),
                Words.say("remedy.off-the-diameter", unit),
                Words.say(
                        "remedy.dial-at-on",
                        filled.onRadius() ? Words.say("remedy.radius") : Words.say("remedy.diameter"),
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

    private static BigDecimal standard(@Nullable BigDecimal celsius) {
        return celsius == null ? STANDARD : celsius;
    }
}
