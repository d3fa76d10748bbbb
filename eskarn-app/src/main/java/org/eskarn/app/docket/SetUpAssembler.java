package org.eskarn.app.docket;

import static java.util.stream.Collectors.toMap;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.part.PartRequirement;
import org.eskarn.core.requirement.Judgement;

/** Puts rows read in bulk together to set-ups; each sweep is assessed once. */
record SetUpAssembler(
        Map<Long, Gauge> gauges,
        Map<Long, List<AttemptRow>> attempts,
        Map<Long, List<SweepRow>> sweeps,
        Map<Long, List<ReadingRow>> readings,
        Map<Long, ZeroRow> zeros,
        Map<Long, List<ExtraStationRow>> extraStations,
        Map<Long, List<StepDoneRow>> stepsDone,
        Map<Long, List<PreparationDoneRow>> preparationsDone,
        Map<Long, List<LeftOutRow>> leftOut,
        Map<Long, List<RemedyRow>> remedies,
        Map<Long, List<TruingStepRow>> truingSteps) {

    /** The set-ups of one docket, in the order of the drawing. */
    List<SetUp> setUps(List<SetUpRow> rows, List<PartRequirement> requirements) {
        Map<Long, SetUpRow> byRequirement = rows.stream().collect(toMap(SetUpRow::requirementId, Function.identity()));
        return requirements.stream()
                .filter(requirement ->
                        byRequirement.containsKey(requirement.row().id()))
                .map(requirement -> setUp(
                        Objects.requireNonNull(
                                byRequirement.get(requirement.row().id())),
                        requirement))
                .toList();
    }

    private SetUp setUp(SetUpRow row, PartRequirement requirement) {
        List<SweepRow> taken = sweeps.getOrDefault(row.id(), List.of());
        List<Attempt> whole = new ArrayList<>();
        for (AttemptRow attempt : attempts.getOrDefault(row.id(), List.of())) {
            List<SweepRecord> own = taken.stream()
                    .filter(sweep -> sweep.attemptId() == attempt.id())
                    .map(sweep -> sweep(sweep, row, requirement))
                    .toList();
            whole.add(new Attempt(
                    attempt,
                    own,
                    Judgement.of(
                            requirement.terms(),
                            own.stream().map(SweepRecord::assessment).toList())));
        }
        return new SetUp(
                row,
                requirement,
                whole,
                stepsDone.getOrDefault(row.id(), List.of()),
                preparationsDone.getOrDefault(row.id(), List.of()),
                leftOut.getOrDefault(row.id(), List.of()),
                remedies.getOrDefault(row.id(), List.of()),
                truingSteps.getOrDefault(row.id(), List.of()));
    }

    private SweepRecord sweep(SweepRow sweep, SetUpRow row, PartRequirement requirement) {
        return SweepRecord.of(
                sweep,
                Objects.requireNonNull(gauges.get(sweep.gaugeId())),
                readings.getOrDefault(sweep.id(), List.of()),
                extraStations.getOrDefault(sweep.id(), List.of()).stream()
                        .map(ExtraStationRow::place)
                        .toList(),
                requirement,
                row.corrections(),
                zeros.get(sweep.id()));
    }
}
