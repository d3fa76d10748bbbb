package org.eskarn.app.ledger;

import java.time.Instant;
import org.eskarn.app.account.Role;
import org.eskarn.core.verdict.Outcome;

/** A signature as its row stands. */
public record SignatureRow(
        long id,
        long docketId,
        Outcome outcome,
        String remark,
        String signerName,
        Role signerRole,
        Instant signedAt,
        String coreVersion,
        String seal,
        String previousSeal) {}
