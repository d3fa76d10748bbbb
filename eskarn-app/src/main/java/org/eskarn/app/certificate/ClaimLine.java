package org.eskarn.app.certificate;

import java.math.BigDecimal;
import java.util.OptionalDouble;
import org.eskarn.app.page.Typed;
import org.eskarn.core.claim.Claim;
import org.eskarn.core.requirement.LimitUnit;
import org.jspecify.annotations.Nullable;

/**
 * One row of a certificate. Figures are kept as they are written.
 *
 * @param place where it was measured
 * @param distance over what length or at what distance
 * @param method how the maker says it was measured
 * @param allowed empty where the certificate states no limit
 * @param claimed empty where nothing is claimed
 * @param uncertainty of the claim; empty for half its last digit
 * @param requirementId the requirement that measures it; null where none does
 * @param incomparable why the measurement says nothing about the claim; null where it does
 * @param reason for that
 */
public record ClaimLine(
        long id,
        long certificateId,
        int position,
        String what,
        String place,
        String distance,
        String method,
        LimitUnit unit,
        String allowed,
        String claimed,
        String uncertainty,
        @Nullable Long requirementId,
        @Nullable Incomparable incomparable,
        String reason) {

    /** What is allowed, µm; NaN where nothing is. */
    public double allowedMicrometres(double radius) {
        return micrometres(allowed, radius).orElse(Double.NaN);
    }

    /** The figure claimed, µm; NaN where there is none. */
    public double claimedMicrometres(double radius) {
        return micrometres(claimed, radius).orElse(Double.NaN);
    }

    /** How far the claim is known, as it is written or from its last digit; null where nothing is claimed. */
    public @Nullable BigDecimal knownTo() {
        BigDecimal stated = Typed.decimal(uncertainty);
        BigDecimal figure = Typed.decimal(claimed);
        return stated != null || figure == null ? stated : Claim.halfLastDigit(figure);
    }

    /** The claim; only where there is one. */
    Claim claim(double radius) {
        BigDecimal known = knownTo();
        return Claim.of(claimedMicrometres(radius), known == null ? 0 : Math.abs(unit.micrometres(known, radius)));
    }

    /** Whether more is claimed than is allowed; that needs no measuring. */
    public boolean claimsMoreThanAllowed() {
        BigDecimal limit = Typed.decimal(allowed);
        BigDecimal figure = Typed.decimal(claimed);
        return limit != null && figure != null && figure.abs().compareTo(limit) > 0;
    }

    private OptionalDouble micrometres(String written, double radius) {
        BigDecimal figure = Typed.decimal(written);
        return figure == null ? OptionalDouble.empty() : OptionalDouble.of(unit.micrometres(figure, radius));
    }
}
