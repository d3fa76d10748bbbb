package org.eskarn.app.docket.work;

import java.util.Arrays;
import java.util.List;
import org.eskarn.app.docket.SetUp;
import org.eskarn.core.requirement.UsualConditions;

/**
 * The conditions that can be chosen at the bench.
 *
 * @param chosen those that were, with semicolons between; empty for none
 */
public record ConditionsChoice(String chosen, List<Usual> usual) {

    /** Letters of no step, since a digit is taken for a reading. */
    private static final String KEYS = "ABDEF";

    /** Usual ones, by the word that stands for them and a key. */
    public record Usual(String word, String names, String key) {}

    static ConditionsChoice of(SetUp setUp) {
        return new ConditionsChoice(
                setUp.conditionsChosen(),
                Arrays.stream(UsualConditions.values())
                        .map(each -> new Usual(
                                each.word(),
                                String.join(" · ", each.names()),
                                KEYS.substring(each.ordinal(), each.ordinal() + 1)))
                        .toList());
    }
}
