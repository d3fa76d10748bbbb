package org.eskarn.core.claim;

import org.eskarn.core.result.Note;

/** What measuring says of a maker's claim. None of it says anything about the limit. */
public enum ClaimFinding {
    /** What was measured lies within the uncertainty of the difference. */
    UPHELD(Note.of("core.claim-upheld")),
    /** It lies worse than claimed by more than that, and was found so again. */
    CONTRADICTED(Note.of("core.claim-contradicted")),
    /** It lies worse than claimed by more than that, and was found so only once. */
    REPEAT(Note.of("core.claim-repeat")),
    /** It lies better than claimed by more than that. */
    BETTER(Note.of("core.claim-better")),
    /** It was measured, but not what or as the maker measured it. */
    NOT_COMPARABLE(Note.of("core.claim-not-comparable")),
    /** Nothing was measured that could be set against it. */
    NOT_TESTED(Note.of("core.claim-not-tested")),
    /** The maker claims nothing. */
    NOTHING_CLAIMED(Note.of("core.claim-nothing-claimed"));

    private final Note title;

    ClaimFinding(Note title) {
        this.title = title;
    }

    public Note title() {
        return title;
    }
}
