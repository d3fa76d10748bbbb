package org.eskarn.app.docket;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

public record StepDone(
        long id, long setUpId, @Nullable Long sweepId, Step step, long doneBy, String doneByName, Instant doneAt) {}
