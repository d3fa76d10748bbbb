package org.eskarn.app.ledger.document;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A signed docket as it is kept for ever: everything its sheet shows and everything that was computed from. Decimals and times
 * are texts, so that nothing is rounded; what is absent is left out. Below {@code result} stands what was computed and how it
 * was said; all else is the record.
 *
 * @param number counting signed dockets from 1 without a gap
 * @param previous hash of the document before, or 64 zeros before the first
 * @param key fingerprint of the public key it is signed with
 * @param carriedOver what is said of a docket that was signed before there were documents
 * @param certificate the maker’s; absent where the piece came without one
 */
public record SignedDocument(
        String schema,
        int number,
        String previous,
        String key,
        Program program,
        DocketPart docket,
        DrawnPart part,
        List<RequirementPart> requirements,
        String outcome,
        SignaturePart signature,
        @Nullable CarriedOver carriedOver,
        @Nullable CertificatePart certificate) {

    public static final String SCHEMA = "eskarn-docket/1";

    /** The hash before the first document. */
    public static final String FIRST = "0".repeat(64);

    /** @param rules version of the rules of the job that the figures were computed by */
    public record Program(String version, String rules) {}

    public record DocketPart(
            int number,
            String serial,
            int piece,
            int pieces,
            String purpose,
            String askedBy,
            String due,
            Done opened,
            @Nullable GaugePart inspected,
            @Nullable SupersededPart supersedes) {}

    /** The signed docket whose place this one takes, and why. */
    public record SupersededPart(int docket, String reason) {}

    public record DrawnPart(
            long id,
            String drawing,
            String revision,
            String title,
            String material,
            @Nullable String expansion) {}

    /** @param zone of the times on the sheet */
    public record SignaturePart(Person by, Choice role, String at, String zone, String remark) {}

    /**
     * @param seal that it was signed under
     * @param unbroken whether the record still bore that seal out when it was carried over
     */
    public record CarriedOver(String at, String seal, String previousSeal, boolean unbroken, String statement) {}

    /**
     * One requirement with everything that was done about it.
     *
     * @param readWith the position of the requirement whose readings it is judged from; absent where it has its own
     * @param dialledIn how the part was dialled in before it was read; absent where it was not
     */
    public record RequirementPart(
            long id,
            int position,
            String title,
            DrawnRequirement asked,
            List<PreparationPart> preparations,
            List<StepPart> steps,
            List<LeftOutPart> leftOut,
            @Nullable CorrectionsPart corrections,
            @Nullable CircumstancePart circumstances,
            List<AttemptPart> attempts,
            @Nullable DecisionPart decision,
            List<RemedyPart> remedies,
            List<TruingPart> truing,
            Result result,
            @Nullable Integer readWith,
            @Nullable List<DialInPart> dialledIn) {}

    public record PreparationPart(
            boolean caution, String text, @Nullable Done done) {}

    public record StepPart(Choice step, @Nullable Long sweep, Done done) {}

    /** @param step absent where the whole requirement was left out */
    public record LeftOutPart(
            @Nullable Choice step, @Nullable Long sweep, String reason, Done left) {}

    /**
     * What is taken off the readings before anything is computed.
     *
     * @param reason why sag or angle was said only after something was read
     * @param said absent of the time before it was kept
     */
    public record CorrectionsPart(
            boolean drift,
            @Nullable Amount sag,
            @Nullable String leverDegrees,
            @Nullable String reason,
            @Nullable Done said) {}

    /**
     * What the figures rest on beside the gauge.
     *
     * @param celsius absent where no temperatures were said
     * @param holderFlex by how much one place reads otherwise from the other side
     * @param plate that part and gauge stand on, with its flatness
     * @param onSlide whether the indicator is carried by the slide that ground or guides the face; absent where nobody was asked
     * @param reason why it was said only after something was read
     */
    public record CircumstancePart(
            @Nullable CelsiusPart celsius,
            @Nullable Amount holderFlex,
            @Nullable PlatePart plate,
            @Nullable Boolean onSlide,
            @Nullable String reason,
            String words,
            Done said) {}

    /**
     * @param tolerance to which both are known, K
     * @param expansion of the part, 1e-6 per K
     * @param partTyped as it was typed with its unit; absent where that was °C, as are the two after it
     */
    public record CelsiusPart(
            String part,
            String gauge,
            String tolerance,
            String expansion,
            @Nullable String partTyped,
            @Nullable String gaugeTyped,
            @Nullable String toleranceTyped) {}

    public record PlatePart(PlateGauge gauge, String flatnessMicrometres) {}

    /** Which one it is, as it was called then. */
    public record PlateGauge(long id, String mark) {}

    /** @param correction what was done to the part before it; empty where nothing was written */
    public record AttemptPart(
            long id,
            int number,
            Choice kind,
            String correction,
            Done begun,
            List<SweepPart> sweeps,
            AttemptResult result) {}

    /** @param standing id of the attempt whose verdict stands */
    public record DecisionPart(long standing, String reason, Done decided) {}

    public record RemedyPart(
            long attempt,
            Choice kind,
            String what,
            @Nullable String predictedMicrometres,
            String uncertaintyMicrometres,
            Done decided,
            RemedyResult result) {}

    /** @param words prediction and recheck as they are said; empty where nothing was predicted */
    public record RemedyResult(String words) {}

    /** @param takenBack why and by whom, where it was mistyped; absent where it stands */
    public record TruingPart(
            long attempt,
            int number,
            String place,
            String what,
            String typed,
            String movementMicrometres,
            Done taken,
            @Nullable TakenBack takenBack) {}

    public record TakenBack(String reason, Done done) {}

    /**
     * One round of dialling a part in.
     *
     * @param readings as typed, with blanks between, in the order of the places
     * @param within what they were to agree within, as typed
     */
    public record DialInPart(
            long attempt,
            int number,
            List<String> places,
            String readings,
            List<String> micrometres,
            String within,
            String withinMicrometres,
            Done taken) {}

    /** The figures of a requirement as they were signed: see {@link Figures}. */
    public record Result(
            Choice standing,
            String line,
            String decidedFrom,
            @Nullable Figures figures,
            @Nullable AsFound asFound,
            @Nullable String inspectors,
            List<Named> further,
            List<TableResult> tables,
            List<String> remarks,
            List<Named> budget,
            Drawings drawings) {}

    /**
     * @param figure as it is said, with {@code unit}
     * @param uncertainty expanded, as it is said, with {@code unit}
     * @param uncertaintyBelow how far the true figure may lie below it, as {@code uncertainty}; absent where as far as above
     * @param coverageFactor absent for 2
     * @param degreesOfFreedom absent where they are not few
     * @param conformity probability that the true figure lies within the limits; absent where another rule decided
     */
    public record Figures(
            @Nullable String micrometres,
            @Nullable String figure,
            String unit,
            String uncertaintyMicrometres,
            String uncertainty,
            @Nullable String uncertaintyBelowMicrometres,
            @Nullable String uncertaintyBelow,
            @Nullable String lowerMicrometres,
            @Nullable String upperMicrometres,
            @Nullable String coverageFactor,
            @Nullable String degreesOfFreedom,
            Choice rule,
            @Nullable String conformity) {}

    public record AsFound(Choice outcome, @Nullable String figure, String words) {}

    public record Named(String name, String figure, String unit) {}

    public record TableResult(String title, List<String> columns, List<RowResult> rows) {}

    public record RowResult(String name, List<String> cells) {}

    /**
     * @param picture as SVG; its classes are those of Eskarn's style sheet
     * @param rule the verdict rule as SVG; empty where there is no figure
     */
    public record Drawings(String title, String scale, String offset, String picture, String rule) {}

    public record AttemptResult(
            Choice outcome, String words, @Nullable String figure) {}
}
