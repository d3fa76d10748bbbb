package org.eskarn.app.docket.work;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.FormData;
import com.microsoft.playwright.options.RequestOptions;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.eskarn.app.docket.TakenReading;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.app.running.Work;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A file of places and values goes to the stations it names. */
@ExtendWith(RunningEskarn.class)
class PlacedReadingsTest {

    private static final String MARA = "m.quill";

    private static Work ready(Eskarn eskarn) throws Exception {
        return Work.open(eskarn.context(), "TG-110", "C", 1, MARA).prepare(MARA).zero(MARA);
    }

    @Test
    void aTraceFromAFileIsLookedAtAndTaken(Eskarn eskarn) throws Exception {
        Work work = ready(eskarn);
        Page page = eskarn.signedIn(MARA);
        page.navigate(eskarn.address() + "/dockets/" + work.number() + "/1?step=sweep&task=paste");
        byte[] trace =
                ("\uFEFFangle;reading\r\n45;-3\r\n0,0;0\r\n90\u00b0;2\r\n180;5,5\r\n135;4\r\n225;4\r\n270;3\r\n315;1\r\n"
                                + "return;0,5\r\n")
                        .getBytes(StandardCharsets.UTF_8);
        page.locator("[data-reads-into]").setInputFiles(new FilePayload("trace.csv", "text/csv", trace));
        assertThat(page.locator("textarea[name=pasted]")).hasValue(Pattern.compile("[\\s\\S]*180;5,5[\\s\\S]*"));
        page.locator("#paste button[type=submit]").click();
        assertThat(page.locator("#paste tbody tr")).hasCount(9);
        assertThat(work.setUp().sweep().readings()).isEmpty();
        page.keyboard().press("Enter");
        assertThat(page.locator("#paste")).hasCount(0);
        assertThat(work.setUp().sweep().readings())
                .extracting(TakenReading::typed)
                .containsExactly("0", "-3", "2", "4", "5,5", "4", "3", "1", "0,5");
    }

    /** The answer was lost and the same is sent again: it is taken once, and what does not fit is said and not taken. */
    @Test
    void aFileThatIsSentAgainIsTakenOnce(Eskarn eskarn) throws Exception {
        Work work = ready(eskarn);
        work.read(MARA, "0 -3");
        Page page = eskarn.signedIn(MARA);
        page.navigate(eskarn.address() + "/dockets/" + work.number() + "/1?step=sweep&task=paste");
        String rest = "angle;reading\n90;2\n135;4\n180;5.5\n225;4\n270;3\n315;1\nreturn;0.5\n";
        FormData form = FormData.create()
                .set("_csrf", page.locator("#paste [name=_csrf]").inputValue())
                .set("sweep", page.locator("#paste [name=sweep]").inputValue())
                .set("place", page.locator("#paste [name=place]").inputValue())
                .set("key", page.locator("#paste [name=key]").inputValue());
        String address = eskarn.address() + "/dockets/" + work.number() + "/1/paste";
        APIResponse wrong = page.request()
                .post(address, RequestOptions.create().setForm(form.set("pasted", rest.replace("135", "77"))));
        assertThat(wrong.status()).isEqualTo(409);
        assertThat(wrong.text()).contains("no value for 135°");
        assertThat(work.setUp().sweep().readings()).hasSize(2);
        form.set("pasted", rest);
        for (int time = 0; time < 2; time++) {
            assertThat(page.request()
                            .post(address, RequestOptions.create().setForm(form))
                            .status())
                    .isEqualTo(200);
        }
        assertThat(work.setUp().sweep().readings())
                .extracting(TakenReading::typed)
                .containsExactly("0", "-3", "2", "4", "5.5", "4", "3", "1", "0.5");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "0;0~45;1~90;2~180;4 | no value for 135°",
                "0;0~45;1~77;2 | no place “77”",
                "0;0~0.0;1 | twice",
                "0;0~45 | no place and value",
                "0;0~#2;1~45;2 | no place “#2”"
            })
    void whatDoesNotFitTheStationsIsSaid(String rows, String problem, Eskarn eskarn) throws Exception {
        Pasted pasted = Pasted.of(ready(eskarn).setUp(), "place;value\n" + rows.replace('~', '\n'), 1);
        assertThat(pasted.good()).isFalse();
        assertThat(pasted.problem()).contains(problem);
    }

    /** Without a head it is what it always was: readings one after the other. */
    @Test
    void aColumnOfReadingsIsTakenAsBefore(Eskarn eskarn) throws Exception {
        assertThat(Pasted.of(ready(eskarn).setUp(), "0;1\t2", 1).readings()).containsExactly("0", "1", "2");
    }
}
