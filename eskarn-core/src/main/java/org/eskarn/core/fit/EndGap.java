package org.eskarn.core.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The end gap of a bearing under its cap, before anything is bolted:
 *
 * <pre>
 * gap = depth of the housing from its face to the shoulder + seal under the cap
 *       − widths of rings and spacers − spigot of the cap
 * </pre>
 *
 * A gap below 0 is a crush: the cap presses the rings by as much before it seats, and the bearing is preloaded. Shims under
 * the cap open the gap; a spacer beside the ring closes it.
 *
 * <p>Uncertainty: the root of the sum of squares of that of each measurement.
 *
 * <p>Degenerate cases: a cap with a recess has a spigot below 0; no rings are a gap of the whole depth.
 *
 * @param gap µm
 * @param expanded uncertainty of the gap (k = 2), µm
 */
public record EndGap(double gap, double expanded) {

    /** The most pieces a pack of shims is made of. */
    public static final int MOST_SHIMS = 4;

    /** What is wanted less than this cannot be told from a fresh cut, µm. */
    private static final double NOTHING = 1e-6;

    /**
     * What to put in.
     *
     * @param underCap whether shims go under the cap, which opens the gap; else a spacer goes beside the ring
     * @param least thickness that reaches the wanted range, µm, above 0
     * @param most thickness, µm
     */
    public record Filling(boolean underCap, double least, double most) {

        public double middle() {
            return (least + most) / 2;
        }
    }

    /**
     * @param depthUm of the housing, µm
     * @param sealUm thickness of what lies under the cap already, µm
     * @param widthsUm of rings and spacers, µm
     * @param spigotUm height of the cap's spigot, µm; below 0 for a recess
     * @param expandedUm expanded uncertainty of one measurement, µm
     */
    public static EndGap of(double depthUm, double sealUm, List<Double> widthsUm, double spigotUm, double expandedUm) {
        double gap = depthUm + sealUm - spigotUm;
        for (double width : widthsUm) {
            gap -= width;
        }
        // Sums of decimals: a gap of exactly nothing is no crush.
        gap = Math.abs(gap) < NOTHING ? 0 : gap;
        int measurements = 2 + widthsUm.size() + (sealUm == 0 ? 0 : 1);
        return new EndGap(gap, expandedUm * Math.sqrt(measurements));
    }

    /** Whether any filling can prove a gap between two limits: they lie further apart than the uncertainty either way. */
    public boolean provable(double least, double most) {
        return most - least >= 2 * expanded - NOTHING;
    }

    /**
     * What has to be put in so that the gap is proven to lie between two limits: least + U ≤ gap + filling ≤ most − U. Empty where
     * it is proven already, and where no filling can prove it.
     */
    public Optional<Filling> towards(double least, double most) {
        double low = least + expanded;
        double high = most - expanded;
        if (!provable(least, most) || (gap >= low - NOTHING && gap <= high + NOTHING)) {
            return Optional.empty();
        }
        return Optional.of(
                gap < low ? new Filling(true, low - gap, high - gap) : new Filling(false, gap - high, gap - low));
    }

    /**
     * The pack from the drawer that comes nearest to the middle of what is wanted with the fewest pieces.
     *
     * @param shims thicknesses there are, µm; each may be taken more than once
     * @return thicknesses, the thickest first; empty where no pack of four lies in the range
     */
    public static Optional<List<Double>> pack(List<Double> shims, Filling wanted) {
        List<Double> sorted = shims.stream()
                .filter(each -> each > 0)
                .distinct()
                .sorted(java.util.Comparator.reverseOrder())
                .toList();
        for (int pieces = 1; pieces <= MOST_SHIMS; pieces++) {
            List<List<Double>> found = new ArrayList<>();
            packs(sorted, 0, pieces, 0, new ArrayList<>(), wanted, found);
            Optional<List<Double>> best = found.stream()
                    .min(java.util.Comparator.comparingDouble(pack -> Math.abs(sum(pack) - wanted.middle())));
            if (best.isPresent()) {
                return best;
            }
        }
        return Optional.empty();
    }

    public static double sum(List<Double> pack) {
        return pack.stream().mapToDouble(Double::doubleValue).sum();
    }

    private static void packs(
            List<Double> shims,
            int from,
            int pieces,
            double sum,
            List<Double> taken,
            Filling wanted,
            List<List<Double>> found) {
        if (pieces == 0) {
            if (sum >= wanted.least() - NOTHING && sum <= wanted.most() + NOTHING) {
                found.add(List.copyOf(taken));
            }
            return;
        }
        for (int i = from; i < shims.size(); i++) {
            taken.add(shims.get(i));
            packs(shims, i, pieces - 1, sum + shims.get(i), taken, wanted, found);
            taken.remove(taken.size() - 1);
        }
    }
}
