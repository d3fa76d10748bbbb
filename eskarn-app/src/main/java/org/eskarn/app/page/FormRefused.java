package org.eskarn.app.page;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** What was typed into a form was not taken; nothing was written. */
public final class FormRefused extends Exception {

    private static final long serialVersionUID = 1L;

    private final transient Map<String, String> problems;

    /**
     * @param problems one sentence for each field at fault, in the order of the form, so that the first gets the focus
     */
    public FormRefused(Map<String, String> problems) {
        super(String.join(" ", problems.values()));
        this.problems = Collections.unmodifiableMap(new LinkedHashMap<>(problems));
    }

    public FormRefused(String field, String sentence) {
        this(Map.of(field, sentence));
    }

    public Map<String, String> problems() {
        return problems;
    }
}
