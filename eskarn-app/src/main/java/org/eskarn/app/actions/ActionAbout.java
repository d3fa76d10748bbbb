package org.eskarn.app.actions;

import org.eskarn.app.page.Words;

/** What an action changed. */
public enum ActionAbout {
    ACCOUNT(Words.say("actions.about-account")),
    GAUGE(Words.say("actions.about-gauge")),
    PART(Words.say("actions.about-part")),
    WORKS(Words.say("actions.about-works"));

    private final String title;

    ActionAbout(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
