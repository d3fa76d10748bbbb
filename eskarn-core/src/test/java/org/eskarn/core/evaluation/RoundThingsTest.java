package org.eskarn.core.evaluation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.eskarn.core.flat.Reversal;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.remedy.Available;
import org.eskarn.core.remedy.OffsetMove;
import org.eskarn.core.requirement.Basis;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.Limit;
import org.eskarn.core.requirement.LimitUnit;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.requirement.StatedAs;
import org.eskarn.core.requirement.Zeroing;
import org.eskarn.core.result.Figure;
import org.eskarn.core.result.FigureTable;
import org.eskarn.core.round.Way;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.Outcome;
import org.eskarn.core.verdict.Verdict.Because;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Round things on shapes whose figures are known, and the moves that put them right. */
class RoundThingsTest {

    private static Length mm(String amount) {
        return Length.of(amount, LengthUnit.MILLIMETRE);
    }

    private static Layout layout(Characteristic what, LayoutKind kind, String first, String second) {
        return Given.layout(what, kind, first, second);
    }

    private static Figure figure(Assessment assessment, String name) {
        return assessment.reduction().orElseThrow().figures().stream()
                .filter(f -> (Given.said(f.name()) + " ").matches("\\Q" + name + "\\E\\W(?<!-).*"))
                .findFirst()
                .orElseThrow();
    }

    private static List<String> remarks(Assessment assessment) {
        return assessment.reduction().orElseThrow().told().remarks().stream()
                .map(Given::said)
                .toList();
    }

    /** An opening whose centre lies e off towards 30°: the wall there is further from the axis, so it reads minus. */
    private static double[] opening(Layout layout, double e, double direction, double... lobes) {
        return layout.stations().stream()
                .mapToDouble(s -> {
                    double m = -e * Math.cos(s.radians() - Math.toRadians(direction));
                    for (int i = 0; i < lobes.length; i++) {
                        m += lobes[i] * Math.cos((i + 2) * s.radians());
                    }
                    return m;
                })
                .toArray();
    }

    @RepeatedTest(12)
    void anOpeningIsMovedOppositeToItsOffsetAndEndsWhereItWasPredicted(RepetitionInfo info) {
        Random chance = new Random(info.getCurrentRepetition());
        double e = 40 + 60 * chance.nextDouble();
        double direction = 360 * chance.nextDouble();
        Layout ring = layout(Characteristic.OFFSET_OF_OPENING, LayoutKind.RING, "0 30 80 135 180 225 270 310", "");
        Given asked = Given.of(Characteristic.OFFSET_OF_OPENING, Given.atMost("0.05"), ring)
                .stated(StatedAs.OFFSET);
        Assessment found = asked.read(opening(ring, e, direction, 1.5));
        List<Available> drawer = List.of(
                new Available(Available.Kind.DOWEL, "D25", mm("0.025")),
                new Available(Available.Kind.DOWEL, "D50", mm("0.050")),
                new Available(Available.Kind.DOWEL, "D75", mm("0.075")));
        OffsetMove move =
                OffsetMove.of(asked.requirement(), Given.MICRON, found, drawer).orElseThrow();
        double off = Math.abs(move.towards() - Math.toRadians(direction + 180)) % (2 * Math.PI);
        assertThat(Math.min(off, 2 * Math.PI - off)).isLessThan(0.2);
        double smallest = drawer.stream()
                .mapToDouble(d -> Math.abs(move.offset() - d.amount().micrometres()))
                .min()
                .orElseThrow();
        OffsetMove.Choice best = move.choices().get(0);
        assertThat(best.residual()).isCloseTo(smallest, within(1e-9));
        assertThat(best.figure()).isCloseTo(best.residual(), within(1e-6));
        // The part really moved: the offset is shorter by the dowel along the direction that was told.
        double x = e * Math.cos(Math.toRadians(direction)) + best.moved() * Math.cos(move.towards());
        double y = e * Math.sin(Math.toRadians(direction)) + best.moved() * Math.sin(move.towards());
        double[] moved = opening(ring, Math.hypot(x, y), Math.toDegrees(Math.atan2(y, x)), 1.5);
        Assessment recheck = asked.read(moved);
        assertThat(recheck.reduction().orElseThrow().judged()).isCloseTo(best.figure(), within(1e-6));
        assertThat(move.exact().figure()).isCloseTo(0, within(1e-6));
        assertThat(best.diameters()).hasSize(7);
    }

    @Test
    void nothingIsMovedWithoutAnOffsetThatStandsClear() {
        Layout ring = layout(Characteristic.OFFSET_OF_OPENING, LayoutKind.RING, "8", "");
        Given asked = Given.of(Characteristic.OFFSET_OF_OPENING, Given.atMost("0.05"), ring);
        assertThat(OffsetMove.of(asked.requirement(), Given.MICRON, asked.read(new double[8]), List.of()))
                .isEmpty();
        assertThat(Way.words(0).code()).isEqualTo("core.up");
    }

    @Test
    void warnsWhenFormIsSoLargeThatHalfTheMovementOverstatesTheOffset() {
        Layout ring = layout(Characteristic.OFFSET_OF_OPENING, LayoutKind.RING, "12", "");
        Given asked = Given.of(Characteristic.OFFSET_OF_OPENING, Given.atMost("0.05"), ring);
        assertThat(remarks(asked.read(opening(ring, 20, 30, 15))))
                .singleElement()
                .asString()
                .contains("core.half-the-movement-is-but-the-centre");
        assertThat(remarks(asked.read(opening(ring, 20, 30)))).isEmpty();
    }

    @Test
    void aSectionWithAZeroOfItsOwnIsClosedBeforeTheNext() {
        Layout plain = layout(Characteristic.CIRCULAR_RUNOUT_RADIAL, LayoutKind.RINGS, "10 60", "4");
        Layout layout = plain.rezeroed();
        assertThat(layout.stations()).extracting(s -> s.name()).contains("10 mm · 0° again");
        assertThat(layout.returnStation().name()).isEqualTo("60 mm · 0°");
        Given asked = Given.of(Characteristic.CIRCULAR_RUNOUT_RADIAL, Given.atMost("0.02"), layout);
        Assessment good = asked.returned(0.0, 0, 4, 2, 1, 0.5, /* zero again */ 0, 3, 1, 0);
        assertThat(good.verdict().outcome()).isEqualTo(Outcome.PASS);
        assertThat(good.verdict().value()).isEqualTo(4);
        Assessment slipped = asked.returned(0.0, 0, 4, 2, 1, 9, 0, 3, 1, 0);
        assertThat(slipped.verdict().because()).isEqualTo(Because.RETURN_OUT);
        assertThat(slipped.returnCheck().orElseThrow().error()).isEqualTo(9);
    }

    @Test
    void twoJournalsOfARotorAreComparedInAmountAndDirection() {
        Layout layout = layout(Characteristic.CIRCULAR_RUNOUT_RADIAL, LayoutKind.RINGS, "0 100", "8");
        double[] readings = layout.stations().stream()
                .mapToDouble(s -> s.distance() == 0 ? 30 * Math.cos(s.radians()) : -40 * Math.sin(s.radians()))
                .toArray();
        Assessment rotor = Given.of(Characteristic.CIRCULAR_RUNOUT_RADIAL, Given.atMost("0.02"), layout)
                .read(readings);
        assertThat(figure(rotor, "core.centres-at-and-apart [0 mm, 100 mm]").amount())
                .isCloseTo(50, within(1e-6));
        JournalsReduction journals = (JournalsReduction) rotor.reduction().orElseThrow();
        assertThat(journals.journals().get(1).offset().orElseThrow().degrees()).isCloseTo(270, within(1e-6));
    }

    @Test
    void aFaceLeansByItsFirstHarmonicOverTheRadius() {
        Layout ring = layout(Characteristic.CIRCULAR_RUNOUT_AXIAL, LayoutKind.RING, "12", "");
        double[] readings = ring.stations().stream()
                .mapToDouble(s -> 50 * Math.cos(s.radians()))
                .toArray();
        Assessment face = Given.of(Characteristic.CIRCULAR_RUNOUT_AXIAL, Given.atMost("0.2"), ring)
                .on(new Basis(Optional.empty(), Optional.of(mm("100")), Optional.empty()))
                .read(readings);
        assertThat(figure(face, "core.wobble-of-the-face").amount())
                .isCloseTo(Math.toDegrees(Math.atan(0.0005)), within(1e-9));
        assertThat(figure(face, "core.lean").amount()).isCloseTo(0.5, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"MINIMUM_ZONE", "LEAST_SQUARES", "INSCRIBED", "CIRCUMSCRIBED", "ITSELF"})
    void roundnessIsJudgedByTheCircleTheRequirementNames(StatedAs stated) {
        Layout ring = layout(Characteristic.ROUNDNESS, LayoutKind.RING, "24", "");
        double[] lobed = ring.stations().stream()
                .mapToDouble(s -> 3 * Math.cos(3 * s.radians()) + 20 * Math.sin(s.radians()))
                .toArray();
        Assessment round = Given.of(Characteristic.ROUNDNESS, Given.atMost("0.004"), ring)
                .stated(stated)
                .read(lobed);
        assertThat(round.verdict().value()).isCloseTo(6, within(0.05));
        assertThat(round.verdict().outcome()).isEqualTo(Outcome.FAIL);
        assertThat(remarks(round).get(0))
                .contains("core.lobes-of-a-micrometer-snap-gauge-or")
                .contains("core.lobes-of-a-micrometer-snap-gauge-or");
        assertThat(remarks(round).get(1)).contains("core.these-stations-show-waves-up-to-to");
    }

    @Test
    void aSeriesOfPinsIsClosedByOneThatEntersAndOneThatDoesNot() {
        Limit limit = Limit.between("12.000", "12.018", LimitUnit.MILLIMETRE);
        Layout pins = layout(Characteristic.PIN_CHECK, LayoutKind.PINS, "12.00 12.01 12.02 12.03", "");
        Given asked = Given.of(Characteristic.PIN_CHECK, limit, pins);
        Assessment across = asked.read(1, 1, 0, 0);
        assertThat(across.verdict().because()).isEqualTo(Because.WITHIN_UNCERTAINTY);
        assertThat(figure(across, "core.pin-to-try-next").amount()).isEqualTo(12_018);
        assertThat(figure(across, "core.the-hole-is-at-least").amount()).isEqualTo(12_010);
        assertThat(asked.read(1, 1, 1, 1).missing().map(Given::said).orElseThrow())
                .contains("core.every-pin-enters-add-a-larger-one")
                .contains("core.every-pin-enters-add-a-larger-one");
        assertThat(asked.read(0, 1, 0, 0).missing().map(Given::said).orElseThrow())
                .contains("core.a-pin-that-enters-is-not-smaller");
        Basis minus = new Basis(
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Zeroing.ONE_FOR_ALL,
                Optional.of(mm("-0.002")),
                Reversal.NONE,
                Optional.empty());
        assertThat(figure(asked.on(minus).read(1, 1, 0, 0), "core.the-hole-is-at-least")
                        .amount())
                .isEqualTo(12_008);
        assertThat(figure(asked.on(minus).read(1, 1, 0, 0), "core.and-at-most").amount())
                .isEqualTo(12_020);
        // The pin of 12.00 may be 11.998, so it does not prove the lower limit; one made 2 µm larger does.
        assertThat(figure(asked.on(minus).read(1, 0, 0, 0), "core.pin-to-try-next")
                        .amount())
                .isEqualTo(12_002);
    }

    private static final Basis STEPS = new Basis(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Zeroing.EACH_STEP,
            Optional.empty(),
            Reversal.NONE,
            Optional.empty());

    private static PitchReduction pitch(Assessment each) {
        return (PitchReduction) each.reduction().orElseThrow();
    }

    @Test
    void pitchIsTheSameReadOnOneZeroOrStepByStep() {
        double[] steps = {2, -5, 7, -3};
        Layout row = layout(Characteristic.PITCH, LayoutKind.LINE, "50 100 150 200", "");
        Layout places = layout(Characteristic.PITCH, LayoutKind.LINE, "0 50 100 150 200", "");
        for (double zero : new double[] {0, 3, -40}) {
            Assessment oneZero = Given.of(Characteristic.PITCH, Given.atMost("0.006"), places)
                    .read(zero, zero + 2, zero - 3, zero + 4, zero + 1);
            for (Assessment each : List.of(
                    oneZero,
                    Given.of(Characteristic.PITCH, Given.atMost("0.006"), row)
                            .on(STEPS)
                            .read(steps))) {
                assertThat(pitch(each).pitches().steps()).containsExactly(steps);
                assertThat(pitch(each).pitches().places()).containsExactly(0, 2, -3, 4, 1);
                assertThat(each.verdict().value()).isEqualTo(7);
                assertThat(figure(each, "core.worst-between-two-places-and").amount())
                        .isEqualTo(7);
            }
            assertThat(pitch(oneZero).asRead()).containsExactly(0, 2, -3, 4, 1);
        }
    }

    /** Eight steps of a ring that each gain a little: all of it comes back at once in the last. */
    @Test
    void aRingIsClosedByItsLastStep() {
        Layout ring = layout(Characteristic.PITCH, LayoutKind.RING, "8", "");
        double[] gaining = {0, 2, 4, 6, 8, 10, 12, 14};
        Given single = Given.of(Characteristic.PITCH, Given.atMost("0.008"), ring);
        Assessment read = single.read(gaining);
        assertThat(read.verdict().value()).isEqualTo(-14);
        assertThat(read.verdict().outcome()).isEqualTo(Outcome.FAIL);
        assertThat(figure(read, "core.worst-single-step-to [315°, 0°]").amount())
                .isEqualTo(-14);
        Assessment turned = single.read(6, 8, 10, 12, 14, 0, 2, 4);
        assertThat(turned.verdict().value()).isEqualTo(-14);
        assertThat(single.stated(StatedAs.ACCUMULATED)
                        .read(4, 2, 0, -2, 2, 4, 6, 4)
                        .verdict()
                        .value())
                .isEqualTo(8);
    }

    /** Where a station of a ring was read does not matter, only where it lies. */
    @ParameterizedTest
    @CsvSource({"MINIMUM_ZONE", "LEAST_SQUARES", "INSCRIBED", "CIRCUMSCRIBED"})
    void aHuntedStationOfARoundnessCountsWhereItLies(StatedAs as) {
        double[] hunted = {0, 3, 1, -2, 4, 2, -1, 0, 7};
        double[] ordered = {0, 3, 7, 1, -2, 4, 2, -1, 0};
        Layout last = layout(Characteristic.ROUNDNESS, LayoutKind.RING, "0 45 90 135 180 225 270 315 65", "");
        Layout between = layout(Characteristic.ROUNDNESS, LayoutKind.RING, "0 45 65 90 135 180 225 270 315", "");
        double found = Given.of(Characteristic.ROUNDNESS, Given.atMost("0.02"), last)
                .stated(as)
                .read(hunted)
                .reduction()
                .orElseThrow()
                .judged();
        assertThat(Given.of(Characteristic.ROUNDNESS, Given.atMost("0.02"), between)
                        .stated(as)
                        .read(ordered)
                        .reduction()
                        .orElseThrow()
                        .judged())
                .isCloseTo(found, within(1e-9));
    }

    /** A place found between two others takes its place between them. */
    @Test
    void aHuntedPlaceOfARowStandsBetweenItsNeighbours() {
        Layout row = layout(Characteristic.PITCH, LayoutKind.LINE, "0 50 100 150 75", "");
        PitchReduction pitch =
                pitch(Given.of(Characteristic.PITCH, Given.atMost("0.008"), row).read(0, 2, 4, 6, 9));
        assertThat(pitch.pitches().steps()).containsExactly(2, 7, -5, 2);
        assertThat(pitch.asRead()).containsExactly(0, 2, 4, 6, 9);
    }

    @Test
    void groupsOfTwoToolsAreToldApartOnlyWhereChanceIsNotEnough() {
        Limit none = Limit.none(LimitUnit.MILLIMETRE);
        Layout holes = layout(
                Characteristic.DEPTH_AND_PITCH,
                LayoutKind.POINTS,
                "drill 1: a; drill 1: b; drill 1: c; drill 2: a; drill 2: b; drill 2: c",
                "");
        Given asked = Given.of(Characteristic.DEPTH_AND_PITCH, none, holes);
        assertThat(remarks(asked.read(0, 1, 2, 10, 11, 12)).get(0)).contains("core.is-above-significant-at-95-from");
        assertThat(remarks(asked.read(0, 8, 2, 3, 11, 5)).get(0)).contains("core.is-above-not-significant-at-95-from");
        FigureTable table = asked.read(0, 1, 2, 10, 11, 12)
                .reduction()
                .orElseThrow()
                .told()
                .tables()
                .get(0);
        assertThat(table.rows().get(1).cells()).extracting(Figure::amount).startsWith(3.0, 11.0, 1.0, 2.0);
    }

    /** Known value: t of Student for 4 degrees of freedom at 97.5 % is 2.776. */
    @Test
    void chanceIsMeasuredByStudentsT() {
        double needed = org.eskarn.core.size.WelchTest.of(new double[] {0, 1, 2}, new double[] {10, 11, 12})
                .needed();
        assertThat(needed).isCloseTo(2.7764 * Math.sqrt(2.0 / 3), within(1e-3));
    }

    @Test
    void aBoreIsToldWithItsBellMouthsAndItsWorstPlace() {
        Layout six = layout(Characteristic.BORE_SIZE, LayoutKind.RINGS, "5 15 25", "0 90");
        Limit limit = Limit.between("72.000", "72.030", LimitUnit.MILLIMETRE);
        Requirement plain = Given.of(Characteristic.BORE_SIZE, limit, six).requirement();
        Requirement bore = new Requirement(
                plain.characteristic(),
                org.eskarn.core.round.SurfaceSide.INSIDE,
                plain.limit(),
                plain.statedAs(),
                plain.rule(),
                plain.allowedReturn(),
                plain.flicker(),
                1,
                six,
                new Basis(Optional.of(mm("72.000")), Optional.empty(), Optional.empty()));
        Assessment map = new Given(bore).read(20, 22, 10, 10, 14, 34);
        assertThat(figure(map, "core.worst-place [25 mm · 90°]").amount()).isEqualTo(72_034);
        assertThat(figure(map, "core.bell-mouth-first-end").amount()).isCloseTo(11, within(1e-9));
        assertThat(figure(map, "core.bell-mouth-last-end").amount()).isCloseTo(14, within(1e-9));
        assertThat(figure(map, "core.taper-last-less-first").amount()).isCloseTo(3, within(1e-9));
        assertThat(figure(map, "core.taper").amount()).isCloseTo(0.15, within(1e-9));
        assertThat(figure(map, "core.waist").amount()).isCloseTo(-12.5, within(1e-9));
        assertThat(figure(map, "core.out-of-round-radial [core.at [25 mm]]").amount())
                .isCloseTo(10, within(1e-9));
        assertThat(remarks(map).get(0)).contains("core.two-points-cannot-see-lobes-of-an");
    }

    @Test
    void phaseIsToldAsAnAngleOnItsRadius() {
        Layout keys = layout(Characteristic.PHASE_ANGLE, LayoutKind.POINTS, "a; b", "");
        Assessment phase = Given.of(Characteristic.PHASE_ANGLE, Limit.none(LimitUnit.DEGREE), keys)
                .on(new Basis(Optional.empty(), Optional.of(mm("22")), Optional.empty()))
                .read(0, 192);
        double angle = phase.reduction()
                .orElseThrow()
                .told()
                .tables()
                .get(0)
                .rows()
                .get(1)
                .cells()
                .get(1)
                .amount();
        assertThat(angle).isCloseTo(Math.toDegrees(Math.asin(0.192 / 22)), within(1e-9));
    }

    @Test
    void aRingTooThinlyReadSaysSoInTheWordsOfTheQuestion() {
        Layout ring = layout(Characteristic.ROUNDNESS, LayoutKind.RING, "0 60 120 170", "");
        Given asked = Given.of(Characteristic.ROUNDNESS, Given.atMost("0.004"), ring);
        assertThat(asked.read(1, 2, 3, 4).missing().map(Given::said).orElseThrow())
                .contains("core.all-stations-lie-within-which-does-not");
        assertThat(Arrays.stream(StatedAs.values()).map(StatedAs::title)).doesNotHaveDuplicates();
    }

    /** Half a millimetre off on a known radius: its square is 2.8 µm, which must not be told as an oval or as form. */
    @Test
    void aLargeOffCentreIsNeitherAnOvalNorForm() {
        double radius = 22_500;
        Layout ring = layout(Characteristic.ROUNDNESS, LayoutKind.RING, "36", "");
        double[] readings = ring.stations().stream()
                .mapToDouble(s -> {
                    double along = 500 * Math.cos(s.radians() - 1);
                    double across = 500 * Math.sin(s.radians() - 1);
                    double lobed = radius + 4 * Math.cos(3 * s.radians());
                    return along + Math.sqrt(lobed * lobed - across * across) - radius;
                })
                .toArray();
        Assessment round = Given.of(Characteristic.ROUNDNESS, Given.atMost("0.02"), ring)
                .on(Basis.NONE.of(Optional.of(mm("45"))))
                .read(readings);
        assertThat(round.verdict().value()).isCloseTo(8, within(0.2));
        RoundnessReduction.Profile profile = ((RoundnessReduction)
                        round.reduction().orElseThrow())
                .profiles()
                .get(0);
        assertThat(profile.harmonics().waves().get(0).amplitude()).isCloseTo(500, within(0.1));
        assertThat(profile.harmonics().waves().get(0).crest()).isCloseTo(1, within(1e-3));
        assertThat(profile.harmonics().waves().get(1).amplitude()).isLessThan(0.2);
        assertThat(profile.harmonics().waves().get(2).amplitude()).isCloseTo(4, within(0.05));
        double[] seen = profile.seen().outwards();
        assertThat(Arrays.stream(seen).max().orElseThrow())
                .isCloseTo(profile.judged().outer(), within(1e-9));
        assertThat(Arrays.stream(seen).min().orElseThrow())
                .isCloseTo(profile.judged().inner(), within(1e-9));
    }

    @Test
    void threeReadingsProveNoRoundness() {
        Layout ring = layout(Characteristic.ROUNDNESS, LayoutKind.RING, "3", "");
        Assessment three =
                Given.of(Characteristic.ROUNDNESS, Given.atMost("0.004"), ring).read(0, 4, -3);
        assertThat(three.verdict().because()).isEqualTo(Because.STATIONS_UNFIT);
        assertThat(three.missing().map(Given::said).orElseThrow())
                .contains("core.roundness-needs-readings-at-four-angles-at");
    }
}
