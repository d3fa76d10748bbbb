package org.eskarn.core.size;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What a series of pins, each of which enters a hole or does not, says of its size. A pin of a class lies between its
 * nominal and its nominal plus (or minus) the tolerance of the class, so that
 *
 * <pre>lower = smallest the largest entering pin can be,   upper = largest the smallest refused pin can be</pre>
 *
 * in µm. A pin that enters may need a little clearance, so the bracket is as wide as the pins leave it.
 *
 * <p>Degenerate cases: if every pin enters there is no upper end, if none does no lower one. A pin that enters and is not
 * smaller than one that does not contradicts it.
 *
 * @param enters nominal of the largest pin that enters, µm
 * @param refused nominal of the smallest that does not, µm
 * @param lower what the hole is at least, µm
 * @param upper what it is at most, µm
 */
public record PinBracket(OptionalDouble enters, OptionalDouble refused, OptionalDouble lower, OptionalDouble upper) {

    /** A pin that was tried, by its nominal in µm. */
    public record Tried(double nominal, boolean enters) {}

    /**
     * On which side of their nominal the pins of a class are made.
     *
     * @param tolerance in µm, 0 where the pins count as true
     */
    public record PinClass(boolean plus, double tolerance) {

        public static final PinClass TRUE = new PinClass(true, 0);

        double smallest(double nominal) {
            return plus ? nominal : nominal - tolerance;
        }

        double largest(double nominal) {
            return plus ? nominal + tolerance : nominal;
        }
    }

    public static PinBracket of(List<Tried> pins, PinClass of) {
        OptionalDouble enters =
                pins.stream().filter(Tried::enters).mapToDouble(Tried::nominal).max();
        OptionalDouble refused = pins.stream()
                .filter(pin -> !pin.enters())
                .mapToDouble(Tried::nominal)
                .min();
        return new PinBracket(
                enters,
                refused,
                enters.isPresent() ? OptionalDouble.of(of.smallest(enters.getAsDouble())) : OptionalDouble.empty(),
                refused.isPresent() ? OptionalDouble.of(of.largest(refused.getAsDouble())) : OptionalDouble.empty());
    }

    /** Whether a pin enters though a pin no larger than it does not. */
    public boolean contradicts() {
        return enters.isPresent() && refused.isPresent() && enters.getAsDouble() >= refused.getAsDouble();
    }

    public boolean closed() {
        return lower.isPresent() && upper.isPresent();
    }

    /**
     * The pin to try next where a limit lies inside the bracket: if it enters, the hole is proved above a lower limit; if it
     * does not, below an upper one. Its class is allowed for. Empty where the limit lies outside the bracket.
     *
     * @param limit in µm
     * @param lowerLimit whether it is the lower limit of the hole
     */
    public Optional<Double> nextFor(double limit, boolean lowerLimit, PinClass of) {
        boolean inside =
                limit > lower.orElse(Double.NEGATIVE_INFINITY) && limit < upper.orElse(Double.POSITIVE_INFINITY);
        if (!inside) {
            return Optional.empty();
        }
        return Optional.of(lowerLimit ? limit + limit - of.smallest(limit) : limit + limit - of.largest(limit));
    }
}
