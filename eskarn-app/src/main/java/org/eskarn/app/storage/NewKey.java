package org.eskarn.app.storage;

/** The key that the database gave a new row; empty, 0, until it is written. Not for sharing. */
public final class NewKey {

    private long id;

    public long id() {
        return id;
    }

    /** For MyBatis, which fills it in. */
    public void setId(long id) {
        this.id = id;
    }
}
