package org.eskarn.app.calculator;

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
        page.keyboard().press("c");
        assertThat(page.locator("#find")).isFocused();
        assertThat(page.locator("#found a"))
                .hasCount(eskarn.bean(Calculators.class).all().size());
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
        "dial, Reading a dial",
        "straightedge, ''"
    })
    void theFirstIsTheOneThatIsCalledSo(String typed, String title) {
        if (title.isEmpty()) {
            assertThat(Sheets.all().find(typed)).isNotEmpty();
        } else {
            assertThat(Sheets.all().find(typed).get(0).title()).isEqualTo(title);
        }
    }

    @Test
    void everyEntryAnswersToItsOwnNameAndNothingToNonsense() {
        Calculators all = Sheets.all();
        for (Calculator calculator : all.all()) {
            assertThat(all.find(calculator.title())).contains(calculator);
        }
        assertThat(all.find("zzz")).isEmpty();
        assertThat(all.find("  ")).hasSameSizeAs(all.all());
        assertThat(all.all()).extracting(Calculator::path).doesNotHaveDuplicates();
    }
}
