package org.eskarn.app.picture;

import java.util.List;
import org.eskarn.app.picture.engine.Picture;
import org.eskarn.app.picture.engine.Xy;
import org.jspecify.annotations.Nullable;

/**
 * Readings side by side: along a length to scale, or one after the other where stations have no place.
 *
 * @param zero height of the zero line; null where it lies outside
 * @param zeroLabel what lies there: 0, or the size of the master
 * @param limits the dashed limits
 * @param places the places along the foot
 * @param traces the readings that belong together, joined
 * @param spots one for each reading
 * @param next the station to read next; null when all is read
 * @param bar length of the scale bar
 * @param barLabel the deviation it stands for
 */
public record ReadingsPicture(
        String title,
        @Nullable Double zero,
        String zeroLabel,
        List<Level> limits,
        List<Place> places,
        List<String> traces,
        List<Spot> spots,
        @Nullable Next next,
        double bar,
        String barLabel,
        String scaleLine)
        implements Picture {

    public static final double LEFT = 64;
    public static final double RIGHT = 560;
    public static final double TOP = 58;
    public static final double FOOT = 392;

    public record Level(double y, String label) {}

    public record Place(double x, String label) {}

    /**
     * @param reading in figures; empty where there is no room
     * @param above whether it is written above the point
     */
    public record Spot(Xy at, String reading, boolean above) {}

    public record Next(double x, String label, String anchor) {}

    @Override
    public String template() {
        return "readings";
    }

    public double left() {
        return LEFT;
    }

    public double right() {
        return RIGHT;
    }

    public double top() {
        return TOP;
    }

    public double foot() {
        return FOOT;
    }
}
