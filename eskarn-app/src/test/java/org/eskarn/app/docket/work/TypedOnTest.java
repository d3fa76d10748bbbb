package org.eskarn.app.docket.work;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import java.util.ArrayList;
import java.util.List;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.Step;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.app.running.Work;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A tired inspector who types on without looking signs nothing and loses nothing. */
@ExtendWith(RunningEskarn.class)
class TypedOnTest {

    private static final String MARA = "m.quill";

    private static DocketScreen show(Eskarn eskarn, Work work) {
        Page page = eskarn.signedIn(MARA);
        page.navigate(eskarn.address() + "/dockets/" + work.number() + "/" + work.position());
        page.waitForLoadState();
        return new DocketScreen(page);
    }

    private static Work journal(Eskarn eskarn) throws Exception {
        return Work.open(eskarn.context(), "TG-110", "C", 1, MARA).prepare(MARA);
    }

    @Test
    void afterTheLastStationNothingIsAcceptedByAHandThatTypesOn(Eskarn eskarn) throws Exception {
        DocketScreen screen = show(eskarn, journal(eskarn).zero(MARA).read(MARA, "0 2 5 9 12 9 5 2"));
        screen.type("0");
        screen.shows("Prove");
        Locator stray = screen.page().locator("#stray");
        screen.page().keyboard().type("7");
        screen.press("Enter");
        screen.page().keyboard().type("9");
        screen.press("Enter");
        screen.press("Enter");
        assertThat(stray).isVisible();
        assertThat(stray.locator("b")).hasText("7  9");
        screen.shows("Prove");
        screen.press("Escape");
        assertThat(stray).isHidden();
        screen.enter();
        screen.shows("Verdict");
        assertThat(stray).isHidden();
    }

    /** The answer to the step is held back until all was typed. */
    @Test
    void whatIsTypedWhileTheZeroIsOnItsWayIsKeptForTheField(Eskarn eskarn) throws Exception {
        DocketScreen screen = show(eskarn, journal(eskarn));
        screen.shows("Zero");
        List<Route> held = new ArrayList<>();
        screen.page().route("**/steps/zero", held::add);
        screen.enter();
        screen.page().waitForCondition(() -> !held.isEmpty());
        for (String reading : "0 2.5 7".split(" ")) {
            screen.page().keyboard().type(reading);
            screen.press("Enter");
        }
        screen.page().keyboard().type("1");
        held.get(0).resume();
        screen.tapeIs("0.0", "+2.5", "+7.0");
        screen.nextIs("Station 4");
        assertThat(screen.field()).hasValue("1");
        screen.page().keyboard().type("1");
        screen.press("Enter");
        screen.tapeIs("0.0", "+2.5", "+7.0", "+11.0");
    }

    @Test
    void aRefusedReadingIsNotSwallowedByTheNextOne(Eskarn eskarn) throws Exception {
        DocketScreen screen = show(eskarn, journal(eskarn).zero(MARA));
        screen.type("0 2500");
        screen.problemSays("travel of 200 µm");
        screen.type("5 9");
        assertThat(screen.field()).hasValue("2500");
        assertThat(screen.page().locator("#entry-waiting")).containsText("Typed after it and not taken: 5  9");
        screen.nextIs("Station 2");
        screen.press("Backspace");
        screen.field().fill("2.5");
        screen.press("Enter");
        screen.nextIs("Station 3");
        screen.tapeIs("0.0", "+2.5");
    }

    @Test
    void aWholeSizeTypedForADeviationIsAskedAbout(Eskarn eskarn) throws Exception {
        Work bore = Work.open(eskarn.context(), "TG-120", "B", 2, MARA)
                .prepare(MARA)
                .zero(MARA);
        DocketScreen screen = show(eskarn, bore);
        screen.type("72.0045");
        screen.problemSays("“72.0045” looks like a whole size; the gauge is set to 72.000 mm");
        assertThat(screen.page().locator("#entry-question")).containsText("Size: take +4.5 µm");
        screen.type("6");
        screen.nextIs("Station 1");
        screen.press("y");
        screen.nextIs("Station 2");
        screen.tapeIs("0.0045 mm = +4.5");
        assertThat(screen.field()).hasValue("");
        assertThat(screen.page().locator("#stray b")).hasText("6");
        screen.press("Escape");
        screen.type("72.0045");
        screen.problemSays("looks like a whole size");
        screen.press("n");
        screen.nextIs("Station 3");
        screen.tapeIs("0.0045 mm = +4.5", "+72.0");
    }

    @Test
    void aGaugeOfTheOtherSystemIsSeenBeforeTheFirstReading(Eskarn eskarn) throws Exception {
        Work pin = Work.open(eskarn.context(), "TG-204", "B", 1, MARA);
        pin.confirm(MARA, Step.REQUIRE);
        pin.bean(GaugeUseService.class)
                .choose(pin.number(), 1, pin.gauge("LI-4"), null, "", pin.version(), pin.id(MARA));
        pin.confirm(MARA, Step.GAUGE);
        for (org.eskarn.app.part.Preparation line : pin.setUp().requirement().preparations()) {
            pin.bean(SetUpService.class).tick(pin.number(), 1, line.id(), pin.version(), pin.id(MARA));
        }
        pin.zero(MARA);
        org.assertj.core.api.Assertions.assertThatThrownBy(() -> pin.read(MARA, "3"))
                .isInstanceOf(DocketConflict.class);
        DocketScreen screen = show(eskarn, pin);
        assertThat(screen.page().locator("#unit-block")).containsText("The drawing is in inches; LI-4 reads in µm");
        assertThat(screen.field()).hasCount(0);
        screen.page().keyboard().type("3");
        screen.press("Enter");
        assertThat(screen.page().locator("#stray b")).hasText("3");
        screen.press("Escape");
        screen.enter();
        screen.type("0 2.5 5 7.5 10 7.5 5 2.5 0");
        screen.shows("Prove");
        // The figure stands in the drawing's unit.
        assertThat(screen.page().locator(".verdict-end")).containsText("tenths inside the limit");
    }
}
