package org.eskarn.app.ledger;

import java.time.Instant;

/** A signed docket of a piece. */
public record SignedPiece(int docket, String serial, String purpose, Instant signedAt) {}
