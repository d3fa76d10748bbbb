package org.eskarn.app.docket.work;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.microsoft.playwright.Page;
import java.util.regex.Pattern;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.TakenReading;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.app.running.Work;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Two journals of a shaft read in one turn, each with an indicator of its own: two numbers at every station, two sweeps. */
@ExtendWith(RunningEskarn.class)
class TwoIndicatorsTest {

    private static final String MARA = "m.quill";

    private Eskarn eskarn;
    private Work first;
    private Work second;

    @BeforeEach
    void prepare(Eskarn running) throws Exception {
        eskarn = running;
        first = Work.open(eskarn.context(), "TG-110", "C", 1, MARA);
        second = first.at(2);
        for (Work each : new Work[] {first, second}) {
            each.bean(GaugeUseService.class)
                    .choose(
                            each.number(),
                            each.position(),
                            each.gauge(each.position() == 1 ? "LI-4" : "LI-2"),
                            null,
                            "",
                            each.version(),
                            each.id(MARA));
            each.prepare(MARA).zero(MARA);
        }
    }

    private static String typed(Work work) {
        return work.setUp().sweep().readings().stream()
                .map(TakenReading::typed)
                .collect(java.util.stream.Collectors.joining(" "));
    }

    private void together() throws DocketConflict {
        first.bean(SharingService.class).readBeside(first.number(), 1, 2, first.version(), first.id(MARA));
    }

    /** A hand that does not wait types both numbers of a station and goes on: each goes to its own sweep. */
    @Test
    void numbersGoToBothSweepsInTurn() {
        Page page = eskarn.signedIn(MARA);
        page.navigate(eskarn.address() + "/dockets/" + first.number() + "/1");
        assertThat(page.locator("#typed")).isFocused();
        page.keyboard().press("b");
        assertThat(page.locator(".notice").first()).containsText(Pattern.compile("LI-4 here, then LI-2"));
        String[] ofFirst = "0 2 5.5 9 12.5 9.5 5 2 0.5".split(" ");
        String[] ofSecond = "0 1 3 4 6 4 3 1 0.2".split(" ");
        for (int i = 0; i < ofFirst.length; i++) {
            page.keyboard().type(ofFirst[i]);
            page.keyboard().press("Enter");
            page.keyboard().type(ofSecond[i]);
            page.keyboard().press("Enter");
        }
        assertThat(page.locator("#panel h2").first()).containsText("valid");
        assertThat(typed(first)).isEqualTo(String.join(" ", ofFirst));
        assertThat(typed(second)).isEqualTo(String.join(" ", ofSecond));
    }

    /** What was typed last is taken back, at whichever of both it was; after a refusal the field stays at its own. */
    @Test
    void theLastOfBothIsTakenBackAndARefusedOneStaysWhereItWasMeant() throws Exception {
        together();
        Page page = eskarn.signedIn(MARA);
        page.navigate(eskarn.address() + "/dockets/" + first.number() + "/1");
        DocketScreen screen = new DocketScreen(page);
        screen.nextIs("Station 1");
        page.keyboard().type("0");
        page.keyboard().press("Enter");
        assertThat(page.locator("#entry-title")).containsText("LI-2");
        page.keyboard().press("Backspace");
        assertThat(page.locator("#entry-title")).containsText("LI-4");
        assertThat(typed(first)).isEmpty();
        for (String each : "0 0 x".split(" ")) {
            page.keyboard().type(each.equals("x") ? "5-" : each);
            page.keyboard().press("Enter");
        }
        assertThat(page.locator("#entry-problem")).isVisible();
        assertThat(page.locator("#entry-title")).containsText(Pattern.compile("Station 2.*LI-4", Pattern.DOTALL));
        page.keyboard().press("Escape");
        page.keyboard().type("3");
        page.keyboard().press("Enter");
        assertThat(page.locator("#entry-title")).containsText(Pattern.compile("Station 2.*LI-2", Pattern.DOTALL));
        assertThat(typed(first)).isEqualTo("0 3");
        assertThat(typed(second)).isEqualTo("0");
    }

    @Test
    void onlyWithTwoGaugesOverTheSameStationsAndUntilOneIsReadAlone() throws Exception {
        Work other = Work.open(eskarn.context(), "TG-110", "C", 1, MARA);
        for (Work each : new Work[] {other, other.at(2)}) {
            each.prepare(MARA).zero(MARA);
        }
        assertThat(TwoIndicators.offered(other.docket(), other.setUp()))
                .as("one gauge")
                .isEmpty();
        together();
        assertThatThrownBy(this::together).as("twice").isInstanceOf(DocketConflict.class);
        first.read(MARA, "0");
        assertThat(TwoIndicators.next(first.docket(), first.setUp()).id())
                .isEqualTo(second.setUp().id());
        first.bean(SharingService.class).readSingly(first.number(), 2, second.version(), first.id(MARA));
        assertThat(first.setUp().beside()).isEmpty();
        assertThat(TwoIndicators.offered(first.docket(), first.setUp()))
                .as("one is ahead")
                .isEmpty();
    }
}
