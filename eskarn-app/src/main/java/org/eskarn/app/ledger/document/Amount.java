package org.eskarn.app.ledger.document;

/** An amount as it was written. */
public record Amount(String amount, String unit) {}
