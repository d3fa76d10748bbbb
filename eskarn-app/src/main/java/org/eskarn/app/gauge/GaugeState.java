package org.eskarn.app.gauge;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.Optional;
import org.eskarn.app.gauge.GaugeService.Whole;
import org.eskarn.app.page.Words;

/**
 * How a gauge stood at a moment: its calibration in force then, and its state in words.
 *
 * @param calibration empty where none had been recorded for that day or before it
 */
public record GaugeState(Optional<Calibration> calibration, String words) {

    public static GaugeState at(Whole gauge, Instant moment, ZoneId zone) {
        LocalDate day = LocalDate.ofInstant(moment, zone);
        Optional<Calibration> calibration = gauge.calibrations().stream()
                .filter(each -> !each.doneOn().isAfter(day))
                .max(Comparator.comparing(Calibration::doneOn).thenComparing(Calibration::id));
        GaugeStatus status = gauge.statusChanges().stream()
                .filter(change -> !change.changedAt().isAfter(moment))
                .max(Comparator.comparing(StatusChange::changedAt).thenComparing(StatusChange::id))
                .map(StatusChange::status)
                .orElse(GaugeStatus.IN_SERVICE);
        return new GaugeState(calibration, words(status, calibration, day));
    }

    private static String words(GaugeStatus status, Optional<Calibration> calibration, LocalDate day) {
        if (status != GaugeStatus.IN_SERVICE) {
            return status.title();
        }
        return calibration
                .map(last ->
                        last.nextDue().isBefore(day) ? Words.say("gauge.past-due") : GaugeStatus.IN_SERVICE.title())
                .orElse(Words.say("gauge.not-calibrated"));
    }
}
