package org.eskarn.core.remedy;

/**
 * What was found after a correction against what was predicted: they agree if
 *
 * <pre>|found − predicted| ≤ √(U₁² + U₂²)</pre>
 *
 * with U the expanded uncertainties of the figure before and after, all in µm.
 *
 * @param difference found − predicted, µm
 * @param allowed √(U₁² + U₂²), µm
 */
public record Recheck(double predicted, double found, double difference, double allowed) {

    public static Recheck of(double predicted, double before, double found, double after) {
        return new Recheck(predicted, found, found - predicted, Math.hypot(before, after));
    }

    public boolean agrees() {
        return Math.abs(difference) <= allowed;
    }
}
