package org.eskarn.app.account;

/** What a person may do. */
public enum Role {
    /** Works dockets and signs them. */
    INSPECTOR("inspector"),
    /** A second inspector: works dockets and signs them too. */
    CHECKER("checker"),
    /** Looks after the gauges; sees dockets and the ledger. */
    KEEPER("keeper"),
    /** Looks after the accounts; sees dockets and the ledger. */
    STEWARD("steward");

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
