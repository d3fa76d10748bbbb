package org.eskarn.app.docket.pieces;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import org.eskarn.app.docket.Attempt;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.Standing;
import org.eskarn.app.docket.SweepRecord;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.core.evaluation.RingReduction;
import org.eskarn.core.pieces.PieceFigure;
import org.eskarn.core.verdict.Bounds;

/** One requirement of one piece, as it stands. */
record MeasuredPiece(Docket docket, SetUp setUp) {

    Standing standing() {
        return Standing.of(setUp);
    }

    /** Whether it has a figure that whole sweeps show. */
    boolean whole() {
        return setUp.showsFigure();
    }

    Bounds bounds() {
        return setUp.verdict().bounds();
    }

    /** As it is compared with others; empty while there is no figure. */
    Optional<PieceFigure> figure() {
        Double value = setUp.verdict().value();
        if (!whole() || value == null) {
            return Optional.empty();
        }
        Attempt shown = setUp.findings().shown();
        String gauges = shown.counted().stream()
                .flatMap(sweep -> sweep.gauges().stream())
                .map(Gauge::mark)
                .distinct()
                .collect(Collectors.joining(", "));
        return Optional.of(new PieceFigure(
                docket.serial(),
                value,
                setUp.verdict().expanded(),
                direction(shown),
                shown.readBy(),
                gauges,
                setUp.findings()
                        .inspectors()
                        .flatMap(found -> found.confirmed())
                        .isPresent()));
    }

    /** Where its high side points, if that is more than what it is known to. */
    private OptionalDouble direction(Attempt shown) {
        return shown.counted().stream()
                .reduce((earlier, later) -> later)
                .map(SweepRecord::assessment)
                .flatMap(assessment -> assessment.reduction(RingReduction.class))
                .flatMap(RingReduction::centre)
                .map(RingReduction.Centre::offset)
                .filter(offset ->
                        offset.directed() && offset.amount() > setUp.verdict().expanded())
                .map(offset -> OptionalDouble.of(offset.degrees()))
                .orElse(OptionalDouble.empty());
    }

    /** How far it lies from what is allowed, the furthest out highest; what has no figure stands last. */
    double badness() {
        Double value = setUp.verdict().value();
        double base = switch (standing()) {
            case FAIL -> 4e9;
            case NOT_PROVEN -> 2e9;
            case PASS, RECORDED -> 0;
            case LEFT_OUT -> -2e9;
            case OPEN -> -4e9;
        };
        return base + (value == null ? -1e9 : setUp.verdict().bounds().outside(value));
    }
}
