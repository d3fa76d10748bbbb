package org.eskarn.app.table;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.eskarn.core.requirement.Characteristic;

/**
 * The calculators that take readings, each a way into the one that measures.
 *
 * @param query what is asked and how it is laid out
 */
enum Calculator {
    RUNOUT(
            Subject.ROUND,
            "Runout of a section",
            "movement, off-centre and its direction, form; high spot and truing",
            Characteristic.CIRCULAR_RUNOUT_RADIAL,
            "layout=RING&first=8"),
    FACE(
            Subject.ROUND,
            "Runout of a face",
            "movement at a radius, and the wobble as an angle",
            Characteristic.CIRCULAR_RUNOUT_AXIAL,
            "layout=RING&first=8&radius=100"),
    ROTOR(
            Subject.ROUND,
            "Journals of a built-up rotor",
            "several sections: movement, high spots and directions compared",
            Characteristic.CIRCULAR_RUNOUT_RADIAL,
            "layout=RINGS&first=40 180&second=8"),
    TOTAL(
            Subject.ROUND,
            "Total runout",
            "several sections on one zero",
            Characteristic.TOTAL_RUNOUT,
            "layout=RINGS&first=10 60 110&second=4"),
    OPENING(
            Subject.ROUND,
            "Offset of an opening",
            "swept from an axis: which way it lies, every diameter, and the dowel that brings it nearest",
            Characteristic.OFFSET_OF_OPENING,
            "layout=RING&first=0 30 80 135 180 225 270 310&statedAs=OFFSET&drawer=D25 0.025; D50 0.050; D75 0.075"),
    ROUNDNESS(
            Subject.ROUND,
            "Roundness and lobes",
            "all four reference circles, waves round the section, what two points or a V-block would show",
            Characteristic.ROUNDNESS,
            "layout=RING&first=24&graduation=0.2&vee=90"),
    SHAFT(
            Subject.ROUND,
            "Shaft map",
            "sizes over sections: taper, barrel, out-of-round; tailstock, cut plan, undersize seat",
            Characteristic.OUTSIDE_SIZE,
            "layout=RINGS&first=10 60 110&second=0 90&graduation=0.001"),
    BORE(
            Subject.ROUND,
            "Bore map",
            "the usual six places: taper, bell-mouth, out-of-round",
            Characteristic.BORE_SIZE,
            "layout=RINGS&first=5 15 25&second=0 90&graduation=0.001"),
    PINS(
            Subject.ROUND,
            "Hole by pins",
            "which enter and which do not: the bracket, and the pin to try next",
            Characteristic.PIN_CHECK,
            "layout=PINS&first=11.99 12.00 12.01 12.02&graduation=0.01"),
    DEPTHS(
            Subject.ROUND,
            "Depths and heights",
            "two tools or passes side by side: mean, spread, worst, and whether more than chance",
            Characteristic.DEPTH_AND_PITCH,
            "layout=POINTS&first=tool 1: a; tool 1: b; tool 1: c; tool 2: a; tool 2: b; tool 2: c&graduation=0.01"),
    PITCHES(
            Subject.ROUND,
            "Pitch errors",
            "single and accumulated, on one zero or step by step, in a row or round a ring",
            Characteristic.PITCH,
            "layout=RING&first=12"),
    PLAY(
            Subject.ROUND,
            "Play",
            "pushed and pulled several times: mean and worst",
            Characteristic.PLAY,
            "layout=CYCLES&first=4"),
    PHASE(
            Subject.ROUND,
            "Phase of pins and keyways",
            "sideways error on a radius as an angle",
            Characteristic.PHASE_ANGLE,
            "layout=POINTS&first=keyway 1; keyway 2&radius=22"),
    CUT(
            Subject.ROUND,
            "Cut plan",
            "from a measured to a target size, pass by pass, warm or cold",
            Characteristic.OUTSIDE_SIZE,
            "layout=POINTS&first=here&graduation=0.001&kind=CUT"),
    HEIGHTS(
            Subject.FLAT,
            "Heights on a plate",
            "flatness by its exact zone, parallelism and tilt at once; grinding, downfeed by downfeed",
            Characteristic.FLATNESS,
            "layout=GRID&first=10 60 110&second=10 60"),
    SWEEP_LINES(
            Subject.FLAT,
            "Heights along sweep lines",
            "corners, middles, diagonals, ears, a rim with a hole in the middle",
            Characteristic.FLATNESS,
            "layout=POINTS&first=A 0 0 to 120 80 in 5; B 0 80 to 120 0 in 5"),
    PARALLEL(
            Subject.FLAT,
            "Parallelism to the plate",
            "what to pack under where, which screw, which way and how much, and the readings to come",
            Characteristic.PARALLELISM_OF_FACES,
            "layout=GRID&first=10 60 110&second=10 60&flat.supports=A 0 0; B 120 0; C 60 70"),
    STRAIGHT(
            Subject.FLAT,
            "Straightness",
            "the exact zone of a line, of several, or by a straightedge turned over",
            Characteristic.STRAIGHTNESS,
            "layout=LINE&first=0 50 100 150 200"),
    BED(
            Subject.FLAT,
            "A bed by overlapping placements",
            "a short straightedge moved along, each placement on its own zero",
            Characteristic.STRAIGHTNESS,
            "layout=STEPS&first=0 100 200; 100 200 300; 200 300 400"),
    LEVEL(
            Subject.FLAT,
            "A bed by a level, foot to foot",
            "rises added up, each scaled to its step",
            Characteristic.STRAIGHTNESS,
            "layout=LINE&zeroing=EACH_STEP&span=1000&first=200 400 600 800 1000"),
    SQUARE(
            Subject.FLAT,
            "Squareness",
            "along an upright, the comparator’s own error taken off by a master square or reversal",
            Characteristic.SQUARENESS,
            "layout=LINE&first=10 60 110&reversal=ON_MASTER"),
    AXIS(
            Subject.FLAT,
            "Axis to face",
            "arbor over a span, two planes and their resultant, arbor turned half round",
            Characteristic.PARALLELISM_OF_AXIS,
            "layout=PAIRS&first=upright; level&reversal=FIXTURE_TURNED&span=300&per=100&statedAs=RESULTANT"),
    BORES(
            Subject.FLAT,
            "Two bores in line",
            "by four heights of a mandrel in one plane or two",
            Characteristic.BORES_IN_LINE,
            "layout=LINES&first=upright; level&second=10 60 210 260"),
    GUIDES(
            Subject.FLAT,
            "Two lines of a machine",
            "the same mark front and back, signed; left and right guide compared; the move at the screw",
            Characteristic.PARALLELISM_OF_LINES,
            "layout=PAIRS&first=left guide; right guide&span=300"),
    LINK(
            Subject.FLAT,
            "Bend and twist of a link",
            "two attitudes, the link turned over: its own share and the fixture’s; springing it back",
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
