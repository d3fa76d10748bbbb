package org.eskarn.core.requirement;

import java.math.BigDecimal;
import org.eskarn.core.fit.Deviations;
import org.eskarn.core.fit.Fit;
import org.eskarn.core.fit.FitCode;
import org.eskarn.core.fit.FitUndefined;
import org.eskarn.core.requirement.LimitRejected.Field;
import org.eskarn.core.result.Note;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;

/**
 * Works a fit code out. Code and limits are both kept, so that a later edition of the tables changes nothing that was written
 * before.
 *
 * <p>Of a hole or a shaft lower and upper become the deviations of its class, of a pair the least and most clearance.
 */
public final class FitLimits {

    private FitLimits() {}

    /**
     * @param limit nominal with a fit code
     * @return the same with its lower and upper, in its own unit
     * @throws LimitRejected if the code cannot be read, is not defined at the nominal, or is not one for the characteristic
     */
    public static Limit resolved(Characteristic characteristic, Limit limit) throws LimitRejected {
        BigDecimal nominal = limit.nominal();
        LengthUnit unit = limit.unit().length().orElse(LengthUnit.MILLIMETRE);
        if (nominal == null || nominal.signum() <= 0) {
            throw new LimitRejected(Field.NOMINAL, Note.of("core.a-fit-code-needs-its-nominal-type"));
        }
        try {
            FitCode code = FitCode.of(limit.code());
            FitPart part = characteristic.fitPart();
            match(code, part, characteristic);
            FitCode.Resolved resolved = code.at(new Length(nominal, unit));
            Deviations hole = resolved.hole();
            Deviations shaft = resolved.shaft();
            if (part == FitPart.BOTH && hole != null && shaft != null) {
                return of(limit, code, clearance(new Fit(hole, shaft)), unit);
            }
            Deviations one = part == FitPart.HOLE ? hole : shaft;
            if (one == null) {
                throw new IllegalStateException("no limits of " + code + " for " + part);
            }
            return of(limit, code, one, unit);
        } catch (FitUndefined e) {
            throw new LimitRejected(Field.CODE, e.note());
        }
    }

    private static Deviations clearance(Fit fit) {
        LengthUnit unit = fit.hole().unit();
        return new Deviations(
                fit.hole().lower().subtract(fit.shaft().upper()),
                fit.hole().upper().subtract(fit.shaft().lower()),
                unit);
    }

    private static Limit of(Limit limit, FitCode code, Deviations found, LengthUnit unit) {
        BigDecimal lower = found.lowerIn(unit);
        BigDecimal upper = found.upperIn(unit);
        int decimals = Math.max(least(unit), Math.max(lower.scale(), upper.scale()));
        return new Limit(
                limit.kind(),
                limit.nominal(),
                lower.setScale(decimals),
                upper.setScale(decimals),
                limit.unit(),
                code.toString(),
                limit.only(),
                limit.reason(),
                limit.per());
    }

    /** Both are written with the same decimals, as drawings do. */
    private static int least(LengthUnit unit) {
        return switch (unit) {
            case MILLIMETRE -> 3;
            case INCH -> 4;
            case MICROMETRE, THOU, TENTH -> 0;
        };
    }

    private static void match(FitCode code, FitPart part, Characteristic characteristic) throws LimitRejected {
        if (code.inch() != null) {
            return;
        }
        boolean both = code.hole() != null && code.shaft() != null;
        if (part == FitPart.BOTH) {
            if (!both) {
                throw new LimitRejected(Field.CODE, Note.of("core.a-pair-has-a-class-for-the", code));
            }
            return;
        }
        if (both) {
            throw new LimitRejected(
                    Field.CODE,
                    Note.of(
                            "core.names-a-hole-and-a-shaft-here",
                            code,
                            what(part),
                            String.valueOf(part == FitPart.HOLE ? code.hole() : code.shaft())));
        }
        if (part == FitPart.HOLE && code.shaft() != null) {
            throw new LimitRejected(
                    Field.CODE,
                    Note.of(
                            "core.in-small-letters-is-a-shaft-and",
                            code,
                            characteristic.title(),
                            code.shaft().counterpart()));
        }
        if (part == FitPart.SHAFT && code.hole() != null) {
            throw new LimitRejected(
                    Field.CODE,
                    Note.of(
                            "core.in-capitals-is-a-hole-and-the",
                            code,
                            characteristic.title(),
                            code.hole().counterpart()));
        }
    }

    private static Note what(FitPart part) {
        return part == FitPart.HOLE ? Note.of("core.part-hole") : Note.of("core.part-shaft");
    }
}
