package org.eskarn.app.calculator.fits;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.calculator.Answer;
import org.eskarn.app.calculator.Answering;
import org.eskarn.app.field.Fields;
import org.eskarn.app.page.DetailsView;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.fit.LadderDrawing;
import org.eskarn.app.picture.fit.LadderDrawing.Side;
import org.eskarn.app.picture.fit.LadderDrawing.Zone;
import org.eskarn.core.fit.Deviations;
import org.eskarn.core.fit.Fit;
import org.eskarn.core.fit.FitCode;
import org.eskarn.core.fit.FitUndefined;
import org.eskarn.core.fit.IsoLimits;
import org.eskarn.core.fit.ToleranceClass;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.Bounds;
import org.eskarn.core.verdict.Outcome;
import org.jspecify.annotations.Nullable;

/** A fit code looked up: limits of the hole, of the shaft and the clearance that comes of them, always together. */
final class FitAnswer {

    private FitAnswer() {}

    /** Empty where something typed cannot be read. */
    static Optional<Answer> of(Fields fields) {
        if (fields.empty("fit")) {
            return Optional.empty();
        }
        try {
            FitCode.Sized sized = FitCode.sized(fields.text("fit"), fields.unit());
            FitCode.Resolved found = sized.code().at(sized.nominal());
            boolean metric = sized.nominal().unit().metric();
            Display sizes = new Display(metric ? LengthUnit.MILLIMETRE : LengthUnit.INCH);
            Display small = new Display(metric ? LengthUnit.MICROMETRE : LengthUnit.TENTH);
            double[] holes = measured(fields, "holes", sized.nominal());
            double[] shafts = measured(fields, "shafts", sized.nominal());
            double expanded = Math.sqrt(2) * fields.amount("u", 0, Words.say("calculators.an-uncertainty"));
            if (!fields.readable()) {
                return Optional.empty();
            }
            Answering answer = new Answering();
            answer.headline(headline(sized, found, small));
            limits(answer, sized, found, sizes, small);
            found.fit().ifPresent(fit -> clearance(answer, fit, holes, shafts, expanded, small));
            single(answer, found, holes, shafts, expanded, small);
            if (found.fit().isPresent()) {
                double each = expanded / Math.sqrt(2);
                classOf(answer, Words.say("calculators.hole"), found.hole(), holes, found.shaft(), each, small);
                classOf(answer, Words.say("calculators.shaft"), found.shaft(), shafts, found.hole(), each, small);
            } else if (holes.length > 0 && shafts.length > 0) {
                answer.warning(
                        found.hole() == null
                                ? Words.say("calculators.hole-sizes-were-not-used")
                                : Words.say("calculators.shaft-sizes-were-not-used"));
            }
            answer.picture(ladder(sized, found, holes, shafts, small));
            notes(answer, sized.code());
            return Optional.of(answer.done());
        } catch (FitUndefined e) {
            fields.problem("fit", Words.of(e.note()));
            return Optional.empty();
        }
    }

    private static String headline(FitCode.Sized sized, FitCode.Resolved found, Display small) {
        String name = "⌀" + sized.nominal() + " " + sized.code();
        return found.fit().map(fit -> name + ": " + said(fit, small)).orElseGet(() -> {
            Deviations one = one(found);
            return Words.say(
                    "calculators.to-2",
                    name,
                    small.signed(one.lowerMicrometres()),
                    small.signed(one.upperMicrometres()),
                    small.symbol());
        });
    }

    /** An interference is said as an amount, as people do. */
    private static String said(Fit fit, Display small) {
        return switch (fit.kind()) {
            case CLEARANCE ->
                Words.say(
                        "calculators.clearance-of-to",
                        small.amount(fit.least()),
                        small.amount(fit.most()),
                        small.symbol());
            case INTERFERENCE ->
                Words.say(
                        "calculators.interference-of-to",
                        small.amount(-fit.most()),
                        small.amount(-fit.least()),
                        small.symbol());
            case TRANSITION ->
                Words.say(
                        "calculators.transition-from-of-interference-to-of-clearance",
                        small.amount(-fit.least()),
                        small.symbol(),
                        small.amount(fit.most()),
                        small.symbol());
        };
    }

    private static Deviations one(FitCode.Resolved found) {
        Deviations hole = found.hole();
        return hole == null ? java.util.Objects.requireNonNull(found.shaft()) : hole;
    }

    private static void limits(
            Answering answer, FitCode.Sized sized, FitCode.Resolved found, Display sizes, Display small) {
        double nominal = sized.nominal().micrometres();
        List<DetailsView.Row> rows = new ArrayList<>();
        row(
                rows,
                LadderDrawing.named(Words.say("calculators.hole"), sized.code().hole()),
                found.hole(),
                nominal,
                sizes,
                small);
        row(
                rows,
                LadderDrawing.named(Words.say("calculators.shaft"), sized.code().shaft()),
                found.shaft(),
                nominal,
                sizes,
                small);
        found.fit()
                .ifPresent(fit -> rows.add(Answering.row(
                        Words.say("calculators.clearance-hole-less-shaft"),
                        small.signed(fit.least()),
                        small.signed(fit.most()),
                        "",
                        "",
                        small.amount(fit.most() - fit.least()))));
        answer.limits(
                List.of(
                        Words.say("calculators.limits-of"),
                        Words.say("calculators.lower-or-least", small.symbol()),
                        Words.say("calculators.upper-or-most", small.symbol()),
                        Words.say("calculators.smallest", sizes.symbol()),
                        Words.say("calculators.largest", sizes.symbol()),
                        Words.say("calculators.tolerance", small.symbol())),
                rows);
    }

    private static void row(
            List<DetailsView.Row> rows,
            String name,
            @Nullable Deviations deviations,
            double nominal,
            Display sizes,
            Display small) {
        if (deviations != null) {
            rows.add(Answering.row(
                    name,
                    small.signed(deviations.lowerMicrometres()),
                    small.signed(deviations.upperMicrometres()),
                    sizes.amount(nominal + deviations.lowerMicrometres()),
                    sizes.amount(nominal + deviations.upperMicrometres()),
                    small.amount(deviations.width())));
        }
    }

    /** Measured sizes against the fit: the clearance that is there. */
    private static void clearance(
            Answering answer, Fit fit, double[] holes, double[] shafts, double expanded, Display small) {
        answer.fact(Words.say("calculators.kind-of-fit"), Words.of(fit.kind().title()), "");
        if (holes.length == 0 || shafts.length == 0) {
            if (holes.length + shafts.length > 0) {
                answer.remark(
                        holes.length == 0
                                ? Words.say("calculators.type-hole-sizes-too-to-judge-the-pair")
                                : Words.say("calculators.type-shaft-sizes-too-to-judge-the-pair"));
            }
            return;
        }
        double tightest = min(holes) - max(shafts);
        double loosest = max(holes) - min(shafts);
        answer.fact(Words.say("calculators.measured-tightest"), tightest, small)
                .fact(Words.say("calculators.measured-loosest"), loosest, small);
        answer.judged(
                Words.say("calculators.the-measured-clearance-against-the-fit"),
                tightest,
                loosest,
                fit.bounds(),
                expanded,
                small);
    }

    /** Measured sizes of one alone, against its own limits. */
    private static void single(
            Answering answer, FitCode.Resolved found, double[] holes, double[] shafts, double expanded, Display small) {
        if (found.fit().isPresent()) {
            return;
        }
        double[] sizes = found.hole() == null ? shafts : holes;
        if (sizes.length > 0) {
            Deviations one = one(found);
            answer.judged(
                    Words.say("calculators.the-measured-sizes-against-the-class"),
                    min(sizes),
                    max(sizes),
                    Bounds.between(one.lowerMicrometres(), one.upperMicrometres()),
                    expanded / Math.sqrt(2),
                    small);
        }
    }

    /** Whether the measured sizes keep the class of their own, which a pair can pass without. */
    private static void classOf(
            Answering answer,
            String what,
            @Nullable Deviations limits,
            double[] sizes,
            @Nullable Deviations others,
            double expanded,
            Display small) {
        if (limits == null || sizes.length == 0) {
            return;
        }
        Bounds own = Bounds.between(limits.lowerMicrometres(), limits.upperMicrometres());
        double worst = own.worse(min(sizes), max(sizes));
        Outcome outcome = Answering.verdict(worst, worst, own, expanded).outcome();
        answer.fact(Words.say("calculators.against-its-own-class", what), Words.of(outcome.word()), "");
        if (own.holds(worst)) {
            return;
        }
        answer.warning(Words.say(
                "calculators.is-outside-its-class-by",
                what,
                small.apart(worst, java.util.Objects.requireNonNull(own.nearest(worst))),
                small.symbol()));
        boolean swapped = others != null
                && Bounds.between(others.lowerMicrometres(), others.upperMicrometres())
                        .holds(worst);
        if (swapped) {
            answer.warning(Words.say("calculators.it-would-keep-the-class-of-the-other", what));
        }
    }

    private static LadderDrawing.Side side(boolean hole) {
        return hole ? Side.HOLE : Side.SHAFT;
    }

    private static org.eskarn.app.picture.engine.Drawing ladder(
            FitCode.Sized sized, FitCode.Resolved found, double[] holes, double[] shafts, Display small) {
        List<Zone> zones = new ArrayList<>();
        zone(
                zones,
                LadderDrawing.named(Words.say("calculators.hole"), sized.code().hole()),
                found.hole(),
                true,
                holes);
        zone(
                zones,
                LadderDrawing.named(Words.say("calculators.shaft"), sized.code().shaft()),
                found.shaft(),
                false,
                shafts);
        return LadderDrawing.of(
                "⌀" + sized.nominal() + " " + sized.code(), zones, found.fit().isPresent(), small);
    }

    private static void zone(
            List<Zone> zones, String name, @Nullable Deviations deviations, boolean hole, double[] sizes) {
        if (deviations != null) {
            zones.add(Zone.of(name, side(hole), deviations.lowerMicrometres(), deviations.upperMicrometres())
                    .with(sizes));
        }
    }

    private static void notes(Answering answer, FitCode code) {
        if (code.inch() != null) {
            answer.remark(Words.say("calculators.the-shafts-two-limits-are-not-the"));
        }
        for (ToleranceClass each : java.util.stream.Stream.of(code.hole(), code.shaft())
                .filter(java.util.Objects::nonNull)
                .toList()) {
            if (!IsoLimits.printed(each)) {
                answer.remark(Words.say("calculators.the-standard-prints-no-limits-of-these", each));
            }
        }
        answer.governs(Words.say("calculators.the-drawing-governs-tables-iso-286-1"));
    }

    /** Sizes from nominal, in the unit the fit is of, whatever is chosen for others. */
    private static double[] measured(Fields fields, String name, Length nominal) {
        double[] sizes = fields.sizes(name).stream()
                .mapToDouble(size -> size - nominal.micrometres())
                .toArray();
        for (double size : sizes) {
            if (Math.abs(size) > nominal.micrometres() / 10) {
                fields.problem(name, Words.say("calculators.that-is-far-from-the-nominal-type", nominal));
            }
        }
        return sizes;
    }

    static double min(double[] sizes) {
        return java.util.Arrays.stream(sizes).min().orElseThrow();
    }

    static double max(double[] sizes) {
        return java.util.Arrays.stream(sizes).max().orElseThrow();
    }
}
