package org.eskarn.app.start;

/** Eskarn cannot start as asked; the message is one sentence for whoever started it. */
public final class StartRefused extends RuntimeException {

    private static final long serialVersionUID = 1L;

    public StartRefused(String sentence) {
        super(sentence);
    }
}
