package org.eskarn.core.simulate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.util.List;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.LayoutRejected;
import org.eskarn.core.reading.WrittenLayout;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SimulatedIndicatorTest {

    private static final Dial MICRON = new Dial(
            Length.of("1", LengthUnit.MICROMETRE),
            Length.of("1.5", LengthUnit.MICROMETRE),
            Length.of("200", LengthUnit.MICROMETRE));

    private static Layout layout(LayoutKind kind, String first, String second) throws LayoutRejected {
        return new WrittenLayout(kind, LengthUnit.MILLIMETRE, first, second).read(List.of("front", "back"));
    }

    @RepeatedTest(20)
    void theSameSeedShowsTheSameAndEveryReadingFitsOnTheDial(RepetitionInfo info) throws LayoutRejected {
        long seed = info.getCurrentRepetition();
        for (Layout layout : List.of(
                layout(LayoutKind.RING, "12", ""),
                layout(LayoutKind.RINGS, "10 60 110", "4"),
                layout(LayoutKind.GRID, "0 50 100", "0 30 60"),
                layout(LayoutKind.PAIRS, "2", ""))) {
            SimulatedIndicator one = SimulatedIndicator.of(seed, 1, 20, layout, MICRON);
            SimulatedIndicator same = SimulatedIndicator.of(seed, 1, 20, layout, MICRON);
            for (int place = 1; place <= layout.places(); place++) {
                double reading = one.at(place, SimulatedIndicator.PRELOAD).reading();
                assertThat(same.at(place, SimulatedIndicator.PRELOAD).reading()).isEqualTo(reading);
                assertThat(Math.abs(reading)).isLessThan(140);
                assertThat(one.way(place).get(one.way(place).size() - 1))
                        .isCloseTo(one.at(place, 0).needle(), within(1e-9));
            }
        }
    }

    @Test
    void anotherSweepOfTheSamePartDiffersByNoiseOnly() throws LayoutRejected {
        Layout ring = layout(LayoutKind.RING, "8", "");
        for (int place = 1; place <= 8; place++) {
            double first =
                    SimulatedIndicator.of(7, 1, 20, ring, MICRON).at(place, 0).reading();
            double second =
                    SimulatedIndicator.of(7, 2, 20, ring, MICRON).at(place, 0).reading();
            assertThat(second).isCloseTo(first, within(1.5));
        }
    }

    @ParameterizedTest
    @CsvSource({"60, 60, 0", "63.4, 60, 3.5", "56.3, 60, -3.5", "60.2, 60, 0", "160, 60, 1E+2"})
    void theBezelMovesTheZeroAndHalfADivisionIsRead(double plunger, double bezel, String reads) {
        DialFace face = new DialFace(plunger, bezel);
        assertThat(face.read(MICRON)).isEqualByComparingTo(new BigDecimal(reads));
        assertThat(face.zero()).isCloseTo(bezel * 3.6, within(1e-9));
        assertThat(face.needle()).isCloseTo(plunger * 3.6, within(1e-9));
    }
}
