package org.eskarn.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class IsoLimitsTest {

    private static Deviations limits(String millimetres, String written) throws FitUndefined {
        return IsoLimits.of(
                new BigDecimal(millimetres), ToleranceClass.written(written).orElseThrow());
    }

    /** Limits as they are printed in any collection of fits. */
    @ParameterizedTest
    @CsvSource({
        "45, k5, 2, 13",
        "85, J7, -13, 22",
        "32, H7, 0, 25",
        "32, g6, -25, -9",
        "3, H7, 0, 10",
        "3, K7, -10, 0",
        "3, N9, -29, -4",
        "10, N9, -36, 0",
        "6, P7, -20, -8",
        "30, K7, -15, 6",
        "30, M7, -21, 0",
        "30, N7, -28, -7",
        "30, P7, -35, -14",
        "30, P8, -55, -22",
        "300, M6, -41, -9",
        "50, s6, 43, 59",
        "50, S7, -59, -34",
        "100, u6, 124, 146",
        "250, js7, -23, 23",
        "100, js6, -11, 11",
        "100, JS7, -17.5, 17.5",
        "8, j8, , ",
        "2, j8, -6, 8",
        "30, k8, 0, 33",
        "2, k6, 0, 6",
        "30, t6, 41, 54",
        "450, zc9, 2400, 2555",
        "1, H01, 0, 0.3",
        "1, js01, -0.15, 0.15",
        "600, k7, 0, 70",
        "600, K7, -70, 0",
        "600, N9, -219, -44",
        "2500, u8, 2500, 2780",
        "3150, H18, 0, 33000",
        "18, A11, 290, 400",
        "24, E9, 40, 92",
        "500, h1, -8, 0"
    })
    void limitsAsPrinted(String size, String written, String lower, String upper) throws FitUndefined {
        if (lower == null) {
            assertThatThrownBy(() -> limits(size, written)).isInstanceOf(FitUndefined.class);
        } else {
            Deviations found = limits(size, written);
            assertThat(found.lower()).isEqualByComparingTo(lower);
            assertThat(found.upper()).isEqualByComparingTo(upper);
        }
    }

    /** Whatever is defined is as wide as its grade; hole basis and shaft basis give the same fit where the rules say so. */
    @Test
    void everyClassIsAsWideAsItsGrade() {
        int defined = 0;
        for (String size : List.of(
                "0.8", "2", "5", "9", "12", "17", "22", "28", "45", "77", "110", "170", "240", "305", "390", "480",
                "620", "1100", "1900", "3000")) {
            BigDecimal millimetres = new BigDecimal(size);
            for (String letters : IsoTables.LETTERS) {
                for (int i = 0; i < Grade.COUNT; i++) {
                    ToleranceClass shaft = new ToleranceClass(letters, new Grade(i));
                    for (ToleranceClass each : List.of(shaft, shaft.counterpart())) {
                        try {
                            Deviations found = IsoLimits.of(millimetres, each);
                            defined++;
                            assertThat(found.width())
                                    .as(each + " " + size)
                                    .isEqualTo(
                                            IsoLimits.tolerance(millimetres, each.grade())
                                                    .orElseThrow(),
                                            org.assertj.core.api.Assertions.within(1e-9));
                        } catch (FitUndefined e) {
                            assertThat(e.note().arguments().get(0).toString()).contains(each.toString());
                            for (String near : e.neighbours()) {
                                assertThat(ToleranceClass.written(near)).isPresent();
                            }
                        }
                    }
                }
            }
        }
        assertThat(defined).isGreaterThan(15_000);
    }

    /** Δ makes K to N with hole n and shaft n−1 the mirror of the fit with hole H: H7/p6 is as tight as P7/h6. */
    @Test
    void theSameFitOnHoleAndOnShaftBasis() throws FitUndefined {
        for (String size : List.of("5", "9", "16", "25", "45", "70", "100", "150", "200", "350", "450")) {
            for (String letters : List.of("d", "f", "g", "k", "m", "n", "p", "r", "s", "u")) {
                Fit hole = new Fit(limits(size, "H7"), limits(size, letters + "6"));
                Fit shaft = new Fit(limits(size, letters.toUpperCase(java.util.Locale.ROOT) + "7"), limits(size, "h6"));
                assertThat(shaft.least()).as(letters + " at " + size).isEqualTo(hole.least());
                assertThat(shaft.most()).isEqualTo(hole.most());
            }
        }
    }

    @Test
    void whatIsNotDefinedNamesItsNeighbours() throws FitUndefined {
        assertThatThrownBy(() -> limits("45", "j9"))
                .isInstanceOf(FitUndefined.class)
                .hasMessage("core.near-it [core.iso-286-defines-no-shaft-for-mm [j9, 45], j7, js9, k9]");
        assertThatThrownBy(() -> limits("45", "J5"))
                .hasMessage("core.near-it [core.iso-286-defines-no-hole-for-mm-2 [J5, 45, j5], J6, JS5, K5]");
        // Holes K to ZC begin with grade 3; their shafts do not.
        for (String hole : List.of("K01", "M0", "N1", "P2", "S2", "ZC1")) {
            assertThatThrownBy(() -> limits("45", hole)).hasMessageContaining("[" + hole);
        }
        assertThat(limits("45", "k2").lower()).isZero();
        assertThatThrownBy(() -> limits("20", "t6")).hasMessageContaining("core.near-it");
        assertThatThrownBy(() -> limits("600", "x7")).hasMessageContaining("u7");
        assertThatThrownBy(() -> limits("0", "H7")).hasMessageContaining("core.the-tables-of-iso-286-go-to");
        assertThatThrownBy(() -> limits("3151", "H7")).hasMessageContaining("3150");
    }

    @Test
    void kindsOfFit() throws FitUndefined {
        assertThat(new Fit(limits("32", "H7"), limits("32", "g6")).kind()).isEqualTo(Fit.Kind.CLEARANCE);
        assertThat(new Fit(limits("32", "H7"), limits("32", "h6")).kind()).isEqualTo(Fit.Kind.CLEARANCE);
        assertThat(new Fit(limits("32", "H7"), limits("32", "k6")).kind()).isEqualTo(Fit.Kind.TRANSITION);
        assertThat(new Fit(limits("32", "H7"), limits("32", "p6")).kind()).isEqualTo(Fit.Kind.INTERFERENCE);
    }
}
