package org.eskarn.core.requirement;

import static org.eskarn.core.reading.LayoutKind.CYCLES;
import static org.eskarn.core.reading.LayoutKind.GRID;
import static org.eskarn.core.reading.LayoutKind.LINE;
import static org.eskarn.core.reading.LayoutKind.LINES;
import static org.eskarn.core.reading.LayoutKind.PAIRS;
import static org.eskarn.core.reading.LayoutKind.PINS;
import static org.eskarn.core.reading.LayoutKind.POINTS;
import static org.eskarn.core.reading.LayoutKind.RING;
import static org.eskarn.core.reading.LayoutKind.RINGS;
import static org.eskarn.core.reading.LayoutKind.STEPS;
import static org.eskarn.core.reading.LayoutKind.YES_NO;
import static org.eskarn.core.requirement.LimitKind.ANSWER;
import static org.eskarn.core.requirement.LimitKind.BETWEEN;
import static org.eskarn.core.requirement.LimitKind.FIT_CODE;
import static org.eskarn.core.requirement.LimitKind.MAXIMUM;
import static org.eskarn.core.requirement.LimitKind.NONE;
import static org.eskarn.core.requirement.LimitKind.PLUS_MINUS;

import java.util.List;
import org.eskarn.core.flat.Reversal;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.LayoutRejected;
import org.eskarn.core.reading.WrittenLayout;

/**
 * The registry of what can be asked of a feature. A row names the characteristic, the layouts it is read over, the kinds
 * of limit that say something about it, which figure a limit applies to and what its readings are. How it is computed is
 * said by {@code evaluation.Evaluation}.
 */
public enum Characteristic {
    CIRCULAR_RUNOUT_RADIAL(
            "circular runout (radial)",
            of(RING, RINGS),
            of(MAXIMUM, NONE),
            movement(),
            Trait.REZEROED,
            Trait.SEES_ENDS),
    CIRCULAR_RUNOUT_AXIAL(
            "circular runout (axial)",
            of(RING, RINGS),
            of(MAXIMUM, NONE),
            of(StatedAs.MOVEMENT),
            Trait.ON_RADIUS,
            Trait.REZEROED,
            Trait.SEES_ENDS),
    TOTAL_RUNOUT("total runout", of(RINGS, RING), of(MAXIMUM, NONE), of(StatedAs.MOVEMENT), Trait.SEES_ENDS),
    OFFSET_OF_OPENING("offset of an opening", of(RING), of(MAXIMUM, NONE), movement(), Trait.SEES_ENDS),
    ROUNDNESS(
            "roundness",
            of(RING, RINGS),
            of(MAXIMUM, NONE),
            of(StatedAs.MINIMUM_ZONE, StatedAs.LEAST_SQUARES, StatedAs.INSCRIBED, StatedAs.CIRCUMSCRIBED),
            Trait.REZEROED,
            Trait.SEES_ENDS),
    OUTSIDE_SIZE("outside size map", of(RINGS, RING, LINE, POINTS), sizeLimits(), itself(), Trait.SIZED, Trait.WHOLE),
    BORE_SIZE("bore size map", of(RINGS, RING, LINE, POINTS), sizeLimits(), itself(), Trait.SIZED, Trait.WHOLE),
    OUT_OF_ROUND(
            "out-of-round", of(RINGS, RING), of(MAXIMUM, NONE), of(StatedAs.DIAMETERS, StatedAs.RADIAL), Trait.WHOLE),
    PIN_CHECK("pin check", of(PAIRS, PINS), sizeLimits(), itself(), Trait.SIZED, Trait.WHOLE, Trait.BRACKETED),
    TAPER("taper", of(RINGS, LINE), of(MAXIMUM, BETWEEN, NONE), itself(), Trait.SIGNED, Trait.SLOPING, Trait.WHOLE),
    FLATNESS("flatness", of(GRID, POINTS), of(MAXIMUM, NONE), form(), Trait.SEES_ENDS),
    STRAIGHTNESS(
            "straightness",
            of(LINE, LINES, STEPS),
            of(MAXIMUM, NONE),
            form(),
            Trait.REZEROED,
            Trait.REVERSIBLE,
            Trait.SPANNING,
            Trait.SEES_ENDS),
    PARALLELISM_OF_FACES("parallelism of faces", of(GRID, POINTS), of(MAXIMUM, NONE), itself(), Trait.SEES_ENDS),
    PARALLELISM_OF_AXIS(
            "parallelism of an axis to a face",
            of(PAIRS),
            of(MAXIMUM, BETWEEN, NONE),
            of(StatedAs.EACH_PLANE, StatedAs.RESULTANT),
            Trait.SIGNED,
            Trait.SLOPING,
            Trait.SPANNING,
            Trait.REVERSIBLE),
    PARALLELISM_OF_LINES(
            "parallelism of two lines",
            of(PAIRS),
            of(MAXIMUM, BETWEEN, NONE),
            itself(),
            Trait.SIGNED,
            Trait.SLOPING,
            Trait.SPANNING,
            Trait.REVERSIBLE),
    SQUARENESS(
            "squareness",
            of(LINE, LINES),
            of(MAXIMUM, NONE),
            itself(),
            Trait.SLOPING,
            Trait.REZEROED,
            Trait.REVERSIBLE,
            Trait.SEES_ENDS),
    BORES_IN_LINE(
            "bores in line",
            of(LINES, LINE),
            of(MAXIMUM, NONE),
            of(StatedAs.OFF_AXIS, StatedAs.ZONE_DIAMETER),
            Trait.REVERSIBLE),
    DEPTH_AND_PITCH(
            "depth, height or pitch",
            of(POINTS, LINE),
            of(PLUS_MINUS, BETWEEN, NONE),
            itself(),
            Trait.SIZED,
            Trait.WHOLE,
            Trait.REZEROED),
    PITCH(
            "pitch errors",
            of(LINE, POINTS, RING),
            of(MAXIMUM, BETWEEN, NONE),
            of(StatedAs.SINGLE_STEP, StatedAs.ACCUMULATED),
            Trait.SIGNED,
            Trait.REZEROED),
    PLAY("play", of(CYCLES), of(MAXIMUM, BETWEEN, NONE), itself()),
    PHASE_ANGLE("phase angle", of(POINTS), of(MAXIMUM, NONE), itself(), Trait.SIGNED, Trait.ANGULAR, Trait.ON_RADIUS),
    BEND_AND_TWIST(
            "bend and twist",
            of(PAIRS),
            of(MAXIMUM, NONE),
            itself(),
            Trait.SIGNED,
            Trait.SLOPING,
            Trait.SPANNING,
            Trait.REVERSIBLE),
    FIT_OF_PAIR("fit of a pair", of(PAIRS), of(BETWEEN, FIT_CODE, NONE), itself(), Trait.SIGNED, Trait.WHOLE),
    FUNCTIONAL_FIT("functional fit", of(YES_NO), of(ANSWER), itself()),
    RECORD(
            "measure and record",
            of(POINTS, LINE, RING, RINGS, GRID),
            of(NONE),
            itself(),
            Trait.SIGNED,
            Trait.SEES_ENDS);

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

    private final String title;
    private final List<LayoutKind> layouts;
    private final List<LimitKind> limits;
    private final List<StatedAs> statements;
    private final List<Trait> traits;

    Characteristic(
            String title,
            List<LayoutKind> layouts,
            List<LimitKind> limits,
            List<StatedAs> statements,
            Trait... traits) {
        this.title = title;
        this.layouts = layouts;
        this.limits = limits;
        this.statements = statements;
        this.traits = List.of(traits);
    }

    @SafeVarargs
    private static <T> List<T> of(T... choices) {
        return List.of(choices);
    }

    private static List<StatedAs> movement() {
        return of(StatedAs.MOVEMENT, StatedAs.OFFSET);
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

    public String title() {
        return title;
    }

    /** The layouts it can be read over, the usual one first. */
    public List<LayoutKind> layouts() {
        return layouts;
    }

    /** The kinds of limit that say something about it, the usual one first. */
    public List<LimitKind> limits() {
        return limits;
    }

    /** The figures a limit may speak of, the usual one first. */
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

    /** Whether it is the size of a shaft or bore, which an indicator only tells against a master. */
    public boolean comparedWithMaster() {
        return this == OUTSIDE_SIZE || this == BORE_SIZE || this == FIT_OF_PAIR;
    }

    /**
     * The stations that are meant by a layout as it is written, with its zeros and set-ups: the one place where they are put
     * together.
     *
     * @throws LayoutRejected if it cannot be read
     */
    public Layout layout(WrittenLayout written, Zeroing zeroing, Reversal reversal) throws LayoutRejected {
        boolean returns = written.kind().returns() && !readsSizes();
        Layout plain = written.read(ends()).returning(returns);
        Layout once = zeroing == Zeroing.EACH_STEP ? plain.rezeroed() : plain;
        return once.inSetUps(reversal.setUps());
    }

    /** Whether its limit is in degrees. */
    public boolean angular() {
        return traits.contains(Trait.ANGULAR);
    }

    /** Whether the radius it is read at has to be known. */
    public boolean onRadius() {
        return traits.contains(Trait.ON_RADIUS);
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

    /** What its span is: the distance of a pair, or the length a level is divided for. */
    public String spanTitle() {
        return this == STRAIGHTNESS ? "Level: its reading is per length of" : "The two places are apart";
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
    boolean bracketed() {
        return traits.contains(Trait.BRACKETED);
    }

    /** What the two readings of a pair or cycle are called. */
    public List<String> ends() {
        return switch (this) {
            case PIN_CHECK -> List.of("enters", "does not enter");
            case FIT_OF_PAIR -> List.of("hole", "shaft");
            case PLAY -> List.of("pulled", "pushed");
            case PARALLELISM_OF_LINES -> List.of("front", "back");
            case PARALLELISM_OF_AXIS -> List.of("near end", "far end");
            default -> List.of("one side", "other side");
        };
    }

    /** What is usually written for a layout: of a bore six places, three depths in two directions at right angles. */
    public String usualFirst(LayoutKind kind) {
        if (this == BORES_IN_LINE) {
            return kind == LINES ? "upright; level" : "10 60 210 260";
        }
        return this == BORE_SIZE && kind == RINGS ? "5 15 25" : kind.example();
    }

    /** The second field of the same; empty where the layout has none. */
    public String usualSecond(LayoutKind kind) {
        if (this == BORES_IN_LINE && kind == LINES) {
            return "10 60 210 260";
        }
        return traits.contains(Trait.WHOLE) && kind == RINGS ? "0 90" : kind.secondExample();
    }
}
