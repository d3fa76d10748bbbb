package org.eskarn.app.docket.work;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A whole sweep on a tablet, by touch alone. */
@ExtendWith(RunningEskarn.class)
class TouchJobTest {

    private static final double SMALLEST = 56;

    private Page page;

    private void tap(String key) {
        page.locator("[data-types='" + key + "']").tap();
    }

    private void take(String reading) {
        reading.chars().mapToObj(Character::toString).forEach(each -> tap(each.equals("-") ? "sign" : each));
        tap("Enter");
    }

    private void first(String step) {
        assertThat(page.locator(".order a[aria-current]")).containsText(step);
        page.locator("#work [data-first]").first().tap();
    }

    private void inSight(Locator what, int height) {
        BoundingBox box = what.boundingBox();
        assertThat(box.y).as("top of " + what).isGreaterThanOrEqualTo(0);
        double foot = page.locator(".verdict-foot").boundingBox().y;
        assertThat(box.y + box.height).as("bottom of " + what).isLessThanOrEqualTo(Math.min(height, foot) + 1);
    }

    @ParameterizedTest
    @CsvSource({"820, 1180", "1180, 820"})
    void aWholeSweepIsReadByTouch(int width, int height, Eskarn eskarn) {
        int number = eskarn.openDocket(Eskarn.PINION_SHAFT);
        page = eskarn.window(new Browser.NewContextOptions()
                .setViewportSize(width, height)
                .setHasTouch(true)
                .setIsMobile(true));
        Eskarn.signIn(page, eskarn.address(), "m.quill", Eskarn.PASSWORD);
        page.addInitScript(TONES);
        page.navigate(eskarn.address() + "/dockets/" + number + "/1");
        first("Require");
        first("Gauge");
        assertThat(page.locator(".order a[aria-current]")).containsText("Prepare");
        int cautions = page.locator(".ticks li.caution").count();
        for (int done = 0; done <= cautions; done++) {
            assertThat(page.locator(".ticks li.done")).hasCount(done);
            first("Prepare");
        }
        first("Zero");
        DocketScreen screen = new DocketScreen(page);
        screen.nextIs("Station 1");
        page.evaluate("scrollTo(0, 0)");
        inSight(page.locator("#typed"), height);
        inSight(page.locator("#tape-1"), height);
        inSight(page.locator(".keypad"), height);
        inSight(page.locator(".picture svg"), height);
        page.locator(".keypad .press").all().forEach(key -> {
            assertThat(key.boundingBox().height).isGreaterThanOrEqualTo(SMALLEST);
            assertThat(key.boundingBox().width).isGreaterThanOrEqualTo(SMALLEST);
        });
        assertThat(screen.field()).hasAttribute("inputmode", "none");
        page.locator("[data-sound]").tap();

        take("0");
        screen.nextIs("Station 2");
        // A slip of the finger, taken away again before and after it was taken.
        tap("8");
        tap("Backspace");
        take("99");
        screen.nextIs("Station 3");
        tap("Backspace");
        screen.nextIs("Station 2");
        take("-2.5");
        screen.nextIs("Station 3");
        assertThat(page.locator("#tape-2")).containsText("−2.5");
        take("3/5");
        screen.nextIs("Station 4");
        // A reading that is none stays in the field, and what is tapped after it is not taken for it.
        take("9.9.9");
        assertThat(page.locator("#entry-problem")).isVisible();
        take("5");
        assertThat(page.locator("#entry-waiting")).containsText("5");
        assertThat(screen.field()).hasValue("9.9.9");
        tap("Backspace");
        tap("Backspace");
        tap("Enter");
        screen.nextIs("Station 5");
        List.of("12", "9", "5", "2").forEach(this::take);
        screen.nextIs("Return");
        take("7");
        screen.shows("Prove");
        assertThat(page.locator("#panel [data-return-out]")).isVisible();
        // Nine taken and the one that said it is on: one tone each; one refused: two low ones; the return out: three
        // falling.
        assertThat(page.evaluate("window.tones.filter((t) => t === 880).length"))
                .isEqualTo(10);
        assertThat(page.evaluate("window.tones.slice(-3)")).isEqualTo(List.of(660, 440, 330));
        assertThat(page.evaluate("window.tones.filter((t) => t === 220).length"))
                .isEqualTo(2);
    }

    /** An ear for the tones that the page makes. */
    private static final String TONES = """
            window.tones = [];
            window.AudioContext = class {
              currentTime = 0;
              createOscillator() {
                const tone = { frequency: {}, connect: (next) => next, start: () => window.tones.push(tone.frequency.value), stop: () => {} };
                return tone;
              }
              createGain() {
                return { gain: { setValueAtTime: () => {}, linearRampToValueAtTime: () => {} }, connect: (next) => next };
              }
            };
            """;
}
