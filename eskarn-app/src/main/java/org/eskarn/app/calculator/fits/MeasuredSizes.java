package org.eskarn.app.calculator.fits;

import java.util.List;
import java.util.Optional;
import org.eskarn.core.units.LengthUnit;

/** Sizes that were measured in dockets, as they are typed. */
public interface MeasuredSizes {

    /** @param hole whether it is of a bore */
    record Listed(String key, String title, boolean hole) {}

    List<Listed> maps();

    List<Listed> batches();

    Optional<String> map(String key, LengthUnit unit);

    /** Empty for none. */
    String batch(String key, LengthUnit unit);
}
