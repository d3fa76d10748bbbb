package org.eskarn.app.docket.work;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import org.eskarn.app.docket.Step;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.app.running.Work;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningEskarn.class)
class DialInJobTest {

    /** By keyboard alone: the cautions, then round after round until the places agree. */
    @Test
    void aPartIsDialledInRoundByRound(Eskarn eskarn) throws Exception {
        Work work =
                Work.open(eskarn.context(), "TG-110", "C", 1, "m.quill").confirm("m.quill", Step.REQUIRE, Step.GAUGE);
        Page page = eskarn.signedIn("m.quill");
        page.navigate(eskarn.address() + "/dockets/" + work.number() + "/1");
        DocketScreen screen = new DocketScreen(page);
        screen.shows("Prepare");
        screen.cautions();
        assertThat(page.getByText("Dial it in")).isVisible();
        screen.press("d");
        assertThat(page.locator("[name=within]")).isFocused();
        page.keyboard().type("0.010 mm");
        page.keyboard().press("Tab");
        page.keyboard().press("Tab");
        page.keyboard().type("0 12 -4 3");
        screen.press("Enter");
        assertThat(page.locator("#dial-in-1")).isFocused();
        assertThat(page.locator("section.kept [role=status]")).containsText("16.0");
        page.keyboard().type("0 x -1 3");
        screen.press("Enter");
        assertThat(page.locator("#dial-in-problem")).containsText("not a number");
        assertThat(page.locator("#dial-in-1")).hasValue("0 x -1 3");
        page.locator("#dial-in-1").fill("0 4 -1 3");
        screen.press("Enter");
        assertThat(page.locator("section.kept [role=status]"))
                .containsText("It lies within 5.0 µm; 10.0 µm is allowed.");
        assertThat(work.setUp().dialledInNow()).hasSize(2);
        assertThat(new AxeBuilder(page).setLegacyMode(true).analyze().getViolations())
                .isEmpty();
    }
}
