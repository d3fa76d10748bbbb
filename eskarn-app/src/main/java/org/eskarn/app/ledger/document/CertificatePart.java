package org.eskarn.app.ledger.document;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The maker’s certificate that came with the piece, and what was measured of its claims. Figures are as written on the paper.
 *
 * @param dated absent where it bears no day
 * @param temperature that it was measured at, as typed; empty where none is stated
 * @param gaugeReads to what the gauge reads that the maker names; empty where nothing is said
 */
public record CertificatePart(
        String maker,
        String model,
        String serial,
        String number,
        @Nullable String dated,
        String signedBy,
        String standard,
        String temperature,
        String gauge,
        String gaugeReads,
        String gaugeUnit,
        String remarks,
        Done entered,
        List<ClaimPart> rows,
        List<ScanPart> pages,
        CertificateResult result) {

    /**
     * @param requirement the position of the requirement that measures it; absent where none does
     * @param incomparable why the measurement says nothing of the claim; absent where it does
     */
    public record ClaimPart(
            int number,
            String what,
            String place,
            String over,
            String method,
            String unit,
            String allowed,
            String claimed,
            String claimKnownTo,
            @Nullable Integer requirement,
            @Nullable Choice incomparable,
            String reason,
            ClaimResult result) {}

    /** @param sha256 of the scanned file, which is kept beside the document */
    public record ScanPart(String name, String type, String sha256, Done added) {}

    /** @param remarks what is to be seen on paper alone */
    public record CertificateResult(String headline, String reliance, List<String> remarks) {}

    /**
     * What was measured less what is claimed.
     *
     * @param measured as it is said; absent where nothing was compared, as all below it
     */
    public record ClaimResult(
            Choice finding,
            String meaning,
            @Nullable String measuredMicrometres,
            @Nullable String measured,
            @Nullable String knownTo,
            @Nullable String differenceMicrometres,
            @Nullable String difference,
            @Nullable String uncertaintyMicrometres,
            @Nullable String uncertainty,
            String unit) {}
}
