package org.eskarn.core.size;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Diameters at sections along a length, in directions round each section.
 *
 * <p>Per section: mean, smallest, largest, and the difference of diameters = largest − smallest. Along the length:
 * taper = mean of the last section − mean of the first; barrel (negative: waist) = mean of the middle sections − mean of
 * both end sections' means.
 *
 * <p>Degenerate cases: one section has a taper and a barrel of 0, two sections a barrel of 0; one reading in a section
 * has a difference of 0.
 *
 * @param sections in the order of their distance from the end, at least one
 */
public record SizeMap(List<Section> sections) {

    /**
     * @param at distance from the end, in the unit of the layout
     * @param smallest in µm, as are mean and largest
     */
    public record Section(double at, double mean, double smallest, double largest) {

        public double difference() {
            return largest - smallest;
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
        Map<Double, List<Double>> bySection = new LinkedHashMap<>();
        for (int i = 0; i < at.length; i++) {
            bySection.computeIfAbsent(at[i], unused -> new ArrayList<>()).add(micrometres[i]);
        }
        return new SizeMap(bySection.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(entry -> section(entry.getKey(), entry.getValue()))
                .toList());
    }

    private static Section section(double at, List<Double> sizes) {
        double smallest = sizes.stream().mapToDouble(size -> size).min().orElseThrow();
        double largest = sizes.stream().mapToDouble(size -> size).max().orElseThrow();
        // From the smallest on, so that sums of large sizes lose no digits.
        double mean = smallest
                + sizes.stream().mapToDouble(size -> size - smallest).average().orElseThrow();
        return new Section(at, mean, smallest, largest);
    }

    public Section first() {
        return sections.get(0);
    }

    public Section last() {
        return sections.get(sections.size() - 1);
    }

    /** Signed, µm over {@link #length()}. */
    public double taper() {
        return last().mean() - first().mean();
    }

    /** Distance between the first and the last section, in the unit of the layout. */
    public double length() {
        return last().at() - first().at();
    }

    /** Signed, µm; plus is a barrel, minus a waist. */
    public double barrel() {
        if (sections.size() < 3) {
            return 0;
        }
        double ends = (first().mean() + last().mean()) / 2;
        return sections.subList(1, sections.size() - 1).stream()
                .mapToDouble(section -> section.mean() - ends)
                .average()
                .orElse(0);
    }

    /** The section with the largest difference of diameters. */
    public Section leastRound() {
        return sections.stream()
                .max(java.util.Comparator.comparingDouble(Section::difference))
                .orElseThrow();
    }
}
