package org.eskarn.app.calculator.thermal;

import java.util.List;
import java.util.Optional;
import org.eskarn.app.calculator.Answer;
import org.eskarn.app.calculator.Answering;
import org.eskarn.app.field.Fields;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.engine.Drawing;
import org.eskarn.app.picture.fit.RangesDrawing;
import org.eskarn.app.picture.fit.RangesDrawing.Range;
import org.eskarn.core.fit.Material;
import org.eskarn.core.fit.Warmth;
import org.eskarn.core.units.Length;

/** A size measured away from 20 °C, and a clearance at working temperature. */
final class WarmthAnswer {

    /** K, how near to the room a part should be. */
    private static final double NEAR = 1;

    private WarmthAnswer() {}

    /** What a size is at 20 °C, part and gauge each at its own temperature. */
    static Optional<Answer> at20(Fields fields) {
        if (fields.empty("reading")) {
            return Optional.empty();
        }
        Length reading = fields.size("reading", Words.say("calculators.a-size-as-it-was-read"));
        Material part = MaterialField.of(fields, "part", "STEEL");
        Material gauge = MaterialField.of(fields, "gauge", "STEEL");
        double partAt = fields.temperature("partAt", Words.say("calculators.the-temperature-of-the-part"));
        double gaugeAt = fields.temperature("gaugeAt", Words.say("calculators.the-temperature-of-the-gauge"));
        double room = fields.temperature("room", partAt);
        double knownTo = fields.number("knownTo", 0);
        if (reading == null || !fields.readable()) {
            return Optional.empty();
        }
        Display small = fields.deviations();
        double read = reading.micrometres();
        double true20 = Warmth.at20(read, part, partAt, gauge, gaugeAt);
        Answering answer = new Answering();
        answer.headline(Words.say(
                "calculators.at-20-c-it-measures",
                fields.sizes().amount(true20),
                fields.sizes().symbol()));
        answer.fact(Words.say("calculators.as-read"), read, fields.sizes())
                .fact(Words.say("calculators.to-add-to-the-reading"), small.signed(true20 - read), small.symbol())
                .fact(
                        Words.say("calculators.share-of-the-part"),
                        small.signed(part.sizeAt(read, partAt, Warmth.REFERENCE) - read),
                        small.symbol())
                .fact(
                        Words.say("calculators.share-of-the-gauge"),
                        small.signed(gauge.sizeAt(read, Warmth.REFERENCE, gaugeAt) - read),
                        small.symbol());
        if (knownTo > 0) {
            answer.fact(
                    Words.say("calculators.a-temperature-known-to-k-leaves", Display.plain(knownTo, 3)),
                    Math.hypot(part.growth(read, 0, knownTo), gauge.growth(read, 0, knownTo)),
                    small);
        }
        answer.picture(shares(
                small,
                part.sizeAt(read, partAt, Warmth.REFERENCE) - read,
                gauge.sizeAt(read, Warmth.REFERENCE, gaugeAt) - read,
                true20 - read));
        if (fields.empty("room")) {
            answer.remark(Words.say("calculators.type-the-room-for-the-soak"));
        }
        soak(answer, part, reading, partAt, room);
        answer.remark(
                partAt > Warmth.REFERENCE + NEAR
                        ? Words.say("calculators.a-part-warm-from-the-cut-measures")
                        : Words.say("calculators.part-and-gauge-of-one-material-at"));
        answer.governs(Words.say("calculators.sizes-are-stated-at-20-c-iso"));
        return Optional.of(answer.done());
    }

    /** What part and gauge each take off the reading or add to it, and both together. */
    private static Drawing shares(Display small, double ofPart, double ofGauge, double both) {
        return RangesDrawing.of(
                Words.say("calculators.to-add-to-the-reading"),
                small.symbol(),
                List.of(
                        new Range(Words.say("calculators.share-of-the-part"), 0, small.of(ofPart)),
                        new Range(Words.say("calculators.share-of-the-gauge"), 0, small.of(ofGauge)),
                        new Range(Words.say("calculators.both-together"), 0, small.of(both))),
                RangesDrawing.Limits.NONE,
                true,
                amount -> small.signed(small.micrometres(amount)));
    }

    private static void soak(Answering answer, Material part, Length reading, double partAt, double room) {
        double hours = Warmth.soakHours(part, reading.millimetres(), partAt, room, NEAR);
        if (hours > 0) {
            answer.fact(
                    Words.say("calculators.to-come-within-1-k-of-the"),
                    hours < 1
                            ? String.valueOf(Math.round(hours * 60))
                            : String.format(java.util.Locale.ROOT, "%.1f", hours),
                    hours < 1 ? Words.say("calculators.min") : Words.say("calculators.h"));
        }
    }

    /** The clearance of a pair in service. */
    static Optional<Answer> inService(Fields fields) {
        if (fields.empty("size") && fields.empty("least")) {
            return Optional.empty();
        }
        Length size = fields.size("size", Words.say("calculators.a-diameter"));
        Double least = fields.signed("least");
        Double most = fields.signed("most");
        if (least == null) {
            fields.problem("least", Words.say("calculators.type-the-clearance-at-20-c-minus"));
        }
        if (least != null && most != null && most < least) {
            fields.problem("most", Words.say("calculators.the-most-is-not-below-the-least"));
        }
        Material hole = MaterialField.of(fields, "hole", "STEEL");
        Material shaft = MaterialField.of(fields, "shaft", "STEEL");
        double holeAt = fields.temperature("holeAt", Words.say("calculators.the-temperature-of-the-hole"));
        double shaftAt = fields.temperature("shaftAt", Words.say("calculators.the-temperature-of-the-shaft"));
        if (size == null || least == null || !fields.readable()) {
            return Optional.empty();
        }
        double nominal = size.micrometres();
        double change = Warmth.clearance(nominal, hole, holeAt, nominal, shaft, shaftAt);
        double loosest = most == null ? least : most;
        Display small = fields.deviations();
        Answering answer = new Answering();
        answer.headline(Words.say(
                "calculators.in-service",
                small.signed(least + change),
                loosest > least ? Words.say("calculators.to-4", small.signed(loosest + change)) : "",
                small.symbol()));
        answer.fact(Words.say("calculators.changes-by"), small.signed(change), small.symbol())
                .fact(
                        Words.say("calculators.hole-grows-by"),
                        small.signed(hole.growth(nominal, Warmth.REFERENCE, holeAt)),
                        small.symbol())
                .fact(
                        Words.say("calculators.shaft-grows-by"),
                        small.signed(shaft.growth(nominal, Warmth.REFERENCE, shaftAt)),
                        small.symbol());
        answer.picture(RangesDrawing.of(
                Words.say("calculators.clearance-at-20-and-in-service"),
                small.symbol(),
                List.of(
                        new Range(Words.say("calculators.at-20-c"), small.of(least), small.of(loosest)),
                        new Range(
                                Words.say("calculators.in-service-row"),
                                small.of(least + change),
                                small.of(loosest + change))),
                RangesDrawing.Limits.NONE,
                true,
                amount -> small.signed(small.micrometres(amount))));
        if (least >= 0 && least + change < 0) {
            answer.warning(Words.say("calculators.the-clearance-is-used-up-at-these"));
        } else if (least < 0 && loosest >= 0 && loosest + change < 0) {
            answer.warning(Words.say("calculators.the-transition-fit-turns-to-interference"));
        } else if (least < 0 && loosest >= 0 && least + change >= 0) {
            answer.warning(Words.say("calculators.the-transition-fit-turns-to-clearance"));
        } else if (loosest < 0 && loosest + change >= 0) {
            answer.warning(Words.say("calculators.the-interference-is-gone-at-these-temperatures"));
        }
        answer.remark(Words.say("calculators.a-hole-grows-as-if-it-were"));
        answer.governs(Words.say("calculators.the-makers-data-govern-expansions-are-handbook"));
        return Optional.of(answer.done());
    }
}
