package org.eskarn.app.calculator;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import java.util.regex.Pattern;
import org.eskarn.app.account.AccountService;
import org.eskarn.app.docket.Step;
import org.eskarn.app.page.Units;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.app.running.Work;
import org.eskarn.app.running.Written;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The page every calculator has: units, answers that are no longer so, what is not used, ways into a docket. */
@ExtendWith(RunningEskarn.class)
class CalculatorPageTest {

    private static Page open(Eskarn eskarn, String address) {
        Page page = eskarn.signedIn("m.quill");
        page.navigate(eskarn.address() + address);
        page.waitForLoadState();
        return page;
    }

    @Test
    void anotherUnitIsChosenByKeyboardAndNothingChangesItsMeaning(Eskarn eskarn) {
        Page page =
                open(eskarn, "/tables/end-gap?depth=40.64&widths=19.05+5.08&spigot=16.256&least=127&most=254&u=2.54");
        String before = page.locator(".headline").innerText();
        Locator unit = page.locator("#f-unit");
        unit.focus();
        page.keyboard().press("ArrowDown");
        assertThat(page.locator("#f-depth")).hasValue("1.6");
        assertThat(page.locator("#f-least")).hasValue("50");
        assertThat(page.locator("label:has(#f-least)")).containsText("tenths");
        assertThat(page.locator("#f-unit")).isFocused();
        assertThat(page.locator(".asked .remark")).containsText("means the same as before");
        assertThat(page.locator(".headline")).containsText("tenths");
        page.keyboard().press("ArrowUp");
        assertThat(page.locator("#f-depth")).hasValue("40.64");
        assertThat(page.locator(".headline")).hasText(before);
        // What does not come out even keeps its number and its unit.
        page.locator("#f-depth").fill("40.32");
        page.locator("#f-unit").selectOption("INCH");
        assertThat(page.locator("#f-depth")).hasValue("40.32 mm");
        page.locator("a:has-text('Take the figures')").press("Enter");
        assertThat(page.locator("#f-depth")).hasValue("40.32");
        assertThat(page.locator("#f-unit")).hasValue("INCH");
    }

    /** The units in the head of the page: what was typed since stays, and follows them. */
    @Test
    void theUnitsOfThePersonAreFollowed(Eskarn eskarn) {
        Page page = open(eskarn, "/tables/end-gap?unit=MILLIMETRE");
        try {
            page.locator("#f-depth").fill("40.64");
            page.locator("#f-widths").fill("25.4");
            page.locator("#f-spigot").fill("12.7");
            assertThat(page.locator(".headline")).containsText("µm");
            page.locator("h1").click();
            page.keyboard().press("u");
            assertThat(page.locator("header")).containsText("mm / µm");
            assertThat(page.locator("#f-depth")).hasValue("40.64");
            page.keyboard().press("Escape");
            page.locator("button[data-key=U]").click();
            assertThat(page.locator("#f-unit")).hasValue("INCH");
            assertThat(page.locator("#f-depth")).hasValue("1.6");
            assertThat(page.locator(".headline")).containsText("tenths");
            page.navigate(eskarn.address() + "/tables/runout");
            assertThat(page.locator("#f-readingUnit")).hasValue("TENTH");
            assertThat(page.locator("#f-unit")).hasValue("INCH");
        } finally {
            eskarn.bean(AccountService.class).setUnits(eskarn.account("m.quill").id(), Units.AS_DRAWN);
        }
    }

    @Test
    void anAnswerIsNotLeftStandingWhenNoOtherComes(Eskarn eskarn) {
        Page page = open(eskarn, "/tables/fits?fit=45+k5");
        assertThat(page.locator(".lost")).isHidden();
        page.route(Pattern.compile(".*/tables/.*"), Route::abort);
        page.locator("#f-fit").fill("45 k6");
        assertThat(page.locator(".lost")).isVisible();
        assertThat(page.locator("#answer")).hasAttribute("data-old", "");
        assertThat(page.locator(".headline")).containsText("k5");
        page.unroute(Pattern.compile(".*/tables/.*"));
        // It asks again by itself.
        assertThat(page.locator(".headline")).containsText("k6");
        assertThat(page.locator(".lost")).isHidden();
        assertThat(page.locator("#answer:not([data-old])")).hasCount(1);
    }

    @Test
    void aServerThatRefusesDoesNotReplaceTheAnswer(Eskarn eskarn) {
        Page page = open(eskarn, "/tables/fits?fit=45+k5");
        page.route(
                Pattern.compile(".*/tables/.*"),
                route -> route.fulfill(new Route.FulfillOptions().setStatus(401).setBody("signed out")));
        page.locator("#f-fit").fill("45 k6");
        assertThat(page.locator(".lost")).isVisible();
        assertThat(page.locator("#answer")).not().containsText("signed out");
    }

    /** What was wrong when the page was made is not said any more once it is right. */
    @Test
    void aSentenceAtAFieldGoesWithItsReason(Eskarn eskarn) {
        Page page = open(eskarn, "/tables/heating?size=90&interference=x");
        assertThat(page.locator("#p-interference")).isVisible();
        assertThat(page.locator("#f-interference")).isFocused();
        page.locator("#f-interference").fill("60");
        assertThat(page.locator(".headline")).containsText("Heat the outer part");
        assertThat(page.locator("main [role=alert]")).hasCount(0);
        assertThat(page.locator("[aria-invalid=true]")).hasCount(0);
        page.locator("#f-interference").fill("y");
        assertThat(page.locator("#answer [role=alert]")).containsText("“y” is not a length");
        assertThat(page.locator(".headline")).hasCount(0);
    }

    @Test
    void whatWasTypedAndNotUsedIsSaidAndAChoiceThatIsNoneIsRefused(Eskarn eskarn) {
        Page page = open(eskarn, "/tables/pair?hole=32.02&shaft=31.98&least=20&most=60&turns=450");
        assertThat(page.locator("#answer")).containsText("Not used here: or oil film at");
        page.navigate(eskarn.address() + "/tables/bearings?size=45&load=NOPE");
        assertThat(page.locator("#p-load")).containsText("“NOPE” is none of the choices");
        assertThat(page.locator(".headline")).hasCount(0);
    }

    /** What may be long is sent another way, and answers while it is typed all the same. */
    @Test
    void aPastedGridAnswersWhileItIsTyped(Eskarn eskarn) {
        Page page = open(eskarn, "/tables/grid");
        page.locator("#f-heights").fill("0 2 5\n1 4 8");
        assertThat(page.locator(".headline")).containsText("Minimum zone");
        page.locator("#f-readIn").selectOption("MILLIMETRE");
        assertThat(page.locator("#f-heights")).hasValue("0 0.002 0.005\n0.001 0.004 0.008");
        page.locator("[name=view][value=RAISED]").check();
        assertThat(page.locator("#answer .picture")).containsText("from the front");
    }

    /** The correction opens in the docket as it stands here; its sizes are the docket's. */
    @Test
    void aCutPlannedHereOpensInADocket(Eskarn eskarn) throws Exception {
        Work work = Written.open(
                eskarn,
                "characteristic=OUTSIDE_SIZE; gauge.kind=MICROMETER; layout.kind=RINGS; layout.first=5 15;"
                        + " layout.second=0 90; limit.kind=BETWEEN; limit.lower=29.990; limit.upper=30.010");
        Written.read(work.prepare("m.quill").zero("m.quill"), "30520 30522 30530 30524")
                .confirm("m.quill", Step.PROVE);
        Page page = open(eskarn, "/tables/cut?readings=38.512&lower=38.002&upper=38.018&passes=2&last=0.1&kind=CUT");
        page.locator("#answer a:has-text('" + work.docket().number() + "')")
                .first()
                .press("Enter");
        assertThat(page).hasURL(Pattern.compile(".*/dockets/" + work.docket().number() + "/1/remedy.*"));
        assertThat(page.locator("#f-passes")).hasValue("2");
        assertThat(page.locator("#f-last")).hasValue("0.1");
        assertThat(page.locator("#f-measured")).hasValue("30.5300");
        assertThat(page.locator("#f-target")).hasValue("30.0000");
        assertThat(page.locator(".headline")).containsText("off the diameter in 2 passes");
    }

    /** Who types over what a docket filled has typed it. */
    @Test
    void whatIsTypedOverADocketsSizesCounts(Eskarn eskarn) {
        Page page = open(eskarn, "/tables/pair");
        page.locator("#f-holeFrom").selectOption("242/2");
        assertThat(page.locator("#f-hole")).hasValue(Pattern.compile("10: 32\\.02 .*"));
        page.locator("#f-shaft").fill("31.98");
        page.locator("#f-hole").fill("32.050");
        assertThat(page.locator(".headline")).containsText("+70.0");
        page.locator("#f-unit").selectOption("INCH");
        assertThat(page.locator("#f-hole")).hasValue("32.050 mm");
        assertThat(page.locator("#f-holeFrom")).hasValue("");
    }
}
