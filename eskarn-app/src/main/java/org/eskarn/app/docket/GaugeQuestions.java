package org.eskarn.app.docket;

import java.util.Collection;
import java.util.List;

/** Tells dockets what became known of their gauges since they were worked. Whoever traces gauges back knows it. */
public interface GaugeQuestions {

    /** The questions that gauges raised about some dockets; of each docket the oldest first. */
    List<Question> questionsOf(Collection<Integer> numbers);

    /** The same of one. */
    default List<Question> questionsOf(int number) {
        return questionsOf(List.of(number));
    }
}
