package org.eskarn.app.bench;

import static java.util.stream.Collectors.toMap;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.DocketService.InHand;
import org.eskarn.app.gauge.GaugeService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The plan of the day, and the order that people give it. */
@Service
public class PlanService {

    /** More than this nobody works on in a day. */
    private static final int MOST = 60;

    private static final int LATEST = 5;

    private final DocketService dockets;
    private final GaugeService gauges;
    private final PlanMapper mapper;
    private final Clock clock;

    PlanService(DocketService dockets, GaugeService gauges, PlanMapper mapper, Clock clock) {
        this.dockets = dockets;
        this.gauges = gauges;
        this.mapper = mapper;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    Plan plan() {
        InHand inHand = dockets.inHand(0, MOST);
        List<Long> ids = inHand.dockets().stream().map(Docket::id).toList();
        List<Long> parts = inHand.dockets().stream()
                .map(docket -> docket.part().id())
                .distinct()
                .toList();
        return Plan.of(
                inHand,
                ids.isEmpty()
                        ? Map.of()
                        : mapper.places(ids).stream().collect(toMap(BenchPlace::docketId, BenchPlace::place)),
                parts.isEmpty() ? Map.of() : WorkSpan.usual(mapper.spans(parts, LATEST)),
                gauges.all(),
                LocalDate.now(clock));
    }

    /**
     * Puts a docket of the plan one place earlier or later; the others keep the order they have now. Where it is not in the plan any
     * more, or is the first or last already, nothing changes.
     */
    @Transactional
    public void move(int number, boolean earlier, long by) {
        dockets.lockNumbers();
        List<Docket> order = new ArrayList<>(
                plan().rows().stream().map(row -> row.line().docket()).toList());
        for (int at = 0; at < order.size(); at++) {
            int other = earlier ? at - 1 : at + 1;
            if (order.get(at).number() == number && other >= 0 && other < order.size()) {
                Collections.swap(order, at, other);
                keep(order, by);
                return;
            }
        }
    }

    /** Forgets the order that was given, so that it is the suggested one again. */
    @Transactional
    public void forget() {
        dockets.lockNumbers();
        List<Long> ids =
                plan().rows().stream().map(row -> row.line().docket().id()).toList();
        if (!ids.isEmpty()) {
            mapper.deletePlaces(ids);
        }
    }

    private void keep(List<Docket> order, long by) {
        mapper.deletePlaces(order.stream().map(Docket::id).toList());
        List<BenchPlace> places = new ArrayList<>();
        order.forEach(docket -> places.add(new BenchPlace(docket.id(), places.size() + 1)));
        mapper.insertPlaces(places, by, clock.instant());
    }
}
