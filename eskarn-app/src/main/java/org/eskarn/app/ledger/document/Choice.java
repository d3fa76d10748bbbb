package org.eskarn.app.ledger.document;

/** A choice: its code for programs, and the words for people. */
public record Choice(String code, String words) {}
