package org.eskarn.core.evaluation;

import java.util.List;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.StationsUnfit.Reason;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.requirement.StatedAs;
import org.eskarn.core.result.Note;
import org.eskarn.core.round.OppositePairs;
import org.eskarn.core.uncertainty.UncertaintyBudget;

/**
 * The offset of a section without a fit, as workshops take it, in µm:
 *
 * <pre>
 * half the movement  (highest − lowest) / 2, not below what the fit proves
 * worst diameter     the largest |m(θ) − m(θ + 180°)| / 2 of stations opposite each other
 * </pre>
 *
 * Both equal the fitted offset of a round section and differ from it where its form is large. Where the ends of bands count, the
 * far end of each of the two readings is taken.
 *
 * <p>Budget: half the difference of two readings ({@link GaugeParts#ofDifference}, factor ½); of half the movement half of what may lie
 * between the stations too.
 *
 * <p>Degenerate cases: without two stations opposite each other there is no diameter.
 */
final class OffsetSchools {

    private OffsetSchools() {}

    /** Whether a limit is on such an offset. */
    static boolean judge(StatedAs statedAs) {
        return statedAs == StatedAs.HALF_MOVEMENT || statedAs == StatedAs.WORST_DIAMETER;
    }

    /**
     * @param readings of the section
     * @throws StationsUnfit if no two of them lie opposite each other, of the worst diameter
     */
    static double amount(Requirement requirement, Sweep sweep, List<Reading> readings) throws StationsUnfit {
        if (requirement.statedAs() == StatedAs.HALF_MOVEMENT) {
            double proved = sweep.stationsToGo() > 0 ? 0 : Sections.proved(readings);
            return Sections.movementOf(Sections.movement(requirement, readings).amount(), proved) / 2;
        }
        List<OppositePairs.Pair> pairs = OppositePairs.of(Sections.radians(readings), Sections.micrometres(readings));
        boolean ends = requirement.flicker() == FlickerRule.EXTREMES;
        return pairs.stream()
                .mapToDouble(pair -> Math.abs(pair.half())
                        + (ends
                                ? (readings.get(pair.first()).halfBand()
                                                + readings.get(pair.second()).halfBand())
                                        / 2
                                : 0))
                .max()
                .orElseThrow(
                        () -> new StationsUnfit(Reason.TOO_FEW_ANGLES, Note.of("core.a-diameter-needs-two-stations")));
    }

    static UncertaintyBudget budget(
            Requirement requirement, Dial dial, Sweep sweep, List<Reading> readings, double judged) {
        UncertaintyBudget half = GaugeParts.ofDifference(requirement, dial, sweep, 0.5);
        return requirement.statedAs() == StatedAs.HALF_MOVEMENT
                ? half.with(Sections.between(dial, sweep, readings, 2 * judged, 0.5))
                : half;
    }
}
