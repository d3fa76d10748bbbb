package org.eskarn.app.exchange;

import java.util.List;

/** A file was not taken; nothing was written. */
public final class ImportRefused extends Exception {

    private static final long serialVersionUID = 1L;

    private final transient List<LineProblem> problems;

    ImportRefused(List<LineProblem> problems) {
        super(problems.isEmpty() ? "" : problems.get(0).sentence());
        this.problems = List.copyOf(problems);
    }

    public List<LineProblem> problems() {
        return problems;
    }
}
