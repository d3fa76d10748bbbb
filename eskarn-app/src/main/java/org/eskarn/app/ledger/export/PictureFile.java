package org.eskarn.app.ledger.export;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.apache.batik.transcoder.TranscoderException;
import org.apache.batik.transcoder.TranscoderInput;
import org.apache.batik.transcoder.TranscoderOutput;
import org.apache.batik.transcoder.image.ImageTranscoder;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Entities.EscapeMode;
import org.jsoup.parser.ParseSettings;
import org.jsoup.parser.Parser;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** A picture as a file of its own: it carries its colours, and under it what it shows and how much it exaggerates. */
@Component
class PictureFile {

    private static final String SVG = "http://www.w3.org/2000/svg";
    private static final double LINE = 24;
    private static final double MARGIN = 12;
    private static final float SCALE = 2;
    private static final double LETTER = 0.52;
    private static final double SIZE = 17;

    private static final Pattern WIDTH = Pattern.compile("<svg[^>]* width=\"([0-9.]+)\"");

    private final String style;

    PictureFile() throws IOException {
        try (InputStream in =
                Objects.requireNonNull(PictureFile.class.getResourceAsStream("drawing.css"), "drawing.css")) {
            // On another machine the type of the works need not be there.
            style = new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .replace("\"Hyperlegible\", \"Every Sign\"", "\"Atkinson Hyperlegible Next\", sans-serif")
                    .replace("\"Hyperlegible Mono\", \"Every Sign\"", "\"Atkinson Hyperlegible Mono\", monospace");
        }
    }

    /**
     * @param drawing as it stands on a page, with a view box
     * @param lines what stands under it
     */
    String svg(String drawing, List<String> said) {
        Document parsed = Jsoup.parse(drawing, Parser.htmlParser().settings(ParseSettings.preserveCase));
        Element picture = Objects.requireNonNull(parsed.selectFirst("svg"), "a picture");
        String[] box = picture.attr("viewBox").trim().split("[ ,]+");
        double x = Double.parseDouble(box[0]);
        double y = Double.parseDouble(box[1]);
        double width = Double.parseDouble(box[2]);
        double height = Double.parseDouble(box[3]);
        int letters = (int) ((width - 2 * MARGIN) / (LETTER * SIZE));
        List<String> lines =
                said.stream().flatMap(line -> broken(line, letters).stream()).toList();
        double whole = height + LINE * lines.size() + LINE / 2;
        // Only inside a document that keeps cases does an attribute keep its own.
        Element file = parsed.body().appendElement("svg");
        file.attr("xmlns", SVG)
                .attr("viewBox", number(x) + " " + number(y) + " " + number(width) + " " + number(whole))
                .attr("width", number(width))
                .attr("height", number(whole));
        file.appendElement("title").text(String.join(" \u00b7 ", said));
        file.appendElement("style").text(style);
        file.appendElement("rect")
                .attr("x", number(x))
                .attr("y", number(y))
                .attr("width", number(width))
                .attr("height", number(whole))
                .attr("fill", "#ffffff");
        // Its class says how large its letters are.
        Element group = file.appendElement("g").attr("class", picture.attr("class"));
        List.copyOf(picture.childNodes()).forEach(group::appendChild);
        double at = y + height + LINE;
        for (String line : lines) {
            file.appendElement("text")
                    .attr("x", number(x + MARGIN))
                    .attr("y", number(at))
                    .attr("font-size", number(SIZE))
                    .attr("fill", "#1d2327")
                    .text(line);
            at += LINE;
        }
        parsed.outputSettings()
                .syntax(Document.OutputSettings.Syntax.xml)
                .escapeMode(EscapeMode.xhtml)
                .charset(StandardCharsets.UTF_8)
                .prettyPrint(false);
        return file.outerHtml();
    }

    /** In lines of so many letters, broken between words. */
    private static List<String> broken(String text, int letters) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : text.split(" ")) {
            if (!line.isEmpty() && line.length() + 1 + word.length() > letters) {
                lines.add(line.toString());
                line.setLength(0);
            }
            line.append(line.isEmpty() ? "" : " ").append(word);
        }
        lines.add(line.toString());
        return lines;
    }

    private static String number(double amount) {
        return String.format(Locale.ROOT, "%.4g", amount).replaceAll("\\.0*$", "");
    }

    /** The same as PNG, twice as large. */
    byte[] png(String svg) throws IOException {
        Matcher width = WIDTH.matcher(svg);
        Drawn drawn = new Drawn(width.find() ? SCALE * Float.parseFloat(width.group(1)) : 0);
        try {
            drawn.transcode(new TranscoderInput(new StringReader(svg)), new TranscoderOutput());
        } catch (TranscoderException e) {
            throw new IOException("the picture cannot be drawn", e);
        }
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(Objects.requireNonNull(drawn.image), "png", png);
        return png.toByteArray();
    }

    /** Keeps what is drawn. */
    private static final class Drawn extends ImageTranscoder {

        private @Nullable BufferedImage image;

        Drawn(float width) {
            addTranscodingHint(KEY_BACKGROUND_COLOR, Color.WHITE);
            addTranscodingHint(KEY_WIDTH, width);
        }

        @Override
        public BufferedImage createImage(int width, int height) {
            return new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        }

        @Override
        public void writeImage(BufferedImage drawn, TranscoderOutput output) {
            image = drawn;
        }
    }
}
