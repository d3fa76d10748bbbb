package org.eskarn.app.page;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.regex.Pattern;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Pages that list, by keyboard. */
@ExtendWith(RunningEskarn.class)
class ListTest {

    private static Page at(Eskarn eskarn, String path) {
        Page page = eskarn.signedIn("m.quill");
        page.navigate(eskarn.address() + path);
        page.waitForLoadState();
        return page;
    }

    private static Locator rows(Page page) {
        return page.locator("table[data-list] tbody tr:visible");
    }

    @Test
    void aPartIsFoundByAnyOfItsWordsAndOpened(Eskarn eskarn) {
        Page page = at(eskarn, "/parts");
        page.keyboard().press("/");
        assertThat(page.locator("#find-in-list")).isFocused();
        page.keyboard().type("flange tg-240");
        assertThat(rows(page)).hasCount(1);
        page.keyboard().press("Enter");
        assertThat(page.locator("h1")).hasText("Coupling flange");
    }

    @Test
    void whatIsInNoRowIsSaidAndEscapeShowsAllAgain(Eskarn eskarn) {
        Page page = at(eskarn, "/gauges");
        int all = rows(page).count();
        page.keyboard().press("/");
        page.keyboard().type("no such gauge");
        assertThat(rows(page)).hasCount(0);
        assertThat(page.locator("[data-find-none]")).hasText("No row matches.");
        assertThat(page.locator("#masters")).isHidden();
        page.keyboard().press("Enter");
        assertThat(page).hasURL(Pattern.compile(".*/gauges$"));
        page.keyboard().press("Escape");
        assertThat(rows(page)).hasCount(all);
        // Down into the list, from one table to the next, and up again into the field.
        page.keyboard().type("ring");
        page.keyboard().press("ArrowDown");
        assertThat(rows(page).first().locator("a").first()).isFocused();
        page.keyboard().press("ArrowUp");
        assertThat(page.locator("#find-in-list")).isFocused();
    }

    @Test
    void aColumnSortsBothWaysAndDatesByTheirDay(Eskarn eskarn) {
        Page page = at(eskarn, "/gauges");
        Locator table = page.locator("table[data-list]").first();
        Locator due = table.locator("th:has-text('next due')");
        due.locator("button").press("Enter");
        assertThat(due).hasAttribute("aria-sort", "ascending");
        assertThat(table.locator("tbody tr").first()).containsText("PI-9");
        due.locator("button").press("Enter");
        assertThat(due).hasAttribute("aria-sort", "descending");
        assertThat(table.locator("tbody tr").last()).containsText("PI-9");
    }

    /** Calculators are found by the server; their rows are walked all the same, and up from the first leads back to the field. */
    @Test
    void calculatorsAreWalkedByArrows(Eskarn eskarn) {
        Page page = eskarn.signedIn("m.quill");
        page.navigate(eskarn.address() + "/tables");
        assertThat(page.locator("#find")).isFocused();
        page.keyboard().type("taper");
        assertThat(page.locator("#found tbody tr").first())
                .containsText(Pattern.compile("taper", Pattern.CASE_INSENSITIVE));
        page.keyboard().press("ArrowDown");
        assertThat(page.locator("#found tbody tr a").first()).isFocused();
        page.keyboard().press("ArrowUp");
        assertThat(page.locator("#find")).isFocused();
        page.keyboard().press("ArrowDown");
        page.keyboard().press("Enter");
        assertThat(page.locator("h1")).not().hasText("Tables");
    }
}
