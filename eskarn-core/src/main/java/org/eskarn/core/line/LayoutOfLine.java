package org.eskarn.core.line;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.LayoutRejected;
import org.eskarn.core.reading.WrittenLayout;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.result.Note;
import org.eskarn.core.units.LengthUnit;

/** What a line says of its stations: how many, one way or two, and where. */
final class LayoutOfLine {

    private static final List<String> CORNERS = List.of("front left", "front right", "back right", "back left");

    private final LineWords words;
    private final Characteristic characteristic;
    private final List<Amount> numbers;
    private final LengthUnit unit;

    LayoutOfLine(LineWords words, LengthUnit usual) {
        this.words = words;
        this.characteristic = words.characteristic();
        this.numbers = new ArrayList<>(words.numbers());
        this.unit = usual;
    }

    /** Empty where the line says nothing of stations. */
    Optional<LineLayout> read() throws LineRejected {
        if (words.corners()) {
            if (words.across() > 0 || !words.places().isEmpty()) {
                throw LineWords.unknown("corners");
            }
            return Optional.of(corners());
        }
        if (words.across() > 0) {
            return Optional.of(crossed(words.across(), words.along()));
        }
        if (knows(LayoutKind.PINS)
                && (numbers.size() > 1
                        || (numbers.size() == 1 && !numbers.get(0).bare()))) {
            return Optional.of(layout(LayoutKind.PINS, inUnit(numbers), ""));
        }
        if (numbers.isEmpty() && words.places().isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(oneWay());
    }

    private boolean knows(LayoutKind kind) {
        return characteristic.layouts().contains(kind);
    }

    private LineLayout corners() throws LineRejected {
        if (!knows(LayoutKind.POINTS) || characteristic.readsSizes()) {
            throw LineWords.unknown("corners");
        }
        if (numbers.isEmpty() && characteristic != Characteristic.FLATNESS) {
            return layout(LayoutKind.POINTS, String.join("; ", CORNERS), "");
        }
        List<String> x = EvenPlaces.over(2, length());
        List<String> y = EvenPlaces.over(2, length());
        nothingLeft();
        return layout(
                LayoutKind.POINTS,
                "%s %s %s; %s %s %s; %s %s %s; %s %s %s"
                        .formatted(
                                CORNERS.get(0),
                                x.get(0),
                                y.get(0),
                                CORNERS.get(1),
                                x.get(1),
                                y.get(0),
                                CORNERS.get(2),
                                x.get(1),
                                y.get(1),
                                CORNERS.get(3),
                                x.get(0),
                                y.get(1)),
                "");
    }

    private LineLayout crossed(int across, int along) throws LineRejected {
        if (across == 0 || along == 0) {
            throw LineWords.unknown(across + "x" + along);
        }
        atMost(across * along);
        LineLayout layout = knows(LayoutKind.GRID)
                ? layout(LayoutKind.GRID, places(across), String.join(" ", EvenPlaces.over(along, length())))
                : knows(LayoutKind.RINGS) ? rings(across, along) : lines(across, along);
        nothingLeft();
        return layout;
    }

    /** Sections, and directions in each. */
    private LineLayout rings(int sections, int directions) throws LineRejected {
        boolean diameters = characteristic.readsSizes();
        if (numbers.isEmpty() && words.places().isEmpty() && knows(LayoutKind.POINTS)) {
            return layout(LayoutKind.POINTS, EvenPlaces.named(sections, directions), "");
        }
        return layout(
                LayoutKind.RINGS,
                places(sections),
                diameters ? EvenPlaces.ofDiameters(directions) : String.valueOf(directions));
    }

    private LineLayout lines(int lines, int along) throws LineRejected {
        if (!knows(LayoutKind.LINES)) {
            throw LineWords.unknown(lines + "x" + along);
        }
        String names =
                IntStream.rangeClosed(1, lines).mapToObj(i -> "line " + i).collect(Collectors.joining("; "));
        return layout(LayoutKind.LINES, names, places(along));
    }

    /** Places in one direction: round, along, or by number. */
    private LineLayout oneWay() throws LineRejected {
        if (!words.places().isEmpty()) {
            nothingLeft();
            return at();
        }
        Amount first = numbers.remove(0);
        if (!first.bare() || first.count() == 0) {
            throw LineWords.unknown(first.written());
        }
        int many = atMost(first.count());
        LineLayout layout = oneWay(many);
        nothingLeft();
        return layout;
    }

    private LineLayout oneWay(int many) throws LineRejected {
        LayoutKind usual = characteristic.layouts().get(0);
        boolean round = usual == LayoutKind.RING || usual == LayoutKind.RINGS;
        if (round && numbers.isEmpty() && knows(LayoutKind.RING)) {
            boolean diameters = characteristic.readsSizes();
            return layout(LayoutKind.RING, diameters ? EvenPlaces.ofDiameters(many) : String.valueOf(many), "");
        }
        if (words.pushes()) {
            return layout(LayoutKind.PUSHES, String.valueOf(many), "");
        }
        if (usual.paired()) {
            atMost(2 * many);
            return layout(usual, String.valueOf(many), "");
        }
        if (knows(LayoutKind.LINE) && !(numbers.isEmpty() && knows(LayoutKind.POINTS))) {
            return layout(LayoutKind.LINE, places(many), "");
        }
        if (knows(LayoutKind.POINTS) && usual != LayoutKind.GRID) {
            String names =
                    IntStream.rangeClosed(1, many).mapToObj(String::valueOf).collect(Collectors.joining("; "));
            return layout(LayoutKind.POINTS, names, "");
        }
        throw new LineRejected(Note.of("core.line-how-many-both-ways", many));
    }

    private LineLayout at() throws LineRejected {
        boolean degrees = characteristic.layouts().get(0) == LayoutKind.RING;
        boolean asLengths = words.places().stream().anyMatch(each -> each.unit() != null);
        if (degrees ? asLengths : !knows(LayoutKind.LINE)) {
            throw LineWords.unknown("at");
        }
        return layout(degrees ? LayoutKind.RING : LayoutKind.LINE, inUnit(words.places()), "");
    }

    /** So many places over the next length, or those that were named. */
    private String places(int many) throws LineRejected {
        List<Amount> named = words.places();
        if (named.isEmpty()) {
            return String.join(" ", EvenPlaces.over(many, length()));
        }
        if (named.size() != many) {
            throw new LineRejected(Note.of("core.line-places-and-how-many", many, named.size()));
        }
        return inUnit(named);
    }

    private String inUnit(List<Amount> amounts) throws LineRejected {
        List<String> written = new ArrayList<>();
        for (Amount each : amounts) {
            written.add(each.in(unit).written());
        }
        return String.join(" ", written);
    }

    private BigDecimal length() throws LineRejected {
        if (numbers.isEmpty()) {
            throw new LineRejected(Note.of("core.line-needs-a-length"));
        }
        return numbers.remove(0).in(unit).number();
    }

    private static int atMost(int many) throws LineRejected {
        if (many > WrittenLayout.MOST) {
            throw new LineRejected(LayoutRejected.tooMany(many).note());
        }
        return many;
    }

    private void nothingLeft() throws LineRejected {
        if (!numbers.isEmpty()) {
            throw LineWords.unknown(numbers.get(0).written());
        }
    }

    private LineLayout layout(LayoutKind kind, String first, String second) {
        return new LineLayout(kind, first, second, unit);
    }
}
