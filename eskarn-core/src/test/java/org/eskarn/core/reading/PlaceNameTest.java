package org.eskarn.core.reading;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlaceNameTest {

    @ParameterizedTest
    @CsvSource({
        "B1: upright, B1, upright",
        "upright, '', upright",
        ": level, '', level",
        "A : b: c, A, b: c",
        "'', '', ''"
    })
    void thePieceStandsBeforeTheFirstColon(String written, String group, String own) {
        assertThat(PlaceName.of(written)).isEqualTo(new PlaceName(group, own));
    }
}
