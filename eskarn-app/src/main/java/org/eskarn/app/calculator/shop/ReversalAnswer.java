package org.eskarn.app.calculator.shop;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.calculator.Answer;
import org.eskarn.app.calculator.Answering;
import org.eskarn.app.field.Fields;
import org.eskarn.app.field.Quantity;
import org.eskarn.app.page.DetailsView;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.fit.RangesDrawing;
import org.eskarn.app.picture.fit.RangesDrawing.Range;
import org.eskarn.core.flat.Reversal;
import org.eskarn.core.flat.Shares;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;

/** Whose error is it: two set-ups of anything, read at the same places. */
final class ReversalAnswer {

    private ReversalAnswer() {}

    static Optional<Answer> of(Fields fields) {
        if (fields.empty("first")) {
            return Optional.empty();
        }
        Reversal how = fields.choice("how", Reversal.PART_TURNED);
        List<Length> one = fields.lengths("first");
        List<Length> two = fields.lengths("second");
        List<Length> three = fields.lengths("again");
        if (one.size() != two.size()) {
            fields.problem(
                    "second", Words.say("calculators.there-are-readings-first-and-after-it", one.size(), two.size()));
        }
        if (!three.isEmpty() && three.size() != one.size()) {
            fields.problem("again", Words.say("calculators.read-all-places-again-or-none", one.size()));
        }
        Length allowed = three.isEmpty() ? null : fields.size("allowed", Words.say("calculators.what-is-allowed"));
        if (one.isEmpty() || !fields.readable()) {
            return Optional.empty();
        }
        Display readings = new Display(fields.unitOf(Quantity.READ).orElse(LengthUnit.MICROMETRE));
        return Optional.of(answer(how, one, two, three, allowed == null ? 0 : allowed.micrometres(), readings));
    }

    private static Answer answer(
            Reversal how, List<Length> one, List<Length> two, List<Length> three, double allowed, Display readings) {
        List<DetailsView.Row> rows = new ArrayList<>();
        List<Range> ranges = new ArrayList<>();
        double part = 0;
        double fixture = 0;
        int moved = 0;
        for (int i = 0; i < one.size(); i++) {
            double first = one.get(i).micrometres();
            Shares shares = Shares.of(how, first, two.get(i).micrometres());
            List<String> cells = new ArrayList<>(List.of(
                    readings.signed(first),
                    readings.signed(two.get(i).micrometres()),
                    readings.signed(shares.part()),
                    readings.signed(shares.fixture())));
            if (!three.isEmpty()) {
                double again = three.get(i).micrometres();
                boolean holds = Shares.consistent(first, again, allowed);
                moved += holds ? 0 : 1;
                cells.add(readings.signed(again));
                cells.add(holds ? Words.say("calculators.yes") : Words.say("calculators.no-something-moved"));
            }
            rows.add(new DetailsView.Row(Integer.toString(i + 1), cells));
            ranges.add(new Range(Words.say("calculators.part-at-place", i + 1), 0, readings.of(shares.part())));
            part = Math.abs(shares.part()) > Math.abs(part) ? shares.part() : part;
            fixture = Math.abs(shares.fixture()) > Math.abs(fixture) ? shares.fixture() : fixture;
        }
        Answering answer = new Answering();
        answer.headline(Words.say(
                "calculators.at-most-the-parts-error-and-the-fixtures",
                readings.signed(part),
                readings.signed(fixture),
                readings.symbol()));
        if (three.isEmpty()) {
            answer.remark(Words.say("calculators.not-checked-read-the-first-set-up"));
        } else if (moved > 0) {
            answer.warning(Words.say("calculators.something-moved-between-the-set-ups", moved, one.size()));
        }
        answer.picture(RangesDrawing.of(
                Words.say("calculators.error-of-the-part-place-by-place"),
                readings.symbol(),
                ranges,
                RangesDrawing.Limits.NONE,
                true,
                amount -> readings.signed(readings.micrometres(amount))));
        answer.table(Words.say("calculators.place-by-place"), heads(!three.isEmpty(), readings.symbol()), rows);
        answer.remark(Words.say("calculators.whose-error-is-it-read-the-same"));
        return answer.done();
    }

    private static List<String> heads(boolean checked, String symbol) {
        String unit = ", " + symbol;
        List<String> heads = new ArrayList<>(List.of(
                Words.say("calculators.place"),
                Words.say("calculators.first") + unit,
                Words.say("calculators.second") + unit,
                Words.say("calculators.parts-share") + unit,
                Words.say("calculators.fixtures-share") + unit));
        if (checked) {
            heads.add(Words.say("calculators.first-again") + unit);
            heads.add(Words.say("calculators.consistent"));
        }
        return heads;
    }
}
