package org.eskarn.core.line;

import static org.eskarn.core.requirement.Characteristic.BEND_AND_TWIST;
import static org.eskarn.core.requirement.Characteristic.BORES_IN_LINE;
import static org.eskarn.core.requirement.Characteristic.BORE_SIZE;
import static org.eskarn.core.requirement.Characteristic.CIRCULAR_RUNOUT_AXIAL;
import static org.eskarn.core.requirement.Characteristic.CIRCULAR_RUNOUT_RADIAL;
import static org.eskarn.core.requirement.Characteristic.DEPTH_AND_PITCH;
import static org.eskarn.core.requirement.Characteristic.FIT_OF_PAIR;
import static org.eskarn.core.requirement.Characteristic.FLATNESS;
import static org.eskarn.core.requirement.Characteristic.GAP;
import static org.eskarn.core.requirement.Characteristic.HEIGHT_DIFFERENCE;
import static org.eskarn.core.requirement.Characteristic.OFFSET_OF_OPENING;
import static org.eskarn.core.requirement.Characteristic.OUTSIDE_SIZE;
import static org.eskarn.core.requirement.Characteristic.OUT_OF_ROUND;
import static org.eskarn.core.requirement.Characteristic.PARALLELISM_OF_AXIS;
import static org.eskarn.core.requirement.Characteristic.PARALLELISM_OF_FACES;
import static org.eskarn.core.requirement.Characteristic.PARALLELISM_OF_LINES;
import static org.eskarn.core.requirement.Characteristic.PHASE_ANGLE;
import static org.eskarn.core.requirement.Characteristic.PIN_CHECK;
import static org.eskarn.core.requirement.Characteristic.PITCH;
import static org.eskarn.core.requirement.Characteristic.PLAY;
import static org.eskarn.core.requirement.Characteristic.RECORD;
import static org.eskarn.core.requirement.Characteristic.ROUNDNESS;
import static org.eskarn.core.requirement.Characteristic.SQUARENESS;
import static org.eskarn.core.requirement.Characteristic.STRAIGHTNESS;
import static org.eskarn.core.requirement.Characteristic.TAPER;
import static org.eskarn.core.requirement.Characteristic.TOTAL_RUNOUT;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.eskarn.core.requirement.Characteristic;

/** What workshops call the characteristics. A longer name goes before a shorter one that begins like it. */
enum SpokenNames {
    RADIAL_RUNOUT(CIRCULAR_RUNOUT_RADIAL, "runout", "run out", "run-out", "radial runout", "circular runout"),
    FACE_RUNOUT(CIRCULAR_RUNOUT_AXIAL, "face runout", "axial runout", "end runout"),
    WHOLE_RUNOUT(TOTAL_RUNOUT, "total runout"),
    OPENING(OFFSET_OF_OPENING, "offset of opening", "opening"),
    ROUND(ROUNDNESS, "round", "roundness"),
    SHAFT(OUTSIDE_SIZE, "shaft", "outside", "size", "diameter", "od"),
    BORE(BORE_SIZE, "bore", "hole", "inside", "id"),
    OVAL(OUT_OF_ROUND, "oval", "ovality", "out of round", "out-of-round"),
    PIN(PIN_CHECK, "pin", "pins"),
    CONE(TAPER, "taper"),
    FLAT(FLATNESS, "flat", "flatness"),
    STRAIGHT(STRAIGHTNESS, "straight", "straightness"),
    PARALLEL(PARALLELISM_OF_FACES, "parallel", "parallelism", "parallel faces"),
    PARALLEL_AXIS(PARALLELISM_OF_AXIS, "parallel axis", "axis parallel"),
    PARALLEL_LINES(PARALLELISM_OF_LINES, "parallel lines", "parallel guides", "parallel rails"),
    SQUARE(SQUARENESS, "square", "squareness"),
    IN_LINE(BORES_IN_LINE, "in line", "bores in line"),
    DEPTH(DEPTH_AND_PITCH, "depth", "height", "distance"),
    AGAINST_THE_FIRST(HEIGHT_DIFFERENCE, "level", "against first", "against the first"),
    LEAVES(GAP, "gap", "feeler", "feelers"),
    STEPS(PITCH, "pitch"),
    LOOSE(PLAY, "play", "end play", "backlash"),
    ANGLE(PHASE_ANGLE, "angle", "phase"),
    BEND(BEND_AND_TWIST, "bend", "twist"),
    FIT(FIT_OF_PAIR, "fit"),
    NO_LIMIT(RECORD, "record", "measure");

    private final Characteristic characteristic;
    private final List<String> names;

    SpokenNames(Characteristic characteristic, String... names) {
        this.characteristic = characteristic;
        this.names = List.of(names);
    }

    Characteristic characteristic() {
        return characteristic;
    }

    /** One of its names. */
    String name(int which) {
        return names.get(which % names.size());
    }

    /**
     * The name that a line begins with.
     *
     * @param words how many words of the line it takes
     */
    record Named(Characteristic characteristic, int words) {}

    /** The longest name that the words begin with. */
    static Optional<Named> first(List<String> words) {
        String line = String.join(" ", words).toLowerCase(Locale.ROOT) + " ";
        return Arrays.stream(values())
                .flatMap(each -> each.names.stream()
                        .filter(name -> line.startsWith(name + " "))
                        .map(name -> new Named(each.characteristic, name.split(" ").length)))
                .max(Comparator.comparingInt(Named::words));
    }
}
