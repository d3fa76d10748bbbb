package org.eskarn.app.docket.work;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Clock;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.DocketMapper;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.SaidCircumstance;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.SetUpLock;
import org.eskarn.app.docket.SweepRecord;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.gauge.GaugeKind;
import org.eskarn.app.gauge.GaugeService;
import org.eskarn.app.gauge.GaugeStatus;
import org.eskarn.app.page.Words;
import org.eskarn.app.part.Part;
import org.eskarn.app.part.PartService;
import org.eskarn.core.reading.Entry;
import org.eskarn.core.reading.EntryParser;
import org.eskarn.core.reading.EntryRejected;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.units.Length;
import org.eskarn.core.verdict.Outcome;
import org.eskarn.core.verdict.Verdict;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is said of the warmth, the holder and the plate of a set-up, on which its figures rest. */
@Service
public class CircumstanceService {

    private static final double COLDEST = -30;
    private static final double HOTTEST = 90;
    private static final double FURTHEST_TOLERANCE = 20;
    private static final int FLATNESS_DECIMALS = 3;

    private final DocketMapper mapper;
    private final DocketService dockets;
    private final GaugeService gauges;
    private final PartService parts;
    private final SetUpLock lock;
    private final Clock clock;

    CircumstanceService(
            DocketMapper mapper,
            DocketService dockets,
            GaugeService gauges,
            PartService parts,
            SetUpLock lock,
            Clock clock) {
        this.mapper = mapper;
        this.dockets = dockets;
        this.gauges = gauges;
        this.parts = parts;
        this.lock = lock;
        this.clock = clock;
    }

    /**
     * What stands in the fields; empty for none.
     *
     * @param flex by how much the same place reads otherwise from the other side, in the unit of the gauge
     * @param plate id of the plate or stand; null for none
     * @param reason why it is said only after something was read
     */
    public record CircumstanceForm(
            String partCelsius,
            String gaugeCelsius,
            String tolerance,
            String flex,
            @Nullable Long plate,
            String reason) {}

    /** A plate or stand, with its flatness as it is known. */
    public record Plate(Gauge gauge, BigDecimal flatness, boolean inspected) {}

    /** Plates and stands in service that a part can stand on. */
    @Transactional(readOnly = true)
    public List<Plate> plates() {
        return gauges.all().stream()
                .filter(gauge -> gauge.kind() == GaugeKind.SURFACE_PLATE || gauge.kind() == GaugeKind.STAND)
                .filter(gauge -> gauge.status() == GaugeStatus.IN_SERVICE)
                .sorted(Comparator.comparing(Gauge::mark))
                .map(this::plate)
                .toList();
    }

    /** Flat as its last signed inspection found it, its uncertainty added; or else as its limit says. */
    private Plate plate(Gauge gauge) {
        Optional<Double> inspected = Optional.ofNullable(mapper.lastInspection(gauge.id()))
                .flatMap(row -> dockets.find(row.number()))
                .flatMap(CircumstanceService::flatness);
        double flatness = inspected.orElseGet(() -> gauge.dial().errorLimit().micrometres());
        return new Plate(
                gauge,
                BigDecimal.valueOf(flatness).setScale(FLATNESS_DECIMALS, RoundingMode.HALF_UP),
                inspected.isPresent());
    }

    private static Optional<Double> flatness(Docket docket) {
        return docket.setUps().stream()
                .filter(setUp -> setUp.requirement().characteristic() == Characteristic.FLATNESS)
                .map(SetUp::verdict)
                .filter(verdict -> verdict.outcome() != Outcome.NOT_PROVEN && verdict.value() != null)
                .map((Verdict verdict) -> java.util.Objects.requireNonNull(verdict.value()) + verdict.expanded())
                .max(Comparator.naturalOrder());
    }

    /**
     * @throws DocketConflict if the set-up changed since the page was made, a field is none, a temperature stands alone, the part's
     *     expansion is not known, or it is said under readings without a reason
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void say(int number, int position, CircumstanceForm form, int version, long by) throws DocketConflict {
        SetUp setUp = lock.unchanged(number, position, version, by);
        boolean warm = !form.partCelsius().isBlank()
                || !form.gaugeCelsius().isBlank()
                || !form.tolerance().isBlank();
        boolean inches = !setUp.requirement().metric();
        TypedDegrees part = warm ? temperature(form.partCelsius(), inches, Words.say("docket.of-the-part")) : null;
        TypedDegrees gauge = warm ? temperature(form.gaugeCelsius(), inches, Words.say("docket.of-the-gauge")) : null;
        TypedDegrees tolerance = warm ? tolerance(form.tolerance(), inches) : null;
        Optional<Length> flex = flex(setUp, form.flex());
        Optional<Plate> plate = form.plate() == null
                ? Optional.empty()
                : plates().stream()
                        .filter(each -> each.gauge().id() == form.plate())
                        .findFirst();
        if (form.plate() != null && plate.isEmpty()) {
            throw new DocketConflict(Words.say("docket.choose-a-plate-in-service"));
        }
        boolean read = setUp.sweeps().stream().anyMatch(SweepRecord::touched);
        String reason =
                read ? SetUpLock.reason(form.reason(), Words.say("docket.readings-stand-enter-how-it-was-found")) : "";
        lock.reopenProof(setUp, by);
        mapper.insertCircumstance(
                new SaidCircumstance(
                        0,
                        setUp.readId(),
                        part == null ? null : part.amount(),
                        gauge == null ? null : gauge.amount(),
                        tolerance == null ? null : tolerance.amount(),
                        warm ? expansion(setUp) : null,
                        flex.map(Length::amount).orElse(null),
                        flex.map(Length::unit).orElse(null),
                        plate.map(each -> each.gauge().id()).orElse(null),
                        null,
                        plate.map(Plate::flatness).orElse(null),
                        reason,
                        by,
                        "",
                        clock.instant(),
                        setUp.circumstance().map(SaidCircumstance::onSlide).orElse(null),
                        part == null ? null : part.otherwise(),
                        gauge == null ? null : gauge.otherwise(),
                        tolerance == null ? null : tolerance.otherwise()),
                by);
    }

    /**
     * Says whether the indicator is carried by the slide that ground or guides the face.
     *
     * @throws DocketConflict if the set-up changed since the page was made, or that is not asked of it
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void sayOnSlide(int number, int position, boolean carried, int version, long by) throws DocketConflict {
        SetUp setUp = lock.unchanged(number, position, version, by);
        if (!setUp.requirement().asksSlide()) {
            throw lock.changedMeanwhile(setUp);
        }
        SaidCircumstance last =
                setUp.circumstance().orElseGet(() -> SaidCircumstance.none(setUp.readId(), by, clock.instant()));
        lock.reopenProof(setUp, by);
        mapper.insertCircumstance(last.onSlide(carried, by, clock.instant()), by);
    }

    /** The flex that was said, in its own unit. */
    static String flex(SaidCircumstance said) {
        BigDecimal flex = said.flex();
        return flex == null || said.flexUnit() == null
                ? ""
                : flex.stripTrailingZeros().toPlainString() + " "
                        + said.flexUnit().symbol();
    }

    /** Typed as a reading of the gauge is, so that divisions are divisions. */
    private static Optional<Length> flex(SetUp setUp, String typed) throws DocketConflict {
        if (typed.isBlank()) {
            return Optional.empty();
        }
        Gauge gauge = setUp.sweep().gauge();
        try {
            Entry entry = EntryParser.parse(typed, gauge.readingUnit());
            return Optional.of(entry.middle(gauge.dial().graduation()));
        } catch (EntryRejected e) {
            throw new DocketConflict(Words.of(e.note()));
        }
    }

    private BigDecimal expansion(SetUp setUp) throws DocketConflict {
        if (!SaidCircumstance.warmthCounts(setUp.requirement())) {
            throw new DocketConflict(Words.say("docket.warmth-counts-for-sizes-only"));
        }
        BigDecimal expansion = parts.part(setUp.requirement().head().partId())
                .map(Part::expansion)
                .orElse(null);
        if (expansion == null) {
            throw new DocketConflict(Words.say("docket.the-part-has-no-expansion"));
        }
        return expansion;
    }

    private static TypedDegrees temperature(String typed, boolean inches, String whose) throws DocketConflict {
        TypedDegrees read = TypedDegrees.temperature(typed, inches)
                .filter(degrees -> degrees.amount().doubleValue() >= COLDEST
                        && degrees.amount().doubleValue() <= HOTTEST)
                .orElseThrow(() -> new DocketConflict(
                        inches
                                ? Words.say("docket.enter-the-temperature-fahrenheit", whose)
                                : Words.say("docket.enter-the-temperature", whose)));
        if (read.doubtful()) {
            throw new DocketConflict(Words.say(
                    "docket.enter-the-temperature-with-its-unit",
                    typed.strip(),
                    read.amount().setScale(1, RoundingMode.HALF_UP).toPlainString(),
                    whose));
        }
        return read;
    }

    private static TypedDegrees tolerance(String typed, boolean inches) throws DocketConflict {
        return TypedDegrees.difference(typed, inches)
                .filter(degrees ->
                        degrees.amount().signum() > 0 && degrees.amount().doubleValue() <= FURTHEST_TOLERANCE)
                .orElseThrow(() -> new DocketConflict(Words.say("docket.enter-to-what-the-temperatures-are-known")));
    }
}
