package org.eskarn.app.gauge;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.LoadState;
import java.util.regex.Pattern;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.DocketService.Opening;
import org.eskarn.app.docket.work.DocketScreen;
import org.eskarn.app.part.PartService;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What an inspector and a keeper do with gauges, in the browser. */
@ExtendWith(RunningEskarn.class)
class GaugeJobTest {

    private static int open(Eskarn eskarn, String drawing) {
        long part = eskarn.bean(PartService.class)
                .byNumber(drawing, "A")
                .orElseThrow()
                .id();
        Opening opening = new Opening(part, "G-1", 1, 1, "first-off", "tests", Eskarn.later());
        return eskarn.bean(DocketService.class)
                .open(opening, eskarn.account("m.quill").id());
    }

    private static Gauge gauge(Eskarn eskarn, String mark) {
        return eskarn.bean(GaugeService.class).all().stream()
                .filter(each -> each.mark().equals(mark))
                .findFirst()
                .orElseThrow();
    }

    private static Page visit(Eskarn eskarn, String login, String path) {
        Page page = eskarn.signedIn(login);
        page.navigate(eskarn.address() + path);
        return page;
    }

    @Test
    void aGaugeIsRefusedWithItsReasonAndAnOverdueOneTakenOnlyWithOne(Eskarn eskarn) {
        Page page = visit(eskarn, "m.quill", "/dockets/" + open(eskarn, "TG-160") + "/1");
        DocketScreen screen = new DocketScreen(page);
        screen.enter();
        screen.shows("Gauge");
        assertThat(page.locator("#choose li:has-text('PI-5')")).containsText("its graduation is coarser than required");
        assertThat(page.locator("#choose li:has-text('PI-5') input")).isDisabled();
        page.locator("#choose li:has-text('PI-9') input").focus();
        screen.press("Space");
        page.locator("#choose [name=reason]").focus();
        screen.press("Enter");
        assertThat(page.locator("#choose-problem")).containsText("PI-9 is overdue: enter why it is used");
        page.locator("#choose [name=reason]").fill("The only one that reaches; checked on blocks this morning");
        page.locator("#choose [name=reason]").press("Enter");
        assertThat(page.locator("#panel h2").first()).hasText("PI-9 · plunger indicator, coarse");
        assertThat(page.locator("#panel .notice")).containsText("checked on blocks this morning (Mara Quill)");
        screen.enter();
        screen.shows("Prepare");
    }

    @Test
    void aZeroIsSetOnAStackWhoseDeviationIsAppliedAndTheMasterIsReadAgain(Eskarn eskarn) {
        Page page = visit(eskarn, "m.quill", "/dockets/" + open(eskarn, "TG-112") + "/2");
        DocketScreen screen = new DocketScreen(page);
        screen.enter();
        screen.shows("Gauge");
        screen.enter();
        screen.tick();
        assertThat(page.locator("#master select option").first()).containsText("SD-45");
        assertThat(page.locator("button:has-text('Zero is set')")).hasCount(1);
        page.locator("#master select").focus();
        page.keyboard().type("GB-88");
        page.locator("#master [name=setting]").press("Enter");
        screen.shows("Sweep");
        screen.press("z");
        assertThat(page.locator("#panel .notice")).containsText("Set on stack of GB-88: 40 + 5.0");
        screen.press("s");
        screen.shows("Sweep");
        screen.type("1 1.5 2 1.5 0.5 1 1.5 1");
        screen.shows("Prove");
        page.locator("[name=recheck]").fill("4");
        page.locator("[name=recheck]").press("Enter");
        assertThat(page.locator("#panel .problem")).containsText("This sweep proves nothing");
        assertThat(page.locator("button:has-text('Accept sweep')")).hasCount(0);
    }

    @Test
    void aStandIsQualifiedAsFoundAndAsLeftAndPutIntoService(Eskarn eskarn) {
        Gauge stand = gauge(eskarn, "SC-1");
        Page page = visit(eskarn, "i.varn", "/gauges/" + stand.id() + "/inspection");
        assertThat(page.locator("tbody tr").first()).containsText("9.0 µm, fail");
        assertThat(page.locator("tbody tr").first()).containsText("2.0 µm, pass");
        assertThat(page.locator("main")).containsText("the slide: the error changes with its position");
        page.fill("[name=password]", Eskarn.PASSWORD);
        page.locator("button:has-text('Put into service')").press("Enter");
        assertThat(page.locator(".problem").first()).containsText("sign the docket first");

        String docket = page.locator("section h2 a").first().textContent().replaceAll("\\D", "");
        Page inspector = visit(eskarn, "m.quill", "/dockets/" + docket + "/sign");
        inspector.locator("button:has-text('No more remarks')").press("Enter");
        inspector.fill("[name=password]", Eskarn.PASSWORD);
        inspector.locator("button:has-text('Sign'):not(.link)").press("Enter");
        assertThat(inspector).hasURL(Pattern.compile(".*/ledger/.*"));

        page.fill("[name=limits]", "only with the slide in the lower half");
        page.fill("[name=password]", Eskarn.PASSWORD);
        page.locator("button:has-text('Put into service')").press("Enter");
        assertThat(page.locator("section:last-of-type tbody tr").first()).containsText("put into service");
        page.navigate(eskarn.address() + "/gauges/" + stand.id() + "/label");
        assertThat(page.locator(".label")).containsText("only: only with the slide in the lower half");
    }

    @Test
    void aGaugeThatIsWithdrawnIsTracedBackToWhatItTouched(Eskarn eskarn) {
        Gauge lever = gauge(eskarn, "LI-7");
        Page page = visit(eskarn, "i.varn", "/gauges/" + lever.id());
        page.locator("[name=status]").selectOption("WITHDRAWN");
        page.locator("button:has-text('Decide')").press("Enter");
        assertThat(page.locator("#p-reason")).containsText("Enter ");
        // The wrong gauge must not hold up the other tests: it is put back at the end.
        page.locator("[name=status]").selectOption("IN_QUESTION");
        page.locator("#f-reason").fill("Pointer loose");
        page.locator("button:has-text('Decide')").press("Enter");
        assertThat(page.locator("main")).containsText("Pointer loose");
        page.waitForLoadState(LoadState.DOMCONTENTLOADED);
        page.keyboard().press("t");
        page.locator("[name=error]").fill("5");
        page.locator("[name=since]").fill("2020-01-01");
        page.locator("button:has-text('Trace')").press("Enter");
        assertThat(page.locator("tr:has-text('Runout of head')").first()).containsText("could change");
        page.locator("button:has-text('in question')").press("Enter");
        assertThat(page.locator("#questions")).isVisible();
        Page sheet = visit(eskarn, "m.quill", "/ledger/212");
        assertThat(sheet.locator(".sheet .problem"))
                .containsText("Runout of head is in question: LI-7 was found off by 5 tenths");
        page.locator("tr:has-text('Runout of head') [name=reason]").fill("Rechecked with LI-4, same verdict");
        page.locator("tr:has-text('Runout of head') button").press("Enter");
        assertThat(page.locator("tr:has-text('Runout of head')")).containsText("Rechecked with LI-4");
        sheet.reload();
        assertThat(sheet.locator(".sheet")).containsText("settled: Rechecked with LI-4, same verdict");
        page.navigate(eskarn.address() + "/gauges/" + lever.id());
        page.locator("[name=status]").selectOption("IN_SERVICE");
        page.locator("#f-reason").fill("Pointer fixed and checked");
        page.locator("button:has-text('Decide')").press("Enter");
        assertThat(page.locator("h1 + p")).not().containsText("in question");
    }

    @Test
    void aCheckBeforeUsePointsAtTheOddReading(Eskarn eskarn) {
        Page page = visit(eskarn, "m.quill", "/gauges/" + gauge(eskarn, "LI-4").id() + "/check");
        // The master of the check before this one stands there already.
        assertThat(page.locator("#f-master")).hasValue("SD-45");
        page.waitForLoadState();
        Locator typed = page.locator("#f-typed");
        assertThat(typed).isFocused();
        for (String reading : "0 0,5 x".split(" ")) {
            page.keyboard().type(reading);
            page.keyboard().press("Enter");
        }
        assertThat(page.locator("#p-readings")).containsText("is not a number");
        page.keyboard().press("Backspace");
        assertThat(page.locator("#p-readings")).hasCount(0);
        assertThat(page.locator(".taken-repeats li")).hasCount(2);
        for (String reading : "0 9 0.5 0 0.5".split(" ")) {
            page.keyboard().type(reading);
            page.keyboard().press("Enter");
        }
        assertThat(page.locator(".taken-repeats li")).hasCount(7);
        assertThat(page.locator(".taken-repeats li.problem")).hasText("9");
        assertThat(page.locator("main")).containsText("Reading 4 is an outlier");
        assertThat(page.locator("main")).containsText("Not fit for use: the repeats do not agree");
        page.locator("[name=leaveOut]").press("Space");
        page.locator("button:has-text('Record the check')").press("Enter");
        assertThat(page.locator("#p-cause"))
                .containsText("Enter the cause of the outlier (dirt, oil film, lifted foot, knock) and read once more");
        page.fill("#f-cause", "oil film");
        // From the empty field the letter records, as its button says.
        page.locator("#f-typed").focus();
        page.keyboard().press("r");
        assertThat(page.locator("tr:has-text('oil film')")).containsText("valid until the end of");
        assertThat(page.locator("tr:has-text('oil film')")).containsText("without reading 4");
    }

    @Test
    void whatTheKeeperTypesWrongComesBackWithASentence(Eskarn eskarn) {
        Page page = visit(eskarn, "i.varn", "/gauges/new");
        page.fill("#f-mark", "li-4");
        page.fill("#f-name", "another");
        page.fill("#f-serial", "V-PI3");
        page.fill("#f-graduation", "0");
        page.fill("#f-travel", "100");
        page.fill("#f-intervalMonths", "0");
        page.locator("#f-mark").press("Enter");
        assertThat(page.locator("#p-mark")).containsText("is used by lever indicator");
        assertThat(page.locator("#p-serial")).containsText("belongs to PI-3");
        assertThat(page.locator("#p-graduation")).containsText("must be greater than zero");
        assertThat(page.locator("#p-intervalMonths")).containsText("Enter a whole number from 1 to 120");
        assertThat(page.locator("#f-name")).hasValue("another");

        page.navigate(eskarn.address() + "/gauges/" + gauge(eskarn, "PI-5").id());
        page.locator("summary").press("Enter");
        page.fill("[name=doneOn]", "2999-01-01");
        page.fill("#f-doneBy", "Ilse Varn");
        page.locator("button:has-text('Record')").press("Enter");
        assertThat(page.locator("#p-doneOn")).containsText("The calibration date");
        assertThat(page.locator("#f-doneBy")).hasValue("Ilse Varn");

        page.navigate(eskarn.address() + "/gauges/" + gauge(eskarn, "GB-88").id() + "/blocks");
        page.locator("[name=blocks]").fill("1.01 0 0\n1.010 0 0");
        page.locator("button:has-text('Save')").press("Enter");
        assertThat(page.locator("#p-blocks")).containsText("Duplicate block 1.010");
        page.locator("[name=blocks]").fill("1.01 0 0\nmissing one");
        page.locator("button:has-text('Save')").press("Enter");
        assertThat(page.locator("#p-blocks")).containsText("“missing one”");
    }

    @Test
    void aStackIsBuiltAndOneThatCannotBeNamesItsNeighbours(Eskarn eskarn) {
        Page page = visit(eskarn, "m.quill", "/tables/blocks");
        page.locator("[name=set]").selectOption("INCH_81");
        assertThat(page.locator("label[for=f-size], label:has(#f-size)")).containsText("Size, in");
        page.fill("[name=size]", "0,7503");
        page.locator("[name=size]").press("Enter");
        assertThat(page.locator(".headline")).containsText("2 blocks; fewest possible");
        page.fill("[name=size]", "0.75035");
        page.locator("[name=size]").press("Enter");
        assertThat(page.locator(".headline")).containsText("cannot be built");
        page.locator("a:has-text('0.7504 in')").press("Enter");
        assertThat(page.locator(".headline")).containsText("2 blocks");
    }
}
