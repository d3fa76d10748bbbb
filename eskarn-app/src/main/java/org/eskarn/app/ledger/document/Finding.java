package org.eskarn.app.ledger.document;

/**
 * What is wrong with a document.
 *
 * @param where a path, a number or both values, as the kind says
 */
public record Finding(Kind kind, String where) {

    public enum Kind {
        /** Its bytes are not those of its hash. */
        ALTERED("the document was altered: it does not match its hash"),
        /** Number, previous hash or key beside it differ from those in it. */
        FRAME("number, previous hash or key beside the document differ from those in it"),
        UNKNOWN_KEY("it is signed with a key that is not among the public keys"),
        SIGNATURE("its signature does not belong to it"),
        GAP("document %s before it is missing"),
        CHAIN("it does not continue the document before it"),
        /** The heads kept outside name a document that is not there. */
        CUT("the end is missing: the heads file names document %s"),
        /** The heads kept outside name another document of this number. */
        REWRITTEN("the heads file names another document of this number: history was rewritten"),
        /** The rows in the database do not say what the document says. */
        ROWS("the database no longer says what the document says: %s"),
        /** A docket is closed as signed, and nothing says what was signed. */
        NO_DOCUMENT("docket %s is closed as signed, and there is no document of it"),
        /** The rows cannot even be read. */
        UNREADABLE("its record in the database can no longer be read"),
        NO_DOCKET("its docket is no longer in the database");

        private final String words;

        Kind(String words) {
            this.words = words;
        }
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
        return kind.words.formatted(where);
    }
}
