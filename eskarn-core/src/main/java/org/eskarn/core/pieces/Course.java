package org.eskarn.core.pieces;

import java.util.List;

/**
 * Whether figures rise or fall in the order they were read.
 *
 * <pre>S = Σ sign(xⱼ − xᵢ), i &lt; j      z = (|S| − 1) / √(n (n − 1)(2 n + 5) / 18)      a course where z &gt; 2.58</pre>
 *
 * <p>Degenerate cases: of fewer than six figures no course is told from chance.
 *
 * <p>Source: Kendall, Rank Correlation Methods, 4.5 (Mann’s test of trend), two sides at 0.01.
 */
enum Course {
    RISES,
    FALLS,
    NONE;

    private static final int FEWEST = 6;
    private static final double BEYOND_CHANCE = 2.5758;

    static Course of(List<PieceFigure> inOrder) {
        int n = inOrder.size();
        if (n < FEWEST) {
            return NONE;
        }
        double s = 0;
        for (int i = 0; i < n; i++) {
            for (int j = i + 1; j < n; j++) {
                s += Math.signum(inOrder.get(j).value() - inOrder.get(i).value());
            }
        }
        double z = (Math.abs(s) - 1) / Math.sqrt(n * (n - 1.0) * (2.0 * n + 5) / 18);
        return z <= BEYOND_CHANCE ? NONE : s > 0 ? RISES : FALLS;
    }
}
