package org.eskarn.app.demo;

import static org.eskarn.core.round.SurfaceSide.OUTSIDE;

import java.time.LocalDate;
import java.util.Optional;
import org.eskarn.app.account.Account;
import org.eskarn.app.account.AccountService;
import org.eskarn.app.docket.AttemptKind;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.DocketService.Opening;
import org.eskarn.app.docket.SetAsideCause;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.work.EvidenceService;
import org.eskarn.app.docket.work.SetUpService;
import org.eskarn.app.ledger.LedgerService;
import org.eskarn.app.ledger.SigningRefused;
import org.eskarn.app.part.PartService;
import org.eskarn.core.requirement.Characteristic;
import org.springframework.stereotype.Component;

/** Dockets with more behind them than one sweep: sweeps set aside and taken again, several inspectors, gauges that lack. */
@Component
class DemoEvidence {

    private final DocketService dockets;
    private final SetUpService setUps;
    private final EvidenceService evidence;
    private final LedgerService ledger;
    private final PartService parts;
    private final AccountService accounts;
    private final DemoInspector inspector;

    DemoEvidence(
            DocketService dockets,
            SetUpService setUps,
            EvidenceService evidence,
            LedgerService ledger,
            PartService parts,
            AccountService accounts,
            DemoInspector inspector) {
        this.dockets = dockets;
        this.setUps = setUps;
        this.evidence = evidence;
        this.ledger = ledger;
        this.parts = parts;
        this.accounts = accounts;
        this.inspector = inspector;
    }

    /** What is measured with a caliper, of which the register has none, and with an indicator that is not calibrated. */
    static DemoPart spacer() {
        return DemoPart.metric("TG-191", "A", "Packing bar", "carbon steel", "11.8")
                .feature("Ends", "", OUTSIDE, "300", "the marked side")
                .asks(
                        "Length over the ends",
                        "Ends",
                        Characteristic.OUTSIDE_SIZE,
                        "limit.kind: PLUS_MINUS | limit.nominal: 300.00 | limit.upper: 0.50 | limit.lower: -0.50 | layout.kind: POINTS | "
                                + "layout.first: near edge; middle; far edge | gauge.kind: CALIPER | gauge.zeroRule: MASTER | "
                                + "setUp.workKind: ON_THE_PLATE");
    }

    void make(LocalDate today) throws DocketConflict, SigningRefused {
        Account mara = accounts.byLogin("m.quill").orElseThrow();
        inHand(open("TG-110", "VB-0414", 4, today.plusDays(13), mara));
        signed(open("TG-110", "VB-0415", 1, today.plusDays(13), mara));
        open("TG-191", "VB-0456", 1, today.plusDays(14), mara);
    }

    /** One agreed on, one the inspectors do not agree on, and one swept twice, of which the mean counts. */
    private void inHand(int shaft) throws DocketConflict {
        Account mara = accounts.byLogin("m.quill").orElseThrow();
        Account tobin = accounts.byLogin("t.ashdale").orElseThrow();
        inspector.judge(shaft, 1, "0 +2 +5 +9 +12 +9 +5 +2 0", mara.id());
        inspector.begin(shaft, 1, AttemptKind.SECOND_INSPECTOR, "0 +2 +5.5 +9 +12.5 +9 +5 +2 0", tobin.id());
        inspector.accept(shaft, 1, tobin.id());
        inspector.judge(shaft, 2, "0 +6 +13 +20 +26 +20 +13 +6 0", mara.id());
        inspector.begin(shaft, 2, AttemptKind.SECOND_INSPECTOR, "0 +3 +6 +9 +12 +9 +6 +3 0", tobin.id());
        inspector.sweep(shaft, 3, "0 +3 +7 +9.5 +10.5 +9 +5.5 +2 +0.5", mara.id());
        inspector.prove(shaft, 3, mara.id());
        inspector.oneMore(shaft, 3, "0 +3 +7.5 +10 +11.5 +9.5 +6 +2.5 0", mara.id());
        inspector.prove(shaft, 3, mara.id());
    }

    /** A third inspector and a checker's decision, a sweep set aside, and a gauge that counts the other way. */
    private void signed(int shaft) throws DocketConflict, SigningRefused {
        Account mara = accounts.byLogin("m.quill").orElseThrow();
        Account tobin = accounts.byLogin("t.ashdale").orElseThrow();
        Account wenna = accounts.byLogin("w.sorrel").orElseThrow();
        inspector.judge(shaft, 1, "0 +6 +13 +20 +26 +20 +13 +6 0", mara.id());
        inspector.begin(shaft, 1, AttemptKind.SECOND_INSPECTOR, "0 +3 +6 +9 +12 +9 +6 +3 0", tobin.id());
        SetUp first = find(shaft, 1);
        evidence.decide(
                shaft,
                1,
                first.attempt().id(),
                "The first was read over a burr at 180°, since stoned off; both looked at it again.",
                first.version(),
                wenna.id());
        inspector.accept(shaft, 1, tobin.id());

        inspector.sweep(shaft, 2, "0 -2 -4.5 +31 -8 -6.5 -4 -1.5 +0.5", mara.id());
        SetUp second = find(shaft, 2);
        evidence.setAside(
                shaft,
                2,
                second.sweep().id(),
                Optional.of(SetAsideCause.MOVED),
                "The stand was knocked at station 4.",
                second.version(),
                mara.id());
        inspector.sweepOn(shaft, 2, "0 -2 -4.5 -7 -8 -6.5 -4 -1.5 +0.5", mara.id());
        inspector.prove(shaft, 2, mara.id());
        inspector.accept(shaft, 2, mara.id());

        inspector.prepare(shaft, 3, mara.id());
        evidence.turnSign(shaft, 3, "", find(shaft, 3).version(), mara.id());
        inspector.sweepOn(shaft, 3, "0 -3 -7 -9.5 -10.5 -9 -5.5 -2 -0.5", mara.id());
        inspector.prove(shaft, 3, mara.id());
        inspector.accept(shaft, 3, mara.id());

        Docket docket = dockets.find(shaft).orElseThrow();
        ledger.sign(shaft, ledger.contentHash(docket), "Journal A passes after the burr was stoned off.", tobin);
    }

    private int open(String drawing, String serial, int piece, LocalDate due, Account by) {
        long part = parts.byNumber(drawing, drawing.equals("TG-110") ? "C" : "A")
                .orElseThrow()
                .id();
        return dockets.open(new Opening(part, serial, piece, 4, "final", "overhaul office", due), by.id());
    }

    private SetUp find(int number, int position) {
        return dockets.find(number).flatMap(docket -> docket.at(position)).orElseThrow();
    }
}
