package org.eskarn.app.field;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Supplier;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/**
 * One field of a calculator or of a correction: what it is called, what it takes, what stands in it to begin with.
 *
 * @param label without its unit, which is written after it
 * @param options what can be chosen, looked up when they are needed; none of any other field
 * @param fixed the unit of its lengths where nothing chosen on the page says it; null for the one chosen
 * @param range of the numbers it takes; null for any
 * @param governs of a choice of units, the quantities that are typed in it
 * @param usual what is meant where the field was not sent; empty for nothing
 * @param example of a piece of work
 * @param help a line below the field; empty for none
 * @param share of the width, in twelfths
 * @param lines of the field; 1 for an ordinary one
 * @param redraws whether other fields come, go or are filled with it
 * @param atPicture whether it only changes how the picture is looked at, and stands above it
 */
public record Field(
        String name,
        String label,
        Quantity quantity,
        Restating restating,
        Supplier<List<Option>> options,
        @Nullable LengthUnit fixed,
        @Nullable Range range,
        Set<Quantity> governs,
        String usual,
        String example,
        String help,
        int share,
        int lines,
        boolean redraws,
        boolean atPicture) {

    private static final int WHOLE = 12;

    /** °C. */
    private static final double COLDEST = -200;

    private static final double HOTTEST = 1000;

    /** One thing that can be chosen: how it is sent and how it is said. */
    public record Option(String value, String title) {}

    /** From least to most, both taken. */
    public record Range(double least, double most) {

        boolean holds(double number) {
            return number >= least && number <= most;
        }
    }

    private static Field of(String name, String label, Quantity quantity, Restating restating) {
        return new Field(
                name, label, quantity, restating, List::of, null, null, Set.of(), "", "", "", WHOLE, 1, false, false);
    }

    /** A size in mm or inches, or several after each other. */
    public static Field size(String name, String label) {
        return of(name, label, Quantity.SIZE, Restating.LENGTHS);
    }

    /** What is small, in µm or tenths. */
    public static Field small(String name, String label) {
        return of(name, label, Quantity.SMALL, Restating.LENGTHS);
    }

    /** What is read off the gauge. */
    public static Field read(String name, String label) {
        return of(name, label, Quantity.READ, Restating.LENGTHS);
    }

    /** A distance between places of a layout. */
    public static Field place(String name, String label) {
        return of(name, label, Quantity.PLACE, Restating.LENGTHS);
    }

    public static Field temperature(String name, String label) {
        return of(name, label, Quantity.CELSIUS, Restating.NOTHING).within(COLDEST, HOTTEST);
    }

    /** A quantity whose unit is the same everywhere. */
    public static Field of(String name, String label, Quantity quantity) {
        return of(name, label, quantity, Restating.NOTHING);
    }

    public static Field text(String name, String label) {
        return of(name, label, Quantity.TEXT, Restating.NOTHING);
    }

    public static Field ticked(String name, String label) {
        return of(name, label, Quantity.TICK, Restating.NOTHING);
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

    public static Field chosen(String name, String label, Supplier<List<Option>> options) {
        return of(name, label, Quantity.CHOICE, Restating.NOTHING).with(options);
    }

    /** The unit that some quantities are typed in; the others stay what they are meant when it is changed. */
    public static Field unit(String name, String label, List<LengthUnit> units, Quantity... governed) {
        Field field = of(name, label, Quantity.UNIT, Restating.NOTHING)
                .with(() -> units.stream()
                        .map(each -> new Option(each.name(), each.symbol()))
                        .toList());
        return field.governing(Set.copyOf(Arrays.asList(governed))).redrawing();
    }

    private Field with(Supplier<List<Option>> some) {
        return new Field(
                name, label, quantity, restating, some, fixed, range, governs, usual, example, help, share, lines,
                redraws, atPicture);
    }

    private Field governing(Set<Quantity> some) {
        return new Field(
                name, label, quantity, restating, options, fixed, range, some, usual, example, help, share, lines,
                redraws, atPicture);
    }

    /** How it is said in another unit, where it holds more than lengths. */
    public Field restated(Restating other) {
        return new Field(
                name, label, quantity, other, options, fixed, range, governs, usual, example, help, share, lines,
                redraws, atPicture);
    }

    /** Takes numbers from least to most only, in the unit of its quantity. */
    public Field within(double least, double most) {
        return new Field(
                name,
                label,
                quantity,
                restating,
                options,
                fixed,
                new Range(least, most),
                governs,
                usual,
                example,
                help,
                share,
                lines,
                redraws,
                atPicture);
    }

    /** A length in a unit that nothing chosen on the page says. */
    public Field in(LengthUnit unit) {
        return new Field(
                name, label, quantity, restating, options, unit, range, governs, usual, example, help, share, lines,
                redraws, atPicture);
    }

    public Field usually(String some) {
        return new Field(
                name, label, quantity, restating, options, fixed, range, governs, some, example, help, share, lines,
                redraws, atPicture);
    }

    public Field example(String some) {
        return new Field(
                name, label, quantity, restating, options, fixed, range, governs, usual, some, help, share, lines,
                redraws, atPicture);
    }

    public Field help(String some) {
        return new Field(
                name, label, quantity, restating, options, fixed, range, governs, usual, example, some, share, lines,
                redraws, atPicture);
    }

    public Field half() {
        return share(WHOLE / 2);
    }

    public Field third() {
        return share(WHOLE / 3);
    }

    private Field share(int twelfths) {
        return new Field(
                name, label, quantity, restating, options, fixed, range, governs, usual, example, help, twelfths, lines,
                redraws, atPicture);
    }

    public Field lines(int some) {
        return new Field(
                name, label, quantity, restating, options, fixed, range, governs, usual, example, help, share, some,
                redraws, atPicture);
    }

    public Field redrawing() {
        return new Field(
                name, label, quantity, restating, options, fixed, range, governs, usual, example, help, share, lines,
                true, atPicture);
    }

    public Field atThePicture() {
        return new Field(
                name, label, quantity, restating, options, fixed, range, governs, usual, example, help, share, lines,
                redraws, true);
    }

    /** What is sent beside it: what it was when the page was made. */
    public String before() {
        return before(name);
    }

    public static String before(String name) {
        return name + "Before";
    }

    public boolean offers(String value) {
        return options.get().stream().anyMatch(option -> option.value().equals(value));
    }
}
