package org.eskarn.app.docket;

/** A size map on record: where it is, and of what. */
record SizeMapRow(
        int number,
        int position,
        String serial,
        String title,
        String partTitle,
        String characteristic,
        boolean metric) {}
