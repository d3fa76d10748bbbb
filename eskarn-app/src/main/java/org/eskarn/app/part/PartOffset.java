package org.eskarn.app.part;

import java.math.BigDecimal;
import org.eskarn.core.remedy.Available;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;

/** An offset that exists for a part: a dowel, bush or shim. */
public record PartOffset(long id, long partId, Available.Kind kind, String name, BigDecimal amount, LengthUnit unit) {

    public Available available() {
        return new Available(kind, name, new Length(amount, unit));
    }
}
