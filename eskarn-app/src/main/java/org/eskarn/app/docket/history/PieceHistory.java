package org.eskarn.app.docket.history;

import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.Standing;
import org.eskarn.app.docket.Supersession;
import org.eskarn.app.page.Units;
import org.eskarn.app.page.Words;
import org.jspecify.annotations.Nullable;

/** The dockets of a piece beside each other, the oldest first, and under each what was found and left. */
record PieceHistory(List<Column> columns, List<Row> rows) {

    /**
     * @param outcome of the docket; open while nobody signed it
     * @param supersededBy the signed docket that took its place; null for none
     */
    record Column(
            int number,
            String revision,
            String purpose,
            Instant at,
            boolean signed,
            Standing outcome,
            @Nullable Integer supersededBy) {

        public String address() {
            return (signed ? "/ledger/" : "/dockets/") + number;
        }
    }

    /** @param cells one for each docket; empty where that did not ask it */
    record Row(String title, String limit, List<Optional<FoundFigure>> cells) {}

    /** Requirements of different revisions are the same where they have the same name and limit what is the same. */
    private record Asked(String title, String characteristic) {

        static Asked of(SetUp setUp) {
            return new Asked(
                    setUp.requirement().title(),
                    setUp.requirement().characteristic().name());
        }
    }

    static PieceHistory of(List<Docket> dockets, Units units) {
        Map<Asked, List<Optional<FoundFigure>>> cells = new LinkedHashMap<>();
        Map<Asked, String> limits = new LinkedHashMap<>();
        for (int i = 0; i < dockets.size(); i++) {
            for (SetUp setUp : dockets.get(i).setUps()) {
                Asked asked = Asked.of(setUp);
                List<Optional<FoundFigure>> row = cells.computeIfAbsent(asked, unused -> new ArrayList<>());
                while (row.size() < i) {
                    row.add(Optional.empty());
                }
                row.add(Optional.of(FoundFigure.of(setUp, units)));
                limits.put(asked, Words.of(setUp.requirement().terms().limit().words()));
            }
        }
        cells.values().forEach(row -> {
            while (row.size() < dockets.size()) {
                row.add(Optional.empty());
            }
        });
        Map<Integer, Integer> superseded = Supersession.among(dockets);
        return new PieceHistory(
                dockets.stream()
                        .map(docket -> column(docket, superseded.get(docket.number())))
                        .toList(),
                cells.entrySet().stream()
                        .map(each ->
                                new Row(each.getKey().title(), limits.getOrDefault(each.getKey(), ""), each.getValue()))
                        .toList());
    }

    private static Column column(Docket docket, @Nullable Integer supersededBy) {
        return new Column(
                docket.number(),
                docket.part().revision(),
                docket.purpose(),
                docket.openedAt(),
                docket.signed(),
                docket.signed() ? Standing.of(docket.outcome()) : Standing.OPEN,
                supersededBy);
    }
}
