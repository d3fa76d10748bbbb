package org.eskarn.core.reading;

import java.util.Locale;
import java.util.Optional;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/** What one step of a typed number means: a unit of length, one division of the dial that was read, or an answer. */
public enum ReadingUnit {
    MILLIMETRE(LengthUnit.MILLIMETRE),
    MICROMETRE(LengthUnit.MICROMETRE),
    INCH(LengthUnit.INCH),
    THOU(LengthUnit.THOU),
    TENTH(LengthUnit.TENTH),
    /** A division of the dial; its size is the gauge's graduation. */
    DIVISION(null),
    /** No length at all: yes is 1, no is 0. */
    ANSWER(null);

    private final @Nullable LengthUnit length;

    ReadingUnit(@Nullable LengthUnit length) {
        this.length = length;
    }

    /** The unit of length, or empty for divisions and answers. */
    public Optional<LengthUnit> length() {
        return Optional.ofNullable(length);
    }

    public String symbol() {
        if (this == ANSWER) {
            return "yes/no";
        }
        return length == null ? "div" : length.symbol();
    }

    public static ReadingUnit of(LengthUnit unit) {
        return switch (unit) {
            case MILLIMETRE -> MILLIMETRE;
            case MICROMETRE -> MICROMETRE;
            case INCH -> INCH;
            case THOU -> THOU;
            case TENTH -> TENTH;
        };
    }

    /** The unit that a written symbol names, or empty when it names none. */
    static Optional<ReadingUnit> named(String written) {
        String word = written.strip().toLowerCase(Locale.ROOT);
        if (word.equals("div") || word.equals("divs") || word.equals("d")) {
            return Optional.of(DIVISION);
        }
        return LengthUnit.named(word).map(ReadingUnit::of);
    }
}
