package org.eskarn.app.picture;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.ReadingsPicture.Level;
import org.eskarn.app.picture.ReadingsPicture.Next;
import org.eskarn.app.picture.ReadingsPicture.Place;
import org.eskarn.app.picture.ReadingsPicture.Spot;
import org.eskarn.app.picture.engine.RoundSteps;
import org.eskarn.app.picture.engine.ScaleText;
import org.eskarn.app.picture.engine.Subject;
import org.eskarn.app.picture.engine.Xy;
import org.eskarn.core.evaluation.Assessment;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.Station;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.Zeroing;
import org.eskarn.core.units.Length;
import org.eskarn.core.verdict.Bounds;

/** Draws readings along a length, or one after the other, deviations magnified; whole sizes as deviations from a middle. */
final class ReadingsDrawing {

    private static final double ROOM = ReadingsPicture.FOOT - ReadingsPicture.TOP;
    private static final double USED = 0.78;
    private static final int MOST_LABELLED = 18;
    private static final int MOST_PLACES = 10;
    private static final double LETTER = 7.4;
    private static final double SIDE = 26;

    private final Subject subject;
    private final Assessment assessment;
    private final Display display;
    private final Sweep sweep;
    private final boolean sizes;
    /** Whether leaves were tried: their sizes have no sign, and those of a place stand over each other. */
    private final boolean leaves;

    private final boolean toScale;
    /** What readings are added to, µm. */
    private final double base;

    private final double from;
    private final double perPlace;
    /** The figure that lies in the middle of the height, µm. */
    private final double middle;
    /** Drawing units for each µm. */
    private final double scale;

    private ReadingsDrawing(Subject subject, Assessment assessment, Display display) {
        this.subject = subject;
        this.assessment = assessment;
        this.display = display;
        Characteristic what = subject.terms().characteristic();
        this.sweep = what.readEitherWay() ? assessment.corrected().fromFirst() : assessment.corrected();
        LayoutKind kind = sweep.layout().kind();
        this.sizes = what.sized();
        this.leaves = what.triedWithLeaves();
        this.toScale = kind == LayoutKind.LINE
                || kind == LayoutKind.LINES
                || kind == LayoutKind.STEPS
                || kind == LayoutKind.RINGS;
        this.base = subject.terms().basis().setTo().map(Length::micrometres).orElse(0.0);
        List<Double> places =
                sweep.layout().stations().stream().map(this::place).toList();
        double first = places.stream().mapToDouble(p -> p).min().orElse(0);
        double last = places.stream().mapToDouble(p -> p).max().orElse(0);
        this.from = first;
        this.perPlace = last > first ? (ReadingsPicture.RIGHT - ReadingsPicture.LEFT - 2 * SIDE) / (last - first) : 0;
        double lowest = Double.POSITIVE_INFINITY;
        double highest = Double.NEGATIVE_INFINITY;
        for (double level : levels()) {
            lowest = Math.min(lowest, level);
            highest = Math.max(highest, level);
        }
        double span = Math.max(highest - lowest, display.finest() * 10);
        this.middle = (highest + lowest) / 2;
        this.scale = ROOM * USED / span;
    }

    static ReadingsPicture of(Subject subject, Assessment assessment, Display display) {
        return new ReadingsDrawing(subject, assessment, display).draw();
    }

    /** Everything that has to be in sight: readings, limits, and the zero of deviations. */
    private List<Double> levels() {
        List<Double> levels = new ArrayList<>();
        for (Reading reading : sweep.readings()) {
            levels.add(base + reading.low());
            levels.add(base + reading.high());
        }
        limitLevels().forEach(level -> levels.add(level.getKey()));
        if (levels.isEmpty()
                || !sizes && base == 0 && !subject.terms().characteristic().readsSizes()) {
            levels.add(base);
        }
        return levels;
    }

    /** Limits of sizes where they lie; of a movement, its width about the middle of the readings. */
    private List<Map.Entry<Double, String>> limitLevels() {
        Bounds bounds = subject.terms().bounds();
        List<Map.Entry<Double, String>> levels = new ArrayList<>();
        if (leaves) {
            Stream.of(bounds.lower(), bounds.upper())
                    .filter(Objects::nonNull)
                    .forEach(bound -> levels.add(Map.entry(bound, Words.say("picture.limit"))));
        } else if (sizes) {
            if (bounds.lower() != null && bounds.upper() != null) {
                levels.add(Map.entry(bounds.upper(), Words.say("picture.upper-limit")));
                levels.add(Map.entry(bounds.lower(), Words.say("picture.lower-limit")));
            }
        } else if (!sweep.layout().kind().twoAtAPlace()
                && !worked()
                && bounds.upper() != null
                && bounds.lower() == null) {
            double lowest = sweep.readings().stream()
                    .mapToDouble(Reading::micrometres)
                    .min()
                    .orElse(0);
            double highest = sweep.readings().stream()
                    .mapToDouble(Reading::micrometres)
                    .max()
                    .orElse(0);
            double half = bounds.upper() / 2 * (subject.terms().limit().per() == null ? 1 : shareOfLength());
            levels.add(Map.entry(base + (lowest + highest) / 2 + half, "limit"));
            levels.add(Map.entry(base + (lowest + highest) / 2 - half, "limit"));
        }
        return levels;
    }

    /** Whether the readings are not yet what is limited: rises of a level, placements, or one of two set-ups. */
    private boolean worked() {
        boolean level = subject.terms().characteristic() == Characteristic.STRAIGHTNESS
                && subject.terms().basis().zeroing() == Zeroing.EACH_STEP;
        return level
                || sweep.layout().kind() == LayoutKind.STEPS
                || subject.terms().basis().reversal().twice();
    }

    private double shareOfLength() {
        Length per = subject.terms().limit().per();
        List<Double> distances = toScale ? sweep.layout().distances() : List.of();
        if (per == null || distances.size() < 2) {
            return 1;
        }
        double length = distances.stream().mapToDouble(d -> d).max().orElse(0)
                - distances.stream().mapToDouble(d -> d).min().orElse(0);
        return length * sweep.layout().unit().micrometres().doubleValue() / per.micrometres();
    }

    private ReadingsPicture draw() {
        double barDeviation = display.micrometres(RoundSteps.atMost(display.of(ROOM * 0.3 / scale)));
        double zeroAt = y(base);
        boolean zeroSeen = zeroAt >= ReadingsPicture.TOP - 10 && zeroAt <= ReadingsPicture.FOOT + 10;
        return new ReadingsPicture(
                subject.name() + (toScale ? Words.say("picture.from", subject.seenFrom()) : ""),
                zeroSeen ? (Double) zeroAt : null,
                base == 0 ? "0" : Words.say("picture.set-to", display.amount(base)),
                limitLevels().stream()
                        .map(level -> new Level(y(level.getKey()), level.getValue()))
                        .toList(),
                places(),
                traces(),
                spots(),
                sweep.next().map(this::next).orElse(null),
                barDeviation * scale,
                ScaleText.plain(display.of(barDeviation)) + " " + display.symbol(),
                scaleLine());
    }

    private String scaleLine() {
        String limits = limitLevels().isEmpty()
                ? ""
                : Words.say(
                        "picture.dashed",
                        sizes ? Words.say("picture.limits") : Words.say("picture.limit"),
                        subject.terms().limit().words());
        if (!toScale) {
            return Words.say("picture.deviations-magnified-the-bar-is-the-scale", limits);
        }
        double unitsPerMicrometreAlong =
                perPlace / sweep.layout().unit().micrometres().doubleValue();
        String times = perPlace > 0
                ? Words.say(
                        "picture.deviation-drawn",
                        ScaleText.grouped(RoundSteps.atMost(scale / unitsPerMicrometreAlong * 1.02)))
                : Words.say("picture.deviations-magnified-the-bar-is-the-scale-2");
        return Words.say("picture.length-to-scale", times, limits);
    }

    private double place(Station station) {
        if (toScale) {
            return station.distance();
        }
        if (sweep.layout().kind() == LayoutKind.RING) {
            return station.angle() == null ? 0 : station.angle().doubleValue();
        }
        return sweep.layout().kind().twoAtAPlace() ? (station.number() - 1) / 2 : station.number() - 1;
    }

    private double x(Station station) {
        double shift = besideEachOther() ? (station.number() % 2 == 1 ? -9 : 9) : 0;
        return perPlace == 0
                ? (ReadingsPicture.LEFT + ReadingsPicture.RIGHT) / 2 + shift
                : ReadingsPicture.LEFT + SIDE + (place(station) - from) * perPlace + shift;
    }

    private boolean besideEachOther() {
        return sweep.layout().kind().twoAtAPlace() && !leaves;
    }

    private double y(double micrometres) {
        return (ReadingsPicture.TOP + ReadingsPicture.FOOT) / 2 - (micrometres - middle) * scale;
    }

    private Xy point(Reading reading) {
        return new Xy(x(reading.station()), y(base + reading.micrometres()));
    }

    private List<Place> places() {
        List<String> conditions = subject.terms().basis().conditions();
        return conditions.isEmpty() ? placesByName() : placesByCondition(conditions);
    }

    /** Where each condition begins; the places are the same under all of them, and the next one is named above. */
    private List<Place> placesByCondition(List<String> conditions) {
        int longest = (int) ((ReadingsPicture.RIGHT - ReadingsPicture.LEFT) / conditions.size() / LETTER) - 1;
        List<Place> places = new ArrayList<>();
        for (Station station : sweep.layout().stations()) {
            boolean begins = station.number() == 1 || sweep.layout().beginsSetUp(station) > 0;
            places.add(new Place(x(station), begins ? shortened(conditions.get(station.setUp()), longest) : ""));
        }
        return places;
    }

    private static String shortened(String label, int longest) {
        return label.length() > longest ? label.substring(0, longest - 1) + "…" : label;
    }

    private List<Place> placesByName() {
        Map<Double, String> labels = new LinkedHashMap<>();
        for (Station station : sweep.layout().stations()) {
            double shift = !besideEachOther() ? 0 : station.number() % 2 == 1 ? 9 : -9;
            labels.putIfAbsent(x(station) + shift, label(station));
        }
        int every = (labels.size() + MOST_PLACES - 1) / MOST_PLACES;
        int longest = labels.size() > 5 ? 9 : 16;
        List<Place> places = new ArrayList<>();
        int i = 0;
        for (Map.Entry<Double, String> entry : labels.entrySet()) {
            String label = entry.getValue();
            boolean shown = i++ % every == 0;
            places.add(new Place(entry.getKey(), shown ? shortened(label, longest) : ""));
        }
        return places;
    }

    private String label(Station station) {
        if (toScale) {
            return ScaleText.plain(station.distance());
        }
        String name = station.name();
        if (sweep.layout().kind().watched()) {
            return name.contains(" · ") ? name.substring(0, name.lastIndexOf(" · ")) : subject.name();
        }
        return sweep.layout().kind().paired() ? name.substring(0, name.lastIndexOf(", ")) : name;
    }

    /** Joined are the readings of one angle along the length, of one line, and the two of a pair. */
    private List<String> traces() {
        if (sweep.layout().kind() == LayoutKind.POINTS || sweep.layout().kind() == LayoutKind.RING) {
            return List.of();
        }
        Map<String, List<Reading>> groups = sweep.readings().stream()
                .collect(Collectors.groupingBy(this::group, LinkedHashMap::new, Collectors.toList()));
        return groups.values().stream()
                .filter(group -> group.size() > 1)
                .map(group -> group.stream().map(this::point).map(Xy::toString).collect(Collectors.joining(" ")))
                .toList();
    }

    private String group(Reading reading) {
        Station station = reading.station();
        return switch (sweep.layout().kind()) {
            case RINGS -> String.valueOf(station.angle());
            case PAIRS, CYCLES, WATCHED -> String.valueOf((station.number() - 1) / 2);
            // In two set-ups the same place is read twice; each joins its own.
            default -> station.line() + " " + sweep.layout().zeroOf(station).number();
        };
    }

    /** Where several readings stand over each other, the highest carries its figure above and the lowest below. */
    private List<Spot> spots() {
        Map<Double, List<Reading>> stacks = sweep.readings().stream()
                .collect(Collectors.groupingBy(r -> x(r.station()), LinkedHashMap::new, Collectors.toList()));
        boolean room = stacks.size() <= MOST_LABELLED;
        List<Spot> spots = new ArrayList<>();
        for (List<Reading> stack : stacks.values()) {
            double highest =
                    stack.stream().mapToDouble(Reading::micrometres).max().orElse(0);
            double lowest =
                    stack.stream().mapToDouble(Reading::micrometres).min().orElse(0);
            boolean topSaid = false;
            boolean bottomSaid = false;
            for (Reading reading : stack) {
                boolean top = reading.micrometres() == highest && !topSaid;
                boolean bottom = reading.micrometres() == lowest && lowest < highest && !bottomSaid;
                topSaid |= top;
                bottomSaid |= bottom;
                boolean above = stack.size() == 1 ? over(reading) : top;
                spots.add(new Spot(point(reading), room && (top || bottom) ? figure(reading) : "", above));
            }
        }
        return spots;
    }

    /** Of two that belong together the higher has its figure above it, so that they keep clear of each other. */
    private boolean over(Reading reading) {
        int number = reading.station().number();
        int other = number % 2 == 1 ? number : number - 2;
        List<Reading> all = sweep.readings();
        return besideEachOther() && other < all.size()
                ? reading.micrometres() > all.get(other).micrometres()
                        || reading.micrometres() == all.get(other).micrometres() && number % 2 == 0
                : base + reading.micrometres() >= middle;
    }

    private String figure(Reading reading) {
        return sizes || leaves ? display.amount(base + reading.micrometres()) : display.signed(reading.micrometres());
    }

    private Next next(Station station) {
        double x = x(station);
        boolean back = assessment.sweep().stationsToGo() == 0;
        String anchor = x < ReadingsPicture.LEFT + 120 ? "start" : x > ReadingsPicture.RIGHT - 120 ? "end" : "middle";
        return new Next(
                x, (back ? Words.say("picture.return-to") : Words.say("picture.next")) + station.name(), anchor);
    }
}
