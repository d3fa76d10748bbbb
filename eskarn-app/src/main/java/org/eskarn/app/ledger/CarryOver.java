package org.eskarn.app.ledger;

import java.math.BigDecimal;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.eskarn.app.docket.Attempt;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.GaugeInUse;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.SetUpDisplay;
import org.eskarn.app.docket.VerdictWords;
import org.eskarn.app.ledger.document.Person;
import org.eskarn.app.ledger.document.SignedDocument.CarriedOver;
import org.eskarn.app.ledger.document.SignedDocument.Result;
import org.eskarn.app.ledger.document.SignedDocument.SignaturePart;
import org.eskarn.app.page.Words;
import org.eskarn.core.verdict.Bounds;
import org.eskarn.core.verdict.Outcome;
import org.eskarn.core.verdict.Verdict;
import org.eskarn.core.verdict.Verdict.Because;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Writes the document of each docket that was signed before there were documents: once, in the order they were signed, all or
 * none. Verdict, value and uncertainty are those that were signed; the document says that it was carried over and whether the
 * record still bore out the seal of that time.
 */
@Component
class CarryOver {

    private static final String STATEMENT = Words.say("ledger.signed-before-signed-documents-were-kept-and");

    private final LedgerMapper ledger;
    private final DocketService dockets;
    private final DocumentBuilder builder;
    private final DrawingWriter drawings;
    private final Signing signing;
    private final Clock clock;

    CarryOver(
            LedgerMapper ledger,
            DocketService dockets,
            DocumentBuilder builder,
            DrawingWriter drawings,
            Signing signing,
            Clock clock) {
        this.ledger = ledger;
        this.dockets = dockets;
        this.builder = builder;
        this.drawings = drawings;
        this.signing = signing;
        this.clock = clock;
    }

    /**
     * Returns how many were carried over. Once there is a document there is nothing to carry over any more: a signature of the
     * old kind that turns up later is not to get one.
     */
    @Transactional
    public int all() {
        if (ledger.count() > 0 || !Heads.read(signing.heads()).isEmpty()) {
            return 0;
        }
        List<SignatureRow> signatures = ledger.withoutDocument();
        for (SignatureRow signature : signatures) {
            carry(signature, dockets.find(signature.docketNumber()).orElseThrow());
        }
        return signatures.size();
    }

    private void carry(SignatureRow signature, Docket docket) {
        List<SignedVerdictRow> verdicts = ledger.verdictsOf(signature.id());
        Map<Long, SignedVerdictRow> byRequirement =
                verdicts.stream().collect(Collectors.toMap(SignedVerdictRow::requirementId, Function.identity()));
        ResultParts results = new ResultParts(drawings);
        DocumentBuilder.Content content = builder.content(
                docket,
                setUp -> result(
                        results,
                        setUp,
                        Optional.ofNullable(
                                byRequirement.get(setUp.requirement().id())),
                        signature),
                signature.outcome().name());
        boolean unbroken = signature
                        .previousSeal()
                        .equals(ledger.sealBefore(signature.id()).orElse(LegacySeal.FIRST))
                && signature.seal().equals(LegacySeal.of(LegacySeal.ofContent(docket), signature, verdicts));
        signing.append(
                docket.id(),
                content,
                signature.coreVersion(),
                new SignaturePart(
                        new Person(signature.signedBy(), signature.signerName()),
                        Parts.choice(
                                signature.signerRole(), signature.signerRole().title()),
                        Parts.time(signature.signedAt()),
                        builder.zone().getId(),
                        signature.remark()),
                new CarriedOver(
                        Parts.time(clock.instant()), signature.seal(), signature.previousSeal(), unbroken, STATEMENT));
    }

    private static Result result(
            ResultParts results, SetUp setUp, Optional<SignedVerdictRow> row, SignatureRow signature) {
        if (row.isEmpty()) {
            return results.computed(setUp);
        }
        SignedVerdictRow signed = row.get();
        Attempt attempt = setUp.attempts().stream()
                .filter(each -> each.sweeps().stream().anyMatch(sweep -> sweep.id() == signed.sweepId()))
                .findFirst()
                .orElse(setUp.attempt());
        SetUp shown = setUp.showing(attempt);
        Verdict verdict = verdict(signed, setUp);
        boolean same = setUp.verdict().outcome() == verdict.outcome()
                && java.util.Objects.equals(
                        ResultParts.kept(setUp.verdict().value()), ResultParts.kept(verdict.value()));
        String line = same || setUp.wholeLeftOut().isPresent()
                ? VerdictWords.of(setUp, SetUpDisplay.figures(setUp)).line()
                : Words.say("ledger.as-signed-by-rules", signature.coreVersion());
        String from = attempt.sweeps().stream()
                .filter(sweep -> sweep.id() == signed.sweepId())
                .map(sweep -> Words.say("ledger.sweep", sweep.number(), GaugeInUse.DIAL.code()))
                .findFirst()
                .orElse("");
        return results.of(shown, verdict, line, setUp.wholeLeftOut().isPresent() ? "" : from);
    }

    private static Verdict verdict(SignedVerdictRow signed, SetUp setUp) {
        return new Verdict(
                signed.outcome(),
                signed.outcome() == Outcome.NOT_PROVEN ? Because.WITHIN_UNCERTAINTY : null,
                number(signed.figureMicrometres()),
                new Bounds(number(signed.lowerMicrometres()), number(signed.limitMicrometres())),
                signed.uncertaintyMicrometres().doubleValue(),
                setUp.requirement().limitTerms().decisionRule());
    }

    private static @Nullable Double number(@Nullable BigDecimal kept) {
        return kept == null ? null : (Double) kept.doubleValue();
    }
}
