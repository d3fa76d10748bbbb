package org.eskarn.app.ledger.document;

public record CalibrationPart(String on, String by, String due) {}
