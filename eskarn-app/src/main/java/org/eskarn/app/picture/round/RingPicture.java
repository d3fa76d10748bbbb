package org.eskarn.app.picture.round;

import java.util.List;
import java.util.Optional;
import org.eskarn.app.picture.engine.Picture;
import org.eskarn.app.picture.engine.Xy;
import org.jspecify.annotations.Nullable;

/**
 * A drawn ring, ready to be written as SVG: the part with its stations at true angles, clockwise from the top, and
 * deviations magnified about the ideal circle.
 *
 * @param title what is seen, and from where
 * @param inside whether the material lies outside the circle
 * @param ideal radius of the ideal circle
 * @param limits radii of the two limit circles
 * @param marks one for each station
 * @param ticks the station lines at the edge of the disc, as one path
 * @param points a dot for each reading, as one path
 * @param bands the bands of a flickering needle, as one path; empty where none flickered
 * @param trace the readings joined round the ring, as a list of points
 * @param fitted the fitted circle as a closed list of points; null while it is not known
 * @param arrow the offset, from the centre; null while it has no direction
 * @param next the station to touch next; null when all is read
 * @param scaleLine what the magnification is
 * @param bar length of the scale bar
 * @param barLabel the deviation that the bar stands for
 * @param offsetLine the offset in words; empty while it is not known
 */
public record RingPicture(
        String title,
        boolean inside,
        double ideal,
        List<Double> limits,
        List<StationMark> marks,
        String ticks,
        String points,
        String bands,
        String trace,
        @Nullable String fitted,
        @Nullable Arrow arrow,
        @Nullable NextMark next,
        String scaleLine,
        double bar,
        String barLabel,
        Optional<String> offsetLine)
        implements Picture {

    public static final double WIDTH = 640;
    public static final double HEIGHT = 470;
    public static final Xy CENTRE = new Xy(WIDTH / 2, HEIGHT / 2 + 4);

    /** Radius of the disc of the part, or of the open middle, that holds the angles. */
    public static final double DISC = 70;
    /** Outer radius of the band of material round an opening. */
    public static final double BAND = 202;

    /**
     * One station.
     *
     * @param angleLabel empty where there is no room for it
     * @param angleAt where the angle is written
     * @param point where the reading lies; null while there is none
     * @param reading the reading in figures; empty where there is no room
     * @param readingAt where it is written
     * @param anchor on which side of that place
     * @param word "high" or "low" at the extremes
     */
    public record StationMark(
            String angleLabel,
            Xy angleAt,
            @Nullable Xy point,
            String reading,
            @Nullable Xy readingAt,
            String anchor,
            String word) {}

    /** The station to touch next: a ring on the ideal circle, a pointer and its words. */
    public record NextMark(Xy at, Xy pointerEnd, Xy labelAt, String anchor, String label) {}

    /**
     * The offset, to the same magnification as the deviations.
     *
     * @param degrees clockwise from the top
     * @param head size of the arrow head, smaller on a short arrow
     */
    public record Arrow(Xy tip, double degrees, double head) {}

    public Xy centre() {
        return CENTRE;
    }

    @Override
    public String template() {
        return "ring";
    }

    @Override
    public String smallBox() {
        return inside ? "20 4 600 466" : "90 4 460 466";
    }
}
