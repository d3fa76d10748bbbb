package org.eskarn.app.docket.opening;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.regex.Pattern;
import org.eskarn.app.docket.work.DocketScreen;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningEskarn.class)
class QuickCheckJobTest {

    @Test
    void fromOneLineToASignedSheetAndAPartByKeyboardAlone(Eskarn eskarn) {
        Page page = eskarn.signedIn("m.quill");
        DocketScreen screen = new DocketScreen(page);
        page.navigate(eskarn.address() + "/tables/runout");
        page.locator("h1").click();
        screen.press("q");
        assertThat(page.locator("#f-line")).isFocused();
        page.keyboard().type("runout 8");
        assertThat(page.locator("#meant")).containsText("Is 8 the limit, or how many places?");
        screen.press("Enter");
        assertThat(page.locator("#p-line")).containsText("Is 8 the limit");
        assertThat(page.locator("#f-line")).isFocused();
        screen.press("ControlOrMeta+a");
        page.keyboard().type("runout 0.02 8");
        assertThat(page.locator("#meant .callout")).containsText("0.02");
        assertThat(page.locator("#meant"))
                .containsText("8 stations, ring; the first is 0°. Usual gauge: dial indicator.");
        screen.press("Enter");
        assertThat(page.locator("h1")).hasText("Quick check: runout 0.02 8");

        String docket = page.url().replaceAll(".*/dockets/(\\d+).*", "$1");
        page.navigate(eskarn.address() + "/dockets/" + docket + "/piece");
        assertThat(page.locator("#f-piece")).isFocused();
        page.keyboard().type("spindle of mill 4");
        screen.press("Enter");
        assertThat(page.locator(".docket-head")).containsText("QC-" + docket + " · spindle of mill 4");

        page.getByText("Make it a part").click();
        assertThat(page.locator("h1")).hasText("New part");
        page.locator("#f-drawingNumber").fill("TG-956");
        page.locator("#f-title").fill("Mill spindle");
        screen.press("Enter");
        assertThat(page.locator("h1")).hasText("Mill spindle");
        assertThat(page.locator("table").first().locator("tbody tr")).hasCount(1);

        page.navigate(eskarn.address() + "/dockets/" + docket);
        screen.prepare();
        screen.type("0 2 5.5 9 12.5 9 5 2 0");
        screen.shows("Prove");
        screen.verdictIs("pass");
        screen.enter();
        screen.shows("Verdict");
        screen.enter();
        assertThat(page.locator("h1")).hasText("Sign docket " + docket);
        assertThat(page.locator("#remark-form button")).isFocused();
        screen.press("Enter");
        assertThat(page.locator("[name=password]")).isFocused();
        page.keyboard().type(Eskarn.PASSWORD);
        screen.press("Enter");
        assertThat(page).hasURL(Pattern.compile(".*/ledger/" + docket + "$"));
        assertThat(page.locator(".sheet")).containsText("spindle of mill 4");
        assertThat(page.locator(".sheet")).containsText("said at the bench, no drawing");
        assertThat(page.locator(".sheet")).containsText("in order");
    }
}
