package org.eskarn.app.docket.work;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.Step;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.app.running.Work;
import org.eskarn.app.running.Written;
import org.eskarn.core.verdict.Outcome;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Conditions that are compared because whoever inspects wants to know whose an error is. */
@ExtendWith(RunningEskarn.class)
class ConditionsAtTheBenchTest {

    private static final String MARA = "m.quill";

    private static Work ring(Eskarn eskarn) throws Exception {
        return Written.open(
                eskarn,
                "characteristic=CIRCULAR_RUNOUT_RADIAL; layout.kind=RING; layout.first=4; limit.upper=0.02; gauge.repeats=1");
    }

    private static void compare(Work work, String names) throws DocketConflict {
        work.bean(ConditionsService.class)
                .compare(work.number(), work.position(), names, work.version(), work.id(MARA));
    }

    /** One key for the choice, one for the usual conditions; what comes out is that of the worst. */
    @Test
    void twoKeysChooseFreeAndClamped(Eskarn eskarn) throws Exception {
        Work work = ring(eskarn);
        Page page = eskarn.signedIn(MARA);
        page.navigate(eskarn.address() + "/dockets/" + work.number() + "/1");
        DocketScreen screen = new DocketScreen(page);
        screen.shows("Require");
        screen.press("c");
        assertThat(page.locator(".kept [data-first]")).isFocused();
        assertThat(new AxeBuilder(page).setLegacyMode(true).analyze().getViolations())
                .isEmpty();
        page.locator("[name=conditions]").fill("clamped");
        page.locator("[name=conditions]").press("Enter");
        assertThat(page.locator("#conditions-problem")).containsText("Two conditions or more");
        assertThat(page.locator("[name=conditions]")).hasValue("clamped");
        page.locator(".kept [data-key=F]").focus();
        screen.press("f");
        assertThat(page.locator("#panel dl")).containsText("free; clamped (chosen at the bench)");
        work.prepare(MARA).sweep(MARA, "0 4 6 3 0 0 14 30 12 0");
        page.reload();
        assertThat(page.locator(".verdict-end b")).hasText("fail");
        assertThat(work.setUp().verdict().outcome()).isEqualTo(Outcome.FAIL);
    }

    /** Who does not like what one condition says cannot have it not asked. */
    @Test
    void conditionsStandOnceTheZeroIsSet(Eskarn eskarn) throws Exception {
        Work work = ring(eskarn);
        compare(work, "clamp");
        work.prepare(MARA).zero(MARA);
        assertThatThrownBy(() -> compare(work, "")).isInstanceOf(DocketConflict.class);
        work.read(MARA, "0 14 30 12 0 0 4 6 3 0").confirm(MARA, Step.PROVE);
        assertThatThrownBy(() -> compare(work, "")).isInstanceOf(DocketConflict.class);
        assertThatThrownBy(() -> compare(work, "seat")).isInstanceOf(DocketConflict.class);
        assertThat(work.setUp().verdict().outcome()).isEqualTo(Outcome.FAIL);
    }

    /** What was understood without them is understood again; before the zero they can be left again. */
    @Test
    void theRequirementIsUnderstoodAnew(Eskarn eskarn) throws Exception {
        Work work = ring(eskarn).confirm(MARA, Step.REQUIRE);
        compare(work, "spindle cold; spindle warm");
        assertThat(work.setUp().current()).isEqualTo(Step.REQUIRE);
        assertThat(work.setUp().sweep().layout().size()).isEqualTo(9);
        compare(work, "");
        assertThat(work.setUp().sweep().layout().size()).isEqualTo(4);
    }

    /** What the drawing names is not changed at the bench, and where readings answer two requirements neither is changed alone. */
    @Test
    void theDrawingAndSharedReadingsAreLeftAlone(Eskarn eskarn) throws Exception {
        Work named = Written.open(
                eskarn,
                "characteristic=CIRCULAR_RUNOUT_RADIAL; layout.kind=RING; layout.first=4; layout.conditions=free; clamped; "
                        + "limit.upper=0.02; gauge.repeats=1");
        assertThatThrownBy(() -> compare(named, "")).isInstanceOf(DocketConflict.class);
    }

    /** The sheet is made from the signed document alone. */
    @Test
    void theDocumentHoldsThem(Eskarn eskarn) throws Exception {
        Work work = ring(eskarn);
        compare(work, "clamp");
        work.prepare(MARA)
                .sweep(MARA, "0 4 6 3 0 0 5 7 3 0")
                .confirm(MARA, Step.VERDICT)
                .sign(MARA, "");
        Page page = eskarn.signedIn(MARA);
        page.navigate(eskarn.address() + "/ledger/" + work.number());
        assertThat(page.locator("main")).containsText("free; clamped (chosen at the bench)");
        assertThat((Boolean) page.evaluate(
                        "() => { const edge = document.querySelector('.sheet').getBoundingClientRect().right;"
                                + " return [...document.querySelectorAll('.sheet table')]"
                                + ".every((table) => table.getBoundingClientRect().right < edge); }"))
                .as("nothing of a table lies beyond the sheet")
                .isTrue();
    }
}
