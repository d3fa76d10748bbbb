package org.eskarn.core.verdict;

/** The words a judgement can end in. */
public enum Outcome {
    PASS("pass"),
    FAIL("fail"),
    NOT_PROVEN("not proven"),
    /** Nothing is asked of the figure; it was measured and kept. */
    RECORDED("recorded");

    private final String word;

    Outcome(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
