package org.eskarn.core.flat;

import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.StationsUnfit.Reason;
import org.eskarn.core.result.Note;

/**
 * Two bores in line, by the heights of a mandrel at both ends of both: the axis of the first is carried on to the second.
 *
 * @param slope of the first axis, µm for each unit of distance
 * @param nearOff how far the second axis lies above the first at the near end of the second bore, µm
 * @param farOff the same at its far end
 * @param tilt slope of the second axis less that of the first, µm for each unit of distance
 */
public record BoreLine(double slope, double nearOff, double farOff, double tilt) {

    /**
     * @param at four different distances: both ends of the first bore, then of the second
     * @param heights µm, in the same order
     * @throws StationsUnfit if there are not four, or two of a bore are in one place
     */
    public static BoreLine of(double[] at, double[] heights) throws StationsUnfit {
        if (at.length != 4) {
            throw new StationsUnfit(Reason.TOO_FEW, Note.of("core.two-bores-need-four-heights-both-ends"));
        }
        if (at[0] == at[1] || at[2] == at[3]) {
            throw new StationsUnfit(Reason.TOO_FEW, Note.of("core.the-two-ends-of-a-bore-are"));
        }
        double slope = (heights[1] - heights[0]) / (at[1] - at[0]);
        double second = (heights[3] - heights[2]) / (at[3] - at[2]);
        return new BoreLine(
                slope,
                heights[2] - heights[0] - slope * (at[2] - at[0]),
                heights[3] - heights[0] - slope * (at[3] - at[0]),
                second - slope);
    }

    /** The end of the second bore that lies further off, µm, signed. */
    public double worst() {
        return Math.abs(farOff) >= Math.abs(nearOff) ? farOff : nearOff;
    }
}
