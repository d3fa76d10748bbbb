package org.eskarn.app.ledger.export;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.Calendar;
import java.util.GregorianCalendar;
import java.util.Locale;
import java.util.Map;
import java.util.TimeZone;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentNameDictionary;
import org.apache.pdfbox.pdmodel.PDEmbeddedFilesNameTreeNode;
import org.apache.pdfbox.pdmodel.common.filespecification.PDComplexFileSpecification;
import org.apache.pdfbox.pdmodel.common.filespecification.PDEmbeddedFile;
import org.eskarn.app.ledger.Sheet;
import org.eskarn.app.ledger.SinceSigning.Since;
import org.eskarn.app.page.Words;
import org.springframework.stereotype.Component;

/**
 * A sheet as PDF, made from the signed document alone, with the document itself attached as JSON, so that whoever has the paper’s file has
 * the record.
 */
@Component
public class SheetPdf {

    private final PdfPages pages;

    SheetPdf(PdfPages pages) {
        this.pages = pages;
    }

    /**
     * @param envelope the document with its signature and public key, as JSON
     * @param address where the sheet is read on a screen
     */
    public byte[] of(Sheet sheet, String envelope, Since since, String address) throws IOException {
        return made("ledger/sheet-pdf", sheet, envelope, since, address);
    }

    /** The letter to the maker of a piece about the certificate that came with it. */
    byte[] letter(Sheet sheet, String envelope, Since since, String address) throws IOException {
        return made("ledger/letter-pdf", sheet, envelope, since, address);
    }

    private byte[] made(String template, Sheet sheet, String envelope, Since since, String address) throws IOException {
        return attached(pages.of(template, address, Map.of("sheet", sheet, "since", since)), sheet, envelope);
    }

    private static byte[] attached(byte[] pdf, Sheet sheet, String envelope) throws IOException {
        byte[] json = envelope.getBytes(StandardCharsets.UTF_8);
        String name = "docket-" + sheet.document().docket().number() + ".json";
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PDEmbeddedFile file = new PDEmbeddedFile(document, new ByteArrayInputStream(json));
            file.setSubtype("application/json");
            file.setSize(json.length);
            file.setModDate(signedAt(sheet));
            PDComplexFileSpecification specification = new PDComplexFileSpecification();
            specification.setFile(name);
            specification.setFileUnicode(name);
            specification.setFileDescription(Words.say("ledger.document-attached"));
            specification.setEmbeddedFile(file);
            specification.setEmbeddedFileUnicode(file);
            specification.getCOSObject().setName(COSName.getPDFName("AFRelationship"), "Source");
            PDEmbeddedFilesNameTreeNode tree = new PDEmbeddedFilesNameTreeNode();
            tree.setNames(Map.of(name, specification));
            PDDocumentNameDictionary names = new PDDocumentNameDictionary(document.getDocumentCatalog());
            names.setEmbeddedFiles(tree);
            document.getDocumentCatalog().setNames(names);
            COSArray files = new COSArray();
            files.add(specification);
            document.getDocumentCatalog().getCOSObject().setItem(COSName.getPDFName("AF"), files);
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            document.save(out);
            return out.toByteArray();
        }
    }

    private static Calendar signedAt(Sheet sheet) {
        Calendar at = new GregorianCalendar(TimeZone.getTimeZone("UTC"), Locale.ROOT);
        at.setTimeInMillis(Instant.parse(sheet.document().signature().at()).toEpochMilli());
        return at;
    }
}
