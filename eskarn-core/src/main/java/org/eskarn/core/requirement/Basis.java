package org.eskarn.core.requirement;

import java.util.List;
import java.util.Optional;
import org.eskarn.core.flat.Reversal;
import org.eskarn.core.units.Length;

/**
 * What the readings stand on.
 *
 * @param setTo the size of the master at which the gauge reads zero; empty where the gauge reads whole sizes
 * @param radius the radius at which an axial runout is read, or on which a phase stands
 * @param span the distance between the two places of a pair; of a level moved foot to foot, the length its reading speaks of
 * @param zeroing how often the gauge is set to zero
 * @param pinClass the tolerance of the class of the pins, with the sign of the side of the nominal they are made on
 * @param reversal whether it is read in two set-ups, to tell the part's error from the fixture's
 * @param conditions the names of the conditions it is read under, one after the other; empty for one
 * @param datum how its datum is had
 * @param axisFace how a face lies to the rings of its axis; without meaning elsewhere
 * @param size nominal of the feature, for what needs its radius; it is the part's
 */
public record Basis(
        Optional<Length> setTo,
        Optional<Length> radius,
        Optional<Length> span,
        Zeroing zeroing,
        Optional<Length> pinClass,
        Reversal reversal,
        Optional<Length> size,
        List<String> conditions,
        DatumRead datum,
        AxisFace axisFace) {

    public static final Basis NONE = new Basis(Optional.empty(), Optional.empty(), Optional.empty());

    /**
     * @throws IllegalArgumentException if one of the lengths is not above zero
     */
    public Basis {
        conditions = List.copyOf(conditions);
        above(setTo, "the size of a master");
        above(radius, "a radius");
        above(span, "the distance between two places");
    }

    public Basis(
            Optional<Length> setTo,
            Optional<Length> radius,
            Optional<Length> span,
            Zeroing zeroing,
            Optional<Length> pinClass,
            Reversal reversal,
            Optional<Length> size) {
        this(setTo, radius, span, zeroing, pinClass, reversal, size, List.of(), DatumRead.ASSUMED, AxisFace.SHAFT_AWAY);
    }

    /** The same read with a gauge that a master of another size is its zero of; empty for none. */
    public Basis setTo(Optional<Length> other) {
        return new Basis(other, radius, span, zeroing, pinClass, reversal, size, conditions, datum, axisFace);
    }

    /** The same under one condition. */
    Basis once() {
        return new Basis(setTo, radius, span, zeroing, pinClass, reversal, size, List.of(), datum, axisFace);
    }

    /** The same under several conditions, against a datum of its own. */
    public Basis under(List<String> names, DatumRead ofDatum) {
        return new Basis(setTo, radius, span, zeroing, pinClass, reversal, size, names, ofDatum, axisFace);
    }

    /** The same of a face that lies so to the rings of its axis. */
    public Basis with(AxisFace other) {
        return new Basis(setTo, radius, span, zeroing, pinClass, reversal, size, conditions, datum, other);
    }

    public Basis(Optional<Length> setTo, Optional<Length> radius, Optional<Length> span) {
        this(setTo, radius, span, Zeroing.ONE_FOR_ALL, Optional.empty(), Reversal.NONE, Optional.empty());
    }

    /** The same without the third set-up of its reversal. */
    public Basis unchecked() {
        return new Basis(
                setTo, radius, span, zeroing, pinClass, reversal.unchecked(), size, conditions, datum, axisFace);
    }

    /** The same of a feature of a nominal size, where it has one. */
    public Basis of(Optional<Length> nominal) {
        return new Basis(setTo, radius, span, zeroing, pinClass, reversal, nominal, conditions, datum, axisFace);
    }

    private static void above(Optional<Length> length, String what) {
        if (length.isPresent() && length.get().amount().signum() <= 0) {
            throw new IllegalArgumentException(what + " is above zero, not " + length.get());
        }
    }
}
