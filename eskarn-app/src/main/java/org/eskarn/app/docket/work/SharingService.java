package org.eskarn.app.docket.work;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.DocketMapper;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.FirstSweep;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.SetUpLock;
import org.eskarn.app.docket.Step;
import org.eskarn.app.docket.SweepRecord;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.page.Words;
import org.eskarn.app.part.Preparation;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What requirements of one piece share: one set of readings, or one set-up that stands as it stood. */
@Service
public class SharingService {

    private final DocketMapper mapper;
    private final DocketService dockets;
    private final SetUpLock lock;
    private final Clock clock;

    SharingService(DocketMapper mapper, DocketService dockets, SetUpLock lock, Clock clock) {
        this.mapper = mapper;
        this.dockets = dockets;
        this.lock = lock;
        this.clock = clock;
    }

    /**
     * Understands a requirement and says that it is read in the set-up of another one, in which nothing was moved: its gauge and
     * its preparation stand for this one too, and what was said of warmth, holder and plate. What is true of one surface alone is not
     * carried on: how the lever stands to it, and whether the slide made it.
     *
     * @param as the position of the other
     * @throws DocketConflict if the set-up changed since the page was made, or that of the other no longer stands
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void sameSetUp(int number, int position, int as, int version, long by) throws DocketConflict {
        SetUp setUp = lock.unchanged(number, position, version, by);
        Docket docket = dockets.find(number).orElseThrow();
        SetUp other = SameSetUp.of(docket, setUp, clock.instant(), clock.getZone())
                .filter(each -> each.requirement().position() == as)
                .orElseThrow(() -> new DocketConflict(Words.say("docket.that-set-up-no-longer-stands")));
        Instant now = clock.instant();
        long own = setUp.readId();
        SweepRecord held = other.sweep();
        Gauge second = held.secondGauge();
        mapper.setGauge(setUp.sweep().id(), held.gauge().id(), second == null ? null : second.id(), null, null);
        if (Long.valueOf(by).equals(held.unitSeenBy())) {
            mapper.seeUnit(setUp.sweep().id(), by, now);
        }
        mapper.insertStepDone(setUp.id(), null, Step.REQUIRE, by, now);
        mapper.insertStepDone(own, null, Step.GAUGE, by, now);
        for (Preparation line : setUp.requirement().preparations()) {
            mapper.insertPreparationDone(own, line.id(), by, now);
        }
        other.circumstance()
                .filter(said -> setUp.circumstance().isEmpty())
                .ifPresent(said -> mapper.insertCircumstance(said.forSetUp(own, by, now), by));
        // The arm is the same and sags the same; how the lever stands to another surface nobody has seen yet.
        if (other.sag() != null) {
            mapper.setCorrections(
                    own, setUp.corrections().drift(), other.sag(), other.sagUnit(), setUp.lever(), null, by, now);
        }
    }

    /**
     * Reads a requirement at the same time as another one, each with its own indicator.
     *
     * @param with the position of the other
     * @throws DocketConflict if the set-up changed since the page was made, or they cannot be read together
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void readBeside(int number, int position, int with, int version, long by) throws DocketConflict {
        SetUp setUp = lock.unchanged(number, position, version, by);
        lock.requireOwnEyes(setUp, by);
        SetUp other = lock.any(number, with, by);
        Docket docket = dockets.find(number).orElseThrow();
        if (TwoIndicators.offered(docket, setUp)
                .filter(offered -> offered.id() == other.id())
                .isEmpty()) {
            throw lock.changedMeanwhile(setUp);
        }
        mapper.setBeside(setUp.id(), other.id());
        mapper.setBeside(other.id(), setUp.id());
    }

    /**
     * Reads it by itself again.
     *
     * @throws DocketConflict if the set-up changed since the page was made
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void readSingly(int number, int position, int version, long by) throws DocketConflict {
        SetUp setUp = lock.unchanged(number, position, version, by);
        mapper.setBeside(setUp.readId(), null);
        if (setUp.beside().isPresent()) {
            mapper.setBeside(setUp.beside().get(), null);
        }
    }

    /**
     * Gives a requirement that is judged from another's readings a list of its own.
     *
     * @throws DocketConflict if the set-up changed since the page was made, it has its own already, or the shared ones were begun
     */
    @Transactional(rollbackFor = DocketConflict.class)
    public void readAlone(int number, int position, int version, long by) throws DocketConflict {
        SetUp setUp = lock.unchanged(number, position, version, by);
        if (setUp.readId() == setUp.id()) {
            throw lock.changedMeanwhile(setUp);
        }
        // Whoever does not like what the shared readings say of it would only have to read until others say better.
        if (!setUp.separable()) {
            throw new DocketConflict(Words.say("docket.these-readings-were-begun"));
        }
        lock.reopen(setUp, List.of(Step.VERDICT), by);
        mapper.setReadWith(setUp.id(), null);
        mapper.insertFirstAttempt(setUp.id(), by, clock.instant());
        SweepRecord shared = setUp.sweep();
        Gauge second = shared.secondGauge();
        mapper.insertSweeps(
                List.of(new FirstSweep(
                        setUp.id(),
                        shared.gauge().missing() ? null : (Long) shared.gauge().id(),
                        second == null || second.missing() ? null : (Long) second.id())),
                by,
                clock.instant());
    }
}
