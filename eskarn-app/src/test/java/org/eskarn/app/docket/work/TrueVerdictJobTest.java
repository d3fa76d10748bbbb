package org.eskarn.app.docket.work;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Each rule, each school and each way to find out whose an error is, worked by keyboard. */
@ExtendWith(RunningEskarn.class)
class TrueVerdictJobTest {

    private static final String FLANGE = "TG-240";

    private static DocketScreen at(Eskarn eskarn, int position) {
        return DocketScreen.open(eskarn, FLANGE, position);
    }

    private static void panelSays(DocketScreen screen, String... words) {
        for (String each : words) {
            assertThat(screen.page().locator("#panel")).containsText(each);
        }
    }

    @Test
    void aTurnIsWatchedAndItsHighSpotNoted(Eskarn eskarn) {
        DocketScreen screen = DocketScreen.begin(eskarn, FLANGE, 1);
        screen.nextIs("Station 1 · lowest");
        screen.type("0*210");
        screen.nextIs("Station 2 · highest");
        screen.type("21*400");
        screen.problemSays("is not a place round the part");
        assertThat(screen.field()).hasValue("21*400");
        screen.field().fill("");
        screen.type("21@1h");
        screen.nextIs("Return to station 1");
        screen.type("0");
        screen.shows("Prove");
        screen.verdictIs("pass");
        assertThat(screen.page().locator(".picture")).containsText("+21.0 high");
        screen.enter();
        panelSays(screen, "High spot at", "30.0 °", "stringent");
    }

    @Test
    void aHighestTypedBelowItsLowestProvesNothing(Eskarn eskarn) {
        DocketScreen screen = DocketScreen.begin(eskarn, FLANGE, 1);
        screen.type("0 -12 0");
        screen.shows("Prove");
        screen.verdictIs("not proven");
        assertThat(screen.page().locator(".verdict-end")).containsText("highest reading is below the lowest");
    }

    /** Ten micrometres to a division against a limit of three: nothing near it is proven, but fifty fails. */
    @Test
    void aCoarseDialMayFailWhatItCannotPass(Eskarn eskarn) {
        DocketScreen screen = at(eskarn, 2);
        screen.shows("Require");
        screen.enter();
        screen.shows("Gauge");
        assertThat(screen.page().locator("ul.offers li:has-text('PI-9')"))
                .containsText("where simple acceptance would decide");
        screen.page().locator("ul.offers li:has-text('PI-9') input").focus();
        screen.press("Space");
        screen.page().locator("input[name=reason]").first().focus();
        screen.page().keyboard().type("nothing finer reaches it");
        screen.press("Enter");
        assertThat(screen.page().locator("#panel h2").first()).containsText("PI-9");
        screen.enter();
        screen.tick();
        screen.enter();
        screen.type("0 10 20 40 50 40 20 10 0");
        screen.shows("Prove");
        screen.verdictIs("fail");
        screen.enter();
        panelSays(screen, "stringent, as the tolerance is less than 4 × U");
    }

    @Test
    void twoSchoolsOfAnOffsetThatDecideDifferentlyAreTold(Eskarn eskarn) {
        DocketScreen screen = DocketScreen.begin(eskarn, FLANGE, 3);
        screen.type("0 -5.5 -3 3.5 16 12.5 8 4 0");
        screen.shows("Prove");
        screen.enter();
        panelSays(screen, "would decide otherwise");
    }

    /** The size is taken to 20 °C; the pass is told with its probability and the consumer’s risk. */
    @Test
    void aSizeIsPassedByProbabilityAtAKnownTemperature(Eskarn eskarn) {
        DocketScreen screen = at(eskarn, 4);
        Page page = screen.page();
        screen.shows("Require");
        screen.enter();
        screen.shows("Gauge");
        screen.enter();
        screen.tick();
        screen.press("k");
        assertThat(page.locator("#circumstances [name=partCelsius]")).isFocused();
        page.keyboard().type("23.5");
        screen.press("Enter");
        assertThat(page.locator("#circumstances-problem")).containsText("Enter the temperature of the gauge");
        page.locator("#circumstances [name=gaugeCelsius]").fill("21");
        page.locator("#circumstances [name=tolerance]").fill("0.5");
        page.locator("#circumstances [name=tolerance]").press("Enter");
        panelSays(screen, "part 23.5 °C, gauge 21 °C, both ±0.5 K");
        screen.enter();
        screen.shows("Sweep");
        screen.type("18.8 18 17 16.5");
        screen.shows("Prove");
        screen.verdictIs("pass");
        screen.enter();
        panelSays(
                screen,
                "45.0171 mm",
                "consumer’s risk",
                "probability of conformity at least 95 %",
                "temperature of part and gauge");
    }

    @Test
    void aFaceIsHeldAgainstADatumReadInTheSameSetUp(Eskarn eskarn) {
        DocketScreen screen = DocketScreen.begin(eskarn, FLANGE, 5);
        screen.nextIs("Station 1 · datum: A");
        // The part lies 30 out of level over its length and is parallel all the same.
        screen.type("0 30 30 0 7.5 22.5 22.5 7.5 0");
        screen.shows("Prove");
        screen.verdictIs("pass");
        screen.enter();
        panelSays(screen, "4 points of the datum", "0.0 µm");
    }

    /** The spigot leans in the chuck, and the face with it: it runs out by 22, and is square to the axis of its rings. */
    @Test
    void aFaceIsHeldToTheAxisThatTwoRingsShow(Eskarn eskarn) {
        DocketScreen screen = DocketScreen.begin(eskarn, FLANGE, 8);
        screen.type("0 1 0 -3 -5.5 -7 -5.5 -3 0");
        screen.type("0 3.5 2.5 -1.5 -7 -10.5 -9.5 -5.5 0");
        screen.type("0 -6.5 -6.5 0 9 15.5 15.5 9 0");
        screen.shows("Prove");
        screen.verdictIs("pass");
        screen.enter();
        panelSays(screen, "datum ring, 5 mm", "face, 40 mm", "on a shaft; the face looks away from them");
        assertThat(screen.page().locator(".picture")).containsText("40 mm");
    }

    @Test
    void conditionsSayWhoseErrorItIs(Eskarn eskarn) {
        DocketScreen screen = DocketScreen.begin(eskarn, FLANGE, 6);
        assertThat(screen.page().locator("#zero-first")).containsText("Condition: slide: top.");
        screen.type("0 1 2 0");
        assertThat(screen.page().locator("#zero-first")).containsText("Condition: slide: middle.");
        screen.type("0 2.5 5.5 0 0 5 10 0 0 1 2.5 0");
        screen.shows("Prove");
        screen.enter();
        panelSays(
                screen,
                "It grows along the slide",
                "Judged is the worst condition: slide: bottom",
                "Condition by condition");
        assertThat(screen.page().locator(".picture")).containsText("seat: again");
    }

    @Test
    void anIndicatorOnItsOwnSlideIsAskedForAndSaid(Eskarn eskarn) {
        DocketScreen screen = at(eskarn, 7);
        screen.shows("Require");
        screen.enter();
        screen.shows("Gauge");
        panelSays(screen, "Is the indicator carried by the slide");
        screen.page()
                .getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Yes").setExact(true))
                .press("Enter");
        panelSays(screen, "its own error cannot be seen");
    }
}
