package org.eskarn.app.table;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.eskarn.core.requirement.Characteristic;

/**
 * The calculators of round things, each a way into the one that measures.
 *
 * @param query what is asked and how it is laid out
 */
enum RoundTable {
    RUNOUT(
            "Runout of a section",
            "movement, off-centre and its direction, form; high spot and truing",
            Characteristic.CIRCULAR_RUNOUT_RADIAL,
            "layout=RING&first=8"),
    FACE(
            "Runout of a face",
            "movement at a radius, and the wobble as an angle",
            Characteristic.CIRCULAR_RUNOUT_AXIAL,
            "layout=RING&first=8&radius=100"),
    ROTOR(
            "Journals of a built-up rotor",
            "several sections: movement, high spots and directions compared",
            Characteristic.CIRCULAR_RUNOUT_RADIAL,
            "layout=RINGS&first=40 180&second=8"),
    TOTAL(
            "Total runout",
            "several sections on one zero",
            Characteristic.TOTAL_RUNOUT,
            "layout=RINGS&first=10 60 110&second=4"),
    OPENING(
            "Offset of an opening",
            "swept from an axis: which way it lies, every diameter, and the dowel that brings it nearest",
            Characteristic.OFFSET_OF_OPENING,
            "layout=RING&first=0 30 80 135 180 225 270 310&statedAs=OFFSET&drawer=D25 0.025; D50 0.050; D75 0.075"),
    ROUNDNESS(
            "Roundness and lobes",
            "all four reference circles, waves round the section, what two points or a V-block would show",
            Characteristic.ROUNDNESS,
            "layout=RING&first=24&graduation=0.2&vee=90"),
    SHAFT(
            "Shaft map",
            "sizes over sections: taper, barrel, out-of-round; tailstock, cut plan, undersize seat",
            Characteristic.OUTSIDE_SIZE,
            "layout=RINGS&first=10 60 110&second=0 90&graduation=0.001"),
    BORE(
            "Bore map",
            "the usual six places: taper, bell-mouth, out-of-round",
            Characteristic.BORE_SIZE,
            "layout=RINGS&first=5 15 25&second=0 90&graduation=0.001"),
    PINS(
            "Hole by pins",
            "which enter and which do not: the bracket, and the pin to try next",
            Characteristic.PIN_CHECK,
            "layout=PINS&first=11.99 12.00 12.01 12.02&graduation=0.01"),
    DEPTHS(
            "Depths and heights",
            "two tools or passes side by side: mean, spread, worst, and whether more than chance",
            Characteristic.DEPTH_AND_PITCH,
            "layout=POINTS&first=tool 1: a; tool 1: b; tool 1: c; tool 2: a; tool 2: b; tool 2: c&graduation=0.01"),
    PITCHES(
            "Pitch errors",
            "single and accumulated, on one zero or step by step, in a row or round a ring",
            Characteristic.PITCH,
            "layout=RING&first=12"),
    PLAY("Play", "pushed and pulled several times: mean and worst", Characteristic.PLAY, "layout=CYCLES&first=4"),
    PHASE(
            "Phase of pins and keyways",
            "sideways error on a radius as an angle",
            Characteristic.PHASE_ANGLE,
            "layout=POINTS&first=keyway 1; keyway 2&radius=22"),
    CUT(
            "Cut plan",
            "from a measured to a target size, pass by pass, warm or cold",
            Characteristic.OUTSIDE_SIZE,
            "layout=POINTS&first=here&graduation=0.001&kind=CUT");

    private final String title;
    private final String explanation;
    private final Characteristic what;
    private final String query;

    RoundTable(String title, String explanation, Characteristic what, String query) {
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

    static List<RoundTable> all() {
        return List.of(values());
    }
}
