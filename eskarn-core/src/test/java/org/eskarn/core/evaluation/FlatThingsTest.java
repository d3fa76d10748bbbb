package org.eskarn.core.evaluation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.eskarn.core.flat.Reversal;
import org.eskarn.core.reading.Corrections;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.LayoutRejected;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.Station;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.reading.WrittenLayout;
import org.eskarn.core.requirement.Basis;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.CharacteristicLayout;
import org.eskarn.core.requirement.Limit;
import org.eskarn.core.requirement.StatedAs;
import org.eskarn.core.requirement.Zeroing;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.Outcome;
import org.eskarn.core.verdict.Verdict.Because;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class FlatThingsTest {

    private static Length mm(String amount) {
        return Length.of(amount, LengthUnit.MILLIMETRE);
    }

    private static Basis basis(String span, Zeroing zeroing, Reversal reversal) {
        return new Basis(
                Optional.empty(),
                Optional.empty(),
                span.isEmpty() ? Optional.empty() : Optional.of(mm(span)),
                zeroing,
                Optional.empty(),
                reversal,
                Optional.empty());
    }

    private static Given twice(
            Characteristic what, LayoutKind kind, String first, String second, String span, Reversal how) {
        Layout layout = Given.layout(what, kind, first, second).inSetUps(how.setUps());
        return Given.of(what, Given.atMost("0.02"), layout).on(basis(span, Zeroing.ONE_FOR_ALL, how));
    }

    private static String remarks(Assessment assessment) {
        return assessment.reduction().orElseThrow().told().remarks().stream()
                .map(Given::said)
                .toList()
                .toString();
    }

    @Test
    void aFaceTellsAllThreeAndJudgesTheOneAsked() {
        Layout grid = Given.layout(Characteristic.FLATNESS, LayoutKind.GRID, "0 50 100", "0 40 80");
        double[] wedgeWithDome = {0, 10, 20, 4, 22, 24, 8, 18, 28};
        Assessment flat =
                Given.of(Characteristic.FLATNESS, Given.atMost("0.01"), grid).read(wedgeWithDome);
        assertThat(flat.verdict().value()).isCloseTo(8, within(1e-9));
        assertThat(flat.reduction().orElseThrow().figures().get(0).amount()).isEqualTo(28);
        assertThat(remarks(flat)).contains("core.down-and-to-the-left", "x 50 y 40");
        Assessment least = Given.of(Characteristic.FLATNESS, Given.atMost("0.01"), grid)
                .stated(StatedAs.LEAST_SQUARES)
                .read(wedgeWithDome);
        assertThat(least.verdict().value()).isCloseTo(8, within(1e-9));
        // A dome and a dent: the zone lies between them, the least squares plane does not.
        double[] lopsided = {0, 0, 9, 0, 7, 0, -4, 0, 0};
        Given face = Given.of(Characteristic.FLATNESS, Given.atMost("0.01"), grid);
        double zone =
                java.util.Objects.requireNonNull(face.read(lopsided).verdict().value());
        double squares = java.util.Objects.requireNonNull(
                face.stated(StatedAs.LEAST_SQUARES).read(lopsided).verdict().value());
        assertThat(zone).isLessThan(squares);
        // WrittenNumber before zones could be named, it was meant by least squares.
        assertThat(face.stated(StatedAs.ITSELF).read(lopsided).verdict().value())
                .isEqualTo(squares);
        Assessment parallel = Given.of(Characteristic.PARALLELISM_OF_FACES, Given.atMost("0.01"), grid)
                .read(wedgeWithDome);
        assertThat(parallel.verdict().value()).isEqualTo(28);
        Layout inLine =
                Given.layout(Characteristic.FLATNESS, LayoutKind.POINTS, "a 0 0; b 10 10; c 20 20; d 30 30", "");
        assertThat(Given.of(Characteristic.FLATNESS, Given.atMost("0.01"), inLine)
                        .read(0, 1, 2, 3)
                        .missing()
                        .map(Given::said)
                        .orElseThrow())
                .contains("core.a-plane-needs-readings-at-three-places");
    }

    @Test
    void extremesOfAFlickerWidenTheZoneByTheBand() {
        Layout grid = Given.layout(Characteristic.FLATNESS, LayoutKind.GRID, "0 50 100", "0 40");
        List<Reading> readings = grid.stations().stream()
                .map(station -> new Reading(station, 0, 1.5))
                .toList();
        Given asked = Given.of(Characteristic.FLATNESS, Given.atMost("0.01"), grid);
        Sweep sweep = new Sweep(grid, readings, 0.0);
        assertThat(Assessment.of(
                                asked.flicker(FlickerRule.EXTREMES).requirement(),
                                Given.MICRON,
                                sweep,
                                Corrections.NONE)
                        .verdict()
                        .value())
                .isCloseTo(3, within(1e-9));
        assertThat(Assessment.of(asked.requirement(), Given.MICRON, sweep, Corrections.NONE)
                        .verdict()
                        .value())
                .isCloseTo(0, within(1e-9));
    }

    @Test
    void aMasterSquareOrAReversalTakesTheComparatorsErrorOff() {
        // The comparator leans by 10 over the height, the part by 6 the same way.
        Given onMaster = twice(Characteristic.SQUARENESS, LayoutKind.LINE, "0 50 100", "", "", Reversal.ON_MASTER);
        Assessment master = onMaster.read(0, 5, 10, 0, 0, 8, 16);
        assertThat(master.verdict().value()).isCloseTo(6, within(1e-9));
        assertThat(remarks(master)).contains("core.towards", "core.on-the-master-the-gauge-moved-by");
        Given reversed = twice(Characteristic.SQUARENESS, LayoutKind.LINE, "0 50 100", "", "", Reversal.PART_TURNED);
        assertThat(reversed.read(0, 8, 16, 0, 0, 2, 4).verdict().value()).isCloseTo(6, within(1e-9));
        // Where the first set-up did not come back to its zero, nothing is proved.
        assertThat(reversed.read(0, 8, 16, 9, 0, 2, 4).verdict().outcome()).isEqualTo(Outcome.NOT_PROVEN);
        assertThat(reversed.returned(null, 0, 8, 16, 0, 0).reduction()).isEmpty();
    }

    private static Given ownMaster(Characteristic what, String part, String master) throws LayoutRejected {
        WrittenLayout written = new WrittenLayout(LayoutKind.LINE, LengthUnit.MILLIMETRE, part, master);
        Layout layout = CharacteristicLayout.read(what, written, Zeroing.ONE_FOR_ALL, Reversal.ON_MASTER, List.of());
        return Given.of(what, Given.atMost("0.01"), layout).on(basis("", Zeroing.ONE_FOR_ALL, Reversal.ON_MASTER));
    }

    /** The master at two heights, the part at five: what lies between is on the straight line between those two. */
    @Test
    void aMasterMayBeReadAtStationsOfItsOwn() throws LayoutRejected {
        Given asked = ownMaster(Characteristic.SQUARENESS, "10 30 50 70 90", "0 100");
        assertThat(asked.requirement().layout().stations())
                .extracting(Station::name)
                .startsWith("master: 0 mm", "master: 100 mm", "master: 0 mm again", "part: 10 mm");
        // The comparator leans by 10 over 100 mm, the part by 6 more over 80 mm.
        Assessment own = asked.read(0, 10, 0, 1, 4.5, 8, 11.5, 15);
        assertThat(own.verdict().value()).isCloseTo(6, within(1e-9));
        Given same = ownMaster(Characteristic.SQUARENESS, "10 30 50 70 90", "");
        Assessment alike = same.read(1, 3, 5, 7, 9, 1, 1, 4.5, 8, 11.5, 15);
        assertThat(own.verdict().value()).isCloseTo(alike.verdict().value(), within(1e-9));
        // In whatever order the master was read, and as far as the part is read.
        Given backwards = ownMaster(Characteristic.SQUARENESS, "10 90", "100 50 0");
        assertThat(backwards.read(10, 5, 0, 10, 1, 15).verdict().value()).isCloseTo(6, within(1e-9));
        assertThat(asked.read(0, 10, 0, 1).missing()).isPresent();
        Given straight = ownMaster(Characteristic.STRAIGHTNESS, "0 25 50 75 100", "0 50 100");
        assertThat(straight.read(0, 4, 0, 0, 0, 2, 7, 2, 0).verdict().value()).isCloseTo(3, within(1e-9));
    }

    @Test
    void aMasterThatIsNotReadAsFarAsThePartIsRefused() {
        assertThatThrownBy(() -> ownMaster(Characteristic.SQUARENESS, "10 50 90", "20 100"))
                .isInstanceOfSatisfying(
                        LayoutRejected.class, e -> assertThat(e.second()).isTrue())
                .hasMessageContaining("core.the-master-is-not-read-as-far-as [10 mm");
        assertThatThrownBy(() -> ownMaster(Characteristic.SQUARENESS, "10 50", "x"))
                .isInstanceOfSatisfying(
                        LayoutRejected.class, e -> assertThat(e.second()).isTrue());
    }

    @Test
    void severalLinesOfAnUprightAreJudgedByTheWorstAndCompared() {
        Layout lines = Given.layout(Characteristic.SQUARENESS, LayoutKind.LINES, "left; right", "0 50 100")
                .rezeroed();
        assertThat(lines.stations()).extracting(Station::name).contains("left · 0 mm again");
        Assessment both = Given.of(Characteristic.SQUARENESS, Given.atMost("0.01"), lines)
                .on(basis("", Zeroing.EACH_STEP, Reversal.NONE))
                .read(0, 2, 4, 0, 0, -4, -8);
        assertThat(both.verdict().value()).isEqualTo(8);
        assertThat(remarks(both)).contains("core.worst-is-the-slopes-of-the-lines [right", "core.away-from");
        LineReduction lined = (LineReduction) both.reduction().orElseThrow();
        assertThat(lined.lines()).hasSize(2);
        assertThat(lined.worst()).isEqualTo(1);
    }

    @Test
    void aBedIsReadByPlacementsOrFootToFoot() {
        Layout steps =
                Given.layout(Characteristic.STRAIGHTNESS, LayoutKind.STEPS, "0 100 200; 100 200 300; 200 300 400", "");
        double[] bed = {0, 3, 4, 3, 0};
        Assessment joined = Given.of(Characteristic.STRAIGHTNESS, Given.atMost("0.01"), steps)
                .read(bed[0], bed[1], bed[2], 50 + bed[1], 52 + bed[2], 54 + bed[3], bed[2], bed[3], bed[4]);
        assertThat(joined.verdict().value()).isCloseTo(4, within(1e-9));
        assertThat(remarks(joined)).contains("core.the-placements-were-lifted-and-turned-to");
        Layout feet = Given.layout(Characteristic.STRAIGHTNESS, LayoutKind.LINE, "100 200 300 400", "")
                .rezeroed();
        // A level that speaks of 1000 mm reads ten times the rise over a step of 100 mm.
        Assessment level = Given.of(Characteristic.STRAIGHTNESS, Given.atMost("0.01"), feet)
                .on(basis("1000", Zeroing.EACH_STEP, Reversal.NONE))
                .read(30, 10, -10, -30);
        assertThat(level.verdict().value()).isCloseTo(4, within(1e-9));
        assertThat(level.sweep().layout().returns()).isFalse();
    }

    @Test
    void anArborTurnedHalfRoundAndALinkTurnedOverAreShared() {
        Given axis = twice(
                Characteristic.PARALLELISM_OF_AXIS,
                LayoutKind.PAIRS,
                "upright; level",
                "",
                "300",
                Reversal.FIXTURE_TURNED);
        // The bore rises by 6 and 8, the arbor is bent by 2 and 1.
        Assessment turned = axis.stated(StatedAs.RESULTANT).read(0, 8, 0, 9, 0, 4, 0, 7);
        assertThat(turned.verdict().value()).isCloseTo(10, within(1e-9));
        SlopesReduction slopes = (SlopesReduction) turned.reduction().orElseThrow();
        assertThat(slopes.slopes()).extracting(SlopesReduction.Slope::name).containsExactly("upright", "level");
        assertThat(slopes.slopes()).extracting(SlopesReduction.Slope::fixture).containsExactly(2.0, 1.0);
        Given link =
                twice(Characteristic.BEND_AND_TWIST, LayoutKind.PAIRS, "bend; twist", "", "100", Reversal.PART_TURNED);
        Assessment over = link.read(0, 7, 0, 30, 0, 1, 0, -20);
        assertThat(over.verdict().value()).isCloseTo(25, within(1e-9));
        assertThat(((SlopesReduction) over.reduction().orElseThrow())
                        .slopes()
                        .get(0)
                        .fixture())
                .isEqualTo(4);
    }

    @Test
    void guidesSayWhichWayTheyOpenAndPiecesAreCompared() {
        Layout guides = Given.layout(Characteristic.PARALLELISM_OF_LINES, LayoutKind.PAIRS, "left; right", "");
        Assessment both = Given.of(Characteristic.PARALLELISM_OF_LINES, Given.atMost("0.05"), guides)
                .read(0, 10, 0, -30);
        assertThat(both.verdict().value()).isEqualTo(30);
        assertThat(remarks(both)).contains("core.decides");
        Layout pieces = Given.layout(
                Characteristic.PARALLELISM_OF_AXIS, LayoutKind.PAIRS, "case 1: upright; case 2: upright", "");
        assertThat(remarks(Given.of(Characteristic.PARALLELISM_OF_AXIS, Given.atMost("0.05"), pieces)
                        .read(0, 4, 0, 9)))
                .contains("core.differs-from-by");
    }

    @Test
    void boresInLineAreJudgedByTheResultantOfBothPlanes() {
        Layout planes = Given.layout(Characteristic.BORES_IN_LINE, LayoutKind.LINES, "upright; level", "0 50 150 200");
        Given asked = Given.of(Characteristic.BORES_IN_LINE, Given.atMost("0.05"), planes);
        assertThat(asked.read(0, 0, 3, 3, 0, 5, 15, 24).verdict().value()).isCloseTo(5, within(1e-9));
        assertThat(asked.stated(StatedAs.ZONE_DIAMETER)
                        .read(0, 0, 3, 3, 0, 5, 15, 24)
                        .verdict()
                        .value())
                .isCloseTo(10, within(1e-9));
    }

    /** Part and comparator may lean and bow as they like: turned over, the part's own range is judged. */
    @RepeatedTest(10)
    void aReversalFindsThePartWhateverTheComparatorDoes(RepetitionInfo info) {
        Random chance = new Random(info.getCurrentRepetition());
        double[] part = {0, 0, 0, 0};
        double[] fixture = {0, 0, 0, 0};
        double[] read = new double[9];
        double[] straight = new double[9];
        for (int i = 0; i < 4; i++) {
            part[i] = i == 0 ? 0 : 20 * chance.nextGaussian();
            fixture[i] = i == 0 ? 0 : 20 * chance.nextGaussian();
            read[i] = part[i] + fixture[i];
            read[5 + i] = fixture[i] - part[i];
            straight[i] = read[i];
            straight[5 + i] = part[i] - fixture[i];
        }
        Given square = twice(Characteristic.SQUARENESS, LayoutKind.LINE, "0 30 60 90", "", "", Reversal.PART_TURNED);
        double range = java.util.Arrays.stream(part).max().orElseThrow()
                - java.util.Arrays.stream(part).min().orElseThrow();
        assertThat(square.read(read).verdict().value()).isCloseTo(range, within(1e-9));
        Given edge = twice(Characteristic.STRAIGHTNESS, LayoutKind.LINE, "0 30 60 90", "", "", Reversal.FIXTURE_TURNED);
        Given once = Given.of(
                Characteristic.STRAIGHTNESS,
                Given.atMost("0.02"),
                Given.layout(Characteristic.STRAIGHTNESS, LayoutKind.LINE, "0 30 60 90", ""));
        assertThat(edge.read(straight).verdict().value())
                .isCloseTo(
                        java.util.Objects.requireNonNull(
                                once.read(part).verdict().value()),
                        within(1e-9));
    }

    /** Drift of each set-up is its own, and comes off by itself. */
    @Test
    void driftIsTakenOffEachSetUp() {
        Reversal how = Reversal.ON_MASTER;
        Layout layout = Given.layout(Characteristic.SQUARENESS, LayoutKind.LINE, "0 50 100", "")
                .inSetUps(how.setUps());
        Given asked = Given.of(Characteristic.SQUARENESS, Given.atMost("0.02"), layout)
                .on(basis("", Zeroing.ONE_FOR_ALL, how))
                .allowedReturn("0.01");
        // Master: 0 0 0, drifting by 3; part: 0 5 10, drifting by −3.
        Sweep sweep = Given.sweep(layout, -3.0, 0, 1, 2, 3, 0, 4, 8);
        Corrections drift = new Corrections(true, Optional.empty(), 0);
        assertThat(Assessment.of(asked.requirement(), Given.MICRON, sweep, drift)
                        .verdict()
                        .value())
                .isCloseTo(10, within(1e-9));
        assertThat(Assessment.of(asked.requirement(), Given.MICRON, sweep, Corrections.NONE)
                        .verdict()
                        .value())
                .isCloseTo(6, within(1e-9));
    }

    @Test
    void theUncertaintyFollowsHowOftenAReadingCounts() {
        double once = expanded(Given.of(
                        Characteristic.SQUARENESS,
                        Given.atMost("0.02"),
                        Given.layout(Characteristic.SQUARENESS, LayoutKind.LINE, "0 50", ""))
                .read(0, 4));
        double master = expanded(twice(Characteristic.SQUARENESS, LayoutKind.LINE, "0 50", "", "", Reversal.ON_MASTER)
                .read(0, 0, 0, 0, 4));
        double turned = expanded(twice(Characteristic.SQUARENESS, LayoutKind.LINE, "0 50", "", "", Reversal.PART_TURNED)
                .read(0, 4, 0, 0, -4));
        assertThat(master).isCloseTo(once * Math.sqrt(2), within(1e-9));
        assertThat(turned).isCloseTo(once / Math.sqrt(2), within(1e-9));
        Layout planes = Given.layout(Characteristic.BORES_IN_LINE, LayoutKind.LINES, "upright", "0 50 50.5 100");
        Given bores = Given.of(Characteristic.BORES_IN_LINE, Given.atMost("0.05"), planes);
        double off = expanded(bores.read(0, 0, 0, 0));
        assertThat(expanded(bores.stated(StatedAs.ZONE_DIAMETER).read(0, 0, 0, 0)))
                .isCloseTo(2 * off, within(1e-9));
        assertThat(expanded(twice(
                                Characteristic.BORES_IN_LINE,
                                LayoutKind.LINES,
                                "upright",
                                "0 50 50.5 100",
                                "",
                                Reversal.FIXTURE_TURNED)
                        .read(0, 0, 0, 0, 0, 0, 0, 0, 0)))
                .isCloseTo(off / Math.sqrt(2), within(1e-9));
    }

    private static double expanded(Assessment assessment) {
        return assessment.reduction().orElseThrow().budget().expanded();
    }

    @Test
    void withoutALimitTheWorstPairIsRecordedAndUnlikePairsHaveNoMean() {
        Limit none = Limit.none(org.eskarn.core.requirement.LimitUnit.MILLIMETRE);
        Layout link = Given.layout(Characteristic.BEND_AND_TWIST, LayoutKind.PAIRS, "bend; twist", "");
        Assessment both = Given.of(Characteristic.BEND_AND_TWIST, none, link).read(0, 14, 0, -90);
        assertThat(both.verdict().outcome()).isEqualTo(Outcome.RECORDED);
        assertThat(both.verdict().value()).isEqualTo(-90);
        assertThat(both.reduction().orElseThrow().figures())
                .noneMatch(f -> f.name().code().equals("core.mean"));
        Layout guides = Given.layout(Characteristic.PARALLELISM_OF_LINES, LayoutKind.PAIRS, "left; right", "");
        assertThat(Given.of(Characteristic.PARALLELISM_OF_LINES, none, guides)
                        .read(0, 10, 0, 30)
                        .reduction()
                        .orElseThrow()
                        .figures())
                .anyMatch(f -> f.name().code().equals("core.mean") && f.amount() == -20);
    }

    /** A resultant has no sign, so its limit has none either. */
    @Test
    void aResultantIsLimitedFromZero() {
        Layout planes = Given.layout(Characteristic.PARALLELISM_OF_AXIS, LayoutKind.PAIRS, "upright; level", "");
        Given asked = Given.of(Characteristic.PARALLELISM_OF_AXIS, Given.atMost("0.006"), planes);
        assertThat(asked.requirement().bounds().lower()).isEqualTo(-6);
        assertThat(asked.stated(StatedAs.RESULTANT).requirement().bounds().lower())
                .isNull();
        assertThat(asked.read(0, 1, 0, -1).verdict().outcome()).isEqualTo(Outcome.PASS);
        assertThat(asked.stated(StatedAs.RESULTANT).read(0, 9, 0, -9).verdict().outcome())
                .isEqualTo(Outcome.FAIL);
    }

    @Test
    void sweepLinesAndRimsAreWrittenShortly() throws LayoutRejected {
        Layout layout = new WrittenLayout(
                        LayoutKind.POINTS,
                        LengthUnit.MILLIMETRE,
                        "A 0 0 to 80 60 in 5; rim round 40 30 at 20 in 4; ear 100 30",
                        "")
                .read(List.of());
        assertThat(layout.stations()).hasSize(10);
        assertThat(layout.stations().get(2).distance()).isEqualTo(40);
        assertThat(layout.stations().get(2).height()).isEqualTo(30);
        assertThat(layout.stations().get(6).name()).isEqualTo("rim 2");
        assertThat(layout.stations().get(6).distance()).isEqualTo(60);
        assertThat(layout.stations().get(9).name()).isEqualTo("ear");
    }

    /** The first set-up read once more: as before it proves the reversal, moved it proves nothing. */
    @ParameterizedTest
    @EnumSource(
            value = Reversal.class,
            names = {"PART_TURNED_BACK", "FIXTURE_TURNED_BACK"})
    void theFirstSetUpOnceMoreShowsWhetherAnythingMoved(Reversal how) {
        Basis basis = new Basis(
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Zeroing.ONE_FOR_ALL,
                Optional.empty(),
                how,
                Optional.empty());
        Layout plain = Given.layout(Characteristic.SQUARENESS, LayoutKind.LINE, "0 50 100", "");
        Given asked = Given.of(Characteristic.SQUARENESS, Given.atMost("0.020"), plain.inSetUps(how.setUps()))
                .on(basis);
        Given twice = Given.of(
                        Characteristic.SQUARENESS,
                        Given.atMost("0.020"),
                        plain.inSetUps(how.unchecked().setUps()))
                .on(basis.unchecked());
        double figure = java.util.Objects.requireNonNull(
                twice.read(0, 4, 9, 0, 0, 2, 3).verdict().value());
        Assessment held = asked.read(0, 4, 9, 0, 0, 2, 3, 0, 0, 4, 10);
        assertThat(held.verdict().value()).isEqualTo(figure);
        assertThat(held.verdict().outcome()).isEqualTo(Outcome.PASS);
        assertThat(held.told(asked.requirement()).remarks())
                .extracting(Given::said)
                .anyMatch(sentence -> sentence.contains("core.turned-back-it-reads-as-before-within"));
        // One place by more than the return may be off.
        Assessment moved = asked.read(0, 4, 9, 0, 0, 2, 3, 0, 0, 4, 13);
        assertThat(moved.verdict().because()).isEqualTo(Because.STATIONS_UNFIT);
        assertThat(moved.missing().map(Given::said).orElseThrow()).contains("core.turned-back-it-does-not-read-as");
        // What is read so far of two set-ups is told already.
        assertThat(asked.read(0, 4, 9, 0, 0, 2, 3, 0, 0).reduction()).isPresent();
        assertThat(twice.read(0, 4, 9, 0, 0, 2, 3).told(twice.requirement()).remarks())
                .extracting(Given::said)
                .anyMatch(sentence -> sentence.contains("core.two-set-ups-always-give-two-shares"));
    }
}
