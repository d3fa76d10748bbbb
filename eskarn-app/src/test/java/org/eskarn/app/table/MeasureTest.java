package org.eskarn.app.table;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Calculators: readings typed, the answer seen, nothing stored. */
@ExtendWith(RunningEskarn.class)
class MeasureTest {

    @Test
    void theAnswerStandsBesideTheReadingsWhileTheyAreTyped(Eskarn eskarn) {
        Page page = eskarn.signedIn("m.quill");
        page.navigate(eskarn.address() + RoundTable.OPENING.address());
        page.waitForLoadState();
        assertThat(page.locator("#f-readings")).isFocused();
        page.keyboard().type("0 -23 -15 52 114 139 115 66 0");
        assertThat(page.locator("#answer .headline").first()).containsText("Offset 83.0");
        assertThat(page.locator("#answer")).containsText("towards 227°");
        assertThat(page.locator("tr.chosen")).containsText("D75");
        assertThat(page.locator("#f-readings")).isFocused();
        page.keyboard().type(" 4");
        assertThat(page.locator("#answer [role=alert]")).containsText("10 readings for 9 places");
    }

    @Test
    void anotherLayoutBringsItsOwnExample(Eskarn eskarn) {
        Page page = eskarn.signedIn("m.quill");
        page.navigate(eskarn.address() + RoundTable.RUNOUT.address());
        page.locator("[name=layout]").selectOption("RINGS");
        assertThat(page.locator("#f-second")).hasValue("4");
        assertThat(page.locator("#f-first")).hasValue("10 60 110");
    }

    @Test
    void everyOneOpensWithItsPicture(Eskarn eskarn) {
        Page page = eskarn.signedIn("m.quill");
        for (RoundTable table : RoundTable.all()) {
            page.navigate(eskarn.address() + table.address());
            assertThat(page.locator("#answer .picture svg").first()).isVisible();
            assertThat(page.locator("main [role=alert]")).hasCount(0);
        }
    }
}
