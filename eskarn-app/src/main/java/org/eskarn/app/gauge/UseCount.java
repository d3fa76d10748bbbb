package org.eskarn.app.gauge;

/** How many sweeps were read with a gauge since its last calibration. */
record UseCount(long gaugeId, int uses) {}
