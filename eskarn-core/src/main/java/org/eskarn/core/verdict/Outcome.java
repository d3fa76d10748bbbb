package org.eskarn.core.verdict;

/** The three words a judgement can end in. */
public enum Outcome {
    PASS("pass"),
    FAIL("fail"),
    NOT_PROVEN("not proven");

    private final String word;

    Outcome(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
