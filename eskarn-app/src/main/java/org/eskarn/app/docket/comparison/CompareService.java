package org.eskarn.app.docket.comparison;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.eskarn.app.docket.Attempt;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.DocketMapper;
import org.eskarn.app.docket.DocketRow;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.SweepRecord;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a requirement of the same piece read at the same places before: in other attempts, and in other dockets. */
@Service
class CompareService {

    private static final int MOST_DOCKETS = 6;

    private final DocketMapper mapper;
    private final DocketService dockets;

    CompareService(DocketMapper mapper, DocketService dockets) {
        this.mapper = mapper;
        this.dockets = dockets;
    }

    /** @param docket the number of the docket it belongs to */
    record Other(int docket, Attempt attempt) {}

    /** Whole sweeps only; those of this docket first, the latest before the earlier ones. */
    @Transactional(readOnly = true)
    public List<Other> others(Docket docket, SetUp setUp) {
        List<Other> others = new ArrayList<>();
        if (setUp.blind()) {
            return others;
        }
        setUp.attempts().stream()
                .filter(attempt -> attempt != setUp.attempt())
                .forEach(attempt -> others.add(0, new Other(docket.number(), attempt)));
        List<DocketRow> rows =
                mapper.ofPiece(docket.part().drawingNumber(), docket.serial(), docket.number(), MOST_DOCKETS);
        for (Docket other : rows.isEmpty() ? List.<Docket>of() : dockets.whole(rows)) {
            other.setUps().stream()
                    .filter(each -> each.requirement()
                            .title()
                            .equals(setUp.requirement().title()))
                    .filter(each -> !each.blind())
                    .flatMap(each -> reversed(each.attempts()))
                    .forEach(attempt -> others.add(new Other(other.number(), attempt)));
        }
        List<String> places = places(setUp.sweep());
        return others.stream()
                .filter(other -> other.attempt().last().complete()
                        && places(other.attempt().last()).equals(places))
                .toList();
    }

    private static Stream<Attempt> reversed(List<Attempt> attempts) {
        List<Attempt> reversed = new ArrayList<>(attempts);
        java.util.Collections.reverse(reversed);
        return reversed.stream();
    }

    /** What the stations are called, and in which unit they lie apart. */
    private static List<String> places(SweepRecord sweep) {
        String unit = " " + sweep.layout().unit();
        return sweep.layout().stations().stream()
                .map(station -> station.name() + unit)
                .toList();
    }

    /** The one asked for, or the first of all. */
    static Optional<Other> chosen(List<Other> others, Optional<Long> attempt) {
        return others.stream()
                .filter(other -> attempt.isPresent() && other.attempt().id() == attempt.get())
                .findFirst()
                .or(() -> others.stream().findFirst());
    }
}
