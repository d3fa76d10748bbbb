package org.eskarn.core.size;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Diameters at sections along a length, in directions round each section.
 *
 * <p>Per section: mean, smallest, largest, and the difference of diameters = largest − smallest. Along the length:
 * taper = mean of the last section − mean of the first; barrel (negative: waist) = mean of the middle sections − mean of
 * both end sections' means; bell-mouth of an end = mean of its section − mean of the middle sections, where it is above 0.
 *
 * <p>Degenerate cases: one section has a taper and a barrel of 0, two sections a barrel and bell-mouths of 0; one reading
 * in a section has a difference of 0.
 *
 * @param sections in the order of their distance from the end, at least one
 */
public record SizeMap(List<Section> sections) {

    /**
     * @param at distance from the end, in the unit of the layout
     * @param smallest in µm, as are mean and largest
     * @param smallestIndex of the reading that is smallest, from 0, the first of equal ones
     */
    public record Section(
            double at, double mean, double smallest, double largest, int smallestIndex, int largestIndex) {

        public double difference() {
            return largest - smallest;
        }
    }

    /** A section while its readings are added up. */
    private static final class Sum {
        private final double at;
        private final double first;
        private double above;
        private int count;
        private int smallest;
        private int largest;

        Sum(double at, double first, int index) {
            this.at = at;
            this.first = first;
            this.smallest = index;
            this.largest = index;
        }

        // Counted from the first on, so that sums of large sizes lose no digits.
        void add(double[] sizes, int index) {
            above += sizes[index] - first;
            count++;
            if (sizes[index] < sizes[smallest]) {
                smallest = index;
            }
            if (sizes[index] > sizes[largest]) {
                largest = index;
            }
        }

        Section section(double[] sizes) {
            return new Section(at, first + above / count, sizes[smallest], sizes[largest], smallest, largest);
        }
    }

    /**
     * @param at distance of each reading from the end, one distance for each section
     * @param micrometres sizes in µm, same length and order
     * @throws IllegalArgumentException if there is no reading, or the lengths differ
     */
    public static SizeMap of(double[] at, double[] micrometres) {
        if (at.length == 0 || at.length != micrometres.length) {
            throw new IllegalArgumentException(
                    "as many distances as sizes, at least one; there are " + at.length + " and " + micrometres.length);
        }
        Map<Double, Sum> sums = new HashMap<>();
        Sum current = new Sum(at[0], micrometres[0], 0);
        sums.put(at[0], current);
        for (int i = 0; i < at.length; i++) {
            if (at[i] != current.at) {
                int index = i;
                current = sums.computeIfAbsent(at[i], place -> new Sum(place, micrometres[index], index));
            }
            current.add(micrometres, i);
        }
        List<Section> sections = new ArrayList<>();
        sums.values().forEach(sum -> sections.add(sum.section(micrometres)));
        sections.sort(Comparator.comparingDouble(Section::at));
        return new SizeMap(List.copyOf(sections));
    }

    public Section first() {
        return sections.get(0);
    }

    public Section last() {
        return sections.get(sections.size() - 1);
    }

    /** The smallest size of all, µm. */
    public double smallest() {
        return sections.stream().mapToDouble(Section::smallest).min().orElseThrow();
    }

    /** The largest size of all, µm. */
    public double largest() {
        return sections.stream().mapToDouble(Section::largest).max().orElseThrow();
    }

    /** Signed, µm over {@link #length()}; plus where the last section is the larger. */
    public double taper() {
        return last().mean() - first().mean();
    }

    /** Signed, µm over {@link #length()}: what the straight line fitted to the means of all sections by least squares rises. */
    public double taperByLine() {
        double at = sections.stream().mapToDouble(Section::at).average().orElseThrow();
        double mean = sections.stream().mapToDouble(Section::mean).average().orElseThrow();
        double squares = 0;
        double products = 0;
        for (Section section : sections) {
            squares += (section.at() - at) * (section.at() - at);
            products += (section.at() - at) * (section.mean() - mean);
        }
        return squares == 0 ? 0 : products / squares * length();
    }

    /** Distance between the first and the last section, in the unit of the layout. */
    public double length() {
        return last().at() - first().at();
    }

    /** Signed, µm; plus is a barrel, minus a waist. */
    public double barrel() {
        return sections.size() < 3 ? 0 : middle() - (first().mean() + last().mean()) / 2;
    }

    /** How much the first section is larger than the middle, µm; 0 where it is not. */
    public double bellMouthAtFirst() {
        return sections.size() < 3 ? 0 : Math.max(0, first().mean() - middle());
    }

    /** How much the last section is larger than the middle, µm; 0 where it is not. */
    public double bellMouthAtLast() {
        return sections.size() < 3 ? 0 : Math.max(0, last().mean() - middle());
    }

    private double middle() {
        double first = first().mean();
        double above = 0;
        for (Section section : sections.subList(1, sections.size() - 1)) {
            above += section.mean() - first;
        }
        return first + above / (sections.size() - 2);
    }

    /** The section with the largest difference of diameters. */
    public Section leastRound() {
        return sections.stream()
                .max(Comparator.comparingDouble(Section::difference))
                .orElseThrow();
    }
}
