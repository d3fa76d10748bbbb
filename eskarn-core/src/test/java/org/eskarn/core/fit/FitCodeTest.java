package org.eskarn.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.util.List;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FitCodeTest {

    private static FitCode.Resolved resolve(String line) throws FitUndefined {
        FitCode.Sized sized = FitCode.sized(line, LengthUnit.MILLIMETRE);
        return sized.code().at(sized.nominal());
    }

    @ParameterizedTest
    @CsvSource({
        "45 k5, 45, MILLIMETRE, k5",
        "⌀32 H7/g6, 32, MILLIMETRE, H7/g6",
        "85mm J7, 85, MILLIMETRE, J7",
        "1.5 in rc4, 1.5, INCH, RC4",
        "1.5 RC 4, 1.5, INCH, RC4",
        "'0,75 FN2', 0.75, INCH, FN2",
        "40 H7 / s6, 40, MILLIMETRE, H7/s6"
    })
    void readsAsPeopleWrite(String line, BigDecimal size, LengthUnit unit, String code) throws FitUndefined {
        FitCode.Sized sized = FitCode.sized(line, LengthUnit.MILLIMETRE);
        assertThat(sized.nominal().amount()).isEqualByComparingTo(size);
        assertThat(sized.nominal().unit()).isEqualTo(unit);
        assertThat(sized.code()).hasToString(code);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "32 h7/g6 | core.a-hole-has-capital-letters-and-a",
                "32 H7/G6 | core.a-hole-has-capital-letters-and-a",
                "32 g6/H7 | core.a-hole-has-capital-letters-and-a",
                "32 Js7 | core.the-letters-of-are-all-capitals-for",
                "32 i7 | core.the-standard-has-no-letters",
                "32 H19 | core.is-no-fit-code-write-letters-and",
                "32 | core.is-no-size-with-a-fit-write",
                "H7 | core.is-no-size-with-a-fit-write",
                "45 mm RC4 | core.is-a-fit-in-inches-and-the",
                "1.5 in k5 | core.is-a-class-in-millimetres-and-the",
                "1.5 RC10 | core.there-is-no-inch-fit-rc-has",
                "0.5 FN3 | core.begins-above-in-so-not-at-in",
                "20 RC4 | core.the-tables-of-inch-fits-go-to",
                "32 H7/g6/h5 | core.is-no-fit-code-write-a-hole"
            })
    void whatCannotBeReadIsSaid(String line, String sentence) {
        assertThatThrownBy(() -> resolve(line)).isInstanceOf(FitUndefined.class).hasMessageContaining(sentence);
    }

    /** The proof each row carries in itself, and the order of the ranges. */
    @Test
    void everyInchRowProvesItself() {
        int rows = 0;
        for (String code : InchFits.codes()) {
            BigDecimal last = InchFits.rows(code).get(0).over();
            for (InchFits.Row row : InchFits.rows(code)) {
                assertThat(row.proved()).as(row.toString()).isTrue();
                assertThat(row.over()).isEqualByComparingTo(last);
                assertThat(row.shaftLower()).isLessThan(row.shaftUpper());
                last = row.upTo();
                rows++;
            }
            assertThat(last).isEqualByComparingTo(InchFits.LARGEST);
        }
        assertThat(InchFits.codes()).hasSize(9 + 11 + 6 + 3 + 5);
        assertThat(rows).isEqualTo(492);
    }

    /** All holes of one width are one grade, so the classes share their columns; larger sizes never get finer. */
    @Test
    void holesOfOneGradeAgree() {
        List<List<String>> grades = List.of(
                List.of("RC2", "LC1", "LN1"),
                List.of("RC3", "LC2", "LC5", "LT1", "LT5", "LT6", "LN2", "LN3"),
                List.of("RC4", "RC5", "LC3", "LT2"),
                List.of("RC6", "RC7", "LC6"),
                List.of("RC8", "LC4", "LC7", "LC8"),
                List.of("RC9", "LC9"));
        for (List<String> codes : grades) {
            List<BigDecimal> first = InchFits.rows(codes.get(0)).stream()
                    .map(InchFits.Row::holeUpper)
                    .toList();
            for (String code : codes) {
                assertThat(InchFits.rows(code).stream().map(InchFits.Row::holeUpper))
                        .as(code)
                        .containsExactlyElementsOf(first);
            }
            assertThat(first).isSorted();
        }
    }

    @Test
    void anInchFitHasHoleShaftAndClearance() throws FitUndefined {
        Fit fit = resolve("1.5 RC4").fit().orElseThrow();
        assertThat(fit.hole().upper()).isEqualByComparingTo("1.6");
        assertThat(fit.shaft().upper()).isEqualByComparingTo("-1.0");
        assertThat(fit.shaft().lower()).isEqualByComparingTo("-2.0");
        assertThat(fit.least()).isEqualTo(25.4);
        assertThat(fit.most()).isEqualTo(3.6 * 25.4);
        assertThat(resolve("2 FN2").fit().orElseThrow().kind()).isEqualTo(Fit.Kind.INTERFERENCE);
        assertThat(FitCode.of("RC4").at(Length.of("1500", LengthUnit.THOU)).fit())
                .isPresent();
    }
}
