package org.eskarn.app.table;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.eskarn.app.page.Words;
import org.eskarn.core.requirement.Characteristic;

/**
 * The calculators that take readings, each a way into the one that measures.
 *
 * @param query what is asked and how it is laid out
 */
enum Calculator {
    RUNOUT(
            Subject.ROUND,
            Words.say("calculators.runout-of-a-section"),
            Words.say("calculators.movement-off-centre-and-its-direction-form"),
            Characteristic.CIRCULAR_RUNOUT_RADIAL,
            "layout=RING&first=8"),
    FACE(
            Subject.ROUND,
            Words.say("calculators.runout-of-a-face"),
            Words.say("calculators.movement-at-a-radius-and-the-wobble"),
            Characteristic.CIRCULAR_RUNOUT_AXIAL,
            "layout=RING&first=8&radius=100"),
    ROTOR(
            Subject.ROUND,
            Words.say("calculators.journals-of-a-built-up-rotor"),
            Words.say("calculators.several-sections-movement-high-spots-and-directions"),
            Characteristic.CIRCULAR_RUNOUT_RADIAL,
            "layout=RINGS&first=40 180&second=8"),
    TOTAL(
            Subject.ROUND,
            Words.say("calculators.total-runout"),
            Words.say("calculators.several-sections-on-one-zero"),
            Characteristic.TOTAL_RUNOUT,
            "layout=RINGS&first=10 60 110&second=4"),
    OPENING(
            Subject.ROUND,
            Words.say("calculators.offset-of-an-opening"),
            Words.say("calculators.swept-from-an-axis-which-way-it"),
            Characteristic.OFFSET_OF_OPENING,
            "layout=RING&first=0 30 80 135 180 225 270 310&statedAs=OFFSET&drawer=D25 0.025; D50 0.050; D75 0.075"),
    ROUNDNESS(
            Subject.ROUND,
            Words.say("calculators.roundness-and-lobes"),
            Words.say("calculators.all-four-reference-circles-waves-round-the"),
            Characteristic.ROUNDNESS,
            "layout=RING&first=24&graduation=0.2&vee=90"),
    SHAFT(
            Subject.ROUND,
            Words.say("calculators.shaft-map"),
            Words.say("calculators.sizes-over-sections-taper-barrel-out-of"),
            Characteristic.OUTSIDE_SIZE,
            "layout=RINGS&first=10 60 110&second=0 90&graduation=0.001"),
    BORE(
            Subject.ROUND,
            Words.say("calculators.bore-map"),
            Words.say("calculators.the-usual-six-places-taper-bell-mouth"),
            Characteristic.BORE_SIZE,
            "layout=RINGS&first=5 15 25&second=0 90&graduation=0.001"),
    PINS(
            Subject.ROUND,
            Words.say("calculators.hole-by-pins"),
            Words.say("calculators.which-enter-and-which-do-not-the"),
            Characteristic.PIN_CHECK,
            "layout=PINS&first=11.99 12.00 12.01 12.02&pinClass=0.001"),
    DEPTHS(
            Subject.ROUND,
            Words.say("calculators.depths-and-heights"),
            Words.say("calculators.two-tools-or-passes-side-by-side"),
            Characteristic.DEPTH_AND_PITCH,
            "layout=POINTS&first=tool 1: a; tool 1: b; tool 1: c; tool 2: a; tool 2: b; tool 2: c&graduation=0.01"),
    PITCHES(
            Subject.ROUND,
            Words.say("calculators.pitch-errors"),
            Words.say("calculators.single-and-accumulated-on-one-zero-or"),
            Characteristic.PITCH,
            "layout=RING&first=12"),
    PLAY(
            Subject.ROUND,
            Words.say("calculators.play"),
            Words.say("calculators.pushed-and-pulled-several-times-mean-and"),
            Characteristic.PLAY,
            "layout=CYCLES&first=4"),
    PHASE(
            Subject.ROUND,
            Words.say("calculators.phase-of-pins-and-keyways"),
            Words.say("calculators.sideways-error-on-a-radius-as-an"),
            Characteristic.PHASE_ANGLE,
            "layout=POINTS&first=keyway 1; keyway 2&radius=22"),
    CUT(
            Subject.ROUND,
            Words.say("calculators.cut-plan"),
            Words.say("calculators.from-a-measured-to-a-target-size"),
            Characteristic.OUTSIDE_SIZE,
            "layout=POINTS&first=here&graduation=0.001&kind=CUT"),
    HEIGHTS(
            Subject.FLAT,
            Words.say("calculators.heights-on-a-plate"),
            Words.say("calculators.flatness-by-its-exact-zone-parallelism-and"),
            Characteristic.FLATNESS,
            "layout=GRID&first=10 60 110&second=10 60"),
    SWEEP_LINES(
            Subject.FLAT,
            Words.say("calculators.heights-along-sweep-lines"),
            Words.say("calculators.corners-middles-diagonals-ears-a-rim-with"),
            Characteristic.FLATNESS,
            "layout=POINTS&first=A 0 0 to 120 80 in 5; B 0 80 to 120 0 in 5"),
    PARALLEL(
            Subject.FLAT,
            Words.say("calculators.parallelism-to-the-plate"),
            Words.say("calculators.what-to-pack-under-where-which-screw"),
            Characteristic.PARALLELISM_OF_FACES,
            "layout=GRID&first=10 60 110&second=10 60&flat.supports=A 0 0; B 120 0; C 60 70"),
    STRAIGHT(
            Subject.FLAT,
            Words.say("calculators.straightness"),
            Words.say("calculators.the-exact-zone-of-a-line-of"),
            Characteristic.STRAIGHTNESS,
            "layout=LINE&first=0 50 100 150 200"),
    BED(
            Subject.FLAT,
            Words.say("calculators.a-bed-by-overlapping-placements"),
            Words.say("calculators.a-short-straightedge-moved-along-each-placement"),
            Characteristic.STRAIGHTNESS,
            "layout=STEPS&first=0 100 200; 100 200 300; 200 300 400"),
    LEVEL(
            Subject.FLAT,
            Words.say("calculators.a-bed-by-a-level-foot-to"),
            Words.say("calculators.rises-added-up-each-scaled-to-its"),
            Characteristic.STRAIGHTNESS,
            "layout=LINE&zeroing=EACH_STEP&span=1000&first=200 400 600 800 1000"),
    SQUARE(
            Subject.FLAT,
            Words.say("calculators.squareness"),
            Words.say("calculators.along-an-upright-the-comparators-own-error"),
            Characteristic.SQUARENESS,
            "layout=LINE&first=10 60 110&reversal=ON_MASTER"),
    AXIS(
            Subject.FLAT,
            Words.say("calculators.axis-to-face"),
            Words.say("calculators.arbor-over-a-span-two-planes-and"),
            Characteristic.PARALLELISM_OF_AXIS,
            "layout=PAIRS&first=upright; level&reversal=FIXTURE_TURNED&span=300&per=100&statedAs=RESULTANT"),
    BORES(
            Subject.FLAT,
            Words.say("calculators.two-bores-in-line"),
            Words.say("calculators.by-four-heights-of-a-mandrel-in"),
            Characteristic.BORES_IN_LINE,
            "layout=LINES&first=upright; level&second=10 60 210 260"),
    GUIDES(
            Subject.FLAT,
            Words.say("calculators.two-lines-of-a-machine"),
            Words.say("calculators.the-same-mark-front-and-back-signed"),
            Characteristic.PARALLELISM_OF_LINES,
            "layout=PAIRS&first=left guide; right guide&span=300"),
    LINK(
            Subject.FLAT,
            Words.say("calculators.bend-and-twist-of-a-link"),
            Words.say("calculators.two-attitudes-the-link-turned-over-its"),
            Characteristic.BEND_AND_TWIST,
            "layout=PAIRS&first=bend; twist&reversal=PART_TURNED&span=100&per=100");

    /** What a calculator is about, as Tables lists them. */
    enum Subject {
        ROUND,
        FLAT
    }

    private final Subject subject;
    private final String title;
    private final String explanation;
    private final Characteristic what;
    private final String query;

    Calculator(Subject subject, String title, String explanation, Characteristic what, String query) {
        this.subject = subject;
        this.title = title;
        this.explanation = explanation;
        this.what = what;
        this.query = query;
    }

    public String title() {
        return title;
    }

    public String explanation() {
        return explanation;
    }

    /** Whether the correction is what is asked for, and the readings only lead to it. */
    public boolean correctionOnly() {
        return this == CUT;
    }

    /** Its address, with what it begins with. */
    public String address() {
        String fields = Arrays.stream(query.split("&"))
                .map(field -> field.substring(0, field.indexOf('=') + 1)
                        + java.net.URLEncoder.encode(
                                field.substring(field.indexOf('=') + 1), java.nio.charset.StandardCharsets.UTF_8))
                .collect(Collectors.joining("&"));
        return "/tables/measure?table=" + name() + "&what=" + what + "&" + fields;
    }

    static List<Calculator> all() {
        return List.of(values());
    }

    static List<Calculator> of(Subject subject) {
        return Arrays.stream(values()).filter(each -> each.subject == subject).toList();
    }
}
