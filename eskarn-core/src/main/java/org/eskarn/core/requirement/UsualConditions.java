package org.eskarn.core.requirement;

import java.util.Arrays;
import java.util.List;

/** The conditions that are usually compared, so that one word says them all. */
public enum UsualConditions {
    SLIDE("slide", "slide: top", "slide: middle", "slide: bottom"),
    SEAT("seat", "seat: first", "seat: again"),
    TURNED("turned", "as it lies", "turned: over"),
    MOVE("move", "move: before", "move: after"),
    CLAMP("clamp", "free", "clamped");

    private final String word;
    private final List<String> names;

    UsualConditions(String word, String... names) {
        this.word = word;
        this.names = List.of(names);
    }

    /** The one word that stands for them. */
    public String word() {
        return word;
    }

    /** In the order read. */
    public List<String> names() {
        return names;
    }

    /** The conditions a list of names means: one word alone that stands for several is those, all else stays as it is. */
    public static List<String> meant(List<String> names) {
        return names.size() != 1
                ? names
                : Arrays.stream(values())
                        .filter(each -> each.word.equals(names.get(0)))
                        .map(UsualConditions::names)
                        .findFirst()
                        .orElse(names);
    }
}
