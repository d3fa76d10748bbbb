package org.eskarn.app.remedy;

import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/**
 * The fields of corrections of flat things, as typed. Distances are in the unit of the layout.
 *
 * @param lies “levelled” where a face is ground after it was levelled to its zone; else as it lies
 * @param feed each downfeed, in the unit of the readings
 * @param atFeed the downfeed whose map is drawn
 * @param supports places where a part stands, as “A 0 0; B 200 0; C 100 150”
 * @param how “screws” where supports can be lowered too; else packing
 * @param pitch of a screw’s thread
 * @param screwDistance from the pivot of a guide to its screw
 * @param screwEnd “front” where the screw is at the front and the pivot at the back
 * @param eyes length over which a link is sprung
 * @param most the most that may be sprung over it, in the unit of the readings
 * @param workLength of the work the error matters for
 * @param reason why it is left as it is
 * @param readIn the unit that feed and most were typed in
 */
public record FlatForm(
        @Nullable String lies,
        @Nullable String feed,
        @Nullable String atFeed,
        @Nullable String supports,
        @Nullable String how,
        @Nullable String pitch,
        @Nullable String screwDistance,
        @Nullable String screwEnd,
        @Nullable String eyes,
        @Nullable String most,
        @Nullable String workLength,
        @Nullable String reason,
        @Nullable LengthUnit readIn) {

    static final FlatForm BLANK =
            new FlatForm(null, null, null, null, null, null, null, null, null, null, null, null, null);

    /** @param lies “levelled”, or anything else for as it lies */
    public static FlatForm ofGrinding(String lies, String feed, LengthUnit readIn) {
        return new FlatForm(lies, feed, null, null, null, null, null, null, null, null, null, null, readIn);
    }

    public boolean levelled() {
        return "levelled".equals(lies);
    }

    public boolean screws() {
        return "screws".equals(how);
    }

    public boolean screwInFront() {
        return "front".equals(screwEnd);
    }

    /** The same, without what was typed in another unit than readings are shown in now. */
    FlatForm in(LengthUnit unit) {
        return readIn == null || readIn == unit
                ? this
                : new FlatForm(
                        lies,
                        null,
                        atFeed,
                        supports,
                        how,
                        pitch,
                        screwDistance,
                        screwEnd,
                        eyes,
                        null,
                        workLength,
                        reason,
                        unit);
    }
}
