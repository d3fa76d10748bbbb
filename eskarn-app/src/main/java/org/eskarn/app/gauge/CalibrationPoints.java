package org.eskarn.app.gauge;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.page.Typed;
import org.eskarn.app.page.Words;
import org.eskarn.core.gauge.CalibrationCurve;
import org.eskarn.core.gauge.CalibrationCurve.Point;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/**
 * The points of a calibration as they are written: where on the scale and the error there, 0: 0.0; 50: +0.8; 100: −0.3.
 *
 * @param places unit of the places
 * @param unit of the errors
 * @param uncertainty of each error, k = 2, in the same unit; null where none was stated
 */
record CalibrationPoints(
        String written,
        @Nullable LengthUnit places,
        @Nullable LengthUnit unit,
        @Nullable BigDecimal uncertainty) {

    /** A point of the curve as it is written. */
    private record Written(BigDecimal indication, BigDecimal error) {}

    /** What a calibration found between its points; empty where nothing was written, or before points had a unit. */
    Optional<CalibrationCurve> curve() {
        LengthUnit in = unit;
        LengthUnit at = places;
        if (in == null || at == null || written.isBlank()) {
            return Optional.empty();
        }
        List<Point> points = new ArrayList<>();
        for (String each : written.split(";")) {
            Written point = point(each);
            points.add(new Point(micrometres(point.indication(), at), micrometres(point.error(), in)));
        }
        return Optional.of(new CalibrationCurve(points, uncertainty == null ? 0 : micrometres(uncertainty, in)));
    }

    private static double micrometres(BigDecimal amount, LengthUnit unit) {
        return new Length(amount, unit).micrometres();
    }

    /** @throws IllegalArgumentException if it is none */
    private static Written point(String text) {
        String[] parts = text.split(":");
        BigDecimal indication = parts.length == 2 ? Typed.decimal(parts[0]) : null;
        BigDecimal error = parts.length == 2 ? Typed.decimal(parts[1]) : null;
        if (indication == null || error == null) {
            throw new IllegalArgumentException(text.strip());
        }
        return new Written(indication, error);
    }

    /** Says at the field what is wrong with it; whether all is well. */
    boolean check(Gauge gauge, Calibration.@Nullable Result result, Typed typed) {
        if (written.isBlank()) {
            return true;
        }
        for (String each : written.split(";")) {
            try {
                point(each);
            } catch (IllegalArgumentException e) {
                typed.problem("points", Words.say("gauge.is-no-point-of-a-curve", each.strip()));
                return false;
            }
        }
        try {
            CalibrationCurve curve = curve().orElseThrow();
            double span = curve.points().get(curve.points().size() - 1).indication()
                    - curve.points().get(0).indication();
            double change = gauge.readsSizes()
                    ? curve.largestError(
                            curve.points().get(0).indication(),
                            curve.points().get(curve.points().size() - 1).indication())
                    : curve.largestChange(span);
            double limit = gauge.dial().errorLimit().micrometres();
            if (result == Calibration.Result.GOOD && change > limit * (1 + 1e-9)) {
                typed.problem("points", Words.say("gauge.these-points-exceed-the-limit"));
                return false;
            }
            return true;
        } catch (IllegalArgumentException e) {
            typed.problem("points", Words.say("gauge.a-curve-has-two-points-that-rise"));
            return false;
        }
    }
}
