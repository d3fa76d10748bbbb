package org.eskarn.app.calculator.fits;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.eskarn.app.calculator.Answer;
import org.eskarn.app.calculator.Answering;
import org.eskarn.app.field.Fields;
import org.eskarn.app.field.NamedLengths;
import org.eskarn.app.page.DetailsView;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.TypedQuantity;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.fit.RangesDrawing;
import org.eskarn.core.fit.SelectivePairing;
import org.eskarn.core.fit.SelectivePairing.Pair;
import org.eskarn.core.fit.SelectivePairing.Piece;
import org.eskarn.core.verdict.Bounds;

/** Which shaft with which bore, so that the most pairs come within what is wanted. */
final class BatchAnswer {

    private BatchAnswer() {}

    static Optional<Answer> of(Fields fields) {
        if (fields.empty("shafts") && fields.empty("bores")) {
            return Optional.empty();
        }
        List<Piece> shafts = pieces(fields, "shafts");
        List<Piece> bores = pieces(fields, "bores");
        double expanded = Math.sqrt(2) * fields.amount("u", 0, Words.say("calculators.an-uncertainty"));
        if (!fields.readable()) {
            return Optional.empty();
        }
        if (shafts.isEmpty() || bores.isEmpty()) {
            fields.problem(
                    shafts.isEmpty() ? "shafts" : "bores", Words.say("calculators.type-at-least-one-piece-as-s1"));
            return Optional.empty();
        }
        RequiredFit wanted = RequiredFit.of(fields, bores.get(0).smallest());
        if (fields.readable() && wanted.bounds().open()) {
            fields.problem("least", Words.say("calculators.type-the-clearance-that-is-wanted-or"));
        }
        Bounds guarded = fields.readable() ? guarded(fields, wanted.bounds(), expanded) : Bounds.OPEN;
        if (!fields.readable()) {
            return Optional.empty();
        }
        return Optional.of(answer(fields, shafts, bores, wanted, guarded, expanded));
    }

    /** What is wanted less the uncertainty at either end, so that every pair is proven. */
    private static Bounds guarded(Fields fields, Bounds wanted, double expanded) {
        double least = java.util.Objects.requireNonNull(wanted.lower()) + expanded;
        double most = java.util.Objects.requireNonNull(wanted.upper()) - expanded;
        if (least >= most) {
            fields.problem("u", Words.say("calculators.with-so-large-an-uncertainty-no-pair"));
            return Bounds.OPEN;
        }
        return Bounds.between(least, most);
    }

    /** Lines of a name and one size, or its smallest and largest. */
    private static List<Piece> pieces(Fields fields, String name) {
        List<Piece> pieces = new ArrayList<>();
        for (String written : fields.text(name).split("[;\\n]+")) {
            String line = TypedQuantity.joined(written).strip();
            if (line.isEmpty()) {
                continue;
            }
            String[] words = line.split("\\s+");
            List<Double> sizes = new ArrayList<>();
            String called = words[0];
            boolean named = NamedLengths.named(line, fields.unit());
            for (int i = named ? 1 : 0; i < words.length; i++) {
                Double size = NamedLengths.size(words[i], fields.unit());
                if (size == null) {
                    fields.problem(name, Words.say("calculators.in-is-no-size-write-a-name", words[i], line));
                    return List.of();
                }
                sizes.add(size);
            }
            if (sizes.isEmpty() || sizes.size() > 2) {
                fields.problem(name, Words.say("calculators.has-sizes-write-one-or-its-smallest", line, sizes.size()));
                return List.of();
            }
            double one = sizes.get(0);
            double other = sizes.get(sizes.size() - 1);
            pieces.add(new Piece(
                    named ? called : Integer.toString(pieces.size() + 1), Math.min(one, other), Math.max(one, other)));
        }
        if (pieces.size() > SelectivePairing.MOST) {
            fields.problem(name, Words.say("calculators.at-most-pieces-of-a-side", SelectivePairing.MOST));
        }
        return pieces;
    }

    private static Answer answer(
            Fields fields, List<Piece> shafts, List<Piece> bores, RequiredFit wanted, Bounds guarded, double expanded) {
        Display small = fields.deviations();
        SelectivePairing found = SelectivePairing.of(shafts, bores, guarded);
        Answering answer = new Answering();
        int most = Math.min(shafts.size(), bores.size());
        answer.headline(Words.say(
                "calculators.of-within-what-is-wanted",
                found.pairs().size(),
                most,
                most == 1 ? Words.say("calculators.pair") : Words.say("calculators.pairs")));
        answer.fact(
                Words.say("calculators.wanted", wanted.words()),
                Words.say(
                        "calculators.to",
                        small.signed(
                                java.util.Objects.requireNonNull(wanted.bounds().lower())),
                        small.signed(
                                java.util.Objects.requireNonNull(wanted.bounds().upper()))),
                small.symbol());
        if (expanded > 0) {
            answer.fact(
                    Words.say("calculators.each-end-less-the-uncertainty-of-a"),
                    "±" + small.amount(expanded),
                    small.symbol());
        }
        answer.fact(
                Words.say("calculators.taken-as-they-lie-the-first-with"),
                Words.say("calculators.of-2", SelectivePairing.asTheyLie(shafts, bores, guarded), most),
                "");
        rows(answer, fields, found, shafts, bores, small);
        if (!found.pairs().isEmpty()) {
            answer.picture(RangesDrawing.of(
                    Words.say("calculators.clearance-of-each-pair"),
                    small.symbol(),
                    found.pairs().stream()
                            .map(pair -> new RangesDrawing.Range(
                                    Words.say(
                                            "calculators.in",
                                            shafts.get(pair.shaft()).name(),
                                            bores.get(pair.bore()).name()),
                                    small.of(pair.tightest()),
                                    small.of(pair.loosest())))
                            .toList(),
                    Answering.limitsOf(wanted.bounds(), small),
                    true,
                    amount -> small.signed(small.micrometres(amount))));
        }
        left(answer, Words.say("calculators.shafts-left-over"), found.shaftsLeft(), shafts);
        left(answer, Words.say("calculators.bores-left-over"), found.boresLeft(), bores);
        found.nearestLeft(shafts, bores, guarded)
                .ifPresent(pair -> answer.remark(Words.say(
                        "calculators.nearest-of-those-left-with-to",
                        shafts.get(pair.shaft()).name(),
                        bores.get(pair.bore()).name(),
                        small.signed(pair.tightest()),
                        small.signed(pair.loosest()),
                        small.symbol())));
        answer.remark(Words.say("calculators.mark-each-pair-before-it-leaves-the"));
        answer.governs(Words.say("calculators.the-drawing-governs-whether-pieces-may-be"));
        return answer.done();
    }

    private static void rows(
            Answering answer,
            Fields fields,
            SelectivePairing found,
            List<Piece> shafts,
            List<Piece> bores,
            Display small) {
        List<DetailsView.Row> rows = new ArrayList<>();
        for (Pair pair : found.pairs()) {
            Piece shaft = shafts.get(pair.shaft());
            Piece bore = bores.get(pair.bore());
            rows.add(Answering.row(
                    Words.say("calculators.in", shaft.name(), bore.name()),
                    fields.sizes().amount((shaft.smallest() + shaft.largest()) / 2),
                    fields.sizes().amount((bore.smallest() + bore.largest()) / 2),
                    small.signed(pair.tightest()),
                    small.signed(pair.loosest())));
        }
        if (!rows.isEmpty()) {
            String size = ", " + fields.sizes().symbol();
            String unit = ", " + small.symbol();
            answer.table(
                    Words.say("calculators.pairs-2"),
                    List.of(
                            Words.say("calculators.head-pair"),
                            Words.say("calculators.head-shaft") + size,
                            Words.say("calculators.head-bore") + size,
                            Words.say("calculators.head-tightest") + unit,
                            Words.say("calculators.head-loosest") + unit),
                    rows);
        }
    }

    private static void left(Answering answer, String what, List<Integer> left, List<Piece> pieces) {
        if (!left.isEmpty()) {
            answer.fact(what, left.stream().map(i -> pieces.get(i).name()).collect(Collectors.joining(", ")), "");
        }
    }
}
