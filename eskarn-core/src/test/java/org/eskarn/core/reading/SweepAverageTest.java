package org.eskarn.core.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

class SweepAverageTest {

    private static Layout ring(String angles, String... hunted) throws LayoutRejected {
        WrittenLayout written = WrittenLayout.ring(angles);
        List<Place> more = new ArrayList<>();
        for (String angle : hunted) {
            more.add(written.hunted(angle));
        }
        return written.read(List.of()).extended(more);
    }

    private static Sweep sweep(Layout layout, @Nullable Double back, double... micrometres) {
        List<Reading> readings = new ArrayList<>();
        for (int i = 0; i < micrometres.length; i++) {
            readings.add(new Reading(layout.stations().get(i), micrometres[i], i));
        }
        return new Sweep(layout, readings, back);
    }

    @Test
    void eachPlaceIsAveragedAndAHuntedOneByWhoeverReadIt() throws LayoutRejected {
        Sweep one = sweep(ring("4", "101.5"), 0.0, 0, 4, 8, 4, 9);
        Sweep two = sweep(ring("4", "200", "101.5"), 2.0, 0, 6, 8, 2, 7, 11);
        Sweep mean = SweepAverage.of(List.of(one, two), false).sweep();
        assertThat(mean.micrometres()).containsExactly(0, 5, 8, 3, 10, 7);
        assertThat(mean.readings().get(4).station().name()).isEqualTo("101.5°");
        assertThat(mean.readings().get(1).halfBand()).isEqualTo(1);
        assertThat(mean.atReturn()).isEqualTo(1);
        assertThat(mean.complete()).isTrue();
        Sweep three = sweep(ring("4"), 0.0, 0, 4.5, 9, 30);
        assertThat(SweepAverage.of(List.of(one, two, three), true).sweep().micrometres())
                .containsExactly(0, 4.5, 8, 4, 10, 7);
    }

    /** The scatter is that of the readings, wherever each sweep put its zero. */
    @Test
    void theScatterOfSimulatedSweepsIsTheirNoise() throws LayoutRejected {
        Random chance = new Random(7);
        Layout layout = ring("12");
        List<Sweep> sweeps = new ArrayList<>();
        for (int i = 0; i < 400; i++) {
            double zero = chance.nextDouble(-50, 50);
            double[] read = new double[12];
            for (int place = 0; place < 12; place++) {
                read[place] = zero + 10 * Math.cos(place) + 0.8 * chance.nextGaussian();
            }
            sweeps.add(sweep(layout, zero, read));
        }
        assertThat(SweepAverage.of(sweeps, false).scatter()).isCloseTo(0.8, within(0.02));
        assertThat(SweepAverage.of(List.of(sweeps.get(0)), false).scatter()).isZero();
    }

    @Test
    void wholeSizesKeepTheDifferenceBetweenSweepsInTheirScatter() throws LayoutRejected {
        Layout sizes = new WrittenLayout(LayoutKind.LINE, LengthUnit.MILLIMETRE, "10 20", "")
                .read(List.of())
                .returning(false);
        SweepAverage average = SweepAverage.of(List.of(sweep(sizes, null, 5, 5), sweep(sizes, null, 7, 7)), false);
        assertThat(average.scatter()).isCloseTo(Math.sqrt(2), within(1e-12));
        assertThatThrownBy(() -> SweepAverage.of(List.of(sweep(sizes, null, 5)), false))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
