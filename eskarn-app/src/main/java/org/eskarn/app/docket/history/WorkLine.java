package org.eskarn.app.docket.history;

import java.time.Instant;

/** A requirement of a docket that a sweep was read for, with when that was and by whom it was begun. */
record WorkLine(long docketId, long setUpId, Instant lastReadAt, String begunByName) {}
