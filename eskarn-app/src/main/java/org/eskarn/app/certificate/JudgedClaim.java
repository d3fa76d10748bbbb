package org.eskarn.app.certificate;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.eskarn.app.docket.Attempt;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.Standing;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Units;
import org.eskarn.core.claim.ClaimCompared;
import org.eskarn.core.claim.ClaimFinding;
import org.eskarn.core.claim.Measured;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.Bounds;
import org.eskarn.core.verdict.Verdict;
import org.eskarn.core.verdict.Verdict.Because;
import org.jspecify.annotations.Nullable;

/**
 * A row of a certificate beside what was measured of it. Compared is what was found before anything was done to the piece: only that speaks of
 * what the maker delivered.
 *
 * @param setUp the requirement that measures it; empty where none does
 * @param verdict what was found as delivered; empty while there is nothing that can be compared
 * @param measured the same, for comparing
 * @param finding what it says of the claim
 * @param compared the difference; empty where nothing is compared
 * @param why there is nothing to compare although a requirement measures it; {@link Why#NOTHING} otherwise
 */
public record JudgedClaim(
        ClaimLine line,
        Optional<SetUp> setUp,
        Optional<Verdict> verdict,
        Optional<Measured> measured,
        ClaimFinding finding,
        Optional<ClaimCompared> compared,
        Why why) {

    /** Why a requirement that is to measure a row says nothing of it. */
    public enum Why {
        NOTHING,
        NOT_MEASURED_YET,
        NOT_PROVEN,
        RESTS_ON_LEFT_OUT,
        SIMULATED,
        WORKED_ON
    }

    static JudgedClaim of(ClaimLine line, Docket docket) {
        Optional<SetUp> setUp = docket.setUps().stream()
                .filter(each -> Long.valueOf(each.requirement().id()).equals(line.requirementId()))
                .findFirst();
        if (setUp.isEmpty()) {
            return compared(line, setUp, Optional.empty(), Optional.empty(), Why.NOTHING);
        }
        SetUp measuring = setUp.get();
        if (measuring.blind() || measuring.wholeLeftOut().isPresent()) {
            return compared(line, setUp, Optional.empty(), Optional.empty(), Why.NOT_MEASURED_YET);
        }
        List<Attempt> whole =
                measuring.attempts().stream().filter(Attempt::whole).toList();
        Optional<Attempt> delivered = delivered(docket, measuring, whole);
        if (delivered.isEmpty()) {
            return compared(
                    line,
                    setUp,
                    Optional.empty(),
                    Optional.empty(),
                    whole.isEmpty() ? Why.NOT_MEASURED_YET : Why.WORKED_ON);
        }
        Attempt found = delivered.get();
        boolean shown = found.id() == measuring.findings().shown().id();
        Verdict verdict = shown ? measuring.verdict() : found.verdict();
        Double value = verdict.value();
        if (value == null || !proves(verdict.because())) {
            return compared(line, setUp, Optional.empty(), Optional.empty(), Why.NOT_PROVEN);
        }
        if (measuring.showing(found).restsOnLeftOut()) {
            return compared(line, setUp, Optional.of(verdict), Optional.empty(), Why.RESTS_ON_LEFT_OUT);
        }
        if (measuring.sweeps().stream().anyMatch(sweep -> sweep.counts() && sweep.simulated())) {
            return compared(line, setUp, Optional.of(verdict), Optional.empty(), Why.SIMULATED);
        }
        return compared(
                line,
                setUp,
                Optional.of(verdict),
                Optional.of(new Measured(value, verdict.expanded(), verdict.below(), sweeps(measuring, found, shown))),
                Why.NOTHING);
    }

    /** Sweeps that do not agree, or inspectors, show no figure that could be held against anybody. */
    private static boolean proves(@Nullable Because because) {
        return because == null || because == Because.WITHIN_UNCERTAINTY;
    }

    private static Optional<Attempt> delivered(Docket docket, SetUp setUp, List<Attempt> whole) {
        Optional<Instant> worked =
                docket.setUps().stream().flatMap(SetUp::workedAt).min(Comparator.naturalOrder());
        List<Attempt> before = whole.stream()
                .filter(attempt -> worked.isEmpty() || attempt.readAt().isBefore(worked.get()))
                .toList();
        long shown = setUp.findings().shown().id();
        return before.stream()
                .filter(attempt -> attempt.id() == shown)
                .findFirst()
                .or(() -> before.stream().reduce((earlier, later) -> later));
    }

    /** What agreeing inspectors found counts together. */
    private static int sweeps(SetUp setUp, Attempt found, boolean shown) {
        boolean confirmed = shown
                && setUp.findings()
                        .inspectors()
                        .flatMap(results -> results.confirmed())
                        .isPresent();
        // One measured again stands on the sweeps of the attempt before it too.
        int own = found.judgement().counted().size();
        return Math.max(
                1,
                confirmed
                        ? setUp.findings().inspections().stream()
                                .mapToInt(each -> each.judgement().counted().size())
                                .sum()
                        : own);
    }

    private static JudgedClaim compared(
            ClaimLine line, Optional<SetUp> setUp, Optional<Verdict> verdict, Optional<Measured> measured, Why why) {
        if (line.claimed().isEmpty()) {
            return new JudgedClaim(line, setUp, verdict, measured, ClaimFinding.NOTHING_CLAIMED, Optional.empty(), why);
        }
        if (line.incomparable() != null || why == Why.WORKED_ON) {
            return new JudgedClaim(line, setUp, verdict, measured, ClaimFinding.NOT_COMPARABLE, Optional.empty(), why);
        }
        if (measured.isEmpty() || setUp.isEmpty()) {
            return new JudgedClaim(line, setUp, verdict, measured, ClaimFinding.NOT_TESTED, Optional.empty(), why);
        }
        ClaimCompared compared = ofSize(setUp.get())
                ? ClaimCompared.ofSize(line.claim(radius(setUp)), measured.get())
                : ClaimCompared.ofError(line.claim(radius(setUp)), measured.get());
        return new JudgedClaim(line, setUp, verdict, measured, compared.finding(), Optional.of(compared), why);
    }

    private static boolean ofSize(SetUp setUp) {
        return setUp.requirement().characteristic().sized()
                || setUp.requirement().characteristic().angular();
    }

    static double radius(Optional<SetUp> setUp) {
        return setUp.flatMap(each -> each.requirement().terms().basis().radius())
                .map(radius -> radius.micrometres())
                .orElse(0.0);
    }

    public double radius() {
        return radius(setUp);
    }

    /** Figures of a row are said in its own unit, or in what matches that in the other system. */
    public Display display(Units units) {
        return line.unit()
                .length()
                .map(length -> new Display(units.shown(length)))
                .orElseGet(() -> new Display(LengthUnit.MILLIMETRE, Math.max(radius(), 1)));
    }

    /** How the requirement that measures it stood as delivered; while that is not known, how it stands now. */
    public Optional<Standing> standing() {
        return verdict.map(found -> Standing.of(found.outcome())).or(this::asLeft);
    }

    /** How it stands now, after whatever was done to the piece. */
    public Optional<Standing> asLeft() {
        return setUp.filter(each -> !each.blind()).map(Standing::of);
    }

    /** Whether the certificate allows another amount than the requirement, by which the verdict goes. */
    public boolean otherLimit() {
        Bounds bounds = verdict.map(Verdict::bounds).orElse(Bounds.OPEN);
        double allowed = line.allowedMicrometres(radius());
        Double upper = bounds.upper();
        return verdict.isPresent()
                && !Double.isNaN(allowed)
                && !setUp.map(JudgedClaim::ofSize).orElse(false)
                && (upper == null || Math.abs(Objects.requireNonNull(upper) - allowed) > 1e-6);
    }
}
