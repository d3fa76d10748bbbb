package org.eskarn.app.gauge;

import java.time.Instant;

record StatusChange(
        long id, long gaugeId, GaugeStatus status, String reason, String changedByName, Instant changedAt) {}
