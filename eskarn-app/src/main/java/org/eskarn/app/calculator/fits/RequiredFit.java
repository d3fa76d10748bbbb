package org.eskarn.app.calculator.fits;

import org.eskarn.app.field.Fields;
import org.eskarn.app.page.Words;
import org.eskarn.core.fit.FitCode;
import org.eskarn.core.fit.FitUndefined;
import org.eskarn.core.fit.OilFilm;
import org.eskarn.core.units.Length;
import org.eskarn.core.verdict.Bounds;

/**
 * The clearance that is wanted of a pair: as limits, as a fit code at its nominal, or as the oil film of its speed asks.
 *
 * @param words how it was stated
 */
record RequiredFit(Bounds bounds, String words) {

    /** Share of the size a nominal may be off. */
    private static final double FURTHEST = 0.1;

    private static final RequiredFit NOTHING = new RequiredFit(Bounds.OPEN, "");

    /**
     * @param diameter of the pair, µm
     */
    static RequiredFit of(Fields fields, double diameter) {
        Double least = fields.signed("least");
        Double most = fields.signed("most");
        if (least != null || most != null) {
            if (least == null || most == null || least >= most) {
                fields.problem("most", Words.say("calculators.a-wanted-clearance-has-a-least-and"));
                return NOTHING;
            }
            return new RequiredFit(Bounds.between(least, most), Words.say("calculators.as-typed"));
        }
        if (!fields.empty("fit")) {
            return ofCode(fields, diameter);
        }
        java.math.BigDecimal turns = fields.turns("turns");
        if (turns != null && turns.signum() > 0) {
            OilFilm film = OilFilm.of(diameter / 1000, turns.doubleValue());
            return new RequiredFit(
                    Bounds.between(film.least(), film.most()),
                    Words.say("calculators.for-the-oil-film-at-turns-a", turns.toPlainString()));
        }
        return NOTHING;
    }

    private static RequiredFit ofCode(Fields fields, double diameter) {
        try {
            FitCode.Sized sized = FitCode.sized(fields.text("fit"), fields.unit());
            Length nominal = sized.nominal();
            if (Math.abs(nominal.micrometres() - diameter) > diameter * FURTHEST) {
                fields.problem("fit", Words.say("calculators.a-fit-of-is-not-that-of", nominal));
                return NOTHING;
            }
            return sized.code()
                    .at(nominal)
                    .fit()
                    .map(fit -> new RequiredFit(fit.bounds(), Words.say("calculators.of", nominal, sized.code())))
                    .orElseGet(() -> {
                        fields.problem("fit", Words.say("calculators.a-pair-needs-a-hole-and-a"));
                        return NOTHING;
                    });
        } catch (FitUndefined e) {
            fields.problem("fit", Words.of(e.note()));
            return NOTHING;
        }
    }
}
