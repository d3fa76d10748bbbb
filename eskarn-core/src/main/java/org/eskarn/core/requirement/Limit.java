package org.eskarn.core.requirement;

import java.math.BigDecimal;
import org.eskarn.core.result.Note;
import org.eskarn.core.units.Length;
import org.eskarn.core.verdict.Bounds;
import org.jspecify.annotations.Nullable;

/**
 * A limit as the drawing writes it.
 *
 * <ul>
 *   <li>At most: {@code upper}; of a figure that has a sign, either way, unless only one way is allowed.
 *   <li>Between: {@code lower} and {@code upper}.
 *   <li>Nominal with plus and minus: {@code upper} and {@code lower} are the deviations, with their signs.
 *   <li>Nominal with a fit code: {@code lower} and {@code upper} are what the code came to when it was written (see
 *       {@link FitLimits}): deviations of a hole or shaft, least and most clearance of a pair. Without them it is a text.
 *   <li>Answers and no limit: no figures.
 * </ul>
 *
 * @param only the one direction allowed of a figure that has a sign
 * @param reason why only that one, or empty
 * @param per the length a slope is limited over, where the drawing states one
 */
public record Limit(
        LimitKind kind,
        @Nullable BigDecimal nominal,
        @Nullable BigDecimal lower,
        @Nullable BigDecimal upper,
        LimitUnit unit,
        String code,
        @Nullable Direction only,
        String reason,
        @Nullable Length per) {

    /** One of the two ways a figure with a sign can go. */
    public enum Direction {
        PLUS(Note.of("core.plus"), "+"),
        MINUS(Note.of("core.minus"), "\u2212");

        private final Note word;
        private final String sign;

        Direction(Note word, String sign) {
            this.word = word;
            this.sign = sign;
        }

        public Note word() {
            return word;
        }

        public String sign() {
            return sign;
        }
    }

    private static final String MINUS = "\u2212";

    public static Limit atMost(Length upper) {
        return new Limit(LimitKind.MAXIMUM, null, null, upper.amount(), LimitUnit.of(upper.unit()), "", null, "", null);
    }

    public static Limit between(String lower, String upper, LimitUnit unit) {
        return new Limit(
                LimitKind.BETWEEN, null, new BigDecimal(lower), new BigDecimal(upper), unit, "", null, "", null);
    }

    public static Limit none(LimitUnit unit) {
        return new Limit(LimitKind.NONE, null, null, null, unit, "", null, "", null);
    }

    /**
     * The bounds in µm; open where the limit has no figures.
     *
     * @param signed whether the figure can be negative
     * @param sized whether it is about a whole size, near the nominal
     * @param radius for degrees: the radius in µm, else without meaning
     */
    Bounds bounds(boolean signed, boolean sized, double radius) {
        return switch (kind) {
            case MAXIMUM -> atMost(micrometres(upper, radius), signed);
            case BETWEEN -> between(micrometres(lower, radius), micrometres(upper, radius), signed || sized);
            case PLUS_MINUS -> about(micrometres(nominal, radius));
            case FIT_CODE -> text() ? Bounds.OPEN : about(sized ? micrometres(nominal, radius) : 0);
            case ANSWER, NONE -> Bounds.OPEN;
        };
    }

    /** Of a figure that is never negative a lower bound below zero bounds nothing. */
    private static Bounds between(double low, double high, boolean signed) {
        return signed || low >= 0 ? Bounds.between(low, high) : Bounds.atMost(high);
    }

    private Bounds about(double middle) {
        return Bounds.between(middle + micrometres(lower, 0), middle + micrometres(upper, 0));
    }

    /** Whether it is a fit code that nothing has worked out. */
    public boolean text() {
        return kind == LimitKind.FIT_CODE && (lower == null || upper == null);
    }

    private Bounds atMost(double amount, boolean signed) {
        if (only == Direction.PLUS) {
            return Bounds.between(0, amount);
        }
        if (only == Direction.MINUS) {
            return Bounds.between(-amount, 0);
        }
        return signed ? Bounds.between(-amount, amount) : Bounds.atMost(amount);
    }

    private double micrometres(@Nullable BigDecimal amount, double radius) {
        return amount == null ? 0 : unit.micrometres(amount, radius);
    }

    /** The limit as it is read aloud, in its own unit. */
    public Note words() {
        String symbol = unit == LimitUnit.DEGREE ? "°" : " " + unit.symbol();
        return switch (kind) {
            case MAXIMUM ->
                only == null
                        ? Note.of("core.limit-most", plain(upper), symbol, over())
                        : Note.of("core.limit-one-sided", only.sign(), plain(upper), symbol, over());
            case BETWEEN -> Note.of("core.limit-between", plain(lower), plain(upper), symbol, over());
            case PLUS_MINUS -> Note.text(plain(nominal) + " " + deviations() + symbol);
            case FIT_CODE ->
                Note.text("⌀" + plain(nominal) + " " + code + (text() ? "" : " (" + deviations() + symbol + ")"));
            case ANSWER -> Note.of("core.yes");
            case NONE -> Note.of("core.no-limit");
        };
    }

    /** The figures alone, as they stand in a callout. */
    public Note figures() {
        return switch (kind) {
            case MAXIMUM -> Note.text((only == null ? "" : "0 / " + only.sign()) + plain(upper));
            case BETWEEN -> Note.text(plain(lower) + " – " + plain(upper));
            case PLUS_MINUS -> Note.text(plain(nominal) + " " + deviations());
            case FIT_CODE -> Note.text(plain(nominal) + " " + code);
            case ANSWER -> Note.of("core.yes");
            case NONE -> Note.of("core.record");
        };
    }

    private Note over() {
        return per == null ? Note.text("") : Note.of("core.limit-per", per);
    }

    private String deviations() {
        boolean symmetric = upper != null && lower != null && upper.compareTo(lower.negate()) == 0;
        return symmetric ? "±" + plain(upper) : signed(upper) + " / " + signed(lower);
    }

    private static String signed(@Nullable BigDecimal amount) {
        return amount != null && amount.signum() > 0 ? "+" + amount.toPlainString() : plain(amount);
    }

    private static String plain(@Nullable BigDecimal amount) {
        return amount == null ? "–" : amount.toPlainString().replace("-", MINUS);
    }
}
