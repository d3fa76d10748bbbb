package org.eskarn.core.fit;

import java.util.Optional;

/**
 * Putting a pair together by warmth: the outer part heated, the inner cooled, or both, until the interference is gone and a
 * working clearance is there.
 *
 * <pre>
 * gap at T     = αo d (To − T₀) − αi d (Ti − T₀) − interference
 * heat outer   To = T₀ + (interference + working clearance + αi d (Ti − T₀)) / (αo d)
 * cool inner   Ti = T₀ − (interference + working clearance) / (αi d)
 * </pre>
 *
 * <p>Source: any textbook of machine elements; DIN 7190.
 *
 * <p>Degenerate cases: a pair with more clearance than is wanted needs no warmth, and its temperature is that of the room.
 *
 * @param outer made of, with its ceiling
 * @param diameter nominal, µm
 * @param interference the largest there is, µm; below 0 for a clearance
 * @param working clearance while they go together, µm
 * @param room °C
 */
public record Heating(
        Material outer, Material inner, double diameter, double interference, double working, double room) {

    /** Dry ice and spirit, °C. */
    public static final double DRY_ICE = -75;

    /** °C. */
    public static final double LIQUID_NITROGEN = -190;

    /**
     * @throws IllegalArgumentException if the diameter is not above 0 or the working clearance below 0
     */
    public Heating {
        if (!(diameter > 0) || !(working >= 0)) {
            throw new IllegalArgumentException(
                    "a diameter is above 0 and a working clearance 0 or more, not " + diameter + " and " + working);
        }
    }

    /** How far both have to part, µm; 0 where they go together as they are. */
    public double needed() {
        return Math.max(0, interference + working);
    }

    /** °C to heat the outer part to, the inner at a temperature. */
    public double heatOuter(double innerAt) {
        double by = interference + working + inner.growth(diameter, room, innerAt);
        return by <= 0 ? room : room + by / (outer.expansion() * 1e-6 * diameter);
    }

    /** °C to cool the inner part to, the outer at the room's temperature. */
    public double coolInner() {
        return needed() == 0 ? room : room - needed() / (inner.expansion() * 1e-6 * diameter);
    }

    /** The clearance there is with both at a temperature, µm; below 0 they do not go together. */
    public double gap(double outerAt, double innerAt) {
        return outer.growth(diameter, room, outerAt) - inner.growth(diameter, room, innerAt) - interference;
    }

    /** How much less than the working clearance there is at these temperatures, µm; 0 for enough. */
    public double shortfall(double outerAt, double innerAt) {
        return Math.max(0, working - gap(outerAt, innerAt));
    }

    /** What can be done within the ceilings of both, the simplest first. */
    public enum Way {
        AS_THEY_ARE,
        HEAT_OUTER,
        COOL_INNER,
        BOTH,
        PRESS
    }

    /** The temperatures of a way. */
    public record Plan(Way way, double outerAt, double innerAt) {}

    /**
     * The simplest way there is. An oven is simpler than cold; cold goes no lower than dry ice, then liquid nitrogen, or what
     * the inner part stands.
     */
    public Plan plan() {
        if (needed() == 0) {
            return new Plan(Way.AS_THEY_ARE, room, room);
        }
        double heat = heatOuter(room);
        if (heat <= outer.highest()) {
            return new Plan(Way.HEAT_OUTER, heat, room);
        }
        double cool = coolInner();
        if (cool >= coldest(LIQUID_NITROGEN)) {
            return new Plan(Way.COOL_INNER, room, cool);
        }
        return both(DRY_ICE)
                .or(() -> both(LIQUID_NITROGEN))
                .orElse(new Plan(Way.PRESS, outer.highest(), coldest(LIQUID_NITROGEN)));
    }

    private Optional<Plan> both(double cold) {
        double innerAt = coldest(cold);
        double heat = heatOuter(innerAt);
        return heat <= outer.highest() ? Optional.of(new Plan(Way.BOTH, heat, innerAt)) : Optional.empty();
    }

    private double coldest(double cold) {
        return Math.max(cold, inner.lowest());
    }
}
