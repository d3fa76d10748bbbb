package org.eskarn.app.ledger;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.MasterZero;
import org.eskarn.app.docket.ReadingSource;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.SweepRecord;
import org.eskarn.app.docket.TakenReading;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.page.Sha256;
import org.eskarn.app.part.PartRequirement;
import org.eskarn.core.flat.Reversal;
import org.eskarn.core.reading.Corrections;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.Station;
import org.eskarn.core.requirement.Basis;
import org.eskarn.core.requirement.Limit;
import org.eskarn.core.requirement.LimitKind;
import org.eskarn.core.requirement.Zeroing;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/**
 * The seal of a docket that was signed before signed documents: SHA-256 over every line of its record, each on its own line
 * with its fields parted by a character that nobody can type. It is computed once more when such a docket is carried over
 * into a document, to say there whether the record still bore out its seal; nothing is sealed like this any more. Every text
 * in it is written here, so that no other change can alter what an old seal covered.
 */
final class LegacySeal {

    /** The seal that stands before the first. */
    static final String FIRST = "0".repeat(64);

    private static final char FIELD = '\u001f';
    private static final char LINE = '\n';

    private LegacySeal() {}

    /** The seal of what a docket holds: what the signer sees and signs. */
    static String ofContent(Docket docket) {
        StringBuilder text = new StringBuilder();
        line(text, "docket", docket.number(), docket.serial(), docket.piece(), docket.pieces());
        line(text, docket.purpose(), docket.askedBy(), docket.due());
        line(
                text,
                "part",
                docket.part().drawingNumber(),
                docket.part().revision(),
                docket.part().title());
        if (docket.gaugeId() != null) {
            line(text, "inspected gauge", docket.gaugeId());
        }
        docket.setUps().forEach(setUp -> content(text, setUp));
        return digest(text);
    }

    private static void content(StringBuilder text, SetUp setUp) {
        PartRequirement row = setUp.requirement();
        line(
                text,
                "requirement",
                row.position(),
                row.title(),
                row.characteristic(),
                row.limitTerms().datum(),
                row.setUp().circumstances());
        Limit limit = setUp.requirement().terms().limit();
        line(
                text,
                String.valueOf(plain(limit.upper())),
                limit.unit(),
                row.limitTerms().statedAs(),
                row.limitTerms().rule());
        line(
                text,
                String.valueOf(row.gauge().allowedReturn()),
                String.valueOf(row.gauge().allowedReturnUnit()));
        later(text, setUp, row, limit);
        setUp.requirement()
                .terms()
                .layout()
                .stations()
                .forEach(station -> line(text, "station", station.number(), place(station)));
        setUp.stepsDone().forEach(done -> line(text, "step", done.step(), done.doneByName(), done.doneAt()));
        setUp.preparationsDone()
                .forEach(done -> line(text, "preparation", done.preparationId(), done.doneByName(), done.doneAt()));
        setUp.attempts().stream()
                .skip(1)
                .forEach(attempt -> line(
                        text,
                        "attempt",
                        attempt.number(),
                        attempt.kind(),
                        attempt.begunByName(),
                        attempt.begunAt(),
                        attempt.sweeps().get(0).number()));
        setUp.leftOut()
                .forEach(left -> line(
                        text,
                        "left out",
                        left.step() == null ? "all" : left.step(),
                        left.reason(),
                        left.leftByName(),
                        left.leftAt()));
        setUp.remedies()
                .forEach(remedy -> line(
                        text,
                        "remedy",
                        remedy.attemptId(),
                        remedy.kind(),
                        remedy.words(),
                        String.valueOf(plain(remedy.predictedMicrometres())),
                        remedy.uncertaintyMicrometres().toPlainString(),
                        remedy.decidedByName(),
                        remedy.decidedAt()));
        setUp.truingSteps()
                .forEach(step -> line(
                        text,
                        "truing",
                        step.attemptId(),
                        step.number(),
                        step.place(),
                        step.done(),
                        step.typed(),
                        step.takenByName(),
                        step.takenAt()));
        int stations = setUp.requirement().terms().layout().size();
        setUp.sweeps().forEach(sweep -> content(text, sweep, stations));
    }

    /** What came later is a line only where it says something, so that older seals still hold. */
    private static void later(StringBuilder text, SetUp setUp, PartRequirement row, Limit limit) {
        if (row.gauge().flicker() != FlickerRule.MIDDLE) {
            line(text, "flicker", row.gauge().flicker());
        }
        if (limit.kind() != LimitKind.MAXIMUM || limit.only() != null || limit.per() != null) {
            line(
                    text,
                    "limit",
                    limit.kind(),
                    String.valueOf(plain(limit.nominal())),
                    String.valueOf(plain(limit.lower())),
                    limit.code(),
                    String.valueOf(limit.only()),
                    limit.reason(),
                    limit.per() == null ? "null" : written(limit.per()));
        }
        if (row.gauge().repeats() > 1) {
            line(text, "repeats", row.gauge().repeats());
        }
        if (row.layout().layoutKind() != LayoutKind.RING) {
            line(text, "layout", row.layout().layoutKind(), row.layout().layoutUnit());
        }
        if (!plain(row.terms().basis().of(Optional.empty()))) {
            line(text, "basis", written(row.terms().basis().of(Optional.empty())));
        }
        if (!setUp.corrections().none()) {
            line(text, "corrections", written(setUp.corrections()));
        }
    }

    private static List<TakenReading> corrected(SweepRecord sweep) {
        return sweep.replaced().stream().filter(TakenReading::corrected).toList();
    }

    private static String written(BigDecimal coordinate) {
        return coordinate.stripTrailingZeros().toPlainString();
    }

    private static String written(Length length) {
        boolean one = length.unit() == LengthUnit.TENTH && length.amount().compareTo(BigDecimal.ONE) == 0;
        return length.amount().toPlainString() + " "
                + switch (length.unit()) {
                    case MILLIMETRE -> "mm";
                    case MICROMETRE -> "\u00b5m";
                    case INCH -> "in";
                    case THOU -> "thou";
                    case TENTH -> one ? "tenth" : "tenths";
                };
    }

    private static String optional(Optional<Length> length) {
        return length.map(known -> "Optional[" + written(known) + "]").orElse("Optional.empty");
    }

    private static boolean plain(Basis basis) {
        return basis.setTo().isEmpty()
                && basis.radius().isEmpty()
                && basis.span().isEmpty()
                && basis.zeroing() == Zeroing.ONE_FOR_ALL
                && basis.pinClass().isEmpty()
                && basis.reversal() == Reversal.NONE;
    }

    private static String written(Basis basis) {
        return "Basis[setTo=" + optional(basis.setTo()) + ", radius=" + optional(basis.radius()) + ", span="
                + optional(basis.span())
                + (basis.zeroing() == Zeroing.ONE_FOR_ALL ? "" : ", zeroing=" + basis.zeroing())
                + basis.pinClass()
                        .map(tolerance -> ", pinClass=" + written(tolerance))
                        .orElse("")
                + (basis.reversal() == Reversal.NONE ? "" : ", reversal=" + basis.reversal()) + "]";
    }

    private static String written(Corrections corrections) {
        return "Corrections[drift=" + corrections.drift() + ", sag=" + optional(corrections.sag()) + ", leverDegrees="
                + corrections.leverDegrees() + ", masterDeviation=0.0]";
    }

    private static @Nullable String plain(@Nullable BigDecimal amount) {
        return amount == null ? null : amount.toPlainString();
    }

    private static String place(Station station) {
        BigDecimal angle = station.angle();
        BigDecimal along = station.along();
        BigDecimal across = station.across();
        if (along != null && across != null && station.name().equals("x " + written(along) + " y " + written(across))) {
            return written(along) + " | " + written(across);
        }
        return angle == null || station.along() != null ? station.name() : angle.toPlainString();
    }

    private static void content(StringBuilder text, SweepRecord sweep, int requirementStations) {
        Gauge gauge = sweep.gauge();
        line(text, "sweep", sweep.number(), sweep.begunByName(), sweep.begunAt(), gauge.mark());
        line(text, written(gauge.dial().graduation()), written(gauge.dial().errorLimit()));
        MasterZero zero = sweep.zero();
        if (zero != null) {
            line(text, "zero", zero.master(), zero.deviation().toPlainString(), zero.setting());
            line(text, String.valueOf(zero.recheck()), zero.setByName(), zero.setAt());
        }
        if (sweep.overrideReason() != null) {
            line(text, "override", sweep.overrideReason(), String.valueOf(sweep.overrideByName()));
        }
        sweep.layout().stations().stream()
                .skip(requirementStations)
                .forEach(extra -> line(text, "extra", place(extra)));
        for (TakenReading reading : sweep.readings()) {
            line(text, reading.place(), reading.typed(), reading.amount().toPlainString(), reading.unit());
            BigDecimal other = reading.bandEnd();
            if (other != null) {
                line(text, "to", other.toPlainString());
            }
            line(text, reading.takenByName(), reading.takenAt());
            if (reading.source() != ReadingSource.KEYPAD) {
                line(text, "from", reading.source());
            }
            if (reading.reason() != null) {
                line(text, "because", reading.reason());
            }
        }
        for (TakenReading corrected : corrected(sweep)) {
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
                    String.valueOf(plain(verdict.figureMicrometres())),
                    String.valueOf(plain(verdict.limitMicrometres())),
                    verdict.uncertaintyMicrometres().toPlainString());
            if (verdict.lowerMicrometres() != null) {
                line(text, "lower", String.valueOf(plain(verdict.lowerMicrometres())));
            }
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
        return Sha256.of(text.toString());
    }
}
