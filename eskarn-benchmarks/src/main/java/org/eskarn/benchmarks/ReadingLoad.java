package org.eskarn.benchmarks;

import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
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

    /** Of each sweep, for a complete one can no longer be taken back. */
    private static final int MOST_READ = 6;

    /** The longest sweep among them. */
    private static final int STATIONS_AND_RETURN = 13;

    private static final Pattern VERSION = Pattern.compile("name=\"version\" value=\"(\\d+)\"");
    private static final Pattern SWEEP = Pattern.compile("name=\"sweep\" value=\"(\\d+)\"");
    /** The form that the page marks as the next to send. */
    private static final Pattern MARKED =
            Pattern.compile("<form[^>]*action=\"([^\"]+)\"(?:(?!</form>).)*data-first", Pattern.DOTALL);

    private static final Pattern BACK =
            Pattern.compile("/take-back\"(?:(?!</form>).)*name=\"place\" value=\"(\\d+)\"", Pattern.DOTALL);

    private static final Pattern PLACE = Pattern.compile("data-place=\"(\\d+)\"");

    private final Visitor visitor;

    private ReadingLoad(Visitor visitor) {
        this.visitor = visitor;
    }

    public static void main(String[] arguments) throws Exception {
        int timed = Integer.parseInt(arguments[1]);
        Visitor visitor = new Visitor(arguments[0]);
        visitor.signIn();
        ReadingLoad load = new ReadingLoad(visitor);
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
                visitor.page().length() / 1024);
    }

    private double[] take(int count) throws IOException, InterruptedException {
        double[] milliseconds = new double[count];
        int taken = 0;
        for (int round = 0; taken < count; round++) {
            String setUp = SET_UPS.get(round % SET_UPS.size());
            visitor.get(setUp, false);
            toTheSweep(setUp);
            while (taken < count && visitor.onPage(PLACE) && Integer.parseInt(visitor.found(PLACE)) <= MOST_READ) {
                String place = visitor.found(PLACE);
                Map<String, String> reading = Map.of(
                        "sweep",
                        visitor.found(SWEEP),
                        "place",
                        place,
                        "typed",
                        "1".equals(place) ? "0" : "+" + Integer.parseInt(place) % 3 + ".5",
                        "key",
                        UUID.randomUUID().toString());
                long start = System.nanoTime();
                visitor.post(setUp + "/readings", reading, true);
                milliseconds[taken++] = (System.nanoTime() - start) / 1e6;
            }
        }
        return milliseconds;
    }

    /** Confirms and ticks what the page marks until the reading field is there, and empties the sweep. */
    private void toTheSweep(String setUp) throws IOException, InterruptedException {
        while (!visitor.onPage(PLACE) && !visitor.page().contains("aria-label=\"Prove\"")) {
            visitor.post(visitor.found(MARKED), Map.of("version", visitor.found(VERSION)), true);
        }
        for (int place = STATIONS_AND_RETURN; place >= 1; place--) {
            visitor.get(setUp + "?step=sweep", false);
            if (visitor.onPage(BACK)) {
                visitor.post(
                        setUp + "/take-back",
                        Map.of("sweep", visitor.found(SWEEP), "place", visitor.found(BACK)),
                        true);
            }
        }
    }
}
