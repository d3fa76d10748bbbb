package org.eskarn.app.docket;

import static java.util.stream.Collectors.toMap;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.part.PartRequirement;

/** Puts rows read in bulk together to set-ups; each sweep is assessed once. */
record SetUpAssembler(
        Map<Long, Gauge> gauges,
        Map<Long, List<SweepRow>> sweeps,
        Map<Long, List<ReadingRow>> readings,
        Map<Long, List<ExtraStationRow>> extraStations,
        Map<Long, List<StepDoneRow>> stepsDone,
        Map<Long, List<PreparationDoneRow>> preparationsDone) {

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
        List<SweepRecord> taken = sweeps.getOrDefault(row.id(), List.of()).stream()
                .map(sweep -> SweepRecord.of(
                        sweep,
                        Objects.requireNonNull(gauges.get(sweep.gaugeId())),
                        readings.getOrDefault(sweep.id(), List.of()),
                        extraStations.getOrDefault(sweep.id(), List.of()).stream()
                                .map(ExtraStationRow::angle)
                                .toList(),
                        requirement))
                .toList();
        return new SetUp(
                row,
                requirement,
                taken,
                stepsDone.getOrDefault(row.id(), List.of()),
                preparationsDone.getOrDefault(row.id(), List.of()));
    }
}
