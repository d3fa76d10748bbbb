package org.eskarn.app.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.page.DetailsView;
import org.eskarn.app.page.Display;
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
        double roughness = fields.amount("roughness", 0, "A roughness");
        double expanded = Math.sqrt(2) * fields.amount("u", 0, "An uncertainty");
        if (hole == null || shaft == null || !fields.readable()) {
            return Optional.empty();
        }
        RequiredFit wanted = RequiredFit.of(fields, hole.first().mean());
        if (Math.abs(hole.first().mean() - shaft.first().mean()) > hole.first().mean() / 20) {
            fields.problem(
                    "shaft", "Hole and shaft are too far apart to be a pair: check the unit and the decimal mark.");
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
            fields.problem("shaft", "Hole and shaft share no length: distances of both count from the same end.");
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
        answer.fact("tightest, at " + place(tightest.at()) + at, tightest.tightest(), small)
                .fact("loosest, at " + place(loosest.at()) + at, loosest.loosest(), small)
                .fact("mean of the length", pair.mean(), small);
        if (!wanted.bounds().open()) {
            answer.judged(
                    "the clearance against what is wanted",
                    tightest.tightest(),
                    loosest.loosest(),
                    wanted.bounds(),
                    expanded,
                    small);
            judged(answer, tightest.tightest(), loosest.loosest(), wanted, small);
        }
        if (tightest.tightest() < 0 && roughness > 0) {
            answer.fact("lost by smoothing", RingFit.SMOOTHED * roughness, small)
                    .fact("effective, tightest", MatedSizes.effective(tightest.tightest(), roughness), small);
        }
        answer.picture(ClearanceDrawing.of(pair, wanted.bounds(), fields.sizes(), small));
        rows(answer, pair, fields, small);
        if (pair.places().size() > 1 && !wanted.bounds().open()) {
            turned(answer, pair, turned, wanted.bounds());
        }
        answer.remark("Tightest and loosest count ovality as if both lay worst; nobody knows how they will be turned.");
        answer.governs("The drawing governs. Both at one temperature, best at 20 °C.");
        return answer.done();
    }

    private static String said(double tightest, double loosest, Display small) {
        return "Clearance from " + small.signed(tightest) + " to " + small.signed(loosest) + " " + small.symbol()
                + (loosest < 0
                        ? ": interference all along"
                        : tightest < 0 ? ": tight at one place, loose at another" : "");
    }

    private static void judged(Answering answer, double tightest, double loosest, RequiredFit wanted, Display small) {
        double least = java.util.Objects.requireNonNull(wanted.bounds().lower());
        double most = java.util.Objects.requireNonNull(wanted.bounds().upper());
        answer.fact("wanted, " + wanted.words(), small.signed(least) + " to " + small.signed(most), small.symbol());
        if (tightest < least) {
            answer.warning(
                    least > 0
                            ? "Too tight by " + small.amount(least - tightest) + " " + small.symbol()
                                    + ": no room for the oil film there."
                            : "Too tight by " + small.amount(least - tightest) + " " + small.symbol() + ".");
        }
        if (loosest > most) {
            answer.warning("Too slack by " + small.amount(loosest - most) + " " + small.symbol()
                    + (most > 0 ? ": the film does not carry, and the shaft wanders." : ": it may not hold."));
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
            answer.remark(
                    "With the other end of the shaft first it would be within what is wanted, if the drawing allows that.");
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
        answer.table("Along the length", List.of("at", "tightest" + unit, "mean" + unit, "loosest" + unit), rows);
    }

    private static String place(double at) {
        return Display.plain(at, 6);
    }
}
