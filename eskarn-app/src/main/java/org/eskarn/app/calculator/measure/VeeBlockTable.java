package org.eskarn.app.calculator.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.field.Fields;
import org.eskarn.app.page.DetailsView;
import org.eskarn.app.page.Words;
import org.eskarn.core.round.Harmonics;
import org.eskarn.core.round.VBlock;

/** What a V-block of a chosen angle makes of each number of lobes. */
final class VeeBlockTable {

    private static final double STRAIGHT = 180;

    /** Of its true size; what is shown less is hidden, what is shown nearly whole is as it is. */
    private static final double HIDDEN = 0.2;

    private static final double SMALLER = 0.95;
    private static final double LARGER = 1.05;

    private VeeBlockTable() {}

    /** Empty where no block is asked for. */
    static Optional<DetailsView.Table> of(Fields fields) {
        if (fields.empty("vee")) {
            return Optional.empty();
        }
        BigDecimal angle = fields.above("vee", Words.say("calculators.the-angle-of-a-v"));
        if (angle == null || angle.doubleValue() >= STRAIGHT) {
            fields.problem("vee", Words.say("calculators.a-v-has-an-included-angle-above"));
            return Optional.empty();
        }
        VBlock block = new VBlock(angle.doubleValue());
        List<DetailsView.Row> rows = new ArrayList<>();
        for (int lobes = 2; lobes <= Harmonics.MOST; lobes++) {
            double factor = Math.abs(block.factor(lobes));
            rows.add(new DetailsView.Row(Integer.toString(lobes), List.of(said(factor), meaning(factor))));
        }
        return Optional.of(new DetailsView.Table(
                Words.say("calculators.in-a-v-block-of-read-above", fields.shown("vee")),
                List.of(
                        Words.say("calculators.lobes"),
                        Words.say("calculators.times"),
                        Words.say("calculators.so-they-are")),
                rows));
    }

    private static String said(double factor) {
        return BigDecimal.valueOf(factor).setScale(2, RoundingMode.HALF_UP).toPlainString();
    }

    private static String meaning(double factor) {
        if (factor < HIDDEN) {
            return Words.say("calculators.lobes-hidden");
        }
        if (factor < SMALLER) {
            return Words.say("calculators.made-smaller");
        }
        return factor > LARGER ? Words.say("calculators.made-larger") : Words.say("calculators.as-it-is");
    }
}
