package org.eskarn.app.docket;

/**
 * Somebody who read in a sweep.
 *
 * @param stations what they read, as 1–4 and 6; empty where they read all of it
 */
public record Reader(long id, String name, String stations) {

    /** As it is said: the name, and the stations where there was more than one reader. */
    public String said() {
        return stations.isEmpty() ? name : name + " (" + stations + ")";
    }
}
