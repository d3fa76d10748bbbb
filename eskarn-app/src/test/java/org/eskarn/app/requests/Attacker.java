package org.eskarn.app.requests;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.StringJoiner;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Somebody signed in who sends what no page would. */
final class Attacker {

    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"");
    private static final Pattern VARIABLE = Pattern.compile("\\{[^}]*}");

    /** Places of the demo's world, and what is none. */
    private static final List<String> PLACES = List.of(
            "1",
            "2",
            "6",
            "212",
            "214",
            "215",
            "217",
            "219",
            "0",
            "-1",
            "99999",
            "9223372036854775808",
            "x",
            "%00",
            "1e3",
            "require",
            "zero",
            "sweep",
            "fits",
            "%C3%28",
            "..%2f",
            "SEAT");

    private static final List<String> LIKELY = List.of("1", "1", "2", "214", "217", "219", "zero", "sweep", "blocks");

    private static final List<String> UNDECODABLE = List.of("%ff%fe", "%C3%28");

    private static final List<String> VALUES = List.of(
            "",
            " ",
            "0",
            "1",
            "-1",
            "0.020",
            "1e400",
            "-1e400",
            "1e-400",
            "NaN",
            "Infinity",
            "99999999999999999999",
            "x",
            "true",
            "2026-02-30",
            "2026-11-27",
            "0000-00-00",
            "+999999999-01-01",
            "1/0",
            "3/2",
            "12*90",
            "0,5",
            "%ff%fe",
            "%C3%28",
            "%00",
            "%F0%9F%94%A9",
            "<b>",
            "';--",
            "${7*7}",
            "../..",
            "45 H7/g6",
            "6 6",
            "A 0 0; B 1 1",
            "a".repeat(300),
            "9".repeat(400),
            "1 ".repeat(300),
            "%0a%0d",
            "12h",
            "1 2 3 4 5 6 7 8");

    private final String address;
    private final String login;
    private final Random chance;
    private HttpClient client = HttpClient.newHttpClient();
    private String token = "";

    Attacker(String address, String login, Random chance) {
        this.address = address;
        this.login = login;
        this.chance = chance;
    }

    void signIn(String password) throws IOException, InterruptedException {
        client = HttpClient.newBuilder().cookieHandler(new CookieManager()).build();
        token = tokenOf("/sign-in");
        String form = "login=" + login + "&password=" + password + "&_csrf=" + token;
        client.send(
                HttpRequest.newBuilder(URI.create(address + "/sign-in"))
                        .header("Content-Type", "application/x-www-form-urlencoded")
                        .POST(BodyPublishers.ofString(form))
                        .build(),
                BodyHandlers.discarding());
        token = tokenOf("/");
    }

    private String tokenOf(String path) throws IOException, InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(URI.create(address + path)).build();
        Matcher found =
                TOKEN.matcher(client.send(request, BodyHandlers.ofString()).body());
        if (!found.find()) {
            throw new IllegalStateException("no token on " + path + " of " + login);
        }
        return URLEncoder.encode(found.group(1), StandardCharsets.UTF_8);
    }

    private String place() {
        return any(chance.nextInt(3) > 0 ? LIKELY : PLACES);
    }

    private <T> T any(List<T> all) {
        return all.get(chance.nextInt(all.size()));
    }

    /** What was sent, in words that repeat it, with the answer. */
    record Sent(String what, HttpResponse<String> answer) {

        int status() {
            return answer.statusCode();
        }

        boolean signedOut() {
            return status() == 401
                    || answer.headers().firstValue("Location").orElse("").startsWith("/sign-in");
        }
    }

    Sent send(Route route) throws IOException, InterruptedException {
        String path = VARIABLE.matcher(route.pattern()).replaceAll(unused -> Matcher.quoteReplacement(place()));
        String fields = fields(route.fields());
        boolean posts = route.method().equals("POST");
        String target = posts || fields.isEmpty() ? path : path + "?" + fields;
        String type = posts
                ? any(List.of(
                        "application/x-www-form-urlencoded",
                        "application/x-www-form-urlencoded",
                        "application/x-www-form-urlencoded",
                        "application/x-www-form-urlencoded",
                        "application/x-www-form-urlencoded;charset=utf-16",
                        "multipart/form-data",
                        "multipart/form-data; boundary=x",
                        "application/json",
                        "text/plain",
                        "x"))
                : "";
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(address + target.replace(" ", "%20")));
        if (posts) {
            request.header("Content-Type", type)
                    .header("X-CSRF-TOKEN", java.net.URLDecoder.decode(token, StandardCharsets.UTF_8))
                    .POST(BodyPublishers.ofString(fields));
        }
        if (chance.nextInt(3) == 0) {
            request.header("HX-Request", "true");
        }
        return new Sent(
                login + " " + route.method() + " " + target + (posts ? " [" + type + "] " + fields : ""),
                client.send(request.build(), BodyHandlers.ofString()));
    }

    private String fields(Map<String, Class<?>> fields) {
        StringJoiner all = new StringJoiner("&");
        fields.forEach((name, type) -> {
            if (chance.nextInt(6) > 0) {
                all.add(encoded(name) + "=" + value(type));
            }
        });
        return all.toString();
    }

    private static String encoded(String name) {
        return URLEncoder.encode(name, StandardCharsets.UTF_8);
    }

    /** Mostly what could be meant, so that what comes after the first check is reached too. */
    private String value(Class<?> type) {
        if (type.isEnum() && chance.nextInt(4) > 0) {
            return any(List.of(type.getEnumConstants())).toString();
        }
        boolean number = type.isPrimitive() && type != boolean.class;
        if (number && chance.nextInt(4) > 0) {
            return any(List.of("0", "1", "2", "7"));
        }
        if (chance.nextInt(400) == 0) {
            return any(UNDECODABLE);
        }
        return any(VALUES).replace(" ", "+").replaceAll("[<>\"'{}^|\\\\`\\[\\]]", "%3C");
    }
}
