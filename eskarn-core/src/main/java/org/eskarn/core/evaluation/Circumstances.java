package org.eskarn.core.evaluation;

import java.util.List;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.uncertainty.Contribution;
import org.eskarn.core.uncertainty.Contribution.Source;
import org.eskarn.core.uncertainty.UncertaintyBudget;

/**
 * What a figure rests on beside its gauge. All lengths in µm.
 *
 * <pre>
 * master        expanded uncertainty U of the master or stack, normal, U/2: of sizes 1, of a fit √(U₁² + U₂²)/2, of differences nothing,
 *               for it is in all their readings alike
 * temperature   even within ±t of a size: L (αₚ + α₉) δ, part and gauge each known to ±δ; of differences nothing
 * holder flex   f, the change of one and the same reading when the gauge is approached from the other side; even within ±f/2, of each reading
 * plate         flatness F of what part and gauge stand on, over the span; even within ±F/2, of each reading
 * lever         angle β known to ±{@value #SET_BY_EYE}°: the figure · tan β · δβ, even
 * </pre>
 *
 * "Of each reading" counts with the change of the figure per change of one reading, as the resolution does.
 *
 * <p>Degenerate cases: what is 0 is no part.
 *
 * <p>Source: JCGM 100, 4.3.7, 5.1.2; ISO 1 (reference temperature).
 *
 * @param master expanded uncertainty of the master of the first gauge; 0 where none was used
 * @param secondMaster the same of the second gauge, where a pair is read with two
 * @param temperature half width of a size
 * @param flex f
 * @param plate F
 * @param leverDegrees β; 0 for none
 */
public record Circumstances(
        double master, double secondMaster, double temperature, double flex, double plate, double leverDegrees) {

    public static final Circumstances NONE = new Circumstances(0, 0, 0, 0, 0, 0);

    /** Degrees to which the angle of a lever is known that is set by eye. */
    public static final double SET_BY_EYE = 2;

    /**
     * @throws IllegalArgumentException if an amount is negative
     */
    public Circumstances {
        for (double amount : new double[] {master, secondMaster, temperature, flex, plate, leverDegrees}) {
            if (!(amount >= 0)) {
                throw new IllegalArgumentException("what a figure rests on is known to 0 µm or more, not " + amount);
            }
        }
    }

    /** The budget of a figure with what it rests on. */
    UncertaintyBudget in(Requirement requirement, Sweep sweep, UncertaintyBudget budget) {
        if (equals(NONE) || requirement.layout().kind().answered()) {
            return budget;
        }
        boolean fit = requirement.characteristic() == Characteristic.FIT_OF_PAIR;
        boolean size = requirement.characteristic().sized();
        double each = budget.perReading();
        double ofMaster = fit ? Math.hypot(master, secondMaster) : size ? master : 0;
        double movement = range(sweep);
        double tilt = Math.tan(Math.toRadians(leverDegrees)) * Math.toRadians(SET_BY_EYE);
        UncertaintyBudget whole = budget;
        for (Contribution part : List.of(
                new Contribution(Source.MASTER, ofMaster / 2),
                Contribution.even(Source.TEMPERATURE, size ? temperature : 0, 1),
                Contribution.even(Source.FLEX, flex / 2, each),
                Contribution.even(Source.PLATE, plate / 2, each),
                Contribution.even(Source.LEVER, movement * tilt, each / Math.sqrt(2)))) {
            whole = whole.with(part);
        }
        return whole;
    }

    private static double range(Sweep sweep) {
        double[] readings =
                sweep.readings().stream().mapToDouble(Reading::micrometres).toArray();
        double lowest = 0;
        double highest = 0;
        for (double reading : readings) {
            lowest = Math.min(lowest, reading);
            highest = Math.max(highest, reading);
        }
        return highest - lowest;
    }
}
