package org.eskarn.app.remedy;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.eskarn.app.field.Fields;
import org.eskarn.app.page.DetailsView;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.flat.GuideDrawing;
import org.eskarn.core.evaluation.SlopesReduction;
import org.eskarn.core.remedy.GuideMove;
import org.eskarn.core.requirement.RemedyKind;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.units.Length;
import org.eskarn.core.verdict.Bounds;

/** Setting a guide or fence by its screw, step by step. */
final class GuideAdvice {

    private static final String TOWARDS = Words.say("remedy.towards-the-other-line");
    private static final String AWAY = Words.say("remedy.away-from-the-other-line");

    private static final int MOST_SCREWS = 8;
    private static final double MICROMETRES = 1000;

    private GuideAdvice() {}

    static Advice of(MeasuredState found, Fields fields) {
        SlopesReduction slopes =
                (SlopesReduction) found.assessment().reduction().orElseThrow();
        SlopesReduction.Slope slope = slopes.slopes().get(slopes.worst());
        if (slopes.span() == 0) {
            return Advice.not(
                    RemedyKind.GUIDE, Words.say("remedy.how-far-apart-both-places-are-is"), fields.problems());
        }
        List<Double> screws = screws(fields, slopes.span());
        if (!fields.problems().isEmpty()) {
            return Advice.not(RemedyKind.GUIDE, Words.say("remedy.enter-how-far-each-screw-is"), fields.problems());
        }
        double distance = screws.stream().mapToDouble(each -> each).max().orElseThrow();
        List<Double> errors = new ArrayList<>(List.of(slope.rise()));
        found.steps().forEach(step -> errors.add(step.movement()));
        GuideMove move = GuideMove.of(
                errors,
                overTheSpan(found.subject().terms(), slopes.span()),
                distance,
                slopes.span(),
                found.dial().graduation().micrometres());
        boolean towards = move.move() > 0 != fields.text("screwEnd").equals(RemedyFields.FRONT);
        String way = towards ? TOWARDS : AWAY;
        double last = errors.get(errors.size() - 1);
        boolean done = move.advice() == GuideMove.Advice.DONE;
        List<String> lines = new ArrayList<>();
        lines.add(Words.say(
                "remedy.towards-the-back-by-over-the-places",
                MeasuredState.capital(slope.name()),
                last > 0 ? Words.say("remedy.opens") : Words.say("remedy.closes"),
                found.deviation(Math.abs(last)),
                move.wanted() == 0
                        ? "."
                        : Words.say(
                                "remedy.wanted-is-the-middle-of-what-is",
                                found.deviations().signed(move.wanted()),
                                found.deviations().symbol())));
        double fromBest = move.moveFrom(move.best());
        if (move.advice() == GuideMove.Advice.WORSE) {
            lines.add(Words.say(
                    "remedy.go-back-to-from-there-it-is",
                    move.best() == 0
                            ? Words.say("remedy.how-it-was-found")
                            : Words.say("remedy.where-it-stood-after-step", move.best()),
                    found.deviations().signed(errors.get(move.best())),
                    found.deviations().symbol(),
                    found.deviation(Math.abs(fromBest)),
                    fromBest > 0 != fields.text("screwEnd").equals(RemedyFields.FRONT) ? TOWARDS : AWAY));
        }
        String headline = done
                ? Words.of(move.advice().sentence())
                : found.steps().isEmpty() || move.advice() != GuideMove.Advice.WORSE
                        ? screws.size() == 1
                                ? Words.say("remedy.move-it-at-the-screw-by", found.both(Math.abs(move.move())), way)
                                : Words.say("remedy.move-it-at-every-screw", way)
                        : Words.of(move.advice().sentence());
        if (!done && move.advice() != GuideMove.Advice.WORSE && !found.steps().isEmpty()) {
            lines.add(Words.of(move.advice().sentence()));
        }
        double factor = slope.rise() == 0 ? 1 : slope.scaled() / slope.rise();
        return new Advice(
                RemedyKind.GUIDE,
                move.advice() != GuideMove.Advice.WORSE,
                headline,
                lines,
                List.of(),
                tables(found, move, screws, slopes.span()),
                Optional.of(GuideDrawing.of(
                        found.subject().name(),
                        last,
                        screws.stream()
                                .map(screw -> new GuideDrawing.Screw(
                                        screw / slopes.span(), move.moveAt(screw / slopes.span())))
                                .toList(),
                        fields.text("screwEnd").equals(RemedyFields.FRONT),
                        found.deviations())),
                OptionalDouble.of(factor * (found.steps().isEmpty() ? move.wanted() : last)),
                found.steps().isEmpty()
                        ? Words.say("remedy.moved-at-the-screw-by", found.deviation(Math.abs(move.move())), way)
                        : Words.say(
                                "remedy.set-in-last",
                                found.steps().size(),
                                found.steps().size() == 1 ? Words.say("remedy.step") : Words.say("remedy.steps"),
                                found.deviations().signed(last),
                                found.deviations().symbol()),
                fields.problems());
    }

    /** From the pivot to each screw, mm; one at the other end where nothing was typed. */
    private static List<Double> screws(Fields fields, double span) {
        List<Double> screws = fields.amounts("screwDistance", Words.say("remedy.a-distance")).stream()
                .map(each -> each / MICROMETRES)
                .toList();
        if (screws.size() > MOST_SCREWS) {
            fields.problem("screwDistance", Words.say("remedy.eight-screws-are-enough", MOST_SCREWS));
        }
        return screws.isEmpty()
                ? List.of(span)
                : screws.stream().sorted().distinct().toList();
    }

    private static List<DetailsView.Table> tables(
            MeasuredState found, GuideMove move, List<Double> screws, double span) {
        List<DetailsView.Table> tables = new ArrayList<>();
        boolean moved = move.advice() != GuideMove.Advice.DONE && move.advice() != GuideMove.Advice.WORSE;
        if (screws.size() > 1 && moved) {
            double perPlace = found.assessment().sweep().layout().unit().millimetres();
            String unit = ", " + found.assessment().sweep().layout().unit().symbol();
            tables.add(new DetailsView.Table(
                    Words.say("remedy.screw-by-screw"),
                    List.of(
                            Words.say("remedy.head-from-the-pivot") + unit,
                            Words.say("remedy.head-move") + ", "
                                    + found.deviations().symbol()),
                    screws.stream()
                            .map(screw -> new DetailsView.Row(
                                    Display.plain(screw / perPlace, 3),
                                    List.of(found.deviations().amount(Math.abs(move.moveAt(screw / span))))))
                            .toList()));
        }
        if (!found.steps().isEmpty()) {
            tables.add(log(found, move));
        }
        return tables;
    }

    /** Every step with what it did, so that nobody goes on from a worse one. */
    private static DetailsView.Table log(MeasuredState found, GuideMove move) {
        List<DetailsView.Row> rows = new ArrayList<>();
        for (int i = 0; i < move.errors().size(); i++) {
            String did = i == 0 ? "" : Words.of(move.did().get(i - 1).word());
            rows.add(new DetailsView.Row(
                    i == 0
                            ? Words.say("remedy.as-found")
                            : Words.say(
                                    "remedy.step-2", i, found.steps().get(i - 1).place()),
                    List.of(
                            found.deviations().signed(move.errors().get(i)),
                            found.deviations().amount(move.off(i)),
                            did
                                    + (i == move.best()
                                            ? (did.isEmpty() ? Words.say("remedy.head-best") : Words.say("remedy.best"))
                                            : ""))));
        }
        String unit = ", " + found.deviations().symbol();
        return new DetailsView.Table(
                Words.say("remedy.what-each-step-did"),
                List.of(
                        Words.say("remedy.head-step"),
                        Words.say("remedy.head-opening") + unit,
                        Words.say("remedy.off-what-is-wanted", unit),
                        Words.say("remedy.head-did")),
                rows);
    }

    /** The limit as it is over the places measured. */
    private static Bounds overTheSpan(Requirement terms, double span) {
        Length per = terms.limit().per();
        double share = per == null ? 1 : span * 1000 / per.micrometres();
        Double lower = terms.bounds().lower();
        Double upper = terms.bounds().upper();
        if (lower != null && upper != null) {
            return Bounds.between(lower * share, upper * share);
        }
        return upper == null ? Bounds.OPEN : Bounds.between(-upper * share, upper * share);
    }
}
