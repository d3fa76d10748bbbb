package org.eskarn.app.calculator.measure;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.eskarn.app.field.Field;
import org.eskarn.app.field.Field.Option;
import org.eskarn.app.field.Quantity;
import org.eskarn.app.field.Restating;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.engine.View;
import org.eskarn.core.flat.Reversal;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.CharacteristicLayout;
import org.eskarn.core.requirement.LimitKind;
import org.eskarn.core.requirement.Zeroing;
import org.eskarn.core.units.LengthUnit;

/** What is asked to work one characteristic out: the fields that apply to it and to its layout. */
final class MeasureFields {

    private static final List<LengthUnit> READ_IN =
            List.of(LengthUnit.MICROMETRE, LengthUnit.MILLIMETRE, LengthUnit.TENTH, LengthUnit.THOU, LengthUnit.INCH);

    private final Characteristic what;
    private final Map<String, String> begun;
    private final Map<String, String> typed;
    private final LayoutKind layout;
    private final LengthUnit unit;
    private final List<Field> fields = new ArrayList<>();

    private MeasureFields(Characteristic what, Map<String, String> begun, Map<String, String> typed) {
        this.what = what;
        this.begun = begun;
        this.typed = typed;
        this.layout = chosen(LayoutKind.class, "layout")
                .filter(what.layouts()::contains)
                .orElse(what.layouts().get(0));
        this.unit = chosen(LengthUnit.class, "unit").orElse(LengthUnit.MILLIMETRE);
    }

    /**
     * @param begun what the calculator begins with, where nothing is typed
     * @param typed what is chosen
     */
    static List<Field> of(Characteristic what, Map<String, String> begun, Map<String, String> typed) {
        MeasureFields asked = new MeasureFields(what, begun, typed);
        asked.readings();
        asked.stations();
        asked.limit();
        asked.setUp();
        return asked.fields.stream()
                .map(field -> begun.containsKey(field.name()) && field.usual().isEmpty()
                        ? field.usually(begun.getOrDefault(field.name(), ""))
                        : field)
                .toList();
    }

    private <E extends Enum<E>> Optional<E> chosen(Class<E> type, String name) {
        String value = typed.getOrDefault(name, begun.getOrDefault(name, ""));
        return Arrays.stream(type.getEnumConstants())
                .filter(each -> each.name().equals(value))
                .findFirst();
    }

    private void readings() {
        if (layout.answered()) {
            fields.add(Field.text("readings", Words.say("calculators.readings-in-order-yes-or-no"))
                    .lines(3));
            return;
        }
        LengthUnit read = chosen(LengthUnit.class, "readingUnit").orElse(usualReading());
        fields.add(Field.read("readings", Words.say("calculators.readings-in-order"))
                .lines(3));
        fields.add(Field.unit("readingUnit", Words.say("calculators.read-in"), READ_IN, Quantity.READ)
                .usually(usualReading().name())
                .half());
        fields.add(Field.read("graduation", Words.say("calculators.one-division-of-the-gauge"))
                .usually(begun.getOrDefault("graduation", usualGraduation(read)))
                .half());
    }

    private LengthUnit usualReading() {
        if (what.readsSizes()) {
            return unit.metric() ? LengthUnit.MILLIMETRE : LengthUnit.INCH;
        }
        return unit.metric() ? LengthUnit.MICROMETRE : LengthUnit.TENTH;
    }

    private static String usualGraduation(LengthUnit read) {
        return switch (read) {
            case MILLIMETRE -> "0.001";
            case INCH -> "0.0001";
            case MICROMETRE, THOU, TENTH -> "1";
        };
    }

    private void stations() {
        fields.add(Field.choice(
                        "layout", Words.say("calculators.stations"), what.layouts(), kind -> Words.of(kind.title()))
                .usually(layout.name())
                .twoThirds()
                .redrawing());
        fields.add(Field.unit(
                        "unit",
                        Words.say("calculators.lengths-and-limits-in"),
                        List.of(LengthUnit.MILLIMETRE, LengthUnit.INCH),
                        Quantity.SIZE,
                        Quantity.PLACE)
                .usually(LengthUnit.MILLIMETRE.name())
                .third());
        fields.add(written(
                "first",
                Words.of(layout.first()),
                WrittenPlaces.first(layout),
                CharacteristicLayout.first(what, layout)));
        if (!Words.of(layout.second()).isEmpty()) {
            fields.add(written(
                    "second",
                    Words.of(layout.second()),
                    WrittenPlaces.second(layout),
                    CharacteristicLayout.second(what, layout)));
        }
    }

    /** What is usual is known in mm. */
    private Field written(String name, String label, Restating restating, String usual) {
        boolean begins = layout.name().equals(begun.get("layout"));
        String text = begins ? begun.getOrDefault(name, usual) : usual;
        Field field = restating == Restating.NOTHING
                ? Field.text(name, label)
                : Field.place(name, label).restated(restating);
        return field.usually(unit == LengthUnit.MILLIMETRE ? text : restating.in(text, LengthUnit.MILLIMETRE, unit));
    }

    private void limit() {
        boolean between = what.limits().contains(LimitKind.BETWEEN);
        if (between) {
            fields.add(bound("lower", Words.say("calculators.lower-limit")).half());
        }
        boolean most = what.limits().contains(LimitKind.MAXIMUM);
        fields.add(bound("upper", most ? Words.say("calculators.at-most") : Words.say("calculators.upper-limit"))
                .half());
        if (what.sloping()) {
            fields.add(Field.size("per", Words.say("calculators.limit-is-per-length-of"))
                    .half());
        }
        if (what.statements(layout).size() > 1) {
            fields.add(Field.choice(
                            "statedAs",
                            Words.say("calculators.which-speaks-of"),
                            what.statements(layout),
                            stated -> Words.of(stated.title()))
                    .usually(begun.getOrDefault(
                            "statedAs", what.statements().get(0).name())));
        }
    }

    private Field bound(String name, String label) {
        return what.angular() ? Field.of(name, label, Quantity.DEGREES) : Field.size(name, label);
    }

    private void setUp() {
        if (what.mayRezero(layout)) {
            fields.add(choice(
                    "zeroing",
                    Words.say("calculators.set-to-zero"),
                    Zeroing.ONE_FOR_ALL,
                    zeroing -> Words.of(zeroing.title())));
        }
        if (what.asksSpan(layout)) {
            fields.add(Field.size("span", Words.of(what.spanTitle())).half());
        }
        if (what.mayReverse(layout)) {
            fields.add(choice(
                    "reversal", Words.say("calculators.read"), Reversal.NONE, reversal -> Words.of(reversal.title())));
        }
        if (what.weighsFlicker()) {
            fields.add(choice(
                    "flicker",
                    Words.say("calculators.of-a-flicker-counts"),
                    FlickerRule.MIDDLE,
                    rule -> Words.of(rule.title())));
        }
        if (what.sided(layout)) {
            fields.add(Field.chosen("side", Words.say("calculators.touched-from"), MeasureFields::sides)
                    .usually(
                            what == Characteristic.OFFSET_OF_OPENING || what == Characteristic.BORE_SIZE
                                    ? "INSIDE"
                                    : "OUTSIDE")
                    .half());
        }
        if (what.ofDiameter()) {
            fields.add(Field.size("size", Words.say("calculators.diameter-if-known"))
                    .half());
        }
        if (what.readsSizes() && !layout.answered()) {
            fields.add(Field.size("setTo", Words.say("calculators.gauge-set-to-if-on-a-master"))
                    .half());
        }
        if (what.asksRadius(layout)) {
            fields.add(Field.size("radius", Words.say("calculators.at-radius")).half());
        }
        if (what.triedWithPins()) {
            fields.add(Field.size("pinClass", Words.say("calculators.pins-made-to"))
                    .half());
        }
        if (what.inVeeBlock()) {
            fields.add(Field.of("vee", Words.say("calculators.a-v-block-of"), Quantity.DEGREES)
                    .half());
        }
        if (what.centredByOffsets(layout)) {
            fields.add(Field.size("drawer", Words.say("calculators.offsets-in-the-drawer"))
                    .restated(Restating.NAMED));
        }
        if (what.flat()) {
            fields.add(choice("view", Words.say("calculators.how-it-is-looked-at"), View.AS_READ, View::title)
                    .atThePicture());
        }
    }

    private <E extends Enum<E>> Field choice(
            String name, String label, E usual, java.util.function.Function<E, String> title) {
        return Field.choice(name, label, List.of(usual.getDeclaringClass().getEnumConstants()), title)
                .usually(begun.getOrDefault(name, usual.name()));
    }

    private static List<Option> sides() {
        return List.of(
                new Option("OUTSIDE", Words.say("calculators.outside")),
                new Option("INSIDE", Words.say("calculators.inside")));
    }
}
