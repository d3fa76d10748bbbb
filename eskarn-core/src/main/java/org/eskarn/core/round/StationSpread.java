package org.eskarn.core.round;

import java.util.Arrays;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.StationsUnfit.Reason;
import org.eskarn.core.result.Note;

/**
 * How a set of stations is spread round the ring: the number of distinct angles, and the largest arc without a station.
 * Angles nearer together than 1° are one place, for a stylus does not touch a point.
 *
 * @param distinct number of distinct angles
 * @param largestGap radians of the largest arc without a station; a full turn when all stand at one angle
 * @param gapMiddle the middle of that arc, in radians from 0 to below 2π: where one more station helps most
 */
record StationSpread(int distinct, double largestGap, double gapMiddle) {

    private static final double FULL_TURN = 2 * Math.PI;
    /** Radians; 1 degree. */
    private static final double SAME_PLACE = Math.toRadians(1);
    /** Radians; stations must reach round half a turn, less half a degree for marks set by hand. */
    private static final double WIDEST_GAP = Math.PI + Math.toRadians(0.5);

    private static final int FEWEST_ANGLES = 3;

    /**
     * @param radians station angles, at least one, in any order
     */
    static StationSpread of(double[] radians) {
        double[] sorted =
                Arrays.stream(radians).map(StationSpread::withinTurn).sorted().toArray();
        int distinct = 1;
        double largest = FULL_TURN - (sorted[sorted.length - 1] - sorted[0]);
        double gapStart = sorted[sorted.length - 1];
        double placeStart = sorted[0];
        for (int i = 1; i < sorted.length; i++) {
            double gap = sorted[i] - sorted[i - 1];
            if (gap > largest) {
                largest = gap;
                gapStart = sorted[i - 1];
            }
            boolean anotherPlace = sorted[i] - placeStart >= SAME_PLACE;
            boolean backAtFirst = sorted[0] + FULL_TURN - sorted[i] < SAME_PLACE;
            if (anotherPlace && !backAtFirst) {
                distinct++;
                placeStart = sorted[i];
            }
        }
        return new StationSpread(distinct, largest, withinTurn(gapStart + largest / 2));
    }

    /**
     * @throws StationsUnfit if there are fewer than three distinct angles, or all lie within less than half a turn
     */
    void requireEnough() throws StationsUnfit {
        if (distinct < FEWEST_ANGLES) {
            throw new StationsUnfit(
                    Reason.TOO_FEW_ANGLES,
                    Note.of(
                            "core.the-centre-needs-readings-at-three-different",
                            distinct == 1 ? Note.of("core.is-1") : Note.of("core.are", distinct),
                            degrees(gapMiddle)));
        }
        if (largestGap > WIDEST_GAP) {
            throw new StationsUnfit(
                    Reason.NARROW_ARC,
                    Note.of(
                            "core.all-stations-lie-within-which-does-not",
                            degrees(FULL_TURN - largestGap),
                            degrees(gapMiddle)));
        }
    }

    StationsUnfit bunched() {
        return new StationsUnfit(
                Reason.BUNCHED, Note.of("core.the-stations-stand-in-two-bunches-which", degrees(gapMiddle)));
    }

    private static double withinTurn(double radians) {
        double turned = radians % FULL_TURN;
        return turned < 0 ? turned + FULL_TURN : turned;
    }

    private static String degrees(double radians) {
        return Math.round(Math.toDegrees(radians)) % 361 + "°";
    }
}
