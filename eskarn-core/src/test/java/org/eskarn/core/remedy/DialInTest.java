package org.eskarn.core.remedy;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Comparator;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class DialInTest {

    /** Where it is zeroed makes no difference, nor which place is touched first. */
    @RepeatedTest(20)
    void onlyWhatLiesBetweenThePlacesCounts(RepetitionInfo info) {
        Random chance = new Random(info.getCurrentRepetition());
        List<Double> readings = chance.doubles(4, -50, 50).boxed().toList();
        DialIn round = new DialIn(readings, 30);
        double expected = readings.stream().max(Comparator.naturalOrder()).orElseThrow()
                - readings.stream().min(Comparator.naturalOrder()).orElseThrow();
        assertThat(round.range()).isEqualTo(expected);
        assertThat(round.done()).isEqualTo(expected <= 30);
        DialIn elsewhere = new DialIn(readings.stream().map(each -> each + 17).toList(), 30);
        assertThat(elsewhere.highest()).isEqualTo(round.highest());
        assertThat(elsewhere.lowest()).isEqualTo(round.lowest());
    }

    @Test
    void exactlyWhatIsAllowedIsWellEnough() {
        assertThat(new DialIn(List.of(0.1 + 0.2, 0.0), 0.3).done()).isTrue();
        assertThat(new DialIn(List.of(0.0, 0.31), 0.3).done()).isFalse();
        assertThatThrownBy(() -> new DialIn(List.of(0.0), 0.3)).hasMessageContaining("not at 1");
        assertThatThrownBy(() -> new DialIn(List.of(0.0, 1.0), 0)).hasMessageContaining("above zero, not 0.0");
    }
}
