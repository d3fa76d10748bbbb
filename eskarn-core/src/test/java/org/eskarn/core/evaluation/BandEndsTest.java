package org.eskarn.core.evaluation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.eskarn.core.reading.Corrections;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.Station;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.requirement.Basis;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.CharacteristicLayout;
import org.eskarn.core.requirement.Limit;
import org.eskarn.core.requirement.LimitKind;
import org.eskarn.core.requirement.LimitUnit;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.requirement.StatedAs;
import org.eskarn.core.result.Figure;
import org.eskarn.core.uncertainty.Contribution.Source;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.Bounds;
import org.eskarn.core.verdict.Outcome;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Where the ends of the band count they count for every characteristic. */
class BandEndsTest {

    private static final int TRIES = 12;

    /** A fit goes through the middles; the ends are held against it, or are in its uncertainty. */
    private static final Set<StatedAs> FITTED =
            EnumSet.of(StatedAs.OFFSET, StatedAs.LEAST_SQUARES, StatedAs.INSCRIBED, StatedAs.CIRCUMSCRIBED);

    private static final Basis ON_RADIUS =
            new Basis(Optional.empty(), Optional.of(Length.of("40", LengthUnit.MILLIMETRE)), Optional.empty());

    private static Assessment read(Given asked, double[] low, double[] high) {
        Layout layout = asked.requirement().layout();
        List<Reading> readings = new ArrayList<>();
        for (int i = 0; i < low.length; i++) {
            readings.add(new Reading(layout.stations().get(i), (low[i] + high[i]) / 2, (high[i] - low[i]) / 2));
        }
        Double back = layout.returns() ? (Double) readings.get(0).micrometres() : null;
        return Assessment.of(asked.requirement(), Given.MICRON, new Sweep(layout, readings, back), Corrections.NONE);
    }

    private static Given ends(Characteristic what, Limit limit, Layout layout) {
        return Given.of(what, limit, layout).flicker(FlickerRule.EXTREMES);
    }

    private static Layout usual(Characteristic what, LayoutKind kind) {
        return Given.layout(
                what, kind, CharacteristicLayout.first(what, kind), CharacteristicLayout.second(what, kind));
    }

    private static Limit limit(Characteristic what, Random random) {
        if (what == Characteristic.RECORD) {
            return Limit.none(LimitUnit.MILLIMETRE);
        }
        if (what.sized()) {
            return Limit.between("24.990", "25.010", LimitUnit.MILLIMETRE);
        }
        if (what.angular()) {
            return new Limit(
                    LimitKind.MAXIMUM,
                    null,
                    null,
                    new java.math.BigDecimal("0.05"),
                    LimitUnit.DEGREE,
                    "",
                    null,
                    "",
                    null);
        }
        return what.limits().contains(LimitKind.MAXIMUM)
                ? Given.atMost("0.012")
                : Limit.between("-0.005", random.nextBoolean() ? "0.020" : "0.030", LimitUnit.MILLIMETRE);
    }

    /** No choice of a reading within each band lies further out than the figure judged. */
    @ParameterizedTest
    @EnumSource(Characteristic.class)
    void nothingThatTheNeedleShowedLiesFurtherOutThanWhatIsJudged(Characteristic what) {
        Random random = new Random(what.name().hashCode());
        for (LayoutKind kind : what.layouts()) {
            if (kind.answered()) {
                continue;
            }
            for (StatedAs as : what.statements(kind)) {
                if (!FITTED.contains(as)) {
                    Layout layout = usual(what, kind);
                    Given asked =
                            ends(what, limit(what, random), layout).stated(as).on(ON_RADIUS);
                    for (int i = 0; i < TRIES; i++) {
                        check(asked, random);
                    }
                }
            }
        }
    }

    private static void check(Given asked, Random random) {
        Characteristic what = asked.requirement().characteristic();
        int n = asked.requirement().layout().size();
        double base = what.sized() ? 25_000 : 0;
        double[] low = new double[n];
        double[] high = new double[n];
        for (int i = 0; i < n; i++) {
            low[i] = base + random.nextInt(40) / 2.0 - 10;
            high[i] = low[i] + (random.nextInt(3) == 0 ? 0 : random.nextInt(16) / 2.0);
        }
        if (what.bracketed() || asked.requirement().layout().kind().watched()) {
            // Pins that enter are smaller than those that do not, and the lowest of a turn lies below its highest.
            for (int i = 1; i < n; i += 2) {
                low[i] += 40;
                high[i] += 40;
            }
        }
        Assessment judged = read(asked, low, high);
        Bounds bounds = asked.requirement().bounds();
        double reached = placed(judged, bounds);
        if (bounds.open()) {
            return;
        }
        assertThat(judged.budget().orElseThrow().parts()).extracting("source").doesNotContain(Source.FLICKER);
        for (int choice = 0; choice < 64; choice++) {
            double[] still = new double[n];
            for (int i = 0; i < n; i++) {
                still[i] = random.nextBoolean() ? low[i] : high[i];
            }
            double placed = switch (asked.requirement().statedAs()) {
                case MOVEMENT -> bounds.outside(movement(asked.requirement(), still));
                case HALF_MOVEMENT -> bounds.outside(movement(asked.requirement(), still) / 2);
                default -> placed(asked.read(still), bounds);
            };
            assertThat(placed).isLessThanOrEqualTo(reached + 1e-6);
        }
    }

    /** Of the worst section, or over all of them; what a fit proves beyond that is of the middles. */
    private static double movement(Requirement requirement, double[] still) {
        boolean total = requirement.characteristic() == Characteristic.TOTAL_RUNOUT;
        List<Station> stations = requirement.layout().stations();
        double worst = 0;
        for (int i = 0; i < still.length; i++) {
            for (int k = 0; k < i; k++) {
                if (total
                        || Objects.equals(
                                stations.get(i).along(), stations.get(k).along())) {
                    worst = Math.max(worst, Math.abs(still[i] - still[k]));
                }
            }
        }
        return worst;
    }

    private static double placed(Assessment assessment, Bounds bounds) {
        double judged = assessment.reduction().orElseThrow().judged();
        return bounds.open() ? Math.abs(judged) : bounds.outside(judged);
    }

    /** Long rows are searched, not tried through: the pair of the furthest ends is found all the same. */
    @Test
    void theWorstPairOfALongRowIsFound() {
        Random random = new Random(11);
        int n = 90;
        StringBuilder places = new StringBuilder();
        for (int i = 0; i < n; i++) {
            places.append(i * 10).append(' ');
        }
        Given asked = ends(
                        Characteristic.PITCH,
                        Given.atMost("0.012"),
                        Given.layout(
                                Characteristic.PITCH,
                                LayoutKind.LINE,
                                places.toString().strip(),
                                ""))
                .stated(StatedAs.ACCUMULATED);
        for (int i = 0; i < 5; i++) {
            double[] low = random.doubles(n, -10, 10).toArray();
            double[] high = low.clone();
            double worst = 0;
            for (int k = 0; k < n; k++) {
                high[k] += random.nextInt(8);
            }
            for (int from = 0; from < n; from++) {
                for (int to = from + 1; to < n; to++) {
                    worst = Math.max(worst, Math.max(high[to] - low[from], high[from] - low[to]));
                }
            }
            double judged = read(asked, low, high).reduction().orElseThrow().judged();
            assertThat(Math.abs(judged)).isCloseTo(worst, within(1e-9));
        }
    }

    @Test
    void playIsTakenBetweenTheFurthestEnds() {
        Given play = ends(
                Characteristic.PLAY,
                Limit.atMost(Length.of("12", LengthUnit.THOU)),
                Given.layout(Characteristic.PLAY, LayoutKind.CYCLES, "1", ""));
        Assessment read = read(play, new double[] {0, 6 * 25.4}, new double[] {0, 14 * 25.4});
        assertThat(read.verdict().value()).isCloseTo(14 * 25.4, within(1e-9));
        assertThat(read.verdict().outcome()).isEqualTo(Outcome.FAIL);
    }

    @ParameterizedTest
    @CsvSource({"MINIMUM_ZONE, 8", "LEAST_SQUARES, 8"})
    void roundnessHoldsBothEnds(StatedAs as, double figure) {
        Given roundness = ends(Characteristic.ROUNDNESS, Given.atMost("0.006"), Given.ring("8"))
                .stated(as);
        double[] low = {-4, -4, -4, -4, -4, -4, -4, -4};
        double[] high = {4, 4, 4, 4, 4, 4, 4, 4};
        Assessment read = read(roundness, low, high);
        assertThat(read.verdict().value()).isCloseTo(figure, within(1e-9));
        assertThat(read.verdict().outcome()).isEqualTo(Outcome.FAIL);
        // The middles show nothing, and say so in the uncertainty.
        Assessment middle = read(roundness.flicker(FlickerRule.MIDDLE), low, high);
        assertThat(middle.budget().orElseThrow().parts()).extracting("source").contains(Source.FLICKER);
    }

    /** What is only recorded has no worse side. */
    @Test
    void aRecordKeepsTheMiddleAndTheBandInItsUncertainty() {
        Given record = ends(
                Characteristic.RECORD,
                Limit.none(LimitUnit.MILLIMETRE),
                Given.layout(Characteristic.RECORD, LayoutKind.POINTS, "A; B", ""));
        Assessment read = read(record, new double[] {0, 6}, new double[] {0, 14});
        assertThat(read.verdict().value()).isEqualTo(5);
        assertThat(read.budget().orElseThrow().parts()).extracting("source").contains(Source.FLICKER);
        assertThat(read.reduction().orElseThrow().figures())
                .filteredOn(figure -> figure.name().code().equals("core.highest"))
                .extracting(Figure::amount)
                .containsExactly(14.0);
    }
}
