package org.eskarn.app.docket;

/** A size map on record: where it is, and of what. */
record SizeMapEntry(
        int number,
        long partId,
        int position,
        String serial,
        String title,
        String partTitle,
        String characteristic,
        boolean metric) {}
