package org.eskarn.core.fit;

import java.math.BigDecimal;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.eskarn.core.result.Note;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/**
 * A fit as a drawing writes it: the class of a hole (H7), of a shaft (k5), of both (H7/g6), or an inch fit (RC4), which is of
 * both.
 *
 * @param inch an inch fit; null for a metric class
 */
public record FitCode(
        @Nullable ToleranceClass hole,
        @Nullable ToleranceClass shaft,
        @Nullable String inch) {

    /** Of a size in inches that was written in thou or tenths; more than anybody writes. */
    private static final int DECIMALS_OF_INCHES = 9;

    private static final Pattern INCH = Pattern.compile("(RC|LC|LT|LN|FN) ?(\\d{1,2})", Pattern.CASE_INSENSITIVE);
    private static final Pattern SIZED =
            Pattern.compile("[⌀øØ]?\\s*([\\d.,]++)\\s*(mm|in|inch|\")?\\s*(\\S.*)", Pattern.CASE_INSENSITIVE);

    /**
     * A size and its fit in one line.
     *
     * @param code as it is written
     */
    public record Sized(Length nominal, FitCode code) {}

    /**
     * Deviations of what the code names; both for a pair.
     *
     * @param hole null where the code names a shaft alone
     */
    public record Resolved(
            @Nullable Deviations hole, @Nullable Deviations shaft) {

        /** The fit, where both are named. */
        public Optional<Fit> fit() {
            return hole == null || shaft == null ? Optional.empty() : Optional.of(new Fit(hole, shaft));
        }
    }

    /**
     * @param text a code alone
     * @throws FitUndefined if it cannot be read as one
     */
    public static FitCode of(String text) throws FitUndefined {
        String code = text.strip();
        Matcher inch = INCH.matcher(code);
        if (inch.matches()) {
            return new FitCode(null, null, inch.group(1).toUpperCase(Locale.ROOT) + inch.group(2));
        }
        String[] parts = code.split("\\s*/\\s*", -1);
        if (parts.length > 2) {
            throw new FitUndefined(Note.of("core.is-no-fit-code-write-a-hole", code));
        }
        ToleranceClass first = read(parts[0], code);
        if (parts.length == 1) {
            return first.hole() ? new FitCode(first, null, null) : new FitCode(null, first, null);
        }
        ToleranceClass second = read(parts[1], code);
        if (!first.hole() || second.hole()) {
            String meant = capital(first) + "/" + small(second);
            throw new FitUndefined(Note.of("core.a-hole-has-capital-letters-and-a", code, meant));
        }
        return new FitCode(first, second, null);
    }

    /**
     * @param line a size, its unit where it is not the usual one, and a code: 45 k5, 1.5 in RC4
     * @param usual unit of a size without one; an inch fit has inches all the same
     * @throws FitUndefined if it cannot be read
     */
    public static Sized sized(String line, LengthUnit usual) throws FitUndefined {
        Matcher matcher = SIZED.matcher(line.strip());
        BigDecimal size = matcher.matches() ? size(matcher.group(1)) : null;
        if (size == null || size.signum() <= 0) {
            throw new FitUndefined(Note.of("core.is-no-size-with-a-fit-write", line.strip()));
        }
        FitCode code = of(matcher.group(3));
        String symbol = matcher.group(2);
        LengthUnit unit = symbol == null
                ? (code.inch == null ? usual : LengthUnit.INCH)
                : LengthUnit.named(symbol).orElse(usual);
        return new Sized(new Length(size, unit), code);
    }

    /**
     * @param nominal size the code stands at
     * @throws FitUndefined if the code is not of the system of the size, or not defined at it
     */
    public Resolved at(Length nominal) throws FitUndefined {
        if (inch != null) {
            if (nominal.unit().metric()) {
                throw new FitUndefined(Note.of("core.is-a-fit-in-inches-and-the", inch, nominal));
            }
            Fit fit = InchFits.of(nominal.amountIn(LengthUnit.INCH, DECIMALS_OF_INCHES), inch)
                    .fit();
            return new Resolved(fit.hole(), fit.shaft());
        }
        if (!nominal.unit().metric()) {
            throw new FitUndefined(Note.of("core.is-a-class-in-millimetres-and-the", this, nominal));
        }
        BigDecimal millimetres = nominal.exactMicrometres().movePointLeft(3);
        return new Resolved(
                hole == null ? null : IsoLimits.of(millimetres, hole),
                shaft == null ? null : IsoLimits.of(millimetres, shaft));
    }

    private static @Nullable BigDecimal size(String digits) {
        String number = digits.replace(',', '.');
        return number.matches("\\d{1,5}(\\.\\d{0,9})?|\\.\\d{1,9}") ? new BigDecimal(number) : null;
    }

    private static ToleranceClass read(String part, String code) throws FitUndefined {
        Optional<ToleranceClass> written = ToleranceClass.written(part);
        if (written.isPresent() && known(written.get())) {
            return written.get();
        }
        if (part.matches("[A-Za-z]{2}\\d{1,2}") && !ToleranceClass.written(part).isPresent()) {
            throw new FitUndefined(Note.of("core.the-letters-of-are-all-capitals-for", part));
        }
        if (written.isPresent()) {
            throw new FitUndefined(
                    Note.of("core.the-standard-has-no-letters", written.get().letters()));
        }
        throw new FitUndefined(Note.of("core.is-no-fit-code-write-letters-and", code));
    }

    private static boolean known(ToleranceClass written) {
        return IsoTables.LETTERS.contains(written.letters().toLowerCase(Locale.ROOT));
    }

    private static String capital(ToleranceClass written) {
        return (written.hole() ? written : written.counterpart()).toString();
    }

    private static String small(ToleranceClass written) {
        return (written.hole() ? written.counterpart() : written).toString();
    }

    @Override
    public String toString() {
        if (inch != null) {
            return inch;
        }
        if (hole == null) {
            return String.valueOf(shaft);
        }
        return shaft == null ? hole.toString() : hole + "/" + shaft;
    }
}
