package org.eskarn.core.verdict;

import java.math.BigDecimal;
import org.eskarn.core.result.Note;
import org.eskarn.core.result.WrittenNumber;
import org.hipparchus.distribution.continuous.NormalDistribution;
import org.jspecify.annotations.Nullable;

/**
 * How the uncertainty enters the judgement.
 *
 * <ul>
 *   <li>Simple: the figure alone is compared with the limit. It needs a tolerance of at least {@code figure} times U; where U is
 *       larger, the stringent rule decides instead ({@link #applied}).
 *   <li>Stringent: pass needs figure + U within the limit, fail needs figure − U beyond it; between the two nothing is proven
 *       (ISO 14253-1, clauses 5 and 6).
 *   <li>Probability: pass needs a probability of conformity of at least {@code figure} percent, fail one of at most 100 less
 *       that; between the two nothing is proven (JCGM 106, 7.2 and 8.3).
 * </ul>
 *
 * @param figure for simple acceptance the least tolerance ÷ U; for probability the required percentage; for the stringent rule 0,
 *     or the ratio that simple acceptance required where the rule stands in for it
 */
public record DecisionRule(RuleKind kind, double figure) {

    /** Tolerance ÷ U that is usually required; U up to a quarter of the tolerance. */
    public static final double USUAL_RATIO = 4;

    /** Usually required probability of conformity, %. */
    public static final double USUAL_PROBABILITY = 95;

    public static final double MOST_RATIO = 100;

    public static final DecisionRule SIMPLE = new DecisionRule(RuleKind.SIMPLE, USUAL_RATIO);
    public static final DecisionRule STRINGENT = new DecisionRule(RuleKind.STRINGENT, 0);

    private static final NormalDistribution NORMAL = new NormalDistribution();

    /** µm; a figure that with its uncertainty is exactly on the limit must not miss it by a binary rounding. */
    private static final double ROUNDING = 1e-9;

    /**
     * @throws IllegalArgumentException if a ratio is not from 1 to {@value #MOST_RATIO}, or a required probability is not above
     *     50 % and below 100 %
     */
    public DecisionRule {
        if (kind == RuleKind.SIMPLE && !(figure >= 1 && figure <= MOST_RATIO)) {
            throw new IllegalArgumentException("tolerance ÷ U is from 1 to 100, not " + figure);
        }
        if (kind == RuleKind.PROBABILITY && !(figure > 50 && figure < 100)) {
            throw new IllegalArgumentException("a required probability is above 50 % and below 100 %, not " + figure);
        }
    }

    /** @param figure ratio or percentage; null for the usual one */
    public static DecisionRule of(RuleKind kind, @Nullable BigDecimal figure) {
        return switch (kind) {
            case SIMPLE -> new DecisionRule(kind, figure == null ? USUAL_RATIO : figure.doubleValue());
            case STRINGENT -> STRINGENT;
            case PROBABILITY -> new DecisionRule(kind, figure == null ? USUAL_PROBABILITY : figure.doubleValue());
        };
    }

    public Note title() {
        String number = WrittenNumber.number(figure);
        return switch (kind) {
            case SIMPLE -> Note.of("core.simple-acceptance", number);
            case STRINGENT ->
                insteadOfSimple()
                        ? Note.of("core.stringent-instead-of-simple", number)
                        : Note.of("core.stringent-the-limit-less-u-to-pass");
            case PROBABILITY -> Note.of("core.probability-of-conformity-at-least", number);
        };
    }

    /** What decides where no uncertainty is known. */
    public static Note withoutUncertainty() {
        return Note.of("core.simple-acceptance-alone");
    }

    /** Whether this is the stringent rule standing in for simple acceptance, because U is too large for that. */
    public boolean insteadOfSimple() {
        return kind == RuleKind.STRINGENT && figure > 0;
    }

    /** The rule that really decides: of simple acceptance the stringent one where U is too large against the tolerance. */
    public DecisionRule applied(Bounds bounds, double expanded) {
        boolean coarse =
                kind == RuleKind.SIMPLE && bounds.width() > 0 && expanded * figure > bounds.width() * (1 + ROUNDING);
        return coarse ? new DecisionRule(RuleKind.STRINGENT, figure) : this;
    }

    /**
     * Judges a figure that must lie within bounds. A figure exactly on a bound is within it.
     *
     * @param value the figure, µm
     * @param expanded the expanded uncertainty U of the figure, µm
     */
    public Outcome judge(double value, Bounds bounds, double expanded) {
        return judge(value, bounds, expanded, expanded);
    }

    /**
     * The same of a figure whose true value may lie further above it than below.
     *
     * @param above how far above, as an expanded uncertainty, µm
     * @param below how far below, µm
     */
    public Outcome judge(double value, Bounds bounds, double above, double below) {
        if (kind == RuleKind.PROBABILITY && above > 0) {
            double conforms = conformity(value, bounds, above, below);
            return conforms >= figure / 100 - ROUNDING
                    ? Outcome.PASS
                    : conforms <= 1 - figure / 100 + ROUNDING ? Outcome.FAIL : Outcome.NOT_PROVEN;
        }
        double highest = value + guard(above);
        double lowest = value - guard(below);
        if (bounds.outside(highest) <= ROUNDING && bounds.outside(lowest) <= ROUNDING) {
            return Outcome.PASS;
        }
        Double upper = bounds.upper();
        Double lower = bounds.lower();
        boolean over = upper != null && lowest - upper > ROUNDING;
        boolean under = lower != null && lower - highest > ROUNDING;
        return over || under ? Outcome.FAIL : Outcome.NOT_PROVEN;
    }

    /**
     * How near the limit nothing is proven, µm either side of it: 0 by simple acceptance, U by the stringent rule, z · U/2 by a
     * probability, with z of the normal distribution for that probability of one limit alone.
     */
    public double guard(double expanded) {
        return switch (kind) {
            case SIMPLE -> 0;
            case STRINGENT -> expanded;
            case PROBABILITY -> NORMAL.inverseCumulativeProbability(figure / 100) * expanded / 2;
        };
    }

    /**
     * The probability that the true figure lies within the bounds: Φ((upper − y)/u) − Φ((lower − y)/u), u = U/2, so that few degrees
     * of freedom, which make k and U larger, make u larger too (JCGM 106, 7.2). Without uncertainty 1 within and 0 outside.
     */
    public static double conformity(double value, Bounds bounds, double expanded) {
        return conformity(value, bounds, expanded, expanded);
    }

    /**
     * The same of a figure whose true value may lie further above it than below: half of a normal distribution of either width.
     *
     * @param above expanded uncertainty upwards, µm; as large as downwards or larger
     */
    static double conformity(double value, Bounds bounds, double above, double below) {
        if (!(above > 0)) {
            return bounds.holds(value) ? 1 : 0;
        }
        Double upper = bounds.upper();
        Double lower = bounds.lower();
        double within = upper == null ? 1 : below(upper - value, above, below);
        double under = lower == null ? 0 : below(lower - value, above, below);
        return within - under;
    }

    /** The probability that the true figure lies less than so far above the one found. */
    private static double below(double apart, double above, double below) {
        double expanded = apart > 0 ? above : below;
        return expanded > 0 ? NORMAL.cumulativeProbability(apart / (expanded / 2)) : apart >= 0 ? 1 : 0;
    }
}
