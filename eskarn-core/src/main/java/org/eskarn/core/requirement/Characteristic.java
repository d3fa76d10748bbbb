package org.eskarn.core.requirement;

import static org.eskarn.core.reading.LayoutKind.CYCLES;
import static org.eskarn.core.reading.LayoutKind.GRID;
import static org.eskarn.core.reading.LayoutKind.LINE;
import static org.eskarn.core.reading.LayoutKind.LINES;
import static org.eskarn.core.reading.LayoutKind.PAIRS;
import static org.eskarn.core.reading.LayoutKind.PINS;
import static org.eskarn.core.reading.LayoutKind.POINTS;
import static org.eskarn.core.reading.LayoutKind.PUSHES;
import static org.eskarn.core.reading.LayoutKind.RING;
import static org.eskarn.core.reading.LayoutKind.RINGS;
import static org.eskarn.core.reading.LayoutKind.STEPS;
import static org.eskarn.core.reading.LayoutKind.WATCHED;
import static org.eskarn.core.reading.LayoutKind.YES_NO;
import static org.eskarn.core.requirement.LimitKind.ANSWER;
import static org.eskarn.core.requirement.LimitKind.BETWEEN;
import static org.eskarn.core.requirement.LimitKind.FIT_CODE;
import static org.eskarn.core.requirement.LimitKind.MAXIMUM;
import static org.eskarn.core.requirement.LimitKind.NONE;
import static org.eskarn.core.requirement.LimitKind.PLUS_MINUS;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.result.Note;

/**
 * The registry of what can be asked of a feature. A row does not compile until it names the characteristic, its sign, how it is
 * drawn, the corrections that can help besides accepting it, the layouts it is read over, the kinds of limit, which figure a limit applies to, and what its
 * readings are. How it is computed is said by {@code evaluation.Evaluation}, a switch that does not compile without it.
 */
public enum Characteristic {
    CIRCULAR_RUNOUT_RADIAL(
            Note.of("core.circular-runout-radial"),
            Sign.RUNOUT,
            DrawingKind.JOURNALS,
            of(RemedyKind.TRUING, RemedyKind.OFFSET),
            of(RING, RINGS, WATCHED),
            of(MAXIMUM, NONE),
            movement(),
            of(Trait.REZEROED, Trait.SEES_ENDS)),
    CIRCULAR_RUNOUT_AXIAL(
            Note.of("core.circular-runout-axial"),
            Sign.RUNOUT,
            DrawingKind.JOURNALS,
            of(),
            of(RING, RINGS, WATCHED),
            of(MAXIMUM, NONE),
            of(StatedAs.MOVEMENT),
            of(Trait.ON_RADIUS, Trait.REZEROED, Trait.SEES_ENDS)),
    TOTAL_RUNOUT(
            Note.of("core.total-runout"),
            Sign.TOTAL_RUNOUT,
            DrawingKind.JOURNALS,
            of(RemedyKind.TRUING, RemedyKind.OFFSET),
            of(RINGS, RING, WATCHED),
            of(MAXIMUM, NONE),
            of(StatedAs.MOVEMENT),
            of(Trait.SEES_ENDS)),
    OFFSET_OF_OPENING(
            Note.of("core.offset-of-an-opening"),
            Sign.CONCENTRICITY,
            DrawingKind.READINGS,
            of(RemedyKind.TRUING, RemedyKind.OFFSET),
            of(RING),
            of(MAXIMUM, NONE),
            movement(),
            of(Trait.SEES_ENDS)),
    ROUNDNESS(
            Note.of("core.roundness"),
            Sign.ROUNDNESS,
            DrawingKind.ROUNDNESS,
            of(),
            of(RING, RINGS),
            of(MAXIMUM, NONE),
            of(StatedAs.MINIMUM_ZONE, StatedAs.LEAST_SQUARES, StatedAs.INSCRIBED, StatedAs.CIRCUMSCRIBED),
            of(Trait.REZEROED, Trait.SEES_ENDS)),
    OUTSIDE_SIZE(
            Note.of("core.outside-size-map"),
            Sign.DIAMETER,
            DrawingKind.SECTIONS,
            of(RemedyKind.CUT, RemedyKind.SEAT, RemedyKind.TAPER),
            of(RINGS, RING, LINE, POINTS),
            sizeLimits(),
            of(StatedAs.WORST_PLACE, StatedAs.MEAN_SIZE),
            of(Trait.SIZED, Trait.WHOLE)),
    BORE_SIZE(
            Note.of("core.bore-size-map"),
            Sign.DIAMETER,
            DrawingKind.SECTIONS,
            of(RemedyKind.CUT, RemedyKind.SEAT, RemedyKind.TAPER),
            of(RINGS, RING, LINE, POINTS),
            sizeLimits(),
            of(StatedAs.WORST_PLACE, StatedAs.MEAN_SIZE),
            of(Trait.SIZED, Trait.WHOLE)),
    OUT_OF_ROUND(
            Note.of("core.out-of-round"),
            Sign.OVAL,
            DrawingKind.SECTIONS,
            of(RemedyKind.TAPER),
            of(RINGS, RING),
            of(MAXIMUM, NONE),
            of(StatedAs.DIAMETERS, StatedAs.RADIAL),
            of(Trait.WHOLE)),
    PIN_CHECK(
            Note.of("core.pin-check"),
            Sign.PIN,
            DrawingKind.READINGS,
            of(),
            of(PAIRS, PINS),
            sizeLimits(),
            itself(),
            of(Trait.SIZED, Trait.WHOLE, Trait.BRACKETED)),
    GAP(
            Note.of("core.gap-by-feelers"),
            Sign.GAP,
            DrawingKind.READINGS,
            of(),
            of(PAIRS),
            of(MAXIMUM, BETWEEN, NONE),
            itself(),
            of(Trait.WHOLE, Trait.BRACKETED)),
    TAPER(
            Note.of("core.taper"),
            Sign.TAPER,
            DrawingKind.SECTIONS,
            of(RemedyKind.TAPER),
            of(RINGS, LINE),
            of(MAXIMUM, BETWEEN, NONE),
            of(StatedAs.BY_ENDS, StatedAs.BY_LINE),
            of(Trait.SIGNED, Trait.SLOPING, Trait.WHOLE)),
    FLATNESS(
            Note.of("core.flatness"),
            Sign.FLATNESS,
            DrawingKind.FACE,
            of(RemedyKind.REGRIND),
            of(GRID, POINTS),
            of(MAXIMUM, NONE),
            form(),
            of(Trait.SEES_ENDS)),
    STRAIGHTNESS(
            Note.of("core.straightness"),
            Sign.STRAIGHTNESS,
            DrawingKind.LINES,
            of(),
            of(LINE, LINES, STEPS),
            of(MAXIMUM, NONE),
            form(),
            of(Trait.REZEROED, Trait.REVERSIBLE, Trait.SPANNING, Trait.SEES_ENDS)),
    PARALLELISM_OF_FACES(
            Note.of("core.parallelism-of-faces"),
            Sign.PARALLELISM,
            DrawingKind.FACE,
            of(RemedyKind.PACKING, RemedyKind.REGRIND),
            of(GRID, POINTS),
            of(MAXIMUM, NONE),
            itself(),
            of(Trait.SEES_ENDS)),
    PARALLELISM_OF_AXIS(
            Note.of("core.parallelism-of-an-axis-to-a-face"),
            Sign.PARALLELISM,
            DrawingKind.SLOPES,
            of(),
            of(PAIRS),
            of(MAXIMUM, BETWEEN, NONE),
            of(StatedAs.EACH_PLANE, StatedAs.RESULTANT),
            of(Trait.SIGNED, Trait.SLOPING, Trait.SPANNING, Trait.REVERSIBLE)),
    PARALLELISM_OF_LINES(
            Note.of("core.parallelism-of-two-lines"),
            Sign.PARALLELISM,
            DrawingKind.SLOPES,
            of(RemedyKind.GUIDE),
            of(PAIRS),
            of(MAXIMUM, BETWEEN, NONE),
            itself(),
            of(Trait.SIGNED, Trait.SLOPING, Trait.SPANNING, Trait.REVERSIBLE)),
    SQUARENESS(
            Note.of("core.squareness"),
            Sign.SQUARENESS,
            DrawingKind.LINES,
            of(),
            of(LINE, LINES, RINGS),
            of(MAXIMUM, NONE),
            itself(),
            of(Trait.SLOPING, Trait.REZEROED, Trait.REVERSIBLE, Trait.SEES_ENDS)),
    BORES_IN_LINE(
            Note.of("core.bores-in-line"),
            Sign.IN_LINE,
            DrawingKind.LINES,
            of(),
            of(LINES, LINE),
            of(MAXIMUM, NONE),
            of(StatedAs.OFF_AXIS, StatedAs.ZONE_DIAMETER),
            of(Trait.REVERSIBLE)),
    DEPTH_AND_PITCH(
            Note.of("core.depth-height-or-pitch"),
            Sign.DISTANCE,
            DrawingKind.READINGS,
            of(),
            of(POINTS, LINE),
            of(PLUS_MINUS, BETWEEN, NONE),
            itself(),
            of(Trait.SIZED, Trait.WHOLE, Trait.REZEROED)),
    HEIGHT_DIFFERENCE(
            Note.of("core.depth-or-height-against-the-first"),
            Sign.DISTANCE,
            DrawingKind.READINGS,
            of(),
            of(POINTS, LINE),
            of(MAXIMUM, BETWEEN, NONE),
            itself(),
            of(Trait.SIGNED)),
    PITCH(
            Note.of("core.pitch-errors"),
            Sign.PITCH,
            DrawingKind.PITCH,
            of(),
            of(LINE, POINTS, RING),
            of(MAXIMUM, BETWEEN, NONE),
            of(StatedAs.SINGLE_STEP, StatedAs.ACCUMULATED),
            of(Trait.SIGNED, Trait.REZEROED)),
    PLAY(
            Note.of("core.play-2"),
            Sign.PLAY,
            DrawingKind.READINGS,
            of(),
            of(CYCLES, PUSHES),
            of(MAXIMUM, BETWEEN, NONE),
            itself(),
            of()),
    PHASE_ANGLE(
            Note.of("core.phase-angle"),
            Sign.ANGLE,
            DrawingKind.READINGS,
            of(),
            of(POINTS),
            of(MAXIMUM, NONE),
            itself(),
            of(Trait.SIGNED, Trait.ANGULAR, Trait.ON_RADIUS)),
    BEND_AND_TWIST(
            Note.of("core.bend-and-twist"),
            Sign.BEND,
            DrawingKind.SLOPES,
            of(RemedyKind.SPRING),
            of(PAIRS),
            of(MAXIMUM, NONE),
            itself(),
            of(Trait.SIGNED, Trait.SLOPING, Trait.SPANNING, Trait.REVERSIBLE)),
    FIT_OF_PAIR(
            Note.of("core.fit-of-a-pair"),
            Sign.FIT,
            DrawingKind.FIT,
            of(),
            of(PAIRS),
            of(BETWEEN, FIT_CODE, NONE),
            itself(),
            of(Trait.SIGNED, Trait.WHOLE)),
    FUNCTIONAL_FIT(
            Note.of("core.functional-fit"),
            Sign.ANSWER,
            DrawingKind.READINGS,
            of(),
            of(YES_NO),
            of(ANSWER),
            itself(),
            of()),
    RECORD(
            Note.of("core.measure-and-record"),
            Sign.RECORD,
            DrawingKind.READINGS,
            of(),
            of(POINTS, LINE, RING, RINGS, GRID),
            of(NONE),
            itself(),
            of(Trait.SIGNED, Trait.SEES_ENDS));

    private static final List<Set<Characteristic>> READ_ALIKE = List.of(
            Set.of(CIRCULAR_RUNOUT_RADIAL, TOTAL_RUNOUT, OFFSET_OF_OPENING, ROUNDNESS),
            Set.of(FLATNESS, PARALLELISM_OF_FACES),
            Set.of(OUTSIDE_SIZE, BORE_SIZE, OUT_OF_ROUND, TAPER));

    private enum Trait {
        SIGNED,
        SLOPING,
        SIZED,
        WHOLE,
        ANGULAR,
        ON_RADIUS,
        SPANNING,
        BRACKETED,
        REZEROED,
        REVERSIBLE,
        /** Its evaluation looks at both ends of a band where they count, or has the band in the uncertainty of a fit. */
        SEES_ENDS
    }

    private final Note title;
    private final Sign sign;
    private final DrawingKind drawing;
    private final List<RemedyKind> remedies;
    private final List<LayoutKind> layouts;
    private final List<LimitKind> limits;
    private final List<StatedAs> statements;
    private final List<Trait> traits;

    Characteristic(
            Note title,
            Sign sign,
            DrawingKind drawing,
            List<RemedyKind> remedies,
            List<LayoutKind> layouts,
            List<LimitKind> limits,
            List<StatedAs> statements,
            List<Trait> traits) {
        this.title = title;
        this.sign = sign;
        this.drawing = drawing;
        this.remedies =
                Stream.concat(remedies.stream(), Stream.of(RemedyKind.LEAVE)).toList();
        this.layouts = layouts;
        this.limits = limits;
        this.statements = statements;
        this.traits = traits;
    }

    @SafeVarargs
    private static <T> List<T> of(T... choices) {
        return List.of(choices);
    }

    private static List<StatedAs> movement() {
        return of(StatedAs.MOVEMENT, StatedAs.OFFSET, StatedAs.WORST_DIAMETER, StatedAs.HALF_MOVEMENT);
    }

    private static List<StatedAs> form() {
        return of(StatedAs.MINIMUM_ZONE, StatedAs.LEAST_SQUARES);
    }

    private static List<StatedAs> itself() {
        return of(StatedAs.ITSELF);
    }

    private static List<LimitKind> sizeLimits() {
        return of(BETWEEN, PLUS_MINUS, FIT_CODE, NONE);
    }

    public Note title() {
        return title;
    }

    /** What stands before its limit on a drawing. */
    public Sign sign() {
        return sign;
    }

    /** How what was found is drawn. */
    public DrawingKind drawing() {
        return drawing;
    }

    /** The corrections that can come into question, the usual one first, to accept it as it is last. */
    public List<RemedyKind> remedies() {
        return remedies;
    }

    /** The one of its corrections whose steps are logged; empty where none is. */
    public Optional<RemedyKind> logged() {
        return remedies.stream().filter(RemedyKind::logged).findFirst();
    }

    /** The layouts it can be read over, the usual one first. */
    public List<LayoutKind> layouts() {
        return layouts;
    }

    /** Whether its datum can be read in the same set-up as the face. */
    public boolean mayReadDatum(LayoutKind layout) {
        return (this == PARALLELISM_OF_FACES && layout == POINTS) || (this == SQUARENESS && layout != LINE);
    }

    /** Whether its datum is the axis of the first two sections it is read over. */
    public boolean heldToAnAxis(LayoutKind layout) {
        return this == SQUARENESS && layout == RINGS;
    }

    /** Whether it can be read under several conditions that are compared. */
    public boolean mayHaveConditions(LayoutKind layout) {
        return !layout.answered() && this != RECORD;
    }

    /** The kinds of limit that say something about it, the usual one first. */
    public List<LimitKind> limits() {
        return limits;
    }

    /** The figures a limit may speak of, the usual one first. */
    public List<StatedAs> statements(LayoutKind layout) {
        // A watched turn shows neither a fitted centre nor a diameter.
        return layout.watched()
                ? statements.stream()
                        .filter(each -> each == StatedAs.MOVEMENT || each == StatedAs.HALF_MOVEMENT)
                        .toList()
                : statements;
    }

    /** All of them, over whatever layout. */
    public List<StatedAs> statements() {
        return statements;
    }

    /** Whether its figure can be negative, and so its direction be asked for. */
    public boolean signed() {
        return traits.contains(Trait.SIGNED);
    }

    /** Whether its limit may be stated over a length. */
    public boolean sloping() {
        return traits.contains(Trait.SLOPING);
    }

    /** Whether its limit is about a whole size, near the nominal. */
    public boolean sized() {
        return traits.contains(Trait.SIZED);
    }

    /** Whether its readings are whole sizes, or deviations from a master, and have no return. */
    public boolean readsSizes() {
        return traits.contains(Trait.WHOLE);
    }

    /** Whether whole sizes and deviations from a zero do alike, because only what is between two places counts. */
    public boolean readEitherWay() {
        return this == HEIGHT_DIFFERENCE;
    }

    /**
     * Whether the readings of another characteristic mean the same as its own, over one layout and from one zero: heights round an
     * axis, heights of a face, or sizes. What is read in steps, in pairs, in its own order or answered means something to its
     * characteristic alone.
     */
    public boolean readAs(Characteristic other) {
        return this == other || READ_ALIKE.stream().anyMatch(alike -> alike.contains(this) && alike.contains(other));
    }

    /** Whether it is the size of a shaft or bore, which an indicator only tells against a master. */
    public boolean comparedWithMaster() {
        return this == OUTSIDE_SIZE || this == BORE_SIZE || this == FIT_OF_PAIR;
    }

    /** Whether its limit is in degrees. */
    public boolean angular() {
        return traits.contains(Trait.ANGULAR);
    }

    /** Whether the radius it is read at has to be known. */
    public boolean onRadius() {
        return traits.contains(Trait.ON_RADIUS);
    }

    /** Whether a radius is asked for where it is read over a layout of this kind; of a face held to an axis too. */
    public boolean asksRadius(LayoutKind layout) {
        return onRadius() || heldToAnAxis(layout);
    }

    /** Whether the distance between the places of a pair scales it. */
    public boolean spanning() {
        return traits.contains(Trait.SPANNING);
    }

    /** Whether its gauge may be set to zero again at each section or step. */
    public boolean rezeroed() {
        return traits.contains(Trait.REZEROED);
    }

    /** Whether it may be read in two set-ups, to tell the part's error from that of what it is measured with. */
    public boolean reversible() {
        return traits.contains(Trait.REVERSIBLE);
    }

    /** Whether a span is asked for where it is read over a layout of this kind: of straightness only for a level on a line. */
    public boolean asksSpan(LayoutKind layout) {
        return spanning() && (this != STRAIGHTNESS || layout == LayoutKind.LINE);
    }

    /** Whether its gauge may be set to zero again between the stations of a layout of this kind. */
    public boolean mayRezero(LayoutKind layout) {
        return rezeroed() && layout != LayoutKind.STEPS && (layout != LayoutKind.RING || this == PITCH);
    }

    /** Whether it may be read in two set-ups over a layout of this kind. */
    public boolean mayReverse(LayoutKind layout) {
        return reversible() && layout != LayoutKind.STEPS && layout != LayoutKind.RINGS;
    }

    /** Whether it is a hole tried with pins. */
    public boolean triedWithPins() {
        return this == PIN_CHECK;
    }

    /** Whether it is a gap tried with leaves. */
    public boolean triedWithLeaves() {
        return this == GAP;
    }

    /** Whether a hole and a shaft are measured together. */
    public boolean ofPair() {
        return this == FIT_OF_PAIR;
    }

    /** Whether a band of a flicker can be counted otherwise than by its middle. */
    public boolean weighsFlicker() {
        return this == FLATNESS || this == PARALLELISM_OF_FACES || this == STRAIGHTNESS || this == SQUARENESS;
    }

    /** Whether it makes a difference from which side its surface is touched. */
    public boolean sided(LayoutKind layout) {
        return !flat() && !angular() && !layout.answered() && !standsForItself();
    }

    /** Whether it is a distance, a gap or a play, which have no side and no diameter. */
    private boolean standsForItself() {
        return switch (this) {
            case PITCH, PLAY, GAP, DEPTH_AND_PITCH, HEIGHT_DIFFERENCE -> true;
            default -> false;
        };
    }

    /** Whether a diameter helps to say what it comes to. */
    public boolean ofDiameter() {
        return !flat() && !sized() && !angular() && !standsForItself();
    }

    /** Whether a V-block can stand under it. */
    public boolean inVeeBlock() {
        return this == ROUNDNESS;
    }

    /** Whether it can be centred by offsets that are in the drawer. */
    public boolean centredByOffsets(LayoutKind layout) {
        return this == OFFSET_OF_OPENING || (this == CIRCULAR_RUNOUT_RADIAL && layout == LayoutKind.RING);
    }

    /** What its span is: the distance of a pair, or the length a level is divided for. */
    public Note spanTitle() {
        return this == STRAIGHTNESS
                ? Note.of("core.level-its-reading-is-per-length-of")
                : Note.of("core.the-two-places-are-apart");
    }

    /** Whether it is about a face, a line or an axis, and not about something round or a size. */
    public boolean flat() {
        return switch (this) {
            case FLATNESS,
                    STRAIGHTNESS,
                    PARALLELISM_OF_FACES,
                    PARALLELISM_OF_AXIS,
                    PARALLELISM_OF_LINES,
                    SQUARENESS,
                    BORES_IN_LINE,
                    BEND_AND_TWIST -> true;
            default -> false;
        };
    }

    /** Whether its evaluation looks at both ends of a band where they count, or has the band in the uncertainty of a fit. */
    public boolean seesEnds() {
        return traits.contains(Trait.SEES_ENDS);
    }

    /** Which part of a fit its limit can be, where it can be one. */
    FitPart fitPart() {
        return switch (this) {
            case FIT_OF_PAIR -> FitPart.BOTH;
            case OUTSIDE_SIZE -> FitPart.SHAFT;
            default -> FitPart.HOLE;
        };
    }

    /** Whether it is known only between two bounds, so that a pass needs both within the limits. */
    public boolean bracketed() {
        return traits.contains(Trait.BRACKETED);
    }
}
