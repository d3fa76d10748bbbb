package org.eskarn.app.ledger.report;

import java.io.IOException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.eskarn.app.docket.GaugeQuestions;
import org.eskarn.app.docket.Question;
import org.eskarn.app.docket.Standing;
import org.eskarn.app.ledger.LedgerReading;
import org.eskarn.app.ledger.Sheet;
import org.eskarn.app.ledger.SinceSigning;
import org.eskarn.app.ledger.export.PdfPages;
import org.eskarn.app.ledger.report.ReportJobs.Progress;
import org.eskarn.app.page.NotFound;
import org.eskarn.app.page.Words;
import org.springframework.stereotype.Component;

/** Makes reports of parts from the signed documents alone. */
@Component
class Reports {

    private final LedgerReading ledger;
    private final PdfPages pages;
    private final SinceSigning since;
    private final GaugeQuestions questions;

    Reports(LedgerReading ledger, PdfPages pages, SinceSigning since, GaugeQuestions questions) {
        this.ledger = ledger;
        this.pages = pages;
        this.since = since;
        this.questions = questions;
    }

    /** @throws ReportRefused if its document is not what was signed */
    private Sheet sheet(int docket) throws ReportRefused {
        LedgerReading.Seen seen = ledger.sheet(docket).orElseThrow(NotFound::new);
        return seen.sheet().orElseThrow(() -> new ReportRefused(Words.say("ledger.report-of-altered", docket)));
    }

    /**
     * Every requirement of a revision with its number, limit, result, gauge and page, and behind that the sheet.
     *
     * @param base where Eskarn is reached
     */
    byte[] firstArticle(int docket, String base, Progress progress) throws IOException, ReportRefused {
        progress.reached(0, 2);
        Sheet sheet = sheet(docket);
        progress.reached(1, 2);
        byte[] pdf = pages.of(
                "report/first-article",
                base + "/ledger/" + docket,
                Map.of("sheet", sheet, "line", ReportedDocket.of(sheet, List.of()), "since", since.of(docket)));
        progress.reached(2, 2);
        return pdf;
    }

    /** Pieces beside requirements, and what each rests on. */
    byte[] batch(List<Integer> dockets, String base, Progress progress) throws IOException, ReportRefused {
        int total = dockets.size() + 1 + dockets.size() / 4;
        Map<Integer, List<Question>> asked = questions.questionsOf(dockets).stream()
                .filter(question -> question.settledAt() == null)
                .collect(Collectors.groupingBy(Question::number));
        List<ReportedDocket> lines = new ArrayList<>();
        for (int docket : dockets) {
            progress.reached(lines.size(), total);
            lines.add(ReportedDocket.of(sheet(docket), asked.getOrDefault(docket, List.of())));
        }
        progress.reached(lines.size(), total);
        Map<Standing, Integer> outcomes = new EnumMap<>(Standing.class);
        lines.forEach(line -> outcomes.merge(line.standing(), 1, Integer::sum));
        ReportedDocket first = lines.get(0);
        byte[] pdf = pages.of(
                "report/batch",
                base + "/parts/" + first.part().id() + "/pieces",
                Map.of(
                        "part",
                        first.part(),
                        "lines",
                        lines,
                        "columns",
                        first.cells(),
                        "outcomes",
                        outcomes,
                        "questioned",
                        asked.size()));
        progress.reached(total, total);
        return pdf;
    }
}
