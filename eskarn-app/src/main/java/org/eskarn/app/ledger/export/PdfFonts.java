package org.eskarn.app.ledger.export;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FSFontUseCase;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import java.io.ByteArrayInputStream;
import java.io.FileNotFoundException;
import java.io.IOException;
import java.io.InputStream;
import java.util.EnumSet;
import java.util.List;
import org.springframework.stereotype.Component;

/** The faces of the pages for paper, and one behind them that has every sign of the trade. */
@Component
class PdfFonts {

    private static final int NORMAL = 400;
    private static final int BOLD = 700;

    private record Face(String family, int weight, byte[] font) {}

    private final List<Face> faces;

    PdfFonts() throws IOException {
        faces = List.of(
                new Face(
                        "Hyperlegible",
                        NORMAL,
                        WoffFont.unwrapped(read("atkinson-hyperlegible-next-latin-400-normal.woff"))),
                new Face(
                        "Hyperlegible",
                        BOLD,
                        WoffFont.unwrapped(read("atkinson-hyperlegible-next-latin-700-normal.woff"))),
                new Face(
                        "Hyperlegible Mono",
                        NORMAL,
                        WoffFont.unwrapped(read("atkinson-hyperlegible-mono-latin-400-normal.woff"))),
                new Face(
                        "Hyperlegible Mono",
                        BOLD,
                        WoffFont.unwrapped(read("atkinson-hyperlegible-mono-latin-700-normal.woff"))),
                new Face("Every Sign", NORMAL, read("DejaVuSans.ttf")),
                new Face("Every Sign", BOLD, read("DejaVuSans-Bold.ttf")));
    }

    private static byte[] read(String name) throws IOException {
        try (InputStream in = PdfFonts.class.getResourceAsStream("/static/lib/" + name)) {
            if (in == null) {
                throw new FileNotFoundException(name);
            }
            return in.readAllBytes();
        }
    }

    void into(PdfRendererBuilder builder) {
        for (Face face : faces) {
            builder.useFont(
                    () -> new ByteArrayInputStream(face.font()),
                    face.family(),
                    face.weight(),
                    FontStyle.NORMAL,
                    true,
                    EnumSet.of(FSFontUseCase.DOCUMENT, FSFontUseCase.SVG));
        }
    }
}
