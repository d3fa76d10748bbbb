package org.eskarn.app.ledger;

import java.nio.charset.StandardCharsets;
import java.util.Optional;
import org.eskarn.app.certificate.CertificateService;
import org.eskarn.app.certificate.Certificates;
import org.eskarn.app.certificate.ClaimForm;
import org.eskarn.app.certificate.Incomparable;
import org.eskarn.app.certificate.ScannedFile;
import org.eskarn.app.docket.AttemptKind;
import org.eskarn.app.docket.SetAsideCause;
import org.eskarn.app.docket.Step;
import org.eskarn.app.docket.work.CircumstanceService;
import org.eskarn.app.docket.work.CircumstanceService.CircumstanceForm;
import org.eskarn.app.docket.work.CorrectionService;
import org.eskarn.app.docket.work.CorrectionService.CorrectionsForm;
import org.eskarn.app.docket.work.DialInService;
import org.eskarn.app.docket.work.DialInService.DialInForm;
import org.eskarn.app.docket.work.EvidenceService;
import org.eskarn.app.docket.work.GaugeUseService;
import org.eskarn.app.docket.work.ReadingService;
import org.eskarn.app.docket.work.SetUpService;
import org.eskarn.app.docket.work.TypedReading;
import org.eskarn.app.docket.work.ZeroService;
import org.eskarn.app.running.Work;
import org.eskarn.core.requirement.LimitUnit;
import org.springframework.context.ApplicationContext;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Two signed dockets that between them hold everything a record can hold. */
record SignedDockets(int bore, int journal) {

    private static final String MARA = "m.quill";
    private static final String TOBIN = "t.ashdale";
    private static final String WENNA = "w.sorrel";

    static SignedDockets sign(ApplicationContext beans) throws Exception {
        int bore = bore(beans);
        return new SignedDockets(bore, journal(beans, bore));
    }

    /** A master, an override, a second inspector, a decision, a correction with its steps, and requirements left out. */
    private static int bore(ApplicationContext beans) throws Exception {
        Work work = Work.open(beans, "TG-120", "B", 2, MARA);
        work.prepare(MARA);
        work.bean(CircumstanceService.class)
                .say(
                        work.number(),
                        2,
                        new CircumstanceForm("68 F", "68 F", "0.2 F", "0.5", work.gauge("SP-1"), ""),
                        work.version(),
                        work.id(MARA));
        work.bean(ZeroService.class).set(work.number(), 2, 1, work.gauge("SR-72"), "1", work.version(), work.id(MARA));
        work.read(MARA, "40 6 9 12 14 18");
        work.bean(ZeroService.class).recheck(work.number(), 2, 1, "1", work.version(), work.id(MARA));
        work.confirm(MARA, Step.PROVE, Step.VERDICT);
        correction(work);
        work.begin(MARA, AttemptKind.CORRECTED, "honed 20 µm");
        status(work, "IN_QUESTION");
        work.bean(GaugeUseService.class)
                .choose(work.number(), 2, work.gauge("BG-3"), null, "found good again", work.version(), work.id(MARA));
        work.confirm(MARA, Step.GAUGE);
        status(work, "IN_SERVICE");
        work.sweep(MARA, "40 6 9 12 14 18").confirm(MARA, Step.VERDICT);
        work.begin(TOBIN, AttemptKind.SECOND_INSPECTOR, "").sweep(TOBIN, "4 6 9 12 14 18");
        work.bean(EvidenceService.class)
                .decide(
                        work.number(),
                        2,
                        work.setUp().attempt().id(),
                        "the first read over a burr",
                        work.version(),
                        work.id(WENNA));
        work.confirm(TOBIN, Step.VERDICT);
        work.sign(TOBIN, "bore only");
        return work.number();
    }

    private static void status(Work work, String status) {
        JdbcClient.create(work.bean(javax.sql.DataSource.class))
                .sql("update gauge set status = ? where mark = 'BG-3'")
                .param(status)
                .update();
    }

    /** As they are stored; what they were worked out from does not matter here. */
    private static void correction(Work work) {
        JdbcClient database = JdbcClient.create(work.bean(javax.sql.DataSource.class));
        long setUp = work.setUp().id();
        long attempt = work.setUp().attempts().get(0).id();
        database.sql("insert into remedy (set_up_id, attempt_id, kind, words, predicted_micrometres,"
                        + " uncertainty_micrometres, decided_by, decided_at)"
                        + " values (?, ?, 'CUT', 'Cut to 72.015', '72015', '2', ?, current_timestamp)")
                .params(setUp, attempt, work.id(MARA))
                .update();
        database.sql(
                        "insert into truing_step (set_up_id, attempt_id, number, place, done, typed, movement_micrometres,"
                                + " taken_by, taken_at, taken_back_reason, taken_back_by, taken_back_at)"
                                + " values (?, ?, 1, '45°', 'light', '41', '41', ?, current_timestamp, 'mistyped', ?, current_timestamp)")
                .params(setUp, attempt, work.id(MARA), work.id(MARA))
                .update();
    }

    /** A row that is compared, one that is not, and a page. */
    private static void certificate(Work work) throws Exception {
        CertificateService certificates = work.bean(CertificateService.class);
        certificates.write(work.number(), 0, Certificates.head("Maker", "M", "2026-01-14"), work.id(MARA));
        certificates.writeRow(work.number(), 0, 0, Certificates.claim("Runout of journal", "20", "4", 1));
        certificates.writeRow(
                work.number(),
                1,
                0,
                new ClaimForm(
                        "Wobble",
                        "",
                        "40 mm",
                        "by gear",
                        LimitUnit.MICROMETRE,
                        "30",
                        "3",
                        "1",
                        0,
                        Incomparable.OTHER_METHOD,
                        "no gear here"));
        certificates.addScan(
                work.number(),
                new ScannedFile("page.pdf", "%PDF-1.7".getBytes(StandardCharsets.US_ASCII)),
                work.id(MARA));
    }

    /** Readings taken back and corrected, a station hunted for, a turned sign, a sweep set aside, and a step left out. */
    private static int journal(ApplicationContext beans, int superseded) throws Exception {
        Work work = Work.open(beans, "TG-110", "C", 1, MARA);
        EvidenceService evidence = work.bean(EvidenceService.class);
        ReadingService readings = work.bean(ReadingService.class);
        work.prepare(MARA);
        work.bean(CorrectionService.class)
                .set(work.number(), 1, new CorrectionsForm(true, "-1", "10", ""), work.version(), work.id(MARA));
        work.bean(DialInService.class)
                .take(work.number(), 1, new DialInForm("10", "N E S W", "0 4 9 3"), work.version(), work.id(MARA));
        work.zero(MARA);
        evidence.turnSign(work.number(), 1, "", work.version(), work.id(MARA));
        work.read(MARA, "0 2");
        long first = work.setUp().sweep().id();
        readings.takeBack(work.number(), 1, first, 2, work.id(MARA));
        work.read(MARA, "3 5 9/10 12 9 5 2");
        readings.correct(
                work.number(),
                1,
                TypedReading.ofKeypad(first, 3, "5.5", "corrected"),
                "heard it wrong",
                work.version(),
                work.id(MARA));
        readings.addStation(work.number(), 1, first, "150", work.version(), work.id(MARA));
        work.read(MARA, "14 0");
        work.bean(SetUpService.class)
                .leaveOut(work.number(), 1, Optional.of(Step.PROVE), "no time", work.version(), work.id(MARA));
        work.oneMore(MARA).zero(MARA).read(MARA, "0 2 5 9 40 9 5 2 0");
        work.setAside(MARA, 2, SetAsideCause.MOVED, "the stand was knocked");
        work.confirm(MARA, Step.VERDICT);
        certificate(work);
        JdbcClient.create(work.bean(javax.sql.DataSource.class))
                .sql("update docket set supersedes = ?, supersedes_reason = 'the wrong ring' where number = ?")
                .params(superseded, work.number())
                .update();
        work.sign(TOBIN, "journal A only");
        return work.number();
    }
}
