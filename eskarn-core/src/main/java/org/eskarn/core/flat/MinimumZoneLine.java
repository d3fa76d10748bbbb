package org.eskarn.core.flat;

import java.util.List;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.StationsUnfit.Reason;
import org.eskarn.core.result.Note;
import org.eskarn.core.zone.ThinnestBand;
import org.eskarn.core.zone.ThinnestBand.Contact;

/**
 * The minimum zone of a line: the two parallel lines, as near to each other as they can be, that hold all readings.
 *
 * <pre>minimise w   where   |mᵢ − (level + slope · xᵢ)| ≤ w / 2</pre>
 *
 * <p>Exact: three contacts prove it, two on one edge with the third between them on the other ({@link ThinnestBand}).
 *
 * <p>Source: ISO 12780-1 (minimum zone reference lines), ISO 1101 (straightness).
 *
 * <p>Degenerate cases: readings that lie on one line give a width of 0; a place read twice with different readings is held by
 * their difference at least; fewer than two different places are refused.
 *
 * @param level reading of the middle line at x = 0, µm
 * @param slope µm for each unit of x
 * @param width w, µm: the straightness
 * @param contacts the readings that hold the zone, by their index
 * @param gap between the width and the lower bound that the contacts prove, µm; rounding only
 */
public record MinimumZoneLine(double level, double slope, double width, List<Contact> contacts, double gap) {

    public MinimumZoneLine {
        contacts = List.copyOf(contacts);
    }

    /**
     * @param x places in any one unit
     * @param micrometres readings in µm, same length and order
     * @throws StationsUnfit if fewer than two different places were read
     */
    public static MinimumZoneLine fit(double[] x, double[] micrometres) throws StationsUnfit {
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        for (double place : x) {
            low = Math.min(low, place);
            high = Math.max(high, place);
        }
        if (!(high > low)) {
            throw new StationsUnfit(Reason.TOO_FEW, Note.of("core.a-line-needs-readings-at-two-different"));
        }
        double middle = (low + high) / 2;
        double reach = (high - low) / 2;
        double[] scaled = new double[x.length];
        for (int i = 0; i < x.length; i++) {
            scaled[i] = (x[i] - middle) / reach;
        }
        ThinnestBand band = ThinnestBand.of(micrometres, scaled);
        double slope = band.coefficients()[1] / reach;
        return new MinimumZoneLine(
                band.coefficients()[0] - slope * middle, slope, band.width(), band.contacts(), 2 * band.gap());
    }

    /** The reading of the middle line at a place, µm. */
    public double at(double x) {
        return level + slope * x;
    }
}
