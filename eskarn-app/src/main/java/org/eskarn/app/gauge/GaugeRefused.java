package org.eskarn.app.gauge;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** A change to a gauge was not made; one sentence for each field at fault. Nothing was written. */
public final class GaugeRefused extends Exception {

    private static final long serialVersionUID = 1L;

    private final transient Map<String, String> problems;

    GaugeRefused(Map<String, String> problems) {
        super(String.join(" ", problems.values()));
        this.problems = Collections.unmodifiableMap(new LinkedHashMap<>(problems));
    }

    GaugeRefused(String field, String sentence) {
        this(Map.of(field, sentence));
    }

    public Map<String, String> problems() {
        return problems;
    }
}
