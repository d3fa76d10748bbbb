package org.eskarn.app.demo;

import java.time.Clock;
import java.time.LocalDate;
import org.eskarn.app.account.Account;
import org.eskarn.app.account.AccountRefused;
import org.eskarn.app.account.AccountService;
import org.eskarn.app.account.InstallationService;
import org.eskarn.app.account.Role;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.DocketService.Opening;
import org.eskarn.app.gauge.GaugeService;
import org.eskarn.app.ledger.LedgerService;
import org.eskarn.app.ledger.SigningRefused;
import org.eskarn.app.part.PartService;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The overhaul of the Vellmere swing bridge's turning gear, invented from end to end, made through the services. */
@Component
class DemoWorld {

    /** Shown on the demo's sign-in page; it opens nothing but the demo. */
    private static final String PASSWORD = "vellmere";

    private final InstallationService installation;
    private final AccountService accounts;
    private final GaugeService gauges;
    private final PartService parts;
    private final DocketService dockets;
    private final LedgerService ledger;
    private final DemoInspector inspector;
    private final Clock clock;

    DemoWorld(
            InstallationService installation,
            AccountService accounts,
            GaugeService gauges,
            PartService parts,
            DocketService dockets,
            LedgerService ledger,
            DemoInspector inspector,
            Clock clock) {
        this.installation = installation;
        this.accounts = accounts;
        this.gauges = gauges;
        this.parts = parts;
        this.dockets = dockets;
        this.ledger = ledger;
        this.inspector = inspector;
        this.clock = clock;
    }

    /** All in one transaction: the demo is there whole, or not at all. */
    @Transactional
    void make() {
        try {
            installation.make(true);
            accounts.create("m.quill", "Mara Quill", Role.INSPECTOR, PASSWORD);
            accounts.create("t.ashdale", "Tobin Ashdale", Role.CHECKER, PASSWORD);
            accounts.create("i.varn", "Ilse Varn", Role.KEEPER, PASSWORD);
            accounts.create("e.korrin", "Edda Korrin", Role.STEWARD, PASSWORD);
            LocalDate today = LocalDate.now(clock);
            DemoGauges.all(today).forEach(gauges::add);
            DemoParts.all().forEach(drawn -> parts.add(drawn.part(), drawn.requirements()));
            signed(today);
            inHand(today);
        } catch (AccountRefused | DocketConflict | SigningRefused e) {
            throw new IllegalStateException("the demo's own data were refused", e);
        }
    }

    private void signed(LocalDate today) throws DocketConflict, SigningRefused {
        Account checker = accounts.byLogin("t.ashdale").orElseThrow();
        int shaft = open(
                DemoParts.PINION_SHAFT, "VB-0411", 1, 4, "first-off", "overhaul office", today.minusDays(2), checker);
        inspector.judge(shaft, 1, "0 +1.5 +3.5 +5 +5.5 +4 +2 +0.5 0", checker.id());
        inspector.judge(shaft, 2, "0 -2 -4.5 -7 -8 -6.5 -4 -1.5 +0.5", checker.id());
        inspector.judge(shaft, 3, "0 +3 +7 +9.5 +10.5 +9 +5.5 +2 +0.5", checker.id());
        sign(shaft, "", checker);

        Account mara = accounts.byLogin("m.quill").orElseThrow();
        int pin = open(DemoParts.LOCK_PIN, "VB-0386", 1, 2, "in service", "bridge keeper", today.minusDays(1), mara);
        inspector.judge(pin, 1, "0 +1.5 +3 +4 +4.5 +3 +1.5 +0.5 0", mara.id());
        inspector.judge(pin, 2, "0 +5 +11 +18 +24 +21.5 +13 +4 +0.5", mara.id());
        sign(pin, "Head runs out past the limit: turn a new head, keep the pin body.", mara);

        int crank = open(DemoParts.WEDGE_CRANK, "VB-0402", 1, 1, "incoming", "stores", today.minusDays(1), checker);
        inspector.judge(crank, 1, "0 +3 +6 +9.5 +12 +13 +12.5 +11 +8 +5 +2 +0.5 0", checker.id());
        inspector.judge(crank, 2, "0 -2 -5 -8.5 -11 -12.5 -12 -10 -7 -4 -1.5 0 -0.5", checker.id());
        sign(crank, "", checker);
    }

    private void inHand(LocalDate today) throws DocketConflict {
        Account mara = accounts.byLogin("m.quill").orElseThrow();
        int shaft = open(DemoParts.PINION_SHAFT, "VB-0412", 2, 4, "first-off", "overhaul office", today, mara);
        inspector.judge(shaft, 2, "0 +5.5 +13.5 +21 +26.5 +24 +16.5 +6 +0.5", mara.id());
        inspector.sweep(shaft, 3, "0 +2.5 +6 +8.5 +9.5 +7 +2 -2.5 -5.5", mara.id());

        int ring = open(DemoParts.ADAPTER_RING, "VB-0420", 1, 1, "final", "overhaul office", today.plusDays(1), mara);
        inspector.sweep(ring, 1, "0 -18 -28/-32 -42 -45/-47", mara.id());
        inspector.correct(ring, 1, 2, "-8", "read on the wrong side of the ten", mara.id());

        int pin = open(DemoParts.LOCK_PIN, "VB-0387", 2, 2, "in service", "bridge keeper", today.plusDays(2), mara);
        inspector.sweep(pin, 1, "0 +3 +7.5 +11.5 +14.5 +12 +7 +2.5 0", mara.id());

        open(DemoParts.PINION_SHAFT, "VB-0413", 3, 4, "first-off", "overhaul office", today.plusDays(6), mara);
        open(DemoParts.WEDGE_CRANK, "VB-0403", 1, 1, "incoming", "stores", today.plusDays(8), mara);
    }

    private int open(
            long part, String serial, int piece, int pieces, String purpose, String asked, LocalDate due, Account by) {
        return dockets.open(new Opening(part, serial, piece, pieces, purpose, asked, due), by.id());
    }

    private void sign(int number, String remark, Account signer) throws DocketConflict, SigningRefused {
        String seen = ledger.contentSeal(dockets.find(number).orElseThrow());
        ledger.sign(number, seen, remark, signer);
    }
}
