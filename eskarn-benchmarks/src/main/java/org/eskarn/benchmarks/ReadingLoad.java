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
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Posts readings to a demo server one after the other, as the docket page does, and reports the time from sending each
 * to having its whole fragment. The times hold the loopback and this client too, so the server's own are smaller.
 *
 * <p>Arguments: the server's address, and how many readings to time.
 */
public final class ReadingLoad {

    private static final int WARM_UP = 100;
    /** Set-ups of the demo that nobody has worked at yet; they are swept in turn; before each
     * sweep its readings are taken back, so that every page is that of an ordinary docket. */
    private static final List<String> SET_UPS =
            List.of("/dockets/217/1", "/dockets/217/2", "/dockets/217/3", "/dockets/218/1", "/dockets/218/2");

    /** The longest sweep among them. */
    private static final int STATIONS_AND_RETURN = 13;

    private static final Pattern VERSION = Pattern.compile("name=\"version\" value=\"(\\d+)\"");
    private static final Pattern SWEEP = Pattern.compile("name=\"sweep\" value=\"(\\d+)\"");
    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"");
    /** The form that the page marks as the next to send. */
    private static final Pattern MARKED =
            Pattern.compile("<form[^>]*action=\"([^\"]+)\"(?:(?!</form>).)*data-first", Pattern.DOTALL);

    private static final Pattern BACK =
            Pattern.compile("/take-back\"(?:(?!</form>).)*name=\"place\" value=\"(\\d+)\"", Pattern.DOTALL);

    private static final Pattern PLACE = Pattern.compile("data-place=\"(\\d+)\"");

    private final HttpClient client = HttpClient.newBuilder()
            .cookieHandler(new CookieManager())
            .followRedirects(Redirect.NORMAL)
            .build();
    private final String address;
    private String page = "";

    private ReadingLoad(String address) {
        this.address = address;
    }

    public static void main(String[] arguments) throws Exception {
        int timed = Integer.parseInt(arguments[1]);
        ReadingLoad load = new ReadingLoad(arguments[0]);
        load.signIn();
        double[] milliseconds = load.take(WARM_UP + timed);
        double[] sorted = Arrays.stream(milliseconds).skip(WARM_UP).sorted().toArray();
        System.out.printf(
                Locale.ROOT,
                "%d readings after %d to warm up: p50 %.1f ms, p95 %.1f ms, p99 %.1f ms, longest %.1f ms; fragment %d KiB%n",
                timed,
                WARM_UP,
                sorted[timed / 2],
                sorted[timed * 95 / 100],
                sorted[timed * 99 / 100],
                sorted[timed - 1],
                load.page.length() / 1024);
    }

    private void signIn() throws IOException, InterruptedException {
        get("/sign-in");
        post("/sign-in", Map.of("login", "m.quill", "password", "vellmere"), false);
    }

    private double[] take(int count) throws IOException, InterruptedException {
        double[] milliseconds = new double[count];
        int taken = 0;
        for (int round = 0; taken < count; round++) {
            String setUp = SET_UPS.get(round % SET_UPS.size());
            get(setUp);
            toTheSweep(setUp);
            while (taken < count && onPage(PLACE)) {
                String place = found(PLACE);
                Map<String, String> reading = Map.of(
                        "sweep",
                        found(SWEEP),
                        "place",
                        place,
                        "typed",
                        "1".equals(place) ? "0" : "+" + Integer.parseInt(place) % 3 + ".5",
                        "key",
                        UUID.randomUUID().toString());
                long start = System.nanoTime();
                post(setUp + "/readings", reading, true);
                milliseconds[taken++] = (System.nanoTime() - start) / 1e6;
            }
        }
        return milliseconds;
    }

    /** Confirms and ticks what the page marks until the reading field is there, and empties the sweep. */
    private void toTheSweep(String setUp) throws IOException, InterruptedException {
        while (!onPage(PLACE) && !page.contains("aria-label=\"Prove\"")) {
            post(found(MARKED), Map.of("version", found(VERSION)), true);
        }
        for (int place = STATIONS_AND_RETURN; place >= 1; place--) {
            get(setUp + "?step=sweep");
            if (onPage(BACK)) {
                post(setUp + "/take-back", Map.of("sweep", found(SWEEP), "place", found(BACK)), true);
            }
        }
    }

    private boolean onPage(Pattern pattern) {
        return pattern.matcher(page).find();
    }

    private String found(Pattern pattern) {
        Matcher matcher = pattern.matcher(page);
        if (!matcher.find()) {
            throw new IllegalStateException("the page holds no " + pattern);
        }
        return matcher.group(1);
    }

    private void get(String path) throws IOException, InterruptedException {
        send(HttpRequest.newBuilder(URI.create(address + path)).build());
    }

    private void post(String path, Map<String, String> fields, boolean fragment)
            throws IOException, InterruptedException {
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
            throw new IllegalStateException(request.uri() + " answered " + response.statusCode());
        }
        page = response.body();
    }
}
