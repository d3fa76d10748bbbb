package org.eskarn.app.demo;

import java.time.LocalDate;
import java.util.Locale;
import org.eskarn.app.account.Account;
import org.eskarn.app.account.AccountService;
import org.eskarn.app.docket.AttemptKind;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.DocketService.Opening;
import org.eskarn.app.ledger.LedgerService;
import org.eskarn.app.ledger.SigningRefused;
import org.eskarn.app.part.PartService;
import org.springframework.stereotype.Component;

/** Eight pinion shafts of one batch, two of them off at journal A, both towards the same side. */
@Component
class DemoBatch {

    private static final int FIRST_SERIAL = 501;
    private static final int STATIONS = 8;

    /** Movement of journal A in µm, and where its high side points, in degrees. */
    private static final double[][] JOURNAL_A = {
        {14.5, 20}, {12, 130}, {33.5, 208}, {13, 265}, {10.5, 75}, {35, 212}, {11.5, 310}, {13.5, 160}
    };

    private static final double[][] JOURNAL_B = {
        {9, 200}, {11.5, 40}, {10, 330}, {8.5, 110}, {12.5, 250}, {9.5, 15}, {11, 170}, {10.5, 290}
    };

    private static final double[][] SEAT = {
        {18, 60}, {16.5, 300}, {19.5, 180}, {17, 100}, {21, 20}, {18.5, 230}, {16, 350}, {20, 145}
    };

    private final DocketService dockets;
    private final LedgerService ledger;
    private final PartService parts;
    private final AccountService accounts;
    private final DemoInspector inspector;

    DemoBatch(
            DocketService dockets,
            LedgerService ledger,
            PartService parts,
            AccountService accounts,
            DemoInspector inspector) {
        this.dockets = dockets;
        this.ledger = ledger;
        this.parts = parts;
        this.accounts = accounts;
        this.inspector = inspector;
    }

    void make(LocalDate today) throws DocketConflict, SigningRefused {
        Account mara = accounts.byLogin("m.quill").orElseThrow();
        Account tobin = accounts.byLogin("t.ashdale").orElseThrow();
        long part = parts.byNumber("TG-110", "C").orElseThrow().id();
        for (int i = 0; i < JOURNAL_A.length; i++) {
            String serial = String.format(Locale.ROOT, "VB-%04d", FIRST_SERIAL + i);
            int number = dockets.open(
                    new Opening(part, serial, i + 1, JOURNAL_A.length, "final", "overhaul office", today.plusDays(14)),
                    mara.id());
            inspector.judge(number, 1, ring(JOURNAL_A[i]), mara.id());
            boolean off = JOURNAL_A[i][0] > 20;
            if (i == 2) {
                inspector.begin(number, 1, AttemptKind.SECOND_INSPECTOR, ring(new double[] {34, 210}), tobin.id());
                inspector.accept(number, 1, tobin.id());
            }
            inspector.judge(number, 2, ring(JOURNAL_B[i]), mara.id());
            inspector.judge(number, 3, ring(SEAT[i]), mara.id());
            String seen = ledger.contentHash(dockets.find(number).orElseThrow());
            ledger.sign(number, seen, off ? "Journal A back to the grinder." : "", mara);
        }
    }

    /** A round section read from a zero at its first station, to half a micrometre. */
    private static String ring(double[] movement) {
        StringBuilder typed = new StringBuilder();
        for (int i = 0; i <= STATIONS; i++) {
            double at = 2 * Math.PI * (i % STATIONS) / STATIONS;
            double towards = Math.toRadians(movement[1]);
            double reading = movement[0] / 2 * (Math.cos(at - towards) - Math.cos(towards));
            String plain = String.format(Locale.ROOT, "%.1f", Math.round(2 * reading) / 2.0);
            typed.append(i == 0 ? "" : " ").append(plain.equals("-0.0") ? "0" : plain);
        }
        return typed.toString();
    }
}
