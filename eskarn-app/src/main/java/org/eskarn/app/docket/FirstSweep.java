package org.eskarn.app.docket;

/** The empty sweep a set-up is opened with, and the gauge it will be read with. */
record FirstSweep(long setUpId, long gaugeId) {}
