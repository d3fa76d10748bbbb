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
record Wanted(Bounds bounds, String words) {

    private static final Wanted NOTHING = new Wanted(Bounds.OPEN, "");

    /**
     * @param diameter of the pair, µm, for the oil film
     */
    static Wanted of(Fields fields, double diameter) {
        Double least = fields.signed("least");
        Double most = fields.signed("most");
        if (least != null || most != null) {
            if (least == null || most == null || least >= most) {
                fields.problem("most", "A wanted clearance has a least and, above it, a most; minus is interference.");
                return NOTHING;
            }
            return new Wanted(Bounds.between(least, most), "as typed");
        }
        if (!fields.empty("fit")) {
            return ofCode(fields);
        }
        java.math.BigDecimal turns = fields.number("turns");
        if (turns != null && turns.signum() > 0) {
            OilFilm film = OilFilm.of(diameter / 1000, turns.doubleValue());
            return new Wanted(
                    Bounds.between(film.least(), film.most()),
                    "for the oil film at " + turns.toPlainString() + " turns a minute");
        }
        return NOTHING;
    }

    private static Wanted ofCode(Fields fields) {
        try {
            FitCode.Sized sized = FitCode.sized(fields.text("fit"), fields.unit());
            Length nominal = sized.nominal();
            return sized.code()
                    .at(nominal)
                    .fit()
                    .map(fit -> new Wanted(fit.bounds(), "of ⌀" + nominal + " " + sized.code()))
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
