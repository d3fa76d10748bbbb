package org.eskarn.app.picture.round;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.engine.RoundSteps;
import org.eskarn.app.picture.engine.ScaleText;
import org.eskarn.app.picture.engine.Xy;
import org.eskarn.app.picture.round.RingPicture.Arrow;
import org.eskarn.app.picture.round.RingPicture.NextMark;
import org.eskarn.app.picture.round.RingPicture.StationMark;
import org.eskarn.core.evaluation.Assessment;
import org.eskarn.core.evaluation.RingReduction;
import org.eskarn.core.evaluation.RingReduction.Centre;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.Station;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.round.Offset;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.units.Length;

/** Draws a sweep of a ring: from the core's figures to the geometry of {@link RingPicture}. */
public final class RingDrawing {

    private static final double IDEAL = 138;
    /** How far a deviation may reach from the ideal circle, either way. */
    private static final double ROOM = 56;

    private static final int FITTED_POINTS = 120;
    /** More stations than this, and only the extremes carry their reading. */
    private static final int MOST_LABELLED = 16;

    private static final int MOST_ANGLES = 10;
    /** More stations than this, and their dots are drawn small. */
    private static final int MANY_STATIONS = 30;

    private static final double LABEL_GAP = 16;
    /** µm; the scale of a ring that is only recorded, as long as nothing deviates. */
    private static final double SMALLEST = 1;

    private final Requirement requirement;
    private final Assessment assessment;
    private final Display display;
    private final boolean inside;
    private final double level;
    /** What the magnification is, where the size of the ring is known. */
    private final Optional<Double> magnification;
    /** Drawing units for each µm of deviation, outwards. */
    private final double scale;

    private RingDrawing(Requirement requirement, Assessment assessment, Display display, Optional<Length> nominal) {
        this.requirement = requirement;
        this.assessment = assessment;
        this.display = display;
        this.inside = requirement.side() == SurfaceSide.INSIDE;
        this.level = level();
        double unitsPerMicrometreOfPart =
                nominal.map(size -> IDEAL / (size.micrometres() / 2)).orElse(1.0);
        double times = RoundSteps.atMost(ROOM / largestDeviation() / unitsPerMicrometreOfPart);
        this.magnification = nominal.map(size -> times);
        this.scale = times * unitsPerMicrometreOfPart;
    }

    /**
     * @param featureName what is swept
     * @param seenFrom the end from which angles run clockwise
     * @param nominal diameter of the ring, which the magnification is measured against; empty where it is not known
     */
    public static RingPicture of(
            Requirement requirement,
            Assessment assessment,
            Display display,
            String featureName,
            String seenFrom,
            Optional<Length> nominal) {
        return new RingDrawing(requirement, assessment, display, nominal)
                .draw(Words.say("picture.seen-from", featureName, seenFrom));
    }

    private RingPicture draw(String title) {
        double halfLimit = requirement.allowedMovement() / 2 * scale;
        double barDeviation = display.micrometres(RoundSteps.atMost(display.of(ROOM / scale)));
        Sweep sweep = assessment.corrected();
        return new RingPicture(
                title,
                inside,
                IDEAL,
                halfLimit > 0 ? List.of(IDEAL - halfLimit, IDEAL + halfLimit) : List.of(),
                marks(),
                ticks(),
                dots(),
                bands(),
                sweep.readings().stream()
                        .sorted(Comparator.comparing(
                                reading -> reading.station().radians()))
                        .map(this::point)
                        .map(Xy::toString)
                        .collect(Collectors.joining(" ")),
                centre().map(this::fitted).orElse(null),
                centre().map(Centre::offset)
                        .filter(Offset::directed)
                        .map(this::arrow)
                        .orElse(null),
                sweep.next().map(this::next).orElse(null),
                Words.say("picture.angles-run-clockwise-deviation", ScaleText.times(magnification), limitLine()),
                barDeviation * scale,
                ScaleText.plain(display.of(barDeviation)) + " " + display.symbol(),
                centre().map(centre -> offsetLine(centre.offset(), display)));
    }

    /** The offset in words: amount, degrees and clock, or that it has no direction. */
    public static String offsetLine(Offset offset, Display display) {
        String amount = Words.say("picture.off", display.amount(offset.amount()), display.symbol());
        return offset.directed()
                ? Words.say("picture.towards-oclock", amount, Math.round(offset.degrees()) % 360, offset.clock())
                : Words.say("picture.no-direction-clear-of-the-scatter", amount);
    }

    private String limitLine() {
        if (requirement.bounds().open()) {
            return "";
        }
        return Words.say(
                "picture.dashed-limit-about-the-fitted-size",
                (Words.of(requirement.limit().words()) + " "
                                + Words.of(requirement.statedAs().word()))
                        .strip());
    }

    private Optional<Centre> centre() {
        return assessment
                .reduction()
                .filter(RingReduction.class::isInstance)
                .flatMap(reduction -> ((RingReduction) reduction).centre());
    }

    private double level() {
        double[] readings = assessment.corrected().micrometres();
        double highest = java.util.Arrays.stream(readings).max().orElse(0);
        double lowest = java.util.Arrays.stream(readings).min().orElse(0);
        return centre().map(centre -> centre.fit().level()).orElse((highest + lowest) / 2);
    }

    private double largestDeviation() {
        double ofLimit = Math.max(requirement.allowedMovement() / 2, SMALLEST);
        return assessment.corrected().readings().stream()
                .mapToDouble(reading -> Math.abs(reading.micrometres() - level) + reading.halfBand())
                .reduce(ofLimit, Math::max);
    }

    /** Plus lies outwards on an outside surface, and towards the axis on an inside one. */
    private double radius(double micrometres) {
        double deviation = (micrometres - level) * scale;
        return inside ? IDEAL - deviation : IDEAL + deviation;
    }

    private Xy at(double radius, double radians) {
        return Xy.polar(RingPicture.CENTRE, radius, radians);
    }

    private Xy point(Reading reading) {
        return at(radius(reading.micrometres()), reading.station().radians());
    }

    private String ticks() {
        return assessment.corrected().layout().stations().stream()
                .map(station -> "M" + at(RingPicture.DISC, station.radians()) + "L"
                        + at(RingPicture.DISC + 8, station.radians()))
                .collect(Collectors.joining());
    }

    /** Each dot is a full circle drawn as two arcs. */
    private String dots() {
        String r = assessment.corrected().layout().size() > MANY_STATIONS ? "2.4" : "4.4";
        String d = assessment.corrected().layout().size() > MANY_STATIONS ? "4.8" : "8.8";
        String circle = "m-%s,0a%s,%s 0 1,0 %s,0a%s,%s 0 1,0 -%s,0".formatted(r, r, r, d, r, r, d);
        return assessment.corrected().readings().stream()
                .map(reading -> "M" + point(reading) + circle)
                .collect(Collectors.joining());
    }

    private String bands() {
        return assessment.corrected().readings().stream()
                .filter(reading -> reading.halfBand() > 0)
                .map(reading -> {
                    double radians = reading.station().radians();
                    return "M" + at(radius(reading.low()), radians) + "L" + at(radius(reading.high()), radians);
                })
                .collect(Collectors.joining());
    }

    private List<StationMark> marks() {
        List<Station> stations = assessment.corrected().layout().stations();
        List<Reading> readings = assessment.corrected().readings();
        Optional<RingReduction> ring =
                assessment.reduction().filter(RingReduction.class::isInstance).map(RingReduction.class::cast);
        int marked = requirement.layout().size();
        int every = (marked + MOST_ANGLES - 1) / MOST_ANGLES;
        List<StationMark> marks = new ArrayList<>();
        for (int i = 0; i < stations.size(); i++) {
            int index = i;
            boolean hunted = i >= marked;
            String extreme = ring.filter(r -> r.movement().amount() > 0)
                    .map(r -> r.movement().highest() == index
                            ? Words.say("picture.high-word")
                            : r.movement().lowest() == index ? Words.say("picture.low-word") : "")
                    .orElse("");
            // A station found while hunting has no room for its angle on the disc; it is said with its reading.
            String word = hunted ? (Words.say("picture.at", extreme, degrees(stations.get(i)))).strip() : extreme;
            boolean room = stations.size() <= MOST_LABELLED || !word.isEmpty() || i == readings.size() - 1;
            // At the return, station 1 carries the pointer's words instead.
            boolean labelled = room && !(i == 0 && atReturn());
            marks.add(mark(
                    stations.get(i),
                    i < readings.size() ? readings.get(i) : null,
                    !hunted && i % every == 0,
                    labelled,
                    word));
        }
        return marks;
    }

    private StationMark mark(
            Station station,
            @org.jspecify.annotations.Nullable Reading reading,
            boolean angleShown,
            boolean labelled,
            String word) {
        double radians = station.radians();
        Xy readingAt = null;
        if (reading != null && labelled) {
            double outermost = inside ? RingPicture.BAND : Math.max(radius(reading.micrometres()), IDEAL);
            readingAt = at(outermost + LABEL_GAP, radians);
        }
        return new StationMark(
                angleShown ? degrees(station) : "",
                at(RingPicture.DISC - 17, radians),
                reading == null ? null : point(reading),
                readingAt == null || reading == null ? "" : display.signed(reading.micrometres()),
                readingAt,
                anchor(radians),
                word);
    }

    private NextMark next(Station station) {
        double radians = station.radians();
        double pointer = inside ? RingPicture.BAND : IDEAL + ROOM - 8;
        return new NextMark(
                at(IDEAL, radians),
                at(pointer, radians),
                at(pointer + 14, radians),
                anchor(radians),
                (atReturn() ? Words.say("picture.return-to-station") : Words.say("picture.station")) + station.number()
                        + " · " + degrees(station));
    }

    private boolean atReturn() {
        return assessment.corrected().stationsToGo() == 0
                && !assessment.corrected().complete();
    }

    private static String degrees(Station station) {
        return station.name();
    }

    /** Labels stand away from the part: to the left of points on the left, to the right of points on the right. */
    private static String anchor(double radians) {
        double side = Math.sin(radians);
        if (Math.abs(side) < 0.3) {
            return "middle";
        }
        return side > 0 ? "start" : "end";
    }

    private String fitted(Centre centre) {
        return IntStream.range(0, FITTED_POINTS)
                .mapToDouble(i -> 2 * Math.PI * i / FITTED_POINTS)
                .mapToObj(radians -> at(radius(centre.fit().at(radians)), radians))
                .map(Xy::toString)
                .collect(Collectors.joining(" "));
    }

    private Arrow arrow(Offset offset) {
        double length = offset.amount() * scale;
        return new Arrow(at(length, offset.direction()), offset.degrees(), Math.min(14, length * 0.6));
    }
}
