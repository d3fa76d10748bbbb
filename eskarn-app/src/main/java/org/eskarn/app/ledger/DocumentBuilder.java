package org.eskarn.app.ledger;

import static org.eskarn.app.ledger.Parts.amount;
import static org.eskarn.app.ledger.Parts.choice;
import static org.eskarn.app.ledger.Parts.done;
import static org.eskarn.app.ledger.Parts.plain;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.eskarn.app.docket.Attempt;
import org.eskarn.app.docket.CircumstanceWords;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.PreparationDone;
import org.eskarn.app.docket.Rechecked;
import org.eskarn.app.docket.SaidCircumstance;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.SetUpDisplay;
import org.eskarn.app.docket.SweepRecord;
import org.eskarn.app.docket.TruingStepDone;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.gauge.GaugeService;
import org.eskarn.app.gauge.GaugeService.Whole;
import org.eskarn.app.ledger.document.CertificatePart;
import org.eskarn.app.ledger.document.GaugePart;
import org.eskarn.app.ledger.document.SignedDocument.AttemptPart;
import org.eskarn.app.ledger.document.SignedDocument.CelsiusPart;
import org.eskarn.app.ledger.document.SignedDocument.CircumstancePart;
import org.eskarn.app.ledger.document.SignedDocument.CorrectionsPart;
import org.eskarn.app.ledger.document.SignedDocument.DecisionPart;
import org.eskarn.app.ledger.document.SignedDocument.DialInPart;
import org.eskarn.app.ledger.document.SignedDocument.DocketPart;
import org.eskarn.app.ledger.document.SignedDocument.DrawnPart;
import org.eskarn.app.ledger.document.SignedDocument.LeftOutPart;
import org.eskarn.app.ledger.document.SignedDocument.PlateGauge;
import org.eskarn.app.ledger.document.SignedDocument.PlatePart;
import org.eskarn.app.ledger.document.SignedDocument.PreparationPart;
import org.eskarn.app.ledger.document.SignedDocument.RemedyPart;
import org.eskarn.app.ledger.document.SignedDocument.RemedyResult;
import org.eskarn.app.ledger.document.SignedDocument.RequirementPart;
import org.eskarn.app.ledger.document.SignedDocument.Result;
import org.eskarn.app.ledger.document.SignedDocument.StepPart;
import org.eskarn.app.ledger.document.SignedDocument.SupersededPart;
import org.eskarn.app.ledger.document.SignedDocument.TakenBack;
import org.eskarn.app.ledger.document.SignedDocument.TruingPart;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.app.part.Part;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Writes down a docket as it stands in the database: the record, and what is computed from it. */
@Component
class DocumentBuilder {

    private final GaugeService gauges;
    private final DrawingWriter drawings;
    private final CertificateParts certificates;
    private final Clock clock;

    DocumentBuilder(GaugeService gauges, DrawingWriter drawings, CertificateParts certificates, Clock clock) {
        this.gauges = gauges;
        this.drawings = drawings;
        this.certificates = certificates;
        this.clock = clock;
    }

    /**
     * What a docket holds, without the frame that signing puts round it. It is also what a signer sees: its hash tells
     * whether anything changed since.
     */
    record Content(
            DocketPart docket,
            DrawnPart part,
            List<RequirementPart> requirements,
            String outcome,
            @Nullable CertificatePart certificate) {}

    /** Where the result of a requirement comes from. */
    @FunctionalInterface
    interface Results {
        Result of(SetUp setUp);
    }

    /** The docket as it stands, judged by the rules of today. */
    Content content(Docket docket) {
        ResultParts parts = new ResultParts(drawings);
        return content(docket, parts::computed, docket.outcome().name());
    }

    /** The record alone, for comparing; results are left out. */
    Content record(Docket docket) {
        return content(docket, setUp -> ResultParts.NONE, "");
    }

    Content content(Docket docket, Results results, String outcome) {
        SweepParts sweeps = new SweepParts(register(docket), zone());
        return new Content(
                docketPart(docket, sweeps),
                part(docket.part()),
                docket.setUps().stream()
                        .map(setUp -> requirement(docket, setUp, results, sweeps))
                        .toList(),
                outcome,
                certificates.of(docket).orElse(null));
    }

    ZoneId zone() {
        return clock.getZone();
    }

    /** The gauges of a docket with their histories, each read once. */
    private Map<Long, Whole> register(Docket docket) {
        Map<Long, Whole> register = new HashMap<>();
        for (SetUp setUp : docket.setUps()) {
            for (SweepRecord sweep : setUp.sweeps()) {
                for (Gauge gauge : sweep.gauges()) {
                    if (!gauge.missing() && !register.containsKey(gauge.id())) {
                        gauges.whole(gauge.id()).ifPresent(whole -> register.put(gauge.id(), whole));
                    }
                }
            }
        }
        return register;
    }

    private DocketPart docketPart(Docket docket, SweepParts sweeps) {
        Long inspected = docket.gaugeId();
        GaugePart gauge = Optional.ofNullable(inspected)
                .flatMap(gauges::find)
                .map(each -> sweeps.gauge(each, docket.openedAt()))
                .orElse(null);
        return new DocketPart(
                docket.number(),
                docket.serial(),
                docket.piece(),
                docket.pieces(),
                docket.purpose(),
                docket.askedBy(),
                docket.due().toString(),
                done(docket.openedBy(), docket.openedByName(), docket.openedAt()),
                gauge,
                superseded(docket));
    }

    private static @Nullable SupersededPart superseded(Docket docket) {
        Integer superseded = docket.supersedes();
        return superseded == null ? null : new SupersededPart(superseded, docket.supersedesReason());
    }

    private static DrawnPart part(Part part) {
        return new DrawnPart(
                part.id(),
                part.drawingNumber(),
                part.revision(),
                part.title(),
                part.material(),
                plain(part.expansion()));
    }

    private static RequirementPart requirement(Docket docket, SetUp setUp, Results results, SweepParts sweeps) {
        boolean inService = docket.inService();
        return new RequirementPart(
                setUp.requirement().id(),
                setUp.requirement().position(),
                setUp.requirement().title(),
                AskedParts.of(
                        setUp.requirement(),
                        inService,
                        !setUp.conditionsChosen().isEmpty()),
                preparations(setUp),
                setUp.stepsDone().stream()
                        .map(step -> new StepPart(
                                choice(step.step(), step.step().title()),
                                step.sweepId(),
                                done(step.doneBy(), step.doneByName(), step.doneAt())))
                        .toList(),
                setUp.leftOut().stream()
                        .map(left -> new LeftOutPart(
                                left.step() == null
                                        ? null
                                        : choice(left.step(), left.step().title()),
                                left.sweepId(),
                                left.reason(),
                                done(left.leftBy(), left.leftByName(), left.leftAt())))
                        .toList(),
                corrections(setUp),
                setUp.circumstance().map(DocumentBuilder::circumstances).orElse(null),
                setUp.attempts().stream()
                        .map(attempt -> attempt(attempt, setUp, sweeps))
                        .toList(),
                setUp.findings()
                        .recorded()
                        .map(row -> new DecisionPart(
                                row.standingAttemptId(),
                                row.reason(),
                                done(row.decidedBy(), row.decidedByName(), row.decidedAt())))
                        .orElse(null),
                setUp.rechecked().stream().map(each -> remedy(each, setUp)).toList(),
                setUp.truingSteps().stream()
                        .map(step -> new TruingPart(
                                step.attemptId(),
                                step.number(),
                                step.place(),
                                step.done(),
                                step.typed(),
                                step.movementMicrometres().toPlainString(),
                                done(step.takenBy(), step.takenByName(), step.takenAt()),
                                takenBack(step)))
                        .toList(),
                results.of(setUp),
                docket.leader(setUp)
                        .map(other -> other.requirement().position())
                        .orElse(null),
                dialledIn(setUp));
    }

    private static @Nullable TakenBack takenBack(TruingStepDone step) {
        return step.takenBackReason() == null
                        || step.takenBackBy() == null
                        || step.takenBackByName() == null
                        || step.takenBackAt() == null
                ? null
                : new TakenBack(
                        step.takenBackReason(), done(step.takenBackBy(), step.takenBackByName(), step.takenBackAt()));
    }

    private static @Nullable List<DialInPart> dialledIn(SetUp setUp) {
        return setUp.dialledIn().isEmpty()
                ? null
                : setUp.dialledIn().stream()
                        .map(round -> new DialInPart(
                                round.attemptId(),
                                round.number(),
                                round.placeNames(),
                                round.typed(),
                                List.of(round.micrometres().split(" ")),
                                round.withinTyped(),
                                round.withinMicrometres(),
                                done(round.takenBy(), round.takenByName(), round.takenAt())))
                        .toList();
    }

    private static List<PreparationPart> preparations(SetUp setUp) {
        return setUp.requirement().preparations().stream()
                .map(preparation -> new PreparationPart(
                        preparation.caution(),
                        preparation.text(),
                        setUp.preparationsDone().stream()
                                .filter(done -> done.preparationId() == preparation.id())
                                .findFirst()
                                .map((PreparationDone done) -> done(done.doneBy(), done.doneByName(), done.doneAt()))
                                .orElse(null)))
                .toList();
    }

    private static CircumstancePart circumstances(SaidCircumstance said) {
        String tolerance = plain(said.celsiusTolerance());
        String part = plain(said.partCelsius());
        String gauge = plain(said.gaugeCelsius());
        String expansion = plain(said.partExpansion());
        Long plate = said.plateId();
        return new CircumstancePart(
                part == null || gauge == null || tolerance == null || expansion == null
                        ? null
                        : new CelsiusPart(
                                part,
                                gauge,
                                tolerance,
                                expansion,
                                said.partTyped(),
                                said.gaugeTyped(),
                                said.toleranceTyped()),
                amount(said.flex(), said.flexUnit()),
                plate == null
                        ? null
                        : new PlatePart(
                                new PlateGauge(plate, String.valueOf(said.plateMark())),
                                String.valueOf(plain(said.plateFlatness()))),
                said.onSlide(),
                said.reason().isEmpty() ? null : said.reason(),
                CircumstanceWords.of(said),
                done(said.saidBy(), said.saidByName(), said.saidAt()));
    }

    private static @Nullable CorrectionsPart corrections(SetUp row) {
        Long by = row.correctionsBy();
        Instant at = row.correctionsAt();
        return row.corrections().none()
                ? null
                : new CorrectionsPart(
                        row.corrections().drift(),
                        amount(row.sag(), row.sagUnit()),
                        plain(row.lever()),
                        row.correctionsReason(),
                        by == null || at == null ? null : done(by, String.valueOf(row.correctionsByName()), at));
    }

    private static AttemptPart attempt(Attempt attempt, SetUp setUp, SweepParts sweeps) {
        int stations = setUp.requirement().terms().layout().size();
        Display figures = SetUpDisplay.figures(setUp);
        Display readings = SetUpDisplay.readings(setUp);
        return new AttemptPart(
                attempt.id(),
                attempt.number(),
                choice(attempt.kind(), attempt.kind().title()),
                attempt.correction(),
                done(attempt.begunBy(), attempt.begunByName(), attempt.begunAt()),
                attempt.sweeps().stream()
                        .map(sweep -> sweeps.of(sweep, setUp, stations, figures, readings))
                        .toList(),
                ResultParts.of(attempt, setUp));
    }

    private static RemedyPart remedy(Rechecked each, SetUp setUp) {
        Display display = SetUpDisplay.figures(setUp);
        String words = each.remedy().predictedMicrometres() == null
                ? ""
                : Words.say(
                        "ledger.predicted",
                        display.amount(each.remedy().predictedMicrometres().doubleValue()),
                        each.recheck()
                                .map(recheck -> Words.say(
                                        "ledger.found",
                                        display.amount(recheck.found()),
                                        recheck.agrees()
                                                ? Words.say("ledger.as-predicted")
                                                : Words.say("ledger.not-as-predicted")))
                                .orElse(""),
                        display.symbol());
        return new RemedyPart(
                each.remedy().attemptId(),
                choice(each.remedy().kind(), Words.of(each.remedy().kind().title())),
                each.remedy().words(),
                plain(each.remedy().predictedMicrometres()),
                each.remedy().uncertaintyMicrometres().toPlainString(),
                done(
                        each.remedy().decidedBy(),
                        each.remedy().decidedByName(),
                        each.remedy().decidedAt()),
                new RemedyResult(words + (each.replaced() ? Words.say("ledger.replaced-by-another") : "")));
    }
}
