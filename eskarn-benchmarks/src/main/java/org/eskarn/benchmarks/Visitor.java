package org.eskarn.benchmarks;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpClient.Redirect;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** One person of the demo at a server, who asks for pages and parts of pages one after the other. */
final class Visitor {

    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"");

    private final HttpClient client = HttpClient.newBuilder()
            .cookieHandler(new CookieManager())
            .followRedirects(Redirect.NORMAL)
            .build();
    private final String address;
    private String page = "";

    Visitor(String address) {
        this.address = address;
    }

    void signIn() throws IOException, InterruptedException {
        get("/sign-in", false);
        post("/sign-in", Map.of("login", "m.quill", "password", "vellmere"), false);
    }

    /** What was answered last. */
    String page() {
        return page;
    }

    boolean onPage(Pattern pattern) {
        return pattern.matcher(page).find();
    }

    String found(Pattern pattern) {
        Matcher matcher = pattern.matcher(page);
        if (!matcher.find()) {
            throw new IllegalStateException("the page holds no " + pattern);
        }
        return matcher.group(1);
    }

    /** @param fragment whether a part of a page is asked for, as the page itself does */
    void get(String path, boolean fragment) throws IOException, InterruptedException {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(address + path));
        send((fragment ? request.header("HX-Request", "true") : request).build());
    }

    void post(String path, Map<String, String> fields, boolean fragment) throws IOException, InterruptedException {
        Map<String, String> all = new TreeMap<>(fields);
        all.put("_csrf", found(TOKEN));
        StringBuilder body = new StringBuilder();
        all.forEach((name, value) -> body.append(body.length() == 0 ? "" : "&")
                .append(name)
                .append('=')
                .append(URLEncoder.encode(value, StandardCharsets.UTF_8)));
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(address + path))
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(BodyPublishers.ofString(body.toString()));
        send((fragment ? request.header("HX-Request", "true") : request).build());
    }

    private void send(HttpRequest request) throws IOException, InterruptedException {
        HttpResponse<String> response = client.send(request, BodyHandlers.ofString());
        if (response.statusCode() != 200) {
            throw new IllegalStateException(
                    request.uri() + " answered " + response.statusCode() + ": " + response.body());
        }
        page = response.body();
    }
}
