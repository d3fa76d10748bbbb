package org.eskarn.app.docket;

import static java.util.stream.Collectors.toMap;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.part.PartRequirement;
import org.eskarn.core.evaluation.Judgement;
import org.eskarn.core.gauge.CalibrationCurve;
import org.eskarn.core.reading.LayoutRejected;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.uncertainty.Scatter;
import org.jspecify.annotations.Nullable;

/**
 * Puts rows read in bulk together to set-ups; each sweep is assessed once.
 *
 * @param curves what their last calibrations found, by their ids
 * @param circumstances last said, by the ids of the set-ups
 * @param workedAfter the attempts after which something was struck, moved or taken off, at whichever of the requirements that are
 *     judged from their readings it was logged
 * @param scatter of the gauges that were checked before, by the ids of the sweeps and the gauges
 */
record SetUpAssembler(
        Map<Long, Gauge> gauges,
        Map<Long, Map<Long, Scatter>> scatter,
        Map<Long, CalibrationCurve> curves,
        Map<Long, SaidCircumstance> circumstances,
        Map<Long, List<AttemptRow>> attempts,
        Map<Long, List<SweepRow>> sweeps,
        Map<Long, List<TakenReading>> readings,
        Map<Long, List<MasterZero>> zeros,
        Map<Long, SetAside> setAside,
        Map<Long, List<ChosenSign>> signs,
        Map<Long, List<ExtraStation>> extraStations,
        Map<Long, List<StepDone>> stepsDone,
        Map<Long, List<PreparationDone>> preparationsDone,
        Map<Long, List<LeftOut>> leftOut,
        Map<Long, List<Decision>> decisions,
        Map<Long, List<ChosenRemedy>> remedies,
        Map<Long, List<TruingStepDone>> truingSteps,
        Set<Long> workedAfter,
        Map<Long, List<DialledIn>> dialledIn) {

    /** The set-ups of one docket, in the order of the drawing. */
    List<SetUp> setUps(List<SetUpRow> rows, List<PartRequirement> requirements) {
        Map<Long, SetUpRow> byRequirement = rows.stream().collect(toMap(SetUpRow::requirementId, Function.identity()));
        Map<Long, SetUpRow> byId = rows.stream().collect(toMap(SetUpRow::id, Function.identity()));
        Map<Long, PartRequirement> asked =
                requirements.stream().collect(toMap(PartRequirement::id, Function.identity()));
        return requirements.stream()
                .filter(requirement -> byRequirement.containsKey(requirement.id()))
                .map(requirement -> {
                    SetUpRow row = Objects.requireNonNull(byRequirement.get(requirement.id()));
                    if (row.readWith() == null) {
                        return setUp(row, under(requirement, row.conditions()));
                    }
                    SetUpRow leader = Objects.requireNonNull(byId.get(row.readId()));
                    return setUp(
                            row.readingOf(leader),
                            requirement.readAs(Objects.requireNonNull(asked.get(leader.requirementId()))));
                })
                .toList();
    }

    private static PartRequirement under(PartRequirement requirement, String conditions) {
        try {
            return conditions.isEmpty() ? requirement : requirement.readUnder(conditions);
        } catch (LayoutRejected e) {
            throw new IllegalStateException("Conditions that were looked at when they were chosen: " + conditions, e);
        }
    }

    private SetUp setUp(SetUpRow row, PartRequirement requirement) {
        List<Attempt> whole = attempts(row, requirement);
        return new SetUp(
                row,
                requirement,
                whole,
                Findings.of(whole, decisions.getOrDefault(row.id(), List.of())),
                asFound(requirement, whole),
                ownAndShared(row, stepsDone, done -> done.step().ofRequirement()),
                preparationsDone.getOrDefault(row.readId(), List.of()),
                ownAndShared(row, leftOut, left -> left.step() == null),
                remedies.getOrDefault(row.id(), List.of()),
                truingSteps.getOrDefault(row.id(), List.of()),
                Optional.ofNullable(circumstances.get(row.readId())),
                dialledIn.getOrDefault(row.readId(), List.of()));
    }

    /** What a requirement has by itself, and what goes with the readings it is judged from. */
    private static <T> List<T> ownAndShared(SetUpRow row, Map<Long, List<T>> rows, Predicate<T> own) {
        if (row.readWith() == null) {
            return rows.getOrDefault(row.id(), List.of());
        }
        return Stream.concat(
                        rows.getOrDefault(row.id(), List.of()).stream().filter(own),
                        rows.getOrDefault(row.readId(), List.of()).stream().filter(own.negate()))
                .toList();
    }

    private List<Attempt> attempts(SetUpRow row, PartRequirement requirement) {
        List<SweepRow> taken = sweeps.getOrDefault(row.readId(), List.of());
        List<Attempt> attempts = new ArrayList<>();
        List<SweepRecord> pool = new ArrayList<>();
        for (AttemptRow attempt : this.attempts.getOrDefault(row.readId(), List.of())) {
            List<SweepRecord> own = taken.stream()
                    .filter(sweep -> sweep.attemptId() == attempt.id())
                    .map(sweep -> sweep(sweep, row, requirement))
                    .toList();
            if (own.isEmpty()) {
                // Begun and cancelled before anything was read.
                continue;
            }
            // Measured again, the part is the same: what was read before counts as well.
            if (attempt.kind() != AttemptKind.AGAIN) {
                pool.clear();
            }
            pool.addAll(own);
            // Measured again, what was read before the work still counts.
            boolean carried = attempt.kind() == AttemptKind.AGAIN
                    && !attempts.isEmpty()
                    && attempts.get(attempts.size() - 1).workedAfter();
            attempts.add(new Attempt(
                    attempt, own, judgement(requirement, pool), carried || workedAfter.contains(attempt.id())));
        }
        return attempts;
    }

    private Judgement judgement(PartRequirement requirement, List<SweepRecord> sweeps) {
        List<SweepRecord> standing =
                sweeps.stream().filter(sweep -> sweep.setAside() == null).toList();
        return standing.isEmpty() ? unproven(requirement, sweeps) : judgementOf(requirement, standing);
    }

    /** Nothing counts: the last one is shown, and proves nothing. */
    private static Judgement unproven(PartRequirement requirement, List<SweepRecord> sweeps) {
        SweepRecord last = sweeps.get(sweeps.size() - 1);
        return Judgement.of(requirement.terms(), List.of(last.assessment().zeroLost()));
    }

    private static Judgement judgementOf(PartRequirement requirement, List<SweepRecord> sweeps) {
        return Judgement.of(
                requirement.terms(),
                sweeps.stream().map(SweepRecord::assessment).toList());
    }

    /** The verdict when it was first whole, whatever was set aside or swept again since. */
    private Optional<Judgement> asFound(PartRequirement requirement, List<Attempt> attempts) {
        List<SweepRecord> first = new ArrayList<>();
        for (Attempt attempt : attempts) {
            if (attempt.kind() != AttemptKind.AS_FOUND && attempt.kind() != AttemptKind.AGAIN) {
                break;
            }
            for (SweepRecord sweep : attempt.sweeps()) {
                first.add(sweep);
                Judgement so = judgementOf(requirement, first);
                if (Attempt.stands(so.verdict())) {
                    return Optional.of(so);
                }
            }
        }
        return Optional.empty();
    }

    private SweepRecord sweep(SweepRow sweep, SetUpRow row, PartRequirement requirement) {
        Gauge gauge = gauge(sweep.gaugeId(), requirement);
        return SweepRecord.of(
                new SweepRecord.Stored(
                        sweep,
                        gauge,
                        second(sweep, requirement),
                        readings.getOrDefault(sweep.id(), List.of()),
                        extraStations.getOrDefault(sweep.id(), List.of()).stream()
                                .map(ExtraStation::place)
                                .toList(),
                        zeros.getOrDefault(sweep.id(), List.of()),
                        setAside.get(sweep.id()),
                        signs.getOrDefault(sweep.id(), List.of()),
                        circumstances.get(row.readId()),
                        curves,
                        scatter.getOrDefault(sweep.id(), Map.of())),
                requirement,
                row.corrections(gauge).inside(requirement.terms().side() == SurfaceSide.INSIDE));
    }

    private Gauge gauge(@Nullable Long id, PartRequirement requirement) {
        return id == null
                ? Gauge.none(requirement.gaugeKind(), requirement.layout().layoutUnit())
                : Objects.requireNonNull(gauges.get(id));
    }

    /** Pairs that were read with one gauge before a second was required stay as they were read. */
    private @Nullable Gauge second(SweepRow sweep, PartRequirement requirement) {
        if (sweep.secondGaugeId() != null) {
            return Objects.requireNonNull(gauges.get(sweep.secondGaugeId()));
        }
        boolean read = readings.containsKey(sweep.id());
        return read
                ? null
                : requirement
                        .secondGaugeKind()
                        .map(kind -> Gauge.none(kind, requirement.layout().layoutUnit()))
                        .orElse(null);
    }
}
