package org.eskarn.core.requirement;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.round.FirstHarmonic;
import org.eskarn.core.round.FullIndicatorMovement;
import org.eskarn.core.round.Offset;
import org.eskarn.core.round.StationsUnfit;
import org.eskarn.core.uncertainty.Contribution;
import org.eskarn.core.uncertainty.Contribution.Source;
import org.eskarn.core.uncertainty.UncertaintyBudget;

/**
 * The figures of one ring: its movement, and its offset where the stations show it. A limit on movement needs no fit, so
 * there the offset may be missing; a limit on offset cannot do without.
 *
 * <p>Uncertainty of the movement: gauge error limit E (even, ±E on the difference), resolution of both readings (even,
 * ±half a graduation each), return error (even). Uncertainty of the offset: half of the same gauge and return parts, the
 * resolution of n readings through the fit, and the scatter about the fit.
 */
public record RingReduction(
        double judged, UncertaintyBudget budget, FullIndicatorMovement movement, Optional<Centre> centre)
        implements Reduction {

    /** The fitted circle and the offset it shows. */
    public record Centre(FirstHarmonic fit, Offset offset) {}

    /**
     * @throws StationsUnfit if the limit is on the offset and the stations do not show it
     * @throws IllegalArgumentException if the sweep has no reading
     */
    static RingReduction of(Requirement requirement, Dial dial, Sweep sweep) throws StationsUnfit {
        double[] readings = sweep.micrometres();
        FullIndicatorMovement movement = FullIndicatorMovement.of(readings);
        if (requirement.statedAs() == StatedAs.OFFSET) {
            Centre centre = centre(requirement, sweep);
            return new RingReduction(
                    centre.offset().amount(), ofOffset(centre, dial, sweep), movement, Optional.of(centre));
        }
        return new RingReduction(
                movement.amount(), ofMovement(dial, sweep), movement, centreIfShown(requirement, sweep));
    }

    private static Centre centre(Requirement requirement, Sweep sweep) throws StationsUnfit {
        FirstHarmonic fit = FirstHarmonic.fit(sweep.radians(), sweep.micrometres());
        return new Centre(fit, Offset.of(fit, requirement.characteristic().side()));
    }

    private static Optional<Centre> centreIfShown(Requirement requirement, Sweep sweep) {
        try {
            return Optional.of(centre(requirement, sweep));
        } catch (StationsUnfit e) {
            return Optional.empty();
        }
    }

    private static UncertaintyBudget ofMovement(Dial dial, Sweep sweep) {
        List<Contribution> parts = new ArrayList<>();
        parts.add(Contribution.even(Source.GAUGE_ERROR, dial.errorLimit().micrometres(), 1));
        parts.add(Contribution.even(Source.RESOLUTION, dial.graduation().micrometres() / 2, Math.sqrt(2)));
        sweep.returnError().ifPresent(error -> parts.add(Contribution.even(Source.RETURN, error, 1)));
        return new UncertaintyBudget(parts);
    }

    private static UncertaintyBudget ofOffset(Centre centre, Dial dial, Sweep sweep) {
        List<Contribution> parts = new ArrayList<>();
        double throughFit = Math.sqrt(centre.fit().varianceFactor());
        parts.add(Contribution.even(Source.GAUGE_ERROR, dial.errorLimit().micrometres(), 0.5));
        parts.add(Contribution.even(Source.RESOLUTION, dial.graduation().micrometres() / 2, throughFit));
        sweep.returnError().ifPresent(error -> parts.add(Contribution.even(Source.RETURN, error, 0.5)));
        parts.add(new Contribution(Source.FORM, centre.offset().standardUncertainty()));
        return new UncertaintyBudget(parts);
    }
}
