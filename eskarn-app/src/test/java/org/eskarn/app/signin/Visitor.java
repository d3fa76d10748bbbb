package org.eskarn.app.signin;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Somebody who is not signed in and sends forms without a browser, with the token of the sign-in page. */
record Visitor(String address, HttpClient client, String token) {

    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"");

    static Visitor of(String address) {
        HttpClient client =
                HttpClient.newBuilder().cookieHandler(new CookieManager()).build();
        String page = send(client, HttpRequest.newBuilder(URI.create(address + "/sign-in")))
                .body();
        if (page.isEmpty()) {
            page = send(client, HttpRequest.newBuilder(URI.create(address + "/first-start")))
                    .body();
        }
        Matcher token = TOKEN.matcher(page);
        if (!token.find()) {
            throw new IllegalStateException("no token on " + page);
        }
        return new Visitor(address, client, token.group(1));
    }

    HttpResponse<String> post(String path, String form) {
        return send(
                client,
                HttpRequest.newBuilder(URI.create(address + path))
                        .header("Content-Type", "application/x-www-form-urlencoded")
                        .POST(HttpRequest.BodyPublishers.ofString(
                                form + "&_csrf=" + URLEncoder.encode(token, StandardCharsets.UTF_8))));
    }

    HttpResponse<String> get(String path) {
        return send(client, HttpRequest.newBuilder(URI.create(address + path)));
    }

    /** The same person, with the same cookies, at another address. */
    Visitor at(String other) {
        return new Visitor(other, client, token);
    }

    private static HttpResponse<String> send(HttpClient client, HttpRequest.Builder request) {
        try {
            return client.send(request.build(), BodyHandlers.ofString());
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }
}
