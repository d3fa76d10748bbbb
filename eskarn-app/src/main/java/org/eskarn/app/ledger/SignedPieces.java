package org.eskarn.app.ledger;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.docket.SerialOrder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The signed dockets of a part that stand: those in whose place another was signed are left out. */
@Service
public class SignedPieces {

    /** As many as are listed, or stand in one report. */
    public static final int MOST = 500;

    private static final SerialOrder ORDER = new SerialOrder();

    private final LedgerMapper mapper;

    SignedPieces(LedgerMapper mapper) {
        this.mapper = mapper;
    }

    /** The newest signed docket in which a gauge was inspected. */
    @Transactional(readOnly = true)
    public Optional<Integer> inspectionOf(long gaugeId) {
        return Optional.ofNullable(mapper.inspectionOf(gaugeId));
    }

    /** The newest first, {@link #MOST} at most. */
    @Transactional(readOnly = true)
    public List<SignedPiece> latest(long partId) {
        return mapper.signedPieces(partId, MOST);
    }

    /** The serials from one to another as people count them, empty for no bound; all there are. */
    @Transactional(readOnly = true)
    public List<SignedPiece> between(long partId, String from, String to) {
        return mapper.signedPieces(partId, null).stream()
                .filter(piece -> ORDER.within(piece.serial(), from, to))
                .sorted(Comparator.comparing(SignedPiece::serial, ORDER).thenComparing(SignedPiece::docket))
                .toList();
    }
}
