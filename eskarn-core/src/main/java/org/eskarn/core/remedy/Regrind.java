package org.eskarn.core.remedy;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.Stream;
import org.eskarn.core.flat.Facets;
import org.eskarn.core.result.Note;

/**
 * Grinding a face until it cleans up: the wheel goes parallel to the face as it lies, first over its highest place, and the
 * face is clean when the lowest is reached.
 *
 * <pre>
 * stock   = highest − lowest height, as it lies
 * depth   = sum of what was taken so far, then of the feeds that are planned
 * left    = stock − depth
 * cleaned = share of the face that is higher than highest − depth
 * </pre>
 *
 * The feeds need not be even: what was really taken comes first, then those that are planned one after the other, of which the last
 * goes on until the face is clean.
 *
 * Levelled to its minimum zone a face needs the least stock there is: its flatness.
 *
 * <p>Source: any textbook of surface grinding.
 *
 * <p>Degenerate cases: a face without any difference needs no stock and no feed; one that is clean by what was taken needs no
 * further one, whatever more was taken.
 *
 * @param stock µm
 * @param first index of the place the wheel touches first
 * @param last index of the place that cleans up last
 * @param feeds one after the other
 */
public record Regrind(double stock, int first, int last, List<Feed> feeds) {

    /** The most feeds that are planned. */
    public static final int MOST = 60;

    /** µm; amounts come from decimals, so what is exactly the stock may be off by some 1e-10 in binary. */
    private static final double ROUNDING = 1e-9;

    /**
     * @param number from 1
     * @param depth below the highest place, µm
     * @param left stock still to go, µm; 0 when clean
     * @param cleaned share of the face, 0 to 1
     * @param taken whether it was taken already, rather than planned
     */
    public record Feed(int number, double depth, double left, double cleaned, boolean taken) {}

    public Regrind {
        feeds = List.copyOf(feeds);
    }

    /**
     * @param facets the face between the places
     * @param heights of the places, as the face lay when it was read, µm
     * @param taken what was taken off since, feed by feed, µm, each above 0
     * @param planned the downfeeds to come, µm, at least one, each above 0; the last is repeated
     * @throws IllegalArgumentException if there is no height or no planned feed, or one is not above 0
     * @throws PlanRefused if it would take more than 60 feeds
     */
    public static Regrind of(Facets facets, double[] heights, List<Double> taken, List<Double> planned)
            throws PlanRefused {
        if (heights.length == 0) {
            throw new IllegalArgumentException("a face has at least one height, there is none");
        }
        if (planned.isEmpty()) {
            throw new IllegalArgumentException("a plan needs at least one downfeed");
        }
        Stream.concat(taken.stream(), planned.stream())
                .filter(feed -> !(feed > 0))
                .findFirst()
                .ifPresent(feed -> {
                    throw new IllegalArgumentException("a downfeed is above zero, not " + feed);
                });
        int first = 0;
        int last = 0;
        for (int i = 1; i < heights.length; i++) {
            first = heights[i] > heights[first] ? i : first;
            last = heights[i] < heights[last] ? i : last;
        }
        double stock = heights[first] - heights[last];
        double[] corners = facets.heights(heights);
        List<Feed> feeds = new ArrayList<>();
        double depth = 0;
        for (double each : depths(stock, taken, planned)) {
            depth += each;
            boolean clean = depth >= stock - ROUNDING;
            feeds.add(new Feed(
                    feeds.size() + 1,
                    depth,
                    clean ? 0 : stock - depth,
                    clean ? 1 : facets.shareAbove(heights[first] - depth, corners),
                    feeds.size() < taken.size()));
        }
        return new Regrind(stock, first, last, feeds);
    }

    /** What each feed takes, until the face is clean. */
    private static List<Double> depths(double stock, List<Double> taken, List<Double> planned) throws PlanRefused {
        List<Double> depths = new ArrayList<>(taken);
        double left = stock - taken.stream().mapToDouble(each -> each).sum();
        for (double each : planned.subList(0, planned.size() - 1)) {
            if (left > ROUNDING) {
                depths.add(each);
                left -= each;
            }
        }
        double each = planned.get(planned.size() - 1);
        long more = left > ROUNDING ? (long) Math.ceil(left / each - ROUNDING) : 0;
        if (depths.size() + more > MOST) {
            throw new PlanRefused(
                    PlanRefused.Field.DEPTH, Note.of("core.too-many-downfeeds", depths.size() + more, MOST));
        }
        depths.addAll(Collections.nCopies((int) more, each));
        return depths;
    }

    /** What was taken so far, µm. */
    public double taken() {
        return feeds.stream().filter(Feed::taken).mapToDouble(Feed::depth).max().orElse(0);
    }

    /** What is still to go after what was taken, µm. */
    public double left() {
        return Math.max(0, stock - taken());
    }
}
