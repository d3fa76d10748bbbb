package org.eskarn.app.shots;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Page;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import org.eskarn.app.calculator.Sheets;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;

/** Takes the pictures in docs/screenshots, on a day that stands still. Run by {@code ./eskarn shots} only. */
@Tag("shots")
@ExtendWith(RunningEskarn.class)
class ScreenshotsTest {

    private static final Path FOLDER = Path.of("..", "docs", "screenshots");

    /** Not marked as configuration, so that no other server of the tests finds it by its scan and stands still too. */
    static class OneDay {

        @Bean
        @Primary
        Clock standingClock() {
            return Clock.fixed(Instant.parse("2026-11-25T08:40:00Z"), ZoneOffset.UTC);
        }
    }

    @Test
    void takesThem(Eskarn eskarn) {
        try (ConfigurableApplicationContext server = Eskarn.serve(Eskarn.newFolder(), true, OneDay.class)) {
            String address = Eskarn.address(server);
            Page page = eskarn.window();
            page.navigate(address + "/sign-in");
            Eskarn.signIn(page, address, "m.quill", Eskarn.PASSWORD);
            shoot(page, "bench");

            page.navigate(address + "/dockets/214/1");
            shows(page, "Require");
            page.keyboard().press("b");
            shows(page, "Gauge");
            page.keyboard().press("Enter");
            shows(page, "Prepare");
            shoot(page, "docket-prepare");
            tick(page);
            page.keyboard().press("Enter");
            shows(page, "Sweep");
            type(page, "0 2 5.5 9 12.5");
            assertThat(page.locator("#entry-title")).containsText("Station 6");
            page.keyboard().type("+14.5");
            shoot(page, "docket-sweep");
            page.keyboard().press("Enter");
            type(page, "12 6 0.5");
            shows(page, "Prove");
            page.keyboard().press("Enter");
            shows(page, "Verdict");
            shoot(page, "docket-pass");
            page.navigate(address + "/dockets/219/4");
            shoot(page, "docket-roundness");
            page.navigate(address + "/dockets/236/2?step=verdict");
            shoot(page, "docket-plane");
            page.navigate(address + "/dockets/242/3?step=verdict");
            shoot(page, "docket-fit");
            page.navigate(address + Sheets.all().at("fits").orElseThrow().worked());
            shoot(page, "fits");
            page.navigate(address + "/plan");
            shoot(page, "plan");
            page.navigate(address + "/dockets/232/1");
            shoot(page, "docket-size");
            page.navigate(address + "/dockets/229/1/remedy");
            shoot(page, "remedy-offset");
            page.navigate(address + "/dockets/265/certificate");
            shoot(page, "certificate");
            touch(eskarn, address);
            page.navigate(address + "/parts/1/pieces?from=VB-0501&to=VB-0508");
            shoot(page, "pieces");
            page.navigate(address + "/parts/6");
            shoot(page, "part");
            page.navigate(address + "/parts/10/requirements/2");
            shoot(page, "requirement");
            page.navigate(address + "/gauges");
            shoot(page, "gauges");
            page.navigate(address + "/ledger");
            shoot(page, "ledger");
            page.navigate(address + "/ledger/212");
            page.setViewportSize(1280, 960);
            shoot(page, "sheet");
        }
    }

    private static void tick(Page page) {
        int cautions = page.locator(".ticks li.caution").count();
        for (int done = 1; done <= cautions; done++) {
            page.keyboard().press("Enter");
            assertThat(page.locator(".ticks li.done")).hasCount(done);
        }
        page.keyboard().press("Enter");
        shows(page, "Zero");
    }

    /** A plate on a tablet held upright, in the middle of its sweep. */
    private static void touch(Eskarn eskarn, String address) {
        Page page = eskarn.window(new Browser.NewContextOptions()
                .setViewportSize(820, 1180)
                .setHasTouch(true)
                .setIsMobile(true));
        page.navigate(address + "/sign-in");
        Eskarn.signIn(page, address, "m.quill", Eskarn.PASSWORD);
        page.navigate(address + "/dockets/215/1");
        assertThat(page.locator("#typed")).isVisible();
        page.locator("[data-types='1']").tap();
        page.locator("[data-types='2']").tap();
        page.evaluate("scrollTo(0, 0)");
        shoot(page, "docket-touch");
    }

    private static void type(Page page, String readings) {
        for (String reading : readings.split(" ", -1)) {
            page.keyboard().type(reading);
            page.keyboard().press("Enter");
        }
    }

    private static void shows(Page page, String step) {
        assertThat(page.locator("#panel")).hasAttribute("aria-label", step);
        assertThat(page.locator("[data-first]").first()).isFocused();
    }

    private static void shoot(Page page, String name) {
        page.evaluate("document.fonts.ready");
        page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(name + ".png")));
    }
}
