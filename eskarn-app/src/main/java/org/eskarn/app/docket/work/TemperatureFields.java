package org.eskarn.app.docket.work;

import org.eskarn.app.docket.SaidCircumstance;
import org.eskarn.app.docket.SetUp;

/**
 * The temperatures of a set-up as they stand in their fields.
 *
 * @param unit in which a bare temperature is meant: that of the drawing's system
 * @param ofDifferences the same of what they are known to
 */
public record TemperatureFields(String unit, String ofDifferences, String part, String gauge, String tolerance) {

    static TemperatureFields of(SetUp setUp) {
        boolean inches = !setUp.requirement().metric();
        String unit = inches ? "°F" : "°C";
        String ofDifferences = inches ? "°F" : "K";
        SaidCircumstance said = setUp.circumstance().orElse(null);
        return said == null
                ? new TemperatureFields(unit, ofDifferences, "", "", "")
                : new TemperatureFields(
                        unit,
                        ofDifferences,
                        TypedDegrees.shown(said.partCelsius(), said.partTyped(), inches),
                        TypedDegrees.shown(said.gaugeCelsius(), said.gaugeTyped(), inches),
                        TypedDegrees.shownDifference(said, inches));
    }
}
