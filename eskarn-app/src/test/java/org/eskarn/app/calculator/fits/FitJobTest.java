package org.eskarn.app.calculator.fits;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import org.eskarn.app.docket.work.DocketScreen;
import org.eskarn.app.part.PartService;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Fits looked up, a journal judged against its bearing, a batch paired, a heating planned: by keyboard alone. */
@ExtendWith(RunningEskarn.class)
class FitJobTest {

    private static Page open(Eskarn eskarn, String calculator) {
        Page page = eskarn.signedIn("m.quill");
        page.navigate(eskarn.address() + "/tables/" + calculator);
        page.waitForLoadState();
        return page;
    }

    /** Goes on to the next field and types into it. */
    private static void next(Page page, String typed) {
        page.keyboard().press("Tab");
        page.keyboard().type(typed);
    }

    private static void focus(Page page, String field) {
        page.locator("#f-" + field).focus();
    }

    @Test
    void aMetricAndAnInchFitAreLookedUpAndASlipIsExplained(Eskarn eskarn) {
        Page page = open(eskarn, "fits");
        assertThat(page.locator("#f-fit")).isFocused();
        page.keyboard().type("45 k5");
        assertThat(page.locator(".headline")).hasText("⌀45 mm k5: +2.0 to +13.0 µm");
        assertThat(page.locator("#answer")).containsText("45.0130");
        page.keyboard().press("Control+a");
        page.keyboard().type("32 H7/g6");
        assertThat(page.locator(".headline")).containsText("clearance of 9.0 to 50.0 µm");
        focus(page, "holes");
        page.keyboard().type("32.008 32.016");
        next(page, "31.979 31.985");
        assertThat(page.locator("#answer")).containsText("pass, the measured clearance against the fit");
        focus(page, "fit");
        page.keyboard().press("Control+a");
        page.keyboard().type("32 h7/g6");
        assertThat(page.locator("#answer [role=alert]")).containsText("H7/g6 instead of");
        page.keyboard().press("Control+a");
        page.keyboard().type("45 j9");
        assertThat(page.locator("#answer [role=alert]")).containsText("Near it: j7, js9, k9");
        page.keyboard().press("Control+a");
        page.keyboard().type("1.5 RC4");
        focus(page, "holes");
        page.keyboard().press("Control+a");
        page.keyboard().press("Delete");
        focus(page, "shafts");
        page.keyboard().press("Control+a");
        page.keyboard().press("Delete");
        assertThat(page.locator(".headline")).containsText("clearance of 10.0 to 36.0 tenths");
        for (String row : new String[] {"hole", "shaft", "clearance (hole − shaft)"}) {
            assertThat(page.locator("#answer tbody").first()).containsText(row);
        }
    }

    /** From the verdict on a journal to the bearing that goes on it: tight enough, and what it costs in clearance. */
    @Test
    void aMeasuredJournalIsJudgedAgainstItsBearing(Eskarn eskarn) {
        DocketScreen screen = DocketScreen.begin(eskarn, "TG-114", 1);
        Page page = screen.page();
        assertThat(page.locator("body")).containsText("⌀45 k5 (+0.013 / +0.002 mm)");
        screen.type("4 5 7.5 8 10 10.5");
        screen.shows("Prove");
        screen.enter();
        screen.shows("Verdict");
        screen.verdictIs("pass");
        screen.press("b");
        page.waitForURL("**/tables/bearings**");
        assertThat(page.locator(".headline")).hasText("Interference of 3.6 to 22.1 µm");
        assertThat(page.locator("#answer")).containsText("pass, the journal against k5");
        assertThat(page.locator("#answer [role=alert]")).hasCount(0);
        assertThat(page.locator("#answer")).containsText("Only with every tolerance at its worst");
        assertThat(page.locator("#answer")).containsText("The bearing maker’s data and the drawing take precedence");
        focus(page, "clearance");
        page.keyboard().press("ArrowDown");
        assertThat(page.locator("#answer")).containsText("group 3, more than Normal");
        focus(page, "seat");
        page.keyboard().press("Control+a");
        page.keyboard().type("44.985 44.987");
        assertThat(page.locator("#answer [role=alert]").first()).containsText("The ring will creep");
    }

    @Test
    void aPilotIsPutWithTheBoreThatWasMeasuredInAnotherDocket(Eskarn eskarn) {
        DocketScreen screen = DocketScreen.begin(eskarn, "TG-114", 2);
        Page page = screen.page();
        screen.type("-21 -20.5 -17 -16 -14.5 -14");
        screen.shows("Prove");
        screen.enter();
        screen.shows("Verdict");
        screen.press("f");
        page.waitForURL("**/tables/pair**");
        assertThat(page.locator("#f-shaft")).hasValue("10: 31.979 31.9795; 25: 31.983 31.984; 40: 31.9855 31.986");
        page.locator("#f-holeFrom").selectOption("242/2");
        assertThat(page.locator("#f-hole")).hasValue("10: 32.02 32.018; 25: 32.014 32.013; 40: 32.009 32.007");
        assertThat(page.locator(".headline")).containsText("Clearance from +21.0 to +41.0 µm");
        focus(page, "fit");
        page.keyboard().type("32 H7/g6");
        assertThat(page.locator("#answer")).containsText("clearance against the requirement");
        assertThat(page.locator("#answer .picture")).containsText("upwards: looser");
        focus(page, "fit");
        page.keyboard().press("Control+a");
        page.keyboard().type("32 H7");
        assertThat(page.locator("#answer [role=alert]")).containsText("Enter a hole and a shaft, e.g. 32 H7/g6");
    }

    @Test
    void aBatchIsPairedSoThatTheMostFit(Eskarn eskarn) {
        Page page = open(eskarn, "batch");
        focus(page, "shafts");
        page.keyboard().type("S1 31.978\nS2 31.990\nS3 31.983\nS4 31.970");
        next(page, "B1 32.018\nB2 32.004\nB3 32.010");
        next(page, "22");
        assertThat(page.locator("#answer [role=alert]"))
                .containsText("Enter minimum and maximum clearance; negative means interference");
        next(page, "34");
        assertThat(page.locator(".headline")).hasText("3 of 3 pairs within the required clearance");
        assertThat(page.locator("#answer")).containsText("1 of 3");
        assertThat(page.locator("#answer")).containsText("S1 in B2");
        assertThat(page.locator("#answer")).containsText("S2 in B1");
        assertThat(page.locator("#answer dl")).containsText("S4");
    }

    /** The pieces of two drawings, each measured in a docket of its own. */
    @Test
    void aBatchThatWasMeasuredInDocketsIsPaired(Eskarn eskarn) {
        Page page = open(eskarn, "batch");
        page.locator("#f-shaftsFrom").selectOption(requirement(eskarn, "TG-114"));
        assertThat(page.locator("#f-shafts")).containsText("VB-0461 31.9755 31.9775");
        page.locator("#f-boresFrom").selectOption(requirement(eskarn, "TG-122"));
        assertThat(page.locator("#f-bores")).containsText("VB-0470 32.003 32.005");
        focus(page, "least");
        page.keyboard().type("20");
        next(page, "45");
        assertThat(page.locator(".headline")).containsText("within the required clearance");
        // Other jobs open more pieces of these drawings; the smallest shaft finds a bore whatever they are.
        assertThat(page.locator("#answer")).containsText("VB-0461 in VB-04");
        assertThat(page.locator("#answer")).containsText("Paired in the order entered");
    }

    /** The pilot and its bore are the second requirement of their drawings. */
    private static String requirement(Eskarn eskarn, String drawing) {
        return eskarn.bean(PartService.class)
                        .byNumber(drawing, "A")
                        .orElseThrow()
                        .id() + "/2";
    }

    /** The caution stands before the temperature; an oven set too low is told by how much. */
    @Test
    void aHeatingIsPlannedFromThePairThatWasMeasured(Eskarn eskarn) {
        DocketScreen screen = DocketScreen.begin(eskarn, "TG-116", 1);
        Page page = screen.page();
        screen.type("12 54 9 52");
        screen.shows("Prove");
        screen.enter();
        screen.shows("Verdict");
        screen.verdictIs("pass");
        assertThat(page.locator("#panel")).containsText("Tightest, web 2");
        screen.press("h");
        page.waitForURL("**/tables/heating**");
        assertThat(page.locator(".caution-line")).containsText("gloves and tongs");
        assertThat(page.locator(".headline")).hasText("Heat the outer part to 201 °C");
        focus(page, "oven");
        page.keyboard().type("160");
        assertThat(page.locator("#answer [role=alert]")).containsText("the working clearance is 18.6 µm short");
        focus(page, "ceiling");
        page.keyboard().type("120");
        assertThat(page.locator(".headline")).containsText("Cool the inner part");
        assertThat(page.locator(".caution-line")).containsText("displace the air");
    }
}
