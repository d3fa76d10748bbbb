package org.eskarn.core.evaluation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.eskarn.core.reading.LayoutKind.LINE;
import static org.eskarn.core.reading.LayoutKind.PAIRS;
import static org.eskarn.core.requirement.Characteristic.PARALLELISM_OF_LINES;
import static org.eskarn.core.requirement.Characteristic.SQUARENESS;

import java.util.ArrayList;
import java.util.List;
import org.eskarn.core.flat.Reversal;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.LayoutRejected;
import org.eskarn.core.reading.WrittenLayout;
import org.eskarn.core.requirement.Basis;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.CharacteristicLayout;
import org.eskarn.core.requirement.DatumRead;
import org.eskarn.core.requirement.Zeroing;
import org.eskarn.core.result.Note;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.Outcome;
import org.eskarn.core.verdict.Verdict.Because;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The same places under named conditions, and what they say together. */
class WhoseErrorTest {

    private static final List<String> SLIDE = List.of("slide: top", "slide: middle", "slide: bottom", "seat: again");

    private static Given under(Characteristic what, LayoutKind kind, String first, List<String> conditions) {
        try {
            Layout layout = CharacteristicLayout.read(
                    what,
                    new WrittenLayout(kind, LengthUnit.MILLIMETRE, first, ""),
                    Zeroing.ONE_FOR_ALL,
                    Reversal.NONE,
                    conditions);
            return Given.of(what, Given.atMost("0.020"), layout).on(Basis.NONE.under(conditions, DatumRead.ASSUMED));
        } catch (LayoutRejected e) {
            throw new IllegalArgumentException(e);
        }
    }

    /** Each condition: 0, half, the whole, and its zero again. */
    private static double[] squareness(double... whole) {
        List<Double> all = new ArrayList<>();
        for (int i = 0; i < whole.length; i++) {
            all.addAll(List.of(0.0, whole[i] / 2, whole[i]));
            if (i < whole.length - 1) {
                all.add(0.0);
            }
        }
        return all.stream().mapToDouble(x -> x).toArray();
    }

    private static List<String> told(Given given, double... read) {
        return given.read(read).told(given.requirement()).remarks().stream()
                .map(Note::code)
                .toList();
    }

    @ParameterizedTest
    @CsvSource({
        "4, 9, 15, 4, core.it-grows-along-the-slide",
        "4, 15, 5, 4, core.it-changes-with-the-slide",
        "4, 4.5, 4, 14, core.it-is-the-seating",
        "9, 9, 9.5, 9, core.the-same-under-all-conditions",
        "1, 1.5, 1, 1, core.the-conditions-tell-nothing"
    })
    void theConditionsSayWhoseErrorItIs(double top, double middle, double bottom, double again, String said) {
        Given given = under(SQUARENESS, LINE, "0 50 100", SLIDE);
        double[] read = squareness(top, middle, bottom, again);
        assertThat(told(given, read)).contains(said);
        double worst = Math.max(Math.max(top, middle), Math.max(bottom, again));
        assertThat(given.read(read).verdict().value()).isCloseTo(worst, within(1e-9));
    }

    /** A good figure under three conditions does not hide a bad one under the fourth. */
    @Test
    void theWorstConditionIsJudged() {
        Given given = under(SQUARENESS, LINE, "0 50 100", SLIDE);
        assertThat(given.read(squareness(2, 2, 2, 2)).verdict().outcome()).isEqualTo(Outcome.PASS);
        assertThat(given.read(squareness(2, 2, 30, 2)).verdict().outcome()).isEqualTo(Outcome.FAIL);
        double[] some = java.util.Arrays.copyOf(squareness(2, 2, 2, 2), 9);
        assertThat(given.read(some).verdict().because()).isEqualTo(Because.UNFINISHED);
    }

    /** Each condition has a zero of its own, which must hold. */
    @Test
    void theZeroOfEachConditionMustHold() {
        double[] read = squareness(4, 4, 4, 4);
        read[3] = 5;
        assertThat(under(SQUARENESS, LINE, "0 50 100", SLIDE)
                        .read(read)
                        .verdict()
                        .because())
                .isEqualTo(Because.RETURN_OUT);
    }

    @ParameterizedTest
    @CsvSource({
        "12, -12, core.it-follows-the-part",
        "12, 12.5, core.it-stays-with-the-fixture",
        "16, 4, core.it-is-of-both"
    })
    void turnedRoundASignedErrorFollowsThePartOrStays(double first, double turned, String said) {
        Given given = under(PARALLELISM_OF_LINES, PAIRS, "1", List.of("as clamped", "turned: round"));
        assertThat(told(given, 0, first, 0, turned)).contains(said);
    }
}
