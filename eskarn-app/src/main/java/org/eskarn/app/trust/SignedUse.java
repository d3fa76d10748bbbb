package org.eskarn.app.trust;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.SweepRecord;
import org.eskarn.core.verdict.TraceBack;
import org.jspecify.annotations.Nullable;

/**
 * That a verdict rests on a gauge, or on a master that a zero was set on.
 *
 * @param readAt when the gauge took its last reading for it, or the last zero was set on the master
 * @param turnsAt the smallest error that could have made the verdict another, µm; null where none could
 */
record SignedUse(
        long setUpId,
        long gaugeId,
        Instant readAt,
        @Nullable Double turnsAt) {

    /** Of every verdict of a docket; whatever was left out whole rests on no gauge. */
    static List<SignedUse> of(Docket docket) {
        return docket.setUps().stream().flatMap(setUp -> of(setUp).stream()).toList();
    }

    static List<SignedUse> of(SetUp setUp) {
        List<SignedUse> uses = new ArrayList<>();
        if (setUp.wholeLeftOut().isPresent()) {
            return uses;
        }
        Map<Long, Instant> lastRead = new HashMap<>();
        setUp.findings().inspections().stream()
                .flatMap(attempt -> attempt.sweeps().stream())
                .filter(sweep -> sweep.setAside() == null)
                .forEach(sweep -> addTo(lastRead, sweep));
        if (!lastRead.isEmpty()) {
            OptionalDouble turnsAt = TraceBack.turnsAt(setUp.verdict());
            Double turns = turnsAt.isPresent() ? (Double) turnsAt.getAsDouble() : null;
            lastRead.forEach((gauge, at) ->
                    uses.add(new SignedUse(setUp.id(), gauge, at.truncatedTo(ChronoUnit.MICROS), turns)));
        }
        return uses;
    }

    private static void addTo(Map<Long, Instant> lastRead, SweepRecord sweep) {
        sweep.readings().stream()
                .filter(reading -> !sweep.gaugeAt(reading.place()).missing())
                .forEach(reading ->
                        later(lastRead, sweep.gaugeAt(reading.place()).id(), reading.takenAt()));
        sweep.zeros().stream()
                .filter(zero -> zero.masterId() != null && !sweep.readings().isEmpty())
                .forEach(zero -> later(lastRead, zero.masterId(), zero.setAt()));
    }

    private static void later(Map<Long, Instant> lastRead, Long gauge, Instant at) {
        lastRead.merge(gauge, at, (one, other) -> one.isAfter(other) ? one : other);
    }

    boolean changes(double errorMicrometres) {
        return turnsAt != null && turnsAt <= Math.abs(errorMicrometres);
    }
}
