package org.eskarn.app.ledger.document;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.erdtman.jcs.JsonCanonicalizer;
import org.eskarn.app.page.Sha256;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The canonical form of documents (RFC 8785), and their hash. */
public final class Json {

    private static final JsonMapper MAPPER = JsonMapper.builder()
            .changeDefaultPropertyInclusion(value -> value.withValueInclusion(JsonInclude.Include.NON_NULL))
            .build();

    private Json() {}

    /** The bytes that are hashed and signed. */
    public static byte[] canonical(Object document) {
        try {
            return new JsonCanonicalizer(MAPPER.writeValueAsString(document)).getEncodedUTF8();
        } catch (IOException e) {
            throw new IllegalStateException("a document of records is always JSON", e);
        }
    }

    /**
     * @throws tools.jackson.core.JacksonException if the bytes are no such document
     */
    public static SignedDocument read(byte[] canonical) {
        return MAPPER.readValue(canonical, SignedDocument.class);
    }

    /**
     * @throws tools.jackson.core.JacksonException if the bytes are no JSON
     */
    static JsonNode tree(byte[] json) {
        return MAPPER.readTree(json);
    }

    /** SHA-256 in hexadecimal. */
    public static String hash(byte[] bytes) {
        return Sha256.of(bytes);
    }

    /** The document and its signature in one file, for other programs. */
    public static String envelope(byte[] canonical, String hash, String signature, String publicKey) {
        return "{\"document\":" + new String(canonical, StandardCharsets.UTF_8) + ",\"sha256\":\"" + hash
                + "\",\"signature\":\"" + signature + "\",\"publicKey\":\"" + publicKey + "\"}\n";
    }
}
