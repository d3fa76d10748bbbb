package org.eskarn.app.certificate;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.eskarn.app.certificate.Certificates.MARA;
import static org.eskarn.app.certificate.Certificates.RUNOUT;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.FormData;
import com.microsoft.playwright.options.RequestOptions;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.eskarn.app.docket.Step;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.Paper;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.app.running.Work;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A certificate is examined, from its head to the letter. */
@ExtendWith(RunningEskarn.class)
class CertificateJobTest {

    private static void type(Page page, String... fields) {
        for (String field : fields) {
            page.keyboard().type(field);
            page.keyboard().press("Tab");
        }
    }

    @Test
    void aCertificateIsExaminedByKeyboard(Eskarn eskarn) throws Exception {
        Work work = Certificates.incoming(eskarn.context(), 2);
        Page page = eskarn.signedIn(MARA);
        page.navigate(eskarn.address() + "/dockets/" + work.number());
        page.locator("a:has-text('Maker’s certificate')").focus();
        page.keyboard().press("Enter");
        assertThat(page.locator("h1")).hasText("Maker’s certificate");
        page.locator("[name=maker]").fill("");
        page.locator("[name=maker]").focus();
        type(page, "Tablemakers " + work.number());
        page.keyboard().press("Enter");
        assertThat(page.locator("main")).containsText("No rows yet");
        page.keyboard().press("a");
        assertThat(page.locator("[name=what]")).isFocused();
        type(page, "Runout of face", "at R 90", "", "one turn", "15", "2");
        page.locator("[name=measured]").selectOption("2");
        page.locator("[name=claimed]").press("Enter");
        assertThat(page.locator("aside")).containsText("Not measured yet");
        page.keyboard().press("m");
        page.waitForURL(Pattern.compile(".*/dockets/" + work.number() + "/2\\b.*"));
        work.judge(MARA, RUNOUT).oneMore(MARA).sweep(MARA, RUNOUT).confirm(MARA, Step.VERDICT);
        page.navigate(eskarn.address() + "/dockets/" + work.number() + "/certificate");
        assertThat(page.locator("tr.shown")).containsText("contradicted");
        assertThat(page.locator("tr.shown")).containsText("pass");
        assertThat(page.locator("aside")).containsText("the piece is not rejected for it");
        assertThat(page.locator(".certificate-bar"))
                .hasAttribute("aria-label", Pattern.compile("allowed 15.0, claimed 2.0, measured 9.5.*"));
        assertThat(new AxeBuilder(page).setLegacyMode(true).analyze().getViolations())
                .isEmpty();
        assertThat(page.locator("[data-key=L]")).hasCount(0);
        work.leaveOthersOut(MARA);
        page.navigate(eskarn.address() + "/dockets/" + work.number() + "/sign");
        assertThat(page.locator("main")).containsText("Row 1 contradicts it.");
        work.sign(MARA, "face only");
        page.navigate(eskarn.address() + "/dockets/" + work.number() + "/certificate");
        assertThat(page.locator("[data-key=E]")).hasCount(0);
        APIResponse letter = page.request().get(eskarn.address() + "/ledger/" + work.number() + "/letter.pdf");
        assertThat(Paper.text(letter.body()))
                .contains("Tablemakers " + work.number(), "contradicted", "+7.5", "Please state how", "9.5")
                .doesNotContain("in question", "superseded");
        work.question("LI-4");
        letter = page.request().get(eskarn.address() + "/ledger/" + work.number() + "/letter.pdf");
        assertThat(Paper.text(letter.body())).contains("is in question");
        page.navigate(eskarn.address() + "/ledger/" + work.number());
        assertThat(page.locator("article")).containsText("Row 1 contradicts it.");
    }

    /** A page is attached, read again as it was, and one that is too large is refused with a sentence. */
    @Test
    void pagesAreAttached(Eskarn eskarn) throws Exception {
        Work work = Certificates.incoming(eskarn.context(), 2);
        Certificates.write(work, "2");
        Page page = eskarn.signedIn(MARA);
        String address = eskarn.address() + "/dockets/" + work.number() + "/certificate";
        page.navigate(address);
        byte[] pdf = "%PDF-1.7 page".getBytes(StandardCharsets.US_ASCII);
        page.locator("[name=scan]").setInputFiles(new FilePayload("page one.pdf", "application/pdf", pdf));
        page.locator("button:has-text('Attach')").click();
        String link = page.locator("a:has-text('page one.pdf')").getAttribute("href");
        APIResponse read = page.request().get(eskarn.address() + link);
        assertThat(read.body()).isEqualTo(pdf);
        assertThat(read.headers().get("x-content-type-options")).isEqualTo("nosniff");
        page.locator("[name=scan]")
                .setInputFiles(
                        new FilePayload("page.pdf", "application/pdf", "no page".getBytes(StandardCharsets.US_ASCII)));
        page.locator("button:has-text('Attach')").click();
        assertThat(page.locator(".problem")).containsText("Choose a PNG or JPEG picture or a PDF");
        String token = page.locator("input[name=_csrf]").first().inputValue();
        APIResponse large = page.request()
                .post(
                        address + "/scans",
                        RequestOptions.create()
                                .setHeader("Accept", "text/html")
                                .setMultipart(FormData.create()
                                        .set("_csrf", token)
                                        .set(
                                                "scan",
                                                new FilePayload("p.pdf", "application/pdf", new byte[13_000_000]))));
        assertThat(large.status()).isEqualTo(413);
        assertThat(large.text()).contains("The file is too large");
    }
}
