package org.eskarn.app.remedy;

import java.util.List;
import org.eskarn.app.field.Field;
import org.eskarn.app.field.Field.Option;
import org.eskarn.app.field.Quantity;
import org.eskarn.app.field.Restating;
import org.eskarn.app.page.Words;
import org.eskarn.core.fit.Material;
import org.eskarn.core.requirement.RemedyKind;

/** What each kind of correction asks, in dockets and in Tables alike. */
final class RemedyFields {

    static final String FIRST = "first";
    static final String RADIUS = "radius";
    static final String LEVELLED = "levelled";
    static final String SCREWS = "screws";
    static final String FRONT = "front";

    /** °C; nobody cuts beyond. */
    private static final double COLDEST = -50;

    private static final double HOTTEST = 300;
    private static final String STANDARD = "20";

    /** 10⁻⁶/K; below any metal's. */
    private static final double LEAST_EXPANSION = 0.1;

    private RemedyFields() {}

    static List<Field> of(RemedyKind kind, MeasuredState found) {
        return switch (kind) {
            case OFFSET, SEAT -> List.of(Field.text("choice", ""));
            case TRUING -> List.of();
            case TAPER -> taper();
            case CUT -> cut(found);
            case REGRIND -> regrind();
            case PACKING -> packing();
            case GUIDE -> guide();
            case SPRING ->
                List.of(
                        Field.place("eyes", Words.say("remedy.sprung-over-a-length-of"))
                                .half(),
                        Field.read("most", Words.say("remedy.at-most-over-that"))
                                .half());
            case LEAVE ->
                List.of(
                        Field.text("reason", Words.say("remedy.it-is-good-enough-for-its-use")),
                        Field.place("workLength", Words.say("remedy.length-of-the-work"))
                                .half());
        };
    }

    private static Field either(String name, String label, String one, String said, String other, String otherSaid) {
        return Field.chosen(name, label, () -> List.of(new Option(one, said), new Option(other, otherSaid)))
                .usually(one);
    }

    private static List<Field> taper() {
        return List.of(
                Field.place("centres", Words.say("remedy.distance-between-centres"))
                        .half(),
                either(
                                "tailstock",
                                Words.say("remedy.at-the-tailstock"),
                                "last",
                                Words.say("remedy.the-last-section"),
                                FIRST,
                                Words.say("remedy.the-first-section"))
                        .half());
    }

    private static List<Field> cut(MeasuredState found) {
        return List.of(
                Field.size("measured", Words.say("remedy.it-measures"))
                        .usually(found.sizes().amount(CutAdvice.fullest(found)))
                        .half(),
                Field.size("target", Words.say("remedy.it-shall-measure"))
                        .usually(CutAdvice.middle(found, found.sizes()))
                        .half(),
                Field.size("deepest", Words.say("remedy.deepest-pass-on-radius"))
                        .half(),
                Field.of("passes", Words.say("remedy.or-this-many-passes"), Quantity.NUMBER)
                        .half(),
                Field.size("last", Words.say("remedy.last-pass-on-diameter")).half(),
                either(
                                "dial",
                                Words.say("remedy.cross-slide-divided-in"),
                                "diameter",
                                Words.say("remedy.diameter"),
                                RADIUS,
                                Words.say("remedy.radius"))
                        .half(),
                Field.size("slide", Words.say("remedy.its-graduation")).half(),
                Field.size(
                                "dialNow",
                                found.steps().isEmpty()
                                        ? Words.say("remedy.it-stands-at")
                                        : Words.say("remedy.it-stood-at"))
                        .usually("0")
                        .half(),
                Field.temperature("partCelsius", Words.say("remedy.part-c"))
                        .within(COLDEST, HOTTEST)
                        .usually(STANDARD)
                        .half(),
                Field.temperature("gaugeCelsius", Words.say("remedy.gauge-c"))
                        .within(COLDEST, HOTTEST)
                        .usually(STANDARD)
                        .half(),
                Field.of(
                                "partExpansion",
                                Words.say("remedy.part-expands-m-per-m-and-k"),
                                Quantity.PER_MILLION_AND_KELVIN)
                        .within(LEAST_EXPANSION, Material.MOST_EXPANSION)
                        .usually(found.expansion().orElse(CutAdvice.STEEL).toPlainString())
                        .half());
    }

    private static List<Field> regrind() {
        return List.of(
                either(
                        "lies",
                        Words.say("remedy.ground"),
                        "lying",
                        Words.say("remedy.as-it-lies-parallel-to-its-other"),
                        LEVELLED,
                        Words.say("remedy.levelled-first-with-the-least-stock")),
                Field.read("feed", Words.say("remedy.each-downfeed"))
                        .restated(Restating.LENGTHS)
                        .half(),
                Field.of("atFeed", Words.say("remedy.map-after-downfeed"), Quantity.NUMBER)
                        .half());
    }

    private static List<Field> packing() {
        return List.of(
                Field.place("supports", Words.say("remedy.it-stands-on-as-a-0-0"))
                        .restated(Restating.PLACES),
                either(
                                "how",
                                Words.say("remedy.it-is-brought-level-by"),
                                "packing",
                                Words.say("remedy.packing-which-only-lifts"),
                                SCREWS,
                                Words.say("remedy.screws-up-or-down"))
                        .half(),
                Field.place("pitch", Words.say("remedy.pitch-of-the-screws")).half());
    }

    private static List<Field> guide() {
        return List.of(
                Field.place("screwDistance", Words.say("remedy.from-where-it-turns-to-the-screw"))
                        .restated(Restating.LENGTHS)
                        .half(),
                either(
                                "screwEnd",
                                Words.say("remedy.the-screw-is"),
                                "back",
                                Words.say("remedy.at-the-back-it-turns-in-front"),
                                FRONT,
                                Words.say("remedy.in-front-it-turns-at-the-back"))
                        .half());
    }
}
