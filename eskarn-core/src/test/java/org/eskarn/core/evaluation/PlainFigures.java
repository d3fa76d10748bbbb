package org.eskarn.core.evaluation;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.Station;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.requirement.StatedAs;
import org.eskarn.core.requirement.Zeroing;
import org.eskarn.core.round.SurfaceSide;

/**
 * What a requirement's figures come to, from the definitions alone: of the drawing's words and the readings in µm, in the
 * order read. Lengths of the layout are turned into µm here too.
 */
final class PlainFigures {

    private static final double INCH = 25_400;

    private final Requirement asked;
    private final List<Station> stations;
    private final List<Double> read;
    private final double perPlace;

    PlainFigures(Requirement asked, List<Double> read) {
        this.asked = asked;
        this.stations = asked.layout().stations();
        this.read = read;
        this.perPlace = asked.layout().unit().metric() ? 1000 : INCH;
    }

    /** All figures that are held against the limit; of most characteristics one. */
    List<Double> all() {
        double[] whole = {asked.basis().setTo().map(l -> l.micrometres()).orElse(0.0)};
        List<Double> sizes = read.stream().map(r -> r + whole[0]).toList();
        return switch (asked.characteristic()) {
            case CIRCULAR_RUNOUT_RADIAL, CIRCULAR_RUNOUT_AXIAL, OFFSET_OF_OPENING -> List.of(runout());
            case TOTAL_RUNOUT -> List.of(totalRunout());
            case ROUNDNESS -> List.of(roundness());
            case OUTSIDE_SIZE, BORE_SIZE ->
                asked.statedAs() == StatedAs.MEAN_SIZE ? List.of(PlainSums.mean(sizes)) : sizes;
            case DEPTH_AND_PITCH -> sizes;
            case RECORD, PHASE_ANGLE -> read;
            case OUT_OF_ROUND ->
                List.of(sections(sizes).values().stream()
                                .mapToDouble(PlainSums::range)
                                .max()
                                .orElse(0)
                        * (asked.statedAs() == StatedAs.RADIAL ? 0.5 : 1));
            case TAPER -> List.of(taper(sizes));
            case FLATNESS -> List.of(plane());
            case PARALLELISM_OF_FACES -> List.of(PlainSums.range(read));
            case STRAIGHTNESS -> List.of(straightness());
            case SQUARENESS -> List.of(squareness());
            case BORES_IN_LINE -> List.of(boresInLine());
            case PARALLELISM_OF_AXIS, PARALLELISM_OF_LINES, BEND_AND_TWIST -> slopes();
            case PITCH -> pitch();
            case PLAY ->
                asked.layout().kind() == LayoutKind.PUSHES
                        ? fromFirst().stream().map(Math::abs).toList()
                        : pairs(read, false).stream().map(Math::abs).toList();
            case HEIGHT_DIFFERENCE -> fromFirst();
            case FIT_OF_PAIR -> pairs(sizes, true);
            case PIN_CHECK, GAP, FUNCTIONAL_FIT -> throw new IllegalArgumentException("answered, not summed");
        };
    }

    private List<Double> fromFirst() {
        return read.stream().skip(1).map(each -> each - read.get(0)).toList();
    }

    private Map<Double, List<Double>> sections(List<Double> values) {
        Map<Double, List<Double>> sections = new LinkedHashMap<>();
        for (int i = 0; i < values.size(); i++) {
            double at = stations.get(i).along() == null ? 0 : stations.get(i).distance();
            sections.computeIfAbsent(at, unused -> new ArrayList<>()).add(values.get(i));
        }
        return sections;
    }

    private List<List<Double>> angles() {
        Map<Double, List<Double>> sections = new LinkedHashMap<>();
        for (Station station : stations) {
            double at = station.along() == null ? 0 : station.distance();
            sections.computeIfAbsent(at, unused -> new ArrayList<>())
                    .add(java.util.Objects.requireNonNull(station.angle()).doubleValue());
        }
        return List.copyOf(sections.values());
    }

    private static double proved(List<Double> degrees, List<Double> values) {
        double[] offset = PlainSums.offset(degrees, values);
        return 2 * Math.max(0, offset[0] - 2 * offset[1]);
    }

    private double runout() {
        double worst = 0;
        int k = 0;
        for (List<Double> section : sections(read).values()) {
            List<Double> degrees = angles().get(k++);
            double movement = Math.max(PlainSums.range(section), proved(degrees, section));
            double figure = switch (asked.statedAs()) {
                case OFFSET -> PlainSums.offset(degrees, section)[0];
                case WORST_DIAMETER -> diameter(degrees, section);
                case HALF_MOVEMENT -> movement / 2;
                default -> movement;
            };
            worst = Math.max(worst, figure);
        }
        return worst;
    }

    private static double diameter(List<Double> degrees, List<Double> values) {
        double worst = 0;
        for (int i = 0; i < values.size(); i++) {
            for (int j = 0; j < values.size(); j++) {
                boolean opposite = Math.abs(Math.abs(degrees.get(i) - degrees.get(j)) - 180) < 0.5;
                worst = opposite ? Math.max(worst, (values.get(i) - values.get(j)) / 2) : worst;
            }
        }
        return worst;
    }

    private double totalRunout() {
        double highest = Double.NEGATIVE_INFINITY;
        double lowest = Double.POSITIVE_INFINITY;
        int k = 0;
        for (List<Double> section : sections(read).values()) {
            List<Double> degrees = angles().get(k++);
            double level = PlainSums.leastSquares(PlainSums.circle(degrees), section)[0];
            highest = Math.max(highest, level + proved(degrees, section) / 2);
            lowest = Math.min(lowest, level - proved(degrees, section) / 2);
        }
        return Math.max(PlainSums.range(read), highest - lowest);
    }

    private double roundness() {
        double sign = asked.side() == SurfaceSide.INSIDE ? -1 : 1;
        double worst = 0;
        int k = 0;
        for (List<Double> section : sections(read).values()) {
            double[][] form = PlainSums.circle(angles().get(k++));
            List<Double> outwards = section.stream().map(r -> sign * r).toList();
            double figure = switch (asked.statedAs()) {
                case LEAST_SQUARES ->
                    PlainSums.range(PlainSums.left(form, outwards, PlainSums.leastSquares(form, outwards)));
                case INSCRIBED -> PlainSums.held(form, outwards, true);
                case CIRCUMSCRIBED -> PlainSums.held(form, outwards, false);
                default -> PlainSums.thinnest(form, outwards);
            };
            worst = Math.max(worst, figure);
        }
        return worst;
    }

    private double per() {
        return asked.limit().per() == null ? 0 : asked.limit().per().micrometres();
    }

    private double taper(List<Double> sizes) {
        Map<Double, List<Double>> sections = sections(sizes);
        double near = sections.keySet().stream().min(Double::compare).orElseThrow();
        double far = sections.keySet().stream().max(Double::compare).orElseThrow();
        double taper = asked.statedAs() == StatedAs.BY_LINE
                ? slope(sections) * (far - near)
                : PlainSums.mean(sections.getOrDefault(far, List.of()))
                        - PlainSums.mean(sections.getOrDefault(near, List.of()));
        return per() == 0 ? taper : taper * per() / ((far - near) * perPlace);
    }

    private static double slope(Map<Double, List<Double>> sections) {
        List<Double> at = List.copyOf(sections.keySet());
        double[][] form = new double[at.size()][];
        for (int i = 0; i < form.length; i++) {
            form[i] = new double[] {1, at.get(i)};
        }
        return PlainSums.leastSquares(
                form, sections.values().stream().map(PlainSums::mean).toList())[1];
    }

    private double plane() {
        double[][] form = new double[stations.size()][];
        for (int i = 0; i < form.length; i++) {
            Station at = stations.get(i);
            form[i] = new double[] {1, at.distance(), at.height()};
        }
        return byZone(form, read);
    }

    private double byZone(double[][] form, List<Double> values) {
        return asked.statedAs() == StatedAs.LEAST_SQUARES
                ? PlainSums.range(PlainSums.left(form, values, PlainSums.leastSquares(form, values)))
                : PlainSums.thinnest(form, values);
    }

    private double line(List<Double> at, List<Double> values) {
        double[][] form = new double[at.size()][];
        for (int i = 0; i < form.length; i++) {
            form[i] = new double[] {1, at.get(i)};
        }
        return byZone(form, values);
    }

    private Map<String, List<Integer>> lines() {
        Map<String, List<Integer>> lines = new LinkedHashMap<>();
        for (int i = 0; i < stations.size(); i++) {
            lines.computeIfAbsent(String.valueOf(stations.get(i).line()), unused -> new ArrayList<>())
                    .add(i);
        }
        return lines;
    }

    private List<Double> of(List<Integer> which, boolean places) {
        return which.stream()
                .map(i -> places ? (Double) stations.get(i).distance() : read.get(i))
                .toList();
    }

    private double straightness() {
        if (asked.layout().kind() == LayoutKind.STEPS) {
            return placements();
        }
        if (asked.basis().zeroing() == Zeroing.EACH_STEP) {
            return level();
        }
        double worst = 0;
        for (List<Integer> line : lines().values()) {
            worst = Math.max(worst, line(of(line, true), of(line, false)));
        }
        return worst;
    }

    /** Each reading is the rise of the level's own length, so a step counts by its share of that. */
    private double level() {
        double own = asked.basis().span().map(l -> l.micrometres()).orElse(0.0);
        List<Double> at = new ArrayList<>(List.of(0.0));
        List<Double> heights = new ArrayList<>(List.of(0.0));
        for (int i = 0; i < read.size(); i++) {
            double step = stations.get(i).distance() - at.get(i);
            at.add(stations.get(i).distance());
            heights.add(heights.get(i) + read.get(i) * (own == 0 ? 1 : step * perPlace / own));
        }
        return line(at, heights);
    }

    /** Two placements that share two places: the second is lifted and turned until it agrees with the first there. */
    private double placements() {
        List<List<Integer>> both = List.copyOf(lines().values());
        List<Integer> first = both.get(0);
        List<Integer> second = both.get(1);
        Map<Double, Double> known = new LinkedHashMap<>();
        first.forEach(i -> known.put(stations.get(i).distance(), read.get(i)));
        List<Integer> shared = second.stream()
                .filter(i -> known.containsKey(stations.get(i).distance()))
                .toList();
        double a = stations.get(shared.get(0)).distance();
        double b = stations.get(shared.get(1)).distance();
        double offA = known.getOrDefault(a, 0.0) - read.get(shared.get(0));
        double offB = known.getOrDefault(b, 0.0) - read.get(shared.get(1));
        for (int i : second) {
            double at = stations.get(i).distance();
            known.putIfAbsent(at, read.get(i) + offA + (offB - offA) * (at - a) / (b - a));
        }
        List<Double> places = new ArrayList<>(known.keySet());
        return line(
                places, places.stream().map(at -> known.getOrDefault(at, 0.0)).toList());
    }

    private double squareness() {
        if (asked.layout().kind() == LayoutKind.RINGS) {
            double worst = sections(read).values().stream()
                    .mapToDouble(PlainSums::range)
                    .max()
                    .orElse(0);
            return worst
                    * (per() == 0
                            ? 1
                            : per() / (2 * asked.basis().radius().orElseThrow().micrometres()));
        }
        double worst = 0;
        for (List<Integer> line : lines().values()) {
            double height = PlainSums.range(of(line, true)) * perPlace;
            worst = Math.max(worst, PlainSums.range(of(line, false)) * (per() == 0 ? 1 : per() / height));
        }
        return worst;
    }

    private double boresInLine() {
        double near = 0;
        double far = 0;
        for (List<Integer> line : lines().values()) {
            List<Double> at = of(line, true);
            List<Double> height = of(line, false);
            double slope = (height.get(1) - height.get(0)) / (at.get(1) - at.get(0));
            double offNear = height.get(2) - (height.get(0) + slope * (at.get(2) - at.get(0)));
            double offFar = height.get(3) - (height.get(0) + slope * (at.get(3) - at.get(0)));
            near += offNear * offNear;
            far += offFar * offFar;
        }
        double resultant = Math.sqrt(Math.max(near, far));
        return asked.statedAs() == StatedAs.ZONE_DIAMETER ? 2 * resultant : resultant;
    }

    private List<Double> slopes() {
        double span = asked.basis().span().map(l -> l.micrometres()).orElse(0.0);
        double times = per() == 0 || span == 0 ? 1 : per() / span;
        boolean frontLessBack = asked.characteristic() == Characteristic.PARALLELISM_OF_LINES;
        List<Double> rises =
                pairs(read, frontLessBack).stream().map(r -> r * times).toList();
        if (asked.statedAs() == StatedAs.RESULTANT) {
            return List.of(Math.sqrt(rises.stream().mapToDouble(r -> r * r).sum()));
        }
        return rises;
    }

    private List<Double> pitch() {
        boolean stepwise = asked.basis().zeroing() == Zeroing.EACH_STEP;
        boolean ring = asked.layout().kind() == LayoutKind.RING;
        int n = read.size();
        List<Double> places = new ArrayList<>();
        List<Double> steps = new ArrayList<>();
        if (stepwise) {
            steps.addAll(read);
            places.add(0.0);
            for (int i = 0; i < n; i++) {
                places.add(places.get(i) + read.get(i));
            }
        } else {
            places.addAll(read);
            for (int i = 1; i < n; i++) {
                steps.add(read.get(i) - read.get(i - 1));
            }
            if (ring) {
                steps.add(read.get(0) - read.get(n - 1));
            }
        }
        if (asked.statedAs() == StatedAs.SINGLE_STEP) {
            return steps;
        }
        List<Double> all = new ArrayList<>();
        for (int i = 0; i < places.size(); i++) {
            for (int k = i + 1; k < places.size(); k++) {
                all.add(places.get(k) - places.get(i));
                if (ring) {
                    all.add(places.get(i) - places.get(k));
                }
            }
        }
        return all;
    }

    private static List<Double> pairs(List<Double> values, boolean firstLessSecond) {
        List<Double> differences = new ArrayList<>();
        for (int i = 0; i < values.size(); i += 2) {
            double difference = values.get(i + 1) - values.get(i);
            differences.add(firstLessSecond ? -difference : difference);
        }
        return differences;
    }
}
