package org.eskarn.core.gauge;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.eskarn.core.result.Note;
import org.eskarn.core.units.LengthUnit;

/**
 * A set of gauge blocks and the stacks that can be built from it.
 *
 * <p>Fewest blocks: sizes are whole numbers of the set's finest step, so sums are exact. For k = 1, 2, 3 … every
 * combination of k different blocks is ruled out or found before k + 1 is tried: the last two of a combination come from
 * a table of all pairs, the others are chosen from the largest down and given up as soon as the rest cannot reach, or
 * cannot stay under, the size. The first k that succeeds is therefore proven minimal.
 *
 * <p>Degenerate cases: a size finer than the step, below the smallest block or above what {@value #MOST} blocks make
 * cannot be built.
 */
public final class BlockSet {

    /** More are not wrung together: the errors add up and the stack comes apart. */
    public static final int MOST = 7;

    private static final int ALTERNATIVES = 6;
    private static final int FURTHEST_STEPS = 4000;

    private final LengthUnit unit;
    private final int decimals;
    private final List<Block> blocks;
    private final long[] sizes;
    private final long[] sums;
    private final Map<Long, int[]> pairs = new HashMap<>();

    private BlockSet(LengthUnit unit, List<Block> sorted) {
        this.unit = unit;
        this.blocks = sorted;
        this.decimals = Math.max(
                0,
                sorted.stream()
                        .mapToInt(block -> block.nominal().stripTrailingZeros().scale())
                        .max()
                        .orElse(0));
        this.sizes = sorted.stream().mapToLong(block -> steps(block.nominal())).toArray();
        this.sums = new long[sizes.length + 1];
        for (int i = 0; i < sizes.length; i++) {
            sums[i + 1] = sums[i] + sizes[i];
        }
        fillPairs();
    }

    /**
     * @param blocks those that can be used, in any order
     * @throws IllegalArgumentException if a nominal stands there twice
     */
    public static BlockSet of(LengthUnit unit, List<Block> blocks) {
        List<Block> sorted = blocks.stream()
                .sorted(java.util.Comparator.comparing(Block::nominal))
                .toList();
        for (int i = 1; i < sorted.size(); i++) {
            if (sorted.get(i).nominal().compareTo(sorted.get(i - 1).nominal()) == 0) {
                throw new IllegalArgumentException(
                        "the block " + sorted.get(i).nominal().toPlainString() + " stands there twice");
            }
        }
        return new BlockSet(unit, sorted);
    }

    private void fillPairs() {
        Map<Long, List<Integer>> found = new HashMap<>();
        for (int i = 1; i < sizes.length; i++) {
            for (int j = 0; j < i; j++) {
                List<Integer> there = found.computeIfAbsent(sizes[i] + sizes[j], unused -> new ArrayList<>());
                there.add(i);
                there.add(j);
            }
        }
        found.forEach((sum, indices) ->
                pairs.put(sum, indices.stream().mapToInt(i -> i).toArray()));
    }

    private long steps(BigDecimal size) {
        return size.movePointRight(decimals)
                .setScale(0, RoundingMode.UNNECESSARY)
                .longValueExact();
    }

    /**
     * The stacks of the fewest blocks for a size, all with the same count, at most six; empty when none can be built.
     *
     * @param wanted in the unit of the set
     * @param protectors two blocks that go to the ends of every stack and are not in the set, or none
     */
    public List<BlockStack> fewest(BigDecimal wanted, List<Block> protectors) {
        BigDecimal rest = wanted;
        for (Block protector : protectors) {
            rest = rest.subtract(protector.nominal());
        }
        if (rest.signum() <= 0 || rest.stripTrailingZeros().scale() > decimals) {
            return List.of();
        }
        return search(steps(rest)).stream()
                .map(chosen -> BlockStack.wrung(
                        Arrays.stream(chosen).mapToObj(blocks::get).toList(), protectors, unit))
                .toList();
    }

    private List<int[]> search(long target) {
        for (int count = 1; count <= Math.min(MOST, sizes.length); count++) {
            List<int[]> found = new ArrayList<>();
            choose(target, count, sizes.length - 1, new int[count], 0, found);
            if (!found.isEmpty()) {
                return found;
            }
        }
        return List.of();
    }

    /** Fills {@code chosen} from the largest block down to a sum of {@code target}. */
    private void choose(long target, int left, int largest, int[] chosen, int at, List<int[]> found) {
        if (left == 2) {
            choosePair(target, largest, chosen, at, found);
            return;
        }
        for (int i = largest; i >= left - 1 && found.size() < ALTERNATIVES; i--) {
            long most = sums[i + 1] - sums[i + 1 - left];
            if (most < target) {
                return;
            }
            // The smallest blocks with this one as the largest; too much, so a smaller largest one is tried.
            if (sizes[i] + sums[left - 1] > target) {
                continue;
            }
            chosen[at] = i;
            if (left == 1) {
                if (sizes[i] == target) {
                    found.add(chosen.clone());
                }
            } else {
                choose(target - sizes[i], left - 1, i - 1, chosen, at + 1, found);
            }
        }
    }

    private void choosePair(long target, int largest, int[] chosen, int at, List<int[]> found) {
        int[] there = pairs.get(target);
        if (there == null) {
            return;
        }
        for (int p = 0; p < there.length && found.size() < ALTERNATIVES; p += 2) {
            if (there[p] <= largest) {
                chosen[at] = there[p];
                chosen[at + 1] = there[p + 1];
                found.add(chosen.clone());
            }
        }
    }

    /** The nearest sizes below and above a size that can be built. */
    public record Neighbours(Optional<BigDecimal> below, Optional<BigDecimal> above) {}

    /**
     * The two sizes nearest to one that cannot be built.
     *
     * @param wanted in the unit of the set
     */
    public Neighbours neighbours(BigDecimal wanted, List<Block> protectors) {
        BigDecimal ends = protectors.stream().map(Block::nominal).reduce(BigDecimal.ZERO, BigDecimal::add);
        BigDecimal rest = wanted.subtract(ends).movePointRight(decimals);
        long floor = rest.setScale(0, RoundingMode.FLOOR).longValue();
        long ceiling = rest.setScale(0, RoundingMode.CEILING).longValue();
        return new Neighbours(nearest(floor, -1, ends), nearest(Math.max(ceiling, smallest()), 1, ends));
    }

    private long smallest() {
        return sizes.length == 0 ? 0 : sizes[0];
    }

    private Optional<BigDecimal> nearest(long from, int direction, BigDecimal ends) {
        for (int i = 0; i < FURTHEST_STEPS; i++) {
            long size = from + (long) direction * i;
            if (size <= 0) {
                return Optional.empty();
            }
            if (!search(size).isEmpty()) {
                return Optional.of(BigDecimal.valueOf(size, decimals).add(ends));
            }
        }
        return Optional.empty();
    }

    public LengthUnit unit() {
        return unit;
    }

    public int size() {
        return sizes.length;
    }

    /** The usual sets, by what they are called. */
    public enum Template {
        METRIC_88(Note.of("core.88-pieces-mm"), LengthUnit.MILLIMETRE),
        METRIC_112(Note.of("core.112-pieces-mm"), LengthUnit.MILLIMETRE),
        INCH_81(Note.of("core.81-pieces-in"), LengthUnit.INCH);

        private final Note title;
        private final LengthUnit unit;

        Template(Note title, LengthUnit unit) {
            this.title = title;
            this.unit = unit;
        }

        public Note title() {
            return title;
        }

        public LengthUnit unit() {
            return unit;
        }

        /** The nominals, from the smallest steps up. */
        public List<BigDecimal> nominals() {
            List<BigDecimal> nominals = new ArrayList<>();
            switch (this) {
                case METRIC_88 -> {
                    nominals.add(new BigDecimal("1.0005"));
                    series(nominals, "1.001", "0.001", 9);
                    series(nominals, "1.01", "0.01", 49);
                    series(nominals, "0.5", "0.5", 19);
                    series(nominals, "10", "10", 10);
                }
                case METRIC_112 -> {
                    nominals.add(new BigDecimal("1.0005"));
                    series(nominals, "1.001", "0.001", 9);
                    series(nominals, "1.01", "0.01", 49);
                    series(nominals, "0.5", "0.5", 49);
                    series(nominals, "25", "25", 4);
                }
                case INCH_81 -> {
                    series(nominals, "0.1001", "0.0001", 9);
                    series(nominals, "0.101", "0.001", 49);
                    series(nominals, "0.05", "0.05", 19);
                    series(nominals, "1", "1", 4);
                }
            }
            return nominals;
        }

        private static void series(List<BigDecimal> nominals, String first, String step, int count) {
            for (int i = 0; i < count; i++) {
                nominals.add(new BigDecimal(first).add(new BigDecimal(step).multiply(BigDecimal.valueOf(i))));
            }
        }
    }
}
