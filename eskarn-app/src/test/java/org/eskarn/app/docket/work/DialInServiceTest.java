package org.eskarn.app.docket.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.eskarn.app.docket.AttemptKind;
import org.eskarn.app.docket.DialledIn;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.Step;
import org.eskarn.app.docket.work.DialInService.DialInForm;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.app.running.Work;
import org.eskarn.core.reading.EntryRejected;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A part is dialled in before it is measured; every round is kept with the docket. */
@ExtendWith(RunningEskarn.class)
class DialInServiceTest {

    private static final String MARA = "m.quill";

    private static Work open(Eskarn eskarn) {
        return Work.open(eskarn.context(), "TG-110", "C", 1, MARA);
    }

    private static void take(Work work, String within, String places, String readings)
            throws DocketConflict, EntryRejected {
        work.bean(DialInService.class)
                .take(work.number(), 1, new DialInForm(within, places, readings), work.version(), work.id(MARA));
    }

    @Test
    void everyRoundIsKeptAndTheLastSaysWhatIsLeft(Eskarn eskarn) throws Exception {
        Work work = open(eskarn);
        work.prepare(MARA);
        take(work, "10", "", "0 12 -4 3");
        take(work, "0.010 mm", "N; E; S; W", "0 4 -1 0.003 mm");
        assertThat(work.setUp().dialledInNow()).hasSize(2);
        DialledIn first = work.setUp().dialledInNow().get(0);
        assertThat(first.round().range()).isEqualTo(16);
        assertThat(first.round().done()).isFalse();
        assertThat(first.highest()).isEqualTo("2");
        assertThat(first.lowest()).isEqualTo("3");
        assertThat(first.withinTyped()).isEqualTo("10 µm");
        DialledIn second = work.setUp().dialledInNow().get(1);
        assertThat(second.typed()).isEqualTo("0 4 -1 0.003mm");
        assertThat(second.round().readings()).containsExactly(0.0, 4.0, -1.0, 3.0);
        assertThat(second.round().done()).isTrue();
        assertThat(second.highest()).isEqualTo("E");
        assertThat(second.withinTyped()).isEqualTo("0.010 mm");
    }

    @ParameterizedTest
    @CsvSource({
        "10, '', 4, at least two, 2 to 24 readings",
        "10, N E S, 0 1, fewer readings, 3 places have 2 readings",
        "10, N N, 0 1, a name twice, once",
        "0, '', 0 1, nothing allowed, greater than zero",
        "'', '', 0 1, no limit, greater than zero",
        "10, '', 0 x, no number, not-a-number",
        "10, '', 0 900000, beyond the travel, travel"
    })
    void whatDoesNotGoTogetherIsRefusedAndNothingIsKept(
            String within, String places, String readings, String why, String says, Eskarn eskarn) throws Exception {
        Work work = open(eskarn);
        work.prepare(MARA);
        assertThatThrownBy(() -> take(work, within, places, readings)).as(why).hasMessageContaining(says);
        assertThat(work.setUp().dialledIn()).isEmpty();
    }

    /** The cautions come before a hand goes near the part, and under readings it is not moved. */
    @Test
    void notBeforeTheCautionsAndNotUnderReadings(Eskarn eskarn) throws Exception {
        Work work = open(eskarn);
        work.confirm(MARA, Step.REQUIRE);
        assertThatThrownBy(() -> take(work, "10", "", "0 1")).hasMessageContaining("gauge first");
        work.confirm(MARA, Step.GAUGE);
        assertThat(work.setUp().nextCaution()).isPresent();
        assertThatThrownBy(() -> take(work, "10", "", "0 1")).hasMessageContaining("caution first");
        Work read = open(eskarn);
        read.prepare(MARA).sweep(MARA, "0 1 2 3 3 2 1 1 0");
        assertThatThrownBy(() -> take(read, "10", "", "0 1")).hasMessageContaining("stays as it is");
        read.confirm(MARA, Step.VERDICT).begin(MARA, AttemptKind.CORRECTED, "moved");
        take(read, "10", "", "0 1");
        assertThat(read.setUp().dialledInNow()).hasSize(1);
    }
}
