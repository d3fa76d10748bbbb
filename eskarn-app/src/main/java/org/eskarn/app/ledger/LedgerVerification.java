package org.eskarn.app.ledger;

import java.nio.file.Path;
import java.util.Optional;
import org.eskarn.app.ledger.DocumentChecks.Found;
import org.eskarn.app.ledger.DocumentChecks.KeptHeads;
import org.eskarn.app.ledger.LedgerMapper.CheckRow;
import org.eskarn.app.page.Words;
import org.springframework.stereotype.Service;

/** Checks the whole Ledger from its first document to its end, for whoever wants to know whether anything was altered. */
@Service
public class LedgerVerification {

    private final LedgerMapper ledger;
    private final DocumentChecks checks;

    LedgerVerification(LedgerMapper ledger, DocumentChecks checks) {
        this.ledger = ledger;
        this.checks = checks;
    }

    /**
     * @param documents how many there are
     * @param heads how many heads they were compared with
     * @param problem the first thing that is wrong, in one sentence; empty where nothing is
     */
    public record Report(int documents, int heads, Optional<String> problem) {}

    /** @param heads the file with the heads that were kept */
    public Report verify(Path heads) {
        int next = 1;
        KeptHeads own = checks.heads();
        while (next > 0) {
            next = checks.checkFrom(next, own);
        }
        Optional<String> problem = notCarriedOver()
                .or(() -> ledger.firstFinding().map(LedgerVerification::said))
                .or(() -> checks.end(heads).map(LedgerVerification::said));
        return new Report(ledger.count(), Heads.read(heads).size(), problem);
    }

    private static String said(CheckRow row) {
        return Words.say("ledger.document", row.number(), row.finding());
    }

    private static String said(Found found) {
        return Words.say(
                "ledger.after-document", found.number(), found.finding().words());
    }

    private Optional<String> notCarriedOver() {
        int without = ledger.withoutDocument().size();
        return without == 0 || ledger.count() > 0
                ? Optional.empty()
                : Optional.of(Words.say("ledger.dockets-were-signed-before-signed-documents-were", without));
    }
}
