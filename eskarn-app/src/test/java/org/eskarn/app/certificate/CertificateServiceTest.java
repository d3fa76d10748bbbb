package org.eskarn.app.certificate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.groups.Tuple.tuple;
import static org.eskarn.app.certificate.Certificates.MARA;
import static org.eskarn.app.certificate.Certificates.RUNOUT;

import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Optional;
import org.eskarn.app.docket.AttemptKind;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.Standing;
import org.eskarn.app.docket.Step;
import org.eskarn.app.docket.work.SetUpService;
import org.eskarn.app.ledger.LedgerService;
import org.eskarn.app.ledger.SigningRefused;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.Units;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.app.running.Work;
import org.eskarn.core.claim.ClaimFinding;
import org.eskarn.core.requirement.LimitUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.jdbc.core.simple.JdbcClient;

@ExtendWith(RunningEskarn.class)
class CertificateServiceTest {

    private static JudgedClaim first(Work work) {
        return Certificates.judged(work).claims().get(0);
    }

    /** Inside the limit and worse than claimed: first it is to be repeated, then it is contradicted, and the piece passes both times. */
    @Test
    void aContradictionCountsOnlyOnceItIsFoundAgain(Eskarn eskarn) throws Exception {
        Work work = Certificates.incoming(eskarn.context(), 2);
        Certificates.write(work, "2");
        assertThat(first(work).finding()).isEqualTo(ClaimFinding.NOT_TESTED);
        work.judge(MARA, RUNOUT);
        assertThat(first(work).finding()).isEqualTo(ClaimFinding.REPEAT);
        assertThat(CertificateWords.reliance(Certificates.judged(work)))
                .isEqualTo("Row 1 differs and has to be repeated.");
        work.oneMore(MARA).sweep(MARA, RUNOUT).confirm(MARA, Step.VERDICT);
        assertThat(first(work).finding()).isEqualTo(ClaimFinding.CONTRADICTED);
        assertThat(CertificateWords.headline(Certificates.judged(work))).startsWith("Usable so far");
        assertThat(CertificateWords.reliance(Certificates.judged(work))).isEqualTo("Row 1 contradicts it.");
    }

    /** 2 thou claimed is 50.8 µm; a claim without a decimal is known to half a thou. */
    @Test
    void aClaimInThouIsSetAgainstMicrometres(Eskarn eskarn) throws Exception {
        Work work = Certificates.incoming(eskarn.context(), 2);
        Certificates.write(work, "2");
        work.judge(MARA, RUNOUT);
        ClaimForm thou = new ClaimForm("Runout", "", "", "", LimitUnit.THOU, "1", "0.3", "", 2, null, "");
        work.bean(CertificateService.class).writeRow(work.number(), 1, 1, thou);
        // 0.3 thou is 7.6 µm ± 1.3 µm: 9.5 µm does not contradict it.
        assertThat(first(work).finding()).isEqualTo(ClaimFinding.UPHELD);
    }

    /** Whoever grinds the table and measures it then measures no more what the maker delivered. */
    @Test
    void whatWasMeasuredAfterWorkSaysNothingOfTheMaker(Eskarn eskarn) throws Exception {
        Work work = Certificates.incoming(eskarn.context(), 2);
        Certificates.write(work, "9");
        work.judge(MARA, RUNOUT);
        assertThat(first(work).finding()).isEqualTo(ClaimFinding.UPHELD);
        work.begin(MARA, AttemptKind.CORRECTED, "face ground");
        work.sweep(MARA, "0 0.5 1 1 1 1 1 1 1 1 1 0.5 0").confirm(MARA, Step.VERDICT);
        assertThat(first(work).measured().orElseThrow().micrometres()).isEqualTo(9.5);
        Work bore = work.at(1);
        bore.judge(MARA, "0 0.5 1 1 1 1 1 1 1 1 1 0.5 0");
        work.bean(CertificateService.class)
                .writeRow(work.number(), 1, 0, Certificates.claim("Runout of bore", "12", "1", 1));
        assertThat(Certificates.judged(work).claims().get(1).finding()).isEqualTo(ClaimFinding.NOT_COMPARABLE);
    }

    /** A face that came out of its limit does not stand there as passed because it was ground since. */
    @Test
    void aRowShowsHowItWasDelivered(Eskarn eskarn) throws Exception {
        Work work = Certificates.incoming(eskarn.context(), 2);
        Certificates.write(work, "2");
        work.judge(MARA, "0 2 6 11 16 21 25 21 16 11 6 2 0");
        work.begin(MARA, AttemptKind.CORRECTED, "face ground");
        work.sweep(MARA, "0 0.5 1 1 1 1 1 1 1 1 1 0.5 0").confirm(MARA, Step.VERDICT);
        assertThat(first(work).standing()).contains(Standing.FAIL);
        assertThat(first(work).asLeft()).contains(Standing.PASS);
        assertThat(CertificateWords.facts(first(work), Units.AS_DRAWN))
                .contains(new CertificateWords.Fact("As left, after work", "pass"));
    }

    /** Where a step was left out, or a simulated indicator read, nothing is said against a maker. */
    @Test
    void noMakerIsContradictedByWhatWasLeftOutOrSimulated(Eskarn eskarn) throws Exception {
        Work hasty = Certificates.incoming(eskarn.context(), 2);
        Certificates.write(hasty, "2");
        hasty.prepare(MARA);
        for (int sweep = 1; sweep <= 2; sweep++) {
            hasty.bean(SetUpService.class)
                    .leaveOut(hasty.number(), 2, Optional.of(Step.ZERO), "no time", hasty.version(), hasty.id(MARA));
            hasty.read(MARA, RUNOUT).confirm(MARA, Step.PROVE, Step.VERDICT);
            if (sweep == 1) {
                hasty.oneMore(MARA);
            }
        }
        assertThat(first(hasty).why()).isEqualTo(JudgedClaim.Why.RESTS_ON_LEFT_OUT);
        Work simulated = Certificates.incoming(eskarn.context(), 2);
        Certificates.write(simulated, "2");
        simulated.judge(MARA, RUNOUT).oneMore(MARA).sweep(MARA, RUNOUT).confirm(MARA, Step.VERDICT);
        assertThat(first(simulated).finding()).isEqualTo(ClaimFinding.CONTRADICTED);
        simulated
                .bean(JdbcClient.class)
                .sql("update reading set source = 'SIMULATED' where sweep_id = ?")
                .param(simulated.setUp().sweep().id())
                .update();
        assertThat(first(simulated).why()).isEqualTo(JudgedClaim.Why.SIMULATED);
        assertThat(first(simulated).finding()).isEqualTo(ClaimFinding.NOT_TESTED);
    }

    /** What the first inspector found is not to be read off the certificate by the second. */
    @Test
    void aSecondInspectorDoesNotSeeTheFirstFigure(Eskarn eskarn) throws Exception {
        Work work = Certificates.incoming(eskarn.context(), 2);
        Certificates.write(work, "2");
        work.judge(MARA, RUNOUT);
        work.begin("t.ashdale", AttemptKind.SECOND_INSPECTOR, "");
        assertThat(first(work).measured()).isEmpty();
        assertThat(first(work).standing()).isEmpty();
        assertThat(CertificateWords.headline(Certificates.judged(work))).isEqualTo("Nothing measured yet.");
        work.sweep("t.ashdale", RUNOUT);
        assertThat(first(work).finding()).as("found twice, by two").isEqualTo(ClaimFinding.CONTRADICTED);
    }

    /** The signer signs the claims they saw; afterwards nobody changes them. */
    @Test
    void theClaimsAreSignedAndStay(Eskarn eskarn) throws Exception {
        Work work = Certificates.incoming(eskarn.context(), 2);
        Certificates.write(work, "2");
        work.judge(MARA, RUNOUT).leaveOthersOut(MARA);
        LedgerService ledger = work.bean(LedgerService.class);
        CertificateService certificates = work.bean(CertificateService.class);
        String seen = ledger.contentHash(work.docket());
        certificates.writeRow(work.number(), 1, 1, Certificates.claim("Runout of face", "15", "9.5", 2));
        assertThatThrownBy(() -> ledger.sign(work.number(), seen, "face only", work.account(MARA)))
                .isInstanceOf(SigningRefused.class)
                .hasMessageContaining("changed");
        ledger.sign(work.number(), ledger.contentHash(work.docket()), "face only", work.account(MARA));
        assertThatThrownBy(() ->
                        certificates.writeRow(work.number(), 2, 1, Certificates.claim("Runout of face", "15", "2", 2)))
                .isInstanceOf(DocketConflict.class);
        assertThatThrownBy(() ->
                        certificates.write(work.number(), 2, Certificates.head("Another", "M", ""), work.id(MARA)))
                .isInstanceOf(DocketConflict.class);
        assertThatThrownBy(() -> certificates.removeRow(work.number(), 2, 1)).isInstanceOf(DocketConflict.class);
        assertThat(first(work).line().claimed()).isEqualTo("9.5");
    }

    @Test
    void whoeverLookedBeforeAnotherWroteIsTold(Eskarn eskarn) throws Exception {
        Work work = Certificates.incoming(eskarn.context(), 2);
        Certificates.write(work, "2");
        CertificateService certificates = work.bean(CertificateService.class);
        certificates.writeRow(work.number(), 1, 1, Certificates.claim("Runout of face", "15", "3", 2));
        assertThatThrownBy(() ->
                        certificates.writeRow(work.number(), 1, 1, Certificates.claim("Runout of face", "15", "4", 2)))
                .isInstanceOf(FormRefused.class)
                .hasMessageContaining("Somebody changed this certificate");
        assertThatThrownBy(() ->
                        certificates.write(work.number(), 1, Certificates.head("Another", "M", ""), work.id(MARA)))
                .isInstanceOf(FormRefused.class);
        assertThat(first(work).line().claimed()).isEqualTo("3");
    }

    /** The next piece of the same make has the same rows; only what its certificate claims is typed, and a slip saves none of it. */
    @Test
    void theNextPieceOfTheSameMakeHasTheSameRows(Eskarn eskarn) throws Exception {
        Work last = Certificates.incoming(eskarn.context(), 2);
        Certificates.write(last, "2");
        CertificateService certificates = last.bean(CertificateService.class);
        certificates.writeRow(last.number(), 1, 0, Certificates.claim("Runout of bore", "12", "2.0", 1));
        Work next = Certificates.incoming(eskarn.context(), 2);
        certificates.write(
                next.number(), 0, Certificates.head("maker " + last.number(), "m", "2026-02-01"), next.id(MARA));
        assertThat(Certificates.judged(next).claims())
                .extracting(
                        each -> each.line().allowed(),
                        each -> each.line().claimed(),
                        each -> each.setUp().orElseThrow().requirement().position())
                .containsExactly(tuple("15", "", 2), tuple("12", "", 1));
        assertThatThrownBy(() -> certificates.writeClaims(next.number(), 0, Map.of(1, "3", 2, "two")))
                .isInstanceOf(FormRefused.class);
        assertThat(first(next).line().claimed()).isEmpty();
        certificates.writeClaims(next.number(), 0, Map.of(1, "3", 2, "2.50"));
        assertThat(Certificates.judged(next).claims())
                .extracting(each -> each.line().claimed())
                .containsExactly("3", "2.50");
        assertThat(certificates.history(certificates.of(next.docket()).orElseThrow()))
                .extracting(each -> each.docket().number())
                .containsExactly(last.number());
    }

    @ParameterizedTest
    @CsvSource({
        "-3, 2, '', allowed",
        "15, two, '', claimed",
        "15, 2, -1, uncertainty",
        "15, '', 1, claimed",
        "0, 2, '', allowed"
    })
    void figuresThatAreNoneAreRefusedWhereTheyWereTyped(
            String allowed, String claimed, String known, String field, Eskarn eskarn) throws Exception {
        Work work = Certificates.incoming(eskarn.context(), 2);
        Certificates.write(work, "2");
        ClaimForm form =
                new ClaimForm("Runout", "", "", "", LimitUnit.MICROMETRE, allowed, claimed, known, 0, null, "");
        assertThatThrownBy(() -> work.bean(CertificateService.class).writeRow(work.number(), 1, 0, form))
                .isInstanceOfSatisfying(
                        FormRefused.class,
                        refused -> assertThat(refused.problems()).containsOnlyKeys(field));
        assertThat(Certificates.judged(work).claims()).hasSize(1);
    }

    /** A certificate of next year has not been written yet; one measurement answers one row; and why a claim is not compared is said. */
    @Test
    void whatCannotBeIsRefused(Eskarn eskarn) throws Exception {
        Work work = Certificates.incoming(eskarn.context(), 2);
        Certificates.write(work, "2");
        CertificateService certificates = work.bean(CertificateService.class);
        assertThatThrownBy(() -> certificates.write(
                        work.number(), 1, Certificates.head("Maker", "M", "2999-01-01"), work.id(MARA)))
                .hasMessageContaining("dated in the future");
        assertThatThrownBy(() -> certificates.writeRow(work.number(), 1, 0, Certificates.claim("Again", "15", "1", 2)))
                .hasMessageContaining("Row 1 is measured by that requirement already");
        assertThatThrownBy(() -> certificates.writeRow(work.number(), 1, 0, Certificates.claim("Other", "15", "1", 77)))
                .hasMessageContaining("Choose a requirement");
        ClaimForm unexplained =
                new ClaimForm("Wobble", "", "", "", LimitUnit.MICROMETRE, "30", "3", "", 1, Incomparable.WARM, " ");
        assertThatThrownBy(() -> certificates.writeRow(work.number(), 1, 0, unexplained))
                .hasMessageContaining("why it cannot be compared");
        ClaimForm degrees = new ClaimForm("Angle", "", "", "", LimitUnit.DEGREE, "1", "0.1", "", 1, null, "");
        assertThatThrownBy(() -> certificates.writeRow(work.number(), 1, 0, degrees))
                .hasMessageContaining("unit of length");
    }

    /** What a scan is, is told from what is in it. */
    @Test
    void onlyPicturesAndPdfAreKeptAsPages(Eskarn eskarn) throws Exception {
        Work work = Certificates.incoming(eskarn.context(), 2);
        Certificates.write(work, "2");
        CertificateService certificates = work.bean(CertificateService.class);
        byte[] page = "<svg onload='alert(1)'/>".getBytes(StandardCharsets.UTF_8);
        assertThatThrownBy(() -> certificates.addScan(work.number(), new ScannedFile("page.png", page), work.id(MARA)))
                .isInstanceOf(FormRefused.class);
        certificates.addScan(
                work.number(),
                new ScannedFile("..\\a/<b>\"1\".pdf", "%PDF-1.7".getBytes(StandardCharsets.US_ASCII)),
                work.id(MARA));
        assertThat(certificates.of(work.docket()).orElseThrow().scans())
                .extracting(Scan::name, Scan::type)
                .containsExactly(tuple("_b__1_.pdf", "application/pdf"));
    }
}
