package org.eskarn.app.docket.work;

import java.util.List;
import java.util.Optional;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.DocketMapper;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.SetUpLock;
import org.eskarn.app.docket.Step;
import org.eskarn.app.docket.SweepRecord;
import org.eskarn.app.page.Words;
import org.eskarn.app.part.LayoutTerms;
import org.eskarn.core.reading.LayoutRejected;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Conditions that are compared because whoever inspects wants to know whose an error is, not because the drawing names them. The worst
 * of them is judged, so that nobody reads on until one of them is good.
 */
@Service
class ConditionsService {

    private final DocketMapper mapper;
    private final DocketService dockets;
    private final SetUpLock lock;

    ConditionsService(DocketMapper mapper, DocketService dockets, SetUpLock lock) {
        this.mapper = mapper;
        this.dockets = dockets;
        this.lock = lock;
    }

    /**
     * Has a requirement read under conditions, or under none again.
     *
     * @param typed their names with semicolons between, or the one word that stands for usual ones; empty for none
     * @throws DocketConflict if the set-up changed since the page was made, it cannot be compared so, or its zero is set already
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void compare(int number, int position, String typed, int version, long by) throws DocketConflict {
        SetUp setUp = lock.unchanged(number, position, version, by);
        Docket docket = dockets.find(number).orElseThrow();
        List<String> names = LayoutTerms.conditionsMeant(typed.strip());
        Optional<String> refused = LayoutTerms.conditionsRefused(names);
        if (refused.isPresent()) {
            throw new DocketConflict(refused.get());
        }
        if (!offered(docket, setUp)) {
            throw new DocketConflict(Words.say("docket.conditions-are-chosen-before-the-zero"));
        }
        String conditions = LayoutTerms.written(names);
        try {
            setUp.requirement().readUnder(conditions);
        } catch (LayoutRejected e) {
            throw new DocketConflict(Words.of(e.note()));
        }
        lock.reopen(setUp, List.of(Step.REQUIRE), by);
        mapper.setConditions(setUp.id(), conditions);
    }

    /** Whether conditions can be chosen now: nothing rests on the stations as they are yet. */
    static boolean offered(Docket docket, SetUp setUp) {
        return setUp.requirement().mayHaveConditions()
                && setUp.requirement().layout().conditions().equals(setUp.conditionsChosen())
                && setUp.readId() == setUp.id()
                && docket.setUps().stream().noneMatch(other -> other.id() != setUp.id() && other.readId() == setUp.id())
                && setUp.beside().isEmpty()
                && !setUp.done(Step.ZERO)
                && setUp.sweeps().stream().noneMatch(SweepRecord::touched);
    }
}
