package org.eskarn.app.certificate;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Units;
import org.eskarn.app.page.Words;
import org.eskarn.core.claim.ClaimFinding;

/**
 * A certificate on its page.
 *
 * @param symbol the unit of all rows; empty where they differ
 * @param chosen the row that is looked at; empty where there is none
 * @param next the row to be measured next; empty where none is left
 * @param first the first row that waits for the figure that this certificate claims; 0 where none does
 */
record CertificatePage(
        CertificateHead head,
        String line,
        List<ClaimView> rows,
        String symbol,
        Optional<Chosen> chosen,
        Optional<ClaimView> next,
        String headline,
        String reliance,
        List<String> remarks,
        int first,
        List<Earlier> history) {

    /** Whether rows wait for the figures that this certificate claims. */
    public boolean unclaimed() {
        return first > 0;
    }

    /** @param explain whether what could explain a difference is worth reading */
    record Chosen(ClaimView claim, List<CertificateWords.Fact> facts, String meaning, boolean explain) {}

    /** Another certificate of the same maker, with how many of its claims were tested and what came of them. */
    record Earlier(int docket, String called, String findings) {}

    static CertificatePage of(Judged judged, List<Judged> history, int wanted, Units units) {
        List<ClaimView> rows =
                judged.claims().stream().map(each -> ClaimView.of(each, units)).toList();
        List<String> symbols = rows.stream().map(ClaimView::symbol).distinct().toList();
        Optional<ClaimView> next = rows.stream()
                .filter(each -> each.judged().why() == JudgedClaim.Why.NOT_MEASURED_YET
                        || each.judged().finding() == ClaimFinding.REPEAT)
                .findFirst();
        Optional<ClaimView> shown = rows.stream()
                .filter(each -> each.judged().line().position() == wanted)
                .findFirst()
                .or(() -> rows.stream().filter(ClaimView::contradicted).findFirst())
                .or(() -> next)
                .or(() -> rows.stream().findFirst());
        return new CertificatePage(
                judged.certificate().head(),
                judged.certificate().head().line().said(),
                rows,
                symbols.size() == 1 ? symbols.get(0) : "",
                shown.map(row -> chosen(row, units)),
                next,
                CertificateWords.headline(judged),
                CertificateWords.reliance(judged),
                CertificateWords.remarks(judged),
                judged.claims().stream()
                        .map(JudgedClaim::line)
                        .filter(each -> each.claimed().isEmpty())
                        .map(ClaimLine::position)
                        .findFirst()
                        .orElse(0),
                history.stream().map(CertificatePage::earlier).toList());
    }

    private static Chosen chosen(ClaimView row, Units units) {
        Display display = row.judged().display(units);
        ClaimFinding finding = row.judged().finding();
        return new Chosen(
                row,
                CertificateWords.facts(row.judged(), units),
                CertificateWords.meaning(row.judged(), display),
                finding == ClaimFinding.CONTRADICTED || finding == ClaimFinding.REPEAT);
    }

    private static Earlier earlier(Judged judged) {
        CertificateHead head = judged.certificate().head();
        return new Earlier(
                judged.docket().number(),
                Stream.of(
                                head.model(),
                                head.serial().isEmpty() ? "" : Words.say("certificate.serial", head.serial()),
                                head.number().isEmpty() ? "" : Words.say("certificate.number", head.number()))
                        .filter(part -> !part.isEmpty())
                        .collect(Collectors.joining(" · ")),
                Words.say(
                        "certificate.of-its-claims",
                        judged.claims().size(),
                        judged.rows(ClaimFinding.UPHELD).size()
                                + judged.rows(ClaimFinding.BETTER).size(),
                        judged.rows(ClaimFinding.CONTRADICTED).size()));
    }
}
