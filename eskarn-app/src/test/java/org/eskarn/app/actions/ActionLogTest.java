package org.eskarn.app.actions;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.List;
import org.eskarn.app.gauge.GaugeChangeService;
import org.eskarn.app.gauge.GaugeService;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.security.authentication.TestingAuthenticationToken;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Who changes a gauge or the rule of a requirement stands in the log with it, before and after. */
@ExtendWith(RunningEskarn.class)
class ActionLogTest {

    private static List<Action> found(Eskarn eskarn, String text) {
        return eskarn.bean(ActionLog.class).search(text, null, Long.MAX_VALUE, 50);
    }

    @Test
    void aRuleThatWasChangedIsToldWithWhatItWasBefore(Eskarn eskarn) {
        Page page = eskarn.signedIn("m.quill");
        page.navigate(eskarn.address() + "/parts/new");
        page.fill("[name=drawingNumber]", "TG-LOG");
        page.fill("[name=revision]", "A");
        page.fill("[name=title]", "Logged plate");
        page.keyboard().press("Enter");
        assertThat(page.locator("h1")).containsText("Logged plate");
        List<Action> added = found(eskarn, "TG-LOG");
        assertThat(added).singleElement().satisfies(action -> {
            assertThat(action.login()).isEqualTo("m.quill");
            assertThat(action.name()).isEqualTo("Mara Quill");
            assertThat(action.about()).isEqualTo(ActionAbout.PART);
        });
    }

    /** The line and the change are one: where the change is taken back, nothing tells of it. */
    @Test
    void aGaugeThatIsPutInQuestionIsToldWithItsReason(Eskarn eskarn) {
        long gauge = eskarn.bean(GaugeService.class).all().get(0).id();
        SecurityContextHolder.getContext()
                .setAuthentication(new TestingAuthenticationToken("i.varn", "", "ROLE_KEEPER"));
        try {
            new TransactionTemplate(eskarn.bean(PlatformTransactionManager.class)).executeWithoutResult(change -> {
                try {
                    eskarn.bean(GaugeChangeService.class).report(gauge, "fell on the plate 100%", 1);
                } catch (FormRefused e) {
                    throw new IllegalStateException(e);
                }
                assertThat(found(eskarn, "PLATE 100%")).singleElement().satisfies(action -> {
                    assertThat(action.about()).isEqualTo(ActionAbout.GAUGE);
                    assertThat(action.name()).isEqualTo("Ilse Varn");
                });
                assertThat(found(eskarn, "plate 100_")).isEmpty();
                assertThat(found(eskarn, "ilse varn")).isNotEmpty();
                change.setRollbackOnly();
            });
        } finally {
            SecurityContextHolder.clearContext();
        }
        assertThat(found(eskarn, "fell on the plate")).isEmpty();
    }
}
