package org.eskarn.app.ledger;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.DocketService.Superseding;
import org.eskarn.app.docket.GaugeQuestions;
import org.eskarn.app.docket.Question;
import org.eskarn.app.ledger.LedgerMapper.Superseded;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What became known of dockets after they were signed; no paper about one may leave it out. */
@Service
public class SinceSigning {

    private final GaugeQuestions questions;
    private final DocketService dockets;
    private final LedgerMapper ledger;

    SinceSigning(GaugeQuestions questions, DocketService dockets, LedgerMapper ledger) {
        this.questions = questions;
        this.dockets = dockets;
        this.ledger = ledger;
    }

    /**
     * @param questions which of its verdicts a gauge put in question, settled or not
     * @param superseding the docket that takes its place; null for none
     */
    public record Since(List<Question> questions, @Nullable Superseding superseding) {}

    /** In short, of many: for each docket that is named, by its number. */
    @Transactional(readOnly = true)
    public Map<Integer, Afterwards> afterwards(List<Integer> numbers) {
        if (numbers.isEmpty()) {
            return Map.of();
        }
        Map<Integer, Integer> superseded = ledger.superseded(numbers).stream()
                .collect(Collectors.toMap(Superseded::docket, Superseded::successor));
        Map<Integer, Set<Integer>> questioned = questions.questionsOf(numbers).stream()
                .filter(question -> question.settledAt() == null)
                .collect(Collectors.groupingBy(
                        Question::number, Collectors.mapping(Question::position, Collectors.toSet())));
        return numbers.stream()
                .collect(Collectors.toMap(
                        number -> number,
                        number -> new Afterwards(superseded.get(number), questioned.getOrDefault(number, Set.of()))));
    }

    @Transactional(readOnly = true)
    public Since of(int docket) {
        return new Since(
                questions.questionsOf(docket), dockets.superseding(docket).orElse(null));
    }
}
