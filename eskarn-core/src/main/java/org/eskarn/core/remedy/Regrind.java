package org.eskarn.core.remedy;

import java.util.ArrayList;
import java.util.List;
import org.eskarn.core.flat.Facets;
import org.eskarn.core.result.Note;

/**
 * Grinding a face until it cleans up: the wheel goes parallel to the face as it lies, first over its highest place, and the
 * face is clean when the lowest is reached.
 *
 * <pre>
 * stock              = highest − lowest height, as it lies
 * left after n feeds = stock − n · feed
 * cleaned            = share of the face that is higher than highest − n · feed
 * </pre>
 *
 * Levelled to its minimum zone a face needs the least stock there is: its flatness.
 *
 * <p>Source: any textbook of surface grinding.
 *
 * <p>Degenerate cases: a face without any difference needs no stock and no feed.
 *
 * @param stock µm
 * @param first index of the place the wheel touches first
 * @param last index of the place that cleans up last
 * @param feeds one after the other
 */
public record Regrind(double stock, int first, int last, List<Feed> feeds) {

    /** The most feeds that are planned. */
    public static final int MOST = 60;

    /**
     * @param number from 1
     * @param depth below the highest place, µm
     * @param left stock still to go, µm; 0 when clean
     * @param cleaned share of the face, 0 to 1
     */
    public record Feed(int number, double depth, double left, double cleaned) {}

    public Regrind {
        feeds = List.copyOf(feeds);
    }

    /**
     * @param facets the face between the places
     * @param heights of the places, as the face lies, µm
     * @param feed depth of each downfeed, µm, above 0
     * @throws IllegalArgumentException if there is no height, or the feed is not above 0
     * @throws PlanRefused if it would take more than 60 feeds
     */
    public static Regrind of(Facets facets, double[] heights, double feed) throws PlanRefused {
        if (heights.length == 0) {
            throw new IllegalArgumentException("a face has at least one height, there is none");
        }
        if (!(feed > 0)) {
            throw new IllegalArgumentException("a downfeed is above zero, not " + feed);
        }
        int first = 0;
        int last = 0;
        for (int i = 1; i < heights.length; i++) {
            first = heights[i] > heights[first] ? i : first;
            last = heights[i] < heights[last] ? i : last;
        }
        double stock = heights[first] - heights[last];
        long count = (long) Math.ceil(stock / feed - 1e-9);
        if (count > MOST) {
            throw new PlanRefused(PlanRefused.Field.DEPTH, Note.of("core.too-many-downfeeds", count, MOST));
        }
        double[] corners = facets.heights(heights);
        List<Feed> feeds = new ArrayList<>();
        for (int n = 1; n <= count; n++) {
            double depth = Math.min(n * feed, stock);
            boolean clean = n == count;
            feeds.add(new Feed(
                    n, n * feed, stock - depth, clean ? 1 : facets.shareAbove(heights[first] - depth, corners)));
        }
        return new Regrind(stock, first, last, feeds);
    }
}
