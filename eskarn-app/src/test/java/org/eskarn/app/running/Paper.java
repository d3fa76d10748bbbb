package org.eskarn.app.running;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.verapdf.core.VeraPDFException;
import org.verapdf.gf.foundry.VeraGreenfieldFoundryProvider;
import org.verapdf.pdfa.Foundries;
import org.verapdf.pdfa.PDFAParser;
import org.verapdf.pdfa.PDFAValidator;
import org.verapdf.pdfa.flavours.PDFAFlavour;
import org.verapdf.pdfa.results.TestAssertion;

/** What is printed. */
public final class Paper {

    private Paper() {}

    /** What a PDF says; one that does not keep what ISO 19005-3 asks of a document for keeping fails the test. */
    public static String text(byte[] pdf) throws IOException {
        VeraGreenfieldFoundryProvider.initialise();
        try (PDFAParser parser = Foundries.defaultInstance().createParser(new ByteArrayInputStream(pdf));
                PDFAValidator validator = Foundries.defaultInstance().createValidator(PDFAFlavour.PDFA_3_A, false)) {
            assertThat(validator.validate(parser).getTestAssertions())
                    .filteredOn(each -> each.getStatus() == TestAssertion.Status.FAILED)
                    .extracting(TestAssertion::getMessage)
                    .isEmpty();
        } catch (VeraPDFException e) {
            throw new IOException(e);
        }
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document);
        }
    }
}
