package org.eskarn.benchmarks;

import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Queue;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.regex.Pattern;

/**
 * Many inspectors at work at once: each opens dockets of the pinion shaft, confirms the steps, reads, and looks at the Bench, the Ledger or a
 * sheet now and then, with the pauses of hands that turn a part. Reports what went wrong and how long the answers took, from here; the server's
 * own times are in its access log.
 *
 * <p>Arguments: the server's address, how many inspectors, and for how many seconds.
 */
public final class InspectorsLoad {

    private static final long SEED = 200;
    private static final int PINION_SHAFT = 1;
    private static final int REQUIREMENTS = 3;

    /** Before what is timed: one after the other signs in, as a house wakes up. */
    private static final Duration ARRIVING = Duration.ofSeconds(200);

    private static final Pattern VERSION = Pattern.compile("name=\"version\" value=\"(\\d+)\"");
    private static final Pattern SWEEP = Pattern.compile("name=\"sweep\" value=\"(\\d+)\"");
    private static final Pattern PLACE = Pattern.compile("data-place=\"(\\d+)\"");
    private static final Pattern DOCKET = Pattern.compile("/dockets/(\\d+)/1\"");
    private static final Pattern KEY = Pattern.compile("name=\"key\" value=\"([^\"]+)\"");
    private static final Pattern SAME_SET_UP = Pattern.compile("name=\"as\" value=\"(\\d+)\"");
    private static final Pattern MARKED =
            Pattern.compile("<form[^>]*action=\"(/dockets/[^\"]+)\"(?:(?!</form>).)*data-first", Pattern.DOTALL);

    private final String address;
    private final Clock clock;
    private final Instant from;
    private final Instant until;
    private final Queue<Double> milliseconds = new ConcurrentLinkedQueue<>();
    private final Queue<String> wrong = new ConcurrentLinkedQueue<>();

    private InspectorsLoad(String address, Clock clock, int seconds) {
        this.address = address;
        this.clock = clock;
        this.from = clock.instant().plus(ARRIVING);
        this.until = from.plusSeconds(seconds);
    }

    public static void main(String[] arguments) throws InterruptedException {
        int inspectors = Integer.parseInt(arguments[1]);
        InspectorsLoad load =
                new InspectorsLoad(arguments[0], Clock.systemDefaultZone(), Integer.parseInt(arguments[2]));
        List<Thread> all = new ArrayList<>();
        for (int i = 0; i < inspectors; i++) {
            int each = i;
            Thread thread = new Thread(() -> load.work(each, inspectors));
            thread.start();
            all.add(thread);
        }
        for (Thread each : all) {
            each.join();
        }
        double[] sorted =
                load.milliseconds.stream().mapToDouble(each -> each).sorted().toArray();
        System.out.printf(
                Locale.ROOT,
                "%d inspectors, %s s: %d requests, %d wrong; here p50 %.1f ms, p95 %.1f ms, p99 %.1f ms, longest %.1f ms%n",
                inspectors,
                arguments[2],
                sorted.length,
                load.wrong.size(),
                sorted[sorted.length / 2],
                sorted[sorted.length * 95 / 100],
                sorted[sorted.length * 99 / 100],
                sorted[sorted.length - 1]);
        load.wrong.stream().limit(5).forEach(System.out::println);
    }

    private void work(int inspector, int of) {
        Random chance = new Random(SEED + inspector);
        Visitor visitor = new Visitor(address);
        try {
            Thread.sleep(ARRIVING.toMillis() * inspector / of);
            visitor.signIn();
            while (clock.instant().isBefore(until)) {
                String opened =
                        open(visitor, "I-" + UUID.randomUUID().toString().substring(0, 8));
                for (int position = 1;
                        position <= REQUIREMENTS && clock.instant().isBefore(until);
                        position++) {
                    work(visitor, opened + "/" + position, chance);
                }
            }
        } catch (IOException | IllegalStateException e) {
            wrong.add("inspector " + inspector + ": " + e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private String open(Visitor visitor, String serial) throws IOException, InterruptedException {
        String form = "/parts/" + PINION_SHAFT + "/dockets/new";
        timed(() -> visitor.get(form, false));
        Map<String, String> fields = Map.of(
                "serials",
                serial,
                "purpose",
                "FINAL",
                "askedBy",
                "load",
                "due",
                LocalDate.now(clock).plusDays(5).toString(),
                "key",
                visitor.found(KEY));
        timed(() -> visitor.post(form, fields, false));
        return "/dockets/" + visitor.found(DOCKET);
    }

    private void work(Visitor visitor, String setUp, Random chance) throws IOException, InterruptedException {
        timed(() -> visitor.get(setUp, false));
        while (clock.instant().isBefore(until)) {
            pause(chance);
            if (chance.nextInt(20) == 0) {
                timed(() -> visitor.get(chance.nextInt(3) == 0 ? "/ledger" : "/", false));
                pause(chance);
                timed(() -> visitor.get(setUp, false));
            } else if (visitor.onPage(PLACE)) {
                int place = Integer.parseInt(visitor.found(PLACE));
                String typed = place == 1 || place == 9 ? "0" : String.valueOf(chance.nextInt(8));
                Map<String, String> reading = Map.of(
                        "sweep",
                        visitor.found(SWEEP),
                        "place",
                        String.valueOf(place),
                        "typed",
                        typed,
                        "key",
                        UUID.randomUUID().toString());
                timed(() -> visitor.post(setUp + "/readings", reading, true));
            } else if (visitor.onPage(MARKED)) {
                Map<String, String> fields = new HashMap<>(Map.of("version", visitor.found(VERSION)));
                if (visitor.onPage(SAME_SET_UP)) {
                    fields.put("as", visitor.found(SAME_SET_UP));
                }
                String marked = visitor.found(MARKED);
                timed(() -> visitor.post(marked, fields, true));
            } else {
                return;
            }
        }
    }

    /** Hands need two to six seconds from one key to the next. */
    private static void pause(Random chance) throws InterruptedException {
        Thread.sleep(2000 + chance.nextInt(4000));
    }

    @FunctionalInterface
    private interface Request {
        void send() throws IOException, InterruptedException;
    }

    private void timed(Request request) throws IOException, InterruptedException {
        long start = System.nanoTime();
        request.send();
        if (clock.instant().isAfter(from)) {
            milliseconds.add((System.nanoTime() - start) / 1e6);
        }
    }
}
