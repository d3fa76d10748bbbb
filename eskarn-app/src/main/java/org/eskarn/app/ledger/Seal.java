package org.eskarn.app.ledger;

import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.ReadingRow;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.SweepRecord;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.part.RequirementRow;
import org.eskarn.core.reading.FlickerRule;

/**
 * The seal of a record: SHA-256 over every line of it, each on its own line with its fields parted by a character that
 * nobody can type. Whoever changes a reading, a limit, a gauge or a signature afterwards breaks it, and every seal
 * after it.
 */
final class Seal {

    /** The seal that stands before the first. */
    static final String FIRST = "0".repeat(64);

    private static final char FIELD = '\u001f';
    private static final char LINE = '\n';

    private Seal() {}

    /** The seal of what a docket holds: what the signer sees and signs. */
    static String ofContent(Docket docket) {
        StringBuilder text = new StringBuilder();
        line(
                text,
                "docket",
                docket.row().number(),
                docket.row().serial(),
                docket.row().piece(),
                docket.row().pieces());
        line(text, docket.row().purpose(), docket.row().askedBy(), docket.row().due());
        line(
                text,
                "part",
                docket.part().drawingNumber(),
                docket.part().revision(),
                docket.part().title());
        docket.setUps().forEach(setUp -> content(text, setUp));
        return digest(text);
    }

    private static void content(StringBuilder text, SetUp setUp) {
        RequirementRow row = setUp.requirement().row();
        line(text, "requirement", row.position(), row.title(), row.characteristic(), row.datum(), row.circumstances());
        line(text, row.limitAmount().toPlainString(), row.limitUnit(), row.statedAs(), row.rule());
        line(text, String.valueOf(row.allowedReturn()), String.valueOf(row.allowedReturnUnit()));
        // What came later is a line only where it says something, so that older seals still hold.
        if (row.flicker() != FlickerRule.MIDDLE) {
            line(text, "flicker", row.flicker());
        }
        setUp.requirement()
                .terms()
                .layout()
                .stations()
                .forEach(station ->
                        line(text, "station", station.number(), station.angle().toPlainString()));
        setUp.stepsDone().forEach(done -> line(text, "step", done.step(), done.doneByName(), done.doneAt()));
        setUp.preparationsDone()
                .forEach(done -> line(text, "preparation", done.preparationId(), done.doneByName(), done.doneAt()));
        int stations = setUp.requirement().terms().layout().size();
        setUp.sweeps().forEach(sweep -> content(text, sweep, stations));
    }

    private static void content(StringBuilder text, SweepRecord sweep, int requirementStations) {
        Gauge gauge = sweep.gauge();
        line(
                text,
                "sweep",
                sweep.row().number(),
                sweep.row().begunByName(),
                sweep.row().begunAt(),
                gauge.mark());
        line(text, gauge.dial().graduation(), gauge.dial().errorLimit());
        sweep.layout().stations().stream()
                .skip(requirementStations)
                .forEach(extra -> line(text, "extra", extra.angle().toPlainString()));
        for (ReadingRow reading : sweep.readings()) {
            line(text, reading.place(), reading.typed(), reading.number().toPlainString(), reading.unit());
            BigDecimal other = reading.other();
            if (other != null) {
                line(text, "to", other.toPlainString());
            }
            line(text, reading.takenByName(), reading.takenAt());
            if (reading.reason() != null) {
                line(text, "because", reading.reason());
            }
        }
        for (ReadingRow corrected : sweep.corrected()) {
            line(text, "corrected", corrected.place(), corrected.typed(), corrected.takenByName(), corrected.takenAt());
        }
    }

    /** The seal of a signature over a content, its verdicts, and the seal before it. */
    static String of(String contentSeal, SignatureRow signature, List<SignedVerdictRow> verdicts) {
        StringBuilder text = new StringBuilder();
        line(text, contentSeal, signature.previousSeal(), signature.coreVersion());
        line(text, signature.outcome(), signature.remark(), signature.signerName(), signature.signerRole());
        line(text, signature.signedAt());
        for (SignedVerdictRow verdict : verdicts) {
            line(text, verdict.requirementId(), verdict.sweepId(), verdict.outcome());
            line(
                    text,
                    verdict.figureMicrometres().toPlainString(),
                    verdict.limitMicrometres().toPlainString(),
                    verdict.uncertaintyMicrometres().toPlainString());
        }
        return digest(text);
    }

    private static void line(StringBuilder text, Object... fields) {
        for (Object field : fields) {
            text.append(field).append(FIELD);
        }
        text.append(LINE);
    }

    private static String digest(StringBuilder text) {
        try {
            byte[] bytes = text.toString().getBytes(StandardCharsets.UTF_8);
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }
}
