package org.eskarn.core.requirement;

import java.util.List;
import java.util.Optional;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.round.FirstHarmonic;
import org.eskarn.core.round.FullIndicatorMovement;
import org.eskarn.core.round.Offset;
import org.eskarn.core.uncertainty.Contribution;
import org.eskarn.core.uncertainty.Contribution.Source;
import org.eskarn.core.uncertainty.UncertaintyBudget;

/**
 * The figures of one ring: its movement, and its offset where the stations show it. A limit on movement needs no fit, so
 * there the offset may be missing; a limit on offset cannot do without.
 *
 * <p>Uncertainty of the movement: gauge error limit E (even, ±E on the difference), resolution of both readings (even,
 * ±half a graduation each), return error (even), and where the middle of a flicker counts, the half bands at the highest
 * and lowest reading (even). Uncertainty of the offset: half of the same gauge and return parts, the resolution and the
 * root mean square half band of n readings through the fit, and the scatter about the fit. The fit always goes through
 * the middles.
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
        FullIndicatorMovement movement = requirement.flicker() == FlickerRule.EXTREMES
                ? FullIndicatorMovement.of(sweep.lows(), sweep.highs())
                : FullIndicatorMovement.of(sweep.micrometres());
        if (requirement.statedAs() == StatedAs.OFFSET) {
            Centre centre = centre(requirement, sweep);
            return new RingReduction(
                    centre.offset().amount(), ofOffset(centre, dial, sweep), movement, Optional.of(centre));
        }
        return new RingReduction(
                movement.amount(),
                ofMovement(requirement, movement, dial, sweep),
                movement,
                centreIfShown(requirement, sweep));
    }

    private static Centre centre(Requirement requirement, Sweep sweep) throws StationsUnfit {
        FirstHarmonic fit = FirstHarmonic.fit(sweep.radians(), sweep.micrometres());
        return new Centre(fit, Offset.of(fit, requirement.side()));
    }

    private static Optional<Centre> centreIfShown(Requirement requirement, Sweep sweep) {
        try {
            return Optional.of(centre(requirement, sweep));
        } catch (StationsUnfit e) {
            return Optional.empty();
        }
    }

    private static UncertaintyBudget ofMovement(
            Requirement requirement, FullIndicatorMovement movement, Dial dial, Sweep sweep) {
        double halfBand = 0;
        if (requirement.flicker() == FlickerRule.MIDDLE) {
            double high = sweep.readings().get(movement.highest()).halfBand();
            double low = sweep.readings().get(movement.lowest()).halfBand();
            halfBand = Math.hypot(high, low);
        }
        return new UncertaintyBudget(GaugeParts.of(dial, sweep, 1, Math.sqrt(2), halfBand));
    }

    private static UncertaintyBudget ofOffset(Centre centre, Dial dial, Sweep sweep) {
        double throughFit = Math.sqrt(centre.fit().varianceFactor());
        double meanSquare = sweep.readings().stream()
                .mapToDouble(reading -> reading.halfBand() * reading.halfBand())
                .average()
                .orElse(0);
        return new UncertaintyBudget(GaugeParts.of(dial, sweep, 0.5, throughFit, throughFit * Math.sqrt(meanSquare)))
                .with(new Contribution(Source.FORM, centre.offset().standardUncertainty()));
    }

    /** What is left of the readings when the off-centre is taken out. */
    @Override
    public List<Figure> figures() {
        return centre.map(each -> List.of(
                        Figure.deviation("off centre", each.offset().amount()),
                        Figure.deviation("form left over", each.fit().formPart())))
                .orElse(List.of());
    }
}
