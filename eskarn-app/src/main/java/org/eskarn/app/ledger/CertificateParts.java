package org.eskarn.app.ledger;

import static org.eskarn.app.ledger.Parts.choice;
import static org.eskarn.app.ledger.Parts.done;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Optional;
import org.eskarn.app.certificate.Certificate;
import org.eskarn.app.certificate.CertificateHead;
import org.eskarn.app.certificate.CertificateService;
import org.eskarn.app.certificate.CertificateWords;
import org.eskarn.app.certificate.ClaimLine;
import org.eskarn.app.certificate.Incomparable;
import org.eskarn.app.certificate.Judged;
import org.eskarn.app.certificate.JudgedClaim;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.ledger.document.CertificatePart;
import org.eskarn.app.ledger.document.CertificatePart.CertificateResult;
import org.eskarn.app.ledger.document.CertificatePart.ClaimPart;
import org.eskarn.app.ledger.document.CertificatePart.ClaimResult;
import org.eskarn.app.ledger.document.CertificatePart.ScanPart;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Units;
import org.springframework.stereotype.Component;

/** The maker’s certificate of a docket, for its document. */
@Component
class CertificateParts {

    private static final int DECIMALS = 4;

    private final CertificateService certificates;

    CertificateParts(CertificateService certificates) {
        this.certificates = certificates;
    }

    /** Empty where the piece came without one. */
    Optional<CertificatePart> of(Docket docket) {
        return certificates.of(docket).map(certificate -> of(certificate, docket));
    }

    private CertificatePart of(Certificate certificate, Docket docket) {
        CertificateHead head = certificate.head();
        Judged judged = Judged.of(certificate, docket);
        return new CertificatePart(
                head.maker(),
                head.model(),
                head.serial(),
                head.number(),
                head.dated() == null ? null : head.dated().toString(),
                head.signedBy(),
                head.standard(),
                head.celsius(),
                head.gaugeNamed(),
                head.gaugeReads(),
                head.gaugeUnit().symbol(),
                head.remarks(),
                done(head.enteredBy(), head.enteredByName(), head.enteredAt()),
                judged.claims().stream().map(CertificateParts::row).toList(),
                certificate.scans().stream()
                        .map(scan -> new ScanPart(
                                scan.name(),
                                scan.type(),
                                certificates.hash(scan),
                                done(scan.addedBy(), scan.addedByName(), scan.addedAt())))
                        .toList(),
                new CertificateResult(
                        CertificateWords.headline(judged),
                        CertificateWords.reliance(judged),
                        CertificateWords.remarks(judged)));
    }

    private static ClaimPart row(JudgedClaim judged) {
        ClaimLine line = judged.line();
        Incomparable why = line.incomparable();
        return new ClaimPart(
                line.position(),
                line.what(),
                line.place(),
                line.distance(),
                line.method(),
                line.unit().symbol(),
                line.allowed(),
                line.claimed(),
                line.uncertainty(),
                judged.setUp().map(setUp -> setUp.requirement().position()).orElse(null),
                why == null ? null : choice(why, why.title()),
                line.reason(),
                result(judged));
    }

    private static ClaimResult result(JudgedClaim judged) {
        Display display = judged.display(Units.AS_DRAWN);
        return new ClaimResult(
                choice(judged.finding(), judged.finding().title()),
                CertificateWords.meaning(judged, display),
                judged.measured().map(each -> micrometres(each.micrometres())).orElse(null),
                judged.measured()
                        .map(each -> display.amount(each.micrometres()))
                        .orElse(null),
                judged.measured()
                        .map(each -> display.knownTo(each.micrometres(), each.above(), each.below()))
                        .orElse(null),
                judged.compared().map(each -> micrometres(each.difference())).orElse(null),
                judged.compared().map(each -> display.signed(each.difference())).orElse(null),
                judged.compared().map(each -> micrometres(each.expanded())).orElse(null),
                judged.compared().map(each -> display.amount(each.expanded())).orElse(null),
                display.symbol());
    }

    private static String micrometres(double amount) {
        return BigDecimal.valueOf(amount)
                .setScale(DECIMALS, RoundingMode.HALF_UP)
                .toPlainString();
    }
}
