package org.eskarn.app.docket.pieces;

import java.time.Instant;

/** Who looked at a cause, and when. */
record CauseLookedAt(PieceCause cause, long lookedBy, String lookedByName, Instant lookedAt) {}
