package org.eskarn.app.certificate;

import java.util.List;
import org.eskarn.app.docket.Docket;
import org.eskarn.core.claim.ClaimFinding;
import org.eskarn.core.claim.ClaimPatterns;
import org.eskarn.core.result.Note;

/** A certificate beside what was measured of its piece. */
public record Judged(Certificate certificate, Docket docket, List<JudgedClaim> claims) {

    public static Judged of(Certificate certificate, Docket docket) {
        return new Judged(
                certificate,
                docket,
                certificate.claims().stream()
                        .map(line -> JudgedClaim.of(line, docket))
                        .toList());
    }

    /** The rows of which that was found. */
    public List<Integer> rows(ClaimFinding finding) {
        return claims.stream()
                .filter(each -> each.finding() == finding)
                .map(each -> each.line().position())
                .toList();
    }

    /** What is conspicuous about the claims as a whole. */
    public List<Note> patterns() {
        return ClaimPatterns.of(
                claims.stream()
                        .mapToDouble(each -> each.line().allowedMicrometres(each.radius()))
                        .toArray(),
                claims.stream()
                        .mapToDouble(each -> each.line().claimedMicrometres(each.radius()))
                        .toArray(),
                certificate.head().division());
    }
}
