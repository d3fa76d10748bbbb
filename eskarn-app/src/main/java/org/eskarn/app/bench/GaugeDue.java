package org.eskarn.app.bench;

import java.util.Comparator;
import java.util.List;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.gauge.Gauge;

/**
 * A gauge whose calibration falls due.
 *
 * @param neededFor numbers of the dockets in sight that will still need it when it is due, by their due dates
 */
record GaugeDue(Gauge gauge, List<Integer> neededFor) {

    static GaugeDue of(Gauge gauge, List<Docket> dockets) {
        return new GaugeDue(
                gauge,
                dockets.stream()
                        .filter(docket -> !docket.due().isBefore(gauge.nextDue()))
                        .filter(docket -> docket.setUps().stream()
                                .anyMatch(setUp -> !setUp.settled()
                                        && setUp.sweep().gauge().id() == gauge.id()))
                        .sorted(Comparator.comparing(docket -> docket.due()))
                        .map(docket -> docket.number())
                        .toList());
    }
}
