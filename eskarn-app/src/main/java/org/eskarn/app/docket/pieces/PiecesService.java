package org.eskarn.app.docket.pieces;

import java.time.Clock;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.page.NotFound;
import org.eskarn.app.part.PartRequirement;
import org.eskarn.app.part.PartService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The newest docket of each piece of a part, and what was looked at because they differ. */
@Service
class PiecesService {

    /** As many as one compares at a glance; more are chosen by their serials. */
    static final int MOST = 60;

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
     * The newest docket of each piece of a revision, in the order of their serials.
     *
     * @param from the first serial; empty for no bound
     * @param to the last serial; empty for no bound
     */
    @Transactional(readOnly = true)
    public List<Docket> newest(long partId, String from, String to) {
        Set<String> serials = new HashSet<>();
        List<Docket> newest = new ArrayList<>();
        for (Docket docket : dockets.ofPart(partId, from, to, MOST)) {
            if (serials.add(docket.serial())) {
                newest.add(docket);
            }
        }
        newest.sort((one, other) -> one.serial().compareTo(other.serial()));
        return newest;
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
