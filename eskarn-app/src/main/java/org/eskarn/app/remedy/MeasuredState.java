package org.eskarn.app.remedy;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
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
 * @param steps logged so far: of truing, of setting a guide, of cutting or grinding
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

    /** @param movement after it, µm; of a pass that takes metal off what it took */
    public record Step(String place, double movement) {}

    /** What all passes together took off, µm. */
    double takenOff() {
        return steps.stream().mapToDouble(Step::movement).sum();
    }

    /** What every pass took off, as it is kept with the decision; empty where none is logged. */
    String taken() {
        return steps.isEmpty()
                ? ""
                : Words.say(
                        "remedy.taken-pass-by-pass",
                        steps.stream()
                                .map(step -> deviations.amount(step.movement()))
                                .collect(Collectors.joining(" + ")),
                        deviations.symbol());
    }

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
