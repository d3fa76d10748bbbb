package org.eskarn.app.ledger;

import org.eskarn.app.page.Words;

/** A docket was not signed; the message is one sentence for the signer. Nothing was written. */
public final class SigningRefused extends Exception {

    private static final long serialVersionUID = 1L;

    private final String field;
    private final boolean secret;

    SigningRefused(String field, String sentence) {
        this(field, sentence, false);
    }

    private SigningRefused(String field, String sentence, boolean secret) {
        super(sentence);
        this.field = field;
        this.secret = secret;
    }

    /** A password was typed as the remark: it is not to be shown again. */
    static SigningRefused passwordAsRemark() {
        return new SigningRefused("remark", Words.say("ledger.that-was-your-password-enter-the-remark"), true);
    }

    /** Whether what was typed must not be shown again. */
    public boolean secret() {
        return secret;
    }

    /** The field of the form that the sentence stands beside. */
    public String field() {
        return field;
    }
}
