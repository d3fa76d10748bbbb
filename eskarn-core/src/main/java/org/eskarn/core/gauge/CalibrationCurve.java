package org.eskarn.core.gauge;

import java.util.List;

/**
 * The errors a calibration found, joined by straight lines, µm.
 *
 * <p>A size is off by the error where it was read; a difference of two readings by the difference of two errors, wherever on the
 * scale they lie: the largest change of error over any stretch of the span that was read. Between points nothing is known but the
 * line.
 *
 * @param points by rising indication, at least two
 * @param expanded uncertainty of each error, k = 2, µm; 0 where none was stated
 */
public record CalibrationCurve(List<Point> points, double expanded) {

    private static final double ROUNDING = 1e-9;

    /**
     * @param indication where on the scale, µm
     * @param error indication less true value, µm
     */
    public record Point(double indication, double error) {}

    /**
     * @throws IllegalArgumentException if there are fewer than two points, they do not rise, or the uncertainty is negative
     */
    public CalibrationCurve {
        points = List.copyOf(points);
        if (points.size() < 2) {
            throw new IllegalArgumentException("a curve has two points or more, not " + points.size());
        }
        for (int i = 1; i < points.size(); i++) {
            if (!(points.get(i).indication() > points.get(i - 1).indication())) {
                throw new IllegalArgumentException("the points of a curve rise; "
                        + points.get(i).indication() + " does not follow "
                        + points.get(i - 1).indication());
            }
        }
        if (!(expanded >= 0)) {
            throw new IllegalArgumentException("an uncertainty is 0 or more, not " + expanded);
        }
    }

    private double first() {
        return points.get(0).indication();
    }

    private double last() {
        return points.get(points.size() - 1).indication();
    }

    /** Whether sizes from one to another lie on it, µm. */
    public boolean covers(double lowest, double highest) {
        return lowest >= first() - ROUNDING && highest <= last() + ROUNDING;
    }

    /** Whether a stretch of a span lies on it, µm. */
    public boolean covers(double span) {
        return span <= last() - first() + ROUNDING;
    }

    /** The largest error, as an amount, of sizes from one to another, µm. */
    public double largestError(double lowest, double highest) {
        double largest = Math.max(Math.abs(at(lowest)), Math.abs(at(highest)));
        for (Point point : points) {
            if (point.indication() > lowest && point.indication() < highest) {
                largest = Math.max(largest, Math.abs(point.error()));
            }
        }
        return largest;
    }

    /**
     * The largest change of error between two places at most a span apart, µm. Of straight pieces it is found with one of the
     * places at a point.
     */
    public double largestChange(double span) {
        double largest = 0;
        for (Point point : points) {
            double from = Math.max(first(), point.indication() - span);
            double to = Math.min(last(), point.indication() + span);
            largest = Math.max(largest, Math.abs(at(from) - point.error()));
            largest = Math.max(largest, Math.abs(at(to) - point.error()));
            for (Point other : points) {
                if (other.indication() >= from && other.indication() <= to) {
                    largest = Math.max(largest, Math.abs(other.error() - point.error()));
                }
            }
        }
        return largest;
    }

    /** The error at a place, that of the nearest end beyond the points, µm. */
    private double at(double indication) {
        Point before = points.get(0);
        for (Point point : points) {
            if (indication <= point.indication()) {
                double width = point.indication() - before.indication();
                return width == 0
                        ? point.error()
                        : before.error()
                                + (point.error() - before.error())
                                        * Math.max(0, indication - before.indication())
                                        / width;
            }
            before = point;
        }
        return before.error();
    }
}
