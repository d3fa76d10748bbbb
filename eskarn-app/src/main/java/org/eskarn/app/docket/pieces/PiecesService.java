package org.eskarn.app.docket.pieces;

import java.time.Clock;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.SerialOrder;
import org.eskarn.app.docket.Supersession;
import org.eskarn.app.page.NotFound;
import org.eskarn.app.part.PartRequirement;
import org.eskarn.app.part.PartService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The pieces of a part, and what was looked at because they differ. */
@Service
class PiecesService {

    /** As many dockets as one compares at a glance; others are chosen by their serials. */
    static final int MOST = 60;

    /** Serials that differ in their case alone are those of two pieces. */
    private static final Comparator<String> ORDER = new SerialOrder().thenComparing(Comparator.naturalOrder());

    private final DocketService dockets;
    private final PartService parts;
    private final PiecesMapper mapper;
    private final Clock clock;

    PiecesService(DocketService dockets, PartService parts, PiecesMapper mapper, Clock clock) {
        this.dockets = dockets;
        this.parts = parts;
        this.mapper = mapper;
        this.clock = clock;
    }

    /**
     * The pieces of a revision with their dockets, in the order of their serials; what is superseded counts no more.
     *
     * @param from the first serial; empty for no bound
     * @param to the last serial; empty for no bound
     */
    @Transactional(readOnly = true)
    public List<Piece> pieces(long partId, String from, String to) {
        List<Docket> all = dockets.ofPart(partId, from, to, MOST);
        Set<Integer> superseded = Supersession.among(all).keySet();
        Map<String, List<Docket>> bySerial = all.stream()
                .filter(docket -> !superseded.contains(docket.number()))
                .collect(Collectors.groupingBy(Docket::serial, () -> new TreeMap<>(ORDER), Collectors.toList()));
        return bySerial.entrySet().stream()
                .map(each -> new Piece(each.getKey(), each.getValue()))
                .toList();
    }

    @Transactional(readOnly = true)
    public List<CauseLookedAt> causes(long requirementId) {
        return mapper.causes(requirementId);
    }

    /** Notes that a cause was looked at, or that it was not after all; said twice it stays as it is. */
    @Transactional
    public void lookAt(long partId, int position, PieceCause cause, boolean looked, long by) {
        PartRequirement requirement = parts.requirements(partId).stream()
                .filter(each -> each.position() == position)
                .findFirst()
                .orElseThrow(NotFound::new);
        boolean there = mapper.causes(requirement.id()).stream().anyMatch(each -> each.cause() == cause);
        if (looked && !there) {
            mapper.insertCause(requirement.id(), cause, by, clock.instant());
        } else if (!looked) {
            mapper.deleteCause(requirement.id(), cause);
        }
    }
}
