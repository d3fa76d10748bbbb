package org.eskarn.app.picture;

import java.util.Optional;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.core.claim.Measured;
import org.jspecify.annotations.Nullable;

/**
 * What is allowed, claimed and measured of one figure on one bar, from zero to a way past what is allowed.
 *
 * @param limit where what is allowed ends; null where nothing is stated
 * @param claimed null where nothing is claimed
 * @param measured null where nothing is measured
 * @param beyond whether what was measured lies past the end of the bar
 * @param spoken for who cannot see it
 */
public record CertificateBar(
        double width,
        @Nullable Double limit,
        @Nullable Double claimed,
        @Nullable Double measured,
        double shadeFrom,
        double shadeWidth,
        boolean beyond,
        String spoken) {

    private static final double WIDTH = 250;
    /** The bar ends at four thirds of what is allowed, or where a figure needs it, but not past three times that. */
    private static final double USUAL_END = 4.0 / 3;

    private static final double FURTHEST_END = 3;
    private static final double ROOM = 1.08;

    /**
     * @param allowed µm; NaN where nothing is stated
     * @param claimed µm; NaN where nothing is claimed
     */
    public static CertificateBar of(double allowed, double claimed, Optional<Measured> measured, Display display) {
        double value = measured.map(each -> Math.abs(each.micrometres())).orElse(0.0);
        double above = measured.map(Measured::above).orElse(0.0);
        double below = measured.map(Measured::below).orElse(0.0);
        double claim = Double.isNaN(claimed) ? 0 : Math.abs(claimed);
        double most = Math.max(value + above, claim);
        double end = Double.isNaN(allowed)
                ? Math.max(most * USUAL_END, 1)
                : Math.min(Math.max(USUAL_END * allowed, most * ROOM), FURTHEST_END * allowed);
        double scale = WIDTH / end;
        double from = at(value - below, scale);
        return new CertificateBar(
                WIDTH,
                Double.isNaN(allowed) ? null : (Double) at(allowed, scale),
                Double.isNaN(claimed) ? null : (Double) at(claim, scale),
                measured.isEmpty() ? null : (Double) at(value, scale),
                from,
                measured.isEmpty() ? 0 : at(value + above, scale) - from,
                value > end,
                spoken(allowed, claimed, measured, display));
    }

    private static double at(double micrometres, double scale) {
        return Math.round(10 * Math.min(WIDTH, Math.max(0, micrometres * scale))) / 10.0;
    }

    private static String spoken(double allowed, double claimed, Optional<Measured> measured, Display display) {
        return Words.say(
                "picture.allowed-claimed-measured",
                Double.isNaN(allowed) ? "–" : display.amount(allowed),
                Double.isNaN(claimed) ? "–" : display.amount(claimed),
                measured.map(each -> display.amount(each.micrometres()) + " "
                                + display.knownTo(each.micrometres(), each.above(), each.below()))
                        .orElse("–"),
                display.symbol());
    }
}
