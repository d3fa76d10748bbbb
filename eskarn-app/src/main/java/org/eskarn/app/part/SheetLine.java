package org.eskarn.app.part;

/** One line of a set-up sheet of the library. */
record SheetLine(WorkKind workKind, int position, boolean caution, String text) {}
