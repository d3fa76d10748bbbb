package org.eskarn.core.claim;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.util.OptionalDouble;
import java.util.Random;
import org.eskarn.core.result.Note;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class ClaimComparedTest {

    @Test
    void whatWasMeasuredIsSetAgainstTheClaimWithTheUncertaintyOfBoth() {
        ClaimCompared face = ClaimCompared.ofError(Claim.of(2, 0.5), new Measured(9.5, 1.6, 1.6, 2));
        assertThat(face.finding()).isEqualTo(ClaimFinding.CONTRADICTED);
        assertThat(face.difference()).isCloseTo(7.5, within(1e-12));
        assertThat(face.expanded()).isCloseTo(Math.sqrt(1.6 * 1.6 + 0.25), within(1e-12));
        assertThat(face.times()).isGreaterThan(4);

        assertThat(ClaimCompared.ofError(Claim.of(2, 0.5), new Measured(8, 6.5, 6.5, 2))
                        .finding())
                .isEqualTo(ClaimFinding.UPHELD);
        assertThat(ClaimCompared.ofError(Claim.of(6, 0.5), new Measured(3, 1, 1, 1))
                        .finding())
                .isEqualTo(ClaimFinding.BETTER);
    }

    @Test
    void aContradictionFoundOnceIsRepeatedBeforeItCounts() {
        assertThat(ClaimCompared.ofError(Claim.of(2, 0.5), new Measured(9.5, 1.6, 1.6, 1))
                        .finding())
                .isEqualTo(ClaimFinding.REPEAT);
    }

    @Test
    void aDifferenceOfExactlyItsUncertaintyContradictsNothing() {
        assertThat(ClaimCompared.ofError(Claim.of(2, 3), new Measured(7, 4, 4, 5))
                        .finding())
                .isEqualTo(ClaimFinding.UPHELD);
        assertThat(ClaimCompared.ofError(Claim.of(2, 0), new Measured(2.3, 0.3, 0.3, 5))
                        .finding())
                .isEqualTo(ClaimFinding.UPHELD);
    }

    @Test
    void onlyTheUncertaintyTowardsTheClaimHindersAContradiction() {
        assertThat(ClaimCompared.ofError(Claim.of(2, 0), new Measured(8, 20, 1, 2))
                        .finding())
                .isEqualTo(ClaimFinding.CONTRADICTED);
        assertThat(ClaimCompared.ofError(Claim.of(2, 0), new Measured(8, 1, 20, 2))
                        .finding())
                .isEqualTo(ClaimFinding.UPHELD);
        // −8 may really be −7 by what lies above it.
        assertThat(ClaimCompared.ofError(Claim.of(2, 0), new Measured(-8, 1, 20, 2))
                        .finding())
                .isEqualTo(ClaimFinding.CONTRADICTED);
    }

    @Test
    void aSizeThatIsOffEitherWayContradicts() {
        for (double off : new double[] {-5, 5}) {
            assertThat(ClaimCompared.ofSize(Claim.of(50_000, 0.5), new Measured(50_000 + off, 2, 2, 2))
                            .finding())
                    .isEqualTo(ClaimFinding.CONTRADICTED);
        }
    }

    /** Another unit or a mirrored error changes no finding, and more uncertainty never turns upheld into contradicted. */
    @RepeatedTest(200)
    void theFindingHangsOnTheRatioOfDifferenceAndUncertaintyAlone(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        double claim = random.nextDouble() * 10;
        double found = random.nextDouble() * 20;
        double u = random.nextDouble() * 6;
        double own = random.nextDouble();
        ClaimFinding finding = ClaimCompared.ofError(Claim.of(claim, own), new Measured(found, u, u, 2))
                .finding();
        assertThat(ClaimCompared.ofError(
                                Claim.of(25.4 * claim, 25.4 * own), new Measured(25.4 * found, 25.4 * u, 25.4 * u, 2))
                        .finding())
                .isEqualTo(finding);
        assertThat(ClaimCompared.ofError(Claim.of(claim, own), new Measured(-found, u, u, 2))
                        .finding())
                .isEqualTo(finding);
        if (finding == ClaimFinding.UPHELD) {
            assertThat(ClaimCompared.ofError(Claim.of(claim, own), new Measured(found, u + 1, u + 1, 2))
                            .finding())
                    .isEqualTo(ClaimFinding.UPHELD);
        }
    }

    @Test
    void aClaimIsKnownToHalfItsLastDigit() {
        assertThat(Claim.halfLastDigit(new BigDecimal("2"))).isEqualByComparingTo("0.5");
        assertThat(Claim.halfLastDigit(new BigDecimal("2.0"))).isEqualByComparingTo("0.05");
        assertThat(Claim.halfLastDigit(new BigDecimal("0.004"))).isEqualByComparingTo("0.0005");
        assertThat(Claim.halfLastDigit(new BigDecimal("1E+1"))).isEqualByComparingTo("5");
        assertThatIllegalArgumentException().isThrownBy(() -> Claim.of(2, -1)).withMessageContaining("-1.0");
    }

    @Test
    void claimsThatAreAllTheSameShareOrFinerThanTheGaugeAreConspicuous() {
        double[] allowed = {12, 15, 10, 20, 8, 30};
        assertThat(ClaimPatterns.of(allowed, new double[] {2, 2, 1, 2, 1, 3}, OptionalDouble.of(2)))
                .contains(Note.of("core.claims-between-shares", 6, 6, 10L, 6L))
                .contains(Note.of("core.claims-finer-than-the-gauge", 2, 6));
        assertThat(ClaimPatterns.of(allowed, new double[] {1.2, 1.5, 1, 2, 0.8, 3}, OptionalDouble.empty()))
                .containsExactly(Note.of("core.claims-all-a-share", 6, 6, 10L));
        assertThat(ClaimPatterns.of(allowed, new double[] {3, 3, 3, 3, 3, 3}, OptionalDouble.empty()))
                .contains(Note.of("core.claims-the-same-figure", 6, 6));
    }

    @Test
    void ordinaryClaimsAreNotConspicuous() {
        double[] allowed = {12, 15, 10, 20, 8, 30, Double.NaN};
        assertThat(ClaimPatterns.of(allowed, new double[] {7, 4, 9, 11, 2, 25, 3}, OptionalDouble.of(1)))
                .isEmpty();
        assertThat(ClaimPatterns.of(new double[] {10, 10, 10}, new double[] {1, 1, 1}, OptionalDouble.empty()))
                .as("three are too few")
                .isEmpty();
    }
}
