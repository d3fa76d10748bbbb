package org.eskarn.app.ledger;

import java.time.Instant;
import org.eskarn.app.ledger.document.Json;
import org.eskarn.app.ledger.document.SignedDocument;
import org.eskarn.app.ledger.document.StoredDocument;

/**
 * A signed document as its row stands.
 *
 * @param body its canonical bytes, packed
 */
record DocumentRow(
        int number,
        long docketId,
        int docketNumber,
        String documentSchema,
        byte[] body,
        String hash,
        String previous,
        String keyId,
        String signature,
        Instant signedAt) {

    byte[] canonical() {
        return Packed.open(body);
    }

    StoredDocument stored() {
        return new StoredDocument(number, canonical(), hash, previous, keyId, signature);
    }

    SignedDocument document() {
        return Json.read(canonical());
    }
}
