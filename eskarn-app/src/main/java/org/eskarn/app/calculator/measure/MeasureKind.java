package org.eskarn.app.calculator.measure;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import org.eskarn.app.calculator.Calculator;
import org.eskarn.app.calculator.Group;
import org.eskarn.app.field.Field;
import org.eskarn.app.page.Words;
import org.eskarn.core.requirement.Characteristic;

/**
 * The calculators that take readings, each a way into the one that works a characteristic out.
 *
 * @param begun how it is laid out where nothing is typed
 * @param worked readings and limits of a piece of work
 */
enum MeasureKind {
    RUNOUT(
            "runout",
            Group.ROUND,
            Words.say("calculators.runout-of-a-section"),
            Words.say("calculators.movement-off-centre-and-its-direction-form"),
            Characteristic.CIRCULAR_RUNOUT_RADIAL,
            "layout=RING&first=8",
            "readings=0 3 6 8 7 4 1 -1 0&upper=0.02"),
    FACE(
            "face",
            Group.ROUND,
            Words.say("calculators.runout-of-a-face"),
            Words.say("calculators.movement-at-a-radius-and-the-wobble"),
            Characteristic.CIRCULAR_RUNOUT_AXIAL,
            "layout=RING&first=8&radius=100",
            "readings=0 4 9 12 10 5 -1 -3 0&upper=0.02"),
    ROTOR(
            "rotor",
            Group.ROUND,
            Words.say("calculators.journals-of-a-built-up-rotor"),
            Words.say("calculators.several-sections-movement-high-spots-and-directions"),
            Characteristic.CIRCULAR_RUNOUT_RADIAL,
            "layout=RINGS&first=40 180&second=8",
            "readings=0 5 9 12 10 6 1 -2 0 -4 -8 -10 -9 -5 0 3 0&upper=0.03"),
    TOTAL(
            "total-runout",
            Group.ROUND,
            Words.say("calculators.total-runout"),
            Words.say("calculators.several-sections-on-one-zero"),
            Characteristic.TOTAL_RUNOUT,
            "layout=RINGS&first=10 60 110&second=4",
            "readings=0 3 5 2 1 4 7 3 2 6 8 4 0&upper=0.02"),
    OPENING(
            "opening",
            Group.ROUND,
            Words.say("calculators.offset-of-an-opening"),
            Words.say("calculators.swept-from-an-axis-which-way-it"),
            Characteristic.OFFSET_OF_OPENING,
            "layout=RING&first=0 30 80 135 180 225 270 310&statedAs=OFFSET",
            "readings=0 14 40 52 44 22 -6 -12 0&upper=0.05&drawer=D25 0.025; D50 0.050; D75 0.075"),
    ROUNDNESS(
            "roundness",
            Group.ROUND,
            Words.say("calculators.roundness-and-lobes"),
            Words.say("calculators.all-four-reference-circles-waves-round-the"),
            Characteristic.ROUNDNESS,
            "layout=RING&first=24&graduation=0.2",
            "readings=0.4 1.2 1.6 1.2 0.2 -0.8 -1.2 -1.0 -0.2 0.6 0.8 0.4 -0.4 -1.2 -1.6 -1.2 -0.2 0.8 1.2 1.0 0.2 -0.6 -0.8 -0.4 0.4&upper=0.004&vee=90"),
    SHAFT(
            "shaft",
            Group.ROUND,
            Words.say("calculators.shaft-map"),
            Words.say("calculators.sizes-over-sections-taper-barrel-out-of"),
            Characteristic.OUTSIDE_SIZE,
            "layout=RINGS&first=10 60 110&second=0 90&graduation=0.001",
            "readings=31.986 31.984 31.985 31.983 31.982 31.981&lower=31.975&upper=31.991"),
    BORE(
            "bore",
            Group.ROUND,
            Words.say("calculators.bore-map"),
            Words.say("calculators.the-usual-six-places-taper-bell-mouth"),
            Characteristic.BORE_SIZE,
            "layout=RINGS&first=5 15 25&second=0 90&graduation=0.001",
            "readings=32.012 32.014 32.013 32.015 32.016 32.018&lower=32&upper=32.025"),
    PINS(
            "pins",
            Group.ROUND,
            Words.say("calculators.hole-by-pins"),
            Words.say("calculators.which-enter-and-which-do-not-the"),
            Characteristic.PIN_CHECK,
            "layout=PINS&first=11.99 12.00 12.01 12.02&pinClass=0.001",
            "readings=yes yes yes no&lower=12&upper=12.027"),
    DEPTHS(
            "depths",
            Group.ROUND,
            Words.say("calculators.depths-and-heights"),
            Words.say("calculators.two-tools-or-passes-side-by-side"),
            Characteristic.DEPTH_AND_PITCH,
            "layout=POINTS&first=tool 1: a; tool 1: b; tool 1: c; tool 2: a; tool 2: b; tool 2: c&graduation=0.01",
            "readings=4.02 4.03 4.01 4.05 4.04 4.06&lower=3.9&upper=4.1"),
    PITCHES(
            "pitches",
            Group.ROUND,
            Words.say("calculators.pitch-errors"),
            Words.say("calculators.single-and-accumulated-on-one-zero-or"),
            Characteristic.PITCH,
            "layout=RING&first=12",
            "readings=0 3 5 4 6 8 5 2 -1 -3 -2 -1 0&upper=0.02"),
    PLAY(
            "play",
            Group.ROUND,
            Words.say("calculators.play"),
            Words.say("calculators.pushed-and-pulled-several-times-mean-and"),
            Characteristic.PLAY,
            "layout=CYCLES&first=4",
            "readings=142 11 145 12 141 10 144 11&lower=0.1&upper=0.2"),
    PHASE(
            "phase",
            Group.ROUND,
            Words.say("calculators.phase-of-pins-and-keyways"),
            Words.say("calculators.sideways-error-on-a-radius-as-an"),
            Characteristic.PHASE_ANGLE,
            "layout=POINTS&first=keyway 1; keyway 2&radius=22",
            "readings=0 14 0&upper=0.1"),
    CUT(
            "cut",
            Group.ROUND,
            Words.say("calculators.cut-plan"),
            Words.say("calculators.from-a-measured-to-a-target-size"),
            Characteristic.OUTSIDE_SIZE,
            "layout=POINTS&first=here&graduation=0.001",
            "readings=42.365&lower=40&upper=40.016&deepest=0.5&slide=0.02&kind=CUT"),
    HEIGHTS(
            "heights",
            Group.FLAT,
            Words.say("calculators.heights-on-a-plate"),
            Words.say("calculators.flatness-by-its-exact-zone-parallelism-and"),
            Characteristic.FLATNESS,
            "layout=GRID&first=10 60 110&second=10 60",
            "readings=0 4 7 2 5 9 0&upper=0.02"),
    SWEEP_LINES(
            "sweep-lines",
            Group.FLAT,
            Words.say("calculators.heights-along-sweep-lines"),
            Words.say("calculators.corners-middles-diagonals-ears-a-rim-with"),
            Characteristic.FLATNESS,
            "layout=POINTS&first=A 0 0 to 120 80 in 5; B 0 80 to 120 0 in 5",
            "readings=0 2 3 5 6 4 4 3 2 1 0&upper=0.01"),
    PARALLEL(
            "parallel",
            Group.FLAT,
            Words.say("calculators.parallelism-to-the-plate"),
            Words.say("calculators.what-to-pack-under-where-which-screw"),
            Characteristic.PARALLELISM_OF_FACES,
            "layout=GRID&first=10 60 110&second=10 60",
            "readings=0 6 12 1 8 13 0&upper=0.01&supports=A 0 0; B 120 0; C 60 70"),
    STRAIGHT(
            "straightness",
            Group.FLAT,
            Words.say("calculators.straightness"),
            Words.say("calculators.the-exact-zone-of-a-line-of"),
            Characteristic.STRAIGHTNESS,
            "layout=LINE&first=0 50 100 150 200",
            "readings=0 4 6 3 0 0&upper=0.01"),
    BED(
            "bed",
            Group.FLAT,
            Words.say("calculators.a-bed-by-overlapping-placements"),
            Words.say("calculators.a-short-straightedge-moved-along-each-placement"),
            Characteristic.STRAIGHTNESS,
            "layout=STEPS&first=0 100 200; 100 200 300; 200 300 400",
            "readings=0 3 0 0 2 0 0 1 0&upper=0.01"),
    LEVEL(
            "level",
            Group.FLAT,
            Words.say("calculators.a-bed-by-a-level-foot-to"),
            Words.say("calculators.rises-added-up-each-scaled-to-its"),
            Characteristic.STRAIGHTNESS,
            "layout=LINE&zeroing=EACH_STEP&span=1000&first=200 400 600 800 1000",
            "readings=2 3 1 -1 -2&upper=0.01"),
    SQUARE(
            "squareness",
            Group.FLAT,
            Words.say("calculators.squareness"),
            Words.say("calculators.along-an-upright-the-comparators-own-error"),
            Characteristic.SQUARENESS,
            "layout=LINE&first=10 60 110&reversal=ON_MASTER",
            "readings=0 3 5 0 0 1 2 0&upper=0.01"),
    AXIS(
            "axis",
            Group.FLAT,
            Words.say("calculators.axis-to-face"),
            Words.say("calculators.arbor-over-a-span-two-planes-and"),
            Characteristic.PARALLELISM_OF_AXIS,
            "layout=PAIRS&first=upright; level&reversal=FIXTURE_TURNED&span=300&per=100&statedAs=RESULTANT",
            "readings=0 4 0 3 0 2 0 1&upper=0.01"),
    BORES(
            "bores",
            Group.FLAT,
            Words.say("calculators.two-bores-in-line"),
            Words.say("calculators.by-four-heights-of-a-mandrel-in"),
            Characteristic.BORES_IN_LINE,
            "layout=LINES&first=upright; level&second=10 60 210 260",
            "readings=0 1 3 4 0 0 2 2 0&upper=0.01"),
    GUIDES(
            "guides",
            Group.FLAT,
            Words.say("calculators.two-lines-of-a-machine"),
            Words.say("calculators.the-same-mark-front-and-back-signed"),
            Characteristic.PARALLELISM_OF_LINES,
            "layout=PAIRS&first=left guide; right guide&span=300",
            "readings=0 12 0 9&upper=0.02"),
    LINK(
            "link",
            Group.FLAT,
            Words.say("calculators.bend-and-twist-of-a-link"),
            Words.say("calculators.two-attitudes-the-link-turned-over-its"),
            Characteristic.BEND_AND_TWIST,
            "layout=PAIRS&first=bend; twist&reversal=PART_TURNED&span=100&per=100",
            "readings=0 4 0 6 0 -3 0 -5&upper=0.01");

    private final String path;
    private final Group group;
    private final String title;
    private final String explanation;
    private final Characteristic what;
    private final Map<String, String> begun;
    private final Map<String, String> worked;

    MeasureKind(
            String path,
            Group group,
            String title,
            String explanation,
            Characteristic what,
            String begun,
            String worked) {
        this.path = path;
        this.group = group;
        this.title = title;
        this.explanation = explanation;
        this.what = what;
        this.begun = fields(begun);
        this.worked = fields(worked);
    }

    private static Map<String, String> fields(String written) {
        Map<String, String> fields = new LinkedHashMap<>();
        Arrays.stream(written.split("&"))
                .map(field -> field.split("=", 2))
                .forEach(field -> fields.put(field[0], field[1]));
        return fields;
    }

    Calculator calculator() {
        return Calculator.of(
                        path,
                        group,
                        title,
                        explanation,
                        typed -> MeasureFields.of(what, begun, typed).stream()
                                .map(field -> field.example(worked.getOrDefault(field.name(), "")))
                                .toList(),
                        fields -> MeasureAnswer.of(what, this == CUT, fields))
                .prepared(MeasureKind::anew)
                .askedBy(what)
                .alsoBegun(beyondFields());
    }

    /** What the example types into the fields of a correction. */
    private Map<String, String> beyondFields() {
        Map<String, String> beyond = new LinkedHashMap<>(worked);
        MeasureFields.of(what, begun, Map.of()).stream().map(Field::name).forEach(beyond::remove);
        return beyond;
    }

    /** Another kind of layout begins with stations of its own. */
    private static Map<String, String> anew(Map<String, String> typed) {
        String before = typed.get(Field.before("layout"));
        if (before == null || before.equals(typed.get("layout"))) {
            return typed;
        }
        Map<String, String> other = new LinkedHashMap<>(typed);
        other.remove("first");
        other.remove("second");
        return other;
    }
}
