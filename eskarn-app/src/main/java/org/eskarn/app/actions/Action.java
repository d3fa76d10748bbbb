package org.eskarn.app.actions;

import java.time.Instant;

/**
 * One line of the log of actions.
 *
 * @param login sign-in name of who did it; empty where the server did
 * @param name theirs at that time
 * @param said what was done, in words
 */
public record Action(long id, Instant at, String login, String name, ActionAbout about, String said) {}
