package org.eskarn.app.calculator;

import java.util.List;
import org.eskarn.app.field.Field;
import org.eskarn.app.field.Quantity;
import org.eskarn.app.page.Words;
import org.eskarn.core.units.LengthUnit;

/** The unit that most calculators ask for first. */
public final class SizesIn {

    private SizesIn() {}

    /** mm with µm for what is small, or inches with tenths. */
    public static Field millimetresOrInches() {
        return Field.unit(
                        "unit",
                        Words.say("calculators.sizes-in"),
                        List.of(LengthUnit.MILLIMETRE, LengthUnit.INCH),
                        Quantity.SIZE,
                        Quantity.SMALL)
                .usually(LengthUnit.MILLIMETRE.name())
                .example(LengthUnit.MILLIMETRE.name());
    }
}
