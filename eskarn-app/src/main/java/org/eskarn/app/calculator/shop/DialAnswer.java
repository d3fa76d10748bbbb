package org.eskarn.app.calculator.shop;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.calculator.Answer;
import org.eskarn.app.calculator.Answering;
import org.eskarn.app.field.Fields;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.fit.RangesDrawing;
import org.eskarn.app.picture.fit.RangesDrawing.Range;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;

/** What a pointer and a counter mean on a dial. */
final class DialAnswer {

    private static final int FEWEST = 4;
    private static final int MOST = 2000;

    private DialAnswer() {}

    static Optional<Answer> of(Fields fields) {
        if (fields.empty("pointer")) {
            return Optional.empty();
        }
        Length one = fields.size("graduation", Words.say("calculators.a-graduation"));
        Integer divisions = fields.whole("perTurn", FEWEST, MOST);
        BigDecimal turns = fields.number("turns");
        BigDecimal at = fields.number("pointer");
        if (divisions == null) {
            fields.problem("perTurn", Words.say("calculators.type-the-divisions-of-one-turn"));
        }
        if (turns == null) {
            fields.problem("turns", Words.say("calculators.type-the-turns-on-the-counter"));
        }
        if (at != null && divisions != null && at.abs().compareTo(BigDecimal.valueOf(divisions)) > 0) {
            fields.problem("pointer", Words.say("calculators.the-pointer-stands-between-two-marks-of", divisions));
        }
        if (one == null || divisions == null || turns == null || at == null || !fields.readable()) {
            return Optional.empty();
        }
        BigDecimal total = turns.multiply(BigDecimal.valueOf(divisions)).add(at);
        LengthUnit unit = one.unit();
        Length pushed = new Length(total.multiply(one.amount()), unit);
        Length left = new Length(total.subtract(BigDecimal.valueOf(divisions)).multiply(one.amount()), unit);
        Display display = new Display(unit);
        Display companion = display.companion();
        Answering answer = new Answering();
        answer.headline(Words.say("calculators.plunger-pushed-in-by", said(pushed)))
                .fact(
                        Words.say("calculators.in-the-other-system"),
                        companion.signed(pushed.micrometres()),
                        companion.symbol())
                .fact(Words.say("calculators.divisions"), total.toPlainString().replace('-', '−'), "")
                .fact(Words.say("calculators.if-it-came-round-to-the-left"), said(left), "");
        answer.picture(RangesDrawing.of(
                Words.say("calculators.plunger-travel"),
                unit.symbol(),
                List.of(
                        new Range(
                                Words.say("calculators.whole-turns"),
                                0,
                                turns.multiply(BigDecimal.valueOf(divisions))
                                        .multiply(one.amount())
                                        .doubleValue()),
                        new Range(
                                Words.say("calculators.with-the-pointer"),
                                0,
                                pushed.amount().doubleValue())),
                RangesDrawing.Limits.NONE,
                true,
                amount -> display.signed(display.micrometres(amount))));
        answer.remark(Words.say("calculators.on-a-balanced-dial-one-turn-less"));
        return Optional.of(answer.done());
    }

    private static String said(Length length) {
        return length.toString().replace('-', '−');
    }
}
