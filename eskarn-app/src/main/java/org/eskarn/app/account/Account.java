package org.eskarn.app.account;

import java.time.Instant;

/** A person who may sign in. */
public record Account(
        long id,
        String login,
        String name,
        Role role,
        String passwordHash,
        boolean active,
        Instant createdAt,
        int version) {}
