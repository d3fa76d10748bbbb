package org.eskarn.app.bench;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningEskarn.class)
class BenchTest {

    @Test
    void aNumberTypedOrScannedLeadsStraightToItsDocket(Eskarn eskarn) {
        Page page = eskarn.signedIn("m.quill");
        page.navigate(eskarn.address() + "/");
        assertThat(page.locator("table a.fig").first()).isFocused();
        page.keyboard().type("99999");
        page.keyboard().press("Enter");
        assertThat(page.locator("#find-problem")).hasText("There is no docket 99999: check the number.");
        assertThat(page.locator("#find")).hasValue("99999");
        page.locator("#find").fill("Nr.");
        page.keyboard().press("Enter");
        assertThat(page.locator("#find-problem")).containsText("Enter a docket number, e.g. 214");
        page.locator("#find").fill("");
        page.locator("h1").click();
        page.keyboard().type("215");
        page.keyboard().press("Enter");
        assertThat(page).hasURL(eskarn.address() + "/dockets/215/1");
        page.navigate(eskarn.address() + "/find?docket=Docket%20211");
        assertThat(page).hasURL(eskarn.address() + "/ledger/211");
    }
}
