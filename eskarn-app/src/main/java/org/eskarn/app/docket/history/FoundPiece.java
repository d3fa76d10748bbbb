package org.eskarn.app.docket.history;

/** A piece that was ever in a docket. */
record FoundPiece(String drawingNumber, String serial, int dockets) {}
