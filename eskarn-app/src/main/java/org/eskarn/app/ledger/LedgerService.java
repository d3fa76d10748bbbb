package org.eskarn.app.ledger;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toMap;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import org.eskarn.app.account.Account;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.SetUp;
import org.eskarn.core.CoreVersion;
import org.eskarn.core.verdict.Outcome;
import org.eskarn.core.verdict.Verdict;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Signs dockets and shows the signed ones. */
@Service
public class LedgerService {

    private static final int LONGEST_REMARK = 600;
    /** Decimals of µm kept with a signed figure; far below anything a dial shows. */
    private static final int DECIMALS = 4;

    private final LedgerMapper ledger;
    private final DocketService dockets;
    private final Clock clock;

    LedgerService(LedgerMapper ledger, DocketService dockets, Clock clock) {
        this.ledger = ledger;
        this.dockets = dockets;
        this.clock = clock;
    }

    /** The seal of what a docket holds now; signing needs it, so that nobody signs what they have not seen. */
    public String contentSeal(Docket docket) {
        return Seal.ofContent(docket);
    }

    /**
     * Signs a docket.
     *
     * @param seen the content seal of the page the signer looked at
     * @param remark what is to be done with the piece; needed unless all passes
     * @throws SigningRefused if a verdict is missing, the docket changed since the signer looked, or the remark is
     *     missing or too long
     */
    @Transactional(rollbackFor = {SigningRefused.class, DocketConflict.class})
    public void sign(int number, String seen, String remark, Account signer) throws SigningRefused, DocketConflict {
        Docket docket = dockets.lock(number, signer.id());
        if (!docket.settled()) {
            throw new SigningRefused("docket", "Not every verdict is accepted yet: finish the requirements first.");
        }
        String content = Seal.ofContent(docket);
        if (!content.equals(seen)) {
            throw new SigningRefused(
                    "docket", "Somebody changed this docket after you opened the page: look at it again, then sign.");
        }
        String said = remark.strip();
        if (said.isEmpty() && docket.outcome() != Outcome.PASS && docket.outcome() != Outcome.RECORDED) {
            throw new SigningRefused(
                    "remark",
                    "Not all passes: write what is to be done with the piece, for example “regrind journal B”.");
        }
        if (said.length() > LONGEST_REMARK) {
            throw new SigningRefused("remark", "The remark is longer than 600 characters: shorten it.");
        }
        write(docket, content, said, signer);
        dockets.close(docket);
    }

    private void write(Docket docket, String content, String remark, Account signer) {
        SignatureRow unsealed = new SignatureRow(
                0,
                docket.row().id(),
                docket.outcome(),
                remark,
                signer.name(),
                signer.role(),
                // The database keeps microseconds; the seal must cover what it keeps.
                clock.instant().truncatedTo(ChronoUnit.MICROS),
                CoreVersion.CURRENT,
                "",
                ledger.lastSeal().orElse(Seal.FIRST));
        List<SignedVerdictRow> verdicts = verdicts(docket, 0);
        ledger.insertSignature(sealed(unsealed, Seal.of(content, unsealed, verdicts)), signer.id());
        long id = ledger.idOfSignature(docket.row().id());
        verdicts(docket, id).forEach(ledger::insertVerdict);
    }

    private static SignatureRow sealed(SignatureRow row, String seal) {
        return new SignatureRow(
                row.id(),
                row.docketId(),
                row.outcome(),
                row.remark(),
                row.signerName(),
                row.signerRole(),
                row.signedAt(),
                row.coreVersion(),
                seal,
                row.previousSeal());
    }

    private static List<SignedVerdictRow> verdicts(Docket docket, long signatureId) {
        return docket.setUps().stream()
                .sorted(java.util.Comparator.comparingLong(
                        setUp -> setUp.requirement().row().id()))
                .map(setUp -> verdict(setUp, signatureId))
                .toList();
    }

    private static SignedVerdictRow verdict(SetUp setUp, long signatureId) {
        Verdict verdict = setUp.verdict();
        boolean left = setUp.wholeLeftOut().isPresent();
        return new SignedVerdictRow(
                signatureId,
                setUp.requirement().row().id(),
                setUp.sweep().row().id(),
                left ? Outcome.NOT_PROVEN : verdict.outcome(),
                left ? null : kept(verdict.value()),
                kept(verdict.bounds().upper()),
                left ? BigDecimal.ZERO : rounded(verdict.expanded()),
                kept(verdict.bounds().lower()));
    }

    private static @Nullable BigDecimal kept(@Nullable Double micrometres) {
        return micrometres == null ? null : rounded(micrometres);
    }

    private static BigDecimal rounded(double micrometres) {
        return BigDecimal.valueOf(micrometres).setScale(DECIMALS, RoundingMode.HALF_UP);
    }

    /** All signed dockets, the newest first. */
    @Transactional(readOnly = true)
    public List<LedgerEntry> all() {
        Map<Long, Docket> byId =
                dockets.signed().stream().collect(toMap(docket -> docket.row().id(), Function.identity()));
        Map<Long, List<SignedVerdictRow>> verdicts =
                ledger.verdicts().stream().collect(groupingBy(SignedVerdictRow::signatureId));
        List<SignatureRow> signatures = ledger.signatures();
        List<LedgerEntry> entries = new ArrayList<>();
        for (int i = 0; i < signatures.size(); i++) {
            SignatureRow signature = signatures.get(i);
            String before = i + 1 < signatures.size() ? signatures.get(i + 1).seal() : Seal.FIRST;
            entries.add(LedgerEntry.of(
                    Objects.requireNonNull(byId.get(signature.docketId())),
                    signature,
                    verdicts.getOrDefault(signature.id(), List.of()),
                    before));
        }
        return entries;
    }

    @Transactional(readOnly = true)
    public Optional<LedgerEntry> find(int number) {
        return ledger.signatureOf(number)
                .flatMap(signature -> dockets.find(number)
                        .map(docket -> LedgerEntry.of(
                                docket,
                                signature,
                                ledger.verdictsOf(signature.id()),
                                ledger.sealBefore(signature.id()).orElse(Seal.FIRST))));
    }
}
