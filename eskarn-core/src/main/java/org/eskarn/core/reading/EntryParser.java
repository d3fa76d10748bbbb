package org.eskarn.core.reading;

import java.math.BigDecimal;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.eskarn.core.reading.EntryRejected.Reason;
import org.eskarn.core.result.Note;
import org.jspecify.annotations.Nullable;

/**
 * Reads what was typed for one station: an optional sign (plus, minus, or the typographic minus), digits with one
 * decimal point or comma, and an optional unit (mm, µm, in, thou, tenth, div); or two of them with a slash between, for a
 * needle that flickers. A unit typed with the number overrides the unit the dial is read in.
 */
public final class EntryParser {

    /** The longest text taken, in characters; a dial shows far fewer. */
    private static final int LONGEST = 24;

    private static final Pattern SIGNED = Pattern.compile("([+-]?)\\s*(.*)", Pattern.DOTALL);
    private static final Pattern NUMBER_AND_UNIT = Pattern.compile("(\\d+(?:\\.\\d*)?|\\.\\d+)\\s*(\\D*)");
    private static final Pattern SECOND_NUMBER =
            Pattern.compile("[\\d.]\\s*[^\\d.\\s]*\\s+[+-]?[\\d.]+.*", Pattern.DOTALL);

    private EntryParser() {}

    /**
     * @param typed what stands in the field
     * @param usual the unit meant when none is typed
     * @throws EntryRejected if the text is empty, has two signs, two decimal marks, more than one number, letters that
     *     are no unit, half a band, two different units, or is longer than any dial shows
     */
    public static Entry parse(String typed, ReadingUnit usual) throws EntryRejected {
        String text = typed.strip();
        if (text.isEmpty()) {
            throw new EntryRejected(Reason.EMPTY, Note.of("core.nothing-was-typed-type-what-the-dial"));
        }
        if (text.length() > LONGEST) {
            throw new EntryRejected(Reason.TOO_LONG, Note.of("core.that-is-too-long-for-one-reading"));
        }
        int slash = text.indexOf('/');
        if (slash < 0) {
            Part only = part(text);
            return new Entry(text, only.number(), null, only.unit() == null ? usual : only.unit());
        }
        return band(
                text,
                text.substring(0, slash).strip(),
                text.substring(slash + 1).strip(),
                usual);
    }

    private static Entry band(String text, String first, String second, ReadingUnit usual) throws EntryRejected {
        if (first.isEmpty() || second.isEmpty() || second.contains("/")) {
            throw new EntryRejected(Reason.BAND_INCOMPLETE, Note.of("core.is-not-a-band-type-the-lowest", text));
        }
        Part one = part(first);
        Part two = part(second);
        if (one.unit() != null && two.unit() != null && one.unit() != two.unit()) {
            throw new EntryRejected(Reason.TWO_UNITS, Note.of("core.has-two-units-type-both-ends-of", text));
        }
        ReadingUnit typedUnit = one.unit() == null ? two.unit() : one.unit();
        return new Entry(text, one.number(), two.number(), typedUnit == null ? usual : typedUnit);
    }

    /**
     * What was typed of a turn that was watched: a reading, and after an @ where it was seen, in degrees or on the clock (12@90,
     * 12@3h, 12*90).
     *
     * @throws EntryRejected as {@link #parse}, or if what stands after the @ is no place
     */
    public static Entry watched(String typed, ReadingUnit usual) throws EntryRejected {
        String text = typed.strip();
        // The star stands on the numeric keypad.
        int at = Math.max(text.indexOf('@'), text.indexOf('*'));
        if (at < 0) {
            return parse(text, usual);
        }
        Entry read = parse(text.substring(0, at), usual);
        if (text.length() > LONGEST) {
            throw new EntryRejected(Reason.TOO_LONG, Note.of("core.that-is-too-long-for-one-reading"));
        }
        String place = text.substring(at + 1).replace("°", "").replace(',', '.').strip();
        try {
            return new Entry(text, read.amount(), read.bandEnd(), read.unit(), WrittenLayout.degrees(place));
        } catch (LayoutRejected e) {
            throw new EntryRejected(Reason.NOT_A_NUMBER, Note.of("core.is-no-place-round-the-part", place));
        }
    }

    /** One number with the unit typed after it, if there is one. */
    private record Part(BigDecimal number, @Nullable ReadingUnit unit) {}

    private static Part part(String text) throws EntryRejected {
        Matcher signed = SIGNED.matcher(text.replace('−', '-').replace(',', '.'));
        if (!signed.matches()) {
            throw notANumber(text);
        }
        String unsigned = signed.group(2);
        if (unsigned.startsWith("+") || unsigned.startsWith("-")) {
            throw new EntryRejected(Reason.TWO_SIGNS, Note.of("core.has-two-signs-type-one-for-plunger", text));
        }
        Matcher number = NUMBER_AND_UNIT.matcher(unsigned);
        if (!number.matches()) {
            throw rejected(text, unsigned);
        }
        return new Part(new BigDecimal(signed.group(1) + number.group(1)), unit(text, number.group(2)));
    }

    private static @Nullable ReadingUnit unit(String text, String written) throws EntryRejected {
        if (written.isBlank()) {
            return null;
        }
        if (written.contains("+") || written.contains("-")) {
            throw new EntryRejected(Reason.TWO_SIGNS, Note.of("core.has-a-sign-after-the-number-type", text));
        }
        return ReadingUnit.named(written)
                .orElseThrow(() -> new EntryRejected(
                        Reason.UNKNOWN_UNIT, Note.of("core.is-no-unit-known-here-type-the", written.strip())));
    }

    private static EntryRejected rejected(String text, String unsigned) {
        if (SECOND_NUMBER.matcher(unsigned).find()) {
            return new EntryRejected(Reason.SEVERAL_NUMBERS, Note.of("core.holds-more-than-one-number-type-one", text));
        }
        if (unsigned.chars().filter(c -> c == '.').count() > 1) {
            return new EntryRejected(
                    Reason.TWO_DECIMAL_MARKS, Note.of("core.has-two-decimal-marks-type-one-point", text));
        }
        return notANumber(text);
    }

    private static EntryRejected notANumber(String text) {
        return new EntryRejected(Reason.NOT_A_NUMBER, Note.of("core.is-not-a-number-type-digits-with", text));
    }
}
