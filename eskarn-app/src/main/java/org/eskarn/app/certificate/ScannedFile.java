package org.eskarn.app.certificate;

import java.nio.charset.StandardCharsets;
import java.util.Optional;

/** A file that is to be a scanned page; what it is, is told from its first bytes and not from its name. */
public record ScannedFile(String name, byte[] bytes) {

    private static final int LONGEST_NAME = 120;
    private static final byte[] PNG = {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'};
    private static final byte[] JPEG = {(byte) 0xff, (byte) 0xd8, (byte) 0xff};
    private static final byte[] PDF = "%PDF-".getBytes(StandardCharsets.US_ASCII);

    /** Its media type; empty where it is nothing that is taken. */
    Optional<String> type() {
        if (begins(PNG)) {
            return Optional.of("image/png");
        }
        if (begins(JPEG)) {
            return Optional.of("image/jpeg");
        }
        return begins(PDF) ? Optional.of("application/pdf") : Optional.empty();
    }

    private boolean begins(byte[] with) {
        if (bytes.length < with.length) {
            return false;
        }
        for (int i = 0; i < with.length; i++) {
            if (bytes[i] != with[i]) {
                return false;
            }
        }
        return true;
    }

    /** The name without folders, and without what has no place in an address or a header. */
    String shortName() {
        String last = name.replaceAll(".*[/\\\\]", "")
                .replaceAll("[^\\p{L}\\p{N}._ -]", "_")
                .strip();
        String whole = last.isEmpty() ? "page" : last;
        return whole.length() <= LONGEST_NAME ? whole : whole.substring(whole.length() - LONGEST_NAME);
    }
}
