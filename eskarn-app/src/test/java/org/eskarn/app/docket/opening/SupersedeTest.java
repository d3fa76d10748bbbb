package org.eskarn.app.docket.opening;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.ledger.LedgerReading;
import org.eskarn.app.ledger.document.SignedDocument.SupersededPart;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.app.running.Work;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A signed docket stays as it is; another takes its place, and both say so. */
@ExtendWith(RunningEskarn.class)
class SupersedeTest {

    private static final String MARA = "m.quill";
    private static final String RING = "0 -3 2 4 5.5 4 3 1 0.5";

    private static Work signed(Eskarn eskarn) throws Exception {
        return Work.open(eskarn.context(), "TG-110", "C", 1, MARA)
                .judge(MARA, RING)
                .sign(MARA, "journal A only");
    }

    @Test
    void eachNamesTheOther(Eskarn eskarn) throws Exception {
        Work old = signed(eskarn);
        Page page = eskarn.signedIn(MARA);
        page.navigate(eskarn.address() + "/ledger/" + old.number());
        page.keyboard().press("s");
        assertThat(page.locator("[name=reason]")).isFocused();
        page.keyboard().press("Enter");
        assertThat(page.locator(".problem")).containsText("Enter why");
        page.locator("[name=reason]").focus();
        page.keyboard().type("read on the wrong journal");
        assertThat(new AxeBuilder(page).setLegacyMode(true).analyze().getViolations())
                .isEmpty();
        page.keyboard().press("Enter");
        assertThat(page.locator(".docket-head"))
                .containsText("supersedes docket " + old.number() + ": read on the wrong journal");
        int number = old.bean(DocketService.class)
                .superseding(old.number())
                .orElseThrow()
                .number();
        page.navigate(eskarn.address() + "/ledger/" + old.number());
        assertThat(page.locator("article")).containsText("Docket " + number + " is open to supersede this one");
        assertThat(page.locator("[data-key=S]")).hasCount(0);

        new Work(eskarn.context(), number, 1).judge(MARA, RING).sign(MARA, "again, journal A");
        assertThat(old.bean(LedgerReading.class)
                        .sheet(number)
                        .orElseThrow()
                        .sheet()
                        .orElseThrow()
                        .document()
                        .docket()
                        .supersedes())
                .isEqualTo(new SupersededPart(old.number(), "read on the wrong journal"));
        page.navigate(eskarn.address() + "/ledger/" + old.number());
        assertThat(page.locator("article"))
                .containsText("Superseded by docket " + number + ": read on the wrong journal");
        page.navigate(eskarn.address() + "/ledger?find=" + "W-1");
        assertThat(page.locator("a:has-text('superseded by " + number + "')")).hasCount(1);
        byte[] pdf = page.request()
                .get(eskarn.address() + "/ledger/" + old.number() + "/sheet.pdf")
                .body();
        try (PDDocument sheet = Loader.loadPDF(pdf)) {
            assertThat(new PDFTextStripper().getText(sheet)).contains("Superseded by docket " + number);
        }
    }

    @Test
    void onlyOneTakesThePlaceOfASignedOne(Eskarn eskarn) throws Exception {
        DocketService dockets = eskarn.bean(DocketService.class);
        Work old = signed(eskarn);
        Work open = Work.open(eskarn.context(), "TG-110", "C", 1, MARA);
        assertThatThrownBy(() -> dockets.supersede(open.number(), "why", Eskarn.later(), open.id(MARA)))
                .isInstanceOf(DocketConflict.class)
                .hasMessageContaining("Only a signed docket");
        int first = dockets.supersede(old.number(), "why", Eskarn.later(), old.id(MARA));
        assertThatThrownBy(() -> dockets.supersede(old.number(), "again", Eskarn.later(), old.id(MARA)))
                .isInstanceOf(DocketConflict.class)
                .hasMessageContaining("superseded by docket " + first + " already");
    }
}
