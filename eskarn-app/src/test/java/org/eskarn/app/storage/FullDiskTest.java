package org.eskarn.app.storage;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.nio.file.Path;
import java.util.concurrent.atomic.AtomicLong;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.app.running.Work;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;
import org.springframework.util.unit.DataSize;

/** A disk that is full takes nothing, loses nothing, and works again when there is room. */
@ExtendWith(RunningEskarn.class)
class FullDiskTest {

    private static final AtomicLong LEFT = new AtomicLong(Long.MAX_VALUE);

    /** Not marked as configuration, so that the scan of the application does not find it. */
    static class Filled {

        @Bean
        @Primary
        Room filledRoom() {
            return new Room(Path.of(""), DataSize.ofMegabytes(64)) {
                @Override
                public long bytes() {
                    return LEFT.get();
                }
            };
        }
    }

    @Test
    void aReadingIsRefusedWithASentenceAndTakenWhenThereIsRoom(Eskarn eskarn) throws Exception {
        LEFT.set(Long.MAX_VALUE);
        try (ConfigurableApplicationContext server = Eskarn.serve(Eskarn.demoFolder(), true, Filled.class)) {
            Work work = Work.open(server, "TG-110", "C", 1, "m.quill")
                    .prepare("m.quill")
                    .zero("m.quill");
            Page page = eskarn.window();
            Eskarn.signIn(page, Eskarn.address(server), "m.quill", Eskarn.PASSWORD);
            page.navigate(Eskarn.address(server) + "/dockets/" + work.number() + "/1");
            int taken = work.setUp().sweep().readings().size();
            LEFT.set(0);
            page.keyboard().type("3");
            page.keyboard().press("Enter");
            assertThat(page.locator("#entry-problem")).containsText("disk is full: nothing was taken");
            assertThat(page.locator("#typed")).hasValue("3");
            assertThat(work.setUp().sweep().readings()).hasSize(taken);

            Page other = eskarn.window();
            Eskarn.signIn(other, Eskarn.address(server), "t.ashdale", Eskarn.PASSWORD);
            assertThat(other.locator(".who")).containsText("Tobin Ashdale");
            other.keyboard().press("u");
            assertThat(other.locator("h1")).hasText("The server’s disk is full");

            LEFT.set(Long.MAX_VALUE);
            page.keyboard().press("Enter");
            assertThat(page.locator("#typed")).hasValue("");
            page.waitForCondition(() -> work.setUp().sweep().readings().size() == taken + 1);
        }
    }
}
