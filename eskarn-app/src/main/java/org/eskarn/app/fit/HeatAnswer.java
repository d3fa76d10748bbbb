package org.eskarn.app.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.page.DetailsView;
import org.eskarn.app.page.Display;
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

    /** °C, where no room temperature is typed. */
    private static final double ROOM = 20;

    private static final List<String> HOT = List.of(
            "Hot parts burn: gloves and tongs, eye protection, a clear way from the oven to the place, nobody in it.",
            "No oil, cloth or plastic near; no open flame on a bearing or a hardened part; no heat on anything that is closed,"
                    + " holds pressure or grease.",
            "Have it go together in one movement, stop in place, and hold it until it grips; never strike a hot part.");

    private static final List<String> COLD = List.of(
            "Cold burns as heat does: insulating gloves, face shield, dry clothes.",
            "Dry ice and liquid nitrogen displace the air: only in the open or with forced ventilation, never alone, never in a"
                    + " pit or a closed car.",
            "Cold steel is brittle: no blows. Moisture freezes on it; wipe it and oil it after.");

    private static final List<String> PRESSED =
            List.of("Pressing: guard and eye protection, the part supported under its hub, nobody in line with it.");

    private HeatAnswer() {}

    static Optional<Answer> of(Fields fields) {
        if (fields.empty("size")) {
            return Optional.empty();
        }
        Length size = fields.size("size", "a diameter");
        Double interference = fields.signed("interference");
        if (interference == null && fields.readable()) {
            fields.problem("interference", "Type the largest interference there is, as measured or by the limits.");
        }
        Material outer = MaterialField.of(fields, "outer", "STEEL");
        Material inner = MaterialField.of(fields, "inner", "STEEL");
        double room = fields.temperature("room", ROOM);
        double oven = fields.temperature("oven", ROOM);
        double ceiling = fields.temperature("ceiling", outer.highest());
        double working =
                size == null ? 0 : fields.amount("working", size.micrometres() * USUAL_WORKING, "A working clearance");
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
        answer.fact("to make room for, interference and working clearance", heating.needed(), small);
        ways(answer, heating);
        if (plan.way() == Way.HEAT_OUTER || plan.way() == Way.BOTH) {
            double set = Math.ceil(plan.outerAt());
            answer.fact(
                    "the outer part grows by, at " + degrees(set),
                    heating.outer().growth(heating.diameter(), heating.room(), set),
                    small);
        }
        if (oven != null) {
            oven(answer, heating, oven, plan, small);
        }
        if (heating.heatOuter(heating.room()) > heating.outer().highest()) {
            answer.warning("Heat alone would need " + up(heating.heatOuter(heating.room())) + ", above the "
                    + degrees(heating.outer().highest())
                    + " this material usually stands: hardness or grease would suffer.");
        }
        if (heating.outer().highest() > usualCeiling) {
            answer.warning("The ceiling typed is above the " + degrees(usualCeiling)
                    + " this material usually stands: only where its maker says so.");
        }
        answer.remark("Worked out with " + number(heating.outer().expansion())
                + " millionths per degree. Rules of thumb for how much steel grows run up to half too high.");
        answer.remark(
                "It cools on the way: set the oven some ten degrees higher, as far as the ceiling allows, and let the part soak"
                        + " through.");
        answer.governs(
                "Local rules, the drawing and the maker’s data come first; a bearing’s maker states its own ceiling.");
        return answer.done();
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
            case AS_THEY_ARE -> "They go together as they are.";
            case HEAT_OUTER -> "Heat the outer part to " + up(plan.outerAt());
            case COOL_INNER -> "Cool the inner part to " + down(plan.innerAt());
            case BOTH ->
                "Heat the outer part to " + up(plan.outerAt()) + " and cool the inner to " + down(plan.innerAt());
            case PRESS -> "Heat and cold do not suffice within the ceilings: press it, or ask for less interference.";
        };
    }

    private static void ways(Answering answer, Heating heating) {
        double heat = heating.heatOuter(heating.room());
        double cool = heating.coolInner();
        answer.table(
                "One of them alone",
                List.of("alone", "to, °C", "ceiling, °C", "within it"),
                List.of(
                        row(
                                "outer heated, " + heating.outer().title(),
                                heat,
                                heating.outer().highest(),
                                heat <= heating.outer().highest()),
                        row(
                                "inner cooled, " + heating.inner().title(),
                                cool,
                                heating.inner().lowest(),
                                cool >= heating.inner().lowest() && cool >= Heating.LIQUID_NITROGEN)));
    }

    private static DetailsView.Row row(String name, double to, double ceiling, boolean within) {
        return Answering.row(name, number(Math.round(to)), number(ceiling), within ? "yes" : "no");
    }

    private static void oven(Answering answer, Heating heating, double oven, Plan plan, Display small) {
        // The oven answers for the outer part; the inner is taken as cold only where both are needed.
        double innerAt = plan.way() == Way.BOTH ? plan.innerAt() : heating.room();
        double gap = heating.gap(oven, innerAt);
        answer.fact(
                "clearance with the oven at " + degrees(oven) + ", the inner at " + degrees(innerAt),
                small.signed(gap),
                small.symbol());
        double shortfall = heating.shortfall(oven, innerAt);
        if (shortfall > 0) {
            answer.warning("The oven falls short: " + small.amount(shortfall) + " " + small.symbol()
                    + " of the working clearance are missing at " + degrees(oven)
                    + (gap < 0 ? ", it will not go on at all." : ", it may stick half way."));
        }
        if (oven > heating.outer().highest()) {
            answer.warning("The oven is set above the ceiling of "
                    + degrees(heating.outer().highest()) + " for the outer part.");
        }
    }

    /** Heat is rounded up and cold down, so that what is said suffices. */
    private static String up(double degrees) {
        return degrees(Math.ceil(degrees - 1e-9));
    }

    private static String down(double degrees) {
        return degrees(Math.floor(degrees + 1e-9));
    }

    static String degrees(double degrees) {
        return number(degrees) + " °C";
    }

    private static String number(double number) {
        return Display.plain(number, 1);
    }
}
