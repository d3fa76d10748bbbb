package org.eskarn.app.ledger;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.eskarn.app.docket.GaugeInUse;
import org.eskarn.app.gauge.GaugeKind;
import org.eskarn.app.ledger.document.CalibrationPart;
import org.eskarn.app.ledger.document.GaugePart;
import org.eskarn.app.ledger.document.SignedDocument.AttemptPart;
import org.eskarn.app.ledger.document.SignedDocument.RequirementPart;
import org.eskarn.app.ledger.document.SweepPart;
import org.eskarn.app.ledger.document.SweepPart.ReplacedPart;
import org.eskarn.app.ledger.document.SweepPart.SignPart;
import org.eskarn.app.ledger.document.SweepPart.ZeroPart;
import org.eskarn.app.page.Words;

/** One attempt on a sheet: its readings laid out like the part, and who read them, when and with what. */
public record SheetAttempt(String title, String result, List<ReadingTable> tables, List<SheetSweep> sweeps) {

    /**
     * @param heading who read it and when
     * @param lines with what, on which zero, and what was changed afterwards
     */
    public record SheetSweep(String heading, List<String> lines, boolean struck, boolean simulated) {}

    static SheetAttempt of(AttemptPart attempt, RequirementPart requirement, SheetTimes times) {
        List<SweepPart> read = attempt.sweeps().stream()
                .filter(sweep ->
                        !sweep.readings().isEmpty() || !sweep.replaced().isEmpty())
                .toList();
        String kind = attempt.kind().words();
        String title = Character.toUpperCase(kind.charAt(0))
                + kind.substring(1)
                + (attempt.correction().isEmpty() ? "" : ": " + attempt.correction());
        return new SheetAttempt(
                title,
                read.isEmpty() ? "" : attempt.result().words(),
                // Readings that answer several requirements are printed once, at the first of them.
                requirement.readWith() == null
                        ? ReadingTable.of(requirement.asked().layout(), with(requirement), read)
                        : List.of(),
                read.stream()
                        .map(sweep -> sweep(sweep, with(requirement), times))
                        .toList());
    }

    /** What the words speak of, as messages name it: a gauge in the hand, or a dial that sweeps. */
    private static String with(RequirementPart requirement) {
        boolean hand = requirement.asked().gauges().stream()
                .anyMatch(asked -> Arrays.stream(GaugeKind.values())
                        .anyMatch(kind -> kind.inHand() && kind.name().equals(asked.code())));
        return (hand ? GaugeInUse.HAND : GaugeInUse.DIAL).code();
    }

    private static SheetSweep sweep(SweepPart sweep, String with, SheetTimes times) {
        List<String> lines = new ArrayList<>();
        sweep.gauges().forEach(gauge -> lines.add(Words.say("ledger.with", gauge(gauge))));
        if (sweep.overridden() != null) {
            lines.add(Words.say(
                    "ledger.reason-for-using-it",
                    sweep.overridden().reason(),
                    sweep.overridden().by().name()));
        }
        sweep.zeros().forEach(zero -> lines.add(zero(zero)));
        if (!sweep.signs().isEmpty()) {
            lines.add(sign(sweep.signs().get(sweep.signs().size() - 1)));
        }
        if (!sweep.result().takenOff().isEmpty()) {
            lines.add(Words.say("ledger.taken-off-the-readings", sweep.result().takenOff()));
        }
        if (!sweep.result().returned().isEmpty()) {
            lines.add(Words.say("ledger.zero-came-back", sweep.result().returned()));
        }
        sweep.replaced().forEach(old -> lines.add(replaced(old, sweep)));
        if (sweep.setAside() != null) {
            lines.add(Words.say(
                    "ledger.set-aside",
                    sweep.setAside().cause().words(),
                    sweep.setAside().reason(),
                    times.by(sweep.setAside().by())));
        }
        String figure = sweep.result().figure();
        String heading = Words.say(
                "ledger.sweep-2",
                sweep.number(),
                figure == null ? "" : ": " + figure + " " + sweep.result().unit(),
                sweep.result().counts()
                        ? ""
                        : sweep.setAside() == null
                                ? Words.say("ledger.does-not-count")
                                : Words.say("ledger.set-aside-2"),
                sweep.result().readers(),
                times.span(sweep.result().from(), sweep.result().to()),
                with);
        return new SheetSweep(
                heading,
                lines,
                sweep.setAside() != null,
                sweep.readings().stream()
                        .anyMatch(reading -> reading.source() != null
                                && reading.source().code().equals("SIMULATED")));
    }

    private static String gauge(GaugePart gauge) {
        CalibrationPart calibration = gauge.calibration();
        return gauge.mark() + ", " + gauge.name()
                + (gauge.graduation() == null
                        ? ""
                        : Words.say("ledger.graduation", SheetTimes.written(gauge.graduation())))
                + (gauge.maximumError() == null
                        ? ""
                        : Words.say("ledger.maximum-permissible-error", SheetTimes.written(gauge.maximumError())))
                + (calibration == null
                        ? ""
                        : Words.say(
                                "ledger.calibrated-due",
                                SheetTimes.day(calibration.on()),
                                SheetTimes.day(calibration.due())))
                + (gauge.state().isEmpty() ? "" : "; " + gauge.state());
    }

    private static String zero(ZeroPart zero) {
        String deviation = zero.deviationMicrometres().contains(".")
                ? zero.deviationMicrometres().replaceAll("0+$", "").replaceAll("\\.$", "")
                : zero.deviationMicrometres();
        return Words.say(
                "ledger.zero-on-deviation-m-read",
                zero.master(),
                deviation.replace("-", "\u2212"),
                zero.setting(),
                zero.recheck() == null ? "" : Words.say("ledger.again-at-the-end", zero.recheck()),
                zero.set().by().name());
    }

    private static String sign(SignPart sign) {
        return (sign.outwards()
                        ? Words.say("ledger.plus-was-called-when-the-plunger-came")
                        : Words.say("ledger.plus-means-plunger-pushed-in"))
                + (sign.reason().isEmpty() ? "" : ": " + sign.reason()) + " ("
                + sign.said().by().name() + ")";
    }

    private static String replaced(ReplacedPart old, SweepPart sweep) {
        String at = Boolean.TRUE.equals(old.ofReturn())
                        || old.place() > sweep.stations().size()
                ? Words.say("ledger.return")
                : sweep.stations().get(old.place() - 1).name();
        String who = old.ended() == null ? "" : " (" + old.ended().by().name() + ")";
        if (!old.corrected()) {
            return Words.say("ledger.taken-back-while-reading", at, old.typed(), who);
        }
        return Words.say(
                "ledger.corrected-read",
                at,
                old.typed(),
                sweep.readings().stream()
                        .filter(reading -> reading.place() == old.place())
                        .findFirst()
                        .map(now ->
                                Words.say("ledger.then", now.typed(), now.reason() == null ? "" : ": " + now.reason()))
                        .orElse(""),
                who);
    }
}
