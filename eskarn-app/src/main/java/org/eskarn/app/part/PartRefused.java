package org.eskarn.app.part;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** A change to a part was not made. Nothing was written. */
public final class PartRefused extends Exception {

    private static final long serialVersionUID = 1L;

    private final transient Map<String, String> problems;

    /**
     * @param problems one sentence for each field of the form that is at fault
     */
    PartRefused(Map<String, String> problems) {
        super(String.join(" ", problems.values()));
        // In the order of the form, so that the first field at fault gets the focus.
        this.problems = Collections.unmodifiableMap(new LinkedHashMap<>(problems));
    }

    PartRefused(String field, String sentence) {
        this(Map.of(field, sentence));
    }

    public Map<String, String> problems() {
        return problems;
    }
}
