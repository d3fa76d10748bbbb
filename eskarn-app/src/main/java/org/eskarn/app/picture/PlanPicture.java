package org.eskarn.app.picture;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A plane seen from above with the height at each station.
 *
 * @param outline the face as far as the stations reach
 * @param spots one for each station
 * @param next the station to touch next; null when all is read
 * @param steps the steps of the ramp, from the lowest to the highest, empty until two heights differ
 */
public record PlanPicture(
        String title,
        Box outline,
        List<Spot> spots,
        @Nullable Next next,
        List<Step> steps,
        String scaleLine) implements Picture {

    public record Box(double x, double y, double width, double height) {}

    /**
     * @param name of the station
     * @param height in figures; empty until it is read
     * @param ramp step of the ramp from 0 (lowest) to 6 (highest); −1 until it is read
     * @param word “high” or “low” at the extremes
     */
    public record Spot(Xy at, String name, String height, int ramp, String word) {}

    public record Next(Xy at, String label, boolean below) {}

    /** One step of the ramp in the key. */
    public record Step(int ramp, double x, String label) {}

    @Override
    public String template() {
        return "plan";
    }
}
