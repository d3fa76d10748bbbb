package org.eskarn.app.docket;

import java.util.List;

/** Tells a docket what became known of its gauges since it was worked. Whoever traces gauges back knows it. */
public interface GaugeQuestions {

    /** The questions that gauges raised about a docket, the oldest first. */
    List<Question> questionsOf(int number);
}
