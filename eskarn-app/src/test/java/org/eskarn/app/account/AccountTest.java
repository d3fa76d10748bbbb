package org.eskarn.app.account;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FormData;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.context.ConfigurableApplicationContext;

@ExtendWith(RunningEskarn.class)
class AccountTest {

    @Test
    void theFirstStartMakesTheStewardWhoMakesTheOthers(Eskarn eskarn) {
        try (ConfigurableApplicationContext works = Eskarn.serve(Eskarn.newFolder(), false)) {
            String address = Eskarn.address(works);
            Page page = eskarn.window();
            page.navigate(address + "/");
            assertThat(page.locator("h1")).hasText("First start");
            page.fill("[name=name]", "Orla Fenwick");
            page.fill("[name=login]", "o.fenwick");
            page.fill("[name=password]", "short");
            page.keyboard().press("Enter");
            assertThat(page.locator(".problem")).containsText("Enter 8 to 72 characters");
            assertThat(page.locator("[name=name]")).hasValue("Orla Fenwick");
            page.fill("[name=password]", "long enough");
            page.keyboard().press("Enter");
            assertThat(page.locator("h1")).hasText("Sign in");
            assertThat(page.locator("body")).not().containsText("vellmere");

            Eskarn.signIn(page, address, "o.fenwick", "long enough");
            assertThat(page.locator("main")).containsText("No open dockets. Open one at a part, in");
            page.navigate(address + "/accounts");
            page.fill("[name=name]", "Piet Harrow");
            page.fill("[name=login]", "O.Fenwick");
            page.fill("[name=password]", "long enough too");
            page.keyboard().press("Enter");
            assertThat(page.locator(".problem")).containsText("is taken");
            page.fill("[name=login]", "p.harrow");
            page.fill("[name=password]", "long enough too");
            page.keyboard().press("Enter");
            assertThat(page.locator("tbody")).containsText("Piet Harrow");
            Page piet = eskarn.window();
            Eskarn.signIn(piet, address, "p.harrow", "long enough too");
            page.click("[aria-label='Switch off Piet Harrow']");
            assertThat(page.locator("tbody")).containsText("inspector, switched off");
            piet.navigate(address + "/ledger");
            assertThat(piet.locator("h1")).hasText("Sign in");

            page.navigate(address + "/first-start");
            assertThat(page).hasURL(address + "/");
        }
    }

    @Test
    void guessingIsSlowedDown(Eskarn eskarn) {
        Page page = eskarn.window();
        page.navigate(eskarn.address() + "/sign-in");
        for (int i = 0; i < 5; i++) {
            page.fill("[name=login]", "nobody.here");
            page.fill("[name=password]", "guess " + i);
            page.keyboard().press("Enter");
            assertThat(page.locator(".problem")).containsText("Sign-in name or password is wrong: enter both again");
        }
        page.fill("[name=login]", "Nobody.Here");
        page.fill("[name=password]", "one more");
        page.keyboard().press("Enter");
        assertThat(page.locator(".problem")).containsText("Too many failed attempts: wait");
    }

    @Test
    void aRoleIsCheckedOnTheServerAndEveryChangeNeedsItsToken(Eskarn eskarn) {
        int docket = eskarn.openDocket(Eskarn.PINION_SHAFT);
        String step = eskarn.address() + "/dockets/" + docket + "/1/steps/require";
        Page keeper = eskarn.signedIn("i.varn");
        keeper.navigate(eskarn.address() + "/dockets/" + docket + "/1");
        assertThat(keeper.locator("#panel .press.first")).hasCount(0);
        String token = keeper.locator("input[name=_csrf]").first().inputValue();
        assertThat(post(keeper, step, token).status()).isEqualTo(403);
        assertThat(keeper.request()
                        .get(eskarn.address() + "/accounts", Eskarn.retrying())
                        .status())
                .isEqualTo(403);

        Page inspector = eskarn.signedIn("m.quill");
        assertThat(post(inspector, step, "no token").status()).isEqualTo(403);
        inspector.navigate(eskarn.address() + "/");
        String own = inspector.locator("input[name=_csrf]").first().inputValue();
        assertThat(post(inspector, step, own).status()).isEqualTo(200);
    }

    private static APIResponse post(Page page, String address, String token) {
        FormData form = FormData.create().set("version", "0").set("_csrf", token);
        return page.request().post(address, Eskarn.retrying().setForm(form));
    }
}
