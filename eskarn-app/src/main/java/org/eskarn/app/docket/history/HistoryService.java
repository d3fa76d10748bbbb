package org.eskarn.app.docket.history;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.DocketService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads what was worked, by piece, gauge and person. */
@Service
class HistoryService {

    static final int ON_A_PAGE = 25;
    /** As many dockets of one piece as stand beside each other. */
    static final int MOST_OF_PIECE = 24;

    private static final int MOST_FOUND = 20;

    private final HistoryMapper mapper;
    private final DocketService dockets;

    HistoryService(HistoryMapper mapper, DocketService dockets) {
        this.mapper = mapper;
        this.dockets = dockets;
    }

    /** The dockets of a piece, whatever the revision of its drawing, the oldest first. */
    @Transactional(readOnly = true)
    public List<Docket> piece(String drawingNumber, String serial) {
        return dockets.byIds(mapper.ofPiece(drawingNumber, serial, MOST_OF_PIECE)).stream()
                .sorted(Comparator.comparingInt(Docket::number))
                .toList();
    }

    /**
     * A page of work.
     *
     * @param earlier whether there is more
     */
    record Work(List<WorkLine> lines, Map<Long, Docket> dockets, boolean earlier) {}

    /** @param from the first shown, from 0 of the newest */
    @Transactional(readOnly = true)
    public Work withGauge(long gaugeId, int from) {
        return work(mapper.withGauge(gaugeId, from, ON_A_PAGE + 1, from + ON_A_PAGE + 1));
    }

    @Transactional(readOnly = true)
    public Work byPerson(long accountId, int from) {
        return work(mapper.byPerson(accountId, from, ON_A_PAGE + 1));
    }

    private Work work(List<WorkLine> found) {
        List<WorkLine> lines = found.subList(0, Math.min(ON_A_PAGE, found.size()));
        Map<Long, Docket> byId = dockets
                .byIds(lines.stream().map(WorkLine::docketId).distinct().toList())
                .stream()
                .collect(Collectors.toMap(Docket::id, docket -> docket));
        return new Work(lines, byId, found.size() > ON_A_PAGE);
    }

    /** Pieces whose serial begins as typed. */
    @Transactional(readOnly = true)
    public List<FoundPiece> pieces(String typed) {
        return typed.isBlank()
                ? List.of()
                : mapper.pieces(typed.strip().toLowerCase(Locale.ROOT).replaceAll("([%_!])", "!$1") + "%", MOST_FOUND);
    }
}
