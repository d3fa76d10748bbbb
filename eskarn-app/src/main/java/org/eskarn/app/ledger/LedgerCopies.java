package org.eskarn.app.ledger;

import java.util.List;
import org.eskarn.app.account.InstallationService;
import org.eskarn.app.ledger.DocumentBuilder.Content;
import org.eskarn.app.ledger.document.CopiedRecord;
import org.eskarn.app.ledger.document.Json;
import org.eskarn.app.ledger.document.SignedDocument;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Signs copies of dockets that are signed already, for measuring how Eskarn bears many. They are documents like any other, and say by their
 * serial that they are synthetic; only the demo's world ever gets some.
 */
@Service
public class LedgerCopies {

    private final LedgerMapper ledger;
    private final Signing signing;
    private final InstallationService installation;

    LedgerCopies(LedgerMapper ledger, Signing signing, InstallationService installation) {
        this.ledger = ledger;
        this.signing = signing;
        this.installation = installation;
    }

    /**
     * A docket whose rows are those of another, with another number and serial.
     *
     * @param further what was added to each key of a row
     */
    public record Copy(long docketId, int number, String serial, long further) {}

    /**
     * Signs copies of one docket in one transaction.
     *
     * @throws java.util.NoSuchElementException if the docket is not signed
     * @throws IllegalStateException among real records
     */
    @Transactional
    public void sign(int docket, List<Copy> copies) {
        if (!installation.demo()) {
            throw new IllegalStateException("real records never get copies");
        }
        byte[] canonical = ledger.ofDocket(docket).orElseThrow().canonical();
        for (Copy copy : copies) {
            SignedDocument document =
                    Json.read(CopiedRecord.of(canonical, copy.number(), copy.serial(), copy.further()));
            signing.append(
                    copy.docketId(),
                    new Content(
                            document.docket(),
                            document.part(),
                            document.requirements(),
                            document.outcome(),
                            document.certificate()),
                    document.program().rules(),
                    document.signature(),
                    null);
        }
    }
}
