package org.eskarn.app.docket;

import java.util.List;
import org.eskarn.core.requirement.Judgement;
import org.eskarn.core.verdict.Verdict;

/**
 * One measuring of a requirement: as found, again, after a correction, or by a second inspector.
 *
 * @param sweeps in the order begun, at least one
 */
public record Attempt(AttemptRow row, List<SweepRecord> sweeps, Judgement judgement) {

    public Verdict verdict() {
        return judgement.verdict();
    }

    public SweepRecord last() {
        return sweeps.get(sweeps.size() - 1);
    }
}
