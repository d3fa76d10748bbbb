package org.eskarn.core.requirement;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The order in which requirements are best worked: those of datum features first, because the others stand on them; then
 * those that share a gauge and a zero one after the other; parts that are still warm last. Within that, the order of the
 * drawing. It is a suggestion; any order will do.
 */
public final class SuggestedOrder {

    /**
     * What the order looks at.
     *
     * @param position on the drawing
     * @param datum whether the feature is a datum that others refer to
     * @param zero names the gauge and the zero; the same name means that they can be shared
     * @param warm whether the part comes to it warm
     */
    public record Item(int position, boolean datum, String zero, boolean warm) {

        private int rank() {
            if (warm) {
                return 2;
            }
            return datum ? 0 : 1;
        }
    }

    private SuggestedOrder() {}

    /** The positions in the order suggested. */
    public static List<Integer> of(Collection<Item> items) {
        List<Item> byRank = items.stream()
                .sorted(Comparator.comparingInt(Item::rank).thenComparingInt(Item::position))
                .toList();
        Map<String, List<Item>> groups = new LinkedHashMap<>();
        for (Item item : byRank) {
            groups.computeIfAbsent(item.rank() + " " + item.zero(), unused -> new ArrayList<>())
                    .add(item);
        }
        return groups.values().stream()
                .flatMap(Collection::stream)
                .map(Item::position)
                .toList();
    }
}
