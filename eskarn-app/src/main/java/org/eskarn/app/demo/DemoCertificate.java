package org.eskarn.app.demo;

import static org.eskarn.core.requirement.Characteristic.*;
import static org.eskarn.core.round.SurfaceSide.INSIDE;
import static org.eskarn.core.round.SurfaceSide.OUTSIDE;

import java.time.LocalDate;
import java.util.List;
import org.eskarn.app.account.Account;
import org.eskarn.app.account.AccountService;
import org.eskarn.app.certificate.CertificateForm;
import org.eskarn.app.certificate.CertificateService;
import org.eskarn.app.certificate.ClaimForm;
import org.eskarn.app.certificate.Incomparable;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.DocketService.Opening;
import org.eskarn.app.ledger.LedgerService;
import org.eskarn.app.ledger.SigningRefused;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.part.PartChangeService;
import org.eskarn.app.part.PartService;
import org.eskarn.app.part.SheetService;
import org.eskarn.app.webhook.WebHooks;
import org.eskarn.core.requirement.LimitUnit;
import org.eskarn.core.units.LengthUnit;
import org.springframework.stereotype.Component;

/** Two dividing tables of one maker with their certificates: last year’s, signed, and one that is being examined. */
@Component
class DemoCertificate {

    private static final String PLATE = "setUp.workKind: ON_THE_PLATE | gauge.resolution: 1";

    /** What the certificate says of each: what, where, over what, how, allowed, claimed, requirement that measures it. */
    private record Row(
            String what, String place, String distance, String method, String allowed, String claimed, int measured) {}

    private static final List<Row> ROWS = List.of(
            new Row("Runout of table bore", "at the face", "", "indicator, one turn", "12", "2", 1),
            new Row("Runout of face", "at R 90", "", "indicator, one turn", "15", "2", 2),
            new Row("Flatness of table", "12 places", "", "indicator over the plate", "10", "1", 3),
            new Row("Face parallel to base", "four places", "300 mm", "indicator on the plate", "20", "2", 4),
            new Row("Bore taper", "", "40 mm deep", "bore gauge", "8", "1", 5),
            new Row("Wobble of worm", "by gear", "one turn of the worm", "by the gear", "30", "3", 0));

    private final DocketService dockets;
    private final LedgerService ledger;
    private final PartService parts;
    private final PartChangeService editing;
    private final SheetService sheets;
    private final AccountService accounts;
    private final CertificateService certificates;
    private final WebHooks hooks;
    private final DemoInspector inspector;

    DemoCertificate(
            DocketService dockets,
            LedgerService ledger,
            PartService parts,
            PartChangeService editing,
            SheetService sheets,
            AccountService accounts,
            CertificateService certificates,
            WebHooks hooks,
            DemoInspector inspector) {
        this.dockets = dockets;
        this.ledger = ledger;
        this.parts = parts;
        this.editing = editing;
        this.sheets = sheets;
        this.accounts = accounts;
        this.certificates = certificates;
        this.hooks = hooks;
        this.inspector = inspector;
    }

    private static DemoPart table() {
        return DemoPart.metric("TG-171", "A", "Dividing table, bought in", "cast iron", "10.5")
                .feature("Table bore", "A", INSIDE, "32", "above")
                .feature("Table face", "B", OUTSIDE, "", "above")
                .asks(
                        "Runout of table bore",
                        "Table bore",
                        CIRCULAR_RUNOUT_RADIAL,
                        "limit.upper: 0.012 | layout.first: 12 | " + PLATE)
                .asks(
                        "Runout of table face",
                        "Table face",
                        CIRCULAR_RUNOUT_AXIAL,
                        "limit.upper: 0.015 | layout.radius: 90 | layout.first: 12 | " + PLATE)
                .asks(
                        "Flatness of table face",
                        "Table face",
                        FLATNESS,
                        "limit.upper: 0.010 | layout.first: 30 90 150 210 | layout.second: 30 120 210 | " + PLATE)
                .asks(
                        "Face parallel to base",
                        "Table face",
                        PARALLELISM_OF_FACES,
                        "limit.upper: 0.020 | layout.kind: POINTS | "
                                + "layout.first: front 0 -110; right 110 0; back 0 110; left -110 0 | limit.datum: base | "
                                + PLATE)
                .asks(
                        "Taper of table bore",
                        "Table bore",
                        TAPER,
                        "limit.upper: 0.008 | layout.kind: RINGS | layout.first: 5 38 | layout.second: 0 90 | gauge.kind: BORE_GAUGE | "
                                + "gauge.setTo: 32 | gauge.zeroRule: MASTER | "
                                + PLATE);
    }

    void make(LocalDate today) throws FormRefused, DocketConflict, SigningRefused {
        table().type(editing, sheets);
        Account tobin = accounts.byLogin("t.ashdale").orElseThrow();
        Account mara = accounts.byLogin("m.quill").orElseThrow();
        int before = open("VB-0457", today, tobin);
        write(before, "CT-2207", "1102", today.minusYears(1).minusDays(6), tobin, "2 2 1 3 1 2");
        inspector.judge(before, 1, "0 1 2 2.5 3 3 2.5 2 1.5 1 0.5 0 0", tobin.id());
        inspector.judge(before, 2, "0 0.5 1 1.5 2 2.5 3 3 2.5 2 1 0.5 0", tobin.id());
        twice(before, 3, "0 2 5 7 1 4 7 6 2 4 6 3 0", "0 2 5.5 7 1 4 7 6 2 4 6 3.5 0.5", tobin);
        inspector.judge(before, 4, "0 2 4 2 0", tobin.id());
        inspector.judge(before, 5, "1 1.5 2 2.5", tobin.id());
        hooks.make(accounts.byLogin("e.korrin").orElseThrow().id(), "stores", "simulated");
        ledger.sign(before, ledger.contentHash(dockets.find(before).orElseThrow()), "", tobin);

        int now = open("VB-0458", today, mara);
        write(now, "CT-2291", "1187", today.minusDays(45), mara, "2 2 1 2 1 3");
        inspector.judge(now, 1, "0 0.5 1.5 2.5 3 3.5 3.5 3 2.5 1.5 1 0.5 0", mara.id());
        twice(now, 2, "0 1 3 5 7 8.5 9.5 9 7.5 5 3 1 0", "0 1 3 5.5 7 8.5 9.5 9 7 5 3 1 0.5", mara);
        twice(now, 3, "0 1 3 4 0 2 5 4 1 1 4 1 0", "0 1 3 4.5 0 2 5 4 1 1 4 1 0.5", mara);
        inspector.judge(now, 4, "0 1 3 2 0", mara.id());
    }

    private int open(String serial, LocalDate today, Account by) throws DocketConflict {
        long part = parts.byNumber("TG-171", "A").orElseThrow().id();
        return dockets.open(new Opening(part, serial, 1, 1, "incoming", "stores", today.plusDays(4)), by.id());
    }

    private void write(int docket, String serial, String number, LocalDate dated, Account by, String claims)
            throws FormRefused, DocketConflict {
        certificates.write(
                docket,
                0,
                new CertificateForm(
                        "Corvane Tablemakers",
                        "CT-250",
                        serial,
                        number,
                        dated.toString(),
                        "R. Olm",
                        "works standard 14",
                        "20",
                        "dial indicator",
                        "2",
                        LengthUnit.MICROMETRE,
                        "Packed without desiccant; the bore was dry."),
                by.id());
        String[] claimed = claims.split(" ");
        boolean there = !certificates
                .of(dockets.find(docket).orElseThrow())
                .orElseThrow()
                .claims()
                .isEmpty();
        for (int i = 0; i < ROWS.size(); i++) {
            Row row = ROWS.get(i);
            boolean byGear = row.measured() == 0;
            certificates.writeRow(
                    docket,
                    i,
                    there ? i + 1 : 0,
                    new ClaimForm(
                            row.what(),
                            row.place(),
                            row.distance(),
                            row.method(),
                            LimitUnit.MICROMETRE,
                            row.allowed(),
                            claimed[i],
                            "",
                            row.measured(),
                            byGear ? Incomparable.OTHER_METHOD : null,
                            byGear ? "the maker turned it by the gear, which is not here" : ""));
        }
    }

    /** Sweeps, sweeps once more, and accepts the verdict. */
    private void twice(int docket, int position, String once, String again, Account by) throws DocketConflict {
        inspector.sweep(docket, position, once, by.id());
        inspector.prove(docket, position, by.id());
        inspector.oneMore(docket, position, again, by.id());
        inspector.prove(docket, position, by.id());
        inspector.accept(docket, position, by.id());
    }
}
