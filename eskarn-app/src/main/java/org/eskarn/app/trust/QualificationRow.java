package org.eskarn.app.trust;

import java.time.Instant;

/** What was decided of a gauge after it was inspected. */
public record QualificationRow(
        long id,
        long gaugeId,
        int docketNumber,
        boolean fit,
        String corrections,
        String limitsOfUse,
        String signerName,
        Instant signedAt) {}
