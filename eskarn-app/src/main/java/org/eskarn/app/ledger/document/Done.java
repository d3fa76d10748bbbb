package org.eskarn.app.ledger.document;

/** Who did something, and when, in UTC. */
public record Done(Person by, String at) {}
