package org.eskarn.app.gauge;

import static org.assertj.core.api.Assertions.assertThat;

import org.eskarn.core.requirement.Characteristic;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Which kinds of gauge a requirement can ask for. */
class GaugeKindTest {

    @ParameterizedTest
    @EnumSource(Characteristic.class)
    void whatItIsUsuallyReadWithReadsItAndCanBeChosen(Characteristic what) {
        GaugeKind usual = GaugeKind.usual(what);
        assertThat(usual.reads(what)).isTrue();
        assertThat(GaugeKind.measuring()).contains(usual);
    }

    /** Leaves and pins tell sizes of gaps and holes alone, plugs and rings nothing but yes or no. */
    @ParameterizedTest
    @EnumSource(Characteristic.class)
    void whatIsTriedTellsNothingElse(Characteristic what) {
        boolean answered = what == Characteristic.FUNCTIONAL_FIT;
        assertThat(GaugeKind.FEELER_SET.reads(what)).isEqualTo(answered || what.triedWithLeaves());
        assertThat(GaugeKind.PINS.reads(what)).isEqualTo(answered || what.triedWithPins());
        assertThat(GaugeKind.PLUG.reads(what)).isEqualTo(answered);
        assertThat(GaugeKind.RING_GAUGE.reads(what)).isEqualTo(answered);
        if (what.bracketed()) {
            assertThat(GaugeKind.measuring())
                    .filteredOn(kind -> kind.reads(what))
                    .hasSize(1);
        }
    }
}
