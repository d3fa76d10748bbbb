package org.eskarn.app.account;

/** An account cannot be made or changed as asked; the message is one sentence for the person who asked. */
public final class AccountRefused extends Exception {

    private static final long serialVersionUID = 1L;

    private final String field;

    public AccountRefused(String field, String sentence) {
        super(sentence);
        this.field = field;
    }

    /** The field of the form that the sentence stands beside. */
    public String field() {
        return field;
    }
}
