package org.eskarn.app.certificate;

import java.time.Instant;

/** A page of the certificate as it was scanned. */
public record Scan(
        long id, long certificateId, String name, String type, long addedBy, String addedByName, Instant addedAt) {}
