package org.eskarn.app.account;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.HexFormat;

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
        try {
            byte[] hash = MessageDigest.getInstance("SHA-256").digest(secret.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(hash);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java knows SHA-256", e);
        }
    }
}
