package org.eskarn.app.ledger;

import java.io.IOException;
import java.nio.file.Path;
import java.security.GeneralSecurityException;

/** A new signing key where the old one is lost and no backup holds it. What was signed before keeps its public key. */
public final class KeyReplacement {

    private KeyReplacement() {}

    /**
     * @return whether one was made; not where a key is there
     * @throws IOException if the folder cannot be written
     */
    public static boolean make(Path keyFile) throws IOException {
        try {
            return new InstallationKey(keyFile, false).replace();
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException("every Java from 15 on makes Ed25519 keys", e);
        }
    }
}
