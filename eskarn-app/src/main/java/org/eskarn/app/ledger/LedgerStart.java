package org.eskarn.app.ledger;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.eskarn.app.ledger.Heads.Head;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Before the first request: dockets signed before there were documents get theirs, and heads that a crash kept from their file
 * are appended. Afterwards all documents are checked in the background.
 */
@Component
class LedgerStart implements SmartInitializingSingleton {

    private static final Logger LOG = LoggerFactory.getLogger(LedgerStart.class);

    private final CarryOver carryOver;
    private final LedgerMapper ledger;
    private final Signing signing;
    private final CheckRun run;
    private final boolean verifying;

    LedgerStart(
            CarryOver carryOver,
            LedgerMapper ledger,
            Signing signing,
            CheckRun run,
            @Value("${eskarn.verify:false}") boolean verifying) {
        this.carryOver = carryOver;
        this.ledger = ledger;
        this.signing = signing;
        this.run = run;
        this.verifying = verifying;
    }

    @Override
    public void afterSingletonsInstantiated() {
        if (verifying) {
            return;
        }
        int carried = carryOver.all();
        if (carried > 0) {
            LOG.info("{} signed dockets were carried over into signed documents", carried);
        }
        if (ledger.count() > 0 && signing.key().id().isEmpty()) {
            LOG.warn(
                    "The signing key {} is missing: nothing can be signed until it is restored",
                    signing.key().file());
        }
        appendMissing();
    }

    /** Those after the last line only: a gap before it, or another hash, is a finding and not to be mended. */
    private void appendMissing() {
        Path file = signing.heads();
        List<Head> kept = Heads.read(file);
        Set<Integer> numbers = new HashSet<>();
        kept.forEach(head -> numbers.add(head.number()));
        int last = numbers.stream().mapToInt(number -> number).max().orElse(0);
        if (last == 0 && ledger.count() > 0 && Files.exists(file)) {
            LOG.warn("The heads file {} holds no head; it is begun again", file);
        }
        int from = last + 1;
        while (true) {
            List<DocumentRow> rows = ledger.following(from, DocumentChecks.AT_ONCE);
            if (rows.isEmpty()) {
                return;
            }
            Heads.append(
                    file,
                    rows.stream()
                            .map(row -> new Head(row.number(), row.hash(), Parts.time(row.signedAt())))
                            .toList());
            from = rows.get(rows.size() - 1).number() + 1;
        }
    }

    @EventListener(ApplicationReadyEvent.class)
    void checkAll() {
        if (!verifying) {
            run.begin();
        }
    }
}
