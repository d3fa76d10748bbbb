package org.eskarn.app.ledger.document;

import org.eskarn.app.page.Words;

/**
 * What is wrong with a document.
 *
 * @param where a path, a number or both values, as the kind says
 */
public record Finding(Kind kind, String where) {

    public enum Kind {
        /** Its bytes are not those of its hash. */
        ALTERED,
        /** Number, previous hash or key beside it differ from those in it. */
        FRAME,
        UNKNOWN_KEY,
        SIGNATURE,
        GAP,
        CHAIN,
        /** The heads kept outside name a document that is not there. */
        CUT,
        /** The heads kept outside name another document of this number. */
        REWRITTEN,
        /** The rows in the database do not say what the document says. */
        ROWS,
        /** A docket is closed as signed, and nothing says what was signed. */
        NO_DOCUMENT,
        /** The rows cannot even be read. */
        UNREADABLE,
        NO_DOCKET
    }

    /** Whether the document itself is still what was signed; if not, nothing in it is to be shown. */
    public boolean genuine() {
        return switch (kind) {
            case ALTERED, FRAME, UNKNOWN_KEY, SIGNATURE -> false;
            case GAP, CHAIN, CUT, REWRITTEN, ROWS, UNREADABLE, NO_DOCKET, NO_DOCUMENT -> true;
        };
    }

    static Finding of(Kind kind) {
        return new Finding(kind, "");
    }

    public String words() {
        return switch (kind) {
            case ALTERED -> Words.say("ledger.the-document-was-altered-it-does-not");
            case FRAME -> Words.say("ledger.number-previous-hash-or-key-beside-the");
            case UNKNOWN_KEY -> Words.say("ledger.it-is-signed-with-a-key-that");
            case SIGNATURE -> Words.say("ledger.its-signature-does-not-belong-to-it");
            case GAP -> Words.say("ledger.document-s-before-it-is-missing", where);
            case CHAIN -> Words.say("ledger.it-does-not-continue-the-document-before");
            case CUT -> Words.say("ledger.the-end-is-missing-the-heads-file", where);
            case REWRITTEN -> Words.say("ledger.the-heads-file-names-another-document-of");
            case ROWS -> Words.say("ledger.the-database-no-longer-says-what-the", where);
            case NO_DOCUMENT -> Words.say("ledger.docket-s-is-closed-as-signed-and", where);
            case UNREADABLE -> Words.say("ledger.its-record-in-the-database-can-no");
            case NO_DOCKET -> Words.say("ledger.its-docket-is-no-longer-in-the");
        };
    }
}
