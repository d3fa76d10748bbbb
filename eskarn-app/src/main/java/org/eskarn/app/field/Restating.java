package org.eskarn.app.field;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Arrays;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.eskarn.app.page.TypedQuantity;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;

/**
 * Says what stands in a field in another unit, so that it means what it meant. A length that comes out even is converted; one that
 * does not keeps its number and gets its unit written after it, for a rounded limit is another limit.
 */
@FunctionalInterface
public interface Restating {

    /** Every number is a length, whatever stands between them. */
    Restating LENGTHS = Word::each;

    /** Pieces between semicolons or on lines of their own, each with a name before its lengths. */
    Restating NAMED = (text, from, to) -> pieces(text, piece -> {
        String[] words = TypedQuantity.joined(piece.strip()).split("\\s+", 2);
        boolean named = words.length > 1 && NamedLengths.named(piece, from);
        return named ? words[0] + " " + Word.each(words[1], from, to) : Word.each(piece.strip(), from, to);
    });

    /** Points, sweep lines and rims of a face, each with a name: a place need not be exact, and is rounded. */
    Restating PLACES = (text, from, to) -> pieces(text, piece -> Word.place(piece, from, to));

    /** A size before a code, as “32 H7/g6”; codes of inch fits are in inches whatever is chosen. */
    Restating NOMINAL = Word::nominal;

    /** Many numbers that are read as they are, with the decimals that no gauge shows left out. */
    Restating HEIGHTS = Word::heights;

    /** What holds no length. */
    Restating NOTHING = (text, from, to) -> text;

    String in(String text, LengthUnit from, LengthUnit to);

    /** @return the text with every piece of it said again, and what stood between them as it was */
    private static String pieces(String text, Function<String, String> again) {
        return Arrays.stream(text.split("(?<=[;\\n])"))
                .map(written -> {
                    String mark = written.endsWith(";") || written.endsWith("\n")
                            ? written.substring(written.length() - 1)
                            : "";
                    String piece = written.substring(0, written.length() - mark.length());
                    String blank = piece.startsWith(" ") ? " " : "";
                    return piece.isBlank() ? written : blank + again.apply(piece) + mark;
                })
                .collect(Collectors.joining());
    }

    /** One word of a text after the other. */
    final class Word {

        private static final Pattern WORD = Pattern.compile("[^\\s;:/]+");
        private static final Pattern NUMBER_AND_UNIT = Pattern.compile("([-+−]?(?:\\d[\\d.,]*|[.,]\\d+))(\\D*)");

        /** Name, then numbers with words between that a place is written with, and a count at its end. */
        private static final Pattern PLACE = Pattern.compile(
                "(.+?)(\\s+(?:round\\s+)?-?[\\d.,]+\\s+-?[\\d.,]+(?:\\s+(?:to\\s+-?[\\d.,]+\\s+-?[\\d.,]+|at\\s+[\\d.,]+))?)(\\s+in\\s+\\d+)?");

        private static final Pattern DISTANCE = Pattern.compile("-?[\\d.,]+");

        /** Decimals of mm; a millionth of an inch is finer than any gauge too. */
        private static final int SHORT = 6;

        /** Before the point; a field takes no more. */
        private static final int DIGITS = 9;

        private static final int DECIMALS_OF_PLACES = 4;
        private static final int DECIMALS_OF_HEIGHTS = 9;

        private static final Pattern SIZED =
                Pattern.compile("([-+]?[\\d.,]+(?:\\s*(?:mm|in|inch|\"))?)\\s+(\\S.*)", Pattern.CASE_INSENSITIVE);

        private static final Pattern INCH_CODE = Pattern.compile("(?:RC|LC|LT|LN|FN)\\s*\\d", Pattern.CASE_INSENSITIVE);

        private Word() {}

        /** All lengths of a text are converted, or each keeps its number with its unit: one text has one kind of numbers. */
        static String each(String text, LengthUnit from, LengthUnit to) {
            String joined = TypedQuantity.joined(text);
            boolean allEven = WORD.matcher(joined)
                    .results()
                    .allMatch(found -> said(found.group(), from, to, true).isPresent());
            return WORD.matcher(joined)
                    .replaceAll(found -> Matcher.quoteReplacement(
                            said(found.group(), from, to, allEven).orElse(found.group())));
        }

        /** Empty where it is to be converted and does not come out even. What is no length stays as it is. */
        private static Optional<String> said(String word, LengthUnit from, LengthUnit to, boolean converted) {
            Matcher parts = NUMBER_AND_UNIT.matcher(word);
            if (!parts.matches()) {
                return Optional.of(word);
            }
            Optional<LengthUnit> own = LengthUnit.named(parts.group(2));
            if (own.isEmpty() && !parts.group(2).isEmpty()) {
                return Optional.of(word);
            }
            LengthUnit unit = own.orElse(from);
            if (unit == to) {
                return Optional.of(parts.group(1));
            }
            if (!converted) {
                return Optional.of(parts.group(1) + " " + unit.symbol());
            }
            Optional<Length> length = TypedQuantity.length(parts.group(1), unit);
            return length.isEmpty()
                    ? Optional.of(word)
                    : even(length.get().amount(), unit, to)
                            .map(amount -> sign(parts.group(1)) + amount.toPlainString());
        }

        /** A plus that was typed is kept: it says which way. */
        private static String sign(String number) {
            return number.startsWith("+") ? "+" : "";
        }

        /** The same amount in another unit where it comes out even. */
        private static Optional<BigDecimal> even(BigDecimal amount, LengthUnit from, LengthUnit to) {
            BigDecimal micrometres = amount.multiply(from.micrometres());
            BigDecimal short6 = micrometres.divide(to.micrometres(), SHORT, RoundingMode.HALF_UP);
            boolean tooLong = short6.precision() - short6.scale() > DIGITS;
            if (tooLong || short6.multiply(to.micrometres()).compareTo(micrometres) != 0) {
                return Optional.empty();
            }
            BigDecimal stripped = short6.stripTrailingZeros();
            return Optional.of(stripped.scale() < 0 ? stripped.setScale(0) : stripped);
        }

        static String nominal(String text, LengthUnit from, LengthUnit to) {
            Matcher parts = SIZED.matcher(text.strip());
            return parts.matches() && !INCH_CODE.matcher(parts.group(2)).lookingAt()
                    ? each(parts.group(1), from, to) + " " + parts.group(2)
                    : text;
        }

        static String heights(String text, LengthUnit from, LengthUnit to) {
            return DISTANCE.matcher(text)
                    .replaceAll((MatchResult found) -> TypedQuantity.length(found.group(), from)
                            .map(length -> rounded(length.amount(), from, to, DECIMALS_OF_HEIGHTS))
                            .orElse(found.group()));
        }

        static String place(String piece, LengthUnit from, LengthUnit to) {
            Matcher place = PLACE.matcher(piece.strip());
            if (!place.matches()) {
                return piece.strip();
            }
            String distances = DISTANCE.matcher(place.group(2))
                    .replaceAll((MatchResult found) -> TypedQuantity.length(found.group(), from)
                            .map(length -> rounded(length.amount(), from, to, DECIMALS_OF_PLACES))
                            .orElse(found.group()));
            return place.group(1) + distances + (place.group(3) == null ? "" : place.group(3));
        }

        private static String rounded(BigDecimal amount, LengthUnit from, LengthUnit to, int decimals) {
            BigDecimal said = amount.multiply(from.micrometres())
                    .divide(to.micrometres(), decimals, RoundingMode.HALF_UP)
                    .stripTrailingZeros();
            return (said.scale() < 0 ? said.setScale(0) : said).toPlainString();
        }
    }
}
