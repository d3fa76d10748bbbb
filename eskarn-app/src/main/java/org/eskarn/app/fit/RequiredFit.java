package org.eskarn.app.fit;

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
                fields.problem("most", "A wanted clearance has a least and, above it, a most; minus is interference.");
                return NOTHING;
            }
            return new RequiredFit(Bounds.between(least, most), "as typed");
        }
        if (!fields.empty("fit")) {
            return ofCode(fields, diameter);
        }
        java.math.BigDecimal turns = fields.number("turns");
        if (turns != null && turns.signum() > 0) {
            OilFilm film = OilFilm.of(diameter / 1000, turns.doubleValue());
            return new RequiredFit(
                    Bounds.between(film.least(), film.most()),
                    "for the oil film at " + turns.toPlainString() + " turns a minute");
        }
        return NOTHING;
    }

    private static RequiredFit ofCode(Fields fields, double diameter) {
        try {
            FitCode.Sized sized = FitCode.sized(fields.text("fit"), fields.unit());
            Length nominal = sized.nominal();
            if (Math.abs(nominal.micrometres() - diameter) > diameter * FURTHEST) {
                fields.problem("fit", "A fit of ⌀" + nominal + " is not that of these sizes: check its nominal.");
                return NOTHING;
            }
            return sized.code()
                    .at(nominal)
                    .fit()
                    .map(fit -> new RequiredFit(fit.bounds(), "of ⌀" + nominal + " " + sized.code()))
                    .orElseGet(() -> {
                        fields.problem("fit", "A pair needs a hole and a shaft, as 32 H7/g6.");
                        return NOTHING;
                    });
        } catch (FitUndefined e) {
            fields.problem("fit", e.sentence());
            return NOTHING;
        }
    }
}
