package org.eskarn.core.reading;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.eskarn.core.result.Note;
import org.eskarn.core.units.LengthUnit;

/**
 * A layout as a person writes it: its kind, the unit of its distances, and one or two fields. Numbers are parted by
 * blanks, names by semicolons. One whole number where angles are asked for means that many equal steps;
 * an angle may be written as a place on a clock, 3h for 90°, 4.5h or 4:30 for 135°.
 *
 * @param first angles, distances, names or a count, as {@link LayoutKind#first()} says
 * @param second the other distances or the angles; empty where the kind has no second field
 */
public record WrittenLayout(LayoutKind kind, LengthUnit unit, String first, String second) {

    /** The most stations a layout may have. */
    public static final int MOST = LayoutText.MOST;

    private static final String LOWEST = "lowest";
    private static final String HIGHEST = "highest";
    private static final int LONGEST_NAME = 60;
    private static final BigDecimal FULL_TURN = BigDecimal.valueOf(360);
    private static final Pattern ALIKE = Pattern.compile("([1-9]\\d{0,2})\\s+alike\\s*:?\\s+(.+)");
    private static final Pattern COUNT = Pattern.compile("\\d{1,4}");
    private static final Pattern CLOCK = Pattern.compile("(1[0-2]|[1-9])(?:h|(\\.5)h|:([0-5]\\d))");
    private static final int DEGREES_OF_AN_HOUR = 30;
    private static final int MINUTES_OF_AN_HOUR = 60;

    public static WrittenLayout ring(String angles) {
        return new WrittenLayout(LayoutKind.RING, LengthUnit.MILLIMETRE, angles, "");
    }

    /**
     * The layout that is meant.
     *
     * @param ends what the two readings of a pair or a cycle are called
     * @throws LayoutRejected if a field is empty, holds something that is no number, angle or name, or makes more than
     *     400 stations
     */
    public Layout read(List<String> ends) throws LayoutRejected {
        List<Place> places = switch (kind) {
            case RING -> angles(first, false).stream().map(this::ring).toList();
            case RINGS -> onRings(numbers(first, false), angles(second, true));
            case WATCHED -> watched();
            case LINE -> numbers(first, false).stream().map(this::line).toList();
            // Row by row upwards, each row to the right.
            case GRID -> crossed(numbers(second, true), numbers(first, false), (y, x) -> Place.plane("", x, y));
            case LINES -> lines();
            case STEPS -> placements();
            case POINTS -> PointsReader.read(names(first, "point"));
            case PAIRS -> pairs(names(first, "pair"), ends);
            case CYCLES -> pairs(counted(first, "cycle"), ends);
            case PUSHES ->
                Stream.concat(Stream.of("at rest"), counted(first, "push").stream())
                        .map(name -> new Place(name, null, null, null))
                        .toList();
            case PINS -> numbers(first, false).stream().map(this::pin).toList();
            case YES_NO ->
                alike(names(first, "question")).stream()
                        .map(name -> new Place(name, null, null, null))
                        .toList();
        };
        if (places.size() > MOST) {
            throw LayoutRejected.tooMany(places.size());
        }
        List<Station> stations = new ArrayList<>();
        for (Place place : places) {
            stations.add(place.numbered(stations.size() + 1));
        }
        return new Layout(kind, unit, stations, kind.returns());
    }

    /**
     * A station added while hunting: an angle on a ring, a distance on a line, both on rings, two distances on a grid.
     *
     * @throws LayoutRejected if it is none
     */
    public Place hunted(String typed) throws LayoutRejected {
        List<String> words = LayoutText.words(typed.replace("°", " ").replace(unit.symbol(), " "));
        int wanted = kind == LayoutKind.RINGS || kind == LayoutKind.GRID ? 2 : 1;
        if (words.size() != wanted) {
            throw new LayoutRejected(
                    false,
                    Note.of(
                            "core.is-no-station-here-type",
                            typed.strip(),
                            switch (kind) {
                                case RING -> Note.of("core.degrees-from-0-to-below-360-for");
                                case PINS -> Note.of("core.the-size-of-the-pin-in", unit.symbol());
                                case LINE -> Note.of("core.the-distance-from-the-end-in", unit.symbol());
                                case RINGS -> Note.of("core.the-distance-from-the-end-and-the");
                                default -> Note.of("core.the-distances-to-the-right-and-upwards");
                            }));
        }
        return switch (kind) {
            case RING -> ring(angle(words.get(0), false));
            case LINE -> line(LayoutText.number(words.get(0), false));
            case PINS -> pin(LayoutText.number(words.get(0), false));
            case RINGS ->
                onRings(List.of(LayoutText.number(words.get(0), false)), List.of(angle(words.get(1), false)))
                        .get(0);
            default -> Place.plane("", LayoutText.number(words.get(0), false), LayoutText.number(words.get(1), false));
        };
    }

    /** A direction round a section and what it is called. */
    private record Angle(BigDecimal degrees, String name) {

        static Angle of(BigDecimal degrees) {
            return new Angle(degrees, Station.written(degrees) + "°");
        }
    }

    /** Called as it was typed: 6.00 is another pin than 6. */
    private Place pin(BigDecimal size) {
        return new Place(size.toPlainString() + " " + unit.symbol(), null, size, null);
    }

    private Place ring(Angle angle) {
        return new Place(angle.name(), angle.degrees(), null, null);
    }

    private Place line(BigDecimal along) {
        return new Place(Station.written(along) + " " + unit.symbol(), null, along, null);
    }

    private List<Place> onRings(List<BigDecimal> distances, List<Angle> angles) {
        return distances.stream()
                .flatMap(along -> angles.stream()
                        .map(angle -> new Place(
                                Station.written(along) + " " + unit.symbol() + " · " + angle.name(),
                                angle.degrees(),
                                along,
                                null)))
                .toList();
    }

    /** Of each section the lowest and the highest that the needle shows in a turn; without distances of one section. */
    private List<Place> watched() throws LayoutRejected {
        if (first.isBlank()) {
            return List.of(new Place(LOWEST, null, null, null), new Place(HIGHEST, null, null, null));
        }
        List<Place> places = new ArrayList<>();
        for (BigDecimal along : numbers(first, false)) {
            String section = Station.written(along) + " " + unit.symbol() + " · ";
            places.add(new Place(section + LOWEST, null, along, null));
            places.add(new Place(section + HIGHEST, null, along, null));
        }
        if (places.stream().map(Place::name).distinct().count() < places.size()) {
            throw new LayoutRejected(false, Note.of("core.each-section-is-watched-once"));
        }
        return places;
    }

    /** The degrees that a word stands for, or a place on the clock. */
    static BigDecimal degrees(String word) throws LayoutRejected {
        return angle(word, false).degrees();
    }

    private interface Cross {
        Place at(BigDecimal outer, BigDecimal inner);
    }

    private static List<Place> crossed(List<BigDecimal> outer, List<BigDecimal> inner, Cross cross) {
        return outer.stream()
                .flatMap(one -> inner.stream().map(other -> cross.at(one, other)))
                .toList();
    }

    private List<Place> lines() throws LayoutRejected {
        List<BigDecimal> distances = numbers(second, true);
        return names(first, "line").stream()
                .flatMap(name -> distances.stream().map(along -> onLine(name, along)))
                .toList();
    }

    private List<Place> placements() throws LayoutRejected {
        List<Place> places = new ArrayList<>();
        int placement = 0;
        for (String written : names(first, "placement")) {
            placement++;
            List<BigDecimal> distances = numbers(written, false);
            if (distances.stream().distinct().count() < 2) {
                throw new LayoutRejected(false, Note.of("core.placement-touches-one-place-only-write-two", placement));
            }
            for (BigDecimal along : distances) {
                places.add(onLine("placement " + placement, along));
            }
        }
        return places;
    }

    private Place onLine(String line, BigDecimal along) {
        return new Place(line + " \u00b7 " + Station.written(along) + " " + unit.symbol(), null, along, null, line);
    }

    private static List<Place> pairs(List<String> names, List<String> ends) {
        return names.stream()
                .flatMap(name -> ends.stream().map(end -> new Place(name + ", " + end, null, null, null, name)))
                .toList();
    }

    private List<String> counted(String field, String what) throws LayoutRejected {
        String count = field.strip();
        if (!COUNT.matcher(count).matches() || Integer.parseInt(count) < 1 || Integer.parseInt(count) > MOST / 2) {
            throw new LayoutRejected(false, Note.of("core.is-no-number-of-s-type-a", count, what));
        }
        return IntStream.rangeClosed(1, Integer.parseInt(count))
                .mapToObj(i -> what + " " + i)
                .toList();
    }

    private List<String> names(String field, String what) throws LayoutRejected {
        if (what.equals("pair") && COUNT.matcher(field.strip()).matches()) {
            return counted(field, what);
        }
        List<String> names = Arrays.stream(field.split(";", -1))
                .map(String::strip)
                .filter(name -> !name.isEmpty())
                .toList();
        if (names.isEmpty()) {
            throw new LayoutRejected(false, Note.of("core.write-at-least-one-for-example", what, kind.example()));
        }
        for (String name : names) {
            if (name.length() > LONGEST_NAME) {
                throw new LayoutRejected(false, Note.of("core.is-longer-than-60-characters-write-it", name));
            }
        }
        return names;
    }

    /** What is asked of many that are alike is asked of each: “40 alike: goes in” is “goes in 1” to “goes in 40”. */
    private static List<String> alike(List<String> names) {
        return names.stream()
                .flatMap(name -> {
                    Matcher many = ALIKE.matcher(name);
                    return many.matches()
                            ? IntStream.rangeClosed(1, Integer.parseInt(many.group(1)))
                                    .mapToObj(i -> many.group(2) + " " + i)
                            : Stream.of(name);
                })
                .limit(MOST + 1L)
                .toList();
    }

    private List<Angle> angles(String field, boolean inSecond) throws LayoutRejected {
        List<String> words = LayoutText.words(field);
        if (words.size() == 1 && COUNT.matcher(words.get(0)).matches()) {
            int steps = Integer.parseInt(words.get(0));
            if (steps >= 1 && steps <= MOST) {
                return IntStream.range(0, steps)
                        .mapToObj(i -> Angle.of(BigDecimal.valueOf(360L * i)
                                .divide(BigDecimal.valueOf(steps), 4, RoundingMode.HALF_UP)
                                .stripTrailingZeros()))
                        .toList();
            }
            throw new LayoutRejected(inSecond, Note.of("core.is-no-number-of-equal-steps-type", words.get(0)));
        }
        List<Angle> angles = new ArrayList<>();
        for (String word : required(words, inSecond)) {
            angles.add(angle(word, inSecond));
        }
        return angles;
    }

    private static Angle angle(String word, boolean inSecond) throws LayoutRejected {
        Matcher clock = CLOCK.matcher(word);
        if (clock.matches()) {
            int hour = Integer.parseInt(clock.group(1));
            int minutes = clock.group(2) != null
                    ? MINUTES_OF_AN_HOUR / 2
                    : clock.group(3) != null ? Integer.parseInt(clock.group(3)) : 0;
            // A minute of the clock is half a degree.
            long halves = hour % 12L * 2 * DEGREES_OF_AN_HOUR + minutes;
            BigDecimal degrees = halves % 2 == 0 ? BigDecimal.valueOf(halves / 2) : BigDecimal.valueOf(halves * 5, 1);
            String time = minutes == 0 ? String.valueOf(hour) : String.format("%d:%02d", hour, minutes);
            return new Angle(degrees, time + " o’clock");
        }
        BigDecimal degrees = LayoutText.number(word, inSecond);
        if (degrees.signum() < 0 || degrees.compareTo(FULL_TURN) >= 0) {
            throw new LayoutRejected(inSecond, Note.of("core.is-no-angle-here-type-degrees-from", word));
        }
        return Angle.of(degrees);
    }

    private List<BigDecimal> numbers(String field, boolean inSecond) throws LayoutRejected {
        List<BigDecimal> numbers = new ArrayList<>();
        for (String word : required(LayoutText.words(field), inSecond)) {
            numbers.add(LayoutText.number(word, inSecond));
        }
        return numbers;
    }

    private List<String> required(List<String> words, boolean inSecond) throws LayoutRejected {
        if (words.isEmpty()) {
            throw new LayoutRejected(
                    inSecond, Note.of("core.nothing-is-written", inSecond ? kind.second() : kind.first()));
        }
        return words;
    }
}
