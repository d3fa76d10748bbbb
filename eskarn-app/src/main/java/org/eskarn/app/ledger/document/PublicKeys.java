package org.eskarn.app.ledger.document;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.KeyFactory;
import java.security.PublicKey;
import java.security.Signature;
import java.security.spec.X509EncodedKeySpec;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Public keys as a file holds them, one after the other in PEM: that of today first, older ones after it. */
public record PublicKeys(List<PublicKey> all) {

    private static final Pattern PEM =
            Pattern.compile("-----BEGIN PUBLIC KEY-----(.*?)-----END PUBLIC KEY-----", Pattern.DOTALL);

    public PublicKeys {
        all = List.copyOf(all);
    }

    /** Those in a file; none where there is no such file. */
    public static PublicKeys in(Path file) {
        try {
            return Files.exists(file) ? of(Files.readString(file)) : new PublicKeys(List.of());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Those in a text; what is no key is passed over. */
    public static PublicKeys of(String text) {
        List<PublicKey> keys = new ArrayList<>();
        Matcher matcher = PEM.matcher(text);
        while (matcher.find()) {
            try {
                byte[] der = Base64.getMimeDecoder().decode(matcher.group(1));
                keys.add(KeyFactory.getInstance("Ed25519").generatePublic(new X509EncodedKeySpec(der)));
            } catch (GeneralSecurityException | IllegalArgumentException e) {
                // Not one of ours; a document signed with it is told to have an unknown key.
                continue;
            }
        }
        return new PublicKeys(keys);
    }

    public static String pem(PublicKey key) {
        return "-----BEGIN PUBLIC KEY-----\n" + Base64.getEncoder().encodeToString(key.getEncoded())
                + "\n-----END PUBLIC KEY-----\n";
    }

    /** A key in Base64, as a PEM file has it between its lines. */
    public static String encoded(PublicKey key) {
        return Base64.getEncoder().encodeToString(key.getEncoded());
    }

    /** SHA-256 of a key, in hexadecimal. */
    public static String fingerprint(PublicKey key) {
        return Json.hash(key.getEncoded());
    }

    public Optional<PublicKey> named(String fingerprint) {
        return all.stream().filter(key -> fingerprint(key).equals(fingerprint)).findFirst();
    }

    /** @param signature in Base64 */
    static boolean verifies(PublicKey key, byte[] bytes, String signature) {
        try {
            Signature verifier = Signature.getInstance("Ed25519");
            verifier.initVerify(key);
            verifier.update(bytes);
            return verifier.verify(Base64.getDecoder().decode(signature));
        } catch (GeneralSecurityException | IllegalArgumentException e) {
            return false;
        }
    }
}
