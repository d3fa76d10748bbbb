package org.eskarn.app.storage;

import java.util.Locale;

/** Where the records are kept: in one file in the folder, or on a server that several instances of Eskarn share. */
public enum Database {
    FILE,
    SERVER;

    /** How an address of a server begins. */
    public static final String SERVER_ADDRESS = "jdbc:postgresql://";

    public static Database at(String address) {
        return address.startsWith(SERVER_ADDRESS) ? SERVER : FILE;
    }

    public boolean onServer() {
        return this == SERVER;
    }

    /** What its own statements are marked with in the mappers. */
    String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
