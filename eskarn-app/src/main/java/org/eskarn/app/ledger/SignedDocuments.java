package org.eskarn.app.ledger;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.eskarn.app.ledger.document.PublicKeys;
import org.eskarn.app.ledger.document.SignedDocument;
import org.springframework.stereotype.Service;

/** Signed documents one after the other, a few at a time, each looked at before it is handed on. */
@Service
public class SignedDocuments {

    private static final int AT_A_TIME = 100;

    private final LedgerMapper ledger;
    private final Signing signing;
    private final SinceSigning since;

    SignedDocuments(LedgerMapper ledger, Signing signing, SinceSigning since) {
        this.ledger = ledger;
        this.signing = signing;
        this.since = since;
    }

    /**
     * A document in its place.
     *
     * @param document empty where it is not what was signed, so that nothing of it counts
     */
    public record Placed(int number, int docket, Optional<SignedDocument> document, Afterwards afterwards) {}

    /** What is done with each of them. */
    public interface Reader {
        void read(Placed document) throws IOException;
    }

    /**
     * All from the first on.
     *
     * @throws IOException if the reader cannot go on
     */
    public void each(Reader reader) throws IOException {
        PublicKeys keys = signing.key().publicKeys();
        int next = 1;
        while (true) {
            List<DocumentRow> rows = ledger.following(next, AT_A_TIME);
            if (rows.isEmpty()) {
                return;
            }
            Map<Integer, Afterwards> afterwards = afterwards(rows);
            // Most of the time goes into checking signatures, which needs nothing of one another.
            for (Placed each : rows.parallelStream()
                    .map(row -> placed(row, afterwards, keys))
                    .toList()) {
                reader.read(each);
            }
            next = rows.get(rows.size() - 1).number() + 1;
        }
    }

    public Optional<Placed> ofDocket(int number) {
        return ledger.ofDocket(number)
                .map(row -> placed(row, afterwards(List.of(row)), signing.key().publicKeys()));
    }

    private Map<Integer, Afterwards> afterwards(List<DocumentRow> rows) {
        return since.afterwards(rows.stream().map(DocumentRow::docketNumber).toList());
    }

    private static Placed placed(DocumentRow row, Map<Integer, Afterwards> afterwards, PublicKeys keys) {
        boolean altered = row.stored().check(keys).isPresent();
        return new Placed(
                row.number(),
                row.docketNumber(),
                altered ? Optional.empty() : Optional.of(row.document()),
                Objects.requireNonNull(afterwards.get(row.docketNumber())));
    }
}
