package org.eskarn.app.start;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.eskarn.app.running.Eskarn;
import org.junit.jupiter.api.Test;

/** A server that is told to stop answers what it has begun, and begins nothing new. */
class StopTest {

    private static final Pattern PORT = Pattern.compile("http://localhost:(\\d+)");
    private static final String BODY = "login=m.quill&password=" + Eskarn.PASSWORD;

    @Test
    void aRequestThatIsUnderWayIsAnswered() throws Exception {
        Path folder = Eskarn.demoFolder();
        int port = freePort();
        Process server = Eskarn.process("serve", "--demo", "--port", String.valueOf(port), "--data", folder.toString())
                .start();
        try (BufferedReader said = server.inputReader(StandardCharsets.UTF_8)) {
            assertThat(port(said)).contains(port);
            try (Socket request = new Socket(InetAddress.getByName("localhost"), port)) {
                send(
                        request,
                        "POST /sign-in HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/x-www-form-urlencoded\r\n"
                                + "Content-Length: " + BODY.length() + "\r\nExpect: 100-continue\r\n\r\n");
                BufferedReader answer =
                        new BufferedReader(new InputStreamReader(request.getInputStream(), StandardCharsets.UTF_8));
                // The server asks for the rest once it works at the request.
                assertThat(answer.readLine()).isEqualTo("HTTP/1.1 100 ");
                assertThat(answer.readLine()).isEmpty();
                server.destroy();
                while (accepts(port)) {
                    Thread.onSpinWait();
                }
                assertThat(server.isAlive()).isTrue();
                send(request, BODY);
                // Without the token of a form it leads back to the sign-in page: that is an answer, and a whole one.
                assertThat(answer.readLine()).startsWith("HTTP/1.1 302");
                assertThat(answer.lines().anyMatch(line -> line.startsWith("Location: ")))
                        .isTrue();
            }
            assertThat(server.waitFor()).isEqualTo(143);
        } finally {
            server.destroyForcibly();
        }
    }

    private static int freePort() throws IOException {
        try (java.net.ServerSocket socket = new java.net.ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }

    private static Optional<Integer> port(BufferedReader said) {
        return said.lines()
                .map(PORT::matcher)
                .filter(Matcher::find)
                .map(found -> Integer.valueOf(found.group(1)))
                .findFirst();
    }

    private static void send(Socket to, String text) throws IOException {
        to.getOutputStream().write(text.getBytes(StandardCharsets.UTF_8));
        to.getOutputStream().flush();
    }

    private static boolean accepts(int port) {
        try (Socket tried = new Socket(InetAddress.getByName("localhost"), port)) {
            return tried.isConnected();
        } catch (IOException refused) {
            return false;
        }
    }
}
