package org.eskarn.app.page;

import java.math.BigDecimal;
import java.math.RoundingMode;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.Verdict;
import org.jspecify.annotations.Nullable;

/**
 * Figures in one unit, always with the same number of decimals, so that decimal points stand under each other.
 *
 * @param unit the unit figures are said in
 * @param radius for figures said as an angle: the radius in µm on which it stands; 0 for lengths
 */
public record Display(LengthUnit unit, double radius) {

    private static final String MINUS = "\u2212";

    private static final int DECIMALS_OF_DEGREES = 3;
    private static final int MOST_DECIMALS = 9;

    /** mm; the lengths that slopes are told over. */
    private static final double HUNDRED_MM = 100;

    private static final double INCH = 25.4;
    /** What is told per inch is a quarter of what 100 mm tell, and needs as many figures. */
    private static final int MORE_PER_INCH = 1;

    /** A difference smaller than this comes of rounding. */
    private static final double NOTHING = 1e-9;

    public Display(LengthUnit unit) {
        this(unit, 0);
    }

    private boolean degrees() {
        return radius > 0;
    }

    public String symbol() {
        return degrees() ? "°" : unit.symbol();
    }

    /** The same figures in the other system, small beside these; of degrees, the length. */
    public Display companion() {
        return new Display(degrees() ? unit : unit.companion());
    }

    public int decimals() {
        if (degrees()) {
            return DECIMALS_OF_DEGREES;
        }
        return switch (unit) {
            case MILLIMETRE -> 4;
            case MICROMETRE, TENTH -> 1;
            case THOU -> 2;
            case INCH -> 5;
        };
    }

    /** One in the last decimal, µm. */
    public double finest() {
        return micrometres(Math.pow(10, -decimals()));
    }

    /** A figure without a plus, for amounts. */
    public String amount(double micrometres) {
        return rounded(micrometres).toPlainString().replace("-", MINUS);
    }

    /** A slope as people say it: how much over 100 mm, or per inch. */
    public String slope(double perMillimetre) {
        return slopeAmount(perMillimetre) + " " + slopeSymbol();
    }

    String slopeAmount(double perMillimetre) {
        return unit.metric()
                ? amount(perMillimetre * HUNDRED_MM)
                : rounded(perMillimetre * INCH, decimals() + MORE_PER_INCH)
                        .toPlainString()
                        .replace("-", MINUS);
    }

    String slopeSymbol() {
        return unit.metric() ? Words.say("page.over-100-mm", symbol()) : Words.say("page.per-inch", symbol());
    }

    /** A figure with its sign, for readings; zero has none. */
    public String signed(double micrometres) {
        BigDecimal rounded = rounded(micrometres);
        return (rounded.signum() > 0 ? "+" : "") + rounded.toPlainString().replace("-", MINUS);
    }

    /**
     * How far two figures lie apart, as an amount: of angles the difference of the angles. What would round to nothing and is
     * something has as many decimals more as it takes to be seen.
     */
    public String apart(double one, double other) {
        double apart = Math.abs(of(one) - of(other));
        int decimals = decimals();
        while (apart > NOTHING && decimals < MOST_DECIMALS && apart < 0.5 * Math.pow(10, -decimals)) {
            decimals++;
        }
        return BigDecimal.valueOf(apart)
                .setScale(decimals, RoundingMode.HALF_UP)
                .toPlainString();
    }

    /**
     * The figure of a verdict. Where it would look like a limit that it is not, it has as many decimals more as it takes to tell
     * them apart, so that nobody reads “21.0, fail” against 21.0.
     */
    public String judged(Verdict verdict) {
        Double value = verdict.value();
        if (value == null) {
            return "–";
        }
        return rounded(value, decimals(verdict)).toPlainString().replace("-", MINUS);
    }

    /** A limit of a verdict, with as many decimals as its figure. */
    public String limit(Verdict verdict, double bound) {
        return rounded(bound, decimals(verdict)).toPlainString().replace("-", MINUS);
    }

    private int decimals(Verdict verdict) {
        Double value = verdict.value();
        return value == null
                ? decimals()
                : Math.max(
                        decimalsFrom(value, verdict.bounds().lower()),
                        decimalsFrom(value, verdict.bounds().upper()));
    }

    private int decimalsFrom(double value, @Nullable Double bound) {
        int decimals = decimals();
        while (bound != null
                && Math.abs(value - bound) > NOTHING
                && decimals < MOST_DECIMALS
                && rounded(value, decimals).compareTo(rounded(bound, decimals)) == 0) {
            decimals++;
        }
        return decimals;
    }

    /** An uncertainty of a figure, as an amount: of an angle what it comes to where the figure lies. */
    public String about(double micrometres, double expanded) {
        if (!degrees()) {
            return amount(expanded);
        }
        double half = (of(micrometres + expanded) - of(micrometres - expanded)) / 2;
        return BigDecimal.valueOf(half)
                .setScale(decimals(), RoundingMode.HALF_UP)
                .toPlainString();
    }

    /** How far the true figure may lie from the one found, either way, or above and below where they differ. */
    public String knownTo(double micrometres, double above, double below) {
        String more = about(micrometres, above);
        String less = about(micrometres, below);
        return more.equals(less) ? "±" + more : "+" + more + " / \u2212" + less;
    }

    /** Micrometres as an amount of this unit, for scales. */
    public double of(double micrometres) {
        return degrees()
                ? Math.toDegrees(Math.asin(Math.max(-1, Math.min(1, micrometres / radius))))
                : micrometres / unit.micrometres().doubleValue();
    }

    /** An amount of this unit as micrometres. */
    public double micrometres(double amount) {
        return degrees()
                ? radius * Math.sin(Math.toRadians(amount))
                : amount * unit.micrometres().doubleValue();
    }

    /** A number by itself, without zeros at its end. */
    public static String plain(double number, int decimals) {
        return BigDecimal.valueOf(number)
                .setScale(decimals, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString()
                .replace("-", MINUS);
    }

    private BigDecimal rounded(double micrometres) {
        return rounded(micrometres, decimals());
    }

    private BigDecimal rounded(double micrometres, int decimals) {
        return BigDecimal.valueOf(of(micrometres)).setScale(decimals, RoundingMode.HALF_UP);
    }
}
