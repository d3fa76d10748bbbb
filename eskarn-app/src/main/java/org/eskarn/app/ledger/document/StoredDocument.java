package org.eskarn.app.ledger.document;

import java.util.Optional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/**
 * A document as it is kept, with what stands beside it.
 *
 * @param canonical its canonical bytes
 * @param hash that stands beside it
 * @param previous the hash before it that stands beside it
 * @param key fingerprint of the key that stands beside it
 * @param signature in Base64
 */
public record StoredDocument(int number, byte[] canonical, String hash, String previous, String key, String signature) {

    /**
     * Whether the document is what was signed, taken by itself.
     *
     * @return the first thing that is wrong; empty where nothing is
     */
    public Optional<Finding> check(PublicKeys keys) {
        if (!Json.hash(canonical).equals(hash)) {
            return Optional.of(Finding.of(Finding.Kind.ALTERED));
        }
        JsonNode tree;
        try {
            tree = Json.tree(canonical);
        } catch (JacksonException e) {
            return Optional.of(Finding.of(Finding.Kind.ALTERED));
        }
        if (tree.path("number").asInt(0) != number
                || !tree.path("previous").asString("").equals(previous)
                || !tree.path("key").asString("").equals(key)) {
            return Optional.of(Finding.of(Finding.Kind.FRAME));
        }
        return keys.named(key)
                .map(known -> PublicKeys.verifies(known, canonical, signature)
                        ? Optional.<Finding>empty()
                        : Optional.of(Finding.of(Finding.Kind.SIGNATURE)))
                .orElseGet(() -> Optional.of(Finding.of(Finding.Kind.UNKNOWN_KEY)));
    }

    /**
     * The same of a document whose hash is named as the one before by another that is what was signed: the signature of that one vouches
     * for this one too, and its own need not be looked at.
     *
     * @param read what the canonical bytes say
     */
    public Optional<Finding> checkNamed(SignedDocument read) {
        return read.number() == number
                        && read.previous().equals(previous)
                        && read.key().equals(key)
                ? Optional.empty()
                : Optional.of(Finding.of(Finding.Kind.FRAME));
    }

    /** Whether its hash is this, and is that of its bytes. */
    public boolean hasHash(String named) {
        return hash.equals(named) && Json.hash(canonical).equals(named);
    }

    /** Whether it follows another without a gap. */
    public Optional<Finding> follows(int numberBefore, String hashBefore) {
        if (number != numberBefore + 1) {
            return Optional.of(new Finding(Finding.Kind.GAP, String.valueOf(number - 1)));
        }
        return previous.equals(hashBefore) ? Optional.empty() : Optional.of(Finding.of(Finding.Kind.CHAIN));
    }
}
