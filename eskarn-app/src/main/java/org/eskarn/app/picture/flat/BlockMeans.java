package org.eskarn.app.picture.flat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.eskarn.app.page.Words;
import org.eskarn.core.flat.Facets;

/**
 * A dense grid drawn by the means of its blocks: a screen shows no more, and a mean lies within what was read. Blocks at the
 * edges reach out to the edges, so that the face keeps its size.
 *
 * @param facets of the blocks
 * @param heights of the blocks, µm
 * @param block places along the side of a block; 1 where nothing was drawn together
 */
record BlockMeans(Facets facets, double[] heights, int block) {

    static BlockMeans of(Plate plate, int most) {
        int places = plate.heights().length;
        double[] x = Arrays.copyOf(plate.facets().x(), places);
        double[] y = Arrays.copyOf(plate.facets().y(), places);
        double[] columns = Arrays.stream(x).distinct().sorted().toArray();
        double[] rows = Arrays.stream(y).distinct().sorted().toArray();
        boolean grid = !plate.facets().middles().isEmpty();
        int block = (int) Math.ceil(Math.max(columns.length, rows.length) / (double) most);
        if (!grid || block < 2) {
            return new BlockMeans(plate.facets(), plate.heights(), 1);
        }
        int wide = (columns.length + block - 1) / block;
        int high = (rows.length + block - 1) / block;
        double[] sums = new double[wide * high];
        int[] counts = new int[wide * high];
        for (int i = 0; i < places; i++) {
            int column = Arrays.binarySearch(columns, x[i]) / block;
            int row = Arrays.binarySearch(rows, y[i]) / block;
            sums[row * wide + column] += plate.heights()[i];
            counts[row * wide + column]++;
        }
        List<Double> blockX = spread(columns, wide, block);
        List<Double> blockY = spread(rows, high, block);
        double[] allX = new double[sums.length];
        double[] allY = new double[sums.length];
        for (int i = 0; i < sums.length; i++) {
            sums[i] /= counts[i];
            allX[i] = blockX.get(i % wide);
            allY[i] = blockY.get(i / wide);
        }
        int[] noRims = new int[sums.length];
        Arrays.fill(noRims, -1);
        return new BlockMeans(Facets.of(allX, allY, noRims), sums, block);
    }

    /** What was drawn together, for the line below; empty for nothing. */
    String said() {
        return block > 1 ? Words.say("picture.drawn-from-the-means-of-readings", block, block) : "";
    }

    /** The middles of the blocks, those at both ends drawn out to the first and last place. */
    private static List<Double> spread(double[] places, int blocks, int block) {
        List<Double> middles = new ArrayList<>();
        for (int i = 0; i < blocks; i++) {
            int from = i * block;
            int to = Math.min(places.length, from + block) - 1;
            middles.add(
                    i == 0 ? places[0] : i == blocks - 1 ? places[places.length - 1] : (places[from] + places[to]) / 2);
        }
        return middles;
    }
}
