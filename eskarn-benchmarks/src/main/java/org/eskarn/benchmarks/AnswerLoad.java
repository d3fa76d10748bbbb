package org.eskarn.benchmarks;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/**
 * Asks a demo server for the live answer of every calculator, with its worked example typed in, and reports the time from sending
 * each to having its whole fragment, the slowest first. The times hold the loopback and this client too, so the server's own are
 * smaller.
 *
 * <p>Arguments: the server's address, and how many answers of each to time.
 */
public final class AnswerLoad {

    private static final int WARM_UP = 60;

    private static final Pattern CALCULATOR = Pattern.compile("href=\"(/tables/[^\"]+\\?[^\"]+)\"");

    private AnswerLoad() {}

    private record Times(String path, double[] sorted) {

        double share(int percent) {
            return sorted[Math.min(sorted.length - 1, sorted.length * percent / 100)];
        }
    }

    public static void main(String[] arguments) throws Exception {
        int timed = Integer.parseInt(arguments[1]);
        Visitor visitor = new Visitor(arguments[0]);
        visitor.signIn();
        visitor.get("/tables", false);
        List<String> addresses = CALCULATOR
                .matcher(visitor.page())
                .results()
                .map(found -> found.group(1).replace("&amp;", "&"))
                .toList();
        for (int round = 0; round < WARM_UP; round++) {
            for (String address : addresses) {
                visitor.get(address, true);
            }
        }
        List<Times> all = new ArrayList<>();
        List<Double> every = new ArrayList<>();
        for (String address : addresses) {
            double[] milliseconds = new double[timed];
            for (int i = 0; i < timed; i++) {
                long start = System.nanoTime();
                visitor.get(address, true);
                milliseconds[i] = (System.nanoTime() - start) / 1e6;
                every.add(milliseconds[i]);
            }
            Arrays.sort(milliseconds);
            all.add(new Times(address.substring("/tables/".length(), address.indexOf('?')), milliseconds));
        }
        all.sort((one, other) -> Double.compare(other.share(95), one.share(95)));
        all.forEach(times -> print(times.path(), times));
        print(
                "all",
                new Times(
                        "",
                        every.stream().mapToDouble(Double::doubleValue).sorted().toArray()));
    }

    private static void print(String name, Times times) {
        System.out.printf(
                Locale.ROOT,
                "%-14s p50 %5.1f ms, p95 %5.1f ms, longest %5.1f ms%n",
                name,
                times.share(50),
                times.share(95),
                times.sorted()[times.sorted().length - 1]);
    }
}
