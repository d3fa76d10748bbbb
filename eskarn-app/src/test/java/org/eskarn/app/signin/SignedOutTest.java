package org.eskarn.app.signin;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.time.Clock;
import java.time.Duration;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.MovableClock;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.app.running.Work;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;

/** Who is signed out by the clock loses no reading, and nobody else's name comes under it. */
@ExtendWith(RunningEskarn.class)
class SignedOutTest {

    private static final MovableClock CLOCK = new MovableClock();

    private static ConfigurableApplicationContext server;

    /** Not marked as configuration, so that the scan of the application does not find it. */
    static class Moved {

        @Bean
        @Primary
        Clock movableClock() {
            return CLOCK;
        }
    }

    @BeforeAll
    static void start() {
        server = Eskarn.serve(Eskarn.demoFolder(), true, Moved.class);
    }

    @AfterAll
    static void stop() {
        server.close();
    }

    private static Work ready() throws Exception {
        return Work.open(server, "TG-110", "C", 1, "m.quill").prepare("m.quill").zero("m.quill");
    }

    private static Page at(Work work, Eskarn eskarn) {
        Page page = eskarn.window();
        Eskarn.signIn(page, Eskarn.address(server), "m.quill", Eskarn.PASSWORD);
        page.navigate(Eskarn.address(server) + "/dockets/" + work.number() + "/1");
        taken(page, () -> type(page, "0"));
        return page;
    }

    private static void type(Page page, String reading) {
        page.keyboard().type(reading);
        page.keyboard().press("Enter");
    }

    /** Does something after which the next place is asked for. */
    private static void taken(Page page, Runnable step) {
        String before = page.locator("#entry").getAttribute("data-place");
        step.run();
        assertThat(page.locator("#entry")).not().hasAttribute("data-place", before);
    }

    private static void signInAgain(Page page, String login) {
        assertThat(page.locator("#entry-problem")).containsText("You are signed out");
        page.keyboard().press("Enter");
        page.waitForURL(url -> url.contains("/sign-in?to="));
        page.fill("main [name=login]", login);
        page.fill("main [name=password]", Eskarn.PASSWORD);
        page.keyboard().press("Enter");
        page.waitForURL(url -> url.contains("/dockets/"));
    }

    @Test
    void whatWasTypedAfterHalfAnHourWithoutATouchIsTakenAfterSigningInAgain(Eskarn eskarn) throws Exception {
        Work work = ready();
        Page page = at(work, eskarn);
        int taken = work.setUp().sweep().readings().size();
        CLOCK.putForward(Duration.ofMinutes(29));
        page.reload();
        CLOCK.putForward(Duration.ofMinutes(29));
        taken(page, () -> type(page, "3"));
        CLOCK.putForward(Duration.ofMinutes(31));
        taken(page, () -> {
            type(page, "5");
            signInAgain(page, "m.quill");
        });
        assertThat(work.setUp().sweep().readings()).hasSize(taken + 2);
    }

    @Test
    void somebodyElseIsToldWhatWasTypedAndItIsNotTakenInTheirName(Eskarn eskarn) throws Exception {
        Work work = ready();
        Page page = at(work, eskarn);
        int taken = work.setUp().sweep().readings().size();
        CLOCK.putForward(Duration.ofMinutes(31));
        type(page, "5");
        signInAgain(page, "t.ashdale");
        assertThat(page.locator("#stray")).containsText("5");
        assertThat(work.setUp().sweep().readings()).hasSize(taken);
    }

    @Test
    void nobodyStaysForLongerThanADay(Eskarn eskarn) throws Exception {
        Page page = eskarn.window();
        Eskarn.signIn(page, Eskarn.address(server), "m.quill", Eskarn.PASSWORD);
        for (int half = 0; half < 24; half++) {
            CLOCK.putForward(Duration.ofMinutes(29));
            assertThat(page.navigate(Eskarn.address(server) + "/parts").url()).endsWith("/parts");
        }
        CLOCK.putForward(Duration.ofMinutes(25));
        page.navigate(Eskarn.address(server) + "/parts");
        assertThat(page).hasURL(Eskarn.address(server) + "/sign-in?to=%2Fparts");
    }

    @Test
    void anotherPersonComesToTheSameDocketWithTheKeyboard(Eskarn eskarn) throws Exception {
        Work work = ready();
        Page page = at(work, eskarn);
        String there = page.url();
        page.keyboard().press("@");
        page.keyboard().type("t.ashdale");
        page.keyboard().press("Tab");
        page.keyboard().type(Eskarn.PASSWORD);
        page.keyboard().press("Enter");
        assertThat(page.locator(".who")).containsText("Tobin Ashdale");
        assertThat(page).hasURL(there);
        taken(page, () -> type(page, "4"));
        assertThat(work.setUp().sweep().readings())
                .last()
                .extracting(each -> each.takenBy())
                .isEqualTo(work.id("t.ashdale"));
    }
}
