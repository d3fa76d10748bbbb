package org.eskarn.app.account;

import org.eskarn.app.page.Words;

/** What a person may do. */
public enum Role {
    /** Works dockets and signs them. */
    INSPECTOR(Words.say("account.role-inspector")),
    /** A second inspector: works dockets and signs them too. */
    CHECKER(Words.say("account.role-checker")),
    /** Looks after the gauges; sees dockets and the ledger. */
    KEEPER(Words.say("account.role-keeper")),
    /** Looks after the accounts; sees dockets and the ledger. */
    STEWARD(Words.say("account.role-steward"));

    private final String title;

    Role(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }

    /** Whether this role takes readings and signs. */
    public boolean inspects() {
        return this == INSPECTOR || this == CHECKER;
    }

    /** Whether this role writes parts, requirements and set-up sheets, and opens dockets. */
    public boolean drafts() {
        return inspects();
    }

    /** Whether this role changes the register of gauges. */
    public boolean keeps() {
        return this == KEEPER;
    }

    /** Whether this role looks after the accounts. */
    public boolean stewards() {
        return this == STEWARD;
    }
}
