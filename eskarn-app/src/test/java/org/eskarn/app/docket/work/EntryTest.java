package org.eskarn.app.docket.work;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import java.util.ArrayList;
import java.util.List;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The reading field: what is typed is taken once, in order, or comes back with a sentence. */
@ExtendWith(RunningEskarn.class)
class EntryTest {

    private static final String READINGS = "**/readings";

    private Page page;
    private DocketScreen screen;

    @BeforeEach
    void sweep(Eskarn eskarn) {
        page = eskarn.signedIn("m.quill");
        page.navigate(eskarn.address() + "/dockets/" + eskarn.openDocket(Eskarn.PINION_SHAFT) + "/1");
        screen = new DocketScreen(page);
        screen.prepare();
    }

    @Test
    void badInputComesBackWithASentenceAndNothingIsLost() {
        screen.type("0 1.5");
        screen.nextIs("Station 3");
        String[][] cases = {
            {"", "Type what"},
            {"x1y", "is not a number"},
            {"--3", "Type one sign: + plunger in, − plunger out"},
            {"1.2.3", "Type one decimal point or comma"},
            {"250", "travel of 200 µm"},
            {"+0.3 mm", "exceeds the gauge’s travel of 200 µm"},
            {"3 4", "Type one reading, then Enter"},
            {"12 furlongs", "Unknown unit “furlongs”"}
        };
        for (String[] bad : cases) {
            screen.field().fill(bad[0]);
            screen.press("Enter");
            screen.problemSays(bad[1]);
            assertThat(screen.field()).hasValue(bad[0]);
            assertThat(screen.field()).isFocused();
            screen.nextIs("Station 3");
        }
        screen.tapeIs("0.0", "+1.5", "–");
        page.reload();
        screen.tapeIs("0.0", "+1.5", "–");
    }

    @Test
    void aUnitTypedWithTheNumberIsTakenAndShown() {
        screen.field().fill("0.012 mm");
        screen.press("Enter");
        assertThat(page.locator("#tape-1 td:nth-child(3)")).hasText("0.012 mm = +12.0");
    }

    @Test
    void aGaugeThatTypesLikeAKeyboardFindsTheFieldWhereverTheFocusIs() {
        page.locator(".requirements a").first().focus();
        page.keyboard().type("+0004.5 µm\n");
        assertThat(page.locator("#tape-1 td:nth-child(3)")).hasText("+4.5");
        screen.nextIs("Station 2");
    }

    @Test
    void driftIsTakenOffWhenItIsAskedAndSaidSo() {
        screen.type("0 2 5.5 9 12.5 14.5 12 6 1.5");
        screen.shows("Prove");
        screen.verdictIs("pass");
        screen.press("d");
        assertThat(page.locator("#adjust [name=lever]")).isFocused();
        page.keyboard().type("75");
        screen.press("Enter");
        assertThat(page.locator("#adjust-problem"))
                .containsText("The lever angle must be from 0 to less than 60 degrees");
        page.locator("#adjust [name=lever]").fill("");
        page.locator("#adjust [name=drift]").press("Space");
        page.locator("#adjust [name=lever]").press("Enter");
        screen.shows("Prove");
        assertThat(page.locator("#panel")).containsText("Even drift is corrected");
        assertThat(page.locator(".requirements a[aria-current] i")).containsText("13.6 µm");
        screen.press("s");
        screen.tapeIs("0.0", "+2.0", "+5.5");
    }

    @Test
    void aFlickeringNeedleIsTypedAsABand() {
        screen.type("0 3/5 +8,5/6 7/");
        screen.problemSays("Type the lowest and highest of the needle, e.g. 3/5");
        assertThat(screen.field()).hasValue("7/");
        screen.tapeIs("0.0", "3/5 = +4.0", "8.5/6 = +7.3", "–");
        assertThat(page.locator(".picture svg path[stroke-width='5']")).hasCount(1);
    }

    @Test
    void anEarlierReadingIsPutRightWithAReasonAndTheOldOneStaysInSight() {
        screen.type("0 55 9");
        screen.nextIs("Station 4");
        screen.press("e");
        assertThat(page.locator("#correct select")).isFocused();
        screen.press("ArrowDown");
        screen.press("Tab");
        page.keyboard().type("5..5");
        screen.press("Tab");
        page.keyboard().type("Slip of the point");
        screen.press("Enter");
        assertThat(page.locator("#correction-problem")).containsText("decimal point");
        assertThat(page.locator("[name=reason]")).hasValue("Slip of the point");
        page.fill("[name=correction]", "5.5");
        page.fill("[name=reason]", " ");
        screen.press("Enter");
        assertThat(page.locator("#correction-problem")).containsText("Enter the reason");
        page.fill("[name=reason]", "Slip of the point");
        screen.press("Enter");
        screen.nextIs("Station 4");
        assertThat(screen.field()).isFocused();
        screen.tapeIs("0.0", "55 +5.5", "+9.0", "–");
        assertThat(page.locator("#tape-2 s")).hasText("55");
        page.reload();
        screen.tapeIs("0.0", "55 +5.5", "+9.0", "–");
    }

    @Test
    void aHighFoundBetweenTheMarksGetsAStationOfItsOwn() {
        screen.type("0 2 5.5 9 12.5 14.5 12 6");
        screen.nextIs("Return to station 1");
        screen.press("h");
        assertThat(page.locator("#hunt input[name=angle]")).isFocused();
        page.keyboard().type("365");
        screen.press("Enter");
        assertThat(page.locator("#hunt-problem"))
                .containsText("Enter angles from 0 to less than 360 degrees, e.g. 101.5");
        page.locator("#hunt input[name=angle]").fill("212,5");
        screen.press("Enter");
        screen.nextIs("Station 9 · 212.5°");
        assertThat(screen.field()).isFocused();
        screen.type("15.5");
        screen.nextIs("Return to station 1");
        assertThat(page.locator(".picture svg")).containsText("+15.5 high at 212.5°");
        screen.type("0");
        screen.shows("Prove");
        assertThat(page.locator(".requirements a[aria-current]")).containsText("15.5 µm");
    }

    @Test
    void readingsTypedFasterThanTheServerAnswersAllArriveInOrder() {
        List<Route> held = new ArrayList<>();
        page.route(READINGS, held::add);
        screen.type("0 1 2 3 4 5 6 7");
        page.waitForCondition(() -> held.size() == 1);
        assertThat(screen.field()).hasValue("");
        page.unroute(READINGS);
        held.get(0).resume();
        screen.nextIs("Return to station 1");
        screen.tapeIs("0.0", "+1.0", "+2.0", "+3.0", "+4.0", "+5.0", "+6.0", "+7.0", "–");
    }

    @Test
    void aRefusedReadingLetsNoneAfterItSlipIntoItsPlace() {
        List<Route> held = new ArrayList<>();
        page.route(READINGS, held::add);
        screen.type("0 1 2..5 3 4");
        page.waitForCondition(() -> held.size() == 1);
        page.unroute(READINGS);
        held.get(0).resume();
        screen.problemSays("decimal point");
        assertThat(screen.field()).hasValue("2..5");
        assertThat(page.locator("#entry-waiting")).containsText("Typed after it and not taken: 3  4.");
        screen.nextIs("Station 3");
        screen.tapeIs("0.0", "+1.0", "–");
    }

    @Test
    void aReadingWhoseAnswerGotLostIsTakenOnceWhenSentAgain() {
        page.route(READINGS, route -> {
            // A kept connection may have been closed meanwhile.
            route.fetch(new Route.FetchOptions().setMaxRetries(3));
            route.abort();
        });
        screen.type("4");
        screen.problemSays("did not answer");
        assertThat(screen.field()).hasValue("4");
        page.unroute(READINGS);
        screen.press("Enter");
        screen.nextIs("Station 2");
        screen.tapeIs("+4.0", "–");
    }

    @Test
    void aPersonSignedOutMeanwhileIsToldSoAndKeepsWhatWasTyped(Eskarn eskarn) {
        String docket = page.url();
        page = eskarn.signedInAlone("m.quill");
        page.navigate(docket);
        screen = new DocketScreen(page);
        page.context().clearCookies();
        screen.type("7");
        assertThat(page.locator("#entry-problem")).not().isEmpty();
        assertThat(screen.field()).hasValue("7");
        assertThat(page.locator("h1")).hasText("Pinion shaft");
    }

    @Test
    void ofTwoPeopleTheLaterOneIsToldSoAndNothingIsOverwritten(Eskarn eskarn) {
        Page other = eskarn.signedIn("t.ashdale");
        other.navigate(page.url());
        DocketScreen otherScreen = new DocketScreen(other);
        otherScreen.nextIs("Station 1");
        screen.type("3");
        screen.nextIs("Station 2");
        otherScreen.type("8");
        otherScreen.problemSays("Mara Quill read that station at");
        otherScreen.problemSays("your “8” was not recorded");
        otherScreen.nextIs("Station 2");
        otherScreen.tapeIs("+3.0", "–");

        // The same for a step: the other page still shows the sweep that was begun anew.
        screen.press("y");
        page.locator("#aside select[name=cause]").selectOption("MOVED");
        page.locator("#aside [name=reason]").fill("stand knocked");
        page.locator("#aside [name=reason]").press("Enter");
        screen.shows("Zero");
        otherScreen.field().fill("8");
        otherScreen.press("Enter");
        assertThat(other.locator("#panel .problem").first()).containsText("Mara Quill started sweep 2");
    }
}
