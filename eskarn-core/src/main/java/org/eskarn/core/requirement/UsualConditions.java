package org.eskarn.core.requirement;

import java.util.List;
import java.util.Map;

/** The conditions that are usually compared, so that one word says them all. */
public final class UsualConditions {

    private static final Map<String, List<String>> BY_WORD = Map.of(
            "slide", List.of("slide: top", "slide: middle", "slide: bottom"),
            "seat", List.of("seat: first", "seat: again"),
            "turned", List.of("as it lies", "turned: over"),
            "move", List.of("move: before", "move: after"),
            "clamp", List.of("free", "clamped"));

    private UsualConditions() {}

    /** The conditions a list of names means: one word alone that stands for several is those, all else stays as it is. */
    public static List<String> meant(List<String> names) {
        return names.size() == 1 ? BY_WORD.getOrDefault(names.get(0), names) : names;
    }
}
