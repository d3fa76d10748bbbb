package org.eskarn.core.requirement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.eskarn.core.requirement.SuggestedOrder.Item;
import org.eskarn.core.uncertainty.Contribution.Source;
import org.eskarn.core.verdict.Outcome;
import org.eskarn.core.verdict.Verdict.Because;
import org.junit.jupiter.api.Test;

class JudgementTest {

    private static final Asked TWICE = Asked.of(
                    Characteristic.CIRCULAR_RUNOUT_RADIAL, Asked.atMost("0.020"), Asked.ring("3"))
            .repeats(2);

    private static Judgement judge(Assessment... sweeps) {
        return Judgement.of(TWICE.requirement(), List.of(sweeps));
    }

    @Test
    void theMeanOfTheGoodSweepsIsJudgedAndTheirScatterIsInTheUncertainty() {
        Judgement both = judge(TWICE.read(0, 10, 5), TWICE.read(0, 14, 5));
        assertThat(both.verdict().outcome()).isEqualTo(Outcome.PASS);
        assertThat(both.verdict().value()).isEqualTo(12);
        // s of 10 and 14 is √8; of the mean of two, √8/√2 = 2.
        assertThat(both.budget().orElseThrow().parts())
                .filteredOn(part -> part.source() == Source.REPEATS)
                .singleElement()
                .satisfies(part -> assertThat(part.standard()).isCloseTo(2, within(1e-12)));
    }

    @Test
    void oneGoodSweepOfTwoProvesNothingYetAndABadOneDoesNotCount() {
        Assessment good = TWICE.read(0, 10, 5);
        Assessment out = TWICE.returned(5.0, 0, 10, 5);
        assertThat(judge(good).verdict().because()).isEqualTo(Because.REPEATS_TO_GO);
        assertThat(judge(good).togo()).isEqualTo(1);
        assertThat(judge(good, out).verdict().because()).isEqualTo(Because.RETURN_OUT);
        assertThat(judge(good, out, good).verdict().outcome()).isEqualTo(Outcome.PASS);
        assertThat(judge(good, TWICE.returned(null, 0, 3)).verdict().because()).isEqualTo(Because.UNFINISHED);
    }

    @Test
    void datumsComeFirstThenWhatSharesAZeroAndWarmPartsLast() {
        assertThat(SuggestedOrder.of(List.of(
                        new Item(1, false, "micrometer", false),
                        new Item(2, false, "lever", true),
                        new Item(3, false, "lever", false),
                        new Item(4, true, "lever", false),
                        new Item(5, false, "micrometer", false))))
                .containsExactly(4, 1, 5, 3, 2);
    }
}
