package org.eskarn.core.remedy;

/**
 * What was found after a correction against what was predicted: they agree if
 *
 * <pre>|found − predicted| ≤ √(U₁² + U₂²)</pre>
 *
 * with U₁ of the prediction ({@link #predictedTo}) and U₂ of the figure after, expanded, all in µm.
 *
 * @param difference found − predicted, µm
 * @param allowed √(U₁² + U₂²), µm
 */
public record Recheck(double predicted, double found, double difference, double allowed) {

    public static Recheck of(double predicted, double knownTo, double found, double after) {
        return new Recheck(predicted, found, found - predicted, Math.hypot(knownTo, after));
    }

    /**
     * How well a prediction is known: √(U² + (2 s m / √3)²), as the figure it rests on is known to U and the move m is set to within ±s of
     * itself, even; all expanded.
     *
     * @param expanded U of the figure that is corrected, µm
     * @param move of the figure, from what was found to what is predicted, µm
     * @param share s, as {@code RemedyKind.settingShare} says it
     */
    public static double predictedTo(double expanded, double move, double share) {
        return Math.hypot(expanded, 2 * share * Math.abs(move) / Math.sqrt(3));
    }

    /** How far a move may miss and still be told from none, as a share of it. */
    private static final double SHARE = 0.25;

    /**
     * Whether it came out as it does when the part was moved the wrong way, as after readings called with the wrong sign: the
     * figure then changes by as much as predicted, but away from the prediction, to 2 · before − predicted.
     *
     * @param before the figure that was corrected, µm
     */
    public boolean reversed(double before) {
        double wrong = 2 * before - predicted;
        double near = Math.max(allowed, SHARE * Math.abs(before - predicted));
        boolean moved = Math.abs(found - before) > allowed;
        return !agrees() && moved && Math.abs(found - wrong) <= near && Math.abs(found - wrong) < Math.abs(difference);
    }

    public boolean agrees() {
        return Math.abs(difference) <= allowed;
    }
}
