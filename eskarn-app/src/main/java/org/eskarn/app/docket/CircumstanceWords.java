package org.eskarn.app.docket;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import org.eskarn.app.page.Words;

/** What was said of warmth, holder and plate, in words. */
public final class CircumstanceWords {

    private CircumstanceWords() {}

    public static String of(SaidCircumstance said) {
        List<String> words = new ArrayList<>();
        BigDecimal part = said.partCelsius();
        BigDecimal gauge = said.gaugeCelsius();
        BigDecimal tolerance = said.celsiusTolerance();
        if (part != null && gauge != null && tolerance != null) {
            words.add(Words.say("docket.part-gauge-celsius", plain(part), plain(gauge), plain(tolerance)));
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

    private static String plain(BigDecimal amount) {
        return amount.stripTrailingZeros().toPlainString().replace("-", "\u2212");
    }
}
