package org.eskarn.app.start;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.eskarn.app.EskarnApplication;
import org.eskarn.app.running.Eskarn;
import org.junit.jupiter.api.Test;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/** What a proxy says counts where it is trusted, and nowhere else; the host that a visitor names is never said back. */
class ProxyTest {

    private static ConfigurableApplicationContext serve(String... more) {
        Path folder = Eskarn.newFolder();
        List<String> all = new java.util.ArrayList<>(List.of("--data", folder.toString(), "--port", "0"));
        all.addAll(List.of(more));
        return SpringApplication.run(
                EskarnApplication.class, ServeOptions.of(all).settings(Map.of()).toArray(String[]::new));
    }

    /** As it comes over the wire: a client library would not send another host's name. */
    private static String ask(ConfigurableApplicationContext server, String head) throws IOException {
        int port = server.getEnvironment().getRequiredProperty("local.server.port", Integer.class);
        try (Socket socket = new Socket()) {
            socket.connect(new InetSocketAddress("localhost", port));
            socket.getOutputStream()
                    .write((head + "\r\nConnection: close\r\n\r\n").getBytes(StandardCharsets.US_ASCII));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    @Test
    void aTrustedProxyIsBelieved() throws IOException {
        try (ConfigurableApplicationContext server = serve("--proxy", "127.0.0.1,::1")) {
            String secure = ask(
                    server,
                    "GET /first-start HTTP/1.1\r\nHost: eskarn.example\r\nX-Forwarded-Proto: https\r\nX-Forwarded-For: 10.1.2.3");
            assertThat(secure)
                    .startsWith("HTTP/1.1 200")
                    .containsPattern("Set-Cookie: JSESSIONID=[^\r]*Secure")
                    .contains("HttpOnly")
                    .contains("SameSite=Lax")
                    .contains("Strict-Transport-Security:");
            String moved =
                    ask(server, "GET / HTTP/1.1\r\nHost: elsewhere.example\r\nX-Forwarded-Host: elsewhere.example");
            assertThat(moved).contains("Location: /sign-in").doesNotContain("elsewhere");
        }
    }

    @Test
    void anybodyElseIsNot() throws IOException {
        try (ConfigurableApplicationContext server = serve()) {
            String plain =
                    ask(server, "GET /first-start HTTP/1.1\r\nHost: elsewhere.example\r\nX-Forwarded-Proto: https");
            assertThat(plain)
                    .startsWith("HTTP/1.1 200")
                    .doesNotContain("Secure")
                    .doesNotContain("Strict-Transport")
                    .doesNotContain("elsewhere");
            assertThat(ask(server, "GET /../x HTTP/1.1\r\nHost: elsewhere.example"))
                    .doesNotContain("elsewhere");
        }
    }
}
