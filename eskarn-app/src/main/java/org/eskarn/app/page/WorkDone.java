package org.eskarn.app.page;

import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Tells pages of parts and gauges what was worked with them lately. Whoever keeps dockets knows it. */
public interface WorkDone {

    /**
     * A docket, or one of its requirements.
     *
     * @param title of the requirement; of a whole docket what it is for
     * @param at when it was opened or last read
     * @param byName who opened it or began to read
     */
    record Line(
            int number,
            @Nullable Integer position,
            String title,
            String serial,
            Instant at,
            String byName,
            boolean signed) {

        /** Where it can be looked at. */
        public String address() {
            return signed ? "/ledger/" + number : "/dockets/" + number + (position == null ? "" : "/" + position);
        }
    }

    /** The newest dockets of a part. */
    List<Line> ofPart(long partId);

    /** What was read last with a gauge. */
    List<Line> withGauge(long gaugeId);
}
