package org.eskarn.core.evaluation;

import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.requirement.Requirement;

/** The registry of how each characteristic is computed: one that is not named here does not compile. */
final class Evaluation {

    private Evaluation() {}

    /**
     * The figures of a sweep, finished or not. Every evaluation passes here, so that none forgets what counts of a needle that
     * flickers: where its ends do, the worst that they allow is judged, by evaluations that look at both ends or else by trying
     * them. What is only recorded has no worse side: there the middle is kept and the band is in the uncertainty.
     *
     * @throws StationsUnfit if the stations do not show the figure, or contradict each other
     */
    static Reduction of(Requirement requirement, Dial dial, Sweep sweep) throws StationsUnfit {
        if (!requirement.basis().conditions().isEmpty()
                && !requirement.basis().reversal().twice()) {
            return ConditionsReduction.of(requirement, sweep, (once, own) -> of(once, dial, own));
        }
        if (requirement.basis().reversal().checked()) {
            ThirdSetUp.require(sweep, requirement.allowedReturn(dial));
            return of(requirement.unchecked(), dial, ThirdSetUp.without(sweep));
        }
        if (requirement.flicker() == FlickerRule.MIDDLE || !sweep.flickers()) {
            return reduce(requirement, dial, sweep);
        }
        if (requirement.characteristic().seesEnds() && !StraightnessReduction.addsUp(requirement)) {
            return reduce(requirement, dial, sweep);
        }
        if (requirement.bounds().open()) {
            return reduce(requirement.withFlicker(FlickerRule.MIDDLE), dial, sweep);
        }
        return BandEnds.worst(sweep, requirement.bounds(), still -> reduce(requirement, dial, still));
    }

    private static Reduction reduce(Requirement requirement, Dial dial, Sweep sweep) throws StationsUnfit {
        boolean ring = sweep.layout().kind() == LayoutKind.RING;
        if (sweep.layout().kind().watched()) {
            return WatchedReduction.of(requirement, dial, sweep);
        }
        return switch (requirement.characteristic()) {
            case CIRCULAR_RUNOUT_RADIAL, CIRCULAR_RUNOUT_AXIAL ->
                ring
                        ? RingReduction.of(requirement, dial, sweep)
                        : JournalsReduction.circular(requirement, dial, sweep);
            case TOTAL_RUNOUT ->
                ring ? RingReduction.of(requirement, dial, sweep) : JournalsReduction.total(requirement, dial, sweep);
            case OFFSET_OF_OPENING -> RingReduction.of(requirement, dial, sweep);
            case ROUNDNESS -> RoundnessReduction.of(requirement, dial, sweep);
            case OUTSIDE_SIZE, BORE_SIZE -> SizeReduction.local(requirement, dial, sweep);
            case OUT_OF_ROUND -> SizeReduction.outOfRound(requirement, dial, sweep);
            case PIN_CHECK, GAP -> PinReduction.of(requirement, dial, sweep);
            case TAPER -> SizeReduction.taper(requirement, dial, sweep);
            case FLATNESS -> HeightsReduction.flatness(requirement, dial, sweep);
            case STRAIGHTNESS -> StraightnessReduction.of(requirement, dial, sweep);
            case PARALLELISM_OF_FACES -> HeightsReduction.parallelism(requirement, dial, sweep);
            case PARALLELISM_OF_AXIS, PARALLELISM_OF_LINES, BEND_AND_TWIST ->
                SlopesReduction.of(requirement, dial, sweep);
            case SQUARENESS ->
                sweep.layout().kind() == LayoutKind.RINGS
                        ? FaceToAxisReduction.of(requirement, dial, sweep)
                        : SquarenessReduction.of(requirement, dial, sweep);
            case BORES_IN_LINE -> BoresReduction.of(requirement, dial, sweep);
            case DEPTH_AND_PITCH -> SingleReductions.each(requirement, dial, sweep);
            case HEIGHT_DIFFERENCE -> SingleReductions.againstTheFirst(requirement, dial, sweep);
            case PITCH -> PitchReduction.of(requirement, dial, sweep);
            case PLAY -> PairReductions.play(requirement, dial, sweep);
            case PHASE_ANGLE -> SingleReductions.phase(requirement, dial, sweep);
            case FIT_OF_PAIR -> FitReduction.of(requirement, dial, sweep);
            case FUNCTIONAL_FIT -> SingleReductions.answers(requirement, dial, sweep);
            case RECORD -> SingleReductions.recorded(requirement, dial, sweep);
        };
    }
}
