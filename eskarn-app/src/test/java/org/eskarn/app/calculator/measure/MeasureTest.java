package org.eskarn.app.calculator.measure;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.Map;
import org.eskarn.app.calculator.Sheet;
import org.eskarn.app.calculator.Sheets;
import org.eskarn.app.field.Field;
import org.eskarn.app.field.Fields;
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
        page.navigate(eskarn.address() + "/tables/opening?drawer=D25+0.025;+D50+0.050;+D75+0.075");
        page.waitForLoadState();
        assertThat(page.locator("#f-readings")).isFocused();
        page.keyboard().type("0 -23 -15 52 114 139 115 66 0");
        assertThat(page.locator("#answer .headline").first()).containsText("Offset 83.0");
        assertThat(page.locator("#answer")).containsText("towards 227°");
        assertThat(page.locator("tr.chosen")).containsText("D75");
        assertThat(page.locator("#f-readings")).isFocused();
        assertThat(page.locator("#answer .over b").first()).containsText("off 83.0 µm towards 47°");
        page.keyboard().type(" 4");
        assertThat(page.locator("#answer [role=alert]")).containsText("10 readings for 9 places");
    }

    @Test
    void anotherLayoutBringsItsOwnExample(Eskarn eskarn) {
        Page page = eskarn.signedIn("m.quill");
        page.navigate(eskarn.address() + "/tables/runout");
        page.locator("[name=layout]").selectOption("RINGS");
        assertThat(page.locator("#f-second")).hasValue("4");
        assertThat(page.locator("#f-first")).hasValue("10 60 110");
    }

    @Test
    void aPastedGridIsMappedAndComparedAndAWrongRowIsNamed(Eskarn eskarn) {
        Page page = eskarn.signedIn("m.quill");
        page.navigate(eskarn.address() + "/tables/grid");
        page.locator("[name=heights]").fill("0 1 0\n1 9 1\n0 1 0");
        page.locator("[name=earlier]").fill("0 1 0\n1 4 1\n0 1 0");
        page.locator("button.first").click();
        assertThat(page.locator("#answer")).containsText("Minimum zone");
        assertThat(page.locator("#answer")).containsText("Largest change: +5.0 µm at row 2, 2");
        assertThat(page.locator("#answer .picture svg")).hasCount(2);
        page.locator("[name=heights]").fill("0 1 0\n1 9");
        page.locator("button.first").click();
        assertThat(page.locator("main [role=alert]")).containsText("Row 2 has 2 heights");
        assertThat(page.locator("[name=heights]")).hasValue("0 1 0\n1 9");
    }

    @Test
    void reversalSharesTheErrorAndSaysWhenSomethingMoved(Eskarn eskarn) {
        Page page = eskarn.signedIn("m.quill");
        page.navigate(eskarn.address() + "/tables/reversal?first=7+30&second=1+-20&again=7.5+34&allowed=1");
        assertThat(page.locator("tbody tr").first()).containsText("3.0");
        assertThat(page.locator("tbody tr").first()).containsText("yes");
        assertThat(page.locator("tbody tr").nth(1)).containsText("25.0");
        assertThat(page.locator("tbody tr").nth(1)).containsText("no, something moved");
    }

    /** The plan follows the typing, and says what it is on. */
    @Test
    void aCutIsPlannedFromOneSize(Eskarn eskarn) {
        Page page = eskarn.signedIn("m.quill");
        page.navigate(eskarn.address() + "/tables/cut?kind=CUT");
        page.waitForLoadState();
        page.keyboard().type("38.212");
        page.locator("#f-lower").fill("38.002");
        page.locator("#f-upper").fill("38.018");
        page.locator("#f-deepest").fill("0.05");
        assertThat(page.locator("#answer")).containsText("off the diameter in 3 passes");
        assertThat(page.locator("#answer")).containsText("Infeed is on the diameter");
    }

    /** Whoever types without haste has an answer after each figure; the size aimed at follows the limits until one is typed. */
    @Test
    void theTargetFollowsLimitsTypedAfterTheSize(Eskarn eskarn) {
        Page page = eskarn.signedIn("m.quill");
        page.navigate(eskarn.address() + "/tables/cut?kind=CUT");
        page.waitForLoadState();
        page.keyboard().type("38.212");
        assertThat(page.locator("#answer")).containsText("Enter the measured size and the target size");
        page.locator("#f-lower").fill("38.002");
        page.locator("#f-upper").fill("38.018");
        assertThat(page.locator("#f-target")).hasValue("38.0100");
        page.locator("#f-upper").fill("38.028");
        assertThat(page.locator("#f-target")).hasValue("38.0150");
        page.locator("#f-target").fill("38.02");
        page.locator("#f-upper").fill("38.038");
        page.locator("#f-passes").fill("2");
        assertThat(page.locator("#answer")).containsText("off the diameter in 2 passes");
        assertThat(page.locator("#f-target")).hasValue("38.02");
    }

    /** Both are read from one page, so no name may stand among the readings and the correction. */
    @Test
    void noFieldOfTheReadingsIsAFieldOfTheCorrectionToo() {
        Map<String, String> corrected = Map.of("readings", "42.4", "lower", "40", "upper", "41", "passes", "1");
        Sheet sheet = Sheet.of(Sheets.all().at("cut").orElseThrow(), corrected);
        MeasureAnswer.Below below = (MeasureAnswer.Below)
                sheet.answer().orElseThrow().more().orElseThrow().it();
        assertNotAmong(sheet.fields(), below.correction().orElseThrow().fields());
    }

    private static void assertNotAmong(Fields readings, Fields correction) {
        org.assertj.core.api.Assertions.assertThat(correction.all())
                .isNotEmpty()
                .extracting(Field::name)
                .doesNotContainAnyElementsOf(
                        readings.all().stream().map(Field::name).toList());
    }
}
