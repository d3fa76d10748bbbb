package org.eskarn.app.remedy;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.eskarn.app.page.DetailsView;
import org.eskarn.app.picture.engine.Picture;
import org.eskarn.core.requirement.RemedyKind;

/**
 * A correction worked out, ready to be read.
 *
 * @param headline what to do, in one sentence; why it cannot be said where {@code ready} is false
 * @param lines what else has to be said
 * @param choices what can be chosen among, the best first
 * @param predicted the judged figure to come, µm; empty where none can be predicted
 * @param words what is kept when it is decided on
 * @param problems one sentence for each field at fault
 */
public record Advice(
        RemedyKind kind,
        boolean ready,
        String headline,
        List<String> lines,
        List<Choice> choices,
        List<DetailsView.Table> tables,
        Optional<Picture> picture,
        OptionalDouble predicted,
        String words,
        Map<String, String> problems) {

    /**
     * @param value what the form sends for it
     * @param chosen whether it is the one worked out
     */
    public record Choice(String value, String label, List<String> cells, boolean chosen, String note) {}

    static Advice not(RemedyKind kind, String sentence, Map<String, String> problems) {
        return new Advice(
                kind,
                false,
                sentence,
                List.of(),
                List.of(),
                List.of(),
                Optional.empty(),
                OptionalDouble.empty(),
                "",
                problems);
    }
}
