package org.eskarn.app.ledger;

import java.math.BigDecimal;
import org.eskarn.core.verdict.Outcome;
import org.jspecify.annotations.Nullable;

/** A verdict as it was signed; figures in µm as text, exactly as the seal covers them; null where there is none. */
record SignedVerdictRow(
        long signatureId,
        long requirementId,
        long sweepId,
        Outcome outcome,
        @Nullable BigDecimal figureMicrometres,
        @Nullable BigDecimal limitMicrometres,
        BigDecimal uncertaintyMicrometres,
        @Nullable BigDecimal lowerMicrometres) {}
