package org.eskarn.app.certificate;

import org.eskarn.app.page.Words;

/** Why what was measured says nothing about the claim. */
public enum Incomparable {
    OTHER_METHOD(Words.say("certificate.other-method")),
    WARM(Words.say("certificate.warm")),
    AFTER_TRANSPORT(Words.say("certificate.after-transport"));

    private final String title;

    Incomparable(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
