package org.eskarn.app.gauge;

import java.math.BigDecimal;
import org.eskarn.app.page.Words;
import org.eskarn.core.gauge.Block;

/**
 * A block of a set.
 *
 * @param deviation µm
 * @param uncertainty µm
 */
public record BlockRow(
        long id, long gaugeId, BigDecimal nominal, BigDecimal deviation, BigDecimal uncertainty, State state) {

    /** Whether it can be used. */
    public enum State {
        GOOD(Words.say("gauge.block-good")),
        WORN(Words.say("gauge.block-worn")),
        MISSING(Words.say("gauge.block-missing"));

        private final String title;

        State(String title) {
            this.title = title;
        }

        public String title() {
            return title;
        }

        public boolean good() {
            return this == GOOD;
        }
    }

    Block block() {
        return new Block(nominal, deviation.doubleValue(), uncertainty.doubleValue());
    }
}
