package org.eskarn.app.ledger.document;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One pass over the layout.
 *
 * @param gauges one, or two where a pair was read with two
 * @param overridden why a gauge that was overdue, suspect, withdrawn or not calibrated was used
 * @param unitSeen who saw that bare numbers are in the other system of units than the drawing
 * @param signs which way the gauge was said to count, in the order said; the last holds
 * @param hunted how many of the stations, the last ones, were found while hunting
 * @param readings those that stand, by place; one more than stations where the zero was read again
 * @param replaced those that were taken back or corrected
 */
public record SweepPart(
        long id,
        int number,
        Done begun,
        List<GaugePart> gauges,
        @Nullable Overridden overridden,
        @Nullable Done unitSeen,
        List<SignPart> signs,
        List<ZeroPart> zeros,
        List<StationPart> stations,
        int hunted,
        List<ReadingPart> readings,
        List<ReplacedPart> replaced,
        @Nullable SetAsidePart setAside,
        SweepResult result) {

    public record Overridden(String reason, Person by) {}

    /** @param outwards whether plus was called when the plunger came out */
    public record SignPart(boolean outwards, String reason, Done said) {}

    /**
     * @param gauge 1, or 2 for the gauge of the second reading of each pair
     * @param masterId of the master; null in documents from before it was kept
     * @param settingMicrometres what {@code setting} is off what the gauge should have read on the master
     * @param recheckMicrometres the same when it was read again
     */
    public record ZeroPart(
            int gauge,
            String master,
            @Nullable Long masterId,
            String deviationMicrometres,
            String setting,
            String settingMicrometres,
            @Nullable String recheck,
            @Nullable String recheckMicrometres,
            @Nullable String uncertaintyMicrometres,
            Done set) {}

    public record StationPart(
            int number,
            String name,
            @Nullable String angle,
            @Nullable String along,
            @Nullable String across,
            @Nullable String line) {}

    /**
     * @param place number of the station; one more than the last for the return
     * @param other the second end of a band; absent of a needle that stood still
     * @param noted where round the part it was seen, in degrees; absent where nobody noted it
     * @param source how it came; absent where it was typed
     * @param reason why it stands in the place of another
     */
    public record ReadingPart(
            int place,
            String typed,
            String number,
            @Nullable String other,
            @Nullable String noted,
            String unit,
            @Nullable Choice source,
            @Nullable String reason,
            Done taken) {}

    /**
     * @param ended who took it back or put another in its place
     * @param ofReturn true where it was the return, whatever station has its place since; else absent
     */
    public record ReplacedPart(
            int place,
            String typed,
            boolean corrected,
            Done taken,
            @Nullable Done ended,
            @Nullable Boolean ofReturn) {}

    public record SetAsidePart(Choice cause, String reason, Done by) {}

    /**
     * @param readers in words, with their stations where there were several
     * @param figure as it is said; absent where there is none
     * @param takenOff what was really taken off its readings, in words; empty for nothing
     * @param returned how its zero came back, in words; empty where it is not read again
     */
    public record SweepResult(
            boolean counts,
            String readers,
            @Nullable String from,
            @Nullable String to,
            @Nullable String figure,
            String unit,
            String takenOff,
            String returned) {}
}
