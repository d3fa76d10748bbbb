package org.eskarn.app.docket.work;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Round things measured from the first step on, by keyboard alone. */
@ExtendWith(RunningEskarn.class)
class RoundJobTest {

    @Test
    void eachJournalHasItsOwnZeroWhichMustHoldBeforeTheNext(Eskarn eskarn) {
        DocketScreen screen = DocketScreen.begin(eskarn, "TG-119", 1);
        screen.type("0 2 -4 -9 -12 -9 -4 2");
        screen.nextIs("Station 9 · 40 mm · 0° again");
        assertThat(screen.page().locator("#zero-first")).containsText("its zero must hold");
        screen.type("0.5");
        screen.nextIs("Station 10 · 180 mm · 0°");
        assertThat(screen.page().locator("#zero-first")).containsText(": re-zero the gauge here");
        screen.type("0 5 12 18 21 18 12 5 0 0 -3 -6 -8 -9 -8 -6 -3");
        screen.nextIs("Return to station 19 · 320 mm · 0°");
        screen.type("0.5");
        screen.shows("Prove");
        screen.verdictIs("pass");
        assertThat(screen.page().locator("#panel")).containsText("Movement, worst at 180 mm");
        screen.enter();
        screen.shows("Verdict");
        assertThat(screen.page().locator("#panel")).containsText("Section by section");
        assertThat(screen.page().locator(".picture")).containsText("180 mm: 9.8 µm");
    }

    @Test
    void aJournalWhoseZeroSlippedProvesNothing(Eskarn eskarn) {
        DocketScreen screen = DocketScreen.begin(eskarn, "TG-119", 1);
        screen.type("0 2 -4 -9 -12 -9 -4 2 9 0 5 12 18 21 18 12 5 0 0 -3 -6 -8 -9 -8 -6 -3 0");
        screen.shows("Prove");
        screen.verdictIs("not proven");
        assertThat(screen.page().locator("#panel")).containsText("The zero came back +9.0");
    }

    /** The pins lie across a limit; the one between is named, added, and settles it. */
    @Test
    void anotherPinClosesInOnTheHole(Eskarn eskarn) {
        DocketScreen screen = DocketScreen.begin(eskarn, "TG-151", 3);
        screen.type("1 1 0 0");
        screen.shows("Prove");
        screen.verdictIs("not proven");
        assertThat(screen.page().locator(".verdict-end"))
                .containsText("the pins bracket the limit: try a size between them");
        screen.press("h");
        screen.page().waitForURL("**task=hunt**");
        assertThat(screen.page().locator("#hunt input[name=angle]")).isFocused();
        screen.page().keyboard().type("6.005");
        screen.press("Enter");
        screen.nextIs("Station 5 · 6.005 mm");
        screen.type("1");
        screen.shows("Prove");
        screen.verdictIs("pass");
        assertThat(screen.page().locator("#panel")).containsText("The hole is at least");
    }

    @Test
    void aRingOfHolesIsToldByItsStepsAndWhatTheyAddUpTo(Eskarn eskarn) {
        DocketScreen screen = DocketScreen.begin(eskarn, "TG-151", 1);
        screen.type("0 1 2 3 3 2 1 0 -1 -2 -2 -1 0");
        screen.shows("Prove");
        assertThat(screen.page().locator("#panel")).containsText("Worst single step");
        assertThat(screen.page().locator(".picture .under")).containsText("plus is clockwise");
    }
}
