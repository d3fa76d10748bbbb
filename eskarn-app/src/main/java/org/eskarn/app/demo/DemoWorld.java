package org.eskarn.app.demo;

import java.io.IOException;
import java.io.InputStream;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.eskarn.app.account.Account;
import org.eskarn.app.account.AccountRefused;
import org.eskarn.app.account.AccountService;
import org.eskarn.app.account.InstallationService;
import org.eskarn.app.account.Role;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.DocketService.Opening;
import org.eskarn.app.docket.WaitsFor;
import org.eskarn.app.exchange.ExchangeService;
import org.eskarn.app.exchange.ImportRefused;
import org.eskarn.app.gauge.Calibration;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.gauge.GaugeChangeService;
import org.eskarn.app.gauge.GaugeChangeService.CalibrationForm;
import org.eskarn.app.gauge.GaugeCheckService;
import org.eskarn.app.gauge.GaugeCheckService.CheckForm;
import org.eskarn.app.gauge.GaugeService;
import org.eskarn.app.ledger.LedgerService;
import org.eskarn.app.ledger.SigningRefused;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.part.OffsetService;
import org.eskarn.app.part.OffsetService.OffsetForm;
import org.eskarn.app.part.PartChangeService;
import org.eskarn.app.part.PartService;
import org.eskarn.app.part.SheetService;
import org.eskarn.app.trust.TraceService;
import org.eskarn.core.gauge.BlockSet;
import org.eskarn.core.remedy.Available;
import org.eskarn.core.requirement.RemedyKind;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
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
    private final GaugeChangeService keeping;
    private final GaugeCheckService checking;
    private final TraceService tracing;
    private final PartService parts;
    private final PartChangeService editing;
    private final SheetService sheets;
    private final DocketService dockets;
    private final LedgerService ledger;
    private final DemoInspector inspector;
    private final DemoEvidence evidence;
    private final DemoTrueVerdicts trueVerdicts;
    private final DemoBatch batch;
    private final DemoCertificate certificates;
    private final ExchangeService exchange;
    private final OffsetService offsets;
    private final Clock clock;

    DemoWorld(
            InstallationService installation,
            AccountService accounts,
            GaugeService gauges,
            GaugeChangeService keeping,
            GaugeCheckService checking,
            TraceService tracing,
            PartService parts,
            PartChangeService editing,
            SheetService sheets,
            DocketService dockets,
            LedgerService ledger,
            DemoInspector inspector,
            DemoEvidence evidence,
            DemoTrueVerdicts trueVerdicts,
            DemoBatch batch,
            DemoCertificate certificates,
            ExchangeService exchange,
            OffsetService offsets,
            Clock clock) {
        this.installation = installation;
        this.accounts = accounts;
        this.gauges = gauges;
        this.keeping = keeping;
        this.checking = checking;
        this.tracing = tracing;
        this.parts = parts;
        this.editing = editing;
        this.sheets = sheets;
        this.dockets = dockets;
        this.ledger = ledger;
        this.inspector = inspector;
        this.evidence = evidence;
        this.trueVerdicts = trueVerdicts;
        this.batch = batch;
        this.certificates = certificates;
        this.exchange = exchange;
        this.offsets = offsets;
        this.clock = clock;
    }

    /** All in one transaction: the demo is there whole, or not at all. */
    @Transactional
    void make() {
        try {
            installation.make(true);
            accounts.invent("m.quill", "Mara Quill", Role.INSPECTOR, PASSWORD);
            accounts.invent("t.ashdale", "Tobin Ashdale", Role.CHECKER, PASSWORD);
            accounts.invent("i.varn", "Ilse Varn", Role.KEEPER, PASSWORD);
            accounts.invent("e.korrin", "Edda Korrin", Role.STEWARD, PASSWORD);
            accounts.invent("w.sorrel", "Wenna Sorrel", Role.CHECKER, PASSWORD);
            LocalDate today = LocalDate.now(clock);
            DemoGauges.all(today).forEach(gauges::add);
            keepGauges(today);
            for (DemoPart part : DemoParts.all()) {
                part.type(editing, sheets);
            }
            signed(today);
            inHand(today);
            otherKinds(today);
            for (DemoPart part : DemoRoundParts.all()) {
                part.type(editing, sheets);
            }
            roundThings(today);
            for (DemoPart part : DemoFlatParts.all()) {
                part.type(editing, sheets);
            }
            flatThings(today);
            for (DemoPart part : DemoFitParts.all()) {
                part.type(editing, sheets);
            }
            fits(today);
            DemoEvidence.spacer().type(editing, sheets);
            evidence.make(today);
            for (DemoPart part : DemoTrueParts.all()) {
                part.type(editing, sheets);
            }
            Account mara = accounts.byLogin("m.quill").orElseThrow();
            trueVerdicts.make(
                    open("TG-240", "VB-0480", 1, 1, "final", "overhaul office", today.plusDays(13), mara), mara.id());
            DemoSharedReadings.layshaft().type(editing, sheets);
            DemoSharedReadings.make(
                    inspector,
                    open("TG-260", "VB-0490", 1, 1, "first-off", "transmission cell", today.plusDays(14), mara),
                    mara.id());
            batch.make(today);
            certificates.make(today);
            exchange.take("parts", file("capstan.csv"), mara.id());
        } catch (AccountRefused | FormRefused | DocketConflict | SigningRefused | ImportRefused | IOException e) {
            throw new IllegalStateException("the demo's own data were refused", e);
        }
    }

    /** A part as another program wrote it, with semicolons and decimal commas. */
    private static byte[] file(String name) throws IOException {
        try (InputStream in = Objects.requireNonNull(DemoWorld.class.getResourceAsStream(name), name)) {
            return in.readAllBytes();
        }
    }

    /** Calibrations and how gauges stand: three due soon, one overdue, one in question. */
    private void keepGauges(LocalDate today) throws FormRefused {
        Account keeper = accounts.byLogin("i.varn").orElseThrow();
        for (Gauge gauge : gauges.all()) {
            if (gauge.mark().equals(DemoGauges.NEW)) {
                continue;
            }
            keeping.calibrate(
                    gauge.id(),
                    gauge.version(),
                    new CalibrationForm(
                            gauge.nextDue().minusYears(1).isAfter(today)
                                    ? today.minusDays(20).toString()
                                    : gauge.nextDue().minusYears(1).toString(),
                            "Ilse Varn",
                            Calibration.Result.GOOD,
                            gauge.mark().equals("DG-1") ? "0: 0; 50: 2; 100: -1; 150: 3" : "",
                            LengthUnit.MICROMETRE,
                            gauge.mark().equals("DG-1") ? "1" : "",
                            gauge.nextDue().toString(),
                            ""),
                    keeper.id());
        }
        keeping.writeBlocks(find("GB-88").id(), find("GB-88").version(), blocks(BlockSet.Template.METRIC_88, "1.27"));
        keeping.writeBlocks(find("GB-81").id(), find("GB-81").version(), blocks(BlockSet.Template.INCH_81, "0.149"));
        Account mara = accounts.byLogin("m.quill").orElseThrow();
        checking.record(find("LI-4").id(), new CheckForm("SD-45", "0 0.5 0 -0.5 0 0.5", false, ""), mara.id());
        checking.record(
                find("PI-3").id(), new CheckForm("SR-72", "1 0 1 1 12 1 0", true, "dust on the ring"), mara.id());
    }

    private Gauge find(String mark) {
        return gauges.all().stream()
                .filter(gauge -> gauge.mark().equals(mark))
                .findFirst()
                .orElseThrow();
    }

    /** A usual set with small deviations that repeat, and one block worn. */
    private static String blocks(BlockSet.Template template, String worn) {
        StringBuilder lines = new StringBuilder();
        int i = 0;
        for (java.math.BigDecimal nominal : template.nominals()) {
            i++;
            String state = nominal.compareTo(new java.math.BigDecimal(worn)) == 0 ? " worn" : "";
            lines.append(nominal.toPlainString())
                    .append(i % 3 == 0 ? " -0." : " +0.")
                    .append("0")
                    .append(i * 7 % 9)
                    .append(" 0.05")
                    .append(state)
                    .append('\n');
        }
        return lines.toString();
    }

    private void signed(LocalDate today) throws DocketConflict, SigningRefused {
        Account checker = accounts.byLogin("t.ashdale").orElseThrow();
        int shaft = open("TG-110", "VB-0411", 1, 4, "first-off", "overhaul office", today.minusDays(2), checker);
        inspector.judge(shaft, 1, "0 +1.5 +3.5 +5 +5.5 +4 +2 +0.5 0", checker.id());
        inspector.judge(shaft, 2, "0 -2 -4.5 -7 -8 -6.5 -4 -1.5 +0.5", checker.id());
        inspector.judge(shaft, 3, "0 +3 +7 +9.5 +10.5 +9 +5.5 +2 +0.5", checker.id());
        sign(shaft, "", checker);

        Account mara = accounts.byLogin("m.quill").orElseThrow();
        int pin = open("TG-204", "VB-0386", 1, 2, "in service", "bridge keeper", today.minusDays(1), mara);
        inspector.judge(pin, 1, "0 +1.5 +3 +4 +4.5 +3 +1.5 +0.5 0", mara.id());
        inspector.judge(pin, 2, "0 +5 +11 +18 +24 +21.5 +13 +4 +0.5", mara.id());
        sign(pin, "Head runs out past the limit: turn a new head, keep the pin body.", mara);

        int crank = open("TG-118", "VB-0402", 1, 1, "incoming", "stores", today.minusDays(1), checker);
        inspector.judge(crank, 1, "0 +3 +6 +9.5 +12 +13 +12.5 +11 +8 +5 +2 +0.5 0", checker.id());
        inspector.judge(crank, 2, "0 -2 -5 -8.5 -11 -12.5 -12 -10 -7 -4 -1.5 0 -0.5", checker.id());
        sign(crank, "", checker);
    }

    private void inHand(LocalDate today) throws DocketConflict {
        Account mara = accounts.byLogin("m.quill").orElseThrow();
        int shaft = open("TG-110", "VB-0412", 2, 4, "first-off", "overhaul office", today, mara);
        inspector.judge(shaft, 2, "0 +5.5 +13.5 +21 +26.5 +24 +16.5 +6 +0.5", mara.id());
        inspector.sweep(shaft, 3, "0 +2.5 +6 +8.5 +9.5 +7 +2 -2.5 -5.5", mara.id());

        int ring = open("TG-131", "VB-0420", 1, 1, "final", "overhaul office", today.plusDays(1), mara);
        inspector.sweep(ring, 1, "0 -18 -28/-32 -42 -45/-47", mara.id());
        inspector.correct(ring, 1, 2, "-8", "read on the wrong side of the ten", mara.id());

        int pin = open("TG-204", "VB-0387", 2, 2, "in service", "bridge keeper", today.plusDays(2), mara);
        inspector.sweep(pin, 1, "0 +3 +7.5 +11.5 +14.5 +12 +7 +2.5 0", mara.id());

        open("TG-110", "VB-0413", 3, 4, "first-off", "overhaul office", today.plusDays(6), mara);
        open("TG-118", "VB-0403", 1, 1, "incoming", "stores", today.plusDays(8), mara);
    }

    /** Dockets of all the other kinds of work, in several states. */
    private void otherKinds(LocalDate today) throws DocketConflict, FormRefused {
        Account mara = accounts.byLogin("m.quill").orElseThrow();
        Account tobin = accounts.byLogin("t.ashdale").orElseThrow();
        int seats = open("TG-112", "VB-0412", 2, 4, "first-off", "overhaul office", today.plusDays(1), mara);
        inspector.judge(seats, 1, "45.010 45.011 45.013 45.012 45.015 45.014", mara.id());
        inspector.sweep(seats, 5, "0 3 5 2 1 4 6.5 2.5 2 5 7 3 0.5", mara.id());

        inspector.sweep(
                seats,
                4,
                "0 0.4 0.2 -0.2 -0.2 0 0.2 0.2 -1.2 -3 -5.6 -7.6 -8.8 -9.2 -9.6 -9.6 -9.8 -10.2 -10.8 -10.4 -8.8 -6.6 -3.6 -1.4 -0.2",
                mara.id());
        inspector.prove(seats, 4, mara.id());

        int gearcase = open("TG-120", "VB-0398", 1, 1, "in service", "bridge keeper", today.plusDays(3), mara);
        inspector.sweep(gearcase, 1, "0 4 6 2 -4 8 12", mara.id());
        inspector.judge(gearcase, 2, "4 6 9 12 14 18", mara.id());

        int washer = open("TG-126", "VB-0377", 1, 2, "incoming", "stores", today.plusDays(2), tobin);
        inspector.judge(washer, 1, "0 1 2 1.5 2.5 3 4 4.5 5 0", tobin.id());
        inspector.judge(washer, 2, "0.3744 0.3746 0.3748 0.3745", tobin.id());

        int bush = open("TG-205", "VB-0386", 1, 2, "in service", "bridge keeper", today.plusDays(4), tobin);
        inspector.sweep(bush, 1, "0.7510 0.7515 0.7510 0.7525", tobin.id());
        inspector.judge(bush, 3, "yes yes", tobin.id());

        int link = open("TG-140", "VB-0391", 3, 8, "in service", "bridge keeper", today.plusDays(5), mara);
        inspector.leaveOut(link, 2, "Master link is away for calibration until next month", mara.id());

        int pivot = open("TG-160", "VB-0001", 1, 1, "in service", "bridge keeper", today.plusDays(1), mara);
        inspector.judge(pivot, 1, "0 230 0 240 10 250 0 240 0 230", mara.id());
        inspector.waitFor(pivot, 1, WaitsFor.RECHECK, mara.id());
        inspector.judge(pivot, 2, "0 120 0 130 0 120", mara.id());

        int table = open("TG-170", "VB-0455", 1, 1, "incoming", "stores", today.minusDays(1), tobin);
        inspector.judge(table, 1, "0 1 2.5 4 5 6 6.5 6 5 3.5 2 1 0.5", tobin.id());
        inspector.judge(table, 2, "0 1 2 3 3.5 4 4 3.5 3 2 1 0.5 0", tobin.id());
        inspector.waitFor(table, 1, WaitsFor.SECOND_INSPECTOR, tobin.id());

        int stand = dockets.open(
                new Opening(
                        parts.byNumber("TG-900", "A").orElseThrow().id(),
                        "V-SC1",
                        1,
                        1,
                        "gauge check",
                        "gauge room",
                        today.plusDays(3),
                        find("SC-1").id()),
                mara.id());
        inspector.judge(stand, 1, "0 9 0 1 0 -7", mara.id());
        inspector.correct(stand, 1, "slide scraped in", "0 2 0 1 0 0", mara.id());
        inspector.judge(stand, 2, "0 1 0 2 0 1", mara.id());

        // Found after the gearcase was measured: what rests on it is in question.
        keeping.report(find("BG-1").id(), "Fell; reads 6 µm off on the ring SR-72 now", mara.id());
        tracing.question(
                find("BG-1").id(), Length.of("6", LengthUnit.MICROMETRE), today.minusDays(30), true, mara.id());

        open("TG-150", "VB-0409", 1, 1, "final", "overhaul office", today.plusDays(7), mara);
        open("TG-181", "VB-0006", 1, 1, "in service", "carpenters' shop", today.plusDays(9), mara);
    }

    /** Round things with their corrections: worked out, decided on, logged and measured again. */
    private void roundThings(LocalDate today) throws DocketConflict, FormRefused {
        Account mara = accounts.byLogin("m.quill").orElseThrow();
        long ring = parts.byNumber("TG-133", "A").orElseThrow().id();
        for (String dowel : List.of("0.025", "0.050", "0.075", "0.100")) {
            offsets.add(
                    ring,
                    new OffsetForm(
                            Available.Kind.DOWEL,
                            "D" + Integer.parseInt(dowel.substring(2)),
                            dowel,
                            LengthUnit.MILLIMETRE));
        }
        int first = open("TG-133", "VB-0421", 1, 2, "final", "overhaul office", today.plusDays(4), mara);
        inspector.sweep(first, 1, "0 -23 -15 52 114 139 115 66 -1", mara.id());
        inspector.prove(first, 1, mara.id());
        int second = open("TG-133", "VB-0422", 2, 2, "final", "overhaul office", today.plusDays(4), mara);
        inspector.judge(second, 1, "0 12 -10 -71 -116 -129 -101 -53 0", mara.id());
        inspector.decide(second, 1, RemedyKind.OFFSET, mara.id());
        inspector.correct(second, 1, "", "0 -2 -3 2 7 6 2 2 0", mara.id());

        int crank = open("TG-119", "VB-0404", 1, 1, "incoming", "stores", today.plusDays(6), mara);
        inspector.sweep(
                crank,
                1,
                "0 2 -4.5 -13 -21.5 -25.5 -22 -10.5 0 0 12.5 31 47 49 34.5 13.5 0 0 0 -9 -17.5 -18.5 -13.5 -7 -1 3 -0.5",
                mara.id());
        inspector.prove(crank, 1, mara.id());
        inspector.step(crank, 1, "180°", "copper drift, light", "41", mara.id());
        inspector.step(crank, 1, "180°", "copper drift, light", "36.5", mara.id());
        inspector.step(crank, 1, "165°", "copper drift, firmer", "33", mara.id());

        int shaft = open("TG-113", "VB-0425", 1, 2, "first-off", "overhaul office", today.plusDays(5), mara);
        inspector.sweep(shaft, 1, "38.212 38.213 38.208 38.207 38.203 38.204 38.197 38.198", mara.id());
        inspector.prove(shaft, 1, mara.id());
        inspector.judge(shaft, 2, "38.212 38.213 38.197 38.198", mara.id());
        int worn = open("TG-113", "VB-0426", 2, 2, "in service", "bridge keeper", today.plusDays(5), mara);
        inspector.sweep(worn, 1, "38.004 38.003 37.994 37.991 37.992 37.989 38.003 38.002", mara.id());
        inspector.prove(worn, 1, mara.id());

        int plate = open("TG-151", "VB-0431", 1, 1, "final", "overhaul office", today.plusDays(7), mara);
        inspector.judge(plate, 1, "0 3.5 5.5 8 9 11.5 6.5 3.5 0.5 -0.5 -4.5 -2.5 0.5", mara.id());
        inspector.judge(plate, 2, "12.03 12.02 12.04 12.03 12.09 12.11 12.08 12.10", mara.id());
        inspector.sweep(plate, 3, "yes yes yes no", mara.id());
    }

    /** Flat things, as found and as left, with their corrections. */
    private void flatThings(LocalDate today) throws DocketConflict, SigningRefused {
        Account mara = accounts.byLogin("m.quill").orElseThrow();
        Account tobin = accounts.byLogin("t.ashdale").orElseThrow();
        int lastYear = open("TG-121", "VB-0440", 1, 1, "in service", "bridge keeper", today.minusDays(340), tobin);
        inspector.judge(lastYear, 1, "0 1 2 3 4 -1 -2 -1 1 2 -1 -3 -2 0 2 -2 -2 -1 0 1 0", tobin.id());
        inspector.judge(lastYear, 2, "0 1 1.5 2 2.5 2 1 0.5 0.5 1 1.5 1.5 1 0.5 -0.5 2.5 0", tobin.id());
        sign(lastYear, "", tobin);

        int cover = open("TG-121", "VB-0440", 1, 1, "in service", "bridge keeper", today.plusDays(2), mara);
        inspector.judge(cover, 1, "0 1 3 3 4 -1 -7 -9 -3 2 -2 -9 -12.5 -5 2 -2 -2 -1 1 1 0", mara.id());
        inspector.decide(
                cover,
                1,
                Map.of("kind", "REGRIND", "lies", "levelled", "feed", "5", "readIn", "MICROMETRE"),
                mara.id());
        inspector.correct(cover, 1, "", "0 0.5 1 0.5 0 0.5 1.5 2 1 0.5 0 1.5 2 1.5 0.5 0 0.5 1 0.5 0 0", mara.id());
        inspector.sweep(cover, 2, "0 4.5 8 10.5 11 7 2.5 -0.5 3 6 8 6.5 4.5 1.5 -4.5 14.5 0.5", mara.id());
        inspector.prove(cover, 2, mara.id());

        int block = open("TG-123", "VB-0441", 1, 1, "final", "overhaul office", today.plusDays(3), mara);
        inspector.judge(block, 1, "0 21 0 -12 0 15 0 -6", mara.id());
        inspector.sweep(block, 2, "0 2 13 16.5 0 -1 -8 -10.5 0", mara.id());
        inspector.prove(block, 2, mara.id());

        int bed = open("TG-183", "VB-0006", 1, 2, "in service", "carpenters' shop", today.plusDays(8), mara);
        inspector.judge(bed, 1, "0 6 9 8 0 -2 -6.5 -12 0 -3 -2.5 3.5", mara.id());
        inspector.sweep(bed, 2, "38 18 -8 -24 -30 2", mara.id());
        inspector.sweep(bed, 3, "0 1.5 3 4.5 6.5 0 0 5 9.5 14 19.5 0", mara.id());
        inspector.prove(bed, 3, mara.id());
        inspector.sweep(bed, 4, "0 4 7.5 12 0.5 0 -6 -13 -20 0.5", mara.id());
        inspector.prove(bed, 4, mara.id());

        int guides = open("TG-184", "VB-0006", 2, 2, "in service", "carpenters' shop", today.plusDays(8), mara);
        inspector.sweep(guides, 1, "0 -60 0 90", mara.id());
        inspector.prove(guides, 1, mara.id());
        inspector.step(guides, 1, "back screw, right", "quarter turn out", "-30", mara.id());
        inspector.step(guides, 1, "back screw, right", "quarter turn in", "-110", mara.id());

        int link = open("TG-141", "VB-0442", 1, 4, "in service", "bridge keeper", today.plusDays(5), tobin);
        inspector.sweep(link, 1, "0 20 0 94 0 -8 0 -86", tobin.id());
        inspector.prove(link, 1, tobin.id());
    }

    /** Pairs that run, slide and are pressed, measured on both sides. */
    private void fits(LocalDate today) throws DocketConflict {
        Account mara = accounts.byLogin("m.quill").orElseThrow();
        int shaft = open("TG-114", "VB-0450", 1, 2, "first-off", "overhaul office", today.plusDays(10), mara);
        inspector.judge(shaft, 1, "4 5 7.5 8 10 10.5", mara.id());
        inspector.sweep(shaft, 2, "-21 -20.5 -17 -16 -14.5 -14", mara.id());
        inspector.prove(shaft, 2, mara.id());

        int gearcase = open("TG-122", "VB-0451", 1, 2, "first-off", "overhaul office", today.plusDays(10), mara);
        inspector.judge(gearcase, 1, "6 9 10 12 14 18", mara.id());
        inspector.judge(gearcase, 2, "20 18 14 13 9 7", mara.id());
        inspector.sweep(gearcase, 3, "19 -20.5 13.5 -16.5 8 -14", mara.id());
        inspector.prove(gearcase, 3, mara.id());

        int pin = open("TG-206", "VB-0389", 1, 1, "final", "bridge keeper", today.plusDays(11), mara);
        inspector.judge(pin, 1, "6 7 8 8.5 9.5 10", mara.id());
        inspector.sweep(pin, 2, "9 -14 5.5", mara.id());

        int crank = open("TG-116", "VB-0405", 1, 1, "final", "overhaul office", today.plusDays(11), mara);
        inspector.sweep(crank, 1, "12 54 9 52", mara.id());
        inspector.prove(crank, 1, mara.id());

        String[] pilots = {"-12 -13 -12.5 -11.5 -12 -11", "-24 -24.5 -24 -23 -22.5 -23", "-18 -17 -17.5 -16.5 -16 -16"};
        String[] bores = {"5 4 3.5 4 3 3", "14 13.5 12 12.5 11 12", "22 23 21.5 22 21 20.5"};
        for (int piece = 0; piece < pilots.length; piece++) {
            LocalDate due = today.plusDays(12);
            int other = open("TG-114", "VB-046" + piece, 1, 1, "final", "overhaul office", due, mara);
            inspector.judge(other, 2, pilots[piece], mara.id());
            int half = open("TG-122", "VB-047" + piece, 1, 1, "final", "overhaul office", due, mara);
            inspector.judge(half, 2, bores[piece], mara.id());
        }
    }

    private int open(
            String drawing,
            String serial,
            int piece,
            int pieces,
            String purpose,
            String asked,
            LocalDate due,
            Account by) {
        long part = parts.all().stream()
                .filter(each -> each.drawingNumber().equals(drawing))
                .findFirst()
                .orElseThrow()
                .id();
        return dockets.open(new Opening(part, serial, piece, pieces, purpose, asked, due), by.id());
    }

    private void sign(int number, String remark, Account signer) throws DocketConflict, SigningRefused {
        String seen = ledger.contentHash(dockets.find(number).orElseThrow());
        ledger.sign(number, seen, remark, signer);
    }
}
