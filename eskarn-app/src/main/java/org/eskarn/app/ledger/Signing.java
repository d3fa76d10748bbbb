package org.eskarn.app.ledger;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import org.eskarn.app.ledger.DocumentBuilder.Content;
import org.eskarn.app.ledger.Heads.Head;
import org.eskarn.app.ledger.LedgerMapper.HeadRow;
import org.eskarn.app.ledger.document.Json;
import org.eskarn.app.ledger.document.SignedDocument;
import org.eskarn.app.ledger.document.SignedDocument.CarriedOver;
import org.eskarn.app.ledger.document.SignedDocument.Program;
import org.eskarn.app.ledger.document.SignedDocument.SignaturePart;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Puts the frame round a docket's content, signs it, and appends it to the chain. Only to be used inside a transaction. */
@Component
class Signing {

    private final LedgerMapper ledger;
    private final InstallationKey key;
    private final Path heads;
    private final String version;
    private final Clock clock;

    Signing(
            LedgerMapper ledger,
            InstallationKey key,
            @Value("${eskarn.heads}") Path heads,
            @Value("${eskarn.version}") String version,
            Clock clock) {
        this.ledger = ledger;
        this.key = key;
        this.heads = heads;
        this.version = version;
        this.clock = clock;
    }

    Path heads() {
        return heads;
    }

    /** The signing key, made before the first document. */
    InstallationKey key() {
        if (key.id().isEmpty()) {
            key.open(ledger.count() == 0);
        }
        return key;
    }

    /**
     * @param rules version of the rules that the figures were computed by
     * @return the number of the document, and its hash
     */
    Head append(
            long docketId, Content content, String rules, SignaturePart signature, @Nullable CarriedOver carriedOver) {
        // Whoever signs at the same time waits here, so that numbers and hashes follow each other.
        ledger.countOn();
        HeadRow head = ledger.head();
        SignedDocument document = new SignedDocument(
                SignedDocument.SCHEMA,
                head.number(),
                head.hash(),
                key().id().orElseThrow(),
                new Program(version, rules),
                content.docket(),
                content.part(),
                content.requirements(),
                content.outcome(),
                signature,
                carriedOver,
                content.certificate());
        byte[] canonical = Json.canonical(document);
        String hash = Json.hash(canonical);
        Instant now = clock.instant().truncatedTo(ChronoUnit.MICROS);
        ledger.insert(new DocumentRow(
                head.number(),
                docketId,
                content.docket().number(),
                SignedDocument.SCHEMA,
                Packed.pack(canonical),
                hash,
                head.hash(),
                document.key(),
                key.sign(canonical),
                now));
        ledger.keepEntry(SignedEntry.of(docketId, document));
        ledger.setHead(hash);
        Head written = new Head(head.number(), hash, now.toString());
        keepHead(written);
        return written;
    }

    /** Once it is committed; a line that a crash prevents is written at the next start. */
    private void keepHead(Head head) {
        TransactionSynchronizationManager.getSynchronizations().stream()
                .filter(HeadsToKeep.class::isInstance)
                .map(HeadsToKeep.class::cast)
                .findFirst()
                .orElseGet(() -> {
                    HeadsToKeep first = new HeadsToKeep(heads);
                    TransactionSynchronizationManager.registerSynchronization(first);
                    return first;
                })
                .add(head);
    }

    /** The heads of one transaction. */
    private static final class HeadsToKeep implements TransactionSynchronization {

        private final Path file;
        private final List<Head> heads = new ArrayList<>();

        HeadsToKeep(Path file) {
            this.file = file;
        }

        void add(Head head) {
            heads.add(head);
        }

        @Override
        public void afterCommit() {
            Heads.append(file, heads);
        }
    }
}
