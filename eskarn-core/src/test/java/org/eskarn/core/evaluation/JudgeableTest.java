package org.eskarn.core.evaluation;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.Optional;
import org.eskarn.core.evaluation.Judgeable.Part;
import org.eskarn.core.flat.Reversal;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.requirement.Basis;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.CharacteristicLayout;
import org.eskarn.core.requirement.Limit;
import org.eskarn.core.requirement.LimitKind;
import org.eskarn.core.requirement.LimitUnit;
import org.eskarn.core.requirement.StatedAs;
import org.eskarn.core.requirement.ZeroRule;
import org.eskarn.core.requirement.Zeroing;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class JudgeableTest {

    private static Optional<Judgeable.Obstacle> obstacle(Given asked) {
        return Judgeable.obstacle(asked.requirement(), ZeroRule.FIRST_STATION);
    }

    private static Layout layout(Characteristic what, LayoutKind kind, String first, String second) {
        return Given.layout(what, kind, first, second);
    }

    private static Basis basis(Zeroing zeroing, Reversal reversal, @Nullable String setTo) {
        return new Basis(
                Optional.ofNullable(setTo).map(size -> Length.of(size, LengthUnit.MILLIMETRE)),
                Optional.of(Length.of("40", LengthUnit.MILLIMETRE)),
                Optional.empty(),
                zeroing,
                Optional.empty(),
                reversal,
                Optional.empty());
    }

    /** What is printed as an example in the editor can be saved. */
    @ParameterizedTest
    @EnumSource(Characteristic.class)
    void theExampleOfEveryLayoutCanBeJudged(Characteristic what) {
        Limit limit = what.sized()
                ? Limit.between("24.9", "25.1", LimitUnit.MILLIMETRE)
                : what.limits().contains(LimitKind.MAXIMUM) ? Given.atMost("0.05") : Limit.none(LimitUnit.MILLIMETRE);
        for (LayoutKind kind : what.layouts()) {
            for (StatedAs as : what.statements(kind)) {
                Given asked = Given.of(
                                what,
                                limit,
                                layout(
                                        what,
                                        kind,
                                        CharacteristicLayout.first(what, kind),
                                        CharacteristicLayout.second(what, kind)))
                        .stated(as)
                        .on(basis(Zeroing.ONE_FOR_ALL, Reversal.NONE, null));
                assertThat(obstacle(asked))
                        .as(what + " over " + kind + " " + as)
                        .isEmpty();
            }
        }
    }

    @ParameterizedTest
    @CsvSource({
        "OFFSET_OF_OPENING, RING, 0 180, '', LAYOUT, core.round-a-section-needs-readings-at-three",
        "CIRCULAR_RUNOUT_RADIAL, RING, 2, '', LAYOUT, core.round-a-section-needs-readings-at-three",
        "CIRCULAR_RUNOUT_RADIAL, RINGS, 10 60, 0 90, ANGLES, core.at-movement [10 mm]",
        "TOTAL_RUNOUT, RING, 1, '', LAYOUT, core.round-a-section-needs-readings-at-three",
        "ROUNDNESS, RING, 3, '', LAYOUT, core.roundness-needs-readings-at-four-angles-at",
        "BORES_IN_LINE, LINE, 10 60 210, '', LAYOUT, core.two-bores-need-four-heights-both-ends",
        "BORES_IN_LINE, LINE, 10 60 110 210 260 310, '', LAYOUT, core.two-bores-need-four-heights-both-ends",
        "STRAIGHTNESS, STEPS, 0 100; 200 300, '', LAYOUT, core.placement-shares-no-place-with-those-before",
        "FLATNESS, POINTS, A; B; C; D, '', LAYOUT, ''",
        "TAPER, RINGS, 10, 4, LAYOUT, core.a-taper-needs-readings-at-two-distances",
        "PITCH, LINE, 10, '', LAYOUT, core.a-step-needs-readings-at-two-places"
    })
    void stationsThatCannotShowTheFigureAreSaid(
            Characteristic what, LayoutKind kind, String first, String second, Part part, String says) {
        Optional<Judgeable.Obstacle> found =
                obstacle(Given.of(what, Given.atMost("0.05"), layout(what, kind, first, second)));
        assertThat(found).hasValueSatisfying(obstacle -> {
            assertThat(obstacle.part()).isEqualTo(part);
            assertThat(Given.said(obstacle.note())).contains(says);
        });
    }

    @Test
    void aLevelStandsOnTwoFeetAndIsReadOnce() {
        Given level = Given.of(
                        Characteristic.STRAIGHTNESS,
                        Given.atMost("0.05"),
                        layout(Characteristic.STRAIGHTNESS, LayoutKind.LINE, "0 100 200", "")
                                .rezeroed())
                .on(basis(Zeroing.EACH_STEP, Reversal.NONE, null));
        assertThat(obstacle(level)).map(Judgeable.Obstacle::part).contains(Part.LAYOUT);
        Layout feet = layout(Characteristic.STRAIGHTNESS, LayoutKind.LINE, "100 200 300", "")
                .rezeroed();
        Given good = Given.of(Characteristic.STRAIGHTNESS, Given.atMost("0.05"), feet)
                .on(basis(Zeroing.EACH_STEP, Reversal.NONE, null));
        assertThat(obstacle(good)).isEmpty();
        Given turned = Given.of(
                        Characteristic.STRAIGHTNESS, Given.atMost("0.05"), feet.inSetUps(Reversal.PART_TURNED.setUps()))
                .on(basis(Zeroing.EACH_STEP, Reversal.PART_TURNED, null));
        assertThat(obstacle(turned)).map(Judgeable.Obstacle::part).contains(Part.REVERSAL);
    }

    @Test
    void aStationZeroedOnItselfIsRefusedAndOneOnAMasterIsNot() {
        Given phase = Given.of(
                        Characteristic.PHASE_ANGLE,
                        new Limit(
                                LimitKind.MAXIMUM,
                                null,
                                null,
                                new BigDecimal("0.1"),
                                LimitUnit.DEGREE,
                                "",
                                null,
                                "",
                                null),
                        layout(Characteristic.PHASE_ANGLE, LayoutKind.POINTS, "pin", ""))
                .on(basis(Zeroing.ONE_FOR_ALL, Reversal.NONE, null));
        assertThat(obstacle(phase)).map(Judgeable.Obstacle::part).contains(Part.ZERO);
        assertThat(Judgeable.obstacle(phase.requirement(), ZeroRule.MASTER)).isEmpty();
    }

    @Test
    void pinsAreSetToNothing() {
        Given pins = Given.of(
                        Characteristic.PIN_CHECK,
                        Limit.between("11.99", "12.02", LimitUnit.MILLIMETRE),
                        layout(Characteristic.PIN_CHECK, LayoutKind.PAIRS, "2", ""))
                .on(basis(Zeroing.ONE_FOR_ALL, Reversal.NONE, "12"));
        assertThat(obstacle(pins)).map(Judgeable.Obstacle::part).contains(Part.MASTER);
    }

    @Test
    void aResultantHasTwoPlanesAndNoDirection() {
        Characteristic axis = Characteristic.PARALLELISM_OF_AXIS;
        Given three = Given.of(axis, Given.atMost("0.05"), layout(axis, LayoutKind.PAIRS, "3", ""))
                .stated(StatedAs.RESULTANT);
        assertThat(obstacle(three)).map(Judgeable.Obstacle::part).contains(Part.LAYOUT);
        Limit minus = new Limit(
                LimitKind.MAXIMUM,
                null,
                null,
                new BigDecimal("0.05"),
                LimitUnit.MILLIMETRE,
                "",
                Limit.Direction.MINUS,
                "closing traps the work",
                null);
        Layout two = layout(axis, LayoutKind.PAIRS, "2", "");
        assertThat(obstacle(Given.of(axis, minus, two).stated(StatedAs.RESULTANT)))
                .map(Judgeable.Obstacle::part)
                .contains(Part.DIRECTION);
        assertThat(obstacle(Given.of(axis, Given.atMost("0.05"), two).stated(StatedAs.RESULTANT)))
                .isEmpty();
    }
}
