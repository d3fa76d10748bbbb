package org.eskarn.app.certificate;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.eskarn.app.docket.Standing;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Typed;
import org.eskarn.app.page.Units;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.CertificateBar;
import org.eskarn.core.claim.ClaimFinding;
import org.eskarn.core.claim.Measured;
import org.eskarn.core.requirement.LimitUnit;

/**
 * A row of a certificate as it is said.
 *
 * @param allowed as it is written; converted only where another unit is wanted
 * @param measured the figure found, without what it is known to; empty where there is none
 * @param knownTo how far the true figure may lie from it
 * @param bar empty where neither a limit nor a figure can be drawn
 */
public record ClaimView(
        JudgedClaim judged,
        String allowed,
        String claimed,
        String measured,
        String knownTo,
        String symbol,
        Optional<CertificateBar> bar,
        Standing standing,
        String finding) {

    static ClaimView of(JudgedClaim judged, Units units) {
        Display display = judged.display(units);
        ClaimLine line = judged.line();
        double radius = judged.radius();
        double allowed = line.allowedMicrometres(radius);
        double claimed = line.claimedMicrometres(radius);
        boolean sized = judged.setUp()
                .map(setUp -> setUp.requirement().characteristic().sized())
                .orElse(false);
        boolean nothing = Double.isNaN(allowed) && Double.isNaN(claimed)
                || line.unit() == LimitUnit.DEGREE && judged.setUp().isEmpty();
        return new ClaimView(
                judged,
                written(line, line.allowed(), allowed, display),
                written(line, line.claimed(), claimed, display)
                        + (line.uncertainty().isEmpty() ? "" : " ±" + known(line, display, radius)),
                judged.verdict()
                        .flatMap(verdict -> judged.measured())
                        .map(found -> amount(found, display))
                        .orElse(""),
                judged.measured()
                        .map(found -> display.knownTo(found.micrometres(), found.above(), found.below()))
                        .orElse(""),
                display.symbol(),
                sized || nothing
                        ? Optional.empty()
                        : Optional.of(CertificateBar.of(allowed, claimed, judged.measured(), display)),
                judged.standing().orElse(Standing.OPEN),
                Words.of(judged.finding().title()));
    }

    private static String amount(Measured found, Display display) {
        return display.amount(found.micrometres());
    }

    private static String written(ClaimLine line, String typed, double micrometres, Display display) {
        if (typed.isEmpty() || asWritten(line, display)) {
            return typed.replace('-', '\u2212');
        }
        return display.amount(micrometres);
    }

    private static boolean asWritten(ClaimLine line, Display display) {
        return line.unit().symbol().equals(display.symbol());
    }

    private static String known(ClaimLine line, Display display, double radius) {
        BigDecimal stated = Typed.decimal(line.uncertainty());
        return stated == null || asWritten(line, display)
                ? line.uncertainty()
                : display.amount(line.unit().micrometres(stated, radius));
    }

    /** Where, and over what length. */
    public String where() {
        return Stream.of(judged.line().place(), judged.line().distance())
                .filter(part -> !part.isEmpty())
                .collect(Collectors.joining(", "));
    }

    public boolean contradicted() {
        return judged.finding() == ClaimFinding.CONTRADICTED;
    }

    public boolean upheld() {
        return judged.finding() == ClaimFinding.UPHELD || judged.finding() == ClaimFinding.BETTER;
    }
}
