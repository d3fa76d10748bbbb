package org.eskarn.app.account;

import java.security.SecureRandom;
import java.util.Base64;
import org.eskarn.app.page.Sha256;

/** Texts that nobody guesses, for links and browsers; kept as their hash only. */
public final class Secret {

    private static final int BYTES = 24;

    private Secret() {}

    public static String make(SecureRandom chance) {
        byte[] bytes = new byte[BYTES];
        chance.nextBytes(bytes);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }

    /** SHA-256, as 64 hexadecimal digits. */
    public static String hash(String secret) {
        return Sha256.of(secret);
    }
}
