package org.eskarn.core.simulate;

import java.math.BigDecimal;
import java.math.RoundingMode;
import org.eskarn.core.gauge.Dial;

/**
 * What a dial shows.
 *
 * <p>The needle turns clockwise as the plunger is pushed in, once for each 100 divisions; the small counter turns once
 * for each revolution. The bezel carries the figures: turning it moves the zero, not the needle.
 *
 * @param plunger how far the plunger is pushed in, divisions from its rest
 * @param bezel how far the zero is turned from the top, divisions, clockwise
 */
public record DialFace(double plunger, double bezel) {

    public static final int DIVISIONS = 100;

    /** Degrees clockwise from the top, more than 360 after a whole turn. */
    public double needle() {
        return plunger * 360 / DIVISIONS;
    }

    /** Degrees clockwise from the top at which the zero of the scale stands. */
    public double zero() {
        double turned = bezel % DIVISIONS;
        return (turned < 0 ? turned + DIVISIONS : turned) * 360 / DIVISIONS;
    }

    /** Whole revolutions from rest, as the small counter shows them. */
    public double revolutions() {
        return plunger / DIVISIONS;
    }

    /** What is read, in divisions, signed: plunger less bezel. */
    public double reading() {
        return plunger - bezel;
    }

    /** What is read, to half a division, in the unit of the graduation; a zero has no sign. */
    public BigDecimal read(Dial dial) {
        BigDecimal half = new BigDecimal("0.5");
        BigDecimal halves = BigDecimal.valueOf(reading()).divide(half, 0, RoundingMode.HALF_UP);
        return halves.multiply(half).multiply(dial.graduation().amount()).stripTrailingZeros();
    }
}
