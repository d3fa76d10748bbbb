package org.eskarn.app.part;

import java.math.BigDecimal;
import org.eskarn.app.page.Words;
import org.jspecify.annotations.Nullable;

/**
 * What a drawing number and revision describe.
 *
 * @param expansion of the material, µm per metre and kelvin; null where it is not known
 * @param opened whether dockets stand on this revision, so that it stays as it is
 * @param revisedFrom the revision before, if this one was made from it
 * @param quick whether it has no drawing and stands for one quick check
 */
public record Part(
        long id,
        String drawingNumber,
        String revision,
        String title,
        String material,
        @Nullable BigDecimal expansion,
        boolean opened,
        int version,
        @Nullable Long revisedFrom,
        boolean quick) {

    /** As it is called on paper. */
    public String number() {
        return Words.say("part.rev", drawingNumber, revision);
    }
}
