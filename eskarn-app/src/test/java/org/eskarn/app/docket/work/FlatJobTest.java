package org.eskarn.app.docket.work;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Flat things measured from the first step on, and corrected, by keyboard alone. */
@ExtendWith(RunningEskarn.class)
class FlatJobTest {

    private static void verdict(DocketScreen screen) {
        screen.shows("Prove");
        screen.enter();
        screen.shows("Verdict");
        screen.page().waitForLoadState();
    }

    /** A worn face: its zone, the tilt taken out and the face raised by a key, the stock, and the recheck beside it. */
    @Test
    void aWornFaceIsGroundAndComparedWithHowItWas(Eskarn eskarn) {
        DocketScreen screen = DocketScreen.begin(eskarn, "TG-121", 1);
        Page page = screen.page();
        screen.type("0 1 2 1 0 0 -8 -12 -7 1 1 -9 -14 -8 0 0 1 2 1 1 0");
        verdict(screen);
        screen.verdictIs("fail");
        assertThat(page.locator("#panel")).containsText("minimum zone");
        assertThat(page.locator("#panel")).containsText("Against its border it is deepest at x 135 y 115");
        screen.press("w");
        page.waitForURL("**view=LEVELLED**");
        assertThat(page.locator(".picture .under")).containsText("tilt taken out");
        screen.press("x");
        page.waitForURL("**view=RAISED_LEVELLED**");
        assertThat(page.locator(".picture .under")).containsText("heights \u00d7");
        screen.press("m");
        page.waitForURL("**/remedy");
        assertThat(page.locator(".caution-line")).containsText("Wheel guarded");
        page.locator("[id='f-feed']").fill("5");
        page.locator("aside [name='lies']").selectOption("levelled");
        page.locator("[id='f-feed']").press("Enter");
        assertThat(page.locator(".headline")).containsText("levelled to its zone");
        assertThat(page.locator("main")).containsText("Downfeed by downfeed");
        page.locator("h1").click();
        screen.press("k");
        page.waitForURL("**step=verdict");
        assertThat(page.locator(".kept")).containsText("Ground levelled to its zone");
        screen.press("j");
        page.waitForURL("**/compare");
        assertThat(page.locator("main"))
                .containsText("Nothing else of this piece was read to the end over the same stations yet");
    }

    /** What the square itself shows on the master is not the part's. */
    @Test
    void aMasterSquareIsReadFirstAndItsZeroMustHold(Eskarn eskarn) {
        DocketScreen screen = DocketScreen.begin(eskarn, "TG-183", 3);
        screen.nextIs("Station 1 · master: 20 mm");
        screen.type("0 1 2 3 4");
        screen.nextIs("master: 20 mm again");
        screen.type("0");
        screen.nextIs("part: 20 mm");
        assertThat(screen.page().locator("#zero-first")).containsText("Now on the part. Re-zero the gauge here.");
        screen.type("0 3 5 8 10 0.5");
        verdict(screen);
        screen.verdictIs("pass");
        assertThat(screen.page().locator("#panel")).containsText("On the master the gauge moved by 4.0 µm");
        assertThat(screen.page().locator(".picture .under")).containsText("the gauge stands on the left");
    }

    @Test
    void aLinkIsTurnedOverAndSprungOrRejected(Eskarn eskarn) {
        DocketScreen screen = DocketScreen.begin(eskarn, "TG-141", 1);
        Page page = screen.page();
        screen.type("0 10 0 60");
        assertThat(page.locator("#zero-first")).containsText("Turn the part over");
        screen.type("0 2 0 -48");
        verdict(screen);
        screen.verdictIs("fail");
        assertThat(page.locator("#panel")).containsText("Twist decides");
        screen.press("m");
        page.waitForURL("**/remedy");
        page.locator("[id='f-eyes']").fill("240");
        page.locator("[id='f-most']").fill("200");
        page.locator("[id='f-most']").press("Enter");
        assertThat(page.locator(".headline")).containsText("Spring the other side down by 108.0");
        page.locator("[id='f-most']").fill("100");
        page.locator("[id='f-most']").press("Enter");
        assertThat(page.locator(".headline")).containsText("Reject it");
    }

    /** Guides: which way they open is said, and a step that made it worse names the one to go back to. */
    @Test
    void aGuideIsSetStepByStepAndLeftWithAReason(Eskarn eskarn) {
        DocketScreen screen = DocketScreen.begin(eskarn, "TG-184", 1);
        Page page = screen.page();
        screen.type("0 -40 0 80");
        verdict(screen);
        screen.verdictIs("fail");
        assertThat(page.locator("#panel")).containsText("Right guide decides: it closes towards the back");
        screen.press("m");
        page.waitForURL("**/remedy");
        assertThat(page.locator(".headline")).containsText("away from the other line");
        step(page, "back screw", "-20");
        assertThat(page.locator("main")).containsText("It improved. Move by the remaining amount");
        step(page, "back screw", "-90");
        assertThat(page.locator("main")).containsText("Go back to where it stood after step 1");
        page.locator("nav.ways a:has-text('Accept as it is')").click();
        page.locator("[id='f-reason']").fill("only roughing is done on it");
        page.locator("[id='f-workLength']").fill("600");
        page.locator("[id='f-workLength']").press("Enter");
        assertThat(page.locator("main")).containsText("Over 600 mm of work: 160");
        page.locator("h1").click();
        screen.press("k");
        page.waitForURL("**step=verdict");
        assertThat(page.locator(".kept")).containsText("Accepted as it is because only roughing is done on it");
        screen.verdictIs("fail");
    }

    private static void step(Page page, String place, String opening) {
        page.locator("[name=place]").fill(place);
        page.locator("[name=typed]").fill(opening);
        page.locator("[name=typed]").press("Enter");
        page.waitForURL("**/remedy?**");
        page.waitForLoadState();
    }

    @Test
    void placementsOfABedAreJoined(Eskarn eskarn) {
        DocketScreen screen = DocketScreen.begin(eskarn, "TG-183", 1);
        screen.type("0 6 9 8 0 -2 -6.5 -12 0 -3 -2.5 3.5");
        verdict(screen);
        screen.verdictIs("pass");
        assertThat(screen.page().locator("#panel"))
                .containsText("The placements were shifted and tilted to agree where they overlap");
    }
}
