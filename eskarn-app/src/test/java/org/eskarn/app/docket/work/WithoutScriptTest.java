package org.eskarn.app.docket.work;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Page;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The same job where the browser runs no script: slower, and nothing is missing. */
@ExtendWith(RunningEskarn.class)
class WithoutScriptTest {

    @Test
    void aSweepIsTakenAndBadInputComesBack(Eskarn eskarn) {
        Page page = eskarn.window(
                new Browser.NewContextOptions().setJavaScriptEnabled(false).setViewportSize(1280, 800));
        Eskarn.signIn(page, eskarn.address(), "m.quill", Eskarn.PASSWORD);
        page.navigate(eskarn.address() + "/dockets/" + eskarn.openDocket(Eskarn.PINION_SHAFT) + "/1");
        DocketScreen screen = new DocketScreen(page);
        page.click("text=Understood");
        page.click("text=Use this gauge");
        for (int tick = 0; tick < 6; tick++) {
            page.locator(".ticks li:not(.done) button").first().click();
        }
        page.click("text=Zero is set");
        for (String reading : "0 2 5.5".split(" ")) {
            screen.field().fill(reading);
            screen.field().press("Enter");
        }
        screen.nextIs("Station 4");
        screen.field().fill("--9");
        screen.field().press("Enter");
        screen.problemSays("Type one sign: + plunger in, − plunger out");
        assertThat(screen.field()).hasValue("--9");
        screen.tapeIs("0.0", "+2.0", "+5.5", "–");
        page.click("#take-back >> text=Take back");
        screen.nextIs("Station 3");
    }
}
