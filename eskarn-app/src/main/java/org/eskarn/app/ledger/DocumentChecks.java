package org.eskarn.app.ledger;

import java.nio.file.Path;
import java.time.Clock;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.ledger.Heads.Head;
import org.eskarn.app.ledger.LedgerMapper.CheckRow;
import org.eskarn.app.ledger.LedgerMapper.HeadRow;
import org.eskarn.app.ledger.document.Finding;
import org.eskarn.app.ledger.document.Json;
import org.eskarn.app.ledger.document.PublicKeys;
import org.eskarn.app.ledger.document.RecordDifference;
import org.eskarn.app.ledger.document.SignedDocument;
import org.eskarn.app.page.Words;
import org.eskarn.app.trust.SignedUses;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/**
 * Checks documents: each by itself, its place in the chain, the heads kept outside, and whether the rows still say what it
 * says. What was found is kept, so that the Ledger need not look again each time. Signed documents never change, so each is
 * looked at by itself and not inside a transaction: a record that cannot be read then fails alone.
 */
@Service
class DocumentChecks {

    private static final Logger LOG = LoggerFactory.getLogger(DocumentChecks.class);

    /** Documents that are read at once. */
    static final int AT_ONCE = 50;

    private final LedgerMapper ledger;
    private final DocumentBuilder builder;
    private final DocketService dockets;
    private final Signing signing;
    private final SignedUses uses;
    private final LedgerIndex index;
    private final Clock clock;

    DocumentChecks(
            LedgerMapper ledger,
            DocumentBuilder builder,
            DocketService dockets,
            Signing signing,
            SignedUses uses,
            LedgerIndex index,
            Clock clock) {
        this.ledger = ledger;
        this.builder = builder;
        this.dockets = dockets;
        this.signing = signing;
        this.uses = uses;
        this.index = index;
        this.clock = clock;
    }

    /** Something wrong, and with which document. */
    record Found(int number, Finding finding) {}

    /** Checks one document and keeps what was found. */
    void check(int number) {
        ledger.byNumber(number).ifPresent(row -> keep(number, examine(row)));
    }

    /** Checks one document; nothing is kept. */
    Optional<Finding> examine(DocumentRow row) {
        Optional<DocumentRow> before = ledger.byNumber(row.number() - 1);
        return look(
                row,
                before.map(DocumentRow::number).orElse(0),
                before.map(DocumentRow::hash).orElse(SignedDocument.FIRST),
                signing.key().publicKeys(),
                number -> Heads.of(signing.heads(), number));
    }

    private void keep(int number, Optional<Finding> finding) {
        ledger.keepCheck(new CheckRow(number, finding.map(Finding::words).orElse(""), clock.instant()));
    }

    /** Where the hash of a document's head is looked up. */
    @FunctionalInterface
    interface KeptHeads {
        Optional<String> of(int number);
    }

    /** All heads at once, for checking many documents. The first line of a number counts: lines are only ever appended. */
    KeptHeads heads() {
        Map<Integer, String> heads = new HashMap<>();
        for (Head head : Heads.read(signing.heads())) {
            heads.putIfAbsent(head.number(), head.hash());
        }
        return number -> Optional.ofNullable(heads.get(number));
    }

    /** The number of the newest document; 0 before the first. */
    int reached() {
        return ledger.reached();
    }

    /** Checks some documents from a number on, keeps what was found, and returns the number to go on with; 0 at the end. */
    int checkFrom(int number, KeptHeads heads) {
        PublicKeys keys = signing.key().publicKeys();
        List<DocumentRow> rows = ledger.following(Math.max(1, number - 1), AT_ONCE + 1);
        int before = 0;
        String hashBefore = SignedDocument.FIRST;
        for (DocumentRow row : rows) {
            if (row.number() >= number) {
                keep(row.number(), look(row, before, hashBefore, keys, heads));
            }
            before = row.number();
            hashBefore = row.hash();
        }
        index.keep(rows.stream().filter(row -> row.number() >= number).toList(), keys);
        return rows.size() <= AT_ONCE ? 0 : before + 1;
    }

    private Optional<Finding> look(DocumentRow row, int before, String hashBefore, PublicKeys keys, KeptHeads heads) {
        return row.stored()
                .check(keys)
                .or(() -> row.stored().follows(before, hashBefore))
                .or(() -> rewritten(row, heads))
                .or(() -> rows(row));
    }

    private static Optional<Finding> rewritten(DocumentRow row, KeptHeads heads) {
        return heads.of(row.number())
                .filter(head -> !head.equals(row.hash()))
                .map(head -> new Finding(Finding.Kind.REWRITTEN, ""));
    }

    private Optional<Finding> rows(DocumentRow row) {
        try {
            return dockets.find(row.docketNumber())
                    .map(docket -> difference(row, docket))
                    .orElseGet(() -> Optional.of(new Finding(Finding.Kind.NO_DOCKET, "")));
        } catch (RuntimeException e) {
            LOG.warn("The record of document {} cannot be read", row.number(), e);
            return Optional.of(new Finding(Finding.Kind.UNREADABLE, ""));
        }
    }

    private Optional<Finding> difference(DocumentRow row, Docket docket) {
        if (!docket.signed()) {
            return Optional.of(new Finding(Finding.Kind.ROWS, Words.say("ledger.its-docket-is-open-again")));
        }
        Optional<Finding> difference = RecordDifference.first(row.canonical(), Json.canonical(builder.record(docket)))
                .map(where -> new Finding(Finding.Kind.ROWS, where));
        if (difference.isEmpty()) {
            index(docket);
        }
        return difference;
    }

    /** It says nothing of the document whether this succeeds. */
    private void index(Docket docket) {
        try {
            uses.keep(docket);
        } catch (RuntimeException e) {
            LOG.warn("The index of gauges of docket {} could not be kept", docket.number(), e);
        }
    }

    /**
     * Whether the chain ends where the database and the heads file say. They are read in the order opposite to that in which
     * signing writes them, so that somebody who signs meanwhile is not taken for a gap.
     */
    Optional<Found> end(Path headsFile) {
        List<Head> kept = Heads.read(headsFile);
        return end(kept).or(() -> closedWithoutDocument(ledger.reached()));
    }

    /** By the heads file of this installation. */
    Optional<Found> end() {
        return end(signing.heads());
    }

    /** The same by the last of the heads alone, and by counting, which costs next to nothing. */
    Optional<Found> lastEnd() {
        return end(Heads.last(signing.heads()).stream().toList())
                .or(() -> ledger.closedBeside().map(docket -> closedWithoutDocument(ledger.reached(), docket)));
    }

    private Optional<Found> end(List<Head> kept) {
        HeadRow head = ledger.head();
        int reached = ledger.reached();
        for (Head each : kept) {
            if (each.number() > reached) {
                return Optional.of(cut(reached, each.number()));
            }
        }
        if (head.number() > reached) {
            return Optional.of(cut(reached, head.number()));
        }
        return ledger.byNumber(head.number())
                .filter(row -> !row.hash().equals(head.hash()))
                .map(row -> new Found(row.number(), new Finding(Finding.Kind.CHAIN, "")));
    }

    private Optional<Found> closedWithoutDocument(int reached) {
        return ledger.closedWithoutDocument().stream()
                .findFirst()
                .map(docket -> closedWithoutDocument(reached, docket));
    }

    private static Found closedWithoutDocument(int reached, int docket) {
        return new Found(reached, new Finding(Finding.Kind.NO_DOCUMENT, String.valueOf(docket)));
    }

    private static Found cut(int reached, int named) {
        return new Found(reached, new Finding(Finding.Kind.CUT, String.valueOf(named)));
    }
}
