package org.eskarn.app.docket.work;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.Optional;
import org.assertj.core.api.Assertions;
import org.eskarn.app.account.AccountService;
import org.eskarn.app.account.Role;
import org.eskarn.app.docket.Step;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.app.running.Work;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What counts as evidence, done by keyboard: a second inspector, sweeps set aside, gauges that lack, and the signature. */
@ExtendWith(RunningEskarn.class)
class EvidenceJobTest {

    private static final String MARA = "m.quill";
    private static final String TOBIN = "t.ashdale";
    private static final String TWELVE = "0 2 5 9 12 9 5 2 0";
    private static final String TWENTY_SIX = "0 6 13 20 26 20 13 6 0";

    private static DocketScreen show(Eskarn eskarn, String login, Work work, String rest) {
        Page page = eskarn.signedIn(login);
        page.navigate(eskarn.address() + "/dockets/" + work.number() + "/" + work.position() + rest);
        page.waitForLoadState();
        return new DocketScreen(page);
    }

    private static Work journal(Eskarn eskarn) throws Exception {
        return Work.open(eskarn.context(), "TG-110", "C", 1, MARA);
    }

    @Test
    void aSecondInspectorSeesNothingOfTheFirstUntilTheirOwnSweepIsWhole(Eskarn eskarn) throws Exception {
        Work work = journal(eskarn).judge(MARA, TWENTY_SIX);
        DocketScreen screen = show(eskarn, TOBIN, work, "?step=verdict");
        screen.verdictIs("fail");
        screen.press("i");
        screen.shows("Zero");
        screen.enter();
        screen.shows("Sweep");
        screen.type("0 2 5 9 12 9 5 2");
        screen.nextIs("Return to station 1");
        for (String path : ("/1?step=sweep /1?step=prove /1?step=verdict /1?step=gauge /1?step=zero&task=adjust"
                        + " /1/compare /1/remedy /2")
                .split(" ")) {
            screen.page().navigate(eskarn.address() + "/dockets/" + work.number() + path);
            Assertions.assertThat(screen.page().content())
                    .as(path)
                    .doesNotContain("26.0")
                    .doesNotContain("+20.0");
        }
        for (String path : "/ /gauges/1/trace?error=8&since=2020-01-01".split(" ")) {
            screen.page().navigate(eskarn.address() + path);
            assertThat(screen.page().locator("main"))
                    .not()
                    .containsText(java.util.regex.Pattern.compile(work.number() + "[^\\n]*26\\.0"));
        }
        screen.page().navigate(eskarn.address() + "/dockets/" + work.number() + "/1");
        screen.type("0");
        screen.shows("Prove");
        screen.enter();
        screen.shows("Verdict");
        screen.verdictIs("not proven");
        assertThat(screen.page().locator("#panel")).containsText("They do not agree.");
        screen.press("j");
        assertThat(screen.page().locator("h1")).hasText("Inspectors compared");
        assertThat(screen.page().locator("main")).containsText("Mara Quill, µm");
    }

    @Test
    void aSweepIsSetAsideWithACauseAReasonAndANameOnly(Eskarn eskarn) throws Exception {
        Work work = journal(eskarn).prepare(MARA).zero(MARA).read(MARA, TWENTY_SIX);
        DocketScreen screen = show(eskarn, MARA, work, "");
        Page page = screen.page();
        screen.shows("Prove");
        screen.press("y");
        assertThat(page.locator("#aside select[name=cause]")).isFocused();
        page.locator("#aside [name=reason]").fill("read too high");
        page.locator("#aside [name=reason]").press("Enter");
        assertThat(page.locator("#aside-problem")).containsText("Choose the cause");
        assertThat(page.locator("#aside [name=reason]")).hasValue("read too high");
        page.locator("#aside select[name=cause]").selectOption("DIRT");
        page.locator("#aside [name=reason]").fill("");
        page.locator("#aside [name=reason]").press("Enter");
        assertThat(page.locator("#aside-problem")).containsText("Enter what happened");
        page.locator("#aside [name=reason]").fill("oil film at 180°, wiped");
        page.locator("#aside [name=reason]").press("Enter");
        screen.shows("Zero");
        screen.enter();
        screen.shows("Sweep");
        screen.type(TWELVE);
        screen.shows("Prove");
        assertThat(page.locator("tr.struck")).containsText("26.0");
        assertThat(page.locator("#panel")).containsText("oil film at 180°, wiped");
        screen.enter();
        screen.shows("Verdict");
        screen.verdictIs("pass");
        assertThat(page.locator("#panel")).containsText("26.0 µm, fail");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Count it again"))
                .click();
        screen.verdictIs("not proven");
        assertThat(page.locator("#panel")).containsText("The sweeps differ by 14.0");
    }

    /** An inside feature: the picture says which way the needle goes; one key turns it, and it is kept. */
    @Test
    void aGaugeThatCountsTheOtherWayIsTurnedAtTheZero(Eskarn eskarn) throws Exception {
        Work opening = Work.open(eskarn.context(), "TG-131", "A", 1, MARA).prepare(MARA);
        DocketScreen screen = show(eskarn, MARA, opening, "");
        screen.shows("Zero");
        assertThat(screen.page().locator(".sign")).containsText("Wall nearer to the axis:");
        screen.press("w");
        assertThat(screen.page().locator(".sign")).containsText("this gauge goes to minus");
        Assertions.assertThat(opening.setUp().sweep().outwards()).isTrue();
        screen.enter();
        screen.shows("Sweep");
        screen.type("0 -10");
        screen.nextIs("Station 3");
        Assertions.assertThat(opening.setUp().sweep().assessment().corrected().micrometres())
                .containsExactly(0, 10);
    }

    @Test
    void aKindThatIsNotInTheRegisterIsSaidAndNoOtherTaken(Eskarn eskarn) throws Exception {
        Work bar = Work.open(eskarn.context(), "TG-191", "A", 1, MARA);
        DocketScreen screen = show(eskarn, MARA, bar, "");
        screen.enter();
        screen.shows("Gauge");
        assertThat(screen.page().locator("#panel")).containsText("No caliper in the gauge register");
        assertThat(screen.page().locator("#panel")).containsText("The keeper adds gauges: Ilse Varn");
        screen.press("Enter");
        screen.shows("Gauge");
        assertThatThrownBy(() -> bar.confirm(MARA, Step.GAUGE)).hasMessageContaining("Choose a caliper first");
        assertThatThrownBy(() -> bar.bean(GaugeUseService.class)
                        .choose(bar.number(), 1, bar.gauge("MO-2"), null, "at hand", bar.version(), bar.id(MARA)))
                .hasMessageContaining("MO-2 is a micrometer; a caliper is required");
        assertThatThrownBy(() -> bar.bean(SetUpService.class)
                        .leaveOut(bar.number(), 1, Optional.of(Step.GAUGE), "by eye", bar.version(), bar.id(MARA)))
                .hasMessageContaining("Without a gauge nothing can be read: leave out the requirement instead");
    }

    @Test
    void anUncalibratedGaugeNeedsAReasonAndSaysSo(Eskarn eskarn) throws Exception {
        Work work = journal(eskarn).confirm(MARA, Step.REQUIRE);
        GaugeUseService gauges = work.bean(GaugeUseService.class);
        long bought = work.gauge("LI-9");
        assertThatThrownBy(() -> gauges.choose(work.number(), 1, bought, null, "", work.version(), work.id(MARA)))
                .hasMessageContaining("LI-9 is not calibrated: enter why it is used");
        DocketScreen screen = show(eskarn, MARA, work, "?step=gauge");
        assertThat(screen.page().locator("#choose")).containsText("not calibrated");
    }

    /** A hole with a bore gauge, its shaft with a snap gauge, each zeroed on its own master. */
    @Test
    void aPairIsReadWithTwoGauges(Eskarn eskarn) throws Exception {
        Work pair = Work.open(eskarn.context(), "TG-116", "A", 1, MARA).prepare(MARA);
        Assertions.assertThat(pair.setUp().sweep().gauges()).hasSize(2);
        DocketScreen screen = show(eskarn, MARA, pair, "");
        screen.shows("Zero");
        assertThat(screen.page().locator("#master label").first()).containsText("the hole");
        screen.enter();
        assertThat(screen.page().locator("#master label").first()).containsText("the shaft");
        screen.enter();
        screen.shows("Sweep");
        Assertions.assertThat(pair.setUp().sweep().zeros()).hasSize(2);
    }

    @Test
    void thePasswordHasAPageOfItsOwnAndItsTriesAreCounted(Eskarn eskarn) throws Exception {
        Work work = journal(eskarn).judge(MARA, TWENTY_SIX);
        work.leaveOthersOut(MARA);
        // An account of its own, for its tries are used up.
        work.bean(AccountService.class).invent("o.fenwick", "Orla Fenwick", Role.INSPECTOR, Eskarn.PASSWORD);
        Page page = eskarn.signedIn("o.fenwick");
        page.navigate(eskarn.address() + "/dockets/" + work.number() + "/sign");
        assertThat(page.locator("[name=remark]")).isFocused();
        assertThat(page.locator("[type=password]")).hasCount(0);
        Assertions.assertThat(new AxeBuilder(page).setLegacyMode(true).analyze().getViolations())
                .isEmpty();
        page.keyboard().type(Eskarn.PASSWORD);
        page.keyboard().press("Enter");
        assertThat(page.locator("#remark-refusal")).containsText("That was your password");
        assertThat(page.locator("[name=remark]")).hasValue("");
        Assertions.assertThat(page.content()).doesNotContain(Eskarn.PASSWORD);
        assertThat(page.locator("[name=remark]")).isFocused();
        // Enter belongs to the page once its scripts are read.
        page.waitForLoadState();
        page.keyboard().type("grind journal A");
        page.keyboard().press("Enter");
        assertThat(page.locator("[name=password]")).isFocused();
        Assertions.assertThat(new AxeBuilder(page).setLegacyMode(true).analyze().getViolations())
                .isEmpty();
        for (int tries = 0; tries < 5; tries++) {
            page.keyboard().type("wrong " + tries);
            page.keyboard().press("Enter");
            assertThat(page.locator("#password-refusal"))
                    .containsText("Wrong password: enter the one you signed in with");
            assertThat(page.locator("[name=password]")).isFocused();
            page.evaluate("document.getElementById('password-refusal').textContent = ''");
        }
        page.keyboard().type(Eskarn.PASSWORD);
        page.keyboard().press("Enter");
        assertThat(page.locator("#password-refusal")).containsText("Too many failed attempts: wait");
        Assertions.assertThat(work.docket().signed()).isFalse();
    }
}
