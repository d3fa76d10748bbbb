package org.eskarn.app.part;

import java.util.List;
import java.util.Optional;
import org.eskarn.core.reading.RingLayout;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.units.Length;

/** A requirement of a part, whole: its row, what the core needs of it, and its preparations in order. */
public record PartRequirement(RequirementRow row, Requirement terms, List<Preparation> preparations) {

    static PartRequirement of(RequirementRow row, List<StationRow> stations, List<Preparation> preparations) {
        Optional<Length> allowedReturn = row.allowedReturn() == null || row.allowedReturnUnit() == null
                ? Optional.empty()
                : Optional.of(new Length(row.allowedReturn(), row.allowedReturnUnit()));
        Requirement terms = new Requirement(
                row.characteristic(),
                new Length(row.limitAmount(), row.limitUnit()),
                row.statedAs(),
                row.rule(),
                allowedReturn,
                row.flicker(),
                RingLayout.of(stations.stream().map(StationRow::angle).toList()));
        return new PartRequirement(row, terms, List.copyOf(preparations));
    }

    public Length nominal() {
        return new Length(row.nominal(), row.nominalUnit());
    }
}
