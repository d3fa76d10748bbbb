package org.eskarn.app.backup;

/** A backup cannot be made or put back; the message is one sentence. Nothing was changed. */
public final class BackupRefused extends Exception {

    private static final long serialVersionUID = 1L;

    BackupRefused(String sentence) {
        super(sentence);
    }

    BackupRefused(String sentence, Throwable cause) {
        super(sentence, cause);
    }
}
