package org.eskarn.app.docket.history;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import org.eskarn.app.docket.AttemptKind;
import org.eskarn.app.docket.Step;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.app.running.Work;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningEskarn.class)
class HistoryTest {

    private static final String MARA = "m.quill";
    private static final String BAD = "0 -3 2 14 35.5 14 3 1 0.5";
    private static final String GOOD = "0 -3 2 4 5.5 4 3 1 0.5";

    /** As found and as left of each docket, over whatever revision; a second inspector at work hides what was found before. */
    @Test
    void aPieceIsFollowedOverItsDockets(Eskarn eskarn) throws Exception {
        Work first = Work.open(eskarn.context(), "TG-110", "C", 1, MARA).judge(MARA, BAD);
        first.begin(MARA, AttemptKind.CORRECTED, "ground")
                .sweep(MARA, GOOD)
                .confirm(MARA, Step.VERDICT)
                .sign(MARA, "journal A only");
        Work second = Work.open(eskarn.context(), "TG-110", "C", 1, MARA).judge(MARA, BAD);
        Page page = eskarn.signedIn(MARA);
        page.navigate(eskarn.address() + "/histories/piece?drawing=TG-110&serial=W-1");
        var cells = page.locator("tbody tr").first();
        String heads = page.locator("thead").innerText();
        assertThat(heads.indexOf(String.valueOf(first.number())))
                .isLessThan(heads.indexOf(String.valueOf(second.number())));
        assertThat(cells).containsText("as found 38.5 µm, fail");
        assertThat(cells).containsText("8.5 µm");
        assertThat(new AxeBuilder(page).setLegacyMode(true).analyze().getViolations())
                .isEmpty();
        second.begin("t.ashdale", AttemptKind.SECOND_INSPECTOR, "");
        page.reload();
        assertThat(page.locator("tbody tr").first().locator("td").last()).not().containsText("38.5");
    }

    /** Pieces, gauges and people are found through one field, and their work is paged. */
    @Test
    void whatWasReadWithAGaugeOrByAPersonIsListed(Eskarn eskarn) throws Exception {
        Work last = Work.open(eskarn.context(), "TG-110", "C", 1, MARA).judge(MARA, GOOD);
        Page page = eskarn.signedIn("i.varn");
        page.navigate(eskarn.address() + "/histories");
        page.locator("[name=find]").fill("quill");
        page.keyboard().press("Enter");
        page.locator("a:has-text('Mara Quill')").first().focus();
        page.locator("td a:has-text('Mara Quill')").click();
        assertThat(page.locator("h1")).hasText("Work of Mara Quill");
        assertThat(page.locator("tbody tr")).hasCount(HistoryService.ON_A_PAGE);
        String newest = page.locator("tbody tr").first().innerText();
        page.locator("a:has-text('Earlier')").click();
        assertThat(page.locator("tbody tr").first().innerText()).isNotEqualTo(newest);
        page.locator("a:has-text('Later')").click();
        page.navigate(eskarn.address() + "/histories?find=LI-4");
        page.locator("td a").first().click();
        assertThat(page.locator("h1")).containsText("Work of LI-4");
        assertThat(page.locator("tbody tr").first()).containsText("Mara Quill");
        assertThat(page.locator("tbody tr").first()).containsText(String.valueOf(last.number()));
        page.navigate(eskarn.address() + "/histories?find=%25");
        assertThat(page.locator("main")).containsText("Nothing like that");
    }
}
