package org.eskarn.app.table;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.eskarn.core.flat.Reversal;
import org.eskarn.core.units.LengthUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.ui.ExtendedModelMap;

/** The small calculators: truing without a docket, touching off, whose error it is. */
class ShopTest {

    private final ExtendedModelMap model = new ExtendedModelMap();

    private void touching(String finder, String pin, String one, String other, LengthUnit unit) {
        new ShopController().touching(finder, pin, one, other, unit, model);
    }

    @SuppressWarnings("unchecked")
    private Map<String, String> problems() {
        return (Map<String, String>) model.getOrDefault("problems", Map.of());
    }

    @Test
    void anEdgeFinderStandsHalfItselfAndHalfThePinFromTheCentre() {
        touching("10", "8", "100", "150", LengthUnit.MILLIMETRE);
        assertThat(model).containsEntry("distance", "9.0000").containsEntry("middle", "125.0000");
        assertThat(model.get("centres")).isEqualTo(List.of("109.0000", "91.0000"));
        assertThat(model).containsEntry("width", "40.0000").containsEntry("inside", "60.0000");
    }

    @Test
    void whatIsTypedInAnotherUnitIsThatLong() {
        touching("10", "8", "100", "150", LengthUnit.MILLIMETRE);
        Map<String, Object> metric = Map.copyOf(model);
        touching("0.3937007874 in", "8 mm", "100000 µm", "150", LengthUnit.MILLIMETRE);
        assertThat(model)
                .containsEntry("distance", metric.get("distance"))
                .containsEntry("middle", metric.get("middle"));
        assertThat(model.get("centres")).isEqualTo(metric.get("centres"));
    }

    @ParameterizedTest
    @CsvSource({"x, 8, 100, finder", "0, 8, 100, finder", "10, -8, 100, pin", "10, 8, five, one"})
    void whatCannotBeMeantIsSaid(String finder, String pin, String one, String field) {
        touching(finder, pin, one, "", LengthUnit.MILLIMETRE);
        assertThat(problems()).containsOnlyKeys(field);
        assertThat(model).doesNotContainKey("distance");
    }

    @Test
    void truingHalvesWhatIsLeftAndReadsEveryUnit() {
        ShopController shop = new ShopController();
        shop.truing("49 41 36.5", "30", "1", LengthUnit.MICROMETRE, model);
        Object next = model.get("next");
        assertThat(problems()).isEmpty();
        shop.truing("0.049 mm 41 0.0365mm", "0.03 mm", "1 µm", LengthUnit.MICROMETRE, model);
        assertThat(problems()).isEmpty();
        assertThat(model).containsEntry("next", next);
        shop.truing("49 -41", "30", "1", LengthUnit.MICROMETRE, model);
        assertThat(problems()).containsOnlyKeys("movements");
        shop.truing("1 ".repeat(61), "30", "1", LengthUnit.MICROMETRE, model);
        assertThat(problems()).containsOnlyKeys("movements");
    }

    private List<ReversalController.Line> reversal(Reversal how, String first, String second, String again) {
        new ReversalController().show(how, first, second, again, "1", model);
        assertThat(problems()).isEmpty();
        Object lines = model.get("lines");
        assertThat(lines).isInstanceOf(List.class);
        return ((List<?>) lines)
                .stream().map(ReversalController.Line.class::cast).toList();
    }

    /** Part and fixture add in the first set-up; turning one of them takes its error the other way. */
    @ParameterizedTest
    @CsvSource({"7, 3", "-12, 5", "0, 4", "30, -30", "2.5, 0.5"})
    void theSharesAreToldApart(double part, double fixture) {
        String first = String.valueOf(part + fixture);
        ReversalController.Line turned = reversal(Reversal.PART_TURNED, first, String.valueOf(fixture - part), "")
                .get(0);
        assertThat(number(turned.part())).isEqualTo(part);
        assertThat(number(turned.fixture())).isEqualTo(fixture);
        ReversalController.Line other = reversal(Reversal.FIXTURE_TURNED, first, String.valueOf(part - fixture), "")
                .get(0);
        assertThat(number(other.part())).isEqualTo(part);
        assertThat(number(other.fixture())).isEqualTo(fixture);
    }

    private static double number(String said) {
        return Double.parseDouble(said.replace('−', '-'));
    }

    /** Read a third time, it shows what moved in between; exactly as far as allowed has not. */
    @Test
    void whatMovedBetweenIsSeen() {
        List<ReversalController.Line> lines = reversal(Reversal.PART_TURNED, "7 30 12", "1 -20 4", "8 34 12.2");
        assertThat(lines).extracting(ReversalController.Line::moved).containsExactly(false, true, false);
        assertThat(model).containsEntry("checked", true);
    }

    @Test
    void asManyReadingsAreTakenAsBefore() {
        ReversalController controller = new ReversalController();
        controller.show(Reversal.PART_TURNED, "7 30", "1", "", "1", model);
        assertThat(problems()).containsOnlyKeys("second");
        controller.show(Reversal.PART_TURNED, "7 30", "1 2", "3", "1", model);
        assertThat(problems()).containsOnlyKeys("again");
        controller.show(Reversal.PART_TURNED, "7 x", "1 2", "", "1", model);
        assertThat(problems()).containsKey("first");
        assertThat(model).doesNotContainKey("lines");
    }
}
