package org.eskarn.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.eskarn.core.reading.EntryRejected.Reason;
import org.eskarn.core.result.Note;

/** The answers that are still to be given, where all are yes but a few: “40 alike, no at 7 and 12”. */
public final class RestOfAnswers {

    private RestOfAnswers() {}

    /**
     * The answers as they would be typed one by one, from the first place that has none.
     *
     * @param first the number of that place, from 1
     * @param last the number of the last place
     * @param except the numbers of those that are no, with blanks or commas between; empty where all are yes
     * @throws EntryRejected if one of them is no number, or of no place that is still to be answered
     */
    public static List<String> of(int first, int last, String except) throws EntryRejected {
        Set<Integer> no = new TreeSet<>();
        for (String word : except.strip().split("[\\s,;]+")) {
            if (word.isEmpty()) {
                continue;
            }
            int place = word.matches("\\d{1,4}") ? Integer.parseInt(word) : 0;
            if (place < first || place > last) {
                throw new EntryRejected(
                        Reason.NOT_AN_ANSWER, Note.of("core.is-no-place-still-to-be-answered", word, first, last));
            }
            no.add(place);
        }
        List<String> answers = new ArrayList<>();
        for (int place = first; place <= last; place++) {
            answers.add(no.contains(place) ? "0" : "1");
        }
        return answers;
    }
}
