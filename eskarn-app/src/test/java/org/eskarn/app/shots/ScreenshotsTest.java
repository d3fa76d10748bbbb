package org.eskarn.app.shots;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

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
            page.keyboard().press("Enter");
            shows(page, "Gauge");
            page.keyboard().press("Enter");
            shows(page, "Prepare");
            shoot(page, "docket-prepare");
            for (int tick = 1; tick <= 6; tick++) {
                page.keyboard().press("Enter");
                assertThat(page.locator(".ticks li.done")).hasCount(tick % 6);
            }
            shows(page, "Zero");
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
            page.navigate(address + Sheets.all().at("heating").orElseThrow().worked());
            shoot(page, "heating");
            page.navigate(address + "/dockets/232/1");
            shoot(page, "docket-size");
            page.navigate(address + "/dockets/229/1/remedy");
            shoot(page, "remedy-offset");
            page.navigate(address
                    + "/tables/rotor?first=40+180&second=8&upper=0.03"
                    + "&readings=0+2+-4.5+-13+-21.5+-25.5+-22+-10.5+0+12.5+31+47+49+34.5+13.5+0+0");
            shoot(page, "measure");
            simulate(page, address);
            page.navigate(address + "/parts");
            shoot(page, "parts");
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

    private static void simulate(Page page, String address) {
        page.navigate(address + "/dockets/218/1");
        for (String step : new String[] {"Require", "Gauge"}) {
            shows(page, step);
            page.keyboard().press("Enter");
        }
        shows(page, "Prepare");
        for (int tick = 1; tick <= 6; tick++) {
            page.keyboard().press("Enter");
            assertThat(page.locator(".ticks li.done")).hasCount(tick % 6);
        }
        shows(page, "Zero");
        page.keyboard().press("i");
        assertThat(page.locator("#dial")).isVisible();
        page.keyboard().press("b");
        assertThat(page.locator("#dial path").first()).not().hasAttribute("transform", "rotate(0.0)");
        page.keyboard().press("Enter");
        for (int station = 1; station <= 4; station++) {
            assertThat(page.locator("#entry-title")).containsText("Station " + station);
            assertThat(page.locator("[data-first]").first()).isFocused();
            page.keyboard().press("Enter");
        }
        assertThat(page.locator("#entry-title")).containsText("Station 5");
        // The needle has come to rest where the dial is read.
        page.waitForCondition(
                () -> page.evaluate("document.getElementById('needle').getAttribute('transform') === 'rotate(' +"
                                + " document.getElementById('needle-way').dataset.way.split(' ').pop() + ')'")
                        .equals(true));
        shoot(page, "docket-simulated");
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
