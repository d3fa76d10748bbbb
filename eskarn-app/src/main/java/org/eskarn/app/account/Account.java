package org.eskarn.app.account;

import java.io.Serializable;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A person who may sign in.
 *
 * @param passwordAt since when the password is what it is; null where it was never changed
 * @param passwordByLinkOf name of the steward whose link it was last set by; null where the person changed it without
 */
public record Account(
        long id,
        String login,
        String name,
        Role role,
        String passwordHash,
        boolean active,
        Instant createdAt,
        int version,
        @Nullable Instant passwordAt,
        @Nullable String passwordByLinkOf)
        implements Serializable {}
