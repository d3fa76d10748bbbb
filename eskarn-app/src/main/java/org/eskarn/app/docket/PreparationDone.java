package org.eskarn.app.docket;

import java.time.Instant;

public record PreparationDone(
        long id, long setUpId, long preparationId, long doneBy, String doneByName, Instant doneAt) {}
