package org.eskarn.app.docket.correction;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import java.util.regex.Pattern;
import org.eskarn.app.docket.work.DocketScreen;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Corrections from verdict to recheck, by keyboard. */
@ExtendWith(RunningEskarn.class)
class RemedyJobTest {

    private static void key(Page page, String key) {
        page.waitForLoadState();
        page.keyboard().press(key);
    }

    /** An opening 83 µm off: the nearest dowel is told, decided on, and the recheck compared with what was predicted. */
    @Test
    void anOpeningIsMovedBackAndMeasuredAgain(Eskarn eskarn) {
        Page page = eskarn.signedIn("m.quill");
        DocketScreen screen = new DocketScreen(page);
        page.navigate(eskarn.address() + "/dockets/229/1?step=verdict");
        screen.verdictIs("fail");
        key(page, "m");
        page.waitForURL("**/remedy");
        assertThat(page.locator(".caution-line")).containsText("Support what hangs on the joint");
        assertThat(page.locator(".headline")).containsText("towards 227°, about 8\u00a0o’clock: down and to the left");
        assertThat(page.locator("tr.chosen")).containsText("D75 nearest");
        key(page, "k");
        page.waitForURL("**/229/1?step=verdict");
        assertThat(page.locator(".kept")).containsText("offset dowel D75");
        assertThat(page.locator(".kept")).containsText("; not rechecked yet");
        key(page, "k");
        screen.shows("Zero");
        screen.enter();
        screen.shows("Sweep");
        screen.nextIs("Station 1");
        // What is left after the dowel: 8 µm towards 47°, so the wall there reads minus.
        screen.type("0 -2 2 9 11 13 11 6 0");
        screen.shows("Prove");
        screen.enter();
        screen.shows("Verdict");
        screen.verdictIs("pass");
        assertThat(page.locator(".kept")).containsText("as predicted");
        page.navigate(eskarn.address() + "/dockets/229/1?step=verdict");
        assertThat(page.locator("#panel")).containsText("after correction");
    }

    @Test
    void truingIsLoggedStepByStepAndTheTrendSaysWhenToStop(Eskarn eskarn) {
        Page page = eskarn.signedIn("t.ashdale");
        page.navigate(eskarn.address() + "/dockets/231/1/remedy");
        assertThat(page.locator("[name=place]")).isFocused();
        step(page, "170°", "32.5");
        assertThat(page.locator(".headline")).containsText("did not help");
        step(page, "somewhere", "-4");
        assertThat(page.locator("main [role=alert]")).containsText("Enter the movement without a sign");
        assertThat(page.locator("[name=place]")).hasValue("somewhere");
        page.locator("[name=typed]").fill("28");
        page.keyboard().press("Enter");
        assertThat(page.locator(".headline")).containsText("Within the limit");
    }

    private static void step(Page page, String place, String movement) {
        page.locator("[name=place]").fill(place);
        page.keyboard().press("Tab");
        page.keyboard().press("Tab");
        page.keyboard().type(movement);
        page.keyboard().press("Enter");
        page.waitForLoadState();
    }

    @Test
    void aCutIsPlannedAndAWrongFieldSaysSoAndKeepsWhatWasTyped(Eskarn eskarn) {
        Page page = eskarn.signedIn("m.quill");
        page.navigate(eskarn.address() + "/dockets/232/1/remedy?kind=CUT");
        page.locator("#f-deepest").fill("a bit");
        page.keyboard().press("Enter");
        assertThat(page.locator("#p-deepest")).containsText("is not a length");
        assertThat(page.locator("#f-deepest")).hasValue("a bit");
        page.locator("#f-deepest").fill("0.05");
        page.locator("#f-last").fill("0.02");
        page.keyboard().press("Enter");
        assertThat(page.locator(".headline")).containsText("off the diameter in 3 passes");
        key(page, "k");
        page.waitForURL("**/232/1?step=verdict");
        assertThat(page.locator(".kept")).containsText("Cut to 38.0100 mm in 3 passes");
        page.navigate(eskarn.address() + "/dockets/232/1/remedy?kind=TAPER&centres=300");
        assertThat(page.locator(".headline")).containsText("away from the tool");
        key(page, "k");
        page.waitForURL("**/232/1?step=verdict");
        assertThat(page.locator(".kept").first()).containsText("replaced by another");
        assertThat(page.locator(".kept").last()).containsText("Tailstock moved by");
    }

    /** The advice follows the typing; one that belongs to an earlier entry cannot be decided on. */
    @Test
    void whatIsDecidedOnIsWhatStandsInTheFields(Eskarn eskarn) {
        Page page = eskarn.signedIn("m.quill");
        String address = eskarn.address() + "/dockets/232/1/remedy?kind=CUT&passes=2";
        page.navigate(address);
        page.waitForLoadState();
        page.locator("#f-target").fill("38.016");
        assertThat(page.locator(".headline")).containsText("in 2 passes");
        assertThat(page.locator("#advised tbody tr").last()).containsText("38.0160");
        assertThat(page.locator("#f-target")).isFocused();
        assertThat(page.locator("#decide [name=target]")).hasValue("38.016");
        page.locator("#f-target").fill("39");
        assertThat(page.locator("#advised [role=alert]")).containsText("outside the limits");
        assertThat(page.locator("#decide")).hasCount(0);
        page.locator("#f-target").fill("38.010");
        assertThat(page.locator("#decide button")).isEnabled();
        page.route(Pattern.compile(".*/remedy.*"), Route::abort);
        page.locator("#f-target").fill("38.004");
        assertThat(page.locator("#decide button")).isDisabled();
        assertThat(page.locator(".lost")).isVisible();
        page.locator("h1").click();
        key(page, "k");
        assertThat(page).hasURL(address);
        page.unroute(Pattern.compile(".*/remedy.*"));
        assertThat(page.locator("#decide [name=target]")).hasValue("38.004");
        assertThat(page.locator("#decide button")).isEnabled();
    }

    @Test
    void aKeeperMayLookButNotDecide(Eskarn eskarn) {
        Page page = eskarn.signedIn("i.varn");
        page.navigate(eskarn.address() + "/dockets/233/1/remedy?kind=SEAT");
        assertThat(page.locator(".headline")).containsText("Seat undersize by");
        assertThat(page.locator("main form button[type=submit]")).hasCount(0);
    }
}
