package org.eskarn.app.table;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.regex.Pattern;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@ExtendWith(RunningEskarn.class)
class FinderTest {

    @Test
    void fromTheBenchToAnAnswerByKeyboardAlone(Eskarn eskarn) {
        Page page = eskarn.signedIn("m.quill");
        page.navigate(eskarn.address() + "/");
        page.keyboard().press("q");
        assertThat(page.locator("#find")).isFocused();
        assertThat(page.locator("#found a")).hasCount(Finder.all().size());
        page.keyboard().type("heat");
        assertThat(page.locator("#found a").first()).hasText("Heat and cold");
        page.keyboard().press("Enter");
        assertThat(page).hasURL(Pattern.compile(".*/tables/heating.*"));
        // It opens with a worked example, not with empty fields.
        assertThat(page.locator(".headline")).containsText("Heat the outer part to");
    }

    @ParameterizedTest
    @CsvSource({
        "runout, Runout of a section",
        "RUNOUT face, Runout of a face",
        "bearing, Bearing seats",
        "blocks, Block stacks",
        "straightedge, ''"
    })
    void theFirstIsTheOneThatIsCalledSo(String typed, String title) {
        if (title.isEmpty()) {
            assertThat(Finder.of(typed)).isNotEmpty();
        } else {
            assertThat(Finder.of(typed).get(0).title()).isEqualTo(title);
        }
    }

    @Test
    void everyEntryAnswersToItsOwnNameAndNothingToNonsense() {
        for (Finder.Entry entry : Finder.all()) {
            assertThat(Finder.of(entry.title())).contains(entry);
        }
        assertThat(Finder.of("zzz")).isEmpty();
        assertThat(Finder.of("  ")).hasSameSizeAs(Finder.all());
        assertThat(Finder.all()).extracting(Finder.Entry::address).doesNotHaveDuplicates();
    }
}
