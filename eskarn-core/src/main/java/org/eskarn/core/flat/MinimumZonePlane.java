package org.eskarn.core.flat;

import java.util.Arrays;
import java.util.List;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.StationsUnfit.Reason;
import org.eskarn.core.result.Note;
import org.eskarn.core.zone.ThinnestBand;
import org.eskarn.core.zone.ThinnestBand.Contact;

/**
 * The minimum zone of a face: the two parallel planes, as near to each other as they can be, that hold all heights.
 *
 * <pre>minimise w   where   |mᵢ − (level + slopeX · xᵢ + slopeY · yᵢ)| ≤ w / 2</pre>
 *
 * Heights are taken at right angles to the plate, not to the zone; for tilts of a few µm in a mm the difference is less than
 * one part in 100 000.
 *
 * <p>Exact: four contacts prove it, three above and one below, one above and three below, or two and two whose lines cross
 * ({@link ThinnestBand}).
 *
 * <p>Source: ISO 12781-1 (minimum zone reference planes), ISO 1101 (flatness).
 *
 * <p>Degenerate cases: heights that lie in one plane give a width of 0; places may repeat; places all on one line, or fewer
 * than three, are refused.
 *
 * @param level height of the middle plane at x = 0, y = 0, µm
 * @param slopeX µm for each unit of x
 * @param slopeY µm for each unit of y
 * @param width w, µm: the flatness
 * @param contacts the heights that hold the zone, by their index
 * @param gap between the width and the lower bound that the contacts prove, µm; rounding only
 */
public record MinimumZonePlane(
        double level, double slopeX, double slopeY, double width, List<Contact> contacts, double gap) {

    /** Places count as on one line when they reach less than this share of their length away from it. */
    private static final double IN_LINE = 1e-9;

    public MinimumZonePlane {
        contacts = List.copyOf(contacts);
    }

    /**
     * @param x places in any one unit
     * @param y places in the same unit, same length and order
     * @param micrometres heights in µm, same length and order
     * @throws StationsUnfit if all places lie on a line, or fewer than three were read
     */
    public static MinimumZonePlane fit(double[] x, double[] y, double[] micrometres) throws StationsUnfit {
        if (!spread(x, y)) {
            throw new StationsUnfit(Reason.TOO_FEW, Note.of("core.a-plane-needs-readings-at-three-places"));
        }
        Scaled across = Scaled.of(x);
        Scaled up = Scaled.of(y);
        ThinnestBand band = ThinnestBand.of(micrometres, across.values(), up.values());
        double slopeX = band.coefficients()[1] / across.reach();
        double slopeY = band.coefficients()[2] / up.reach();
        return new MinimumZonePlane(
                band.coefficients()[0] - slopeX * across.middle() - slopeY * up.middle(),
                slopeX,
                slopeY,
                band.width(),
                band.contacts(),
                2 * band.gap());
    }

    /** The height of the middle plane at a place, µm. */
    public double at(double x, double y) {
        return level + slopeX * x + slopeY * y;
    }

    /** Whether the places reach away from the line through the two that lie furthest apart, as seen from the first. */
    private static boolean spread(double[] x, double[] y) {
        int far = 0;
        double square = 0;
        for (int i = 1; i < x.length; i++) {
            double each = (x[i] - x[0]) * (x[i] - x[0]) + (y[i] - y[0]) * (y[i] - y[0]);
            if (each > square) {
                square = each;
                far = i;
            }
        }
        double dx = square > 0 ? x[far] - x[0] : 0;
        double dy = square > 0 ? y[far] - y[0] : 0;
        for (int i = 1; i < x.length; i++) {
            if (Math.abs(dx * (y[i] - y[0]) - dy * (x[i] - x[0])) > IN_LINE * square) {
                return true;
            }
        }
        return false;
    }

    /** Places from −1 to 1 about their middle, so that large distances do not drown small slopes. */
    private record Scaled(double[] values, double middle, double reach) {

        static Scaled of(double[] places) {
            double low = places[0];
            double high = places[0];
            for (double place : places) {
                if (place < low) {
                    low = place;
                } else if (place > high) {
                    high = place;
                }
            }
            double middle = (low + high) / 2;
            double reach = high > low ? (high - low) / 2 : 1;
            double[] values = Arrays.copyOf(places, places.length);
            for (int i = 0; i < values.length; i++) {
                values[i] = (values[i] - middle) / reach;
            }
            return new Scaled(values, middle, reach);
        }
    }
}
