package org.eskarn.app.ledger;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.microsoft.playwright.Page;
import org.eskarn.app.account.AccountService;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningEskarn.class)
class SavedViewsTest {

    /** Saved from what is found while typing, opened by its name, and nobody else’s. */
    @Test
    void aViewIsSavedAndOpenedAgain(Eskarn eskarn) {
        Page page = eskarn.signedIn("w.sorrel");
        page.navigate(eskarn.address() + "/ledger");
        page.locator("[name=find]").first().fill("shaft & 5%");
        assertThat(page.locator("#found [role=status]")).isVisible();
        page.locator("#found [name=name]").fill("shafts & five");
        page.keyboard().press("Enter");
        page.locator("a:has-text('shafts & five')").click();
        assertThat(page.locator("[name=find]").first()).hasValue("shaft & 5%");
        Page other = eskarn.signedIn("t.ashdale");
        other.navigate(eskarn.address() + "/ledger");
        assertThat(other.locator("a:has-text('shafts & five')")).hasCount(0);
        page.locator("[aria-label='Remove the view shafts & five']").click();
        assertThat(page.locator("a:has-text('shafts & five')")).hasCount(0);
    }

    @Test
    void theSameNameIsReplacedAndTooManyAreRefused(Eskarn eskarn) throws FormRefused {
        SavedViews views = eskarn.bean(SavedViews.class);
        long person = eskarn.bean(AccountService.class)
                .byLogin("e.korrin")
                .orElseThrow()
                .id();
        LedgerQuery query = new LedgerQuery("a", "", "", "", false, false);
        for (int i = 0; i < 20; i++) {
            views.save(person, "view " + i, query);
        }
        views.save(person, "view 3", new LedgerQuery("b", "NO_SUCH", "", "", true, false));
        assertThat(views.of(person)).hasSize(20);
        assertThat(views.of(person))
                .filteredOn(view -> view.name().equals("view 3"))
                .extracting(SavedView::query)
                .containsExactly("?find=b&verdict=&since=&until=&exceptions=true&questioned=false");
        assertThatThrownBy(() -> views.save(person, "one more", query)).isInstanceOf(FormRefused.class);
        assertThatThrownBy(() -> views.save(person, " ", query)).isInstanceOf(FormRefused.class);
        views.of(person).forEach(view -> views.remove(person, view.id()));
    }
}
