package org.eskarn.core.evaluation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.Station;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.uncertainty.UncertaintyBudget;
import org.eskarn.core.verdict.Bounds;
import org.eskarn.core.verdict.DecisionRule;

/**
 * What a gauge can decide of a requirement before anything is read: the uncertainty that its readings of a part without error
 * would have, against the tolerance. Scatter and flicker come to it with the readings. No gauge is refused for it: far from
 * the limit a coarse one decides as well as any.
 *
 * @param budget foreseen; without parts where nothing is measured, as of answers and pins
 * @param width of what is allowed, µm of the judged figure; 0 where nothing is limited
 * @param rule that will decide with this uncertainty
 */
public record Suitability(UncertaintyBudget budget, double width, DecisionRule rule) {

    /** U ÷ tolerance that is good (rule of ten, in many works' own rules). */
    public static final double GOOD = 0.10;

    private static final double ROUNDING = 1e-9;

    public static Suitability of(Requirement requirement, Dial dial) {
        Bounds bounds = requirement.bounds();
        UncertaintyBudget budget = requirement.layout().kind().answered()
                        || requirement.characteristic().bracketed()
                ? new UncertaintyBudget(List.of())
                : foreseen(requirement, dial).orElse(new UncertaintyBudget(List.of()));
        return new Suitability(budget, bounds.width(), requirement.appliedRule().applied(bounds, budget.expanded()));
    }

    private static Optional<UncertaintyBudget> foreseen(Requirement requirement, Dial dial) {
        Layout layout = requirement.layout();
        double ideal = Judgeable.base(requirement);
        List<Reading> readings = new ArrayList<>();
        for (Station station : layout.stations()) {
            readings.add(Reading.still(station, ideal));
        }
        Sweep sweep = new Sweep(layout, readings, layout.returns() ? (Double) ideal : null);
        try {
            return Optional.of(Evaluation.of(requirement, dial, sweep).budget());
        } catch (StationsUnfit e) {
            return Optional.empty();
        }
    }

    /** The foreseen U, µm. */
    public double expanded() {
        return budget.expanded();
    }

    /** U ÷ tolerance; 0 where nothing is limited. */
    public double share() {
        return width > 0 ? expanded() / width : 0;
    }

    public boolean good() {
        return share() <= GOOD + ROUNDING;
    }

    /** How near the limit nothing will be proven, µm either side of it. */
    public double undecided() {
        return width > 0 ? rule.guard(expanded()) : 0;
    }

    /** Whether it is too coarse for the rule that was asked for, so that the stringent one decides. */
    public boolean coarse() {
        return rule.insteadOfSimple();
    }
}
