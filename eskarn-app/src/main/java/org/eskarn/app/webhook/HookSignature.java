package org.eskarn.app.webhook;

import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.util.HexFormat;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;

/**
 * Tells a receiver that a message is from this Eskarn, and of when: HMAC-SHA-256 (RFC 2104) over the time in seconds since 1970, a full stop
 * and the body in UTF-8, as 64 hexadecimal digits.
 */
final class HookSignature {

    private static final String ALGORITHM = "HmacSHA256";

    private HookSignature() {}

    static String of(String secret, long time, String body) {
        try {
            Mac mac = Mac.getInstance(ALGORITHM);
            mac.init(new SecretKeySpec(secret.getBytes(StandardCharsets.UTF_8), ALGORITHM));
            return HexFormat.of().formatHex(mac.doFinal((time + "." + body).getBytes(StandardCharsets.UTF_8)));
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException("every Java has HMAC-SHA-256", e);
        }
    }
}
