package org.eskarn.app.ledger;

import java.util.ArrayList;
import java.util.List;
import org.eskarn.app.ledger.document.CalibrationPart;
import org.eskarn.app.ledger.document.GaugePart;
import org.eskarn.app.ledger.document.SignedDocument.AttemptPart;
import org.eskarn.app.ledger.document.SignedDocument.RequirementPart;
import org.eskarn.app.ledger.document.SweepPart;
import org.eskarn.app.ledger.document.SweepPart.ReplacedPart;
import org.eskarn.app.ledger.document.SweepPart.SignPart;
import org.eskarn.app.ledger.document.SweepPart.ZeroPart;

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
                ReadingTable.of(requirement.asked().layout(), read),
                read.stream().map(sweep -> sweep(sweep, times)).toList());
    }

    private static SheetSweep sweep(SweepPart sweep, SheetTimes times) {
        List<String> lines = new ArrayList<>();
        sweep.gauges().forEach(gauge -> lines.add("with " + gauge(gauge)));
        if (sweep.overridden() != null) {
            lines.add("Reason for using it: " + sweep.overridden().reason() + " ("
                    + sweep.overridden().by().name() + ")");
        }
        sweep.zeros().forEach(zero -> lines.add(zero(zero)));
        if (!sweep.signs().isEmpty()) {
            lines.add(sign(sweep.signs().get(sweep.signs().size() - 1)));
        }
        if (!sweep.result().takenOff().isEmpty()) {
            lines.add("Taken off the readings: " + sweep.result().takenOff());
        }
        if (!sweep.result().returned().isEmpty()) {
            lines.add("Zero came back " + sweep.result().returned());
        }
        sweep.replaced().forEach(old -> lines.add(replaced(old, sweep)));
        if (sweep.setAside() != null) {
            lines.add("Set aside: " + sweep.setAside().cause().words() + "; "
                    + sweep.setAside().reason() + " ("
                    + times.by(sweep.setAside().by()) + ")");
        }
        String figure = sweep.result().figure();
        String heading = "Sweep " + sweep.number()
                + (figure == null ? "" : ": " + figure + " " + sweep.result().unit())
                + (sweep.result().counts() ? "" : sweep.setAside() == null ? ", does not count" : ", set aside")
                + " · " + sweep.result().readers() + ", "
                + times.span(sweep.result().from(), sweep.result().to());
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
                + (gauge.graduation() == null ? "" : ", graduation " + SheetTimes.written(gauge.graduation()))
                + (gauge.maximumError() == null
                        ? ""
                        : ", maximum permissible error ±" + SheetTimes.written(gauge.maximumError()))
                + (calibration == null
                        ? ""
                        : "; calibrated " + SheetTimes.day(calibration.on()) + ", due "
                                + SheetTimes.day(calibration.due()))
                + (gauge.state().isEmpty() ? "" : "; " + gauge.state());
    }

    private static String zero(ZeroPart zero) {
        String deviation = zero.deviationMicrometres().contains(".")
                ? zero.deviationMicrometres().replaceAll("0+$", "").replaceAll("\\.$", "")
                : zero.deviationMicrometres();
        return "Zero on " + zero.master() + ", deviation " + deviation.replace("-", "\u2212") + " µm; read "
                + zero.setting()
                + (zero.recheck() == null ? "" : ", again at the end " + zero.recheck()) + " ("
                + zero.set().by().name() + ")";
    }

    private static String sign(SignPart sign) {
        return (sign.outwards() ? "Plus was called when the plunger came out" : "Plus means plunger pushed in")
                + (sign.reason().isEmpty() ? "" : ": " + sign.reason()) + " ("
                + sign.said().by().name() + ")";
    }

    private static String replaced(ReplacedPart old, SweepPart sweep) {
        String at = old.place() > sweep.stations().size()
                ? "return"
                : sweep.stations().get(old.place() - 1).name();
        String who = old.ended() == null ? "" : " (" + old.ended().by().name() + ")";
        if (!old.corrected()) {
            return "Taken back while reading: " + at + " " + old.typed() + who;
        }
        return "Corrected: " + at + " read " + old.typed()
                + sweep.readings().stream()
                        .filter(reading -> reading.place() == old.place())
                        .findFirst()
                        .map(now -> ", then " + now.typed() + (now.reason() == null ? "" : ": " + now.reason()))
                        .orElse("")
                + who;
    }
}
