package org.eskarn.app.docket.correction;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.microsoft.playwright.Page;
import org.eskarn.app.docket.AttemptKind;
import org.eskarn.app.docket.SetAsideCause;
import org.eskarn.app.docket.Step;
import org.eskarn.app.ledger.SigningRefused;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.app.running.Work;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A journal that passed, and then the part was worked on for the sake of another. */
@ExtendWith(RunningEskarn.class)
class MeasuredBeforeWorkTest {

    private static final String MARA = "m.quill";
    private static final String GOOD = "0 1 2 4 5 4 2 1 0";

    /** A pass from before does not go into the record without a word; one that is measured again needs none. */
    @Test
    void whatWasMeasuredBeforeIsMeasuredAgainOrAnsweredFor(Eskarn eskarn) throws Exception {
        Work first = Work.open(eskarn.context(), "TG-110", "C", 1, MARA).judge(MARA, GOOD);
        assertThat(first.docket().measuredBeforeWork()).isEmpty();
        Work second = first.at(2).prepare(MARA).sweep(MARA, "0 10 20 30 40 30 20 10 0");
        second.begin(MARA, AttemptKind.CORRECTED, "reground journal B")
                .sweep(MARA, GOOD)
                .confirm(MARA, Step.VERDICT);
        assertThat(first.docket().measuredBeforeWork())
                .extracting(each -> each.requirement().position())
                .containsExactly(1);
        first.at(3).judge(MARA, GOOD);
        assertThatThrownBy(() -> first.sign(MARA, ""))
                .isInstanceOf(SigningRefused.class)
                .hasMessageContaining("Enter why it still stands");
        Page page = eskarn.signedIn(MARA);
        page.navigate(eskarn.address() + "/dockets/" + first.number() + "/sign");
        assertThat(page.locator(".notice")).containsText("Measured before the part was worked on");
        first.oneMore(MARA);
        first.sweep(MARA, GOOD);
        assertThat(first.docket().measuredBeforeWork())
                .as("the mean of one from before and one from after")
                .hasSize(1);
        first.setAside(MARA, 1, SetAsideCause.OTHER, "read before journal B was ground")
                .confirm(MARA, Step.PROVE, Step.VERDICT);
        assertThat(first.docket().measuredBeforeWork()).isEmpty();
        first.sign(MARA, "");
    }

    @Test
    void whoSaysWhyItStandsSigns(Eskarn eskarn) throws Exception {
        Work first = Work.open(eskarn.context(), "TG-110", "C", 1, MARA).judge(MARA, GOOD);
        Work second = first.at(2).prepare(MARA).sweep(MARA, "0 10 20 30 40 30 20 10 0");
        second.begin(MARA, AttemptKind.CORRECTED, "reground journal B")
                .sweep(MARA, GOOD)
                .confirm(MARA, Step.VERDICT);
        first.sign(MARA, "Journal A was not touched: it turned between the same centres.");
        assertThat(first.docket().signed()).isTrue();
    }
}
