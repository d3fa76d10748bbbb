package org.eskarn.app.docket;

import static org.assertj.core.api.Assertions.assertThat;

import org.eskarn.app.docket.SizeMapService.Listed;
import org.eskarn.app.part.PartService;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.core.units.LengthUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Sizes measured in dockets, as they are put together in Tables. */
@ExtendWith(RunningEskarn.class)
class SizeMapServiceTest {

    /** The inch stack that set the zero is 0.06 µm over its size. */
    @Test
    void aMapIsWrittenAsItWasMeasured(Eskarn eskarn) {
        SizeMapService maps = eskarn.bean(SizeMapService.class);
        assertThat(maps.written("242/2", LengthUnit.MILLIMETRE))
                .contains("10: 32.02 32.018; 25: 32.014 32.013; 40: 32.009 32.007");
        assertThat(maps.written("243/1", LengthUnit.INCH))
                .contains("0.25: 1.250602 1.250702; 1: 1.250802 1.250852; 1.75: 1.250952 1.251002");
    }

    /** Sizes and distances both, whatever the drawing is in. */
    @Test
    void anInchMapCanBePutWithAMetricOne(Eskarn eskarn) {
        assertThat(eskarn.bean(SizeMapService.class).written("243/1", LengthUnit.MILLIMETRE))
                .hasValueSatisfying(written -> assertThat(written)
                        .startsWith("6.35: 31.7653 31.76784; ")
                        .contains("; 44.45: "));
    }

    /** A key that names nothing, something else than a map, or one not read whole, has no sizes. */
    @ParameterizedTest
    @ValueSource(strings = {"", "242", "242/9", "9999/1", "242/3", "241/x", "x/1", "215/1"})
    void whatIsNoWholeMapHasNoSizes(String key, Eskarn eskarn) {
        assertThat(eskarn.bean(SizeMapService.class).written(key, LengthUnit.MILLIMETRE))
                .isEmpty();
    }

    @Test
    void mapsAreListedWithTheSideTheyAreOf(Eskarn eskarn) {
        SizeMapService maps = eskarn.bean(SizeMapService.class);
        assertThat(maps.all())
                .filteredOn(listed -> listed.key().equals("242/2"))
                .singleElement()
                .satisfies(listed -> {
                    assertThat(listed.hole()).isTrue();
                    assertThat(listed.title()).contains("Gearcase half with seats VB-0451", "Pilot bore to H7");
                });
        assertThat(maps.all())
                .filteredOn(listed -> listed.key().equals("241/1"))
                .noneMatch(Listed::hole);
        assertThat(maps.all())
                .filteredOn(listed -> listed.key().equals("243/1"))
                .allMatch(listed -> listed.unit() == LengthUnit.INCH);
    }

    @Test
    void aBatchHasALineForEachPiece(Eskarn eskarn) {
        SizeMapService maps = eskarn.bean(SizeMapService.class);
        long part = eskarn.bean(PartService.class)
                .byNumber("TG-122", "A")
                .orElseThrow()
                .id();
        assertThat(maps.batches())
                .filteredOn(batch -> batch.key().equals(part + "/2"))
                .singleElement()
                .satisfies(batch -> assertThat(batch.hole()).isTrue());
        assertThat(maps.writtenBatch(part + "/2", LengthUnit.MILLIMETRE).lines())
                .contains("VB-0451 32.007 32.02", "VB-0470 32.003 32.005", "VB-0472 32.0205 32.023");
        assertThat(maps.writtenBatch("no/key", LengthUnit.MILLIMETRE)).isEmpty();
        assertThat(maps.writtenBatch("99999/1", LengthUnit.MILLIMETRE)).isEmpty();
    }
}
