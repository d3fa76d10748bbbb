package org.eskarn.app.part;

import java.math.BigDecimal;

record StationRow(long requirementId, int number, BigDecimal angle) {}
