package org.eskarn.app.docket.pieces;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import java.time.LocalDate;
import org.eskarn.app.account.AccountService;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.DocketService.Opening;
import org.eskarn.app.part.PartService;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The batch of eight pinion shafts of which two are off. */
@ExtendWith(RunningEskarn.class)
class PiecesJobTest {

    private static Page batch(Eskarn eskarn) {
        long part = eskarn.bean(PartService.class)
                .byNumber("TG-110", "C")
                .orElseThrow()
                .id();
        Page page = eskarn.signedIn("m.quill");
        page.navigate(eskarn.address() + "/parts/" + part + "/pieces?from=VB-0501&to=VB-0508");
        return page;
    }

    /** Worst first, what the figures support, and by one key the check that would tell. */
    @Test
    void theTwoThatAreOffAreAskedAbout(Eskarn eskarn) {
        Page page = batch(eskarn);
        assertThat(page.locator("h1")).hasText("8 pieces side by side");
        assertThat(page.locator("tbody tr")).hasCount(8);
        assertThat(page.locator("tbody tr").first()).containsText("VB-0506");
        assertThat(page.locator("tbody tr.chosen")).hasCount(2);
        assertThat(page.locator(".picture .over b")).containsText("2 of 8 apart from the others");
        assertThat(page.locator("aside")).containsText("the difference belongs to the pieces");
        assertThat(page.locator("aside")).containsText("A second inspector found the same on VB-0503");
        assertThat(page.locator("aside")).containsText("Those apart point to 210");
        assertThat(new AxeBuilder(page).setLegacyMode(true).analyze().getViolations())
                .isEmpty();
        page.keyboard().press("w");
        assertThat(page.locator("tbody tr").first()).containsText("VB-0501");
        page.keyboard().press("d");
        assertThat(page.locator("[name=serials]")).hasValue("VB-0506");
    }

    /** The check that would tell is opened: as long as nothing came of it, what was found before stays in sight. */
    @Test
    void anEmptyCheckDoesNotHideTheFailure(Eskarn eskarn) {
        long part = eskarn.bean(PartService.class)
                .byNumber("TG-110", "C")
                .orElseThrow()
                .id();
        DocketService dockets = eskarn.bean(DocketService.class);
        int check = dockets.open(
                new Opening(part, "VB-0503", 1, 1, "final", "overhaul office", LocalDate.of(2027, 1, 4)),
                eskarn.bean(AccountService.class)
                        .byLogin("m.quill")
                        .orElseThrow()
                        .id());
        Page page = batch(eskarn);
        assertThat(page.locator("tbody tr.chosen")).hasCount(2);
        assertThat(page.locator("tbody tr:has-text('VB-0503')")).containsText("33.0");
        assertThat(page.locator("tbody tr:has-text('VB-0503') a[data-opens]")).hasText(String.valueOf(check));
    }

    /** What was looked at stands with who looked; ticked twice it is taken away, and the other requirements have their own. */
    @Test
    void causesAreTickedForARequirement(Eskarn eskarn) {
        Page page = batch(eskarn);
        page.locator(".ticks button").nth(1).focus();
        page.keyboard().press("Enter");
        assertThat(page.locator(".ticks li.done")).hasCount(1);
        assertThat(page.locator(".ticks li.done")).containsText("Mara Quill");
        page.locator("thead a").nth(1).click();
        assertThat(page.locator("thead th[aria-current]")).containsText("journal B");
        assertThat(page.locator(".ticks li.done")).hasCount(0);
        assertThat(page.locator("aside")).containsText("No piece stands apart");
        page.locator("thead a").nth(0).click();
        page.locator(".ticks li.done button").click();
        assertThat(page.locator(".ticks li.done")).hasCount(0);
    }

    /** Serials that no piece has, and a part that nothing was measured of, are said. */
    @Test
    void nothingToCompareIsSaid(Eskarn eskarn) {
        Page page = batch(eskarn);
        page.locator("input[name=from]:not([type=hidden])").fill("ZZ");
        page.locator("input[name=from]:not([type=hidden])").press("Enter");
        assertThat(page.locator("main")).containsText("There is no docket of these pieces yet");
    }
}
