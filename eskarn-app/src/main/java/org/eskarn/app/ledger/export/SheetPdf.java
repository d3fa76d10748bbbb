package org.eskarn.app.ledger.export;

import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder.PdfAConformance;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.ZoneId;
import java.util.Calendar;
import java.util.GregorianCalendar;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
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
import org.eskarn.app.page.QrCode;
import org.eskarn.app.page.Words;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Entities.EscapeMode;
import org.jsoup.parser.ParseSettings;
import org.jsoup.parser.Parser;
import org.springframework.stereotype.Component;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.Context;

/**
 * A sheet as PDF, made from the signed document alone: tagged, with its fonts inside, for keeping (ISO 19005-3), and the document itself
 * attached as JSON, so that whoever has the paper’s file has the record.
 */
@Component
public class SheetPdf {

    private static final String SVG = "http://www.w3.org/2000/svg";

    private final ITemplateEngine templates;
    private final PdfFonts fonts;
    private final String style;
    private final String drawingStyle;
    private final byte[] colours = ICC_Profile.getInstance(ColorSpace.CS_sRGB).getData();

    SheetPdf(ITemplateEngine templates, PdfFonts fonts) throws IOException {
        this.templates = templates;
        this.fonts = fonts;
        this.style = read("sheet-pdf.css");
        this.drawingStyle = read("drawing.css");
    }

    private static String read(String name) throws IOException {
        try (InputStream in = Objects.requireNonNull(SheetPdf.class.getResourceAsStream(name), name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    /**
     * @param envelope the document with its signature and public key, as JSON
     * @param questions which gauges it rests on that are in question
     * @param address where the sheet is read on a screen
     */
    public byte[] of(Sheet sheet, String envelope, List<?> questions, String address) throws IOException {
        String page = templates.process(
                "ledger/sheet-pdf",
                new Context(
                        Locale.ENGLISH,
                        Map.of(
                                "sheet", sheet,
                                "questions", questions,
                                "zone", ZoneId.of(sheet.document().signature().zone()),
                                "style", style,
                                "code", QrCode.of(address),
                                "address", address)));
        ByteArrayOutputStream pdf = new ByteArrayOutputStream();
        PdfRendererBuilder builder = new PdfRendererBuilder();
        fonts.into(builder);
        builder.useFastMode();
        builder.useSVGDrawer(new BatikSVGDrawer());
        builder.usePdfAConformance(PdfAConformance.PDFA_3_A);
        builder.usePdfUaAccessibility(true);
        builder.useColorProfile(colours);
        builder.withHtmlContent(wellFormed(page), null);
        builder.toStream(pdf);
        builder.run();
        return attached(pdf.toByteArray(), sheet, envelope);
    }

    /** Drawings colour themselves by class; on their own they carry the rules for that. */
    private String wellFormed(String page) {
        Document document = Jsoup.parse(page, Parser.htmlParser().settings(ParseSettings.preserveCase));
        for (Element drawing : document.select("svg")) {
            drawing.attr("xmlns", SVG);
            drawing.prependElement("style").text(drawingStyle);
            drawing.attr("alt", drawing.hasAttr("aria-label") ? drawing.attr("aria-label") : " ");
        }
        document.outputSettings()
                .syntax(Document.OutputSettings.Syntax.xml)
                .escapeMode(EscapeMode.xhtml)
                .charset(StandardCharsets.UTF_8)
                .prettyPrint(false);
        return document.html();
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
