package org.eskarn.app.docket;

/**
 * A change could not be made because the docket no longer stands as the page showed it. The message is one sentence;
 * nothing was written.
 */
public final class DocketConflict extends Exception {

    private static final long serialVersionUID = 1L;

    public DocketConflict(String sentence) {
        super(sentence);
    }
}
