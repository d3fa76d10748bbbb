package org.eskarn.app.docket;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.Optional;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.core.reading.Corrections;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/**
 * @param version raised at every change, so that a page can tell whether it is still the newest
 * @param drift whether drift is taken off the readings
 * @param sag of the holder, half of what was typed for a mandrel, its sign turned
 * @param lever angle of the lever to the surface in degrees, as typed
 * @param correctionsReason why, where readings stood already when sag or angle was said; null where none did
 * @param correctionsByName who said last what is taken off; null where nobody did
 * @param simulatedSeed of the virtual part, where the simulated indicator stands in for a gauge
 * @param bezel of the simulated indicator, in divisions
 * @param readWith the set-up whose readings it is judged from; null where it has its own
 * @param beside the set-up that is read at the same time with an indicator of its own; null where none is
 * @param conditions that were chosen at the bench, with semicolons between their names; empty where only those of the drawing count
 */
public record SetUpRow(
        long id,
        long docketId,
        long requirementId,
        int version,
        String changedByName,
        Instant changedAt,
        @Nullable WaitsFor waitsFor,
        boolean drift,
        @Nullable BigDecimal sag,
        @Nullable LengthUnit sagUnit,
        @Nullable BigDecimal lever,
        @Nullable String correctionsReason,
        @Nullable Long correctionsBy,
        @Nullable String correctionsByName,
        @Nullable Instant correctionsAt,
        @Nullable Long simulatedSeed,
        BigDecimal bezel,
        @Nullable Long readWith,
        @Nullable Long beside,
        String conditions) {

    /** The set-up whose readings it is judged from: another, or itself. */
    public long readId() {
        return readWith == null ? id : readWith;
    }

    /** The same with what was said of the readings it is judged from. */
    SetUpRow readingOf(SetUpRow leader) {
        return new SetUpRow(
                id,
                docketId,
                requirementId,
                version,
                changedByName,
                changedAt,
                waitsFor,
                leader.drift,
                leader.sag,
                leader.sagUnit,
                leader.lever,
                leader.correctionsReason,
                leader.correctionsBy,
                leader.correctionsByName,
                leader.correctionsAt,
                leader.simulatedSeed,
                leader.bezel,
                readWith,
                leader.beside,
                leader.conditions);
    }

    /** What was said to be taken off. */
    public Corrections corrections() {
        return new Corrections(
                drift,
                sag == null || sagUnit == null ? Optional.empty() : Optional.of(new Length(sag, sagUnit)),
                lever == null ? 0 : lever.doubleValue());
    }

    /** What is taken off readings of a gauge: a micrometer has neither lever nor arm. */
    public Corrections corrections(Gauge gauge) {
        Corrections said = corrections();
        return gauge.hasArm() ? said : new Corrections(said.drift(), Optional.empty(), 0);
    }
}
