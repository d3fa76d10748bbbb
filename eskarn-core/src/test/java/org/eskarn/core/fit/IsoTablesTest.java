package org.eskarn.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.BufferedReader;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** The tables of ISO 286 against the formulas they were made from, and against each other. */
class IsoTablesTest {

    /** Letters whose deviation stands for the whole of a main range. */
    private static final Set<String> MAIN = Set.of("cd", "d", "e", "ef", "f", "fg", "g", "k", "m", "n", "p");

    /** p is IT7 + 0 to 5 µm up to 500 mm: any of these is as derived. */
    private static final double P_ADDED = 5;

    @Test
    void everyToleranceIsAsDerivedOrItsDifferenceIsExplained() throws Exception {
        List<String> found = new ArrayList<>();
        double over = 0;
        for (int range = 0; range < IsoTables.RANGES.length; range++) {
            double upTo = IsoTables.RANGES[range];
            double d = IsoFormulas.middle(over, upTo);
            for (int i = 0; i < Grade.COUNT; i++) {
                Grade grade = new Grade(i);
                double table = micrometres(IsoTables.grade(grade, range));
                // Above grade 11 a tolerance is ten times that of the fifth grade before it.
                double derived = grade.number() > 11
                        ? 10 * micrometres(IsoTables.grade(Grade.of(grade.number() - 5), range))
                        : grade.number() < 1 && d > 500
                                ? Double.NaN
                                : IsoFormulas.roundedTolerance(IsoFormulas.tolerance(grade, d), d);
                differ(found, "IT" + grade, over, upTo, derived, table);
            }
            over = upTo;
        }
        assertThat(found).containsExactlyElementsOf(explained("iso-286-grades-differences.csv"));
    }

    @Test
    void everyDeviationIsAsDerivedOrItsDifferenceIsExplained() throws Exception {
        List<String> found = new ArrayList<>();
        double over = 0;
        for (int fine = 0; fine < IsoTables.FINE.length; fine++) {
            double upTo = IsoTables.FINE[fine];
            int range = DataFile.row(IsoTables.RANGES, upTo);
            int row = fine;
            for (String letters : IsoTables.LETTERS) {
                boolean main = MAIN.contains(letters);
                if (Set.of("h", "js", "j").contains(letters)
                        || main && upTo != IsoTables.RANGES[range]
                        || IsoTables.shaft(letters, fine) == IsoTables.NONE) {
                    continue;
                }
                double from = main ? (range == 0 ? 0 : IsoTables.RANGES[range - 1]) : over;
                double d = IsoFormulas.middle(from, upTo);
                double exact = IsoFormulas.deviation(
                        letters,
                        d,
                        grade -> micrometres(IsoTables.grade(Grade.of((int) grade), range)),
                        other -> micrometres(IsoTables.shaft(other, row)));
                double table = Math.abs(micrometres(IsoTables.shaft(letters, fine)));
                if (letters.equals("p") && d <= 500 && table >= exact && table <= exact + P_ADDED) {
                    continue;
                }
                differ(found, letters, from, upTo, IsoFormulas.roundedDeviation(letters, exact, d), table);
            }
            over = upTo;
        }
        assertThat(found).containsExactlyElementsOf(explained("iso-286-shafts-differences.csv"));
    }

    @Test
    void deltaIsTheStepFromTheGradeBefore() {
        for (int range = 1; range < 13; range++) {
            for (int grade = 3; grade <= 8; grade++) {
                assertThat(IsoTables.hole("Δ" + grade, range))
                        .as("Δ%d up to %.0f mm", grade, IsoTables.RANGES[range])
                        .isEqualTo(
                                IsoTables.grade(Grade.of(grade), range) - IsoTables.grade(Grade.of(grade - 1), range));
            }
        }
    }

    /** Letters in their order lie further and further from the nominal; grades and sizes grow. */
    @Test
    void theTablesRunInOrder() {
        for (int range = 0; range < IsoTables.RANGES.length; range++) {
            for (int i = 1; i < Grade.COUNT; i++) {
                int before = IsoTables.grade(new Grade(i - 1), range);
                assertThat(before == IsoTables.NONE || before < IsoTables.grade(new Grade(i), range))
                        .isTrue();
            }
        }
        List<String> letters = new ArrayList<>(IsoTables.LETTERS);
        letters.removeAll(List.of("js", "j"));
        for (int fine = 0; fine < IsoTables.FINE.length; fine++) {
            int last = Integer.MIN_VALUE;
            for (String letter : letters) {
                int deviation = IsoTables.shaft(letter, fine);
                if (deviation != IsoTables.NONE) {
                    assertThat(deviation)
                            .as(letter + " up to " + IsoTables.FINE[fine])
                            .isGreaterThanOrEqualTo(last);
                    last = deviation;
                }
            }
        }
        for (String letter : letters) {
            for (int fine = 1; fine < IsoTables.FINE.length; fine++) {
                int before = IsoTables.shaft(letter, fine - 1);
                int here = IsoTables.shaft(letter, fine);
                // k is 0 again above 500 mm.
                if (before != IsoTables.NONE && here != IsoTables.NONE && !letter.equals("k")) {
                    assertThat(Math.abs(here))
                            .as(letter + " up to " + IsoTables.FINE[fine])
                            .isGreaterThanOrEqualTo(Math.abs(before));
                }
            }
        }
    }

    private static double micrometres(int nanometres) {
        return nanometres == IsoTables.NONE ? Double.NaN : nanometres / 1000.0;
    }

    private static void differ(
            List<String> found, String what, double over, double upTo, double derived, double table) {
        if (!Double.isNaN(derived) && !Double.isNaN(table) && Math.abs(derived - table) > 1e-9) {
            found.add(String.format(Locale.ROOT, "%s;%.0f;%.0f;%s;%s", what, over, upTo, said(derived), said(table)));
        }
    }

    private static String said(double amount) {
        return java.math.BigDecimal.valueOf(amount).stripTrailingZeros().toPlainString();
    }

    /** The listed differences without their explanations, each of which must be there. */
    private static List<String> explained(String name) throws Exception {
        try (BufferedReader lines = new BufferedReader(new InputStreamReader(
                Objects.requireNonNull(IsoTablesTest.class.getResourceAsStream(name)), StandardCharsets.UTF_8))) {
            return lines.lines()
                    .filter(line -> !line.startsWith("#"))
                    .map(line -> {
                        String[] cells = line.split(";");
                        assertThat(cells).as(line).hasSize(6);
                        assertThat(cells[5]).isNotBlank();
                        return String.join(";", Arrays.copyOf(cells, 5));
                    })
                    .toList();
        }
    }

    @Test
    void theRoundingNeverGoesFar() throws Exception {
        for (String name : List.of("iso-286-grades-differences.csv", "iso-286-shafts-differences.csv")) {
            for (String line : explained(name)) {
                String[] cells = line.split(";");
                double upTo = Double.parseDouble(cells[2]);
                double ratio = Double.parseDouble(cells[4]) / Double.parseDouble(cells[3]);
                if (upTo > 50) {
                    assertThat(ratio).as(line).isCloseTo(1, within(0.25));
                }
            }
        }
    }
}
