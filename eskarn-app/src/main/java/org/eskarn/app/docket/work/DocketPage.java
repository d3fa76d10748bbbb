package org.eskarn.app.docket.work;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.eskarn.app.docket.CircumstanceWords;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.InspectorWords;
import org.eskarn.app.docket.Purpose;
import org.eskarn.app.docket.SaidCircumstance;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.SetUpDisplay;
import org.eskarn.app.docket.Standing;
import org.eskarn.app.docket.Step;
import org.eskarn.app.docket.SweepRecord;
import org.eskarn.app.docket.VerdictWords;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.gauge.GaugeKind;
import org.eskarn.app.page.Coverage;
import org.eskarn.app.page.DetailsView;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Units;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.Pictures;
import org.eskarn.app.picture.engine.Picture;
import org.eskarn.app.picture.engine.VerdictRule;
import org.eskarn.app.picture.engine.View;
import org.eskarn.app.picture.round.DialPicture;
import org.eskarn.core.evaluation.Reduction;
import org.eskarn.core.reading.Corrections;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.ReadingUnit;
import org.eskarn.core.reading.Station;
import org.eskarn.core.uncertainty.Contribution;
import org.eskarn.core.units.Length;
import org.eskarn.core.verdict.Verdict;
import org.eskarn.core.verdict.Verdict.Because;

/**
 * Everything the docket screen shows, computed once for a request.
 *
 * @param display how readings are said
 * @param figures how the figures of the verdict are said
 * @param view how heights are looked at
 * @param dial the face of the simulated indicator, where it stands in
 * @param sameSetUp another requirement whose set-up can stand for this one too
 */
public record DocketPage(
        Docket docket,
        SetUp setUp,
        Step shown,
        Display display,
        Display figures,
        Picture picture,
        VerdictRule rule,
        VerdictWords words,
        List<TapeLine> tape,
        Optional<DialPicture> dial,
        View view,
        boolean mayWork,
        Optional<SetUp> sameSetUp) {

    static DocketPage of(
            Docket docket,
            SetUp setUp,
            Step shown,
            Units units,
            View view,
            boolean mayWork,
            Optional<SetUp> sameSetUp) {
        Display display = SetUpDisplay.readings(setUp, units);
        Display figures = SetUpDisplay.figures(setUp, units);
        return new DocketPage(
                docket,
                setUp,
                shown,
                display,
                figures,
                SetUpDisplay.picture(setUp, display, view),
                VerdictRule.wide(setUp.verdict(), figures, setUp.assessment().reduction()),
                VerdictWords.of(setUp, figures),
                TapeLine.of(setUp, display),
                shown == Step.SWEEP || shown == Step.ZERO ? dial(setUp) : Optional.empty(),
                view,
                mayWork,
                sameSetUp);
    }

    private static Optional<DialPicture> dial(SetUp setUp) {
        int place = setUp.sweep().nextPlace();
        return SimulatedGauge.face(setUp)
                .map(face -> DialPicture.of(
                        face,
                        SimulatedGauge.of(setUp).orElseThrow().way(place),
                        setUp.sweep().gauge().dial()));
    }

    /** Whether it is a bought-in piece, which may have come with its maker’s certificate. */
    public boolean incoming() {
        return docket.purpose().equals(Purpose.INCOMING.recorded());
    }

    /** Whether conditions can be chosen that the drawing does not name. */
    public boolean conditionsOffered() {
        return mayWork && ConditionsService.offered(docket, setUp);
    }

    public ConditionsChoice conditions() {
        return ConditionsChoice.of(setUp);
    }

    /** What the words of the page speak of, as messages name it. */
    public String with() {
        return setUp.gaugeInUse().code();
    }

    /** Whether the gauge is rocked to find where its needle turns back. */
    public boolean rocked() {
        GaugeKind kind = setUp.requirement().gaugeKind();
        return setUp.onMaster() && (kind == GaugeKind.BORE_GAUGE || kind == GaugeKind.SNAP_GAUGE);
    }

    /** What the step that is shown is called. */
    public String title() {
        return setUp.title(shown);
    }

    public String currentTitle() {
        return setUp.title(setUp.current());
    }

    /** How the verdict stands. */
    public Standing standing() {
        return Standing.of(setUp.verdict().outcome());
    }

    /** The same, or that the requirement is left out. */
    public Standing standingLeftOut() {
        return setUp.wholeLeftOut().isPresent() ? Standing.LEFT_OUT : standing();
    }

    /** Where Tables go on from here. */
    public List<CalculatorLink> toTables() {
        return CalculatorLink.of(docket, setUp);
    }

    /** Whether a tilt or slope can be taken out of the picture. */
    public boolean levels() {
        return Pictures.levels(setUp.assessment());
    }

    /** Whether the face can be seen raised. */
    public boolean raises() {
        return Pictures.raises(setUp.assessment());
    }

    /** One slide of the order of work. */
    public record Slide(
            Step step, String title, boolean done, boolean leftOut, boolean shown, String note, String address) {

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
                        setUp.title(step),
                        setUp.done(step),
                        setUp.leftOut(step).isPresent(),
                        step == shown,
                        note(step),
                        base() + "?step=" + step.path()))
                .toList();
    }

    /** The address of this requirement's work. */
    public String base() {
        return "/dockets/" + docket.number() + "/" + setUp.requirement().position();
    }

    private String note(Step step) {
        int read = setUp.assessment().sweep().readings().size();
        if (step == Step.SWEEP && read > 0 && !setUp.done(step)) {
            return Words.say("docket.of", read, setUp.sweep().layout().size());
        }
        return "";
    }

    public List<RequirementItem> items() {
        return RequirementItem.of(docket, setUp);
    }

    /** The requirement whose readings this one is judged from; empty where it has its own. */
    public Optional<SetUp> leader() {
        return docket.leader(setUp);
    }

    /** The requirements that are judged from the readings of this one, by their titles; empty where there are none. */
    public String followers() {
        return docket.setUps().stream()
                .filter(other ->
                        docket.leader(other).filter(leader -> leader == setUp).isPresent())
                .map(other -> other.requirement().title() + datum(other))
                .collect(Collectors.joining(", "));
    }

    private static String datum(SetUp other) {
        String datum = other.requirement().limitTerms().datum();
        return datum.isEmpty() ? "" : Words.say("docket.to-datum", datum);
    }

    /** The requirement that is shown once this verdict is accepted; empty in the other steps and at the last. */
    public Optional<SetUp> goesOn() {
        return shown == Step.VERDICT ? following() : Optional.empty();
    }

    /** Whether the docket is signed next, once this verdict is accepted. */
    public boolean lastToAccept() {
        return shown == Step.VERDICT
                && docket.setUps().stream().filter(other -> other != setUp).allMatch(SetUp::settled);
    }

    public Optional<Reduction> reduction() {
        return setUp.assessment().reduction();
    }

    public Optional<Station> next() {
        return setUp.assessment().sweep().next();
    }

    /** What has to be done with the zero before the next reading; empty for nothing. */
    public String zeroFirst() {
        return atReturn() ? "" : ZeroFirst.words(setUp);
    }

    /** Whether only the return is still to be read. */
    public boolean atReturn() {
        return setUp.assessment().sweep().stationsToGo() == 0 && !setUp.sweep().complete();
    }

    public boolean answers() {
        return setUp.sweep().layout().kind().answered();
    }

    /** Whether several questions are still to be answered, so that they can be answered at once. */
    public boolean restOffered() {
        int left = setUp.sweep().layout().size() - setUp.sweep().readings().size();
        return setUp.sweep().layout().kind() == LayoutKind.YES_NO && left > 1;
    }

    /** Whether there is a figure, rather than answers alone. */
    public boolean measured() {
        return setUp.sweep().layout().kind() != LayoutKind.YES_NO;
    }

    /** Whether what was found can be corrected by a known step. */
    public boolean correctable() {
        return mayWork && setUp.correctable();
    }

    /** Whether what was read can be laid beside what the same piece read before. */
    public boolean comparable() {
        return !setUp.blind()
                && setUp.sweep().complete()
                && !setUp.sweep().layout().kind().answered();
    }

    /** Whether the simulated indicator can be put in the gauge's place now. */
    public boolean simulatable() {
        return SimulatedGauge.possible(setUp) && setUp.sweep().readings().isEmpty();
    }

    /** The requirement to go on with after this one, if any. */
    public Optional<SetUp> following() {
        List<SetUp> order = docket.suggested();
        int own = order.indexOf(setUp);
        return java.util.stream.IntStream.range(1, order.size())
                .mapToObj(i -> order.get((own + i) % order.size()))
                .filter(other -> !other.settled() && other.waitsFor().isEmpty())
                .findFirst();
    }

    /** The share of the limit that a length takes as indicator movement, in percent; empty where nothing is limited. */
    public Optional<Long> share(Length length) {
        double width = setUp.requirement().terms().allowedMovement();
        return width > 0 ? Optional.of(Math.round(100 * length.micrometres() / width)) : Optional.empty();
    }

    /** Whether the register has no gauge that can be used for it. */
    public boolean gaugeMissing() {
        return setUp.sweep().gauges().stream().anyMatch(Gauge::missing);
    }

    /** The factor by which the uncertainty was expanded; empty where there is none. */
    public String coverage() {
        return setUp.judgement().budget().map(Coverage::said).orElse("");
    }

    /** What bare numbers mean, where that is not a unit of the drawing's system. */
    public String bareUnits() {
        return setUp.sweep().gauges().stream()
                .map(gauge -> gauge.readingUnit() == ReadingUnit.DIVISION
                        ? Words.say("docket.divisions-of", gauge.dial().graduation())
                        : gauge.readingUnit().symbol())
                .distinct()
                .collect(Collectors.joining(Words.say("docket.and")));
    }

    /** Who read what is shown, when and with what. */
    public String readers() {
        return SweepLine.readers(setUp, docket.signed());
    }

    /** Whether anything was taken off the readings that are shown. */
    public boolean corrected() {
        Corrections corrections = setUp.corrections(setUp.sweep().gauge());
        return setUp.sweep().assessment().driftTaken()
                || corrections.leverDegrees() > 0
                || corrections.sag().isPresent()
                || setUp.sweep().outwards();
    }

    /** How far the true figure may lie from the one found, either way, or above and below where they differ. */
    public String uncertainty() {
        Verdict verdict = setUp.verdict();
        Double value = verdict.value();
        return figures.knownTo(value == null ? 0 : value, verdict.expanded(), verdict.below());
    }

    /** How a part of the uncertainty was evaluated. */
    public String evaluated(Contribution part) {
        if (part.ofReadings()) {
            return Double.isInfinite(part.degreesOfFreedom())
                    ? Words.say("docket.kind-a")
                    : Words.say("docket.kind-a-with-degrees", Math.round(part.degreesOfFreedom()));
        }
        return part.even()
                .map(even -> Words.say(
                        "docket.kind-b-even",
                        display.amount(even.halfWidth()),
                        display.symbol(),
                        Display.plain(even.sensitivity(), 2)))
                .orElseGet(() -> Words.say("docket.kind-b-normal"));
    }

    /** The requirement that is read at the same time with its own indicator; empty where none is. */
    public Optional<SetUp> beside() {
        return TwoIndicators.with(docket, setUp).filter(other -> other.current() == Step.SWEEP);
    }

    /** The one that could be. */
    public Optional<SetUp> besideOffered() {
        return mayWork ? TwoIndicators.offered(docket, setUp) : Optional.empty();
    }

    /** Where the last reading was taken, which is what is taken back: here or at the one that is read beside. */
    public SetUp lastRead() {
        return TwoIndicators.last(docket, setUp);
    }

    /** How the part is dialled in. */
    public DialInView dialIn() {
        return DialInView.of(setUp, mayWork, display);
    }

    /** The fields of the temperatures. */
    public TemperatureFields temperatures() {
        return TemperatureFields.of(setUp);
    }

    /** Whether temperatures change what is measured. */
    public boolean warmthCounts() {
        return SaidCircumstance.warmthCounts(setUp.requirement());
    }

    /** The flex of the holder as it was typed; empty where it was not. */
    public String flexTyped() {
        return setUp.circumstance().map(CircumstanceService::flex).orElse("");
    }

    /** What was said of warmth, holder and plate; empty where nothing was. */
    public String circumstance() {
        return setUp.circumstance().map(CircumstanceWords::of).orElse("");
    }

    /** Whether the gauge can stand at an angle to the surface. */
    public boolean leverOffered() {
        return setUp.sweep().gauge().hasArm();
    }

    /** Whether the gauge is carried round an axis on an arm. */
    public boolean sagOffered() {
        return leverOffered()
                && setUp.sweep().layout().stations().stream().anyMatch(station -> station.angle() != null);
    }

    /** Whether the sweep comes back to its zero, so that drift shows. */
    public boolean driftOffered() {
        return setUp.sweep().layout().returns();
    }

    /** What a true mandrel was said to read at the bottom, in the unit of the gauge; empty where sag is not known. */
    public String mandrel() {
        return CorrectionService.mandrel(setUp);
    }

    /** The sweeps that may be seen, attempt by attempt. */
    public List<SweepLine> sweepLines() {
        return SweepLine.of(setUp, figures, display);
    }

    public boolean anySetAside() {
        return setUp.visibleAttempts().stream()
                .flatMap(attempt -> attempt.sweeps().stream())
                .anyMatch(sweep -> sweep.setAside() != null);
    }

    /** The sweeps of the present attempt that can be set aside. */
    public List<SweepLine.Choice> toSetAside() {
        return SweepLine.toSetAside(setUp, figures);
    }

    /** How the sweeps differ, where they differ by more than they may. */
    public Optional<String> disagreement() {
        return setUp.verdict().because() == Because.SWEEPS_DISAGREE
                ? Optional.of(SweepLine.capital(words.line()) + ".")
                : Optional.empty();
    }

    /** The difference between inspectors, in one sentence; empty while there is one result only. */
    public Optional<String> inspectors() {
        return setUp.findings().inspectors().map(unused -> InspectorWords.sentence(setUp, figures));
    }

    /** The first whole verdict, where something was read after it. */
    public Optional<String> asFound() {
        boolean more = setUp.sweeps().stream().filter(SweepRecord::touched).count() > 1;
        return setUp.blind() || !more
                ? Optional.empty()
                : setUp.asFound().map(found -> {
                    Double value = found.verdict().value();
                    return (value == null ? "" : figures.amount(value) + " " + figures.symbol() + ", ")
                            + Words.of(found.verdict().outcome().word());
                });
    }

    /** Whether another inspector can measure now. */
    public boolean secondPossible() {
        return mayWork
                && !setUp.blind()
                && setUp.attempt().whole()
                && setUp.sweep().complete();
    }

    /** Whether the part can be measured as corrected now. */
    public boolean correctedPossible() {
        return mayWork && !setUp.blind() && setUp.sweep().complete();
    }

    /** What else the sweep shows. */
    public DetailsView said() {
        return SetUpDisplay.said(setUp, figures, display);
    }

    public List<Repeats.Line> repeats() {
        return Repeats.of(setUp, display);
    }

    /** What the columns of repeats are called. */
    public List<String> repeatNames() {
        return Repeats.sweeps(setUp).stream()
                .map(sweep -> Words.say("docket.sweep", sweep.number(), with()))
                .toList();
    }
}
