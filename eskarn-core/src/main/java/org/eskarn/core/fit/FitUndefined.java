package org.eskarn.core.fit;

import java.util.List;

/** A fit code that cannot be read or is not defined for a size. The message is one sentence for whoever typed it. */
public final class FitUndefined extends Exception {

    private static final long serialVersionUID = 1;

    private final transient List<String> neighbours;

    FitUndefined(String sentence) {
        this(sentence, List.of());
    }

    /** @param neighbours the codes nearest to it that are defined */
    FitUndefined(String sentence, List<String> neighbours) {
        super(neighbours.isEmpty() ? sentence : sentence + " Near it: " + String.join(", ", neighbours) + ".");
        this.neighbours = List.copyOf(neighbours);
    }

    public List<String> neighbours() {
        return neighbours;
    }

    /** The sentence. */
    public String sentence() {
        return String.valueOf(getMessage());
    }
}
