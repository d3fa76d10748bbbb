package org.eskarn.app.calculator.shop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.eskarn.app.calculator.Sheets.answer;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.eskarn.app.calculator.Answer;
import org.eskarn.app.calculator.Sheets;
import org.eskarn.app.page.DetailsView;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The small calculators: reading a dial, truing without a docket, touching off, whose error it is. */
class ShopTest {

    private static Map<String, String> figures(Answer answer) {
        Map<String, String> figures = new TreeMap<>();
        answer.figures().forEach(line -> figures.put(line.name(), line.figure()));
        return figures;
    }

    @Test
    void anEdgeFinderStandsHalfItselfAndHalfThePinFromTheCentre() {
        Answer touched = answer("touching", "finder=10&pin=8&one=100&other=150");
        assertThat(touched.headline()).endsWith("9.0000 mm");
        assertThat(figures(touched).values())
                .containsExactlyInAnyOrder("109.0000", "91.0000", "125.0000", "40.0000", "60.0000");
        Answer otherwise = answer("touching", "finder=0.393700787 in&pin=8 mm&one=100000 µm&other=150");
        assertThat(otherwise.figures()).isEqualTo(touched.figures());
        assertThat(Sheets.of("touching", "finder=10&other=150").problems()).containsOnlyKeys("one");
    }

    @ParameterizedTest
    @CsvSource({"x, 8, 100, finder", "0, 8, 100, finder", "10, -8, 100, pin", "10, 8, five, one"})
    void whatCannotBeMeantIsSaid(String finder, String pin, String one, String field) {
        assertThat(Sheets.of("touching", "finder=" + finder + "&pin=" + pin + "&one=" + one)
                        .problems())
                .containsOnlyKeys(field);
    }

    @Test
    void aDialCountsTurnsAndDivisions() {
        Answer read = answer("dial", "graduation=10&unit=MICROMETRE&perTurn=100&turns=1&pointer=34.5");
        assertThat(read.headline()).isEqualTo("Plunger travel 1345.0 µm");
        assertThat(figures(read).values()).contains("134.5", "345.0 µm");
        // Left of zero, and in a unit of its own.
        assertThat(answer("dial", "graduation=0.01 mm&unit=MICROMETRE&perTurn=100&turns=0&pointer=-12")
                        .headline())
                .isEqualTo("Plunger travel −120 µm");
        assertThat(Sheets.of("dial", "pointer=101").problems()).containsOnlyKeys("pointer");
        assertThat(Sheets.of("dial", "pointer=10&turns=").problems()).containsOnlyKeys("turns");
        assertThat(Sheets.of("dial", "pointer=10&perTurn=").problems()).containsOnlyKeys("perTurn");
    }

    @Test
    void truingHalvesWhatIsLeftAndReadsEveryUnit() {
        Answer usual = answer("truing", "movements=49 41 36.5&limit=30&graduation=1&unit=MICROMETRE");
        Answer own = answer("truing", "movements=0.049 mm 41 0.0365mm&limit=0.03 mm&graduation=1 µm&unit=MICROMETRE");
        assertThat(own.figures()).isEqualTo(usual.figures()).isNotEmpty();
        assertThat(own.headline()).isEqualTo(usual.headline());
        assertThat(usual.cautions()).isNotEmpty();
        Answer ends = answer("truing", "movements=-9/40 0.041 mm/0 -20/16.5&limit=30&graduation=1&unit=MICROMETRE");
        assertThat(ends.figures()).as("lowest and highest alone").isEqualTo(usual.figures());
        assertThat(Sheets.of("truing", "movements=49 41/x").problems()).containsOnlyKeys("movements");
        assertThat(Sheets.of("truing", "movements=49 -41").problems()).containsOnlyKeys("movements");
        assertThat(Sheets.of("truing", "movements=" + "1 ".repeat(61)).problems())
                .containsOnlyKeys("movements");
    }

    private static List<DetailsView.Row> reversal(String query) {
        return answer("reversal", query).tables().get(0).rows();
    }

    /** Part and fixture add in the first set-up; turning one of them takes its error the other way. */
    @ParameterizedTest
    @CsvSource({"7, 3", "-12, 5", "0, 4", "30, -30", "2.5, 0.5"})
    void theSharesAreToldApart(double part, double fixture) {
        String first = "&first=" + (part + fixture) + "&second=";
        for (String query : List.of(
                "how=PART_TURNED" + first + (fixture - part), "how=FIXTURE_TURNED" + first + (part - fixture))) {
            List<String> cells = reversal(query).get(0).cells();
            assertThat(number(cells.get(2))).isEqualTo(part);
            assertThat(number(cells.get(3))).isEqualTo(fixture);
        }
    }

    private static double number(String said) {
        return Double.parseDouble(said.replace('−', '-'));
    }

    /** Read a third time, it shows what moved in between; exactly as far as allowed has not. */
    @Test
    void whatMovedBetweenIsSeen() {
        String query = "how=PART_TURNED&first=7 30 12&second=1 -20 4&again=8 34 12.2&allowed=";
        assertThat(reversal(query + "1"))
                .extracting(row -> row.cells().get(5))
                .containsExactly("yes", "no, something moved", "yes");
        assertThat(answer("reversal", query + "1").warnings()).hasSize(1);
        // What may differ has a unit too.
        assertThat(answer("reversal", query + "0.004 mm").warnings()).isEmpty();
        assertThat(answer("reversal", "first=7&second=1").remarks().toString()).contains("Not checked");
    }

    @Test
    void asManyReadingsAreTakenAsBefore() {
        assertThat(Sheets.of("reversal", "first=7 30&second=1").problems()).containsOnlyKeys("second");
        assertThat(Sheets.of("reversal", "first=7 30&second=1 2&again=3").problems())
                .containsOnlyKeys("again");
        assertThat(Sheets.of("reversal", "first=7 x&second=1 2").problems()).containsKey("first");
        assertThat(Sheets.of("reversal", "first=7&second=1&again=7&allowed=").problems())
                .containsOnlyKeys("allowed");
    }
}
