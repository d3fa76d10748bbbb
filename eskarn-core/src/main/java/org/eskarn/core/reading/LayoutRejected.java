package org.eskarn.core.reading;

/** What was written is no layout. The message is one sentence that says what to write instead. */
public final class LayoutRejected extends Exception {

    private static final long serialVersionUID = 1L;

    private final boolean second;

    LayoutRejected(boolean second, String sentence) {
        super(sentence);
        this.second = second;
    }

    /** Whether the second of the two fields is meant. */
    public boolean second() {
        return second;
    }
}
