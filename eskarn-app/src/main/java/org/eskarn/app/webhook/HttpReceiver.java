package org.eskarn.app.webhook;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.Locale;
import org.eskarn.app.page.Words;

/** A program that listens at an address. It is followed nowhere else, and of what it answers the status alone is read. */
final class HttpReceiver implements Receiver {

    private static final Duration TO_CONNECT = Duration.ofSeconds(5);
    private static final Duration PATIENCE = Duration.ofSeconds(10);
    private static final int FIRST_GOOD = 200;
    private static final int FIRST_OTHER = 300;

    private final URI address;

    HttpReceiver(URI address) {
        this.address = address;
    }

    @Override
    public void send(String key, long time, String body, String signature) throws IOException {
        HttpRequest request = HttpRequest.newBuilder(address)
                .timeout(PATIENCE)
                .header("Content-Type", "application/json")
                .header("Eskarn-Key", key)
                .header("Eskarn-Time", String.valueOf(time))
                .header("Eskarn-Signature", "sha256=" + signature.toLowerCase(Locale.ROOT))
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build();
        // No connection is kept: a program that speaks HTTP/1.0 closes it, and the next message would be lost in it.
        HttpClient client = HttpClient.newBuilder()
                .connectTimeout(TO_CONNECT)
                .followRedirects(HttpClient.Redirect.NEVER)
                .build();
        try {
            int status =
                    client.send(request, HttpResponse.BodyHandlers.discarding()).statusCode();
            if (status < FIRST_GOOD || status >= FIRST_OTHER) {
                throw new IOException(Words.say("webhook.answered", status));
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException(Words.say("webhook.stopped"), e);
        }
    }
}
