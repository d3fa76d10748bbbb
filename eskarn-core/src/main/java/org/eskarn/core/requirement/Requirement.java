package org.eskarn.core.requirement;

import java.util.DoubleSummaryStatistics;
import java.util.Optional;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.reading.ReturnCheck;
import org.eskarn.core.reading.Station;
import org.eskarn.core.result.Note;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.units.Length;
import org.eskarn.core.verdict.Bounds;
import org.eskarn.core.verdict.DecisionRule;

/**
 * One characteristic of a feature with its limit.
 *
 * @param side the side of the material that is touched
 * @param statedAs which figure the limit speaks of
 * @param rule how the uncertainty enters the judgement
 * @param allowedReturn how far the first station may be off at the end, if the requirement states it
 * @param flicker what counts of a needle that flickers
 * @param repeats how many valid sweeps the verdict needs at least, 1 or more
 * @param combination what is judged of several valid sweeps
 * @param layout the stations to touch
 */
public record Requirement(
        Characteristic characteristic,
        SurfaceSide side,
        Limit limit,
        StatedAs statedAs,
        DecisionRule rule,
        Optional<Length> allowedReturn,
        FlickerRule flicker,
        int repeats,
        Combination combination,
        Layout layout,
        Basis basis) {

    /** The most sweeps a requirement can ask for. */
    public static final int MOST_REPEATS = 20;

    /**
     * @throws IllegalArgumentException if the number of repeats is out of its range
     */
    public Requirement {
        if (repeats < 1 || repeats > MOST_REPEATS) {
            throw new IllegalArgumentException("a requirement asks for 1 to 20 sweeps, not " + repeats);
        }
    }

    /** A requirement that judges the mean where several sweeps count, as is usual. */
    public Requirement(
            Characteristic characteristic,
            SurfaceSide side,
            Limit limit,
            StatedAs statedAs,
            DecisionRule rule,
            Optional<Length> allowedReturn,
            FlickerRule flicker,
            int repeats,
            Layout layout,
            Basis basis) {
        this(
                characteristic,
                side,
                limit,
                statedAs,
                rule,
                allowedReturn,
                flicker,
                repeats,
                Combination.MEAN,
                layout,
                basis);
    }

    /** The rule it is really decided by: a bracket passes only as a whole, whatever is written. */
    public DecisionRule appliedRule() {
        return characteristic.bracketed() ? DecisionRule.STRINGENT : rule;
    }

    /** The same without the third set-up of its reversal. */
    public Requirement unchecked() {
        return with(flicker, basis.unchecked());
    }

    /** How far the first station may be off at the end, either way, µm: as stated, or as is usual with the dial. */
    public double allowedReturn(Dial dial) {
        return allowedReturn
                .map(Length::micrometres)
                .orElseGet(() -> ReturnCheck.usuallyAllowed(dial.graduation().micrometres(), allowedMovement()));
    }

    /** The same with another rule for a needle that flickers. */
    public Requirement withFlicker(FlickerRule other) {
        return with(other, basis);
    }

    /** The same read under one condition, over the stations of that one. */
    public Requirement once(Layout stations) {
        return with(statedAs, flicker, stations, basis.once());
    }

    /** The same with its limit on another usual figure. */
    public Requirement stated(StatedAs other) {
        return with(other, flicker, layout, basis);
    }

    private Requirement with(FlickerRule otherFlicker, Basis otherBasis) {
        return with(statedAs, otherFlicker, layout, otherBasis);
    }

    private Requirement with(StatedAs otherFigure, FlickerRule otherFlicker, Layout otherLayout, Basis otherBasis) {
        return new Requirement(
                characteristic,
                side,
                limit,
                otherFigure,
                rule,
                allowedReturn,
                otherFlicker,
                repeats,
                combination,
                otherLayout,
                otherBasis);
    }

    /** What the judged figure is called, wherever it is shown. */
    public Note judgedName() {
        if (characteristic.bracketed()) {
            return Note.of("core.middle-of-the-bracket");
        }
        if (characteristic.sized() && statedAs == StatedAs.WORST_PLACE && bounds().open()) {
            return StatedAs.MEAN_SIZE.word();
        }
        if (characteristic.sized() && !bounds().open() && statedAs != StatedAs.MEAN_SIZE) {
            return Note.of("core.judged-worst-place");
        }
        if (characteristic == Characteristic.TOTAL_RUNOUT) {
            return Note.of("core.total-movement");
        }
        return statedAs.itself() ? characteristic.title() : statedAs.word();
    }

    /** What the judged figure may be, µm. */
    public Bounds bounds() {
        double radius = basis.radius().map(Length::micrometres).orElse(0.0);
        // A resultant has no sign, whatever its planes have.
        boolean signed = characteristic.signed() && statedAs != StatedAs.RESULTANT;
        return limit.bounds(signed, characteristic.sized(), radius);
    }

    /**
     * The width of what is allowed as µm of indicator movement over the length that is really read: of a limit stated per
     * length, its share of that. 0 where nothing is asked.
     */
    public double allowedMovement() {
        return bounds().width() * statedAs.movementPerUnit() * shareOfLength();
    }

    /**
     * Whether stations can be added while hunting: not where each reading is the step from the one before, is taken off
     * another of the same place, or is one of four that belong together.
     */
    public boolean hunted() {
        return layout.hunted()
                && basis.zeroing() == Zeroing.ONE_FOR_ALL
                && !basis.reversal().twice()
                && basis.conditions().isEmpty()
                && characteristic != Characteristic.BORES_IN_LINE;
    }

    /** The length read ÷ the length the limit is stated over; 1 where one of them is not known. */
    private double shareOfLength() {
        Length per = limit.per();
        double read = characteristic.spanning()
                ? basis.span().map(Length::micrometres).orElse(0.0)
                : extent() * layout.unit().micrometres().doubleValue();
        return per == null || read == 0 ? 1 : read / per.micrometres();
    }

    /** Between the stations furthest apart along the part, in the unit of the layout. */
    private double extent() {
        DoubleSummaryStatistics along = layout.stations().stream()
                .filter(station -> station.along() != null)
                .mapToDouble(Station::distance)
                .summaryStatistics();
        return along.getCount() == 0 ? 0 : along.getMax() - along.getMin();
    }
}
