package org.eskarn.app.docket;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.page.Display;
import org.eskarn.app.part.PartRequirement;
import org.eskarn.app.picture.RingDrawing;
import org.eskarn.app.picture.RingPicture;
import org.eskarn.app.picture.VerdictRule;
import org.eskarn.core.reading.Station;
import org.eskarn.core.requirement.RingReduction;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.Outcome;

/** Everything the docket screen shows, computed once for a request. */
public record DocketPage(
        Docket docket,
        SetUp setUp,
        Step shown,
        Display display,
        RingPicture picture,
        VerdictRule rule,
        VerdictWords words,
        List<TapeLine> tape,
        boolean mayWork) {

    static DocketPage of(Docket docket, SetUp setUp, Step shown, boolean mayWork) {
        PartRequirement requirement = setUp.requirement();
        Display display = display(setUp);
        return new DocketPage(
                docket,
                setUp,
                shown,
                display,
                picture(setUp),
                VerdictRule.wide(setUp.verdict(), display),
                VerdictWords.of(requirement.terms(), setUp.assessment(), display),
                TapeLine.of(setUp, display),
                mayWork);
    }

    /** Figures are said in the unit the gauge is read in; one read in divisions, in the unit of its graduation. */
    public static Display display(SetUp setUp) {
        Gauge gauge = setUp.sweep().gauge();
        LengthUnit unit = gauge.readingUnit().length().orElse(gauge.graduationUnit());
        return new Display(unit);
    }

    public static RingPicture picture(SetUp setUp) {
        PartRequirement requirement = setUp.requirement();
        return RingDrawing.of(
                requirement.terms(),
                setUp.assessment(),
                display(setUp),
                requirement.row().featureName(),
                requirement.row().seenFrom(),
                requirement.nominal());
    }

    /** One slide of the order of work. */
    public record Slide(Step step, boolean done, boolean shown, String note, String address) {

        public String id() {
            return "slide-" + step.name();
        }

        public String kind() {
            return shown ? "shown" : done ? "finished" : "undone";
        }
    }

    public List<Slide> slides() {
        return Arrays.stream(Step.values())
                .map(step -> new Slide(
                        step,
                        setUp.done(step),
                        step == shown,
                        note(step),
                        base() + "?step=" + step.name().toLowerCase(java.util.Locale.ROOT)))
                .toList();
    }

    /** The address of this requirement's work. */
    public String base() {
        return "/dockets/" + docket.row().number() + "/"
                + setUp.requirement().row().position();
    }

    private String note(Step step) {
        int read = setUp.assessment().sweep().readings().size();
        if (step == Step.SWEEP && read > 0 && !setUp.done(step)) {
            return read + " of " + setUp.sweep().layout().size();
        }
        return "";
    }

    /** One line of the list of requirements. */
    public record Item(int position, String title, String line, Standing standing, boolean shown, boolean settled) {}

    public List<Item> items() {
        return docket.setUps().stream()
                .map(other -> new Item(
                        other.requirement().row().position(),
                        other.requirement().row().title(),
                        line(other),
                        Standing.of(other),
                        other == setUp,
                        other.settled()))
                .toList();
    }

    private static String line(SetUp other) {
        String limit = "≤ " + other.requirement().terms().limit();
        Double value = other.verdict().value();
        if (value == null || other.verdict().outcome() == Outcome.NOT_PROVEN) {
            return limit + " " + other.requirement().terms().statedAs().word();
        }
        Display figures = display(other);
        return limit + " · " + figures.amount(value) + " " + figures.symbol();
    }

    public Optional<RingReduction> ring() {
        return setUp.assessment().reduction().map(RingReduction.class::cast);
    }

    public Optional<Station> next() {
        return setUp.assessment().sweep().next();
    }

    /** Whether only the return is still to be read. */
    public boolean atReturn() {
        return setUp.assessment().sweep().stationsToGo() == 0 && !setUp.sweep().complete();
    }

    /** The requirement after this one that is not settled, if any. */
    public Optional<SetUp> following() {
        int own = setUp.requirement().row().position();
        return docket.setUps().stream()
                .filter(other -> !other.settled())
                .min(java.util.Comparator.comparingInt(
                        other -> Math.floorMod(other.requirement().row().position() - own, 1000)))
                .filter(other -> other != setUp);
    }

    /** The share of the limit that the gauge's error limit takes, in percent. */
    public long errorShare() {
        return share(setUp.sweep().gauge().dial().errorLimit().micrometres());
    }

    /** The share of the limit that one graduation takes, in percent. */
    public long graduationShare() {
        return share(setUp.sweep().gauge().dial().graduation().micrometres());
    }

    private long share(double micrometres) {
        return Math.round(
                100 * micrometres / setUp.requirement().terms().limit().micrometres());
    }
}
