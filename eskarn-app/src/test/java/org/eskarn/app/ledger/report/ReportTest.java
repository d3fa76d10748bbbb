package org.eskarn.app.ledger.report;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import java.util.concurrent.CountDownLatch;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.DocketService.Opening;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.Paper;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.app.running.Work;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningEskarn.class)
class ReportTest {

    private static final String MARA = "m.quill";
    private static final String RING = "0 -3 2 4 5.5 4 3 1 0.5";

    private static String text(Page page, String address) throws Exception {
        return Paper.text(page.request().get(address).body());
    }

    private static String made(Page page, Eskarn eskarn) throws Exception {
        assertThat(page.locator("a.press.first")).isFocused();
        return text(page, eskarn.address() + page.locator("a.press.first").getAttribute("href"));
    }

    private static long part(Work work) {
        return work.docket().part().id();
    }

    /** Every requirement with its number, and on which page its readings stand; what was not measured is counted. */
    @Test
    void aFirstArticleIsReported(Eskarn eskarn) throws Exception {
        Work work = Work.open(eskarn.context(), "TG-110", "C", 1, MARA)
                .judge(MARA, RING)
                .sign(MARA, "journal A only");
        Page page = eskarn.signedIn(MARA);
        page.navigate(eskarn.address() + "/parts/" + part(work));
        page.keyboard().press("e");
        assertThat(page.locator("[name=docket]")).isFocused();
        assertThat(new AxeBuilder(page).setLegacyMode(true).analyze().getViolations())
                .isEmpty();
        page.locator("[name=docket]").selectOption(String.valueOf(work.number()));
        page.locator("main form button").first().click();
        String text = made(page, eskarn);
        assertThat(text)
                .contains("First-article report", "2 of 3 requirements were not measured", "Docket " + work.number())
                .containsPattern(
                        "1\\s+Runout of journal A\\s+circular runout \\(radial\\)\\s+≤ 0.020 mm 8.5 .* pass LI-4 2");
        work.question("LI-4");
        page.navigate(eskarn.address() + "/reports/part/" + part(work));
        page.locator("[name=docket]").selectOption(String.valueOf(work.number()));
        page.locator("main form button").first().click();
        assertThat(made(page, eskarn)).contains("Runout of journal A is in question");
        Page other = eskarn.signedIn("t.ashdale");
        assertThat(other.request().get(page.url()).status()).isEqualTo(404);
        assertThat(other.request().get(page.url() + ".pdf").status()).isEqualTo(404);
    }

    /** Pieces beside requirements; one in whose place another was signed does not count twice. */
    @Test
    void aBatchIsReportedWithoutWhatIsSuperseded(Eskarn eskarn) throws Exception {
        Work any = new Work(eskarn.context(), 0, 1);
        int opened = any.bean(DocketService.class)
                .open(new Opening(Eskarn.PINION_SHAFT, "RB-1", 1, 1, "final", "tests", Eskarn.later()), any.id(MARA));
        Work old = new Work(eskarn.context(), opened, 1).judge(MARA, RING).sign(MARA, "journal A only");
        int again =
                old.bean(DocketService.class).supersede(old.number(), "wrong journal", Eskarn.later(), old.id(MARA));
        Page page = eskarn.signedIn(MARA);
        String address = eskarn.address() + "/reports/part/" + part(old);
        page.navigate(address);
        assertThat(page.locator("option[value='" + old.number() + "']")).hasCount(1);
        Work second = new Work(eskarn.context(), again, 1).judge(MARA, RING).leaveOthersOut(MARA);
        page.navigate(eskarn.address() + "/dockets/" + again + "/sign");
        assertThat(page.locator("main")).containsText("Supersedes docket " + old.number() + ": wrong journal");
        second.sign(MARA, "journal A again");
        second.question("LI-4");
        page.navigate(eskarn.address() + "/histories/piece?drawing=TG-110&serial=RB-1");
        assertThat(page.locator("th:has(a:text-is('" + old.number() + "'))")).containsText("superseded by " + again);
        page.navigate(eskarn.address() + "/parts/" + part(old) + "/pieces?from=RB-1&to=RB-1");
        assertThat(page.locator("tbody tr").first()).not().containsText(String.valueOf(old.number()));
        page.navigate(address);
        assertThat(page.locator("option[value='" + old.number() + "']")).hasCount(0);
        page.locator("[name=from]").fill("VB-0501");
        page.locator("[name=to]").fill("VB-0508");
        page.keyboard().press("Enter");
        String text = made(page, eskarn);
        assertThat(text).contains("Batch report", "8 dockets", "2 fail", "VB-0506", "Journal A back to the grinder.");
        page.navigate(address);
        page.locator("[name=from]").fill("RB-1");
        page.locator("[name=to]").fill("RB-1");
        page.keyboard().press("Enter");
        assertThat(made(page, eskarn)).contains("1 in question", "Runout of journal A is in question");
        page.navigate(address);
        page.locator("[name=from]").fill("ZZ");
        page.keyboard().press("Enter");
        assertThat(page.locator(".problem")).containsText("No signed docket of these serials");
        assertThat(page.locator("[name=from]")).hasValue("ZZ");
    }

    @Test
    void aGaugeHasItsCertificateWithTheCurve(Eskarn eskarn) throws Exception {
        Work work = Work.open(eskarn.context(), "TG-110", "C", 1, MARA);
        Page page = eskarn.signedIn(MARA);
        assertThat(text(page, eskarn.address() + "/gauges/" + work.gauge("DG-1") + "/certificate.pdf"))
                .contains(
                        "Gauge certificate · DG-1", "Errors along the scale", "Each error is known to ±1.0 µm", "−1.0");
        assertThat(text(page, eskarn.address() + "/gauges/" + work.gauge("SC-1") + "/certificate.pdf"))
                .contains("SC-1");
    }

    /** One waits for the other; nobody fills the line alone, and one that fails says so and stops nothing. */
    @Test
    void reportsAreMadeOneAfterTheOther(Eskarn eskarn) throws Exception {
        ReportJobs jobs = eskarn.bean(ReportJobs.class);
        CountDownLatch goOn = new CountDownLatch(1);
        String first = jobs.begin(901, "first", "first", progress -> {
                    progress.reached(1, 4);
                    goOn.await();
                    throw new IllegalStateException("no paper");
                })
                .orElseThrow();
        String second =
                jobs.begin(901, "second", "second", progress -> new byte[] {1}).orElseThrow();
        String third = jobs.begin(901, "third", "third", progress -> {
                    throw new ReportRefused("Docket 7 is not what was signed.");
                })
                .orElseThrow();
        assertThat(jobs.begin(901, "fourth", "fourth", progress -> new byte[] {1}))
                .isEmpty();
        assertThat(jobs.state(second, 901).orElseThrow().ready()).isFalse();
        assertThat(jobs.state(second, 902)).isEmpty();
        CountDownLatch last = new CountDownLatch(1);
        jobs.begin(902, "last", "last", progress -> {
            last.countDown();
            return new byte[] {2};
        });
        goOn.countDown();
        last.await();
        assertThat(jobs.state(first, 901).orElseThrow().problem()).contains("could not be made");
        assertThat(jobs.state(third, 901).orElseThrow().problem()).isEqualTo("Docket 7 is not what was signed.");
        assertThat(jobs.pdf(second, 901)).contains(new byte[] {1});
    }
}
