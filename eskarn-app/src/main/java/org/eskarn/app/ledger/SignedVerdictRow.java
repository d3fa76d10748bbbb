package org.eskarn.app.ledger;

import java.math.BigDecimal;
import org.eskarn.core.verdict.Outcome;

/** A verdict as it was signed; figures in µm as text, exactly as the seal covers them. */
record SignedVerdictRow(
        long signatureId,
        long requirementId,
        long sweepId,
        Outcome outcome,
        BigDecimal figureMicrometres,
        BigDecimal limitMicrometres,
        BigDecimal uncertaintyMicrometres) {}
