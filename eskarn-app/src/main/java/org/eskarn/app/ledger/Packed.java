package org.eskarn.app.ledger;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;

/** Bytes as they are stored: a document holds pictures and packs to a tenth. */
final class Packed {

    /** Far beyond any docket; more is no document of ours. */
    private static final int LARGEST = 64 * 1024 * 1024;

    private Packed() {}

    static byte[] pack(byte[] plain) {
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (GZIPOutputStream out = new GZIPOutputStream(packed)) {
            out.write(plain);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return packed.toByteArray();
    }

    /** The bytes again; none where they cannot be unpacked, which no hash matches. */
    static byte[] open(byte[] packed) {
        try (GZIPInputStream in = new GZIPInputStream(new ByteArrayInputStream(packed))) {
            byte[] plain = in.readNBytes(LARGEST);
            return in.read() < 0 ? plain : new byte[0];
        } catch (IOException e) {
            return new byte[0];
        }
    }
}
