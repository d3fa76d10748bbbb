package org.eskarn.app.docket.work;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningEskarn.class)
class KilledServerTest {

    @Test
    void whatThePageShowedIsThereAfterTheServerWasKilled(Eskarn eskarn) throws Exception {
        Path folder = Eskarn.newFolder();
        int port = freePort();
        String address = "http://localhost:" + port;
        Page page = eskarn.window();
        DocketScreen screen = new DocketScreen(page);

        Process server = start(folder, port);
        try {
            waitFor(address, server);
            Eskarn.signIn(page, address, "m.quill", Eskarn.PASSWORD);
            page.navigate(address + "/dockets/217/1");
            screen.prepare();
            for (String reading : List.of("0", "2.50", "5,5")) {
                screen.type(reading);
            }
            screen.nextIs("Station 4");
        } finally {
            kill(server);
        }

        Process again = start(folder, port);
        try {
            waitFor(address, again);
            page.navigate(address + "/dockets/217");
            // On a database server even who is signed in survives.
            if (page.url().contains("/sign-in")) {
                Eskarn.signIn(page, address, "m.quill", Eskarn.PASSWORD);
                page.navigate(address + "/dockets/217");
            }
            screen.nextIs("Station 4 · 135°");
            screen.tapeIs("0.0", "+2.5", "+5.5", "–");
            assertThat(screen.field()).isFocused();
        } finally {
            kill(again);
        }
    }

    private static Process start(Path folder, int port) throws IOException {
        return Eskarn.demoProcess(folder, port)
                .redirectOutput(folder.resolve("server.log").toFile())
                .start();
    }

    /** SIGKILL: the server gets no chance to tidy up. */
    private static void kill(Process server) throws InterruptedException {
        server.destroyForcibly().waitFor();
    }

    private static void waitFor(String address, Process server) throws Exception {
        HttpClient client = HttpClient.newHttpClient();
        HttpRequest request = HttpRequest.newBuilder(URI.create(address + "/sign-in"))
                .timeout(Duration.ofSeconds(60))
                .build();
        while (server.isAlive()) {
            try {
                client.send(request, BodyHandlers.discarding());
                return;
            } catch (IOException notYet) {
                Thread.onSpinWait();
            }
        }
        throw new IllegalStateException("the server ended with " + server.exitValue());
    }

    private static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }
}
