package org.eskarn.app.docket;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

class SerialOrderTest {

    private static final SerialOrder ORDER = new SerialOrder();

    @Test
    void serialsComeAsPeopleCountThem() {
        List<String> counted =
                List.of("7", "007", "12", "99999999999999999999", "VB-9", "vb-10", "VB-10-1", "VB-10-2", "VC-1");
        List<String> mixed = new ArrayList<>(counted);
        Collections.reverse(mixed);
        mixed.sort(ORDER);
        assertThat(mixed).isEqualTo(counted);
    }

    @Test
    void aRangeHoldsBothItsEnds() {
        assertThat(List.of("VB-8", "VB-9", "VB-10", "VB-11"))
                .filteredOn(serial -> ORDER.within(serial, "VB-9", "VB-10"))
                .containsExactly("VB-9", "VB-10");
        assertThat(List.of("VB-0500", "VB-0501", "vb-0508", "VB-0509"))
                .filteredOn(serial -> ORDER.within(serial, "VB-501", "VB-508"))
                .containsExactly("VB-0501", "vb-0508");
        assertThat(ORDER.within("anything", "", "")).isTrue();
    }
}
