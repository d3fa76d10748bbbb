package org.eskarn.core.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeSet;
import org.eskarn.core.size.SizeMap;
import org.eskarn.core.size.SizeMap.Section;

/**
 * The clearance that is really there between a hole and a shaft whose sizes were mapped along their length, negative for
 * interference. At each distance where either was measured, within the length they share:
 *
 * <pre>
 * tightest = smallest hole − largest shaft
 * mean     = mean hole − mean shaft
 * loosest  = largest hole − smallest shaft
 * </pre>
 *
 * Between two sections a map goes straight. A pressed pair loses 0.8 · (Rz hole + Rz shaft) of an interference by smoothing.
 *
 * <p>Source: DIN 7190 for the smoothing.
 *
 * <p>Degenerate cases: a map of one section holds for the whole length of the other; of two such, its place is that of the
 * hole. Ovality is counted as if both lay worst, for nobody knows how they will be turned.
 *
 * @param places in the order of their distance, at least one
 */
public record MatedSizes(List<Place> places) {

    /** µm, negative for interference. */
    public record Place(double at, double tightest, double mean, double loosest) {}

    /** Smallest, mean and largest of one side, µm. */
    private record Sizes(double smallest, double mean, double largest) {}

    /**
     * @param hole sizes in µm, distances in the unit of the shaft's
     * @throws IllegalArgumentException if they share no length
     */
    public static MatedSizes of(SizeMap hole, SizeMap shaft) {
        TreeSet<Double> distances = new TreeSet<>();
        boolean pointHole = hole.sections().size() == 1;
        boolean pointShaft = shaft.sections().size() == 1;
        if (!pointHole || pointShaft) {
            hole.sections().forEach(section -> distances.add(section.at()));
        }
        if (!pointShaft) {
            shaft.sections().forEach(section -> distances.add(section.at()));
        }
        List<Place> places = new ArrayList<>();
        for (double at : distances) {
            if ((pointHole || covers(hole, at)) && (pointShaft || covers(shaft, at))) {
                Sizes h = at(hole, at);
                Sizes s = at(shaft, at);
                places.add(new Place(at, h.smallest - s.largest, h.mean - s.mean, h.largest - s.smallest));
            }
        }
        if (places.isEmpty()) {
            throw new IllegalArgumentException(
                    "the hole was measured from %s to %s and the shaft from %s to %s: they share no length"
                            .formatted(
                                    hole.first().at(),
                                    hole.last().at(),
                                    shaft.first().at(),
                                    shaft.last().at()));
        }
        return new MatedSizes(List.copyOf(places));
    }

    /** The map as it lies when the piece goes in with its other end first: distances count from that end. */
    public static SizeMap turned(SizeMap map) {
        double ends = map.first().at() + map.last().at();
        List<Section> sections = new ArrayList<>();
        for (Section section : map.sections()) {
            sections.add(
                    0,
                    new Section(
                            ends - section.at(),
                            section.mean(),
                            section.smallest(),
                            section.largest(),
                            section.smallestIndex(),
                            section.largestIndex()));
        }
        return new SizeMap(List.copyOf(sections));
    }

    public Place tightest() {
        return places.stream().min(Comparator.comparingDouble(Place::tightest)).orElseThrow();
    }

    public Place loosest() {
        return places.stream().max(Comparator.comparingDouble(Place::loosest)).orElseThrow();
    }

    /** Mean of the places, µm. */
    public double mean() {
        return places.stream().mapToDouble(Place::mean).average().orElseThrow();
    }

    /** What is left of an interference when the roughness has been smoothed, as a clearance below 0; a clearance as it is. */
    public static double effective(double clearance, double roughness) {
        return clearance >= 0 ? clearance : Math.min(0, clearance + RingFit.SMOOTHED * roughness);
    }

    private static boolean covers(SizeMap map, double at) {
        return at >= map.first().at() && at <= map.last().at();
    }

    private static Sizes at(SizeMap map, double at) {
        List<Section> sections = map.sections();
        if (sections.size() == 1) {
            return sizes(sections.get(0));
        }
        int next = 1;
        while (next < sections.size() - 1 && sections.get(next).at() < at) {
            next++;
        }
        Section a = sections.get(next - 1);
        Section b = sections.get(next);
        double share = (at - a.at()) / (b.at() - a.at());
        return new Sizes(
                between(a.smallest(), b.smallest(), share),
                between(a.mean(), b.mean(), share),
                between(a.largest(), b.largest(), share));
    }

    // Exact at both ends.
    private static double between(double a, double b, double share) {
        return share == 1 ? b : a + share * (b - a);
    }

    private static Sizes sizes(Section section) {
        return new Sizes(section.smallest(), section.mean(), section.largest());
    }
}
