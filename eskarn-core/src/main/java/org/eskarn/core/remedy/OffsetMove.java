package org.eskarn.core.remedy;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.eskarn.core.evaluation.Assessment;
import org.eskarn.core.evaluation.RingReduction;
import org.eskarn.core.evaluation.RingReduction.Centre;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.Corrections;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.round.OppositePairs;
import org.eskarn.core.round.Way;

/**
 * Moving an off-centre ring back: by its offset e, in the direction opposite to it. Only some offsets d exist; with one of
 * them |e − d| is left over, along the same diameter. What every reading will then be is known:
 *
 * <pre>m′(θ) = m(θ) − d cos(θ − ψ)</pre>
 *
 * with ψ where the readings are highest, so that the whole requirement can be judged on the prediction. Form stays.
 *
 * <p>Degenerate cases: without an offset clear of its scatter there is nothing to move; without offsets in the drawer only
 * the exact move is offered.
 *
 * @param offset e in µm
 * @param towards the direction to move to, radians clockwise from the top
 * @param exact what a move of exactly e would leave
 * @param choices with what exists, the best first
 */
public record OffsetMove(double offset, double towards, Choice exact, List<Choice> choices) {

    /**
     * @param available what is put in; empty for a move of exactly the offset
     * @param moved d in µm
     * @param residual |e − d| in µm
     * @param predicted the requirement judged on the readings to come
     * @param diameters half the difference along each diameter, before and after
     */
    public record Choice(
            Optional<Available> available,
            double moved,
            double residual,
            Assessment predicted,
            List<Diameter> diameters) {

        /** The judged figure to come, µm. */
        public double figure() {
            return predicted.reduction().orElseThrow().judged();
        }
    }

    /**
     * How far off the readings are along a diameter: half the first end less the second, plus where the first reads more.
     *
     * @param from name of its first end
     * @param to name of its second end; empty where only the first was read, and the rest is by the fitted circle
     * @param before µm
     * @param after the move, µm
     */
    public record Diameter(String from, String to, double before, double after) {}

    /**
     * @param sweep complete, as it is computed with
     * @return empty where the sweep shows no offset, or none with a direction
     */
    public static Optional<OffsetMove> of(
            Requirement requirement, Dial dial, Assessment found, List<Available> drawer) {
        if (!(found.reduction().orElse(null) instanceof RingReduction ring)
                || ring.centre().isEmpty()
                || !ring.centre().get().offset().directed()) {
            return Optional.empty();
        }
        Centre centre = ring.centre().get();
        double offset = centre.offset().amount();
        List<Choice> choices = new ArrayList<>();
        for (Available available : drawer) {
            choices.add(choice(
                    requirement,
                    dial,
                    found,
                    centre,
                    Optional.of(available),
                    available.amount().micrometres()));
        }
        choices.sort(Comparator.comparingDouble(Choice::residual));
        return Optional.of(new OffsetMove(
                offset,
                Way.opposite(centre.offset().direction()),
                choice(requirement, dial, found, centre, Optional.empty(), offset),
                List.copyOf(choices)));
    }

    private static Choice choice(
            Requirement requirement,
            Dial dial,
            Assessment found,
            Centre centre,
            Optional<Available> available,
            double moved) {
        Sweep before = found.corrected();
        double towardsPlus = Math.atan2(centre.fit().sine(), centre.fit().cosine());
        List<Reading> after = new ArrayList<>();
        for (Reading reading : before.readings()) {
            double taken = moved * Math.cos(reading.station().radians() - towardsPlus);
            after.add(new Reading(reading.station(), reading.micrometres() - taken, reading.halfBand()));
        }
        Double back = before.atReturn();
        double atFirst = moved * Math.cos(before.layout().returnStation().radians() - towardsPlus);
        Sweep moving = new Sweep(before.layout(), after, back == null ? null : (Double) (back - atFirst));
        return new Choice(
                available,
                moved,
                Math.abs(centre.offset().amount() - moved),
                Assessment.of(requirement, dial, moving, Corrections.NONE),
                diameters(before, centre, moved));
    }

    /** Every diameter that has a station: read at both ends half the difference, else as the fitted circle has it. */
    private static List<Diameter> diameters(Sweep before, Centre centre, double moved) {
        double towardsPlus = Math.atan2(centre.fit().sine(), centre.fit().cosine());
        double[] radians = before.radians();
        List<Diameter> diameters = new ArrayList<>();
        boolean[] paired = new boolean[radians.length];
        for (OppositePairs.Pair pair : OppositePairs.of(radians, before.micrometres())) {
            paired[pair.first()] = true;
            paired[pair.second()] = true;
            diameters.add(new Diameter(
                    name(before, pair.first()),
                    name(before, pair.second()),
                    pair.half(),
                    pair.half() - moved * Math.cos(radians[pair.first()] - towardsPlus)));
        }
        for (int i = 0; i < radians.length; i++) {
            if (!paired[i]) {
                double along = Math.cos(radians[i] - towardsPlus);
                double half = centre.offset().amount() * along;
                diameters.add(new Diameter(name(before, i), "", half, half - moved * along));
            }
        }
        return diameters;
    }

    private static String name(Sweep sweep, int index) {
        return sweep.readings().get(index).station().name();
    }

    /** Whether an offset in the drawer lies nearer than leaving the ring as it is. */
    public boolean worthMoving() {
        return choices.isEmpty() || choices.get(0).residual() < offset;
    }
}
