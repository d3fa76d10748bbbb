package org.eskarn.app.signin;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FormData;
import java.util.List;
import java.util.stream.IntStream;
import org.eskarn.app.account.AccountService;
import org.eskarn.app.account.Role;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.context.ConfigurableApplicationContext;

@ExtendWith(RunningEskarn.class)
class SignInTest {

    private static final String GOOD = "brass lathe tuesday";

    @Test
    void theFirstStartMakesOneStewardWhoLetsTheOthersSetTheirPasswords(Eskarn eskarn) throws Exception {
        try (ConfigurableApplicationContext works = Eskarn.serve(Eskarn.newFolder(), false)) {
            String address = Eskarn.address(works);
            String word = works.getBean(FirstStartWord.class).word();
            Page page = eskarn.window();
            page.navigate(address + "/");
            assertThat(page.locator("h1")).hasText("First start");
            page.fill("[name=word]", "mavo-kire-solu-tepi");
            page.fill("[name=name]", "Orla Fenwick");
            page.fill("[name=login]", "o.fenwick");
            page.fill("[name=password]", GOOD);
            page.keyboard().press("Enter");
            assertThat(page.locator(".problem")).containsText("That is not the word");
            page.fill("[name=word]", word.toUpperCase(java.util.Locale.ROOT) + " ");
            page.fill("[name=password]", "orla fenwick for ever");
            page.keyboard().press("Enter");
            assertThat(page.locator(".problem")).containsText("Leave names out of it");
            assertThat(page.locator("[name=name]")).hasValue("Orla Fenwick");

            Visitor visitor = Visitor.of(address);
            List<String> answers = IntStream.range(0, 4)
                    .parallel()
                    .mapToObj(each -> visitor.post(
                                    "/first-start",
                                    "word=" + word + "&login=s" + each + "&name=Steward&password=brass+lathe+tuesday")
                            .statusCode())
                    .map(String::valueOf)
                    .sorted()
                    .toList();
            assertThat(answers).containsExactly("200", "200", "200", "302");
            List<org.eskarn.app.account.Account> stewards =
                    works.getBean(AccountService.class).all();
            assertThat(stewards).hasSize(1);

            Eskarn.signIn(page, address, stewards.get(0).login(), GOOD);
            page.navigate(address + "/accounts");
            page.fill("[name=name]", "Piet Harrow");
            page.fill("main [name=login]", stewards.get(0).login());
            page.keyboard().press("Enter");
            assertThat(page.locator(".problem")).containsText("is taken");
            page.fill("main [name=login]", "P.Harrow");
            page.keyboard().press("Enter");
            assertThat(page.locator("tbody")).containsText("Piet Harrow");
            assertThat(page.locator("[data-here]")).containsText(address);
            String link = page.locator("[data-here]").textContent();

            Page piet = eskarn.window();
            for (String unfit :
                    List.of("short", "            ", "passwordpassword", "qwertyuiop[]", "i am p.harrow yes")) {
                piet.navigate(link);
                set(piet, unfit, unfit);
                assertThat(piet.locator("h1")).hasText("Set your password");
            }
            set(piet, GOOD, "brass lathe thursday");
            assertThat(piet.locator(".problem")).containsText("not the same");
            set(piet, GOOD, GOOD);
            assertThat(piet.locator(".notice")).containsText("The password is set");
            Eskarn.signIn(piet, address, "p.harrow", GOOD);
            Page later = eskarn.window();
            later.navigate(link);
            assertThat(later.locator(".problem")).containsText("This link was used on");
            assertThat(later.locator("[name=password]")).hasCount(0);

            page.click("[aria-label='Switch off Piet Harrow']");
            assertThat(page.locator("tbody")).containsText("inspector, switched off");
            piet.navigate(address + "/ledger");
            assertThat(piet.locator("h1")).hasText("Sign in");
            page.navigate(address + "/first-start");
            assertThat(page).hasURL(address + "/");
            page.navigate(address + "/works/actions?text=harrow");
            assertThat(page.locator("tbody tr")).hasCount(4);
            assertThat(page.locator("tbody")).containsText("Piet Harrow set a password with the link of Steward");
            assertThat(page.locator("tbody")).not().containsText(link.substring(link.lastIndexOf('/') + 1));
        }
    }

    /** A hand at the browser sends what the page itself would not. */
    private static void set(Page page, String password, String again) {
        page.locator("[name=password]").evaluate("field => field.removeAttribute('minlength')");
        page.fill("[name=password]", password);
        page.fill("[name=again]", again);
        page.keyboard().press("Enter");
    }

    @Test
    void twentyGuessesAtOnceGetNoFurtherThanFiveAndAKnownBrowserStillSignsIn(Eskarn eskarn) throws Exception {
        eskarn.bean(AccountService.class).invent("g.tallow", "Greta Tallow", Role.INSPECTOR, GOOD);
        Page greta = eskarn.window();
        Eskarn.signIn(greta, eskarn.address(), "g.tallow", GOOD);
        greta.click(".who form:last-child button");
        assertThat(greta.locator(".notice")).containsText("You are signed out");

        Visitor stranger = Visitor.of(eskarn.address());
        List<String> answers = IntStream.range(0, 20)
                .parallel()
                .mapToObj(each -> stranger.post("/sign-in", "login=G.Tallow+&password=guess+" + each))
                .map(answer -> answer.headers().firstValue("Location").orElseThrow())
                .toList();
        assertThat(answers)
                .filteredOn(each -> each.startsWith("/sign-in?failed"))
                .hasSize(5);
        assertThat(answers)
                .filteredOn(each -> each.startsWith("/sign-in?wait="))
                .hasSize(15);

        assertThat(stranger.post("/sign-in", "login=g.tallow&password=" + GOOD.replace(' ', '+'))
                        .headers()
                        .firstValue("Location")
                        .orElseThrow())
                .startsWith("/sign-in?wait=");
        Eskarn.signIn(greta, eskarn.address(), "g.tallow", GOOD);
    }

    @Test
    void aPersonChangesTheirOwnPasswordAndIsSignedOutElsewhere(Eskarn eskarn) throws Exception {
        eskarn.bean(AccountService.class).invent("h.brack", "Hanno Brack", Role.INSPECTOR, "copper kettle monday");
        Page here = eskarn.window();
        Eskarn.signIn(here, eskarn.address(), "h.brack", "copper kettle monday");
        Page elsewhere = eskarn.window();
        Eskarn.signIn(elsewhere, eskarn.address(), "h.brack", "copper kettle monday");
        here.click("a[title='Your password']");
        change(here, "not the old one", GOOD);
        assertThat(here.locator(".problem")).containsText("Wrong password");
        change(here, "copper kettle monday", "copper kettle monday");
        assertThat(here.locator(".problem")).containsText("the password you have");
        change(here, "copper kettle monday", GOOD);
        assertThat(here.locator(".notice")).containsText("The password is changed");
        assertThat(here.locator("main")).containsText("Last changed by you on");
        elsewhere.navigate(eskarn.address() + "/ledger");
        assertThat(elsewhere.locator("h1")).hasText("Sign in");
        OwnPassword own = eskarn.bean(OwnPassword.class);
        assertThat(own.typedAs(eskarn.account("h.brack"), "copper kettle monday"))
                .isFalse();
        assertThat(own.typedAs(eskarn.account("h.brack"), GOOD)).isTrue();
    }

    private static void change(Page page, String old, String password) {
        page.fill("main [name=old]", old);
        page.fill("main [name=password]", password);
        page.fill("main [name=again]", password);
        page.keyboard().press("Enter");
    }

    @Test
    void nobodyIsLedElsewhereAfterSigningIn(Eskarn eskarn) {
        for (String to :
                List.of("//elsewhere.example/", "/\\elsewhere.example", "https://elsewhere.example", "/a b", "/ä")) {
            assertThat(SignInAddress.local(to)).isEqualTo("/");
        }
        assertThat(SignInAddress.local("/dockets/214/1?step=ZERO")).isEqualTo("/dockets/214/1?step=ZERO");
        Visitor visitor = Visitor.of(eskarn.address());
        var answer = visitor.post("/sign-in", "login=m.quill&password=vellmere&to=%2F%2Felsewhere.example");
        assertThat(answer.headers().firstValue("Location")).contains("/");
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
        for (String page : List.of("/accounts", "/works", "/works/actions")) {
            assertThat(keeper.request()
                            .get(eskarn.address() + page, Eskarn.retrying())
                            .status())
                    .isEqualTo(403);
        }

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
