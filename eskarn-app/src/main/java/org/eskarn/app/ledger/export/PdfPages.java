package org.eskarn.app.ledger.export;

import com.openhtmltopdf.pdfboxout.PdfBoxRenderer;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder.PdfAConformance;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.format.DateTimeFormatter;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import org.eskarn.app.letterhead.LetterheadService;
import org.eskarn.app.page.QrCode;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Entities.EscapeMode;
import org.jsoup.parser.ParseSettings;
import org.jsoup.parser.Parser;
import org.springframework.stereotype.Component;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.Context;

/** Turns a page template into a PDF for keeping (ISO 19005-3): tagged, its fonts inside, headed with the letterhead of the works. */
@Component
public class PdfPages {

    private static final DateTimeFormatter MADE = DateTimeFormatter.ofPattern("d MMM yyyy HH:mm", Locale.ENGLISH);
    private static final String SVG = "http://www.w3.org/2000/svg";

    private final ITemplateEngine templates;
    private final PdfFonts fonts;
    private final LetterheadService letterheads;
    private final Clock clock;
    private final String style;
    private final String drawingStyle;
    private final byte[] colours = ICC_Profile.getInstance(ColorSpace.CS_sRGB).getData();

    PdfPages(ITemplateEngine templates, PdfFonts fonts, LetterheadService letterheads, Clock clock) throws IOException {
        this.templates = templates;
        this.fonts = fonts;
        this.letterheads = letterheads;
        this.clock = clock;
        this.style = read("sheet-pdf.css");
        this.drawingStyle = read("drawing.css");
    }

    private static String read(String name) throws IOException {
        try (InputStream in = Objects.requireNonNull(PdfPages.class.getResourceAsStream(name), name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    /**
     * @param address where the same is read on a screen
     * @param model what the template shows, beside what every paper has
     */
    public byte[] of(String template, String address, Map<String, Object> model) throws IOException {
        Map<String, Object> shown = new HashMap<>(model);
        shown.put("style", style);
        shown.put("letterhead", letterheads.current());
        shown.put("address", address);
        shown.put("code", QrCode.of(address));
        shown.put("zone", clock.getZone());
        shown.put("made", MADE.format(clock.instant().atZone(clock.getZone())));
        String page = templates.process(template, new Context(Locale.ENGLISH, shown));
        ByteArrayOutputStream pdf = new ByteArrayOutputStream();
        PdfRendererBuilder builder = new PdfRendererBuilder();
        fonts.into(builder);
        builder.useFastMode();
        builder.useSVGDrawer(new BatikSVGDrawer());
        builder.usePdfAConformance(PdfAConformance.PDFA_3_A);
        builder.usePdfUaAccessibility(true);
        builder.useColorProfile(colours);
        builder.withHtmlContent(wellFormed(page), null);
        try (PdfBoxRenderer renderer = builder.buildPdfRenderer()) {
            renderer.layout();
            renderer.createPDFWithoutClosing();
            CrispImages.in(renderer.getPdfDocument());
            renderer.getPdfDocument().save(pdf);
        }
        return pdf.toByteArray();
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
}
