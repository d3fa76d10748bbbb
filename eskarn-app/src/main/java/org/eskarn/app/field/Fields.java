package org.eskarn.app.field;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Typed;
import org.eskarn.app.page.TypedQuantity;
import org.eskarn.app.page.Words;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/**
 * The fields that apply, with what was typed into them. A choice that is none of its list is a problem of its field. What was
 * sent for a field that does not apply counts for nothing. Not for sharing between requests.
 */
public final class Fields {

    private final Map<String, Field> described;
    private final Map<String, String> typed;
    private final Typed reader = new Typed(new LinkedHashMap<>());
    private final Set<String> used = new LinkedHashSet<>();

    private final Map<Quantity, LengthUnit> units;

    private Fields(List<Field> fields, Map<String, String> typed, Map<Quantity, LengthUnit> units) {
        this.described = fields.stream()
                .collect(Collectors.toMap(Field::name, Function.identity(), (one, other) -> one, LinkedHashMap::new));
        this.typed = typed;
        this.units = units;
    }

    /** In the units that are chosen among the fields themselves; where others were chosen before, said in those chosen now. */
    public static Fields of(List<Field> fields, Map<String, String> typed) {
        return of(fields, typed, ChosenUnits.before(fields, typed), ChosenUnits.now(fields, typed));
    }

    /**
     * @param before the units it was typed in
     * @param now those it is read in
     */
    public static Fields of(
            List<Field> fields,
            Map<String, String> typed,
            Map<Quantity, LengthUnit> before,
            Map<Quantity, LengthUnit> now) {
        Fields read = new Fields(fields, ChosenUnits.restated(fields, typed, before, now), now);
        for (Field field : fields) {
            String chosen = read.shown(field.name());
            if (field.quantity().chosen() && !chosen.isEmpty() && !field.offers(chosen)) {
                read.problem(field.name(), Words.say("page.is-none-of-the-choices", chosen));
            }
        }
        return read;
    }

    /** The choices of a unit that were made since the page was. */
    public static List<Field> changed(List<Field> fields, Map<String, String> typed) {
        return fields.stream()
                .filter(field -> ChosenUnits.changed(field, typed))
                .toList();
    }

    public List<Field> all() {
        return List.copyOf(described.values());
    }

    /** What stands in a field on the page; empty for nothing. */
    public String shown(String name) {
        Field field = described.get(name);
        return field == null ? "" : Typed.text(typed.getOrDefault(name, field.usual()));
    }

    /** The same, to be reckoned with. */
    public String text(String name) {
        used.add(name);
        return shown(name);
    }

    public boolean empty(String name) {
        return shown(name).isEmpty();
    }

    /** All that stands in the fields, by their names. */
    public Map<String, String> texts() {
        Map<String, String> texts = new LinkedHashMap<>();
        described.keySet().forEach(name -> texts.put(name, text(name)));
        return texts;
    }

    /** What was read, and yet says nothing of what is asked. */
    public void ignore(String name) {
        used.remove(name);
    }

    /** The fields that something was typed into, and that nothing was reckoned with. */
    public List<Field> unused() {
        return described.values().stream()
                .filter(field -> !field.quantity().chosen() && !field.quantity().ticked())
                .filter(field -> !used.contains(field.name()) && !empty(field.name()))
                .filter(field -> !shown(field.name()).equals(field.usual()))
                .toList();
    }

    /** The unit a quantity is typed in; empty where it is no length. */
    public Optional<LengthUnit> unitOf(Quantity quantity) {
        return Optional.ofNullable(units.get(quantity));
    }

    /** All that was sent, also for fields that are described elsewhere. */
    public Map<String, String> sent() {
        return typed;
    }

    /** The unit written after a label; empty for none. */
    public String symbol(Field field) {
        return unitOf(field).map(LengthUnit::symbol).orElse(field.quantity().symbol());
    }

    private Optional<LengthUnit> unitOf(Field field) {
        LengthUnit fixed = field.fixed();
        return fixed == null ? unitOf(field.quantity()) : Optional.of(fixed);
    }

    /** The unit of sizes. */
    public LengthUnit unit() {
        return unitOf(Quantity.SIZE).orElse(LengthUnit.MILLIMETRE);
    }

    /** The unit of what is small. */
    public LengthUnit small() {
        return unitOf(Quantity.SMALL).orElse(LengthUnit.MICROMETRE);
    }

    public Display sizes() {
        return new Display(unit());
    }

    public Display deviations() {
        return new Display(small());
    }

    /** What was chosen; the usual where nothing was. */
    public <E extends Enum<E>> E choice(String name, E usual) {
        String chosen = text(name);
        return Arrays.stream(usual.getDeclaringClass().getEnumConstants())
                .filter(each -> each.name().equals(chosen))
                .findFirst()
                .orElse(usual);
    }

    public boolean ticked(String name) {
        return text(name).equals("yes");
    }

    /** The number in a field, a length in the unit of its field; null where nothing was typed. */
    public @Nullable BigDecimal number(String name) {
        Field field = described.get(name);
        BigDecimal number;
        if (field != null && field.quantity().length()) {
            Length length = length(name);
            number = length == null ? null : length.amount();
        } else {
            number = reader.number(name, text(name));
        }
        if (number != null) {
            within(name, number.doubleValue());
        }
        return number;
    }

    /** One word of a field as a number; null where it is none. */
    public @Nullable BigDecimal numberIn(String name, String word) {
        return reader.number(name, word);
    }

    private void within(String name, double number) {
        Field field = described.get(name);
        Field.Range range = field == null ? null : field.range();
        if (field != null && range != null && !range.holds(number)) {
            problem(
                    name,
                    Words.say(
                                    "page.enter-a-number-from-to",
                                    Display.plain(range.least(), 1),
                                    Display.plain(range.most(), 1),
                                    symbol(field))
                            .strip());
        }
    }

    public double number(String name, double usual) {
        BigDecimal number = number(name);
        return number == null ? usual : number.doubleValue();
    }

    /** The same, above zero; null where nothing was typed. */
    public @Nullable BigDecimal above(String name, String what) {
        BigDecimal number = number(name);
        if (number != null && number.signum() <= 0) {
            problem(name, Words.say("page.is-above-zero-not", what, number.toPlainString()));
            return null;
        }
        return number;
    }

    /** A text that is no longer than it may be. */
    public String atMost(String name, int longest) {
        return reader.atMost(name, text(name), longest);
    }

    /** A whole number within bounds; null where nothing was typed. */
    public @Nullable Integer whole(String name, int least, int most) {
        return reader.whole(name, text(name), least, most);
    }

    /** Several lengths with their signs, in the order typed. */
    public List<Length> lengths(String name) {
        List<Length> lengths = new ArrayList<>();
        for (String word : words(name)) {
            Length length = reader.length(name, word, unitAt(name));
            if (length != null) {
                lengths.add(length);
            }
        }
        return lengths;
    }

    private LengthUnit unitAt(String name) {
        Field field = described.get(name);
        return field == null ? unit() : unitOf(field).orElse(unit());
    }

    /** A length in the unit of its field, above zero; null where nothing was typed. */
    public @Nullable Length positive(String name, String what) {
        return reader.lengthAbove(name, text(name), unitAt(name), what);
    }

    /** A length with its sign; null where nothing was typed. */
    public @Nullable Length length(String name) {
        return reader.length(name, text(name), unitAt(name));
    }

    /** A size above zero; a sentence where it is missing. */
    public @Nullable Length size(String name, String what) {
        if (empty(name)) {
            problem(name, Words.say("calculators.type", what));
            return null;
        }
        return positive(name, Words.capital(what));
    }

    /** A length with its sign, µm; the usual where nothing was typed. */
    public double length(String name, double usual) {
        Length length = length(name);
        return length == null ? usual : length.micrometres();
    }

    /** Small amounts in µm, 0 or more; the usual where nothing was typed. */
    public double amount(String name, double usual, String what) {
        Length amount = length(name);
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

    /** Several amounts in µm, each above zero, in the order typed. */
    public List<Double> amounts(String name, String what) {
        List<Double> amounts = new ArrayList<>();
        for (String word : words(name)) {
            Length amount = reader.lengthAbove(name, word, unitAt(name), what);
            if (amount != null) {
                amounts.add(amount.micrometres());
            }
        }
        return amounts;
    }

    /** Several movements in µm, each typed as it is or as its lowest and highest with a slash between; with its sign where it has one. */
    public List<Double> movements(String name) {
        List<Double> movements = new ArrayList<>();
        for (String word : words(name)) {
            String[] ends = word.split("/", 2);
            Length one = reader.length(name, ends[0], unitAt(name));
            Length other = ends.length == 1 ? null : reader.length(name, ends[1], unitAt(name));
            if (one != null && ends.length == 1) {
                movements.add(one.micrometres());
            } else if (one != null && other != null) {
                movements.add(Math.abs(other.micrometres() - one.micrometres()));
            }
        }
        return movements;
    }

    private String[] words(String name) {
        return TypedQuantity.joined(text(name)).split("[\\s;]+");
    }

    /** A small amount in µm with its sign; null where nothing was typed. */
    public @Nullable Double signed(String name) {
        Length amount = length(name);
        return amount == null ? null : (Double) amount.micrometres();
    }

    /** A temperature in °C; the usual where nothing was typed. */
    public double temperature(String name, double usual) {
        String text = text(name);
        if (text.isEmpty()) {
            return usual;
        }
        Optional<BigDecimal> celsius = TypedQuantity.celsius(text);
        if (celsius.isEmpty()) {
            problem(name, Words.say("calculators.is-not-a-temperature", text));
            return usual;
        }
        double degrees = celsius.get().doubleValue();
        within(name, degrees);
        return degrees;
    }

    /** The same where nothing else can be meant than what is typed; a sentence where nothing is. */
    public double temperature(String name, String what) {
        if (empty(name)) {
            problem(name, Words.say("calculators.type", what));
        }
        return temperature(name, 0);
    }

    /** Several sizes in µm, in the order typed. */
    public List<Double> sizes(String name) {
        return amounts(name, Words.say("calculators.a-size"));
    }

    /** Turns a minute; null where nothing was typed. */
    public @Nullable BigDecimal turns(String name) {
        String text = text(name);
        if (text.isEmpty()) {
            return null;
        }
        Optional<BigDecimal> turns = TypedQuantity.turnsPerMinute(text);
        if (turns.isEmpty()) {
            problem(name, Words.say("calculators.is-not-a-speed", text));
        }
        return turns.orElse(null);
    }

    public void problem(String name, String sentence) {
        reader.problem(name, sentence);
    }

    public Map<String, String> problems() {
        return reader.problems();
    }

    public boolean readable() {
        return reader.problems().isEmpty();
    }
}
