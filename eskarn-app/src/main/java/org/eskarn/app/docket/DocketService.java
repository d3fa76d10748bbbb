package org.eskarn.app.docket;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toMap;
import static java.util.stream.Collectors.toSet;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.gauge.GaugeService;
import org.eskarn.app.page.Words;
import org.eskarn.app.part.Part;
import org.eskarn.app.part.PartRequirement;
import org.eskarn.app.part.PartService;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads dockets whole, opens new ones and closes signed ones. */
@Service
public class DocketService {

    private final DocketMapper dockets;
    private final PartService parts;
    private final GaugeService gauges;
    private final Clock clock;

    DocketService(DocketMapper dockets, PartService parts, GaugeService gauges, Clock clock) {
        this.dockets = dockets;
        this.parts = parts;
        this.gauges = gauges;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public Optional<Docket> find(int number) {
        return assemble(dockets.byNumber(number).stream().toList()).stream().findFirst();
    }

    /**
     * Dockets in work, by due date.
     *
     * @param total how many there are in all
     * @param dockets those asked for, and all that somebody asked to wait
     */
    public record InHand(int total, List<Docket> dockets) {}

    /**
     * Some dockets in work by due date, and all on which something waits.
     *
     * @param from the first wanted, from 0, those that wait not counted
     * @param most how many at most, those that wait not counted
     */
    @Transactional(readOnly = true)
    public InHand inHand(int from, int most) {
        List<DocketRow> rows = dockets.bySigned(false);
        Set<Long> waiting = Set.copyOf(dockets.waiting());
        List<DocketRow> shown = new ArrayList<>();
        int others = 0;
        for (DocketRow row : rows) {
            boolean waits = waiting.contains(row.id());
            if (waits || (others >= from && others < from + most)) {
                shown.add(row);
            }
            others += waits ? 0 : 1;
        }
        return new InHand(rows.size(), assemble(shown));
    }

    /** The dockets in hand by the day they are due; of each only what says which it is. */
    @Transactional(readOnly = true)
    public List<DueDocket> due() {
        List<DocketRow> rows = dockets.bySigned(false);
        Map<Long, Part> byId = rows.isEmpty() ? Map.of() : parts.parts(partIds(rows));
        return rows.stream()
                .map(row -> new DueDocket(
                        row.number(),
                        Objects.requireNonNull(byId.get(row.partId())).title(),
                        row.serial(),
                        row.due()))
                .toList();
    }

    /** All signed dockets. */
    @Transactional(readOnly = true)
    public List<Docket> signed() {
        return assemble(dockets.bySigned(true));
    }

    /** The newest dockets of a revision of a part whose serials lie from one to another as people count, empty for no bound. */
    @Transactional(readOnly = true)
    public List<Docket> ofPart(long partId, String from, String to, int most) {
        if (from.isEmpty() && to.isEmpty()) {
            return assemble(dockets.ofPart(partId, most));
        }
        SerialOrder order = new SerialOrder();
        List<Integer> numbers = dockets.serialsOfPart(partId).stream()
                .filter(each -> order.within(each.serial(), from, to))
                .map(DocketMapper.Numbered::number)
                .limit(most)
                .toList();
        return numbers.isEmpty() ? List.of() : assemble(dockets.byNumbers(numbers));
    }

    /** What a new docket is opened for. */
    public record Opening(
            long partId,
            String serial,
            int piece,
            int pieces,
            String purpose,
            String askedBy,
            LocalDate due,
            @Nullable Long gaugeId) {

        /** For a part, not a gauge. */
        public Opening(
                long partId, String serial, int piece, int pieces, String purpose, String askedBy, LocalDate due) {
            this(partId, serial, piece, pieces, purpose, askedBy, due, null);
        }
    }

    /**
     * Opens a docket with a set-up, a first attempt and a first, empty sweep for each requirement of the part, which
     * from then on stays as it is. Returns its number.
     */
    @Transactional
    public int open(Opening opening, long by) {
        parts.markOpened(opening.partId());
        lockNumbers();
        int number = nextNumber();
        DocketRow row = new DocketRow(
                0,
                number,
                opening.partId(),
                opening.serial(),
                opening.piece(),
                opening.pieces(),
                opening.purpose(),
                opening.askedBy(),
                opening.due(),
                false,
                clock.instant(),
                opening.gaugeId(),
                by,
                "",
                null,
                "");
        dockets.insertDocket(row, by);
        long id = dockets.idOf(number);
        List<SharedReadings> shared = SharedReadings.of(parts.requirements(opening.partId()));
        dockets.insertSetUps(id, opening.partId(), by, clock.instant());
        Map<Long, Long> setUpOf =
                dockets.setUps(List.of(id)).stream().collect(toMap(SetUpRow::requirementId, SetUpRow::id));
        SharedReadings.leaders(shared)
                .forEach((requirement, leader) -> dockets.setReadWith(
                        Objects.requireNonNull(setUpOf.get(requirement)), Objects.requireNonNull(setUpOf.get(leader))));
        dockets.insertAttempts(id, by, clock.instant());
        dockets.insertSweeps(firstSweeps(shared, setUpOf), by, clock.instant());
        return number;
    }

    /**
     * Opens a docket that takes the place of a signed one, for the same piece, revision and purpose. Returns its number.
     *
     * @throws DocketConflict if the other is not signed, or another takes its place already
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public int supersede(int signed, String reason, LocalDate due, long by) throws DocketConflict {
        DocketRow row = dockets.byNumber(signed)
                .orElseThrow(() -> new DocketConflict(Words.say("docket.there-is-no-docket", signed)));
        // Whoever does the same in the same moment waits here.
        dockets.hold(row.id());
        if (!row.signed()) {
            throw new DocketConflict(Words.say("docket.only-a-signed-docket-is-superseded"));
        }
        Optional<DocketRow> other = dockets.superseding(signed);
        if (other.isPresent()) {
            throw new DocketConflict(Words.say(
                    "docket.is-superseded-already", signed, other.get().number()));
        }
        int number = open(
                new Opening(
                        row.partId(),
                        row.serial(),
                        row.piece(),
                        row.pieces(),
                        row.purpose(),
                        row.askedBy(),
                        due,
                        row.gaugeId()),
                by);
        dockets.supersede(number, signed, reason);
        return number;
    }

    /** Which docket takes the place of another, and whether it is signed. */
    public record Superseding(int number, boolean signed, String reason) {}

    @Transactional(readOnly = true)
    public Optional<Superseding> superseding(int number) {
        return dockets.superseding(number)
                .map(row -> new Superseding(row.number(), row.signed(), row.supersedesReason()));
    }

    /** Whoever opens another in the same moment, or changes the order of those in hand, waits here until the transaction ends. */
    @Transactional
    public void lockNumbers() {
        dockets.lockNumbers();
    }

    /** Only after {@link #lockNumbers}, in the same transaction. */
    @Transactional(readOnly = true)
    public int nextNumber() {
        return dockets.highestNumber() + 1;
    }

    /** One for each set of readings, with the usual gauges of what asks most of them. */
    private List<FirstSweep> firstSweeps(List<SharedReadings> shared, Map<Long, Long> setUpOf) {
        List<Gauge> all = gauges.all();
        LocalDate today = LocalDate.now(clock);
        return shared.stream()
                .map(each -> new FirstSweep(
                        Objects.requireNonNull(setUpOf.get(each.leader().id())),
                        GaugeChoice.usual(each.finest(), 1, all, today)
                                .map(Gauge::id)
                                .orElse(null),
                        GaugeChoice.usual(each.finest(), 2, all, today)
                                .map(Gauge::id)
                                .orElse(null)))
                .toList();
    }

    /**
     * Locks all set-ups of a docket until the transaction ends, so that what is read now is what gets signed.
     *
     * @throws DocketConflict if the docket is signed already
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public Docket lock(int number, long by) throws DocketConflict {
        DocketRow row = dockets.byNumber(number)
                .orElseThrow(() -> new DocketConflict(Words.say("docket.there-is-no-docket", number)));
        // Set-ups before the docket, as everybody locks them.
        dockets.touchAll(row.id(), by, clock.instant());
        dockets.hold(row.id());
        return unsigned(number);
    }

    /** Looked at only once it is locked: it may have been signed while that waited. */
    private Docket unsigned(int number) throws DocketConflict {
        Docket docket = find(number).orElseThrow();
        if (docket.signed()) {
            throw new DocketConflict(Words.say("docket.docket-is-signed-already-nothing-was-changed", number));
        }
        return docket;
    }

    /**
     * Keeps a docket from being signed until the transaction ends, for a change to what belongs to it and to none of its requirements.
     *
     * @throws DocketConflict if it is signed already
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public Docket hold(int number) throws DocketConflict {
        DocketRow row = dockets.byNumber(number)
                .orElseThrow(() -> new DocketConflict(Words.say("docket.there-is-no-docket", number)));
        dockets.hold(row.id());
        return unsigned(number);
    }

    /** Only after {@link #lock}, in the same transaction. */
    @Transactional
    public void close(Docket docket) {
        if (dockets.markSigned(docket.id()) == 0) {
            throw new IllegalStateException("docket " + docket.number() + " was signed while it was locked");
        }
    }

    /** One set-up alone, as far as its own work goes; for a change to it the others need not be read. */
    @Transactional(readOnly = true)
    Optional<SetUp> setUp(DocketRow docket, SetUpRow row) {
        List<PartRequirement> requirements = forPurpose(docket, requirementsOf(List.of(docket)));
        List<SetUpRow> rows = row.readWith() == null ? List.of(row) : List.of(dockets.setUp(row.readId()), row);
        return assembler(rows).setUps(rows, requirements).stream()
                .filter(setUp -> setUp.id() == row.id())
                .findFirst();
    }

    /** The same dockets, whole; for services of this place that found their rows by themselves. */
    @Transactional(readOnly = true)
    public List<Docket> whole(List<DocketRow> rows) {
        return assemble(rows);
    }

    @Transactional(readOnly = true)
    public List<Docket> byIds(List<Long> ids) {
        return ids.isEmpty() ? List.of() : assemble(dockets.byIds(ids));
    }

    private List<Docket> assemble(List<DocketRow> rows) {
        if (rows.isEmpty()) {
            return List.of();
        }
        Map<Long, Part> partsById = parts.parts(partIds(rows));
        Map<Long, List<PartRequirement>> requirements = requirementsOf(rows);
        List<SetUpRow> setUps = dockets.setUps(rows.stream().map(DocketRow::id).toList());
        Map<Long, List<SetUpRow>> setUpsOf = setUps.stream().collect(groupingBy(SetUpRow::docketId));
        SetUpAssembler assembler = assembler(setUps);
        return rows.stream()
                .map(row -> new Docket(
                        row,
                        Objects.requireNonNull(partsById.get(row.partId())),
                        assembler.setUps(setUpsOf.getOrDefault(row.id(), List.of()), forPurpose(row, requirements))))
                .toList();
    }

    private static List<PartRequirement> forPurpose(DocketRow docket, Map<Long, List<PartRequirement>> byPart) {
        List<PartRequirement> requirements = byPart.getOrDefault(docket.partId(), List.of());
        return docket.inService()
                ? requirements.stream().map(PartRequirement::inService).toList()
                : requirements;
    }

    /** What a signed docket shows, and its seal is checked against, always comes from the disk. */
    private Map<Long, List<PartRequirement>> requirementsOf(List<DocketRow> rows) {
        boolean signed = rows.stream().anyMatch(DocketRow::signed);
        return signed ? parts.requirements(partIds(rows)) : parts.remembered(partIds(rows));
    }

    private static List<Long> partIds(List<DocketRow> rows) {
        return rows.stream().map(DocketRow::partId).distinct().toList();
    }

    private SetUpAssembler assembler(List<SetUpRow> setUps) {
        List<Long> ids = setUps.stream().map(SetUpRow::id).toList();
        if (ids.isEmpty()) {
            return new SetUpAssembler(
                    Map.of(), Map.of(), Map.of(), Map.of(), Map.of(), Map.of(), Map.of(), Map.of(), Map.of(), Map.of(),
                    Map.of(), Map.of(), Map.of(), Map.of(), Map.of(), Map.of(), Map.of(), Set.of(), Map.of());
        }
        List<SweepRow> sweeps = dockets.sweeps(ids);
        Set<Long> used = sweeps.stream()
                .flatMap(sweep -> Stream.of(sweep.gaugeId(), sweep.secondGaugeId()))
                .filter(Objects::nonNull)
                .collect(toSet());
        List<TruingStepDone> steps = dockets.truingSteps(ids);
        return new SetUpAssembler(
                gauges.byIds(used),
                gauges.scatter(ids),
                gauges.curves(used),
                dockets.circumstances(ids).stream()
                        .collect(toMap(SaidCircumstance::setUpId, row -> row, (old, last) -> last)),
                dockets.attempts(ids).stream().collect(groupingBy(AttemptRow::setUpId)),
                sweeps.stream().collect(groupingBy(SweepRow::setUpId)),
                dockets.readings(ids).stream().collect(groupingBy(TakenReading::sweepId)),
                dockets.zeros(ids).stream().collect(groupingBy(MasterZero::sweepId)),
                dockets.setAside(ids).stream().collect(toMap(SetAside::sweepId, row -> row)),
                dockets.signs(ids).stream().collect(groupingBy(ChosenSign::sweepId)),
                dockets.extraStations(ids).stream().collect(groupingBy(ExtraStation::sweepId)),
                dockets.stepsDone(ids).stream().collect(groupingBy(StepDone::setUpId)),
                dockets.preparationsDone(ids).stream().collect(groupingBy(PreparationDone::setUpId)),
                dockets.leftOut(ids).stream().collect(groupingBy(LeftOut::setUpId)),
                dockets.decisions(ids).stream().collect(groupingBy(Decision::setUpId)),
                dockets.remedies(ids).stream().collect(groupingBy(ChosenRemedy::setUpId)),
                steps.stream().collect(groupingBy(TruingStepDone::setUpId)),
                steps.stream().map(TruingStepDone::attemptId).collect(toSet()),
                dockets.dialledIn(ids).stream().collect(groupingBy(DialledIn::setUpId)));
    }
}
