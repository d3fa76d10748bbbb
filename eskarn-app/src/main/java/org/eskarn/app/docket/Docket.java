package org.eskarn.app.docket;

import java.util.List;
import java.util.Optional;
import org.eskarn.app.part.Part;
import org.eskarn.core.verdict.Outcome;

/**
 * The inspection of one piece, whole.
 *
 * @param setUps one for each requirement, in the order of the drawing
 */
public record Docket(DocketRow row, Part part, List<SetUp> setUps) {

    /** The set-up at a position of the drawing, from 1. */
    public Optional<SetUp> at(int position) {
        return setUps.stream()
                .filter(setUp -> setUp.requirement().row().position() == position)
                .findFirst();
    }

    /** The first set-up that is not settled, or the first of all. */
    public SetUp next() {
        return setUps.stream().filter(setUp -> !setUp.settled()).findFirst().orElse(setUps.get(0));
    }

    /** Whether every verdict has been accepted, so that the docket can be signed. */
    public boolean settled() {
        return setUps.stream().allMatch(SetUp::settled);
    }

    /** Fail if one requirement fails; pass if all pass; not proven otherwise. */
    public Outcome outcome() {
        if (setUps.stream().anyMatch(setUp -> setUp.verdict().outcome() == Outcome.FAIL)) {
            return Outcome.FAIL;
        }
        boolean allPass = setUps.stream().allMatch(setUp -> setUp.verdict().outcome() == Outcome.PASS);
        return allPass ? Outcome.PASS : Outcome.NOT_PROVEN;
    }
}
