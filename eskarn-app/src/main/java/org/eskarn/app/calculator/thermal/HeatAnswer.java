package org.eskarn.app.calculator.thermal;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.calculator.Answer;
import org.eskarn.app.calculator.Answering;
import org.eskarn.app.field.Fields;
import org.eskarn.app.page.DetailsView;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.engine.Drawing;
import org.eskarn.app.picture.fit.RangesDrawing;
import org.eskarn.app.picture.fit.RangesDrawing.Range;
import org.eskarn.core.fit.Heating;
import org.eskarn.core.fit.Heating.Plan;
import org.eskarn.core.fit.Heating.Way;
import org.eskarn.core.fit.Material;
import org.eskarn.core.units.Length;
import org.jspecify.annotations.Nullable;

/** Putting a pair together by heat or cold: how warm, within which ceilings, and whether the oven is set high enough. */
final class HeatAnswer {

    /** The usual working clearance: a thousandth of the diameter is what hands need. */
    private static final double USUAL_WORKING = 0.001;

    /** K; less is a rounding of the computer. */
    private static final double HAIR = 1e-9;

    /** °C, where no room temperature is typed. */
    private static final double ROOM = 20;

    private static final List<String> HOT = List.of(
            Words.say("calculators.hot-parts-burn-gloves-and-tongs-eye"),
            Words.say("calculators.no-oil-cloth-or-plastic-near-no"),
            Words.say("calculators.have-it-go-together-in-one-movement"));

    private static final List<String> COLD = List.of(
            Words.say("calculators.cold-burns-as-heat-does-insulating-gloves"),
            Words.say("calculators.dry-ice-and-liquid-nitrogen-displace-the"),
            Words.say("calculators.cold-steel-is-brittle-no-blows-moisture"));

    private static final List<String> PRESSED =
            List.of(Words.say("calculators.pressing-guard-and-eye-protection-the-part"));

    private HeatAnswer() {}

    static Optional<Answer> of(Fields fields) {
        if (fields.empty("size")) {
            return Optional.empty();
        }
        Length size = fields.size("size", Words.say("calculators.a-diameter"));
        Double interference = fields.signed("interference");
        if (interference == null && fields.readable()) {
            fields.problem("interference", Words.say("calculators.type-the-largest-interference-there-is-as"));
        }
        Material outer = MaterialField.of(fields, "outer", "STEEL");
        Material inner = MaterialField.of(fields, "inner", "STEEL");
        double room = fields.temperature("room", ROOM);
        double oven = fields.temperature("oven", ROOM);
        double ceiling = fields.temperature("ceiling", outer.highest());
        double working = size == null
                ? 0
                : fields.amount(
                        "working", size.micrometres() * USUAL_WORKING, Words.say("calculators.a-working-clearance"));
        if (size == null || interference == null || !fields.readable()) {
            return Optional.empty();
        }
        Heating heating =
                new Heating(outer.withCeiling(ceiling), inner, size.micrometres(), interference, working, room);
        return Optional.of(answer(fields, heating, fields.empty("oven") ? null : (Double) oven, outer.highest()));
    }

    private static Answer answer(Fields fields, Heating heating, @Nullable Double oven, double usualCeiling) {
        Display small = fields.deviations();
        Plan plan = heating.plan();
        Answering answer = new Answering();
        answer.cautions(cautions(plan.way(), oven != null));
        answer.headline(said(plan, heating));
        answer.fact(Words.say("calculators.to-make-room-for-interference-and-working"), heating.needed(), small);
        ways(answer, heating);
        if (plan.way() == Way.HEAT_OUTER || plan.way() == Way.BOTH) {
            double set = Math.ceil(plan.outerAt());
            answer.fact(
                    Words.say("calculators.the-outer-part-grows-by-at", degrees(set)),
                    heating.outer().growth(heating.diameter(), heating.room(), set),
                    small);
        }
        if (plan.way() == Way.COOL_INNER || plan.way() == Way.BOTH) {
            answer.fact(
                    Words.say("calculators.cooled-with"),
                    plan.innerAt() >= Heating.DRY_ICE
                            ? Words.say("calculators.dry-ice")
                            : Words.say("calculators.liquid-nitrogen"),
                    "");
        }
        answer.picture(temperatures(heating, plan, oven));
        if (oven != null) {
            oven(answer, heating, oven, plan, small);
        }
        if (heating.heatOuter(heating.room()) > heating.outer().highest()) {
            String needed = up(heating.heatOuter(heating.room()));
            String limit = degrees(heating.outer().highest());
            answer.warning(
                    heating.outer().highest() == usualCeiling
                            ? Words.say("calculators.heat-alone-would-need-above-the-this", needed, limit)
                            : Words.say("calculators.heat-alone-would-need-above-the-typed", needed, limit));
        }
        if (heating.outer().highest() > usualCeiling) {
            answer.warning(Words.say("calculators.the-ceiling-typed-is-above-the-this", degrees(usualCeiling)));
        }
        answer.remark(Words.say(
                "calculators.worked-out-with-millionths-per-degree-rules",
                number(heating.outer().expansion())));
        if (fields.empty("working")) {
            answer.remark(Words.say(
                    "calculators.the-working-clearance-is-taken-as", small.amount(heating.working()), small.symbol()));
        }
        if (fields.empty("room")) {
            answer.remark(Words.say("calculators.the-room-is-taken-as-20"));
        }
        answer.remark(Words.say("calculators.it-cools-on-the-way-set-the"));
        answer.governs(Words.say("calculators.local-rules-the-drawing-and-the-makers"));
        return answer.done();
    }

    /** Where both parts are taken from the room's temperature, between what they stand. */
    private static Drawing temperatures(Heating heating, Plan plan, @Nullable Double oven) {
        List<Range> ranges = new ArrayList<>();
        ranges.add(new Range(Words.say("calculators.room"), heating.room(), heating.room()));
        ranges.add(
                new Range(Words.say("calculators.outer-part-row"), heating.room(), Math.ceil(plan.outerAt() - HAIR)));
        ranges.add(
                new Range(Words.say("calculators.inner-part-row"), heating.room(), Math.floor(plan.innerAt() + HAIR)));
        if (oven != null) {
            ranges.add(new Range(Words.say("calculators.oven-row"), oven, oven));
        }
        boolean cold = plan.innerAt() < heating.room();
        return RangesDrawing.of(
                Words.say("calculators.temperatures-and-their-limits"),
                "°C",
                ranges,
                new RangesDrawing.Limits(
                        cold ? (Double) Math.max(heating.inner().lowest(), Heating.LIQUID_NITROGEN) : null,
                        heating.outer().highest()),
                false,
                HeatAnswer::degrees);
    }

    private static List<String> cautions(Way way, boolean oven) {
        List<String> cautions = new ArrayList<>();
        if (way == Way.HEAT_OUTER || way == Way.BOTH || oven) {
            cautions.addAll(HOT);
        }
        if (way == Way.COOL_INNER || way == Way.BOTH) {
            cautions.addAll(COLD);
        }
        if (way == Way.PRESS) {
            cautions.addAll(PRESSED);
        }
        return cautions;
    }

    private static String said(Plan plan, Heating heating) {
        return switch (plan.way()) {
            case AS_THEY_ARE -> Words.say("calculators.they-go-together-as-they-are");
            case HEAT_OUTER -> Words.say("calculators.heat-the-outer-part-to", up(plan.outerAt()));
            case COOL_INNER -> Words.say("calculators.cool-the-inner-part-to", down(plan.innerAt()));
            case BOTH ->
                Words.say("calculators.heat-the-outer-part-to-and-cool", up(plan.outerAt()), down(plan.innerAt()));
            case PRESS -> Words.say("calculators.heat-and-cold-do-not-suffice-within");
        };
    }

    private static void ways(Answering answer, Heating heating) {
        double heat = heating.heatOuter(heating.room());
        double cool = heating.coolInner();
        answer.table(
                Words.say("calculators.one-of-them-alone"),
                List.of(
                        Words.say("calculators.alone"),
                        Words.say("calculators.to-c"),
                        Words.say("calculators.ceiling-c"),
                        Words.say("calculators.within-it")),
                List.of(
                        row(
                                Words.say(
                                        "calculators.outer-heated",
                                        heating.outer().title()),
                                Math.ceil(heat - HAIR),
                                heating.outer().highest(),
                                heat <= heating.outer().highest()),
                        row(
                                Words.say(
                                        "calculators.inner-cooled",
                                        heating.inner().title()),
                                Math.floor(cool + HAIR),
                                Math.max(heating.inner().lowest(), Heating.LIQUID_NITROGEN),
                                cool >= heating.inner().lowest() && cool >= Heating.LIQUID_NITROGEN)));
    }

    private static DetailsView.Row row(String name, double to, double ceiling, boolean within) {
        return Answering.row(
                name, number(to), number(ceiling), within ? Words.say("calculators.yes") : Words.say("calculators.no"));
    }

    private static void oven(Answering answer, Heating heating, double oven, Plan plan, Display small) {
        // The oven answers for the outer part; the inner is taken as cold only where both are needed.
        double innerAt = plan.way() == Way.BOTH ? plan.innerAt() : heating.room();
        double gap = heating.gap(oven, innerAt);
        answer.fact(
                Words.say("calculators.clearance-with-the-oven-at-the-inner", degrees(oven), degrees(innerAt)),
                small.signed(gap),
                small.symbol());
        double shortfall = heating.shortfall(oven, innerAt);
        if (shortfall > 0) {
            answer.warning(Words.say(
                    "calculators.the-oven-falls-short-of-the-working",
                    small.amount(shortfall),
                    small.symbol(),
                    degrees(oven),
                    gap < 0
                            ? Words.say("calculators.it-will-not-go-on-at-all")
                            : Words.say("calculators.it-may-stick-half-way")));
        }
        if (oven > heating.outer().highest()) {
            answer.warning(Words.say(
                    "calculators.the-oven-is-set-above-the-ceiling",
                    degrees(heating.outer().highest())));
        }
    }

    /** Heat is rounded up and cold down, so that what is said suffices. */
    private static String up(double degrees) {
        return degrees(Math.ceil(degrees - HAIR));
    }

    private static String down(double degrees) {
        return degrees(Math.floor(degrees + HAIR));
    }

    static String degrees(double degrees) {
        return number(degrees) + " °C";
    }

    private static String number(double number) {
        return Display.plain(number, 1);
    }
}
