package org.eskarn.core.requirement;

import java.math.BigDecimal;
import org.eskarn.core.requirement.LimitRejected.Field;
import org.eskarn.core.result.Note;
import org.eskarn.core.units.Length;
import org.jspecify.annotations.Nullable;

/** Whether a limit makes sense for a characteristic of a feature of some size. */
public final class LimitCheck {

    /** A form or position error beyond this share of the size is a slip of the unit or of the decimal mark. */
    private static final double LARGEST_SHARE = 0.25;

    /** µm; of small sizes limits this far from the nominal, up to half of it, are usual. */
    private static final double SMALL_STEP = 500;

    /** A limit of size further from the nominal than this share of it is one too. */
    private static final double FURTHEST_FROM_NOMINAL = 0.1;

    private static final double STEEPEST_DEGREES = 90;

    private LimitCheck() {}

    /**
     * @param nominal the size of the feature, if it has one
     * @throws LimitRejected if a figure is missing, has the wrong sign or unit, or a span that cannot be meant
     */
    public static void check(Characteristic characteristic, Limit limit, @Nullable Length nominal)
            throws LimitRejected {
        if (!characteristic.limits().contains(limit.kind())) {
            throw new LimitRejected(
                    Field.UPPER,
                    Note.of("core.a-limit-says-nothing-about", limit.kind().title(), characteristic.title()));
        }
        boolean degrees = limit.unit() == LimitUnit.DEGREE;
        if (degrees != characteristic.angular() && limit.kind() != LimitKind.NONE && limit.kind() != LimitKind.ANSWER) {
            throw new LimitRejected(
                    Field.UNIT,
                    degrees
                            ? Note.of("core.is-a-length-so-its-limit-is", characteristic.title())
                            : Note.of("core.is-an-angle-so-its-limit-is", characteristic.title()));
        }
        switch (limit.kind()) {
            case MAXIMUM -> maximum(characteristic, limit, nominal);
            case BETWEEN -> between(characteristic, limit, nominal);
            case PLUS_MINUS -> plusMinus(limit, nominal);
            case FIT_CODE -> fitCode(characteristic, limit, nominal);
            case ANSWER, NONE -> {
                return;
            }
        }
        direction(characteristic, limit);
        if (limit.per() != null && !characteristic.sloping()) {
            throw new LimitRejected(
                    Field.PER, Note.of("core.is-not-limited-per-length-leave-it", characteristic.title()));
        }
        if (limit.per() != null && limit.per().amount().signum() <= 0) {
            throw new LimitRejected(Field.PER, Note.of("core.the-length-a-limit-is-stated-over", limit.per()));
        }
    }

    private static void maximum(Characteristic characteristic, Limit limit, @Nullable Length nominal)
            throws LimitRejected {
        BigDecimal upper = required(limit.upper(), Field.UPPER);
        if (upper.signum() <= 0) {
            throw new LimitRejected(
                    Field.UPPER, Note.of("core.a-largest-value-is-above-zero-not", upper.toPlainString()));
        }
        steepest(characteristic, upper, Field.UPPER);
        double allowed = limit.unit().micrometres(upper, 0);
        if (nominal != null && !steep(characteristic) && allowed > LARGEST_SHARE * nominal.micrometres()) {
            throw new LimitRejected(
                    Field.UNIT,
                    Note.of(
                            "core.is-more-than-a-quarter-of-the",
                            upper.toPlainString(),
                            limit.unit().symbol(),
                            nominal));
        }
    }

    /** Sideways errors stand for angles by their sine, which says nothing from a right angle on. */
    private static void steepest(Characteristic characteristic, BigDecimal degrees, Field field) throws LimitRejected {
        if (characteristic.angular() && Math.abs(degrees.doubleValue()) >= STEEPEST_DEGREES) {
            throw new LimitRejected(field, Note.of("core.is-no-limit-for-an-error-of", degrees.toPlainString()));
        }
    }

    /** What may be large against the size it is asked of: an angle, or a taper that is meant to be one. */
    private static boolean steep(Characteristic characteristic) {
        return characteristic.angular() || characteristic == Characteristic.TAPER;
    }

    private static void between(Characteristic characteristic, Limit limit, @Nullable Length nominal)
            throws LimitRejected {
        BigDecimal lower = required(limit.lower(), Field.LOWER);
        BigDecimal upper = required(limit.upper(), Field.UPPER);
        if (lower.compareTo(upper) >= 0) {
            throw new LimitRejected(
                    Field.LOWER,
                    Note.of("core.the-lower-limit-is-not-below-the", lower.toPlainString(), upper.toPlainString()));
        }
        steepest(characteristic, lower, Field.LOWER);
        steepest(characteristic, upper, Field.UPPER);
        if (characteristic.sized()) {
            if (lower.signum() <= 0) {
                throw new LimitRejected(Field.LOWER, Note.of("core.a-size-is-above-zero-not", lower.toPlainString()));
            }
            near(limit.unit(), lower, nominal, Field.LOWER);
            near(limit.unit(), upper, nominal, Field.UPPER);
        } else if (!characteristic.signed() && lower.signum() < 0) {
            throw new LimitRejected(
                    Field.LOWER, Note.of("core.is-never-negative-so-its-limit-cannot", characteristic.title()));
        }
    }

    private static void plusMinus(Limit limit, @Nullable Length nominal) throws LimitRejected {
        BigDecimal middle = required(limit.nominal(), Field.NOMINAL);
        BigDecimal lower = required(limit.lower(), Field.LOWER);
        BigDecimal upper = required(limit.upper(), Field.UPPER);
        if (middle.signum() <= 0) {
            throw new LimitRejected(Field.NOMINAL, Note.of("core.a-nominal-is-above-zero-not", middle.toPlainString()));
        }
        if (lower.compareTo(upper) >= 0) {
            throw new LimitRejected(
                    Field.LOWER,
                    Note.of("core.the-lower-deviation-is-not-below-the", lower.toPlainString(), upper.toPlainString()));
        }
        near(limit.unit(), middle.add(lower), middle, limit.unit(), Field.LOWER);
        near(limit.unit(), middle.add(upper), middle, limit.unit(), Field.UPPER);
        near(limit.unit(), middle, nominal, Field.NOMINAL);
    }

    private static void fitCode(Characteristic characteristic, Limit limit, @Nullable Length nominal)
            throws LimitRejected {
        BigDecimal middle = required(limit.nominal(), Field.NOMINAL);
        near(limit.unit(), middle, nominal, Field.NOMINAL);
        FitLimits.resolved(characteristic, limit);
    }

    private static void direction(Characteristic characteristic, Limit limit) throws LimitRejected {
        if (limit.only() == null) {
            return;
        }
        if (!characteristic.signed()) {
            throw new LimitRejected(
                    Field.ONLY, Note.of("core.has-no-direction-so-none-can-be", characteristic.title()));
        }
        if (limit.reason().isBlank()) {
            throw new LimitRejected(Field.REASON, Note.of("core.write-why-only-one-direction-is-allowed"));
        }
    }

    private static void near(LimitUnit unit, BigDecimal limit, @Nullable Length nominal, Field field)
            throws LimitRejected {
        if (nominal != null) {
            near(unit, limit, nominal.amount(), LimitUnit.of(nominal.unit()), field);
        }
    }

    private static void near(LimitUnit unit, BigDecimal limit, BigDecimal nominal, LimitUnit nominalUnit, Field field)
            throws LimitRejected {
        double size = nominalUnit.micrometres(nominal, 0);
        double furthest = Math.max(FURTHEST_FROM_NOMINAL * size, Math.min(size / 2, SMALL_STEP));
        if (Math.abs(unit.micrometres(limit, 0) - size) > furthest) {
            throw new LimitRejected(
                    field,
                    Note.of(
                            "core.is-far-from-the-nominal-check-the",
                            limit.toPlainString(),
                            unit.symbol(),
                            nominal.toPlainString(),
                            nominalUnit.symbol()));
        }
    }

    private static BigDecimal required(@Nullable BigDecimal amount, Field field) throws LimitRejected {
        if (amount == null) {
            throw new LimitRejected(field, Note.of("core.a-figure-is-missing-type-it-for"));
        }
        return amount;
    }
}
