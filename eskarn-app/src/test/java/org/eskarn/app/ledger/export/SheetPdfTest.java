package org.eskarn.app.ledger.export;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.Paper;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.app.running.Work;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The sheet as a file that others open. */
@ExtendWith(RunningEskarn.class)
class SheetPdfTest {

    private static byte[] sheet(Eskarn eskarn, int docket) {
        Page page = eskarn.signedIn("m.quill");
        APIResponse response = page.request().get(eskarn.address() + "/ledger/" + docket + "/sheet.pdf");
        assertThat(response.status()).isEqualTo(200);
        return response.body();
    }

    private static int signed(Eskarn eskarn) throws Exception {
        Work work = Work.open(eskarn.context(), "TG-110", "C", 1, "m.quill");
        work.judge("m.quill", "0 -3 2 4 5.5 4 3 1 0.5").sign("m.quill", "<b>Ø 45 ≤ ⌀ & “said”</b>");
        return work.number();
    }

    /** What it says is what the sheet says, and the signed document is inside, byte for byte. */
    @Test
    void itSaysWhatTheSheetSaysAndHoldsTheDocument(Eskarn eskarn) throws Exception {
        int docket = signed(eskarn);
        try (PDDocument pdf = Loader.loadPDF(sheet(eskarn, docket))) {
            String text = new PDFTextStripper().getText(pdf);
            assertThat(text)
                    .contains("Pinion shaft", "Docket " + docket, "Runout of journal A", "≤ 0.020 mm", "8.5")
                    .contains("<b>Ø 45 ≤ ⌀ & “said”</b>")
                    .contains("1 / " + pdf.getNumberOfPages());
            byte[] attached = pdf.getDocumentCatalog()
                    .getNames()
                    .getEmbeddedFiles()
                    .getNames()
                    .get("docket-" + docket + ".json")
                    .getEmbeddedFile()
                    .toByteArray();
            Page page = eskarn.signedIn("m.quill");
            assertThat(attached)
                    .isEqualTo(page.request()
                            .get(eskarn.address() + "/ledger/" + docket + "/document")
                            .body());
        }
    }

    /** As ISO 19005-3 asks: its claim, tags, a title and language, every font inside. */
    @Test
    void itIsMadeForKeeping(Eskarn eskarn) throws Exception {
        try (PDDocument pdf = Loader.loadPDF(sheet(eskarn, signed(eskarn)))) {
            String metadata = new String(pdf.getDocumentCatalog().getMetadata().toByteArray(), StandardCharsets.UTF_8);
            assertThat(metadata).contains("pdfaid:part>3<", "pdfaid:conformance>A<");
            assertThat(pdf.getDocumentCatalog().getMarkInfo().isMarked()).isTrue();
            assertThat(pdf.getDocumentCatalog().getLanguage()).startsWith("en");
            assertThat(pdf.getDocumentInformation().getTitle()).contains("Pinion shaft");
            assertThat(pdf.getDocumentCatalog().getCOSObject().getDictionaryObject(COSName.getPDFName("AF")))
                    .isNotNull();
            List<String> loose = new ArrayList<>();
            for (PDPage page : pdf.getPages()) {
                for (COSName name : page.getResources().getFontNames()) {
                    if (!page.getResources().getFont(name).isEmbedded()) {
                        loose.add(page.getResources().getFont(name).getName());
                    }
                }
            }
            assertThat(loose).isEmpty();
        }
    }

    /** Whatever its pictures are made of, hatchings too. */
    @Test
    void itIsPdfAByTheValidator(Eskarn eskarn) throws Exception {
        for (int docket : new int[] {212, 264}) {
            assertThat(Paper.text(sheet(eskarn, docket))).contains("Docket " + docket);
        }
    }

    /** Of a docket that nobody signed there is no sheet. */
    @Test
    void onlyWhatIsSignedHasOne(Eskarn eskarn) throws Exception {
        Work work = Work.open(eskarn.context(), "TG-110", "C", 1, "m.quill");
        Page page = eskarn.signedIn("m.quill");
        assertThat(page.request()
                        .get(eskarn.address() + "/ledger/" + work.number() + "/sheet.pdf")
                        .status())
                .isEqualTo(404);
    }

    @Test
    void aFontThatIsNoneIsRefused() {
        assertThatThrownBy(() -> WoffFont.unwrapped(new byte[60])).isInstanceOf(IOException.class);
        assertThatThrownBy(() -> WoffFont.unwrapped("wOFF".getBytes(StandardCharsets.US_ASCII)))
                .isInstanceOf(IOException.class);
    }
}
