package org.eskarn.app.docket;

/** A station added to one sweep while hunting for a high or a low. */
record ExtraStation(long sweepId, String place) {}
