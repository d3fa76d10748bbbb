package org.eskarn.app.ledger;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.eskarn.app.ledger.document.PublicKeys;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Keeps what the Ledger is searched by as the documents have it; what is shown always comes from the documents themselves. */
@Service
class LedgerIndex {

    private static final Logger LOG = LoggerFactory.getLogger(LedgerIndex.class);

    private final LedgerMapper ledger;
    private final TransactionTemplate transaction;

    LedgerIndex(LedgerMapper ledger, PlatformTransactionManager transactions) {
        this.ledger = ledger;
        this.transaction = new TransactionTemplate(transactions);
    }

    /** Of a document that is not what was signed, what was kept of it stays: nothing better is known. */
    void keep(List<DocumentRow> rows, PublicKeys keys) {
        if (rows.isEmpty()) {
            return;
        }
        Map<Integer, SignedEntry> kept =
                ledger.entries(rows.get(0).number(), rows.get(rows.size() - 1).number()).stream()
                        .collect(Collectors.toMap(SignedEntry::number, Function.identity()));
        for (DocumentRow row : rows) {
            if (row.stored().check(keys).isEmpty()) {
                keep(SignedEntry.of(row.docketId(), row.document()), kept.get(row.number()));
            }
        }
    }

    private void keep(SignedEntry now, @Nullable SignedEntry before) {
        if (now.equals(before)) {
            return;
        }
        if (before != null) {
            LOG.warn("What document {} is found by was not as it says, and was put right", now.number());
        }
        try {
            transaction.executeWithoutResult(unused -> ledger.keepEntry(now));
        } catch (ConcurrencyFailureException | DuplicateKeyException e) {
            // Whoever looks at the same document in the same moment keeps the same.
            LOG.debug("Document {} was kept by another check", now.number());
        }
    }
}
