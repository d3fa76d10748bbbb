package org.eskarn.core.reading;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * Several complete sweeps of one layout put together place by place: at each place the mean, or the median, of what was
 * read there. A place that was found while hunting in some of the sweeps only has the mean of those.
 *
 * <p>The scatter is the standard deviation of one reading at one place, pooled over the places that every sweep read:
 * s = √(Σ Σ d² / ν), with d the reading less the mean of its place. Where the zero is set on the part itself it moves a
 * whole sweep up or down, which no figure sees: each sweep's own mean is taken off first, and ν = (n − 1)(m − 1) for n
 * sweeps of m places; else ν = (n − 1) m.
 *
 * @param sweep the averaged readings
 * @param scatter s in µm; 0 where ν is 0
 * @param degreesOfFreedom ν
 */
public record SweepAverage(Sweep sweep, double scatter, int degreesOfFreedom) {

    /**
     * @param sweeps complete, corrected, all of one layout but for stations found while hunting; at least one
     * @param median whether the median is taken in place of the mean
     * @throws IllegalArgumentException if there is none, or one is not complete
     */
    public static SweepAverage of(List<Sweep> sweeps, boolean median) {
        if (sweeps.isEmpty() || !sweeps.stream().allMatch(Sweep::complete)) {
            throw new IllegalArgumentException("an average needs complete sweeps");
        }
        int common = common(sweeps);
        Map<Station, List<Reading>> found = new LinkedHashMap<>();
        List<Station> stations = new ArrayList<>();
        List<Reading> readings = new ArrayList<>();
        for (int place = 0; place < common; place++) {
            int at = place;
            Station station = sweeps.get(0).layout().stations().get(place);
            stations.add(station);
            readings.add(average(
                    station,
                    sweeps.stream().map(sweep -> sweep.readings().get(at)).toList(),
                    median));
        }
        for (Sweep sweep : sweeps) {
            for (Reading reading :
                    sweep.readings().subList(common, sweep.readings().size())) {
                found.computeIfAbsent(unnumbered(reading.station()), unused -> new ArrayList<>())
                        .add(reading);
            }
        }
        found.forEach((place, read) -> {
            Station station = numbered(place, stations.size() + 1);
            stations.add(station);
            readings.add(average(station, read, median));
        });
        Layout one = sweeps.get(0).layout();
        Layout layout = new Layout(one.kind(), one.unit(), stations, one.returns(), one.closings());
        return new SweepAverage(
                new Sweep(layout, readings, atReturn(sweeps, median)),
                scatter(sweeps, common, one.returns()),
                degrees(sweeps.size(), common, one.returns()));
    }

    /** How many places, from the first on, all sweeps have alike. */
    private static int common(List<Sweep> sweeps) {
        List<Station> first = sweeps.get(0).layout().stations();
        int common = first.size();
        for (Sweep sweep : sweeps) {
            List<Station> other = sweep.layout().stations();
            int same = 0;
            while (same < Math.min(common, other.size()) && first.get(same).equals(other.get(same))) {
                same++;
            }
            common = same;
        }
        return common;
    }

    private static Station unnumbered(Station station) {
        return numbered(station, 1);
    }

    private static Station numbered(Station station, int number) {
        return station.as(number, station.name());
    }

    private static Reading average(Station station, List<Reading> read, boolean median) {
        return new Reading(
                station,
                middle(read.stream().mapToDouble(Reading::micrometres).toArray(), median),
                middle(read.stream().mapToDouble(Reading::halfBand).toArray(), median),
                noted(read));
    }

    /** The middle direction of the places where the same was seen, to a tenth of a degree; null where nobody noted any. */
    private static @Nullable BigDecimal noted(List<Reading> read) {
        List<BigDecimal> places =
                read.stream().map(Reading::noted).filter(Objects::nonNull).toList();
        if (places.size() < 2) {
            return places.isEmpty() ? null : places.get(0);
        }
        double x = 0;
        double y = 0;
        for (BigDecimal place : places) {
            x += Math.cos(Math.toRadians(place.doubleValue()));
            y += Math.sin(Math.toRadians(place.doubleValue()));
        }
        double degrees = Math.toDegrees(Math.atan2(y, x));
        return BigDecimal.valueOf(Math.round(degrees * 10) % 3600 < 0 ? degrees + 360 : degrees)
                .setScale(1, RoundingMode.HALF_UP)
                .remainder(BigDecimal.valueOf(360));
    }

    private static @Nullable Double atReturn(List<Sweep> sweeps, boolean median) {
        double[] returns = sweeps.stream()
                .map(Sweep::atReturn)
                .filter(Objects::nonNull)
                .mapToDouble(Double::doubleValue)
                .toArray();
        return returns.length == 0 ? null : (Double) middle(returns, median);
    }

    private static double middle(double[] values, boolean median) {
        if (!median) {
            return Arrays.stream(values).average().orElseThrow();
        }
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        int half = sorted.length / 2;
        return sorted.length % 2 == 1 ? sorted[half] : (sorted[half - 1] + sorted[half]) / 2;
    }

    private static int degrees(int sweeps, int places, boolean freeZero) {
        return (sweeps - 1) * (freeZero ? places - 1 : places);
    }

    private static double scatter(List<Sweep> sweeps, int places, boolean freeZero) {
        int n = sweeps.size();
        int degrees = degrees(n, places, freeZero);
        if (degrees < 1) {
            return 0;
        }
        double[] offset = new double[n];
        for (int i = 0; i < n && freeZero; i++) {
            offset[i] = sweeps.get(i).readings().subList(0, places).stream()
                    .mapToDouble(Reading::micrometres)
                    .average()
                    .orElse(0);
        }
        double squares = 0;
        for (int place = 0; place < places; place++) {
            double mean = 0;
            for (int i = 0; i < n; i++) {
                mean += (sweeps.get(i).readings().get(place).micrometres() - offset[i]) / n;
            }
            for (int i = 0; i < n; i++) {
                double apart = sweeps.get(i).readings().get(place).micrometres() - offset[i] - mean;
                squares += apart * apart;
            }
        }
        return Math.sqrt(squares / degrees);
    }
}
