package org.eskarn.app.docket;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import org.eskarn.app.page.Words;
import org.jspecify.annotations.Nullable;

/** What was said of warmth, holder and plate, in words. */
public final class CircumstanceWords {

    private CircumstanceWords() {}

    public static String of(SaidCircumstance said) {
        List<String> words = new ArrayList<>();
        BigDecimal part = said.partCelsius();
        BigDecimal gauge = said.gaugeCelsius();
        BigDecimal tolerance = said.celsiusTolerance();
        if (part != null && gauge != null && tolerance != null) {
            words.add(Words.say(
                    "docket.part-gauge-celsius",
                    temperature(part, said.partTyped()),
                    temperature(gauge, said.gaugeTyped()),
                    known(tolerance, said.toleranceTyped())));
        }
        BigDecimal flex = said.flex();
        if (flex != null && said.flexUnit() != null) {
            words.add(
                    Words.say("docket.holder-flex", plain(flex), said.flexUnit().symbol()));
        }
        BigDecimal flatness = said.plateFlatness();
        if (said.plateMark() != null && flatness != null) {
            words.add(Words.say("docket.on-plate", said.plateMark(), plain(flatness)));
        }
        Boolean onSlide = said.onSlide();
        if (onSlide != null) {
            words.add(
                    onSlide
                            ? Words.say("docket.indicator-on-the-slide")
                            : Words.say("docket.indicator-not-on-the-slide"));
        }
        return String.join("; ", words);
    }

    /** As it was typed, and in °C beside it where that was another unit. */
    private static String temperature(BigDecimal celsius, @Nullable String typed) {
        return typed == null
                ? Words.say("docket.degrees-celsius", plain(celsius))
                : Words.say("docket.degrees-typed", typed, plain(celsius.setScale(1, RoundingMode.HALF_UP)));
    }

    private static String known(BigDecimal kelvin, @Nullable String typed) {
        return typed == null ? Words.say("docket.kelvin", plain(kelvin)) : typed;
    }

    private static String plain(BigDecimal amount) {
        return amount.stripTrailingZeros().toPlainString().replace("-", "\u2212");
    }
}
