package org.eskarn.app.docket.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.Step;
import org.eskarn.app.docket.TakenReading;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.app.running.Work;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A station found once the whole ring was read, and its return too. */
@ExtendWith(RunningEskarn.class)
class HuntTest {

    private static final String MARA = "m.quill";

    private Work work;

    @BeforeEach
    void open(Eskarn eskarn) throws Exception {
        int number = eskarn.openDocket(Eskarn.PINION_SHAFT);
        work = new Work(eskarn.context(), number, 1).prepare(MARA).zero(MARA);
    }

    private void hunt(String place) throws DocketConflict {
        work.bean(ReadingService.class)
                .addStation(work.number(), 1, work.setUp().sweep().id(), place, work.version(), work.id(MARA));
    }

    @Test
    void afterTheReturnTheReturnIsReadAgain() throws Exception {
        work.read(MARA, "0 2 5.5 9 12.5 9.5 5 2 0.5").confirm(MARA, Step.PROVE);
        hunt("200");
        SetUp setUp = work.setUp();
        assertThat(setUp.current()).isEqualTo(Step.SWEEP);
        assertThat(setUp.confirmation(Step.PROVE)).isEmpty();
        assertThat(setUp.sweep().nextPlace()).isEqualTo(9);
        work.read(MARA, "14 -0.5");
        assertThat(work.setUp().sweep().complete()).isTrue();
        assertThat(work.setUp().verdict().value()).isEqualTo(14.0);
        // What the return read first stands beside the return, not beside the station that has its place now.
        assertThat(work.setUp().sweep().replacedAt(9)).isEmpty();
        assertThat(work.setUp().sweep().replacedAt(10).stream().map(TakenReading::typed))
                .isEqualTo(List.of("0.5"));
        work.confirm(MARA, Step.PROVE, Step.VERDICT);
        assertThatThrownBy(() -> hunt("210")).isInstanceOf(DocketConflict.class);
    }

    @Test
    void aStationFoundByMistakeIsTakenAwayAndTheReturnIsReadAllTheSame() throws Exception {
        work.read(MARA, "0 2 5.5 9 12.5 9.5 5 2 0.5");
        hunt("200");
        work.bean(ReadingService.class)
                .takeStationAway(work.number(), 1, work.setUp().sweep().id(), work.version(), work.id(MARA));
        assertThat(work.setUp().sweep().complete()).isFalse();
        work.read(MARA, "1");
        assertThat(work.setUp().sweep().complete()).isTrue();
        assertThat(work.setUp().sweep().replacedAt(9).stream().map(TakenReading::typed))
                .isEqualTo(List.of("0.5"));
    }

    /** Whoever wants a bad return away does not get rid of it by looking for another high. */
    @Test
    void behindALostZeroNothingIsHunted() throws Exception {
        work.read(MARA, "0 2 5.5 9 12.5 9.5 5 2 7");
        assertThat(work.setUp().mayAddStation()).isFalse();
        assertThatThrownBy(() -> hunt("200")).isInstanceOf(DocketConflict.class);
    }
}
