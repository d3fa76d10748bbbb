package org.eskarn.app.docket;

import java.time.Instant;

/**
 * @param version raised at every change, so that a page can tell whether it is still the newest
 */
public record SetUpRow(
        long id, long docketId, long requirementId, int version, String changedByName, Instant changedAt) {}
