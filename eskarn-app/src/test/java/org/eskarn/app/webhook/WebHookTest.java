package org.eskarn.app.webhook;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FormData;
import com.microsoft.playwright.options.RequestOptions;
import com.sun.net.httpserver.HttpServer;
import java.io.BufferedReader;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.eskarn.app.ledger.LedgerService;
import org.eskarn.app.ledger.SigningRefused;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.app.running.Work;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Other programs are told what was signed: all of it, nothing else, and until they have heard. */
@ExtendWith(RunningEskarn.class)
class WebHookTest {

    private static final String MARA = "m.quill";
    private static final String STEWARD = "e.korrin";
    private static final String RING = "0 -3 2 4 5.5 4 3 1 0.5";

    private final List<HttpServer> listening = new ArrayList<>();
    private final List<Long> made = new ArrayList<>();
    private WebHooks hooks;

    /** What one program was sent, and what it answers to that. */
    private final class Listener {
        private final List<Map<String, String>> heard = new ArrayList<>();
        private final String address;
        private volatile int answer = 204;

        Listener() throws Exception {
            HttpServer server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
            server.createContext("/hook", exchange -> {
                heard.add(Map.of(
                        "key", exchange.getRequestHeaders().getFirst("Eskarn-Key"),
                        "time", exchange.getRequestHeaders().getFirst("Eskarn-Time"),
                        "signature", exchange.getRequestHeaders().getFirst("Eskarn-Signature"),
                        "body", new String(exchange.getRequestBody().readAllBytes(), StandardCharsets.UTF_8)));
                exchange.sendResponseHeaders(answer, -1);
                exchange.close();
            });
            server.start();
            listening.add(server);
            address = "http://127.0.0.1:" + server.getAddress().getPort() + "/hook";
        }
    }

    @AfterEach
    void stop() {
        listening.forEach(server -> server.stop(0));
        made.forEach(id -> hooks.end(id));
    }

    private String tell(Eskarn eskarn, String name, String address) throws FormRefused {
        hooks = eskarn.bean(WebHooks.class);
        String secret = hooks.make(1, name, address);
        hooks.all().stream()
                .filter(each -> each.name().equals(name))
                .map(WebHook::id)
                .forEach(made::add);
        return secret;
    }

    private static void deliver(Eskarn eskarn) {
        eskarn.bean(HookDelivery.class).deliver();
    }

    private static Work judged(Eskarn eskarn) throws Exception {
        return Work.open(eskarn.context(), "TG-110", "C", 1, MARA).judge(MARA, RING);
    }

    private HookEvent last(Work work, String name) {
        long hook = hooks.all().stream()
                .filter(each -> each.name().equals(name))
                .findFirst()
                .orElseThrow()
                .id();
        return hooks.latest().stream()
                .filter(each -> each.webHookId() == hook && each.docketNumber() == work.number())
                .findFirst()
                .orElseThrow();
    }

    @Test
    void whatIsSignedIsToldUntilItIsHeard(Eskarn eskarn) throws Exception {
        Listener stores = new Listener();
        stores.answer = 500;
        String secret = tell(eskarn, "goods in", stores.address);
        Work work = judged(eskarn);
        assertThatThrownBy(() -> work.leaveOthersOut(MARA)
                        .bean(LedgerService.class)
                        .sign(work.number(), "stale", "journal A only", work.account(MARA)))
                .isInstanceOf(SigningRefused.class);
        deliver(eskarn);
        assertThat(stores.heard).as("nothing was signed").isEmpty();
        work.sign(MARA, "journal A only");
        Instant signedAt = eskarn.bean(Clock.class).instant();
        deliver(eskarn);
        assertThat(last(work, "goods in").problem()).isEqualTo("It answered 500.");
        assertThat(last(work, "goods in").nextAt())
                .isBetween(
                        signedAt.plusSeconds(60),
                        eskarn.bean(Clock.class).instant().plusSeconds(60));
        deliver(eskarn);
        assertThat(stores.heard).as("it waits before the next try").hasSize(1);
        stores.answer = 204;
        hooks.again(last(work, "goods in").id());
        deliver(eskarn);
        deliver(eskarn);
        assertThat(stores.heard).hasSize(2);
        assertThat(last(work, "goods in").arrivedAt()).isNotNull();
        Map<String, String> heard = stores.heard.get(1);
        assertThat(heard.get("key")).isEqualTo(stores.heard.get(0).get("key"));
        assertThat(heard.get("signature"))
                .isEqualTo("sha256=" + HookSignature.of(secret, Long.parseLong(heard.get("time")), heard.get("body")));
        JsonNode body = JsonMapper.shared().readTree(heard.get("body"));
        assertThat(body.path("docket").asInt()).isEqualTo(work.number());
        assertThat(body.path("outcome").asString())
                .isEqualTo(work.docket().outcome().name());
        assertThat(body.path("signedBy").asString()).isEqualTo("Mara Quill");
        assertThat(body.path("sha256").asString())
                .isEqualTo(eskarn.bean(JdbcClient.class)
                        .sql("select hash from signed_document where number = ?")
                        .param(body.path("document").asInt())
                        .query(String.class)
                        .single());
    }

    /** As another library (Python’s hmac) signs “7.what do ya want for nothing?” with the secret “Jefe”. */
    @Test
    void theSignatureIsHmacWithSha256() {
        assertThat(HookSignature.of("Jefe", 7, "what do ya want for nothing?"))
                .isEqualTo("239f4b39fd23f4376db46b239fae471e7c6824b3931bc60f4c0b745bef8de34f");
    }

    /** A program that does not answer holds up its own messages, and nobody else's. */
    @Test
    void whoIsSilentHoldsUpNobodyElse(Eskarn eskarn) throws Exception {
        Listener silent = new Listener();
        silent.answer = 503;
        Listener quick = new Listener();
        tell(eskarn, "silent", silent.address);
        tell(eskarn, "quick", quick.address);
        judged(eskarn).sign(MARA, "journal A only");
        judged(eskarn).sign(MARA, "journal A only");
        deliver(eskarn);
        assertThat(silent.heard).hasSize(1);
        assertThat(quick.heard).hasSize(2);
        hooks.end(made.get(0));
        deliver(eskarn);
        assertThat(silent.heard).as("ended").hasSize(1);
    }

    /** The last try is the eighth, almost two days after the first. */
    @Test
    void nobodyTriesForEver() {
        Instant now = Instant.parse("2027-01-04T08:00:00Z");
        Instant at = now;
        int tries = 0;
        for (Instant next = at; next != null; tries++) {
            at = next;
            next = new HookEvent(1, 1, "k", 1, "{}", now, tries, now, null, "").after(at);
        }
        assertThat(tries).isEqualTo(8);
        assertThat(Duration.between(now, at)).isBetween(Duration.ofHours(40), Duration.ofHours(48));
        assertThat(new HookEvent(1, 1, "k", 1, "{}", now, tries, null, null, "").givenUp())
                .isTrue();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "goods in",
                "ftp://stores.example/x",
                "http:///x",
                "https://a:b@stores.example/",
                "https://x y"
            })
    void whatIsNoAddressIsRefused(String address, Eskarn eskarn) {
        assertThatThrownBy(() -> eskarn.bean(WebHooks.class).make(1, "goods in", address))
                .isInstanceOfSatisfying(
                        FormRefused.class,
                        refused -> assertThat(refused.problems()).containsOnlyKeys("address"));
    }

    /** By keyboard: it is told, its secret is shown once, what it was sent is listed, and it is ended. */
    @Test
    void theStewardSaysWhoIsTold(Eskarn eskarn) throws Exception {
        hooks = eskarn.bean(WebHooks.class);
        Page page = eskarn.signedIn(STEWARD);
        page.navigate(eskarn.address() + "/works");
        page.locator("main a:has-text('Web hooks')").focus();
        page.keyboard().press("Enter");
        page.locator("[name=name]").focus();
        page.keyboard().type("planning");
        page.keyboard().press("Tab");
        page.keyboard().type("simulated");
        page.keyboard().press("Enter");
        assertThat(page.locator("#secret")).isFocused();
        String secret = page.locator("#secret").inputValue();
        Work work = judged(eskarn).sign(MARA, "journal A only");
        deliver(eskarn);
        page.navigate(eskarn.address() + "/works/hooks");
        assertThat(page.locator("tr:has-text('planning'):has-text('" + work.number() + "')"))
                .containsText("arrived");
        assertThat(page.content()).doesNotContain(secret);
        assertThat(new AxeBuilder(page).setLegacyMode(true).analyze().getViolations())
                .isEmpty();
        page.locator("tr:has-text('planning') button:has-text('End')").focus();
        page.keyboard().press("Enter");
        assertThat(page.locator("tr:has(button):has-text('planning')")).hasCount(0);
        assertThat(page.locator("tr:has-text('planning'):has-text('" + work.number() + "')"))
                .hasCount(1);
        Page other = eskarn.signedIn(MARA);
        assertThat(other.request().get(eskarn.address() + "/works/hooks").status())
                .isEqualTo(403);
        other.navigate(eskarn.address() + "/tokens");
        APIResponse sent = other.request()
                .post(
                        eskarn.address() + "/works/hooks",
                        RequestOptions.create()
                                .setForm(FormData.create()
                                        .set(
                                                "_csrf",
                                                other.locator("[name=_csrf]")
                                                        .first()
                                                        .inputValue())
                                        .set("name", "mine")
                                        .set("address", "https://mine.example/")));
        assertThat(sent.status()).isEqualTo(403);
        assertThat(hooks.all()).noneMatch(each -> each.name().equals("mine"));
    }

    /** The receiver that docs/API.md shows, as it stands there: it takes what is signed, once, and nothing else. */
    @Test
    void theReceiverOfTheDocumentChecksWhatItIsSent(Eskarn eskarn, @TempDir Path folder) throws Exception {
        Matcher shown = Pattern.compile("(?s)```python\n(import hashlib.*?)```")
                .matcher(Files.readString(Path.of("../docs/API.md")));
        assertThat(shown.find()).isTrue();
        Path program = folder.resolve("receiver.py");
        Files.writeString(program, shown.group(1));
        Process process = new ProcessBuilder("python3", "-u", program.toString(), "0", "the secret")
                .redirectErrorStream(true)
                .start();
        try (BufferedReader said = process.inputReader()) {
            String address = said.readLine();
            assertThat(address).startsWith("http://127.0.0.1:");
            HttpReceiver receiver = new HttpReceiver(URI.create(address));
            // The program beside this one has the machine’s clock.
            long now = Clock.systemUTC().instant().getEpochSecond();
            String body = "{\"docket\":212,\"outcome\":\"PASS\"}";
            String signature = HookSignature.of("the secret", now, body);
            receiver.send("k1", now, body, signature);
            assertThat(said.readLine()).isEqualTo("212 PASS");
            receiver.send("k1", now, body, signature);
            assertThatThrownBy(() -> receiver.send("k2", now, body.replace("PASS", "FAIL"), signature))
                    .hasMessageContaining("401");
            assertThatThrownBy(() ->
                            receiver.send("k3", now - 3600, body, HookSignature.of("the secret", now - 3600, body)))
                    .as("an old one, sent by somebody who kept it")
                    .hasMessageContaining("401");
            receiver.send("k4", now, body, signature);
            assertThat(said.readLine()).isEqualTo("212 PASS");
        } finally {
            process.destroy();
        }
    }
}
