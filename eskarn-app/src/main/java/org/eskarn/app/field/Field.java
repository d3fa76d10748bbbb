package org.eskarn.app.field;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/** One field of a calculator or of a correction: what it is called, what it takes, what stands in it to begin with. */
public final class Field {

    private static final int WHOLE = 12;
    private static final int HALF = 6;
    private static final int THIRD = 4;

    /** °C. */
    private static final double COLDEST = -200;

    private static final double HOTTEST = 1000;

    private final Traits traits;

    /** What there is to say of a field; only changed while it is described. */
    private static final class Traits {

        private final String name;
        private final String label;
        private final Quantity quantity;
        private Restating restating = Restating.NOTHING;
        private Supplier<List<Option>> options = List::of;
        private @Nullable LengthUnit fixed;
        private @Nullable Range range;
        private Set<Quantity> governs = Set.of();
        private String usual = "";
        private String example = "";
        private String help = "";
        private int share = WHOLE;
        private int lines = 1;
        private boolean redraws;
        private boolean atPicture;

        private Traits(String name, String label, Quantity quantity) {
            this.name = name;
            this.label = label;
            this.quantity = quantity;
        }

        private Traits copy() {
            Traits copy = new Traits(name, label, quantity);
            copy.restating = restating;
            copy.options = options;
            copy.fixed = fixed;
            copy.range = range;
            copy.governs = governs;
            copy.usual = usual;
            copy.example = example;
            copy.help = help;
            copy.share = share;
            copy.lines = lines;
            copy.redraws = redraws;
            copy.atPicture = atPicture;
            return copy;
        }
    }

    /** One thing that can be chosen: how it is sent and how it is said. */
    public record Option(String value, String title) {}

    /** From least to most, both taken. */
    public record Range(double least, double most) {

        boolean holds(double number) {
            return number >= least && number <= most;
        }
    }

    private Field(Traits traits) {
        this.traits = traits;
    }

    private Field with(Consumer<Traits> change) {
        Traits copy = traits.copy();
        change.accept(copy);
        return new Field(copy);
    }

    /** A quantity whose unit is the same everywhere. */
    public static Field of(String name, String label, Quantity quantity) {
        return new Field(new Traits(name, label, quantity));
    }

    private static Field length(String name, String label, Quantity quantity) {
        return of(name, label, quantity).restated(Restating.LENGTHS);
    }

    /** A size in mm or inches, or several after each other. */
    public static Field size(String name, String label) {
        return length(name, label, Quantity.SIZE);
    }

    /** What is small, in µm or tenths. */
    public static Field small(String name, String label) {
        return length(name, label, Quantity.SMALL);
    }

    /** What is read off the gauge. */
    public static Field read(String name, String label) {
        return length(name, label, Quantity.READ);
    }

    /** A distance between places of a layout. */
    public static Field place(String name, String label) {
        return length(name, label, Quantity.PLACE);
    }

    public static Field temperature(String name, String label) {
        return of(name, label, Quantity.CELSIUS).within(COLDEST, HOTTEST);
    }

    public static Field text(String name, String label) {
        return of(name, label, Quantity.TEXT);
    }

    public static Field ticked(String name, String label) {
        return of(name, label, Quantity.TICK);
    }

    public static <E extends Enum<E>> Field choice(
            String name, String label, List<E> options, Function<E, String> title) {
        return chosen(
                name,
                label,
                () -> options.stream()
                        .map(each -> new Option(each.name(), title.apply(each)))
                        .toList());
    }

    /** @param options looked up when they are needed */
    public static Field chosen(String name, String label, Supplier<List<Option>> options) {
        return of(name, label, Quantity.CHOICE).with(traits -> traits.options = options);
    }

    /** The unit that some quantities are typed in; the others stay what they are meant when it is changed. */
    public static Field unit(String name, String label, List<LengthUnit> units, Quantity... governed) {
        List<Option> options = units.stream()
                .map(each -> new Option(each.name(), each.symbol()))
                .toList();
        return of(name, label, Quantity.UNIT).redrawing().with(traits -> {
            traits.options = () -> options;
            traits.governs = Set.copyOf(Arrays.asList(governed));
        });
    }

    /** How it is said in another unit, where it holds more than lengths. */
    public Field restated(Restating other) {
        return with(traits -> traits.restating = other);
    }

    /** Takes numbers from least to most only, in the unit of its quantity. */
    public Field within(double least, double most) {
        return with(traits -> traits.range = new Range(least, most));
    }

    /** A length in a unit that nothing chosen on the page says. */
    public Field in(LengthUnit unit) {
        return with(traits -> traits.fixed = unit);
    }

    /** What is meant where the field was not sent. */
    public Field usually(String some) {
        return with(traits -> traits.usual = some);
    }

    /** What stands in it in the worked example. */
    public Field example(String some) {
        return with(traits -> traits.example = some);
    }

    public Field help(String some) {
        return with(traits -> traits.help = some);
    }

    public Field half() {
        return with(traits -> traits.share = HALF);
    }

    public Field third() {
        return with(traits -> traits.share = THIRD);
    }

    public Field twoThirds() {
        return with(traits -> traits.share = WHOLE - THIRD);
    }

    public Field lines(int some) {
        return with(traits -> traits.lines = some);
    }

    /** Other fields come, go or are filled with it. */
    public Field redrawing() {
        return with(traits -> traits.redraws = true);
    }

    /** It only changes how the picture is looked at, and stands above it. */
    public Field atThePicture() {
        return with(traits -> traits.atPicture = true);
    }

    public String name() {
        return traits.name;
    }

    /** Without its unit, which is written after it. */
    public String label() {
        return traits.label;
    }

    public Quantity quantity() {
        return traits.quantity;
    }

    public Restating restating() {
        return traits.restating;
    }

    public List<Option> options() {
        return traits.options.get();
    }

    public boolean offers(String value) {
        return options().stream().anyMatch(option -> option.value().equals(value));
    }

    @Nullable
    LengthUnit fixed() {
        return traits.fixed;
    }

    @Nullable
    Range range() {
        return traits.range;
    }

    /** Of a choice of units, the quantities that are typed in it. */
    public Set<Quantity> governs() {
        return traits.governs;
    }

    /** Empty for nothing. */
    public String usual() {
        return traits.usual;
    }

    public String example() {
        return traits.example;
    }

    /** A line below the field; empty for none. */
    public String help() {
        return traits.help;
    }

    /** Of the width, in twelfths. */
    public int share() {
        return traits.share;
    }

    public int lines() {
        return traits.lines;
    }

    public boolean redraws() {
        return traits.redraws;
    }

    public boolean atPicture() {
        return traits.atPicture;
    }

    /** What is sent beside it: what it was when the page was made. */
    public String before() {
        return before(name());
    }

    public static String before(String name) {
        return name + "Before";
    }
}
