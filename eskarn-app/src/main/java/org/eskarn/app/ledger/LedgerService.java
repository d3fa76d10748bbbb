package org.eskarn.app.ledger;

import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.stream.Collectors;
import org.eskarn.app.account.Account;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.GaugeQuestions;
import org.eskarn.app.docket.Question;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.ledger.DocumentBuilder.Content;
import org.eskarn.app.ledger.Heads.Head;
import org.eskarn.app.ledger.WhenSigned.Signed;
import org.eskarn.app.ledger.document.CertificatePart;
import org.eskarn.app.ledger.document.CertificatePart.CertificateResult;
import org.eskarn.app.ledger.document.Json;
import org.eskarn.app.ledger.document.SignedDocument.SignaturePart;
import org.eskarn.app.page.Words;
import org.eskarn.app.signin.OwnPassword;
import org.eskarn.app.trust.SignedUses;
import org.eskarn.core.CoreVersion;
import org.eskarn.core.verdict.Outcome;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Signs dockets. */
@Service
public class LedgerService {

    private static final int LONGEST_REMARK = 600;

    private final DocumentBuilder documents;
    private final Signing signing;
    private final CheckRun run;
    private final SignedUses uses;
    private final DocketService dockets;
    private final GaugeQuestions questions;
    private final OwnPassword ownPassword;
    private final List<WhenSigned> told;
    private final Clock clock;

    LedgerService(
            DocumentBuilder documents,
            Signing signing,
            CheckRun run,
            SignedUses uses,
            DocketService dockets,
            GaugeQuestions questions,
            OwnPassword ownPassword,
            List<WhenSigned> told,
            Clock clock) {
        this.documents = documents;
        this.signing = signing;
        this.run = run;
        this.uses = uses;
        this.dockets = dockets;
        this.questions = questions;
        this.ownPassword = ownPassword;
        this.told = told;
        this.clock = clock;
    }

    /**
     * What a docket holds now beside its requirements.
     *
     * @param hash of the whole and of what is in question; signing needs it, so that nobody signs what they have not seen
     * @param questions what gauges put in question and nobody settled
     * @param certificate what is said of the maker’s certificate; null where the piece came without one
     */
    public record ToSign(
            String hash, List<Question> questions, @Nullable CertificateResult certificate) {}

    @Transactional(readOnly = true)
    public ToSign toSign(Docket docket) {
        Content content = documents.content(docket);
        CertificatePart certificate = content.certificate();
        List<Question> asked = inQuestion(docket);
        return new ToSign(hash(content, asked), asked, certificate == null ? null : certificate.result());
    }

    @Transactional(readOnly = true)
    public String contentHash(Docket docket) {
        return toSign(docket).hash();
    }

    private static String hash(Content content, List<Question> asked) {
        return Json.hash(Json.canonical(content))
                + asked.stream().map(question -> "-" + question.id()).collect(Collectors.joining());
    }

    private List<Question> inQuestion(Docket docket) {
        return questions.questionsOf(docket.number()).stream()
                .filter(question -> question.settledAt() == null)
                .toList();
    }

    static String titles(List<SetUp> setUps) {
        return setUps.stream().map(each -> each.requirement().title()).collect(Collectors.joining(", "));
    }

    /**
     * Looks at a remark before the password is asked for, and returns it as it will be kept.
     *
     * @throws SigningRefused if it is missing where something did not pass, too long, or holds the signer's password
     */
    public String remark(Docket docket, String typed, Account signer) throws SigningRefused {
        String remark = typed.strip();
        List<Question> asked = inQuestion(docket);
        if (remark.isEmpty() && !asked.isEmpty()) {
            String titles = asked.stream().map(Question::title).distinct().collect(Collectors.joining(", "));
            throw new SigningRefused("remark", Words.say("ledger.enter-why-it-stands-though-in-question", titles));
        }
        if (remark.isEmpty() && docket.outcome() != Outcome.PASS && docket.outcome() != Outcome.RECORDED) {
            throw new SigningRefused("remark", Words.say("ledger.not-all-passes-enter-what-happens-to"));
        }
        List<SetUp> before = docket.measuredBeforeWork();
        if (remark.isEmpty() && !before.isEmpty()) {
            throw new SigningRefused("remark", Words.say("ledger.enter-why-it-still-stands", titles(before)));
        }
        if (remark.length() > LONGEST_REMARK) {
            throw new SigningRefused("remark", Words.say("ledger.a-remark-has-600-characters-at-most"));
        }
        if (ownPassword.typedAs(signer, remark)) {
            throw SigningRefused.passwordAsRemark();
        }
        return remark;
    }

    /**
     * Signs a docket.
     *
     * @param seen the content hash of the page the signer looked at
     * @param remark what happens to the piece; needed unless all passes, where something was measured before the part was worked on, and
     *     where a gauge put something in question
     * @throws SigningRefused if a verdict is missing, inspectors do not agree on a pass, the docket changed since the signer
     *     looked, the remark is unfit, or the signing key is missing
     */
    @Transactional(rollbackFor = {SigningRefused.class, DocketConflict.class})
    public void sign(int number, String seen, String remark, Account signer) throws SigningRefused, DocketConflict {
        if (signing.key().id().isEmpty()) {
            throw new SigningRefused(
                    "docket",
                    Words.say(
                            "ledger.the-signing-key-is-missing-from-the",
                            signing.key().file().getFileName()));
        }
        Docket docket = dockets.lock(number, signer.id());
        if (!docket.settled()) {
            throw new SigningRefused(
                    "docket", Words.say("ledger.not-every-verdict-is-accepted-yet", String.join("; ", docket.open())));
        }
        Content content = documents.content(docket);
        if (!hash(content, inQuestion(docket)).equals(seen)) {
            throw new SigningRefused("docket", Words.say("ledger.somebody-changed-this-docket-after-you-opened"));
        }
        SignaturePart signature = new SignaturePart(
                Parts.done(signer.id(), signer.name(), clock.instant()).by(),
                Parts.choice(signer.role(), signer.role().title()),
                Parts.time(clock.instant().truncatedTo(ChronoUnit.MICROS)),
                documents.zone().getId(),
                remark(docket, remark, signer));
        Head document = signing.append(docket.id(), content, CoreVersion.CURRENT, signature, null);
        dockets.close(docket);
        uses.keep(docket);
        told.forEach(each ->
                each.signed(docket, new Signed(document.number(), document.hash(), signer.name(), signature.at())));
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {

            @Override
            public void afterCommit() {
                run.check(document.number());
            }
        });
    }
}
