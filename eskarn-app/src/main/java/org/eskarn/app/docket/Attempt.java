package org.eskarn.app.docket;

import java.time.Instant;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.eskarn.app.page.Words;
import org.eskarn.core.evaluation.Judgement;
import org.eskarn.core.verdict.Verdict;
import org.eskarn.core.verdict.Verdict.Because;

/**
 * One measuring of a requirement: as found, after a correction, or by a second inspector.
 *
 * @param sweeps in the order begun, at least one
 * @param judgement from every sweep that counts; of one measured again, those of the attempt before it too
 * @param workedAfter whether something was struck, moved or taken off after it was measured
 */
public record Attempt(AttemptRow row, List<SweepRecord> sweeps, Judgement judgement, boolean workedAfter) {

    public long id() {
        return row.id();
    }

    /** From 1, in its set-up. */
    public int number() {
        return row.number();
    }

    public AttemptKind kind() {
        return row.kind();
    }

    /** What was done to the part before an attempt after correction; else empty. */
    public String correction() {
        return row.correction();
    }

    public long begunBy() {
        return row.begunBy();
    }

    public String begunByName() {
        return row.begunByName();
    }

    public Instant begunAt() {
        return row.begunAt();
    }

    public Verdict verdict() {
        return judgement.verdict();
    }

    /** The sweep being worked on: the last that was not set aside, or the last of all. */
    public SweepRecord last() {
        for (int i = sweeps.size() - 1; i >= 0; i--) {
            if (sweeps.get(i).setAside() == null) {
                return sweeps.get(i);
            }
        }
        return sweeps.get(sweeps.size() - 1);
    }

    /** The sweeps that count. */
    public List<SweepRecord> counted() {
        return sweeps.stream().filter(SweepRecord::counts).toList();
    }

    /** Whether its verdict rests on whole sweeps, so that it can stand. */
    public boolean whole() {
        return stands(verdict());
    }

    /** Whether a verdict can stand, or is not proven for a reason that finishing the sweeps does not mend. */
    static boolean stands(Verdict verdict) {
        Because because = verdict.because();
        return because == null
                || switch (because) {
                    case WITHIN_UNCERTAINTY, LIMIT_IS_TEXT, SWEEPS_DISAGREE, INSPECTORS_DISAGREE, INSPECTORS_DIVIDED ->
                        true;
                    case UNFINISHED, REPEATS_TO_GO, RETURN_OUT, STATIONS_UNFIT, ZERO_LOST -> false;
                };
    }

    /** Whether anybody ever read anything in it. */
    public boolean touched() {
        return sweeps.stream().anyMatch(SweepRecord::touched);
    }

    /** Who read in it, by name. */
    public String readBy() {
        Map<Long, String> names = new LinkedHashMap<>();
        sweeps.forEach(sweep -> sweep.readers().forEach(reader -> names.put(reader.id(), reader.name())));
        return String.join(", ", names.values());
    }

    /** When it was last read; when it was begun, where nothing was read yet. */
    public Instant readAt() {
        return sweeps.stream()
                .flatMap(sweep -> sweep.readTo().stream())
                .max(Comparator.naturalOrder())
                .orElse(row.begunAt());
    }

    /** What is judged of several sweeps, as “mean of 3 sweeps”; empty of one. */
    public Optional<String> combined(String combination) {
        int counted = judgement.counted().size();
        return counted < 2 ? Optional.empty() : Optional.of(Words.say("docket.of-sweeps-2", combination, counted));
    }
}
