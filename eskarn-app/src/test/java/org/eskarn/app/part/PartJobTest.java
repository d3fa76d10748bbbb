package org.eskarn.app.part;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import org.eskarn.app.docket.work.DocketScreen;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** From a drawing to readings, by keyboard: a part is written down, dockets are opened, and readings come in every way. */
@ExtendWith(RunningEskarn.class)
class PartJobTest {

    private Page page;
    private DocketScreen screen;

    @BeforeEach
    void signIn(Eskarn eskarn) {
        page = eskarn.signedIn("m.quill");
        screen = new DocketScreen(page);
        page.navigate(eskarn.address() + "/parts");
    }

    /** A single-key command, once the page's script listens. */
    private void command(String key) {
        page.waitForLoadState();
        screen.press(key);
    }

    private void fill(String field, String text) {
        page.locator("#f-" + field.replace('.', '-')).focus();
        screen.press("ControlOrMeta+a");
        page.keyboard().type(text);
    }

    /** Chooses from a list by typing its beginning, as one does without a mouse. */
    private void choose(String list, String beginning) {
        page.locator("#f-" + list.replace('.', '-')).focus();
        page.keyboard().type(beginning);
    }

    private void newPart(String number) {
        command("n");
        assertThat(page.locator("h1")).hasText("New part");
        fill("drawingNumber", number);
        fill("title", "Relief shaft");
        fill("expansion", "11,5");
        screen.press("Enter");
        assertThat(page.locator("h1")).hasText("Relief shaft");
    }

    private void newFeature(String name, String letter, String size) {
        command("f");
        fill("name", name);
        fill("letter", letter);
        fill("nominal", size);
        screen.press("Enter");
        assertThat(page.locator("h1")).hasText("Relief shaft");
    }

    private void newRequirement(String feature, String characteristic, String layoutThen, String title) {
        command("r");
        assertThat(page.locator("h1")).hasText("New requirement");
        choose("featureId", feature);
        if (!characteristic.isEmpty()) {
            choose("characteristic", characteristic);
        }
        assertThat(page.locator("#f-layout-kind")).hasValue(layoutThen);
        fill("title", title);
    }

    private void save() {
        page.locator("#f-title").focus();
        screen.press("Enter");
        assertThat(page.locator("h1")).hasText("Relief shaft");
    }

    @Test
    void aPartOfFiveKindsOfRequirementIsWrittenDownOpenedAndMeasured() {
        newPart("TG-501");
        newFeature("Journal", "A", "45");
        newFeature("Flange face", "", "");

        newRequirement("Journal", "", "RING", "Runout of journal");
        fill("limit.upper", "0.02");
        assertThat(page.locator("#preview")).containsText("≤ 0.02 mm full indicator movement");
        fill("layout.first", "6");
        assertThat(page.locator("#preview")).containsText("6 stations and the return to the first; first 0°");
        save();

        newRequirement("Journal", "outside", "RINGS", "Size of journal");
        fill("limit.lower", "45.018");
        fill("limit.upper", "45.002");
        screen.press("Enter");
        assertThat(page.locator("#p-limit-lower")).hasText("The lower limit must be below the upper limit.");
        assertThat(page.locator("#f-limit-lower")).isFocused();
        assertThat(page.locator("#f-limit-upper")).hasValue("45.002");
        fill("limit.lower", "45.002");
        fill("limit.upper", "45.018");
        fill("layout.first", "10 30");
        fill("layout.second", "0 90");
        choose("gauge.kind", "micrometer");
        save();

        newRequirement("Flange", "flatness", "GRID", "Flatness of flange");
        fill("limit.upper", "0.03");
        fill("layout.first", "0 40");
        fill("layout.second", "0 40");
        save();
        newRequirement("Journal", "play", "CYCLES", "Play");
        fill("limit.upper", "0.08");
        fill("layout.first", "2");
        save();
        newRequirement("Journal", "functional", "YES_NO", "Ring goes on");
        fill("layout.first", "The ring gauge goes on by hand; It reaches the shoulder");
        choose("gauge.kind", "plug");
        save();
        assertThat(page.locator("section:first-of-type tbody tr")).hasCount(5);

        command("d");
        assertThat(page.locator("[name=serials]")).isFocused();
        page.keyboard().type("RS-08..10");
        page.locator("[name=askedBy]").focus();
        screen.press("Enter");
        assertThat(page.locator("h1")).hasText("Bench");
        assertThat(page.locator("tr:has-text('Relief shaft')")).hasCount(3);
        page.locator("tr:has-text('RS-09') a.fig").focus();
        screen.press("Enter");
        assertThat(page.locator("h1")).hasText("Relief shaft");

        measureWithTheSimulatedIndicator();
        measureByPaste();
        answer();
        assertThat(page.locator(".requirements a[aria-current] i")).containsText("yes");
        thePartStaysAsItIsNow();
    }

    private void measureWithTheSimulatedIndicator() {
        page.locator(".requirements a:has-text('Runout of journal')").press("Enter");
        screen.prepare();
        screen.press("z");
        page.locator("button:has-text('Set again')").press("Enter");
        assertThat(page.locator("button:has-text('Zero is set')")).isFocused();
        screen.press("i");
        assertThat(page.locator("#dial")).isVisible();
        screen.press("b");
        assertThat(page.locator("#dial path").first()).not().hasAttribute("transform", "rotate(0.0)");
        screen.enter();
        screen.shows("Sweep");
        for (int station = 1; station <= 6; station++) {
            screen.nextIs("Station " + station);
            screen.enter();
        }
        screen.nextIs("Return to station 1");
        assertThat(page.locator("#tape-1 td:nth-child(3)")).containsText("0.0");
        screen.enter();
        screen.shows("Prove");
    }

    private void measureByPaste() {
        page.locator(".requirements a:has-text('Size of journal')").press("Enter");
        screen.prepare();
        paste("45.010\n45,011\n4.5012\n45.013\n");
        assertThat(page.locator("#paste-problem")).containsText("Some lines are not readings: correct the marked ones");
        assertThat(page.locator("#paste tbody tr").nth(2)).containsText("outside the gauge’s range, 25 to 50 mm");
        page.locator("#paste textarea").fill("45.010\n45,011\n45.012\n45.013");
        page.locator("#paste button[type=submit]").press("Enter");
        assertThat(page.locator("#paste button[type=submit]")).hasText("Record these 4");
        assertThat(page.locator("#paste tbody tr").nth(1)).containsText("10 mm · 90°");
        screen.enter();
        screen.shows("Prove");
        screen.verdictIs("pass");
        assertThat(page.locator("#panel")).containsText("Worst place, 30 mm");
    }

    /** What the browser does when a column is pasted into the reading field. */
    private void paste(String column) {
        assertThat(screen.field()).isFocused();
        page.evaluate("""
                column => {
                  const data = new DataTransfer();
                  data.setData("text/plain", column);
                  document.getElementById("typed").dispatchEvent(
                    new ClipboardEvent("paste", { clipboardData: data, bubbles: true, cancelable: true }));
                }""", column);
    }

    private void answer() {
        page.locator(".requirements a:has-text('Ring goes on')").press("Enter");
        screen.prepare();
        screen.type("maybe");
        screen.problemSays("Type 1 for yes or 0 for no");
        // The sentence comes with the page, the refused text a moment later.
        assertThat(screen.field()).hasValue("maybe");
        screen.field().fill("1");
        screen.press("Enter");
        // Once an answer stands, Y sets a sweep aside wherever readings are numbers; here it begins an answer.
        assertThat(page.locator("#entry")).hasAttribute("data-place", "2");
        screen.type("yes");
        screen.shows("Prove");
        screen.verdictIs("pass");
    }

    private void thePartStaysAsItIsNow() {
        page.navigate(page.url().replaceAll("/dockets/.*", "/parts"));
        page.locator("tr:has-text('TG-501') a").press("Enter");
        assertThat(page.locator("main")).containsText("In use by dockets: create a new revision to change it");
        assertThat(page.locator("a:has-text('Add a requirement')")).hasCount(0);
        page.locator("[name=revision]").fill("A");
        page.locator("[name=revision]").press("Enter");
        assertThat(page.locator("#p-revision")).containsText("TG-501 rev A already exists");
        page.locator("[name=revision]").fill("B");
        page.locator("[name=revision]").press("Enter");
        assertThat(page.locator("main")).containsText("TG-501 rev B");
        assertThat(page.locator("section:first-of-type tbody tr")).hasCount(5);
        assertThat(page.locator("a:has-text('Add a requirement')")).isVisible();
    }

    /** A requirement is a line and Enter; several are lines and one button. What cannot be meant is told while it is typed. */
    @Test
    void requirementsAreSaidInALine() {
        newPart("TG-931");
        newFeature("Seat", "A", "25");
        command("r");
        assertThat(page.locator("#f-line")).isFocused();
        page.keyboard().type("runout 8");
        assertThat(page.locator("#editor .problem")).containsText("Is 8 the limit, or how many places?");
        screen.press("ControlOrMeta+a");
        page.keyboard().type("runout 0.02 8 half");
        assertThat(page.locator("#f-limit-upper")).hasValue("0.02");
        assertThat(page.locator("#f-limit-statedAs")).hasValue("HALF_MOVEMENT");
        assertThat(page.locator("#preview .callout")).containsText("0.02");
        assertThat(page.locator("#f-line")).isFocused();
        // What is set by hand afterwards stays, and Enter in the line takes both.
        fill("limit.source", "drawing");
        page.locator("#f-line").focus();
        screen.press("Enter");
        assertThat(page.locator("h1")).hasText("Relief shaft");
        assertThat(page.locator("table").first()).containsText("Circular runout (radial), Seat");
        command("r");
        assertThat(page.locator("#f-line")).isFocused();
        page.keyboard().type("shaft 25 k5 3x2 40");
        screen.press("Enter");
        assertThat(page.locator("h1")).hasText("Relief shaft");
        newFeature("Shoulder", "B", "60");
        command("l");
        assertThat(page.locator("#f-lines")).isFocused();
        page.keyboard().type("face runout 0.01 6 @20 to A of shoulder\nround 0.005 12 of wheel");
        assertThat(page.locator("#meant .problem")).hasText("No feature here is called “wheel”, or several are.");
        screen.press("Tab");
        screen.press("Enter");
        assertThat(page.locator("#p-lines")).containsText("Line 2: No feature here is called “wheel”");
        assertThat(page.locator("#f-lines")).isFocused();
        screen.press("ControlOrMeta+End");
        for (int i = 0; i < "wheel".length(); i++) {
            screen.press("Backspace");
        }
        page.keyboard().type("seat");
        assertThat(page.locator("#meant .callout")).hasCount(2);
        screen.press("Tab");
        screen.press("Enter");
        assertThat(page.locator("h1")).hasText("Relief shaft");
        assertThat(page.locator("table").first().locator("tbody tr")).hasCount(4);
    }

    @Test
    void aSetUpSheetIsChangedAndABadLineComesBack() {
        page.navigate(page.url() + "/sheets");
        page.locator("#IN_A_FIXTURE textarea").fill("! Keep fingers out of the clamps.\n" + "x".repeat(401));
        page.locator("#IN_A_FIXTURE button").press("Enter");
        assertThat(page.locator("#IN_A_FIXTURE .problem")).containsText("At most 400 characters per line");
        assertThat(page.locator("#IN_A_FIXTURE textarea"))
                .hasValue("! Keep fingers out of the clamps.\n" + "x".repeat(401));
        page.locator("#IN_A_FIXTURE textarea").fill("! Keep fingers out of the clamps.\nWipe the rests.");
        page.locator("#IN_A_FIXTURE button").press("Enter");
        assertThat(page.locator("#IN_A_FIXTURE textarea"))
                .hasValue("! Keep fingers out of the clamps.\nWipe the rests.");
    }

    @Test
    void aKeeperSeesPartsButWritesNone(Eskarn eskarn) {
        Page keeper = eskarn.signedIn("i.varn");
        keeper.navigate(eskarn.address() + "/parts");
        assertThat(keeper.locator("a:has-text('New part')")).hasCount(0);
        keeper.navigate(eskarn.address() + "/parts/new");
        keeper.locator("#f-drawingNumber").fill("TG-999");
        keeper.locator("#f-title").fill("Not his");
        keeper.locator("#f-title").press("Enter");
        assertThat(keeper.locator("h1")).not().hasText("Not his");
        keeper.navigate(eskarn.address() + "/parts");
        assertThat(keeper.locator("main")).not().containsText("TG-999");
    }
}
