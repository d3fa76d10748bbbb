package org.eskarn.core.evaluation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.Station;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.requirement.StatedAs;
import org.eskarn.core.result.Details;
import org.eskarn.core.result.Figure;
import org.eskarn.core.result.FigureTable;
import org.eskarn.core.result.FigureTable.Row;
import org.eskarn.core.result.Note;
import org.eskarn.core.round.FirstHarmonic;
import org.eskarn.core.round.FullIndicatorMovement;
import org.eskarn.core.round.Offset;
import org.eskarn.core.round.OppositePairs;
import org.eskarn.core.uncertainty.Contribution;
import org.eskarn.core.uncertainty.Contribution.Source;
import org.eskarn.core.uncertainty.UncertaintyBudget;

/**
 * The figures of one ring: its movement, and its offset where the stations show it. A limit on movement needs no fit, so
 * there the offset may be missing; a limit on offset cannot do without.
 *
 * <p>An offset without a fit is taken by {@link OffsetSchools}.
 *
 * <p>Stations between which the high and the low spot lie show less than the movement. Of a whole sweep it is never taken
 * as less than what the fitted offset proves: 2 (e − k u), u from the scatter about the fit.
 *
 * <p>Uncertainty of the movement: gauge error limit E (even, ±E on the difference), resolution of both readings (even,
 * ±half a graduation each), return error (even), and where the middle of a flicker counts, the half bands at the highest
 * and lowest reading (even), and what may lie between the stations ({@link Sections#between}). Uncertainty of the offset: half of the same gauge and return parts, the resolution and the
 * root mean square half band of n readings through the fit, and the scatter about the fit as far as it is more than that of the
 * readings. The fit always goes through the middles.
 *
 * <p>Why these factors: the movement is a difference of two readings, so √2 of a resolution; the offset is half a movement, so
 * half of the gauge error; through a fit of n readings the error of one counts √(2/n) (the fit's variance factor), as the
 * error of a mean does.
 *
 * <p>Degenerate cases: fewer than three angles, or all within half a turn too narrow for a fit, show no offset.
 *
 * <p>Source: ISO 1101, 17.15; JCGM 100, 4.3.7 and H.3 (least squares).
 */
public record RingReduction(
        double judged, UncertaintyBudget budget, FullIndicatorMovement movement, Optional<Centre> centre, Details told)
        implements Reduction {

    /** Half the movement this much above the offset is worth a warning. */
    private static final double OVERSTATED = 0.1;

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
                    centre.offset().amount(),
                    ofOffset(centre, dial, sweep, sweep.readings()),
                    movement,
                    Optional.of(centre),
                    told(requirement, movement, Optional.of(centre), 0, dial, sweep));
        }
        if (OffsetSchools.judge(requirement.statedAs())) {
            double offset = OffsetSchools.amount(requirement, sweep, sweep.readings());
            Optional<Centre> beside = centreIfShown(requirement, sweep);
            return new RingReduction(
                    offset,
                    OffsetSchools.budget(requirement, dial, sweep, sweep.readings(), offset),
                    movement,
                    beside,
                    told(requirement, movement, beside, 0, dial, sweep));
        }
        Sections.requireAngles(sweep);
        Optional<Centre> centre = centreIfShown(requirement, sweep);
        Optional<FirstHarmonic> fit = centre.map(Centre::fit);
        double proved = sweep.stationsToGo() > 0 ? 0 : fit.map(Sections::proved).orElse(0.0);
        double judged = Sections.movementOf(movement.amount(), proved);
        return new RingReduction(
                judged,
                ofMovement(requirement, movement, dial, sweep)
                        .with(Sections.between(dial, sweep, sweep.readings(), fit, judged, 1)),
                movement,
                centre,
                told(requirement, movement, centre, proved, dial, sweep));
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
        return new UncertaintyBudget(GaugeParts.of(dial, sweep, 1, Math.sqrt(2), halfBand), Math.sqrt(2));
    }

    /** @param readings of the section whose centre it is */
    static UncertaintyBudget ofOffset(Centre centre, Dial dial, Sweep sweep, List<Reading> readings) {
        double throughFit = Math.sqrt(centre.fit().varianceFactor());
        double meanSquare = readings.stream()
                .mapToDouble(reading -> reading.halfBand() * reading.halfBand())
                .average()
                .orElse(0);
        double about = centre.offset().standardUncertainty();
        double ofReadings = throughFit * dial.scatter().ofMean();
        return new UncertaintyBudget(
                        GaugeParts.of(dial, sweep, 0.5, throughFit, throughFit * Math.sqrt(meanSquare)), throughFit)
                .with(new Contribution(Source.FORM, Math.sqrt(Math.max(0, about * about - ofReadings * ofReadings))));
    }

    /** @param proved movement that the judged figure is not below, µm; 0 where another figure is judged */
    private static Details told(
            Requirement requirement,
            FullIndicatorMovement movement,
            Optional<Centre> shown,
            double proved,
            Dial dial,
            Sweep sweep) {
        if (shown.isEmpty()) {
            return new Details(
                    List.of(Figure.deviation(Note.of("core.movement-2"), movement.amount())),
                    List.of(),
                    Sections.few(sweep));
        }
        Centre centre = shown.get();
        List<Figure> figures = new ArrayList<>();
        figures.add(Figure.deviation(Note.of("core.movement-2"), movement.amount()));
        figures.add(Figure.deviation(Note.of("core.half-the-movement"), movement.amount() / 2));
        figures.add(Figure.deviation(
                requirement.characteristic().onRadius()
                        ? Note.of("core.lean-at-the-radius")
                        : Note.of("core.off-centre"),
                centre.offset().amount()));
        figures.add(
                Figure.deviation(Note.of("core.form-left-over"), centre.fit().formPart()));
        Sections.wobble(requirement, centre.fit()).ifPresent(figures::addAll);
        List<FigureTable> tables = new ArrayList<>();
        List<OppositePairs.Pair> pairs = OppositePairs.of(sweep.radians(), sweep.micrometres());
        if (!pairs.isEmpty()) {
            tables.add(diameters(centre, sweep, pairs));
        }
        List<Note> remarks = new ArrayList<>(Sections.few(sweep));
        if (Sections.missed(movement.amount(), proved)) {
            remarks.add(missed(proved, movement.amount()));
        }
        double over = movement.amount() / 2 - centre.offset().amount();
        boolean large = over > OVERSTATED * centre.offset().amount()
                && over > dial.graduation().micrometres() / 2
                && centre.fit().degreesOfFreedom() > 0;
        if (large) {
            remarks.add(Note.of(
                    "core.half-the-movement-is-but-the-centre",
                    Figure.deviation(movement.amount() / 2),
                    Figure.deviation(centre.offset().amount()),
                    Figure.deviation(centre.fit().formPart())));
        }
        return new Details(figures, tables, remarks);
    }

    /** The stations lie beside the high and the low spot. */
    static Note missed(double proved, double read) {
        return Note.of("core.the-stations-missed-the-high-and-the", Figure.deviation(proved), Figure.deviation(read));
    }

    /** Along each diameter that was read at both ends: half the difference, and what the fitted circle says of it. */
    private static FigureTable diameters(Centre centre, Sweep sweep, List<OppositePairs.Pair> pairs) {
        List<Row> rows = new ArrayList<>();
        for (OppositePairs.Pair pair : pairs) {
            Station first = sweep.readings().get(pair.first()).station();
            Station second = sweep.readings().get(pair.second()).station();
            double ofCentre = (centre.fit().at(first.radians()) - centre.fit().at(second.radians())) / 2;
            rows.add(Row.of(
                    first.name() + " – " + second.name(), Figure.deviation(pair.half()), Figure.deviation(ofCentre)));
        }
        return new FigureTable(
                Note.of("core.along-each-diameter-half-the-difference"),
                List.of(Note.of("core.diameter"), Note.of("core.read"), Note.of("core.by-the-centre")),
                rows);
    }
}
