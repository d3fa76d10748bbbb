package org.eskarn.app.ledger.export;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.eskarn.app.ledger.Afterwards;
import org.eskarn.app.ledger.SignedDocuments.Placed;
import org.eskarn.app.ledger.document.GaugePart;
import org.eskarn.app.ledger.document.SignedDocument;
import org.eskarn.app.ledger.document.SignedDocument.AttemptPart;
import org.eskarn.app.ledger.document.SignedDocument.Figures;
import org.eskarn.app.ledger.document.SignedDocument.RequirementPart;
import org.eskarn.app.ledger.document.SweepPart;
import org.eskarn.app.ledger.document.SweepPart.ReadingPart;
import org.jspecify.annotations.Nullable;

/**
 * What a table of the record holds: one row a verdict, or one row a reading. Cells are text, whole numbers, decimals, or empty. A
 * document that is not what was signed gives one row that says so, and nothing of what it holds.
 */
public enum ExportedRows {
    VERDICTS(
            "document",
            "docket",
            "intact",
            "signed at",
            "signed by",
            "drawing",
            "revision",
            "part",
            "serial",
            "piece",
            "pieces",
            "purpose",
            "requirement number",
            "requirement",
            "characteristic",
            "limit",
            "verdict",
            "figure",
            "U",
            "unit",
            "figure µm",
            "U µm",
            "lower µm",
            "upper µm",
            "rule",
            "as found",
            "read by",
            "gauges",
            "in words",
            "remark",
            "supersedes docket",
            "superseded by docket",
            "in question") {
        @Override
        List<List<@Nullable Object>> of(SignedDocument document, Afterwards afterwards, List<@Nullable Object> head) {
            return document.requirements().stream()
                    .map(requirement -> verdict(document, requirement, afterwards, head))
                    .toList();
        }
    },
    READINGS(
            "document",
            "docket",
            "intact",
            "signed at",
            "signed by",
            "drawing",
            "revision",
            "part",
            "serial",
            "requirement number",
            "requirement",
            "attempt",
            "attempt kind",
            "sweep",
            "counts",
            "gauges",
            "place",
            "station",
            "angle",
            "along",
            "across",
            "typed",
            "reading",
            "other end of band",
            "unit",
            "read by",
            "read at") {
        @Override
        List<List<@Nullable Object>> of(SignedDocument document, Afterwards afterwards, List<@Nullable Object> head) {
            List<List<@Nullable Object>> rows = new ArrayList<>();
            for (RequirementPart requirement : document.requirements()) {
                // What is judged from another’s readings has them there.
                if (requirement.readWith() == null) {
                    readings(document, requirement, head, rows);
                }
            }
            return rows;
        }
    };

    private final List<String> heads;

    ExportedRows(String... heads) {
        this.heads = List.of(heads);
    }

    /** The heads of the columns. */
    public List<String> heads() {
        return heads;
    }

    /** The rows of a document, each as long as the heads. */
    public List<List<@Nullable Object>> of(Placed placed) {
        List<@Nullable Object> head =
                row(placed.number(), placed.docket(), placed.document().isPresent() ? "yes" : "no");
        return placed.document()
                .map(document -> of(document, placed.afterwards(), head))
                .orElseGet(() -> List.of(filled(head)));
    }

    abstract List<List<@Nullable Object>> of(
            SignedDocument document, Afterwards afterwards, List<@Nullable Object> head);

    private List<@Nullable Object> filled(List<@Nullable Object> head) {
        List<@Nullable Object> row = new ArrayList<>(head);
        while (row.size() < heads.size()) {
            row.add(null);
        }
        return row;
    }

    private static List<@Nullable Object> row(@Nullable Object... cells) {
        return new ArrayList<>(Arrays.asList(cells));
    }

    private static List<@Nullable Object> signed(SignedDocument document, List<@Nullable Object> head) {
        List<@Nullable Object> row = new ArrayList<>(head);
        row.add(document.signature().at());
        row.add(document.signature().by().name());
        row.add(document.part().drawing());
        row.add(document.part().revision());
        row.add(document.part().title());
        row.add(document.docket().serial());
        return row;
    }

    private static List<@Nullable Object> verdict(
            SignedDocument document, RequirementPart requirement, Afterwards afterwards, List<@Nullable Object> head) {
        List<@Nullable Object> row = signed(document, head);
        Optional<Figures> figures = Optional.ofNullable(requirement.result().figures());
        row.add(document.docket().piece());
        row.add(document.docket().pieces());
        row.add(document.docket().purpose());
        row.add(requirement.position());
        row.add(requirement.title());
        row.add(requirement.asked().characteristic().words());
        row.add(requirement.asked().limit().words());
        row.add(requirement.result().standing().words());
        row.add(figures.map(Figures::figure).map(ExportedRows::number).orElse(null));
        row.add(figures.map(Figures::uncertainty).map(ExportedRows::number).orElse(null));
        row.add(figures.map(Figures::unit).orElse(""));
        row.add(figures.map(Figures::micrometres).map(ExportedRows::number).orElse(null));
        row.add(figures.map(Figures::uncertaintyMicrometres)
                .map(ExportedRows::number)
                .orElse(null));
        row.add(figures.map(Figures::lowerMicrometres).map(ExportedRows::number).orElse(null));
        row.add(figures.map(Figures::upperMicrometres).map(ExportedRows::number).orElse(null));
        row.add(figures.map(known -> known.rule().words()).orElse(""));
        row.add(Optional.ofNullable(requirement.result().asFound())
                .map(found -> found.words())
                .orElse(""));
        row.add(sweeps(requirement)
                .flatMap(sweep -> sweep.readings().stream())
                .map(reading -> reading.taken().by().name())
                .distinct()
                .collect(Collectors.joining(", ")));
        row.add(sweeps(requirement)
                .flatMap(sweep -> sweep.gauges().stream())
                .map(GaugePart::mark)
                .filter(Objects::nonNull)
                .distinct()
                .collect(Collectors.joining(", ")));
        row.add(requirement.result().line());
        row.add(document.signature().remark());
        row.add(
                document.docket().supersedes() == null
                        ? null
                        : document.docket().supersedes().docket());
        row.add(afterwards.supersededBy());
        row.add(afterwards.inQuestion(requirement.position()) ? "yes" : "no");
        return row;
    }

    private static Stream<SweepPart> sweeps(RequirementPart requirement) {
        return requirement.attempts().stream()
                .flatMap(attempt -> attempt.sweeps().stream())
                .filter(sweep -> !sweep.readings().isEmpty());
    }

    private static void readings(
            SignedDocument document,
            RequirementPart requirement,
            List<@Nullable Object> head,
            List<List<@Nullable Object>> rows) {
        for (AttemptPart attempt : requirement.attempts()) {
            for (SweepPart sweep : attempt.sweeps()) {
                for (ReadingPart reading : sweep.readings()) {
                    List<@Nullable Object> row = signed(document, head);
                    row.add(requirement.position());
                    row.add(requirement.title());
                    row.add(attempt.number());
                    row.add(attempt.kind().words());
                    row.add(sweep.number());
                    row.add(sweep.result().counts() ? "yes" : "no");
                    row.add(sweep.gauges().stream().map(GaugePart::mark).collect(Collectors.joining(", ")));
                    row.add(reading.place());
                    station(sweep, reading.place(), row);
                    row.add(reading.typed());
                    row.add(number(reading.number()));
                    row.add(reading.other() == null ? null : number(reading.other()));
                    row.add(reading.unit());
                    row.add(reading.taken().by().name());
                    row.add(reading.taken().at());
                    rows.add(row);
                }
            }
        }
    }

    /** The return has the place after the last station and no place of its own. */
    private static void station(SweepPart sweep, int place, List<@Nullable Object> row) {
        Optional<SweepPart.StationPart> station = IntStream.range(
                        0, sweep.stations().size())
                .mapToObj(sweep.stations()::get)
                .filter(each -> each.number() == place)
                .findFirst();
        row.add(station.map(SweepPart.StationPart::name).orElse("return"));
        row.add(station.map(SweepPart.StationPart::angle)
                .map(ExportedRows::number)
                .orElse(null));
        row.add(station.map(SweepPart.StationPart::along)
                .map(ExportedRows::number)
                .orElse(null));
        row.add(station.map(SweepPart.StationPart::across)
                .map(ExportedRows::number)
                .orElse(null));
    }

    /** A number stays one; what is none is text. */
    private static @Nullable Object number(String written) {
        try {
            return new BigDecimal(written.replace('\u2212', '-').replace("+", ""));
        } catch (NumberFormatException e) {
            return written;
        }
    }
}
