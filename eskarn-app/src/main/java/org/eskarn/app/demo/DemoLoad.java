package org.eskarn.app.demo;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.eskarn.app.account.Account;
import org.eskarn.app.account.AccountService;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.DocketService.Opening;
import org.eskarn.app.docket.work.ReadingService;
import org.eskarn.app.docket.work.TypedReading;
import org.eskarn.app.ledger.LedgerCopies;
import org.eskarn.app.ledger.LedgerCopies.Copy;
import org.eskarn.app.ledger.LedgerService;
import org.eskarn.app.ledger.SigningRefused;
import org.eskarn.app.part.Part;
import org.eskarn.app.part.PartService;
import org.eskarn.core.reading.EntryRejected;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Synthetic signed dockets for measuring how Eskarn bears many: pinion shafts with the serial {@code LOAD-…}, some worked and signed
 * through the same services as by people, the others copied from these. Only ever in the demo's world.
 */
@Component
class DemoLoad {

    private static final Logger LOG = LoggerFactory.getLogger(DemoLoad.class);

    /** Worked like by people; the others are copies of them. */
    private static final int WORKED = 20;

    private static final int IN_ONE_COMMIT = 250;
    private static final int STATIONS = 8;
    private static final long SEED = 2004;

    private final AccountService accounts;
    private final PartService parts;
    private final DocketService dockets;
    private final DemoInspector inspector;
    private final ReadingService readings;
    private final LedgerService signing;
    private final DocketCopies copies;
    private final LedgerCopies ledger;
    private final TransactionTemplate commit;
    private final Clock clock;

    DemoLoad(
            AccountService accounts,
            PartService parts,
            DocketService dockets,
            DemoInspector inspector,
            ReadingService readings,
            LedgerService signing,
            DocketCopies copies,
            LedgerCopies ledger,
            PlatformTransactionManager transactions,
            Clock clock) {
        this.accounts = accounts;
        this.parts = parts;
        this.dockets = dockets;
        this.inspector = inspector;
        this.readings = readings;
        this.signing = signing;
        this.copies = copies;
        this.ledger = ledger;
        this.commit = new TransactionTemplate(transactions);
        this.clock = clock;
    }

    void make(int many) {
        Account mara = accounts.byLogin("m.quill").orElseThrow();
        Part shaft = parts.byNumber("TG-110", "C").orElseThrow();
        Random chance = new Random(SEED);
        List<Integer> worked = IntStream.rangeClosed(1, Math.min(many, WORKED))
                .mapToObj(each -> commit.execute(unused -> one(each, shaft, mara, chance)))
                .toList();
        long stride = copies.stride();
        int first = worked.get(worked.size() - 1);
        for (int made = worked.size(); made < many; made += IN_ONE_COMMIT) {
            Docket like = dockets.find(worked.get(made / IN_ONE_COMMIT % worked.size()))
                    .orElseThrow();
            List<Copy> of = IntStream.range(made, Math.min(many, made + IN_ONE_COMMIT))
                    .mapToObj(each -> new Copy(
                            like.id() + each * stride,
                            first + 1 + each - worked.size(),
                            "LOAD-" + (each + 1),
                            each * stride))
                    .toList();
            commit.executeWithoutResult(unused -> {
                copies.make(like.id(), of);
                ledger.sign(like.number(), of);
            });
            if (made / IN_ONE_COMMIT % 40 == 0) {
                LOG.info("{} synthetic dockets", made);
            }
        }
        copies.countOn();
        LOG.info("{} synthetic dockets were added to the demo's world", many);
    }

    private int one(int each, Part shaft, Account by, Random chance) {
        try {
            Opening opening = new Opening(
                    shaft.id(), "LOAD-" + each, 1, 1, "final", "synthetic, for measuring", LocalDate.now(clock));
            int number = dockets.open(opening, by.id());
            int requirements = dockets.find(number).orElseThrow().setUps().size();
            for (int position = 1; position <= requirements; position++) {
                inspector.prepare(number, position, by.id());
                inspector.zero(number, position, by.id());
                readings.takeAll(number, position, ring(number, position, chance), by.id());
                inspector.prove(number, position, by.id());
                inspector.accept(number, position, by.id());
            }
            Docket docket = dockets.find(number).orElseThrow();
            signing.sign(number, signing.contentHash(docket), "synthetic", by);
            return number;
        } catch (DocketConflict | EntryRejected | SigningRefused e) {
            throw new IllegalStateException("a synthetic docket was refused", e);
        }
    }

    /** A ring off centre by a few µm, with its return. */
    private List<TypedReading> ring(int number, int position, Random chance) {
        long sweep = dockets.find(number)
                .orElseThrow()
                .at(position)
                .orElseThrow()
                .sweep()
                .id();
        double off = 1 + 5 * chance.nextDouble();
        List<String> typed = IntStream.rangeClosed(0, STATIONS)
                .mapToObj(k -> String.valueOf(Math.round(off * (1 - Math.cos(2 * Math.PI * k / STATIONS)))))
                .collect(Collectors.toList());
        return IntStream.range(0, typed.size())
                .mapToObj(k -> TypedReading.ofKeypad(sweep, k + 1, typed.get(k), "load-" + (k + 1)))
                .toList();
    }
}
