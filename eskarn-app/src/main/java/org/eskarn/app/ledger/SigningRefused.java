package org.eskarn.app.ledger;

/** A docket was not signed; the message is one sentence for the signer. Nothing was written. */
public final class SigningRefused extends Exception {

    private static final long serialVersionUID = 1L;

    private final String field;

    SigningRefused(String field, String sentence) {
        super(sentence);
        this.field = field;
    }

    /** The field of the form that the sentence stands beside. */
    public String field() {
        return field;
    }
}
