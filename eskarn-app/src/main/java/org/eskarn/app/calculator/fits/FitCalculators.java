package org.eskarn.app.calculator.fits;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.eskarn.app.calculator.Calculator;
import org.eskarn.app.calculator.CalculatorSource;
import org.eskarn.app.calculator.Group;
import org.eskarn.app.calculator.Shown;
import org.eskarn.app.calculator.SizesIn;
import org.eskarn.app.field.Field;
import org.eskarn.app.field.Field.Option;
import org.eskarn.app.field.Quantity;
import org.eskarn.app.field.Restating;
import org.eskarn.app.page.Words;
import org.eskarn.core.fit.Bearing;
import org.eskarn.core.fit.Choices;
import org.eskarn.core.fit.Seat;
import org.eskarn.core.requirement.Characteristic;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** What the calculators of fits ask. */
@Component
@Order(1)
public class FitCalculators implements CalculatorSource {

    /** Codes to try, each with its address. */
    private static final List<Option> CODES = List.of(
            new Option("/tables/fits?fit=45+k5", "45 k5"),
            new Option("/tables/fits?fit=85+J7", "85 J7"),
            new Option("/tables/fits?fit=32+H7%2Fg6", "32 H7/g6"),
            new Option("/tables/fits?unit=INCH&fit=1.5+RC4", Words.say("calculators.1-5-rc4")));

    private final MeasuredSizes measured;

    public FitCalculators(MeasuredSizes measured) {
        this.measured = measured;
    }

    @Override
    public List<Calculator> calculators() {
        return List.of(fits(), choosing(), bearings(), endGap(), pair(), batch());
    }

    private static Field known(String example) {
        return Field.small("u", Words.say("calculators.each-size-known-to-k-2")).example(example);
    }

    private static Calculator fits() {
        return Calculator.of(
                        "fits",
                        Group.FITS,
                        Words.say("calculators.fits"),
                        Words.say("calculators.limits-of-a-hole-a-shaft-and"),
                        List.of(
                                Field.size("fit", Words.say("calculators.size-and-fit"))
                                        .restated(Restating.NOMINAL)
                                        .example("32 H7/g6"),
                                SizesIn.millimetresOrInches(),
                                Field.size("holes", Words.say("calculators.hole-as-measured-sizes-after-each-other"))
                                        .example("32.008 32.016"),
                                Field.size("shafts", Words.say("calculators.shaft-as-measured"))
                                        .example("31.979 31.985"),
                                known("2")),
                        FitAnswer::of)
                .reference(new Shown("calculator/reference", "codes", CODES))
                .askedBy(Characteristic.OUTSIDE_SIZE, Characteristic.BORE_SIZE, Characteristic.FIT_OF_PAIR);
    }

    private static Calculator choosing() {
        return Calculator.of(
                "choosing",
                Group.FITS,
                Words.say("calculators.choosing-a-fit"),
                Words.say("calculators.a-short-list-by-use-load-and"),
                List.of(
                        Field.size("size", Words.say("calculators.nominal-size"))
                                .example("50"),
                        SizesIn.millimetresOrInches(),
                        Field.choice(
                                        "use",
                                        Words.say("calculators.use"),
                                        List.of(Choices.Use.values()),
                                        use -> Words.of(use.title()))
                                .usually(Choices.Use.RUNNING.name()),
                        load(),
                        Field.of("turns", Words.say("calculators.turns-a-minute-if-it-turns"), Quantity.PER_MINUTE)
                                .example("450")),
                ChoiceAnswer::of);
    }

    private static Field load() {
        return Field.choice(
                        "load",
                        Words.say("calculators.how-heavy"),
                        List.of(Choices.Load.values()),
                        load -> Words.of(load.title()))
                .usually(Choices.Load.NORMAL.name());
    }

    private static Calculator bearings() {
        return Calculator.of(
                        "bearings",
                        Group.FITS,
                        Words.say("calculators.bearing-seats"),
                        Words.say("calculators.the-usual-class-of-a-seat-the"),
                        FitCalculators::ofBearings,
                        BearingAnswer::of)
                .reference(new Shown("calculator/reference", "bearings", Bearing.all()))
                .askedBy(Characteristic.OUTSIDE_SIZE, Characteristic.BORE_SIZE);
    }

    /** An outer ring takes no clearance from the bearing here, so its group is not asked for. */
    private static List<Field> ofBearings(Map<String, String> typed) {
        List<Field> fields = new ArrayList<>(List.of(
                Field.choice(
                                "ring",
                                Words.say("calculators.which-ring"),
                                List.of(Seat.Ring.values()),
                                ring -> Words.of(ring.title()))
                        .usually(Seat.Ring.INNER.name())
                        .redrawing(),
                Field.size("size", Words.say("calculators.its-bore-or-outside-diameter-mm"))
                        .example("45"),
                Field.size("seat", Words.say("calculators.seat-as-measured-mm-sizes-after-each"))
                        .example("45.004 45.008 45.011"),
                Field.chosen("turning", Words.say("calculators.load"), FitCalculators::turnings),
                load().half(),
                Field.choice(
                                "precision",
                                Words.say("calculators.bearing-made-to"),
                                List.of(Bearing.Precision.values()),
                                precision -> Words.of(precision.title()))
                        .usually(Bearing.Precision.NORMAL.name())
                        .half()));
        if (!Seat.Ring.OUTER.name().equals(typed.get("ring"))) {
            fields.add(Field.choice(
                            "clearance",
                            Words.say("calculators.internal-clearance"),
                            List.of(Bearing.Clearance.values()),
                            clearance -> Words.of(clearance.title()))
                    .usually(Bearing.Clearance.GROUP_N.name()));
        }
        fields.add(Field.small("roughness", Words.say("calculators.rz-both-summed-m"))
                .example("2")
                .half());
        fields.add(Field.small("u", Words.say("calculators.seat-known-to-k-2-m"))
                .example("2")
                .half());
        return fields;
    }

    private static List<Option> turnings() {
        List<Option> options = new ArrayList<>();
        options.add(new Option("", Words.say("calculators.usual-round-on-inner-still-on-outer")));
        for (Seat.Turning turning : Seat.Turning.values()) {
            options.add(new Option(turning.name(), Words.of(turning.title())));
        }
        return options;
    }

    private static Calculator endGap() {
        return Calculator.of(
                "end-gap",
                Group.FITS,
                Words.say("calculators.end-gap-and-preload"),
                Words.say("calculators.depths-shoulders-and-ring-widths-gap-or"),
                List.of(
                        Field.size("depth", Words.say("calculators.depth-of-the-housing-its-face-to"))
                                .example("40.32"),
                        SizesIn.millimetresOrInches(),
                        Field.size("widths", Words.say("calculators.widths-of-rings-and-spacers-as-measured"))
                                .example("19.04 5.02"),
                        Field.size("spigot", Words.say("calculators.spigot-of-the-cap-minus-a-recess"))
                                .example("16.38")
                                .half(),
                        Field.size("seal", Words.say("calculators.seal-under-the-cap-pressed"))
                                .half(),
                        Field.small("least", Words.say("calculators.wanted-gap-least"))
                                .example("50")
                                .half(),
                        Field.small("most", Words.say("calculators.most-minus-is-a-crush"))
                                .example("150")
                                .half(),
                        Field.size("shims", Words.say("calculators.shims-in-the-drawer"))
                                .example("0.05 0.08 0.15 0.3"),
                        known("10")),
                EndGapAnswer::of);
    }

    /** The clearance that is wanted, in one of three ways. */
    private static List<Field> wanted(String least, String most, String fit) {
        return List.of(
                Field.small("least", Words.say("calculators.least-clearance"))
                        .example(least)
                        .half(),
                Field.small("most", Words.say("calculators.most-clearance"))
                        .example(most)
                        .half(),
                Field.size("fit", Words.say("calculators.a-fit-as-32-h7-g6"))
                        .restated(Restating.NOMINAL)
                        .example(fit)
                        .half(),
                Field.of("turns", Words.say("calculators.oil-film-at-turns-a-minute"), Quantity.PER_MINUTE)
                        .half());
    }

    private Field from(String name, String label, boolean hole, boolean batch) {
        return Field.chosen(name, label, () -> {
                    List<Option> options = new ArrayList<>();
                    options.add(new Option("", Words.say("calculators.typed-below")));
                    (batch ? measured.batches() : measured.maps())
                            .stream()
                                    .filter(each -> each.hole() == hole)
                                    .forEach(each -> options.add(new Option(each.key(), each.title())));
                    return options;
                })
                .redrawing();
    }

    private Calculator pair() {
        List<Field> fields = new ArrayList<>(List.of(
                SizesIn.millimetresOrInches(),
                from("holeFrom", Words.say("calculators.hole-from-a-docket"), true, false),
                Field.size("hole", Words.say("calculators.or-its-sizes-as-10-32-016"))
                        .example("10: 32.016 32.020; 40: 32.010 32.012"),
                from("shaftFrom", Words.say("calculators.shaft-from-a-docket"), false, false),
                Field.size("shaft", Words.say("calculators.or-its-sizes-distances-from-the-same"))
                        .example("10: 31.984; 25: 31.988; 40: 31.994"),
                Field.ticked("turned", Words.say("calculators.the-shaft-goes-in-with-its-other"))));
        fields.addAll(wanted("", "", "32 H7/g6"));
        fields.add(known("2").half());
        fields.add(Field.small("roughness", Words.say("calculators.rz-both-summed"))
                .half());
        return Calculator.of(
                        "pair",
                        Group.FITS,
                        Words.say("calculators.a-measured-pair"),
                        Words.say("calculators.two-size-maps-clearance-along-the-length"),
                        fields,
                        PairAnswer::of)
                .askedBy(Characteristic.FIT_OF_PAIR)
                .prepared(typed -> TakenFromDockets.into(
                        typed,
                        List.of("hole", "shaft"),
                        (key, unit) -> measured.map(key, unit).orElse("")));
    }

    private Calculator batch() {
        List<Field> fields = new ArrayList<>(List.of(
                SizesIn.millimetresOrInches(),
                from("shaftsFrom", Words.say("calculators.shafts-measured-in-dockets"), false, true),
                from("boresFrom", Words.say("calculators.bores-measured-in-dockets"), true, true),
                Field.size("shafts", Words.say("calculators.shafts-a-name-and-a-size-to"))
                        .restated(Restating.NAMED)
                        .example("S1 31.978\nS2 31.990\nS3 31.983\nS4 31.986\nS5 31.979")
                        .lines(5)
                        .half(),
                Field.size("bores", Words.say("calculators.bores-two-sizes-smallest-largest"))
                        .restated(Restating.NAMED)
                        .example("B1 32.021\nB2 32.003\nB3 32.016\nB4 32.010")
                        .lines(5)
                        .half()));
        fields.addAll(wanted("22", "34", ""));
        fields.add(known("1"));
        return Calculator.of(
                        "batch",
                        Group.FITS,
                        Words.say("calculators.pairing-a-batch"),
                        Words.say("calculators.which-shaft-with-which-bore-so-that"),
                        fields,
                        BatchAnswer::of)
                .prepared(typed -> TakenFromDockets.into(typed, List.of("shafts", "bores"), measured::batch));
    }
}
