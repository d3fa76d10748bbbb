package org.eskarn.app.picture.engine;

import java.util.Locale;
import java.util.Optional;
import org.eskarn.app.page.Words;

/** Magnifications and plain numbers as drawings say them. */
public final class ScaleText {

    private ScaleText() {}

    /** The magnification as a number, or else by the bar. */
    public static String times(Optional<Double> magnification) {
        return magnification
                .map(m -> Words.say("picture.drawn", grouped(m)))
                .orElse(Words.say("picture.magnified-as-the-bar-shows"));
    }

    public static String grouped(double magnification) {
        return magnification >= 10
                ? String.format(Locale.ROOT, "%,.0f", magnification).replace(',', '\u202f')
                : plain(magnification);
    }

    public static String plain(double number) {
        return java.math.BigDecimal.valueOf(number)
                .round(new java.math.MathContext(6))
                .stripTrailingZeros()
                .toPlainString()
                .replace('-', '\u2212');
    }
}
