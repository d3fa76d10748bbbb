package org.eskarn.app.ledger.report;

import java.util.List;
import java.util.stream.Collectors;
import org.eskarn.app.docket.Question;
import org.eskarn.app.docket.Standing;
import org.eskarn.app.ledger.Sheet;
import org.eskarn.app.ledger.document.GaugePart;
import org.eskarn.app.ledger.document.SignedDocument.DrawnPart;
import org.eskarn.app.ledger.document.SignedDocument.Figures;
import org.eskarn.app.ledger.document.SignedDocument.RequirementPart;
import org.eskarn.core.verdict.Outcome;

/** A signed docket as a line of a report. */
record ReportedDocket(
        int docket,
        int document,
        String serial,
        String hash,
        Standing standing,
        String signedBy,
        String signedOn,
        String remark,
        boolean broken,
        List<Question> questions,
        DrawnPart part,
        List<Cell> cells) {

    /**
     * One requirement.
     *
     * @param figure with how far it is known and its unit; empty where there is none
     */
    record Cell(
            int number,
            String title,
            String asked,
            String limit,
            String figure,
            Standing standing,
            String gauges,
            boolean measured) {}

    /** @param questions what gauges put in question of it that is not settled */
    static ReportedDocket of(Sheet sheet, List<Question> questions) {
        var document = sheet.document();
        return new ReportedDocket(
                document.docket().number(),
                document.number(),
                document.docket().serial(),
                sheet.hash(),
                Standing.of(Outcome.valueOf(document.outcome())),
                document.signature().by().name(),
                sheet.day(document.signature().at()),
                document.signature().remark(),
                sheet.finding().isPresent() || sheet.state().wrong(),
                questions,
                document.part(),
                document.requirements().stream().map(each -> cell(sheet, each)).toList());
    }

    private static Cell cell(Sheet sheet, RequirementPart requirement) {
        Figures figures = requirement.result().figures();
        Standing standing = sheet.standing(requirement);
        return new Cell(
                requirement.position(),
                requirement.title(),
                requirement.asked().characteristic().words(),
                requirement.asked().limit().words(),
                figures == null || figures.figure() == null ? "" : sheet.figure(figures),
                standing,
                gauges(sheet, requirement),
                standing != Standing.LEFT_OUT && standing != Standing.OPEN);
    }

    /** The gauges of the sweeps that count, also where it is judged from another’s readings. */
    private static String gauges(Sheet sheet, RequirementPart requirement) {
        RequirementPart read = sheet.document().requirements().stream()
                .filter(other -> Integer.valueOf(other.position()).equals(requirement.readWith()))
                .findFirst()
                .orElse(requirement);
        return read.attempts().stream()
                .flatMap(attempt -> attempt.sweeps().stream())
                .filter(sweep -> sweep.result().counts())
                .flatMap(sweep -> sweep.gauges().stream())
                .map(GaugePart::mark)
                .distinct()
                .collect(Collectors.joining(", "));
    }

    public int notMeasured() {
        return (int) cells.stream().filter(cell -> !cell.measured()).count();
    }
}
