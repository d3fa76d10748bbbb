package org.eskarn.core;

/**
 * The version of the rules of the job. Signed results carry it, so that a later reader knows by which rules a figure
 * was computed; it is raised whenever the same readings could lead to another figure or another verdict.
 */
public final class CoreVersion {

    public static final String CURRENT = "7";

    private CoreVersion() {}
}
