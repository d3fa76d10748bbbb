package org.eskarn.core.reading;

import java.math.BigDecimal;
import java.util.Locale;
import org.eskarn.core.reading.EntryRejected.Reason;
import org.eskarn.core.result.Note;

/** Reads an answer: yes, y or 1, and no, n or 0, in any case. */
public final class AnswerParser {

    private AnswerParser() {}

    /**
     * @param typed what stands in the field
     * @return an entry of 1 for yes and 0 for no
     * @throws EntryRejected if it is neither
     */
    public static Entry parse(String typed) throws EntryRejected {
        String text = typed.strip();
        return switch (text.toLowerCase(Locale.ROOT)) {
            case "yes", "y", "1" -> new Entry(text, BigDecimal.ONE, null, ReadingUnit.ANSWER);
            case "no", "n", "0" -> new Entry(text, BigDecimal.ZERO, null, ReadingUnit.ANSWER);
            case "" -> throw new EntryRejected(Reason.EMPTY, Note.of("core.nothing-was-typed-type-1-for-yes"));
            default -> throw new EntryRejected(Reason.NOT_AN_ANSWER, Note.of("core.is-no-answer-type-1-for-yes", text));
        };
    }
}
