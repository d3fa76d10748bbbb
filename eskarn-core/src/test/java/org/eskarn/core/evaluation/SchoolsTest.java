package org.eskarn.core.evaluation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.eskarn.core.reading.LayoutKind.RING;
import static org.eskarn.core.reading.LayoutKind.RINGS;
import static org.eskarn.core.requirement.Characteristic.CIRCULAR_RUNOUT_RADIAL;
import static org.eskarn.core.requirement.Characteristic.OUTSIDE_SIZE;
import static org.eskarn.core.requirement.Characteristic.ROUNDNESS;
import static org.eskarn.core.requirement.Characteristic.TAPER;

import java.util.List;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.Limit;
import org.eskarn.core.requirement.LimitUnit;
import org.eskarn.core.requirement.StatedAs;
import org.eskarn.core.result.Note;
import org.eskarn.core.verdict.Outcome;
import org.junit.jupiter.api.Test;

/** Where two usual ways to one figure would decide differently, the verdict says so. */
class SchoolsTest {

    /** Off centre by 4 and oval by 3: half the movement and the worst diameter read more than the fit. */
    private static final double[] OVAL = {7, 2.83, -3, -2.83, -1, -2.83, -3, 2.83};

    private static Given asked(Characteristic what, Limit limit, LayoutKind kind, String first, String second) {
        return Given.of(what, limit, Given.layout(what, kind, first, second));
    }

    private static List<Note> told(Given given, double... read) {
        return given.read(read).told(given.requirement()).remarks().stream()
                .filter(note -> note.code().equals("core.another-school-would-decide"))
                .toList();
    }

    private static double judged(Given given, StatedAs as, double... read) {
        return given.stated(as).read(read).reduction().orElseThrow().judged();
    }

    @Test
    void anOffsetIsTakenByFitByDiameterOrAsHalfTheMovement() {
        Given given = asked(CIRCULAR_RUNOUT_RADIAL, Given.atMost("0.0045"), RING, "8", "");
        assertThat(judged(given, StatedAs.OFFSET, OVAL)).isCloseTo(4, within(0.01));
        assertThat(judged(given, StatedAs.WORST_DIAMETER, OVAL)).isCloseTo(4, within(0.01));
        assertThat(judged(given, StatedAs.HALF_MOVEMENT, OVAL)).isCloseTo(5, within(0.01));
        Given simple = given.stated(StatedAs.OFFSET);
        assertThat(simple.read(OVAL).verdict().outcome()).isNotEqualTo(Outcome.FAIL);
    }

    @Test
    void theOtherSchoolIsNamedWhereItWouldDecideOtherwise() {
        Given given = asked(ROUNDNESS, Given.atMost("0.012"), RING, "8", "").stated(StatedAs.MINIMUM_ZONE);
        double[] lobed = {0, 9, 2, 8, 0, 10, 1, 9};
        double zone = judged(given, StatedAs.MINIMUM_ZONE, lobed);
        double inscribed = judged(given, StatedAs.INSCRIBED, lobed);
        assertThat(inscribed).isGreaterThan(zone);
        Given near = asked(ROUNDNESS, Given.atMost(String.valueOf((zone + inscribed) / 2000)), RING, "8", "")
                .stated(StatedAs.MINIMUM_ZONE);
        Outcome own = near.read(lobed).verdict().outcome();
        Outcome other = near.stated(StatedAs.INSCRIBED).read(lobed).verdict().outcome();
        assertThat(told(near, lobed).stream().anyMatch(note -> note.toString().contains("inscribed")))
                .isEqualTo(own != other);
        Given wide = asked(ROUNDNESS, Given.atMost("0.050"), RING, "8", "").stated(StatedAs.MINIMUM_ZONE);
        assertThat(told(wide, lobed)).isEmpty();
    }

    @Test
    void aSizeIsJudgedAtItsWorstPlaceOrByItsMean() {
        Given given =
                asked(OUTSIDE_SIZE, Limit.between("29.980", "30.010", LimitUnit.MILLIMETRE), RINGS, "5 15", "0 90");
        double[] sizes = {30_012, 29_995, 30_002, 29_999};
        assertThat(given.read(sizes).verdict().outcome()).isEqualTo(Outcome.FAIL);
        assertThat(told(given, sizes)).hasSize(1);
        assertThat(told(given, sizes).get(0).toString()).contains("core.the-mean-size", "core.pass");
        Given mean = given.stated(StatedAs.MEAN_SIZE);
        assertThat(mean.read(sizes).verdict().value()).isCloseTo(30_002, within(1e-9));
        assertThat(mean.read(sizes).verdict().outcome()).isEqualTo(Outcome.PASS);
        assertThat(told(mean, sizes).get(0).toString()).contains("core.every-place", "core.fail");
        assertThat(mean.read(sizes).outOfLimits(mean.requirement()).over()).isEmpty();
    }

    @Test
    void aTaperIsThatOfItsEndsOrOfTheFittedLine() throws StationsUnfit {
        Given given = asked(TAPER, Given.atMost("0.020"), RINGS, "0 50 100", "0 90");
        double[] hollow = {30_000, 30_000, 30_030, 30_030, 30_024, 30_024};
        assertThat(judged(given, StatedAs.BY_ENDS, hollow)).isCloseTo(24, within(1e-9));
        assertThat(judged(given, StatedAs.BY_LINE, hollow)).isCloseTo(24, within(1e-9));
        double[] bent = {30_000, 30_000, 30_000, 30_000, 30_010, 30_010, 30_024, 30_024};
        Given four = asked(TAPER, Given.atMost("0.020"), RINGS, "0 20 60 100", "0 90");
        assertThat(judged(four, StatedAs.BY_ENDS, bent)).isCloseTo(24, within(1e-9));
        assertThat(judged(four, StatedAs.BY_LINE, bent)).isCloseTo(24.915, within(0.01));
    }
}
