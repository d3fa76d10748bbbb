package org.eskarn.core.result;

import java.util.List;
import java.util.function.Function;

/**
 * One sentence about the figures, for whoever reads them.
 *
 * @param sentence with %s where a figure stands
 * @param figures in the order they stand
 */
public record Note(String sentence, List<Figure> figures) {

    public static Note of(String sentence, Figure... figures) {
        return new Note(sentence, List.of(figures));
    }

    /** @param said how a figure is said, with its unit */
    public String said(Function<Figure, String> said) {
        return sentence.formatted(figures.stream().map(said).toArray());
    }
}
