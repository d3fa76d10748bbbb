package org.eskarn.app.remedy;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.page.Display;
import org.eskarn.app.picture.engine.Subject;
import org.eskarn.core.evaluation.Assessment;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.remedy.Available;

/**
 * What a correction starts from.
 *
 * @param drawer the offsets that exist for the part
 * @param expansion of the part, µm per m and K
 * @param sizes how whole sizes are said
 * @param deviations how differences are said
 * @param steps of truing so far
 */
public record MeasuredState(
        Subject subject,
        Dial dial,
        Assessment assessment,
        List<Available> drawer,
        Optional<BigDecimal> expansion,
        Display sizes,
        Display deviations,
        List<Step> steps) {

    /** @param movement after it, µm */
    public record Step(String place, double movement) {}

    static String capital(String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    String deviation(double micrometres) {
        return deviations.amount(micrometres) + " " + deviations.symbol();
    }

    String size(double micrometres) {
        return sizes.amount(micrometres) + " " + sizes.symbol();
    }

    /** The same in the other system, for a movement somebody sets by hand. */
    String both(double micrometres) {
        Display other = deviations.companion();
        return deviation(micrometres) + " (" + other.amount(micrometres) + " " + other.symbol() + ")";
    }
}
