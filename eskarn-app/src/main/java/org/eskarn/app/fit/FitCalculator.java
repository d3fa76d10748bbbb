package org.eskarn.app.fit;

import java.util.List;
import org.eskarn.app.page.Words;

/** The calculators of fits, each with a worked example from the works. */
public enum FitCalculator {
    FITS(
            "fits",
            Words.say("calculators.fits"),
            Words.say("calculators.limits-of-a-hole-a-shaft-and"),
            "unit=MILLIMETRE&fit=32+H7%2Fg6&holes=32.008+32.016&shafts=31.979+31.985&u=2"),
    CHOOSING(
            "choosing",
            Words.say("calculators.choosing-a-fit"),
            Words.say("calculators.a-short-list-by-use-load-and"),
            "unit=MILLIMETRE&size=50&use=RUNNING&load=NORMAL&turns=450"),
    BEARINGS(
            "bearings",
            Words.say("calculators.bearing-seats"),
            Words.say("calculators.the-usual-class-of-a-seat-the"),
            "unit=MILLIMETRE&ring=INNER&size=45&seat=45.004+45.008+45.011&turning=TURNING&load=NORMAL&roughness=2&u=2"),
    END_GAP(
            "end-gap",
            Words.say("calculators.end-gap-and-preload"),
            Words.say("calculators.depths-shoulders-and-ring-widths-gap-or"),
            "unit=MILLIMETRE&depth=40.32&widths=19.04+5.02&spigot=16.38&least=50&most=150&u=10&shims=0.05+0.08+0.15+0.3"),
    PAIR(
            "pair",
            Words.say("calculators.a-measured-pair"),
            Words.say("calculators.two-size-maps-clearance-along-the-length"),
            "unit=MILLIMETRE&hole=10%3A+32.016+32.020%3B+40%3A+32.010+32.012&shaft=10%3A+31.984%3B+25%3A+31.988%3B+40%3A+31.994&fit=32+H7%2Fg6&u=2"),
    BATCH(
            "batch",
            Words.say("calculators.pairing-a-batch"),
            Words.say("calculators.which-shaft-with-which-bore-so-that"),
            "unit=MILLIMETRE&shafts=S1+31.978%0AS2+31.990%0AS3+31.983%0AS4+31.986%0AS5+31.979&bores=B1+32.021%0AB2+32.003%0AB3+32.016%0AB4+32.010&least=22&most=34&u=1"),
    HEATING(
            "heating",
            Words.say("calculators.heat-and-cold"),
            Words.say("calculators.the-temperature-to-assemble-a-pair-within"),
            "unit=MILLIMETRE&size=90&interference=93&working=60&outer=STEEL&inner=STEEL&room=18&oven=150"),
    AT_20(
            "at-20",
            Words.say("calculators.size-at-20-c"),
            Words.say("calculators.part-and-gauge-each-at-its-own"),
            "unit=MILLIMETRE&reading=85.018&part=CAST_IRON&partAt=31&gauge=STEEL&gaugeAt=22&room=22&knownTo=1"),
    IN_SERVICE(
            "in-service",
            Words.say("calculators.clearance-in-service"),
            Words.say("calculators.what-is-left-of-a-clearance-when"),
            "unit=MILLIMETRE&size=32&least=25&most=66&hole=BRONZE&holeAt=55&shaft=STEEL&shaftAt=70");

    private final String path;
    private final String title;
    private final String explanation;
    private final String example;

    FitCalculator(String path, String title, String explanation, String example) {
        this.path = path;
        this.title = title;
        this.explanation = explanation;
        this.example = example;
    }

    public static List<FitCalculator> all() {
        return List.of(values());
    }

    public String title() {
        return title;
    }

    public String explanation() {
        return explanation;
    }

    public String address() {
        return "/tables/" + path;
    }

    /** Its address with the fields filled from a piece of work. */
    public String example() {
        return address() + "?" + example;
    }

    /** The fragment with its fields. */
    public String fragment() {
        return path.replace('-', '_');
    }
}
