package org.eskarn.app.docket;

import java.math.BigDecimal;

/** A station added to one sweep while hunting for a high or a low. */
record ExtraStationRow(long sweepId, BigDecimal angle) {}
