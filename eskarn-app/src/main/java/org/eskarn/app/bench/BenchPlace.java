package org.eskarn.app.bench;

/** @param place from 1 among the dockets due on the same day */
record BenchPlace(long docketId, int place) {}
