package org.eskarn.app.fit;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Typed;
import org.eskarn.app.page.TypedQuantity;
import org.eskarn.app.page.Words;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/**
 * The fields of a calculator as they were typed, sizes in mm or inches and what is small in µm or tenths. Not for sharing
 * between requests.
 */
public final class Fields {

    /** °C. */
    private static final double COLDEST = -200;

    private static final double HOTTEST = 1000;

    private final Map<String, String> typed;
    private final Typed reader = new Typed(new LinkedHashMap<>());

    private final Map<String, String> usual;

    Fields(Map<String, String> typed) {
        this(typed, Map.of());
    }

    /** @param usual what a choice begins with */
    Fields(Map<String, String> typed, Map<String, String> usual) {
        this.typed = typed;
        this.usual = usual;
    }

    /** What stands in a field; empty for nothing. */
    public String text(String name) {
        return Typed.text(typed.getOrDefault(name, usual.getOrDefault(name, "")));
    }

    public boolean empty(String name) {
        return text(name).isEmpty();
    }

    /** The unit of sizes. */
    public LengthUnit unit() {
        return choice("unit", LengthUnit.MILLIMETRE) == LengthUnit.INCH ? LengthUnit.INCH : LengthUnit.MILLIMETRE;
    }

    /** The unit of what is small. */
    public LengthUnit small() {
        return unit() == LengthUnit.INCH ? LengthUnit.TENTH : LengthUnit.MICROMETRE;
    }

    public Display sizes() {
        return new Display(unit());
    }

    public Display deviations() {
        return new Display(small());
    }

    /** What was chosen; the usual where nothing or nothing known was. */
    public <E extends Enum<E>> E choice(String name, E usual) {
        return Arrays.stream(usual.getDeclaringClass().getEnumConstants())
                .filter(each -> each.name().equals(text(name)))
                .findFirst()
                .orElse(usual);
    }

    public boolean ticked(String name) {
        return text(name).equals("yes");
    }

    @Nullable
    BigDecimal number(String name) {
        return reader.number(name, text(name));
    }

    double number(String name, double usual) {
        BigDecimal number = number(name);
        return number == null ? usual : number.doubleValue();
    }

    /** A size above zero; a sentence where it is missing. */
    @Nullable
    Length size(String name, String what) {
        if (empty(name)) {
            problem(name, Words.say("calculators.type", what));
            return null;
        }
        return reader.lengthAbove(
                name, text(name), unit(), what.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + what.substring(1));
    }

    /** A length with its sign, µm; the usual where nothing was typed. */
    double length(String name, double usual) {
        Length length = reader.length(name, text(name), unit());
        return length == null ? usual : length.micrometres();
    }

    /** Small amounts in µm, 0 or more; the usual where nothing was typed. */
    double amount(String name, double usual, String what) {
        return amount(name, usual, what, small());
    }

    /** The same of a unit that is known from elsewhere. */
    double amount(String name, double usual, String what, LengthUnit small) {
        Length amount = reader.length(name, text(name), small);
        if (amount != null && amount.amount().signum() < 0) {
            problem(
                    name,
                    Words.say(
                            "calculators.is-not-below-zero-as-is",
                            what,
                            amount.amount().toPlainString()));
            return usual;
        }
        return amount == null ? usual : amount.micrometres();
    }

    /** A small amount in µm with its sign; null where nothing was typed. */
    @Nullable
    Double signed(String name) {
        Length amount = reader.length(name, text(name), small());
        return amount == null ? null : (Double) amount.micrometres();
    }

    /** A temperature in °C; the usual where nothing was typed. */
    double temperature(String name, double usual) {
        if (empty(name)) {
            return usual;
        }
        Optional<BigDecimal> celsius = TypedQuantity.celsius(text(name));
        if (celsius.isEmpty()) {
            problem(name, Words.say("calculators.is-not-a-temperature", text(name)));
            return usual;
        }
        double degrees = celsius.get().doubleValue();
        if (degrees < COLDEST || degrees > HOTTEST) {
            problem(name, Words.say("calculators.a-temperature-is-in-c-from-200"));
        }
        return degrees;
    }

    /** The same where nothing else can be meant than what is typed; a sentence where nothing is. */
    double temperature(String name, String what) {
        if (empty(name)) {
            problem(name, Words.say("calculators.type", what));
        }
        return temperature(name, 0);
    }

    /** A size above 0 in µm; null where a word is none. */
    static @Nullable Double size(String word, LengthUnit unit) {
        return TypedQuantity.length(word, unit)
                .map(Length::micrometres)
                .filter(size -> size > 0)
                .orElse(null);
    }

    /** Several sizes in µm, in the order typed. */
    List<Double> sizes(String name) {
        return sizes(name, unit());
    }

    /** The same of a unit that is known from elsewhere. */
    List<Double> sizes(String name, LengthUnit unit) {
        List<Double> sizes = new ArrayList<>();
        for (String word : TypedQuantity.joined(text(name)).split("[\\s;]+")) {
            Length size = reader.lengthAbove(name, word, unit, Words.say("calculators.a-size"));
            if (size != null) {
                sizes.add(size.micrometres());
            }
        }
        return sizes;
    }

    /** Turns a minute; null where nothing was typed. */
    @Nullable
    BigDecimal turns(String name) {
        if (empty(name)) {
            return null;
        }
        Optional<BigDecimal> turns = TypedQuantity.turnsPerMinute(text(name));
        if (turns.isEmpty()) {
            problem(name, Words.say("calculators.is-not-a-speed", text(name)));
        }
        return turns.orElse(null);
    }

    void problem(String name, String sentence) {
        reader.problem(name, sentence);
    }

    public Map<String, String> problems() {
        return reader.problems();
    }

    boolean readable() {
        return reader.problems().isEmpty();
    }
}
