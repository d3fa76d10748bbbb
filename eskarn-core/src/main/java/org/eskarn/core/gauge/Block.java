package org.eskarn.core.gauge;

import java.math.BigDecimal;

/**
 * A gauge block.
 *
 * @param nominal in the unit of its set, exact
 * @param deviation of its calibrated size from the nominal, µm
 * @param uncertainty of that deviation, expanded, µm
 */
public record Block(BigDecimal nominal, double deviation, double uncertainty) {

    /**
     * @throws IllegalArgumentException if the nominal is not above zero, or the uncertainty is below zero
     */
    public Block {
        if (nominal.signum() <= 0) {
            throw new IllegalArgumentException("a block is larger than zero, not " + nominal);
        }
        if (!(uncertainty >= 0)) {
            throw new IllegalArgumentException("an uncertainty is 0 or more, not " + uncertainty);
        }
    }

    /** A block of which nothing but its nominal is known. */
    public static Block of(String nominal) {
        return new Block(new BigDecimal(nominal), 0, 0);
    }
}
