package org.eskarn.app.calculator.shop;

import java.util.Arrays;
import java.util.List;
import org.eskarn.app.calculator.Calculator;
import org.eskarn.app.calculator.CalculatorSource;
import org.eskarn.app.calculator.Group;
import org.eskarn.app.calculator.Shown;
import org.eskarn.app.field.Field;
import org.eskarn.app.field.Quantity;
import org.eskarn.app.field.Restating;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.engine.View;
import org.eskarn.core.flat.Reversal;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.units.LengthUnit;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** What the calculators of the bench and the machine ask. */
@Component
@Order(4)
public class ShopCalculators implements CalculatorSource {

    private static final List<LengthUnit> UNITS = List.of(LengthUnit.MILLIMETRE, LengthUnit.INCH);

    private static final List<LengthUnit> READ_IN =
            List.of(LengthUnit.MICROMETRE, LengthUnit.MILLIMETRE, LengthUnit.TENTH, LengthUnit.THOU, LengthUnit.INCH);

    @Override
    public List<Calculator> calculators() {
        return List.of(dial(), truing(), touching(), grid(), reversal());
    }

    private static Field readIn(String usual) {
        return Field.unit("unit", Words.say("calculators.read-in"), READ_IN, Quantity.READ)
                .usually(usual)
                .example(usual);
    }

    private static Calculator dial() {
        return Calculator.of(
                        "dial",
                        Group.GENERAL,
                        Words.say("calculators.reading-a-dial"),
                        Words.say("calculators.what-a-pointer-and-a-counter-mean"),
                        List.of(
                                Field.of(
                                                "pointer",
                                                Words.say("calculators.pointer-divisions-clockwise-from-zero"),
                                                Quantity.NUMBER)
                                        .example("37"),
                                Field.of(
                                                "turns",
                                                Words.say("calculators.turns-on-the-counter-since-zero"),
                                                Quantity.NUMBER)
                                        .usually("0")
                                        .example("2"),
                                Field.read("graduation", Words.say("calculators.one-division-is"))
                                        .usually("10")
                                        .example("10")
                                        .half(),
                                readIn(LengthUnit.MICROMETRE.name()).half(),
                                Field.of("perTurn", Words.say("calculators.divisions-for-one-turn"), Quantity.NUMBER)
                                        .usually("100")
                                        .example("100")
                                        .half()),
                        DialAnswer::of)
                .reference(new Shown("calculator/reference", "dials", ""));
    }

    private static Calculator truing() {
        return Calculator.of(
                        "truing",
                        Group.ROUND,
                        Words.say("calculators.truing-a-pressed-assembly"),
                        Words.say("calculators.movement-after-each-step-does-it-help"),
                        List.of(
                                Field.read("movements", Words.say("calculators.movement-found-then-after-each-step"))
                                        .example("180 120 70"),
                                Field.read("limit", Words.say("calculators.limit-of-the-movement"))
                                        .example("30")
                                        .third(),
                                Field.read("graduation", Words.say("calculators.one-division-of-the-gauge"))
                                        .usually("1")
                                        .example("5")
                                        .third(),
                                readIn(LengthUnit.MICROMETRE.name()).third()),
                        TruingLogAnswer::of)
                .askedBy(Characteristic.CIRCULAR_RUNOUT_RADIAL, Characteristic.TOTAL_RUNOUT);
    }

    private static Calculator touching() {
        return Calculator.of(
                "touching",
                Group.ROUND,
                Words.say("calculators.touching-off"),
                Words.say("calculators.centre-to-edge-with-an-edge-finder"),
                List.of(
                        Field.size("finder", Words.say("calculators.finder-diameter"))
                                .example("10")
                                .half(),
                        Field.unit("unit", Words.say("calculators.sizes-in"), UNITS, Quantity.SIZE)
                                .usually(LengthUnit.MILLIMETRE.name())
                                .half(),
                        Field.size("pin", Words.say("calculators.pin-diameter-empty-flat-edge")),
                        Field.size("one", Words.say("calculators.the-slide-reads-when-it-touches"))
                                .example("12.40")
                                .half(),
                        Field.size("other", Words.say("calculators.and-from-the-other-side"))
                                .example("182.46")
                                .half()),
                TouchingAnswer::of);
    }

    private static Calculator grid() {
        return Calculator.of(
                        "grid",
                        Group.FLAT,
                        Words.say("calculators.a-pasted-grid"),
                        Words.say("calculators.heights-from-a-scan-or-a-sheet"),
                        List.of(
                                Field.read("heights", Words.say("calculators.heights-a-line-for-each-row-the"))
                                        .restated(Restating.HEIGHTS)
                                        .example("0 2 5 7\n1 4 8 9\n0 3 6 8")
                                        .lines(8),
                                Field.size("stepX", Words.say("calculators.from-column-to-column"))
                                        .usually("10")
                                        .example("40")
                                        .half(),
                                Field.size("stepY", Words.say("calculators.from-row-to-row"))
                                        .usually("10")
                                        .example("40")
                                        .half(),
                                Field.unit("unit", Words.say("calculators.distances-in"), UNITS, Quantity.SIZE)
                                        .usually(LengthUnit.MILLIMETRE.name())
                                        .half(),
                                Field.unit("readIn", Words.say("calculators.heights-in"), READ_IN, Quantity.READ)
                                        .usually(LengthUnit.MICROMETRE.name())
                                        .half(),
                                Field.read("earlier", Words.say("calculators.the-same-face-earlier-if-it-is"))
                                        .restated(Restating.HEIGHTS)
                                        .lines(5),
                                Field.ticked("border", Words.say("calculators.level-both-to-their-border-first-wear")),
                                Field.choice(
                                                "view",
                                                Words.say("calculators.how-it-is-looked-at"),
                                                List.of(View.values()),
                                                View::title)
                                        .usually(View.AS_READ.name())
                                        .atThePicture()),
                        GridAnswer::of)
                .askedBy(Characteristic.FLATNESS, Characteristic.PARALLELISM_OF_FACES)
                .forPasting();
    }

    private static Calculator reversal() {
        return Calculator.of(
                "reversal",
                Group.FLAT,
                Words.say("calculators.reversal"),
                Words.say("calculators.two-set-ups-the-parts-share-and"),
                List.of(
                        Field.choice(
                                        "how",
                                        Words.say("calculators.read"),
                                        Arrays.stream(Reversal.values())
                                                .filter(each -> each.twice() && !each.checked())
                                                .toList(),
                                        how -> Words.of(how.title()))
                                .usually(Reversal.PART_TURNED.name()),
                        Field.read("first", Words.say("calculators.first-set-up-place-by-place"))
                                .example("0 6 11 15"),
                        Field.read("second", Words.say("calculators.second-set-up-the-same-places"))
                                .example("0 2 3 5"),
                        Field.read("again", Words.say("calculators.first-set-up-once-more-if-read"))
                                .example("0 6 11 14"),
                        Field.read("allowed", Words.say("calculators.it-may-differ-by"))
                                .usually("1")
                                .half(),
                        readIn(LengthUnit.MICROMETRE.name()).half()),
                ReversalAnswer::of);
    }
}
