package org.eskarn.core.verdict;

import org.eskarn.core.result.Note;

/** What a decision rests on. */
public enum RuleKind {
    /** The figure alone, as long as its uncertainty is small against the tolerance. */
    SIMPLE(Note.of("core.rule-simple")),
    /** The figure with its uncertainty. */
    STRINGENT(Note.of("core.rule-stringent")),
    /** The probability that the true figure lies within the limits. */
    PROBABILITY(Note.of("core.rule-probability"));

    private final Note title;

    RuleKind(Note title) {
        this.title = title;
    }

    public Note title() {
        return title;
    }
}
