package org.eskarn.app.docket.work;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.LoadState;
import java.util.regex.Pattern;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** How many keys a shaft with three requirements takes, names, the password and the readings apart. */
@ExtendWith(RunningEskarn.class)
class KeysOfAJobTest {

    private static final int MOST_FROM_A_DRAWING = 120;
    private static final int MOST_OF_A_KNOWN_PART = 20;
    private static final String RING = "0 2 5.5 9 12.5 9.5 5 2 0.5";

    private Eskarn eskarn;
    private Page page;
    private DocketScreen screen;
    private int keys;

    @BeforeEach
    void begin(Eskarn running) {
        eskarn = running;
        page = eskarn.signedIn("m.quill");
        screen = new DocketScreen(page);
        page.navigate(eskarn.address() + "/");
        keys = 0;
    }

    private void press(String... each) {
        for (String key : each) {
            keys++;
            page.waitForLoadState(LoadState.LOAD);
            page.keyboard().press(key);
        }
    }

    private void type(String text) {
        keys += text.length();
        page.keyboard().type(text);
    }

    private void name(String text) {
        page.keyboard().type(text);
    }

    private void on(String heading) {
        assertThat(page.locator("h1")).hasText(heading);
    }

    private void step(String step) {
        screen.shows(step);
        assertThat(page.locator("[data-first]").first()).isFocused();
    }

    /** Of a step that is confirmed. */
    private void enter(String step) {
        step(step);
        press("Enter");
    }

    private void feature(String name, String letter, String size) {
        assertThat(page.locator("#features-title")).isVisible();
        press("f");
        assertThat(page.locator("#f-name")).isFocused();
        name(name);
        press("Tab");
        type(letter);
        press("Tab", "Tab");
        type(size);
        press("Enter");
        assertThat(page.locator("td:has-text('" + name + "')")).isVisible();
    }

    private void write(String drawing) {
        press("p");
        on("Parts");
        press("n");
        assertThat(page.locator("#f-drawingNumber")).isFocused();
        name(drawing);
        press("Tab", "Tab");
        name("Counted shaft");
        press("Enter");
        on("Counted shaft");
        feature("Journal A", "A", "40");
        feature("Journal B", "B", "45");
        press("l");
        assertThat(page.locator("#f-lines")).isFocused();
        type("runout 0.02 8 of a");
        press("Enter");
        type("round 0.01 8 of a");
        press("Enter");
        type("runout 0.02 8 of b");
        press("Enter", "Enter");
        assertThat(page.locator("table").first().locator("tbody tr")).hasCount(3);
    }

    private void inspect() {
        press("d");
        assertThat(page.locator("[name=serials]")).isFocused();
        name("VB-77");
        press("Enter");
        on("Counted shaft");
        enter("Require");
        enter("Gauge");
        step("Prepare");
        int cautions = page.locator(".ticks li.caution").count();
        for (int done = 0; done <= cautions; done++) {
            assertThat(page.locator(".ticks li.done")).hasCount(done);
            enter("Prepare");
        }
        enter("Zero");
        screen.nextIs("Station 1");
        screen.type(RING);
        enter("Prove");
        enter("Verdict");
        // Read with the first: there is only its own verdict to see.
        assertThat(page.locator(".requirements a[aria-current] b")).containsText("Roundness");
        enter("Require");
        enter("Verdict");
        assertThat(page.locator(".requirements a[aria-current] b")).containsText("Journal B");
        step("Require");
        assertThat(page.locator("#panel")).containsText("nothing was moved since");
        enter("Require");
        enter("Zero");
        screen.nextIs("Station 1");
        screen.type(RING);
        enter("Prove");
        enter("Verdict");
        assertThat(page.locator("#remark-form button")).isFocused();
        press("Enter");
        assertThat(page.locator("[name=password]")).isFocused();
        name(Eskarn.PASSWORD);
        press("Enter");
        assertThat(page).hasURL(Pattern.compile(".*/ledger/\\d+$"));
        assertThat(page.locator(".sheet")).containsText("those of 1, Circular runout (radial), Journal A");
    }

    @Test
    void fromABlankDrawing() {
        write("TG-9801");
        inspect();
        assertThat(keys).isLessThanOrEqualTo(MOST_FROM_A_DRAWING);
    }

    @Test
    void ofAKnownPart() {
        write("TG-9802");
        page.navigate(eskarn.address() + "/");
        keys = 0;
        press("/");
        name("tg-9802");
        press("Enter");
        on("Counted shaft");
        inspect();
        assertThat(keys).isLessThanOrEqualTo(MOST_OF_A_KNOWN_PART);
    }
}
