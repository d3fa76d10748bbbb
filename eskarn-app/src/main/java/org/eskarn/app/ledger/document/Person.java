package org.eskarn.app.ledger.document;

/** A person as they were called when it was signed. */
public record Person(long id, String name) {}
