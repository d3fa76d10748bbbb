package org.eskarn.app.calculator.fits;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.calculator.Answer;
import org.eskarn.app.calculator.Answering;
import org.eskarn.app.field.Fields;
import org.eskarn.app.page.DetailsView;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.fit.ClearanceDrawing;
import org.eskarn.core.fit.MatedSizes;
import org.eskarn.core.fit.MatedSizes.Place;
import org.eskarn.core.fit.RingFit;
import org.eskarn.core.size.SizeMap;
import org.eskarn.core.verdict.Bounds;

/** A hole and a shaft as they were measured along their length: the clearance that is really there. */
final class PairAnswer {

    private PairAnswer() {}

    static Optional<Answer> of(Fields fields) {
        if (fields.empty("hole") && fields.empty("shaft")) {
            return Optional.empty();
        }
        SizeMap hole = SizeMapText.read(fields, "hole", fields.unit());
        SizeMap shaft = SizeMapText.read(fields, "shaft", fields.unit());
        double roughness = fields.amount("roughness", 0, Words.say("calculators.a-roughness"));
        double expanded = Math.sqrt(2) * fields.amount("u", 0, Words.say("calculators.an-uncertainty"));
        if (hole == null || shaft == null || !fields.readable()) {
            return Optional.empty();
        }
        RequiredFit wanted = RequiredFit.of(fields, hole.first().mean());
        if (Math.abs(hole.first().mean() - shaft.first().mean()) > hole.first().mean() / 20) {
            fields.problem("shaft", Words.say("calculators.hole-and-shaft-are-too-far-apart"));
        }
        if (!fields.readable()) {
            return Optional.empty();
        }
        try {
            SizeMap laid = fields.ticked("turned") ? MatedSizes.turned(shaft) : shaft;
            MatedSizes pair = MatedSizes.of(hole, laid);
            return Optional.of(
                    answer(fields, pair, MatedSizes.of(hole, MatedSizes.turned(laid)), wanted, roughness, expanded));
        } catch (IllegalArgumentException e) {
            fields.problem("shaft", Words.say("calculators.hole-and-shaft-share-no-length-distances"));
            return Optional.empty();
        }
    }

    private static Answer answer(
            Fields fields, MatedSizes pair, MatedSizes turned, RequiredFit wanted, double roughness, double expanded) {
        Display small = fields.deviations();
        Place tightest = pair.tightest();
        Place loosest = pair.loosest();
        Answering answer = new Answering();
        answer.headline(said(tightest.tightest(), loosest.loosest(), small));
        String at = " " + fields.sizes().symbol();
        answer.fact(Words.say("calculators.tightest-at", place(tightest.at()), at), tightest.tightest(), small)
                .fact(Words.say("calculators.loosest-at", place(loosest.at()), at), loosest.loosest(), small)
                .fact(Words.say("calculators.mean-of-the-length"), pair.mean(), small);
        if (!wanted.bounds().open()) {
            answer.judged(
                    Words.say("calculators.the-clearance-against-what-is-wanted"),
                    tightest.tightest(),
                    loosest.loosest(),
                    wanted.bounds(),
                    expanded,
                    small);
            judged(answer, tightest.tightest(), loosest.loosest(), wanted, small);
        }
        if (tightest.tightest() < 0 && roughness > 0) {
            if (loosest.loosest() < 0 && MatedSizes.effective(loosest.loosest(), roughness) >= 0) {
                answer.warning(Words.say("calculators.smoothing-takes-the-whole-interference"));
            }
            answer.fact(Words.say("calculators.lost-by-smoothing"), RingFit.SMOOTHED * roughness, small)
                    .fact(
                            Words.say("calculators.effective-tightest"),
                            MatedSizes.effective(tightest.tightest(), roughness),
                            small);
        }
        answer.picture(ClearanceDrawing.of(pair, wanted.bounds(), fields.sizes(), small));
        rows(answer, pair, fields, small);
        if (pair.places().size() > 1 && !wanted.bounds().open()) {
            turned(answer, pair, turned, wanted.bounds());
        }
        answer.remark(Words.say("calculators.tightest-and-loosest-count-ovality-as-if"));
        answer.governs(Words.say("calculators.the-drawing-governs-both-at-one-temperature"));
        return answer.done();
    }

    private static String said(double tightest, double loosest, Display small) {
        return Words.say(
                "calculators.clearance-from-to",
                small.signed(tightest),
                small.signed(loosest),
                small.symbol(),
                loosest < 0
                        ? Words.say("calculators.interference-all-along")
                        : tightest < 0 ? Words.say("calculators.tight-at-one-place-loose-at-another") : "");
    }

    private static void judged(Answering answer, double tightest, double loosest, RequiredFit wanted, Display small) {
        double least = java.util.Objects.requireNonNull(wanted.bounds().lower());
        double most = java.util.Objects.requireNonNull(wanted.bounds().upper());
        answer.fact(
                Words.say("calculators.wanted", wanted.words()),
                Words.say("calculators.to", small.signed(least), small.signed(most)),
                small.symbol());
        if (wanted.bounds().outside(tightest) > 0 && tightest < least) {
            answer.warning(
                    least > 0
                            ? Words.say(
                                    "calculators.too-tight-by-no-room-for-the",
                                    small.amount(least - tightest),
                                    small.symbol())
                            : Words.say("calculators.too-tight-by", small.amount(least - tightest), small.symbol()));
        }
        if (wanted.bounds().outside(loosest) > 0 && loosest > most) {
            answer.warning(Words.say(
                    "calculators.too-slack-by",
                    small.amount(loosest - most),
                    small.symbol(),
                    most > 0
                            ? Words.say("calculators.the-film-does-not-carry-and-the")
                            : Words.say("calculators.it-may-not-hold")));
        }
    }

    private static void turned(Answering answer, MatedSizes pair, MatedSizes turned, Bounds wanted) {
        double now = Math.max(
                wanted.outside(pair.tightest().tightest()),
                wanted.outside(pair.loosest().loosest()));
        double then = Math.max(
                wanted.outside(turned.tightest().tightest()),
                wanted.outside(turned.loosest().loosest()));
        if (now > 0 && then <= 0) {
            answer.remark(Words.say("calculators.with-the-other-end-of-the-shaft"));
        }
    }

    private static void rows(Answering answer, MatedSizes pair, Fields fields, Display small) {
        List<DetailsView.Row> rows = new ArrayList<>();
        for (Place place : pair.places()) {
            rows.add(Answering.row(
                    place(place.at()) + " " + fields.sizes().symbol(),
                    small.signed(place.tightest()),
                    small.signed(place.mean()),
                    small.signed(place.loosest())));
        }
        String unit = ", " + small.symbol();
        answer.table(
                Words.say("calculators.along-the-length"),
                List.of(
                        Words.say("calculators.head-at"),
                        Words.say("calculators.head-tightest") + unit,
                        Words.say("calculators.head-mean") + unit,
                        Words.say("calculators.head-loosest") + unit),
                rows);
    }

    private static String place(double at) {
        return Display.plain(at, 6);
    }
}
