package org.eskarn.app.signin;

/** The password was not taken; the message is one sentence for whoever typed it. */
public final class PasswordRefused extends Exception {

    private static final long serialVersionUID = 1L;

    PasswordRefused(String sentence) {
        super(sentence);
    }
}
