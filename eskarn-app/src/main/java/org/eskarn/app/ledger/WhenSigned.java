package org.eskarn.app.ledger;

import org.eskarn.app.docket.Docket;

/** Who is told, in the same transaction, that a docket was signed. */
public interface WhenSigned {

    /**
     * @param document the number of the signed document
     * @param sha256 of it, as 64 hexadecimal digits
     * @param by the name of the signer
     * @param at when, as it stands in the document
     */
    record Signed(int document, String sha256, String by, String at) {}

    void signed(Docket docket, Signed signed);
}
