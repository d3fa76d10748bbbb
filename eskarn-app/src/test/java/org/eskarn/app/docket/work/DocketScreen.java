package org.eskarn.app.docket.work;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.Arrays;
import org.eskarn.app.docket.Step;
import org.eskarn.app.part.PartService;
import org.eskarn.app.running.Eskarn;

/** The docket screen as hands and eyes meet it: everything by keyboard. */
public record DocketScreen(Page page) {

    /** A docket of a part's revision A, opened for this test and prepared up to the empty reading field. */
    public static DocketScreen begin(Eskarn eskarn, String drawing, int position) {
        DocketScreen screen = open(eskarn, drawing, position);
        screen.prepare();
        return screen;
    }

    /** The same at its first step. */
    public static DocketScreen open(Eskarn eskarn, String drawing, int position) {
        long part = eskarn.bean(PartService.class)
                .byNumber(drawing, "A")
                .orElseThrow()
                .id();
        int number = eskarn.openDocket(part);
        Page page = eskarn.signedIn("m.quill");
        page.navigate(eskarn.address() + "/dockets/" + number + "/" + position);
        page.waitForLoadState();
        return new DocketScreen(page);
    }

    public Locator field() {
        return page.locator("#typed");
    }

    public void press(String key) {
        // Keys work once the scripts of the page have run.
        page.waitForLoadState();
        page.keyboard().press(key);
    }

    /** Does the step that is marked, once the focus is where it belongs. */
    public void enter() {
        assertThat(page.locator("[data-first]").first()).isFocused();
        press("Enter");
    }

    /** Types readings as fast as the page takes keys. */
    public void type(String readings) {
        for (String reading : readings.split(" ", -1)) {
            page.keyboard().type(reading);
            press("Enter");
        }
    }

    /** From the first step to the empty reading field, one Enter for each confirmation and caution; where a set-up stands, its own way. */
    public void prepare() {
        shows("Require");
        boolean stands = page.locator("form[action$='/same-set-up']").count() > 0;
        enter();
        if (!stands) {
            shows("Gauge");
            enter();
            tick();
        }
        shows("Zero");
        zero();
        shows("Sweep");
        assertThat(field()).isFocused();
    }

    /** The cautions one by one, then all the rest, up to the zero. */
    public void tick() {
        shows("Prepare");
        if (cautions()) {
            enter();
        }
        shows("Zero");
    }

    /** The cautions one by one; whether something else is to be ticked after them. */
    public boolean cautions() {
        int cautions = page.locator(".ticks li.caution").count();
        boolean others = page.locator(".ticks li").count() > cautions;
        for (int done = 1; done <= cautions; done++) {
            enter();
            if (done < cautions || others) {
                assertThat(page.locator(".ticks li.done")).hasCount(done);
            }
        }
        return others;
    }

    /** Sets the zero, of both gauges where a pair is measured with two. */
    private void zero() {
        Locator master = page.locator("#master label").first();
        boolean pair = master.count() > 0 && master.textContent().contains("the hole");
        enter();
        if (pair) {
            assertThat(master).containsText("the shaft");
            enter();
        }
    }

    /** Whatever it is called with the gauge of this requirement. */
    public void shows(String title) {
        String key = Arrays.stream(Step.values())
                .filter(step -> step.title().equals(title))
                .findFirst()
                .orElseThrow()
                .key();
        assertThat(page.locator(".order a[aria-current]")).hasAttribute("data-key", key);
    }

    public void nextIs(String title) {
        assertThat(page.locator("#entry-title label")).containsText(title);
    }

    public void verdictIs(String word) {
        assertThat(page.locator(".verdict-end b")).hasText(word);
    }

    /** The reading column of the tape, from the first station to the return. */
    public void tapeIs(String... readings) {
        for (int i = 0; i < readings.length; i++) {
            assertThat(page.locator("#tape-" + (i + 1) + " td:nth-child(3)")).hasText(readings[i]);
        }
    }

    public void problemSays(String words) {
        assertThat(page.locator("#entry-problem")).containsText(words);
    }
}
