package org.eskarn.app.page;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Page;
import java.util.List;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningEskarn.class)
class UnknownChoiceTest {

    /** Old bookmarks and typed addresses lead to a page all the same. */
    @Test
    void aChoiceThatDoesNotExistIsLeftOut(Eskarn eskarn) {
        Page page = eskarn.signedIn("m.quill");
        for (String address : List.of(
                "/dockets/229/1/remedy?kind=NOPE",
                "/dockets/229/1?step=nope",
                "/dockets/229/1?view=NOPE&step=verdict",
                "/tables/runout?layout=NOPE",
                "/tables/reversal?how=NOPE&first=1",
                "/tables/bearings?ring=NOPE&size=45",
                "/gauges?kind=NOPE",
                "/parts?kind=NOPE")) {
            APIResponse response = page.request().get(eskarn.address() + address, Eskarn.retrying());
            assertThat(response.status()).as(address).isEqualTo(200);
        }
        assertThat(page.request()
                        .get(eskarn.address() + "/dockets/nope", Eskarn.retrying())
                        .status())
                .isEqualTo(400);
        page.close();
    }
}
