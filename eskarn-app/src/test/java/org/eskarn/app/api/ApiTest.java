package org.eskarn.app.api;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.eskarn.app.account.AccountService;
import org.eskarn.app.docket.AttemptKind;
import org.eskarn.app.docket.ReadingSource;
import org.eskarn.app.docket.Step;
import org.eskarn.app.docket.TakenReading;
import org.eskarn.app.gauge.GaugeService;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.app.running.Work;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

@ExtendWith(RunningEskarn.class)
class ApiTest {

    private static final String MARA = "m.quill";

    private static String token(Eskarn eskarn, String login) throws FormRefused {
        long person =
                eskarn.bean(AccountService.class).byLogin(login).orElseThrow().id();
        return eskarn.bean(ApiTokens.class)
                .make(
                        person,
                        "tests",
                        LocalDate.now(eskarn.bean(Clock.class)).plusDays(2).toString());
    }

    private static HttpResponse<String> send(Eskarn eskarn, String token, String path, String body) throws Exception {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(eskarn.address() + "/api/v1" + path))
                .header("Authorization", "Bearer " + token)
                .header("Content-Type", "application/json");
        return HttpClient.newHttpClient()
                .send(
                        (body.isEmpty() ? request.GET() : request.POST(BodyPublishers.ofString(body))).build(),
                        BodyHandlers.ofString());
    }

    private static JsonNode json(HttpResponse<String> answer) {
        return JsonMapper.shared().readTree(answer.body());
    }

    private static Work ready(Eskarn eskarn) throws Exception {
        return Work.open(eskarn.context(), "TG-110", "C", 1, MARA).prepare(MARA).zero(MARA);
    }

    private static String reading(Work work, int place, String typed, String key) {
        return "{\"sweep\":" + work.setUp().sweep().id() + ",\"place\":" + place + ",\"typed\":\"" + typed
                + "\",\"key\":\"" + key + "\"}";
    }

    /** The client that docs/API.md shows, as it stands there. */
    @Test
    void theClientOfTheDocumentReadsAColumn(Eskarn eskarn, @TempDir Path folder) throws Exception {
        Matcher shown = Pattern.compile("(?s)```python\n(.*?)```").matcher(Files.readString(Path.of("../docs/API.md")));
        assertThat(shown.find()).isTrue();
        Path client = folder.resolve("client.py");
        Files.writeString(client, shown.group(1));
        Work work = ready(eskarn);
        Path figures = folder.resolve("figures");
        Files.writeString(figures, "0\n-3\n2\n4\n5.5\n4\n3\n1\n0.5\n");
        Process process = new ProcessBuilder(
                        "python3",
                        client.toString(),
                        eskarn.address(),
                        token(eskarn, MARA),
                        String.valueOf(work.number()),
                        "1")
                .redirectInput(figures.toFile())
                .redirectErrorStream(true)
                .start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor(30, TimeUnit.SECONDS)).isTrue();
        assertThat(said).endsWith("PROVE 8.5\n");
        assertThat(work.setUp().sweep().readings())
                .hasSize(9)
                .allMatch(reading -> reading.source() == ReadingSource.PROGRAM)
                .extracting(TakenReading::takenByName)
                .containsOnly("Mara Quill");
    }

    /** The same rules and locks as on the page, said as problems. */
    @Test
    void aReadingIsTakenByTheRulesOfThePage(Eskarn eskarn) throws Exception {
        String token = token(eskarn, MARA);
        Work work = Work.open(eskarn.context(), "TG-110", "C", 1, MARA);
        String path = "/dockets/" + work.number() + "/1/readings";
        HttpResponse<String> early = send(eskarn, token, path, reading(work, 1, "0", "a"));
        assertThat(early.statusCode()).isEqualTo(409);
        assertThat(early.headers().firstValue("Content-Type").orElseThrow()).startsWith("application/problem+json");
        assertThat(json(early).path("detail").asString()).contains("Finish the earlier steps first");
        work.prepare(MARA).zero(MARA);
        assertThat(send(eskarn, token, path, reading(work, 1, "0", "a")).statusCode())
                .isEqualTo(201);
        assertThat(send(eskarn, token, path, reading(work, 1, "0", "a")).statusCode())
                .as("sent again")
                .isEqualTo(201);
        assertThat(work.setUp().sweep().readings()).hasSize(1);
        assertThat(send(eskarn, token, path, reading(work, 1, "7", "b")).statusCode())
                .isEqualTo(409);
        assertThat(send(eskarn, token, path, reading(work, 2, "seven", "c")).statusCode())
                .isEqualTo(422);
        assertThat(send(eskarn, token, path, "{\"sweep\":").statusCode()).isEqualTo(400);
        assertThat(send(eskarn, token, path, "{\"place\":2}").statusCode()).isEqualTo(409);
        assertThat(send(eskarn, token, "/dockets/999999/1/readings", reading(work, 2, "1", "d"))
                        .statusCode())
                .isEqualTo(404);
        assertThat(send(eskarn, token(eskarn, "i.varn"), path, reading(work, 2, "1", "e"))
                        .statusCode())
                .isEqualTo(403);
        assertThat(work.setUp().sweep().readings()).hasSize(1);
    }

    /** What is sent twice is opened once; what does not fit is said at its field; and only who may open on the page may open here. */
    @Test
    void docketsAreOpenedAsOnThePage(Eskarn eskarn) throws Exception {
        String token = token(eskarn, MARA);
        String sent = "{\"part\":" + Eskarn.PINION_SHAFT
                + ",\"serials\":\"AP-0601..AP-0603\",\"purpose\":\"FINAL\",\"due\":\"" + Eskarn.later()
                + "\",\"askedBy\":\"planning\",\"key\":\"plan-77\"}";
        JsonNode first = json(send(eskarn, token, "/dockets", sent));
        assertThat(first.path("numbers").size()).isEqualTo(3);
        assertThat(json(send(eskarn, token, "/dockets", sent))).isEqualTo(first);
        HttpResponse<String> docket =
                send(eskarn, token, "/dockets/" + first.path("numbers").get(1).asInt(), "");
        assertThat(json(docket).path("serial").asString()).isEqualTo("AP-0602");
        HttpResponse<String> again = send(eskarn, token, "/dockets", sent.replace("plan-77", "plan-78"));
        assertThat(again.statusCode()).isEqualTo(422);
        assertThat(json(again).path("fields").path("another").asString()).contains("AP-0601");
        assertThat(json(send(
                                eskarn,
                                token,
                                "/dockets",
                                sent.replace("\"FINAL\"", "null").replace("plan-77", "p")))
                        .path("fields")
                        .has("purpose"))
                .isTrue();
        assertThat(send(eskarn, token, "/dockets", sent.replace("FINAL", "SALE"))
                        .statusCode())
                .isEqualTo(400);
        assertThat(send(eskarn, token, "/dockets", sent.replace("plan-77", " ")).statusCode())
                .isEqualTo(422);
        assertThat(json(send(eskarn, token, "/dockets", sent.replaceFirst("\"part\":\\d+", "\"part\":999999")))
                        .path("fields")
                        .has("part"))
                .isTrue();
        assertThat(send(eskarn, token(eskarn, "i.varn"), "/dockets", sent).statusCode())
                .isEqualTo(403);
    }

    /** A program that reads verdicts reads too that one no longer stands. */
    @Test
    void theLedgerSaysWhatBecameOfADocket(Eskarn eskarn) throws Exception {
        Work work = ready(eskarn);
        work.read(MARA, "0 -3 2 4 5.5 4 3 1 0.5")
                .confirm(MARA, Step.PROVE, Step.VERDICT)
                .sign(MARA, "journal A alone");
        String token = token(eskarn, MARA);
        JsonNode newest = json(send(eskarn, token, "/ledger", "")).path("items").get(0);
        assertThat(newest.path("docket").asInt()).isEqualTo(work.number());
        assertThat(newest.path("inQuestion").asBoolean(true)).isFalse();
        work.question("LI-4");
        assertThat(json(send(eskarn, token, "/ledger", ""))
                        .path("items")
                        .get(0)
                        .path("inQuestion")
                        .asBoolean(false))
                .isTrue();
    }

    /** All that can be asked is described, and shown to who is signed in. */
    @Test
    void theInterfaceIsDescribed(Eskarn eskarn) throws Exception {
        Page page = eskarn.signedIn(MARA);
        JsonNode described = JsonMapper.shared()
                .readTree(page.request()
                        .get(eskarn.address() + "/interface/openapi.json")
                        .body());
        assertThat(described.path("openapi").asString()).startsWith("3.1");
        List<String> asked = new ArrayList<>();
        described
                .path("paths")
                .propertyStream()
                .forEach(path -> path.getValue().propertyStream().forEach(each -> {
                    asked.add(each.getKey() + " " + path.getKey());
                    assertThat(each.getValue().path("summary").asString(""))
                            .as(path.getKey())
                            .isNotEmpty();
                }));
        assertThat(asked)
                .containsExactlyInAnyOrderElementsOf(eskarn
                        .context()
                        .getBean("requestMappingHandlerMapping", RequestMappingHandlerMapping.class)
                        .getHandlerMethods()
                        .keySet()
                        .stream()
                        .flatMap(info -> info.getPatternValues().stream()
                                .filter(path -> path.startsWith("/api/"))
                                .flatMap(path -> info.getMethodsCondition().getMethods().stream()
                                        .map(method -> method.name().toLowerCase(Locale.ROOT) + " " + path)))
                        .toList());
        page.navigate(eskarn.address() + "/tokens");
        page.locator("main a[href='/interface']").focus();
        page.keyboard().press("Enter");
        assertThat(page.locator("main").innerText())
                .contains("POST /api/v1/dockets/{number}/{position}/readings", "SentReading", "Problem");
        HttpResponse<String> stranger = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(eskarn.address() + "/interface/openapi.json"))
                                .build(),
                        BodyHandlers.ofString());
        assertThat(stranger.statusCode()).isEqualTo(302);
    }

    /** What the first inspector found is no more to be read here than on the page. */
    @Test
    void aSecondInspectorsProgramSeesNothingOfTheFirst(Eskarn eskarn) throws Exception {
        Work work = Work.open(eskarn.context(), "TG-110", "C", 1, MARA).judge(MARA, "0 -3 2 4 5.5 4 3 1 0.5");
        String token = token(eskarn, "t.ashdale");
        String docket = "/dockets/" + work.number();
        assertThat(json(send(eskarn, token, docket, ""))
                        .at("/requirements/0/verdict/figure")
                        .asString())
                .isEqualTo("8.5");
        work.begin("t.ashdale", AttemptKind.SECOND_INSPECTOR, "");
        assertThat(send(eskarn, token, docket, "").body()).doesNotContain("8.5");
        assertThat(send(eskarn, token, docket + "/1/sweeps", "").body()).doesNotContain("5.5");
    }

    @ParameterizedTest
    @CsvSource({
        "/parts, items",
        "/gauges, items",
        "/dockets, items",
        "/ledger, items",
        "/parts/1, requirements",
        "/ledger/211, document"
    })
    void whatIsThereIsRead(String path, String holds, Eskarn eskarn) throws Exception {
        HttpResponse<String> answer = send(eskarn, token(eskarn, "i.varn"), path, "");
        assertThat(answer.statusCode()).isEqualTo(200);
        assertThat(json(answer).has(holds))
                .as(answer.body().substring(0, Math.min(200, answer.body().length())))
                .isTrue();
    }

    /** Pages follow each other to the end without a gap. */
    @Test
    void listsArePaged(Eskarn eskarn) throws Exception {
        String token = token(eskarn, "i.varn");
        int seen = 0;
        JsonNode next = JsonMapper.shared().readTree("0");
        while (next.isNumber()) {
            JsonNode page = json(send(eskarn, token, "/gauges?from=" + next.asInt(), ""));
            seen += page.path("items").size();
            next = page.path("next");
        }
        assertThat(seen).isEqualTo(eskarn.bean(GaugeService.class).all().size());
    }

    /** Neither a session of a browser nor a token that ended opens anything; and a token opens no page. */
    @Test
    void onlyAGoodTokenOpens(Eskarn eskarn) throws Exception {
        String token = token(eskarn, "w.sorrel");
        ApiTokens tokens = eskarn.bean(ApiTokens.class);
        var account = eskarn.bean(AccountService.class).byLogin("w.sorrel").orElseThrow();
        assertThat(send(eskarn, token, "/parts", "").statusCode()).isEqualTo(200);
        assertThat(eskarn.signedIn("w.sorrel")
                        .request()
                        .get(eskarn.address() + "/api/v1/parts")
                        .status())
                .isEqualTo(401);
        HttpResponse<String> page = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(eskarn.address() + "/ledger"))
                                .header("Authorization", "Bearer " + token)
                                .build(),
                        BodyHandlers.ofString());
        assertThat(page.statusCode()).isEqualTo(302);
        ApiToken kept = tokens.of(account.id()).get(0);
        assertThat(kept.good(kept.goodUntil())).isTrue();
        assertThat(kept.good(kept.goodUntil().plusDays(1))).isFalse();
        tokens.revoke(
                eskarn.bean(AccountService.class).byLogin(MARA).orElseThrow().id(), kept.id());
        assertThat(send(eskarn, token, "/parts", "").statusCode())
                .as("nobody else revokes it")
                .isEqualTo(200);
        eskarn.bean(AccountService.class).setActive(account.id(), account.version(), false);
        assertThat(send(eskarn, token, "/parts", "").statusCode()).isEqualTo(401);
        eskarn.bean(AccountService.class)
                .setActive(
                        account.id(),
                        eskarn.bean(AccountService.class)
                                .byId(account.id())
                                .orElseThrow()
                                .version(),
                        true);
        tokens.revoke(account.id(), kept.id());
        HttpResponse<String> revoked = send(eskarn, token, "/parts", "");
        assertThat(revoked.statusCode()).isEqualTo(401);
        assertThat(json(revoked).path("status").asInt()).isEqualTo(401);
        assertThat(send(eskarn, "abc", "/parts", "").statusCode()).isEqualTo(401);
        assertThatThrownBy(() -> tokens.make(account.id(), "long", "2999-01-01"))
                .isInstanceOf(FormRefused.class);
    }

    @Test
    void aTokenIsMadeAndRevokedOnItsPage(Eskarn eskarn) throws Exception {
        Page page = eskarn.signedIn(MARA);
        page.navigate(eskarn.address() + "/password");
        page.locator("a:has-text('Your tokens')").click();
        page.locator("[name=name]").press("Enter");
        assertThat(page.locator("#p-name")).isVisible();
        page.locator("[name=name]").fill("height stand 2");
        page.locator("[name=name]").press("Enter");
        String token = page.locator("#token").inputValue();
        assertThat(send(eskarn, token, "/parts", "").statusCode()).isEqualTo(200);
        assertThat(new AxeBuilder(page).setLegacyMode(true).analyze().getViolations())
                .isEmpty();
        page.locator("[aria-label='Revoke height stand 2']").first().click();
        assertThat(page.locator("#token")).hasCount(0);
        assertThat(send(eskarn, token, "/parts", "").statusCode()).isEqualTo(401);
    }
}
