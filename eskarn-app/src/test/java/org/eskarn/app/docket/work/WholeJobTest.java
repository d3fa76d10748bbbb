package org.eskarn.app.docket.work;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import org.eskarn.app.docket.Step;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningEskarn.class)
class WholeJobTest {

    /** The demo's first docket: one requirement to work, one that failed, one whose zero did not return. */
    @Test
    void aShaftIsReadJudgedSignedAndFoundInTheLedgerByKeyboardAlone(Eskarn eskarn) {
        Page page = eskarn.signedIn("m.quill");
        page.navigate(eskarn.address() + "/");
        DocketScreen screen = new DocketScreen(page);
        assertThat(page.locator("h1")).hasText("Bench");
        assertThat(page.locator("table a.fig").first()).isFocused();
        screen.press("Enter");
        assertThat(page.locator("h1")).hasText("Pinion shaft");
        String docket = page.locator(".frame a[aria-current]").textContent().replace("Docket ", "");

        screen.prepare();
        screen.nextIs("Station 1 · 0°");
        screen.type("0 +2 5.5");
        screen.nextIs("Station 4 · 135°");
        screen.type("99");
        screen.nextIs("Station 5 · 180°");
        screen.press("Backspace");
        screen.nextIs("Station 4 · 135°");
        screen.type("9 12,5 +14.5 12 6");
        screen.nextIs("Return to station 1 · 0°");
        screen.verdictIs("not proven yet");
        assertThat(page.locator(".verdict-end span")).hasText("return reading outstanding");
        screen.type("0.5");
        screen.shows("Prove");
        screen.verdictIs("pass");
        assertThat(page.locator(".picture .over b")).hasText("off 6.7 µm towards 209° · 7 o’clock");
        screen.enter();
        screen.shows("Verdict");
        screen.enter();

        // Journal B failed before; accepting goes on to the requirement that is not settled.
        assertThat(page.locator(".requirements a[aria-current] b")).hasText("Runout of gear seat");
        screen.verdictIs("not proven");
        assertThat(page.locator("#panel")).containsText("The zero came back −5.5 µm");
        screen.enter();
        screen.shows("Zero");
        screen.enter();
        screen.shows("Sweep");
        screen.type("0 2 5.5 9 9.5 7 3 1 0.5");
        screen.shows("Prove");
        assertThat(page.locator("#panel .rows tbody tr")).hasCount(2);
        screen.enter();
        screen.shows("Verdict");
        screen.enter();

        assertThat(page.locator("h1")).hasText("Sign docket " + docket);
        assertThat(page.locator("[name=remark]")).isFocused();
        screen.press("Enter");
        assertThat(page.locator(".problem")).containsText("enter what happens to the piece");
        assertThat(page.locator("[name=remark]")).isFocused();
        page.keyboard().type("Regrind journal B.");
        screen.press("Enter");
        assertThat(page.locator("[name=password]")).isFocused();
        assertThat(page.locator("#sign-form")).containsText("Regrind journal B.");
        page.keyboard().type(Eskarn.PASSWORD);
        screen.press("Enter");

        assertThat(page).hasURL(eskarn.address() + "/ledger/" + docket);
        assertThat(page.locator(".sheet")).containsText("Regrind journal B.");
        assertThat(page.locator(".sheet")).containsText("in order");
        page.navigate(eskarn.address() + "/ledger");
        assertThat(page.locator("tr.lead").first()).containsText(docket);
        page.navigate(eskarn.address() + "/dockets/" + docket + "/1");
        assertThat(page).hasURL(eskarn.address() + "/ledger/" + docket);
    }

    @Test
    void everyStepCanBeLookedAtAndOpenedAgainByItsKey(Eskarn eskarn) {
        Page page = eskarn.signedIn("t.ashdale");
        page.navigate(eskarn.address() + "/dockets/" + eskarn.openDocket(Eskarn.LOCK_PIN) + "/1");
        DocketScreen screen = new DocketScreen(page);
        screen.prepare();
        screen.type("0 3 7.5 11.5 14.5 12 7 2.5 0");
        screen.shows("Prove");
        screen.verdictIs("not proven");
        assertThat(page.locator(".verdict-end span")).containsText("14.5 lies within U = 1.4 of the limit");
        for (Step step : Step.values()) {
            screen.press(step.key().toLowerCase(java.util.Locale.ROOT));
            screen.shows(step.title());
        }
        screen.press("z");
        page.locator("button:has-text('Set again for another sweep')").press("Enter");
        screen.shows("Zero");
        screen.verdictIs("not proven yet");
        assertThat(page.locator("button:has-text('Zero is set')")).isFocused();
        screen.press("Enter");
        screen.tapeIs("–");
        screen.press("?");
        assertThat(page.locator("dialog#keys")).isVisible();
        screen.press("Escape");
        assertThat(screen.field()).isFocused();
    }
}
