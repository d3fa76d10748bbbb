package org.eskarn.app.ledger;

import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * How it went on with a signed docket: no list or table of verdicts leaves it out.
 *
 * @param supersededBy the signed docket that took its place; null for none
 * @param questioned the positions of the requirements that a gauge puts in question, which nobody settled yet
 */
public record Afterwards(@Nullable Integer supersededBy, Set<Integer> questioned) {

    /** Whether the verdict of a requirement is in question. */
    public boolean inQuestion(int position) {
        return questioned.contains(position);
    }

    public boolean inQuestion() {
        return !questioned.isEmpty();
    }
}
