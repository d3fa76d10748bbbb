package org.eskarn.app.ledger;

import java.time.Instant;
import org.eskarn.app.account.Role;
import org.eskarn.core.verdict.Outcome;

/** A signature from before there were documents, as its row stands. */
record SignatureRow(
        long id,
        long docketId,
        int docketNumber,
        Outcome outcome,
        String remark,
        long signedBy,
        String signerName,
        Role signerRole,
        Instant signedAt,
        String coreVersion,
        String seal,
        String previousSeal) {}
