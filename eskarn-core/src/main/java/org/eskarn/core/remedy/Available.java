package org.eskarn.core.remedy;

import org.eskarn.core.units.Length;

/**
 * An offset that exists in the drawer.
 *
 * @param amount how far it moves the centre, above 0
 */
public record Available(Kind kind, String name, Length amount) {

    /** What it is. */
    public enum Kind {
        DOWEL("offset dowel"),
        BUSH("eccentric bush"),
        SHIM("shim");

        private final String title;

        Kind(String title) {
            this.title = title;
        }

        public String title() {
            return title;
        }
    }

    /**
     * @throws IllegalArgumentException if the amount is not above 0
     */
    public Available {
        if (amount.amount().signum() <= 0) {
            throw new IllegalArgumentException("an offset is above 0, not " + amount);
        }
    }
}
