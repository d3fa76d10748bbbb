package org.eskarn.core.gauge;

import java.math.BigDecimal;
import java.util.Comparator;
import java.util.List;
import org.eskarn.core.units.LengthUnit;

/**
 * Blocks wrung together. Actual size = Σ (nominal + deviation); its uncertainty = √(Σ Uᵢ²), the blocks taken as
 * independent.
 *
 * @param blocks in the order of wringing: a protector at each end where there are any, the largest in the middle
 */
public record BlockStack(List<Block> blocks, LengthUnit unit) {

    public BlockStack {
        blocks = List.copyOf(blocks);
    }

    /** The blocks in wringing order: the largest first, for it is the one held, the smallest last. */
    static BlockStack wrung(List<Block> chosen, List<Block> protectors, LengthUnit unit) {
        List<Block> order = new java.util.ArrayList<>(chosen);
        order.sort(Comparator.comparing(Block::nominal).reversed());
        if (protectors.size() == 2) {
            order.add(0, protectors.get(0));
            order.add(protectors.get(1));
        }
        return new BlockStack(order, unit);
    }

    /** The sum of the nominals, exact, in the unit of the set. */
    public BigDecimal nominal() {
        return blocks.stream().map(Block::nominal).reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    /** What the stack is larger than its nominal, µm. */
    public double deviation() {
        return blocks.stream().mapToDouble(Block::deviation).sum();
    }

    /** The expanded uncertainty of its size, µm. */
    public double uncertainty() {
        return Math.sqrt(blocks.stream()
                .mapToDouble(b -> b.uncertainty() * b.uncertainty())
                .sum());
    }

    public int count() {
        return blocks.size();
    }
}
