package org.eskarn.core.evaluation;

import java.util.ArrayList;
import java.util.List;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.requirement.StatedAs;
import org.eskarn.core.result.Figure;
import org.eskarn.core.result.Note;
import org.eskarn.core.verdict.Bounds;
import org.eskarn.core.verdict.Outcome;
import org.eskarn.core.verdict.Verdict;

/**
 * What other schools of the same figure would make of the same readings: each is evaluated and judged as the requirement's own is,
 * by the same rule. Only those that decide otherwise are told, with how far from the limit.
 */
final class Schools {

    private Schools() {}

    /**
     * @param sweep as it is computed with
     * @param verdict on the requirement's own figure
     */
    static List<Note> otherwise(
            Requirement requirement, Dial dial, Sweep sweep, Circumstances circumstances, Verdict verdict) {
        List<Note> notes = new ArrayList<>();
        if (verdict.bounds().open() || !decided(verdict)) {
            return notes;
        }
        for (StatedAs other : requirement.characteristic().statements()) {
            if (other != requirement.statedAs() && other.sameSchoolAs(requirement.statedAs())) {
                try {
                    Reduction figures = Evaluation.of(requirement.stated(other), dial, sweep);
                    Verdict judged = AgainstLimit.of(
                            requirement, figures.judged(), circumstances.in(requirement, sweep, figures.budget()));
                    if (judged.outcome() != verdict.outcome()) {
                        notes.add(note(requirement, other, figures.judged(), judged));
                    }
                } catch (StationsUnfit e) {
                    // A figure these stations do not show decides nothing.
                    continue;
                }
            }
        }
        return notes;
    }

    private static boolean decided(Verdict verdict) {
        return verdict.outcome() == Outcome.PASS
                || verdict.outcome() == Outcome.FAIL
                || verdict.because() == Verdict.Because.WITHIN_UNCERTAINTY;
    }

    private static Note note(Requirement requirement, StatedAs other, double value, Verdict judged) {
        Bounds bounds = judged.bounds();
        double outside = bounds.outside(value);
        boolean size = requirement.characteristic().sized();
        return Note.of(
                "core.another-school-would-decide",
                other.title(),
                size ? Figure.size(Note.text(""), value) : Figure.deviation(value),
                judged.outcome().word(),
                Figure.deviation(Math.abs(outside)),
                outside > 0 ? Note.of("core.beyond-the-limit") : Note.of("core.within-the-limit"));
    }
}
