package org.eskarn.app.docket.work;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.app.running.Work;
import org.eskarn.app.running.Written;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Many holes alike, with a few that are not. */
@ExtendWith(RunningEskarn.class)
class AlikeJobTest {

    @Test
    void theRestIsAnsweredAtOnceButForThoseThatAreNamed(Eskarn eskarn) throws Exception {
        Work work = Written.open(
                        eskarn,
                        "characteristic=FUNCTIONAL_FIT; limit.kind=ANSWER; layout.kind=YES_NO; layout.first=12 alike: plug goes in;"
                                + " gauge.kind=PLUG; setUp.workKind=IN_THE_HAND")
                .prepare("m.quill")
                .zero("m.quill");
        Page page = eskarn.signedIn("m.quill");
        page.navigate(eskarn.address() + "/dockets/" + work.number() + "/1");
        DocketScreen screen = new DocketScreen(page);
        screen.type("1 0");
        screen.nextIs("plug goes in 3");
        screen.press("f");
        assertThat(page.locator("[name=except]")).isFocused();
        page.keyboard().type("2, 7");
        screen.press("Enter");
        assertThat(page.locator(".problem[role=alert]:visible")).containsText("“2” is not still to be answered");
        assertThat(page.locator("[name=except]")).hasValue("2, 7");
        page.locator("[name=except]").fill("7 11");
        screen.press("Enter");
        screen.shows("Prove");
        screen.verdictIs("fail");
        assertThat(page.locator(".verdict-end span")).hasText("not every answer is yes");
        screen.press("s");
        screen.tapeIs("yes", "no", "yes", "yes", "yes", "yes", "no", "yes", "yes", "yes", "no", "yes");
    }
}
