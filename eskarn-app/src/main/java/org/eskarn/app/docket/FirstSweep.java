package org.eskarn.app.docket;

import org.jspecify.annotations.Nullable;

/** The empty sweep a set-up is opened with, and the gauges it will be read with, where the register has them. */
public record FirstSweep(
        long setUpId, @Nullable Long gaugeId, @Nullable Long secondGaugeId) {}
