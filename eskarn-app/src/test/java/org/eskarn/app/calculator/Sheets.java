package org.eskarn.app.calculator;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.eskarn.app.calculator.fits.FitCalculators;
import org.eskarn.app.calculator.fits.MeasuredSizes;
import org.eskarn.app.calculator.measure.MeasureCalculators;
import org.eskarn.app.calculator.shop.ShopCalculators;
import org.eskarn.app.calculator.thermal.ThermalCalculators;
import org.eskarn.app.running.Query;
import org.eskarn.core.units.LengthUnit;

/** The calculators that need no register and no docket, and what they say to an address. */
public final class Sheets {

    private static final MeasuredSizes NO_DOCKETS = new MeasuredSizes() {
        @Override
        public List<Listed> maps() {
            return List.of();
        }

        @Override
        public List<Listed> batches() {
            return List.of();
        }

        @Override
        public Optional<String> map(String key, LengthUnit unit) {
            return Optional.empty();
        }

        @Override
        public String batch(String key, LengthUnit unit) {
            return "";
        }
    };

    private static final Calculators ALL = new Calculators(List.of(
            new FitCalculators(NO_DOCKETS), new ThermalCalculators(), new MeasureCalculators(), new ShopCalculators()));

    private Sheets() {}

    public static Calculators all() {
        return ALL;
    }

    /** @param query the fields, as {@code size=50&turns=450} */
    public static Sheet of(String path, String query) {
        return Sheet.of(ALL.at(path).orElseThrow(), Query.fields(query));
    }

    /** The answer where nothing may be wrong with the fields. */
    public static Answer answer(String path, String query) {
        Sheet sheet = of(path, query);
        assertThat(sheet.problems()).as(query).isEmpty();
        return sheet.answer().orElseThrow(() -> new AssertionError("no answer to " + query));
    }
}
