package org.eskarn.app.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.util.Map;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** A form is filled from fields as a request fills it; what is none of its choices is refused and not left out. */
class FormFieldsTest {

    record Inner(@Nullable String name) {}

    record Outer(
            @Nullable LengthUnit unit,
            @Nullable BigDecimal amount,
            @Nullable String note,
            @Nullable Inner inner) {}

    @Test
    void fillsWhatWasTypedAndLeavesTheRestEmpty() {
        assertThat(FormFields.bind(Outer.class, Map.of("unit", "INCH", "amount", "0.7500", "note", " as found ")))
                .isEqualTo(new Outer(LengthUnit.INCH, new BigDecimal("0.7500"), " as found ", null));
        assertThat(FormFields.bind(Outer.class, Map.of("inner.name", "bore", "unit", "")))
                .isEqualTo(new Outer(null, null, null, new Inner("bore")));
    }

    @Test
    void refusesWhatIsNoChoiceAndWhatIsNoNumber() {
        assertThatThrownBy(() -> FormFields.bind(Outer.class, Map.of("unit", "FURLONG")))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("FURLONG");
        assertThatThrownBy(() -> FormFields.bind(Outer.class, Map.of("amount", "about 3")))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("about 3");
    }
}
