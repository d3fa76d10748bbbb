package org.eskarn.app.start;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What a supervisor asks, and how pages travel. */
@ExtendWith(RunningEskarn.class)
class OperationTest {

    private static final Pattern STYLES = Pattern.compile("href=\"(/lib/eskarn-[0-9a-f]{32}\\.css)\"");

    private static HttpResponse<String> get(Eskarn eskarn, String path, String... headers)
            throws IOException, InterruptedException {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(eskarn.address() + path));
        if (headers.length > 0) {
            request.headers(headers);
        }
        return HttpClient.newHttpClient().send(request.build(), BodyHandlers.ofString());
    }

    @Test
    void aSupervisorSeesWhetherItIsReadyAndNothingElse(Eskarn eskarn) throws Exception {
        for (String path : new String[] {"/server/health", "/server/health/liveness", "/server/health/readiness"}) {
            HttpResponse<String> answer = get(eskarn, path);
            assertThat(answer.statusCode()).isEqualTo(200);
            assertThat(answer.body()).contains("\"status\":\"UP\"").doesNotContain("database", "disk");
        }
        assertThat(get(eskarn, "/server/metrics").headers().firstValue("Location"))
                .hasValue("/sign-in?to=%2Fserver%2Fmetrics");
    }

    @Test
    void figuresOfTheServerAreTheStewards(Eskarn eskarn) {
        assertThat(status(eskarn.signedIn("m.quill"), eskarn)).isEqualTo(403);
        assertThat(status(eskarn.signedIn("e.korrin"), eskarn)).isEqualTo(200);
    }

    private static int status(Page page, Eskarn eskarn) {
        return page.request()
                .get(eskarn.address() + "/server/metrics/http.server.requests", Eskarn.retrying())
                .status();
    }

    @Test
    void pagesTravelCompressedAndStylesAreKeptByTheirContent(Eskarn eskarn) throws Exception {
        assertThat(get(eskarn, "/sign-in", "Accept-Encoding", "gzip").headers().firstValue("Content-Encoding"))
                .hasValue("gzip");
        Matcher styles = STYLES.matcher(get(eskarn, "/sign-in").body());
        assertThat(styles.find()).isTrue();
        HttpResponse<String> kept = get(eskarn, styles.group(1));
        assertThat(kept.statusCode()).isEqualTo(200);
        assertThat(kept.headers().firstValue("Cache-Control").orElse("")).contains("max-age=31536000");
        assertThat(get(eskarn, "/sign-in").headers().firstValue("Cache-Control").orElse(""))
                .contains("no-store");
    }
}
