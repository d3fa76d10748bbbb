package org.eskarn.app.ledger.export;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Page;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import javax.imageio.ImageIO;
import javax.xml.parsers.DocumentBuilderFactory;
import org.eskarn.app.docket.AttemptKind;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.app.running.Work;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.w3c.dom.Element;

@ExtendWith(RunningEskarn.class)
class PictureFileTest {

    private static final String MARA = "m.quill";

    private static APIResponse get(Eskarn eskarn, Work work, String end) {
        Page page = eskarn.signedIn(MARA);
        return page.request().get(eskarn.address() + "/pictures/" + work.number() + "-1." + end);
    }

    /** Other programs read both: the drawing as XML with what it shows and its magnification, and a picture that is not empty. */
    @Test
    void aPictureStandsByItself(Eskarn eskarn) throws Exception {
        Work work = Work.open(eskarn.context(), "TG-110", "C", 1, MARA)
                .judge(MARA, "0 -3 2 4 5.5 4 3 1 0.5")
                .sign(MARA, "journal A only");
        Element svg = DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new ByteArrayInputStream(get(eskarn, work, "svg").body()))
                .getDocumentElement();
        assertThat(svg.getAttribute("viewBox")).isNotEmpty();
        assertThat(svg.getTextContent())
                .contains("Docket " + work.number(), "signed", "Runout of journal A", "drawn ×");
        BufferedImage png =
                ImageIO.read(new ByteArrayInputStream(get(eskarn, work, "png").body()));
        assertThat(png.getWidth()).isGreaterThan(600);
        long inked = 0;
        for (int x = 0; x < png.getWidth(); x++) {
            for (int y = 0; y < png.getHeight(); y++) {
                inked += (png.getRGB(x, y) & 0xffffff) == 0xffffff ? 0 : 1;
            }
        }
        assertThat(inked).isGreaterThan(5000);
    }

    /** Of a docket in hand it says that nobody signed it, and it hides what a second inspector is not to see. */
    @Test
    void aDocketInHandIsCalledThat(Eskarn eskarn) throws Exception {
        Work work = Work.open(eskarn.context(), "TG-110", "C", 1, MARA).judge(MARA, "0 -3 2 4 5.5 4 3 1 0.5");
        assertThat(get(eskarn, work, "svg").text()).contains("not signed");
        work.begin("t.ashdale", AttemptKind.SECOND_INSPECTOR, "");
        assertThat(get(eskarn, work, "svg").status()).isEqualTo(404);
    }
}
