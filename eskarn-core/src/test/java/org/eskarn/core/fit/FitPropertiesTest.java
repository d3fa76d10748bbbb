package org.eskarn.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.eskarn.core.fit.Seat.Ring;
import org.eskarn.core.fit.Seat.Turning;
import org.eskarn.core.fit.SelectivePairing.Piece;
import org.eskarn.core.size.SizeMap;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.Bounds;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What must hold whatever the sizes are. */
class FitPropertiesTest {

    private static SizeMap map(Random random, double about, int sections) {
        double[] at = new double[2 * sections];
        double[] sizes = new double[2 * sections];
        for (int i = 0; i < at.length; i++) {
            at[i] = 10.0 * (i / 2);
            sizes[i] = about + random.nextInt(30);
        }
        return SizeMap.of(at, sizes);
    }

    /** Between its sections a pair is never tighter or looser than at them, and a thicker shaft is tighter by as much. */
    @RepeatedTest(30)
    void clearancesAreBoundedByTheirSectionsAndShiftWithTheShaft(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        SizeMap hole = map(random, 40_050, 2 + random.nextInt(5));
        SizeMap shaft = map(random, 40_000, 2 + random.nextInt(5));
        MatedSizes pair = MatedSizes.of(hole, shaft);
        double smallestHole = hole.sections().stream()
                .mapToDouble(SizeMap.Section::smallest)
                .min()
                .orElseThrow();
        double largestShaft = shaft.sections().stream()
                .mapToDouble(SizeMap.Section::largest)
                .max()
                .orElseThrow();
        assertThat(pair.tightest().tightest()).isGreaterThanOrEqualTo(smallestHole - largestShaft);
        assertThat(pair.places()).allSatisfy(place -> {
            assertThat(place.tightest()).isLessThanOrEqualTo(place.mean());
            assertThat(place.mean()).isLessThanOrEqualTo(place.loosest());
        });
        double more = random.nextInt(20);
        SizeMap thicker = new SizeMap(shaft.sections().stream()
                .map(s -> new SizeMap.Section(
                        s.at(),
                        s.mean() + more,
                        s.smallest() + more,
                        s.largest() + more,
                        s.smallestIndex(),
                        s.largestIndex()))
                .toList());
        MatedSizes tighter = MatedSizes.of(hole, thicker);
        for (int i = 0; i < pair.places().size(); i++) {
            assertThat(tighter.places().get(i).mean())
                    .isCloseTo(pair.places().get(i).mean() - more, within(1e-6));
        }
    }

    /** Turned twice a map is what it was; both turned together a pair is the same from the other end. */
    @RepeatedTest(20)
    void turningAPairChangesNothingButItsEnds(RepetitionInfo run) {
        Random random = new Random(100 + run.getCurrentRepetition());
        int sections = 2 + random.nextInt(5);
        SizeMap hole = map(random, 40_050, sections);
        SizeMap shaft = map(random, 40_000, sections);
        assertThat(MatedSizes.turned(MatedSizes.turned(hole))).isEqualTo(hole);
        MatedSizes pair = MatedSizes.of(hole, shaft);
        MatedSizes turned = MatedSizes.of(MatedSizes.turned(hole), MatedSizes.turned(shaft));
        assertThat(turned.tightest().tightest()).isEqualTo(pair.tightest().tightest());
        assertThat(turned.loosest().loosest()).isEqualTo(pair.loosest().loosest());
        assertThat(turned.mean()).isCloseTo(pair.mean(), within(1e-6));
    }

    /** More of a range never pairs fewer, and the order of the pieces does not matter. */
    @RepeatedTest(20)
    void aWiderRangePairsNoFewer(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        List<Piece> shafts = new ArrayList<>();
        List<Piece> bores = new ArrayList<>();
        for (int i = 0; i < 25; i++) {
            shafts.add(piece(i, random.nextGaussian() * 6));
            bores.add(piece(i, 20 + random.nextGaussian() * 6));
        }
        int last = 0;
        for (double half : new double[] {0.5, 1, 2, 4, 8, 30}) {
            Bounds wanted = Bounds.between(20 - half, 20 + half);
            int found = SelectivePairing.of(shafts, bores, wanted).pairs().size();
            assertThat(found).isGreaterThanOrEqualTo(last);
            last = found;
            List<Piece> shuffled = new ArrayList<>(shafts);
            java.util.Collections.shuffle(shuffled, random);
            assertThat(SelectivePairing.of(shuffled, bores, wanted).pairs()).hasSize(found);
        }
        assertThat(last).isEqualTo(25);
    }

    private static Piece piece(int i, double size) {
        return new Piece("" + i, size, size);
    }

    @Test
    void nothingPairsWithNothing() {
        Bounds wanted = Bounds.between(0, 10);
        List<Piece> one = List.of(piece(1, 5));
        assertThat(SelectivePairing.of(List.of(), List.of(), wanted).pairs()).isEmpty();
        assertThat(SelectivePairing.of(one, List.of(), wanted).shaftsLeft()).containsExactly(0);
        assertThat(SelectivePairing.of(List.of(), one, wanted).boresLeft()).containsExactly(0);
        SelectivePairing far = SelectivePairing.of(one, List.of(piece(2, 99)), wanted);
        assertThat(far.pairs()).isEmpty();
        assertThat(far.nearestLeft(one, List.of(piece(2, 99)), wanted)
                        .orElseThrow()
                        .middle())
                .isEqualTo(94);
        assertThatThrownBy(() -> new Piece("x", 2, 1)).hasMessageContaining("smallest");
    }

    /** The nearest pack with the fewest pieces, by trying every one. */
    @RepeatedTest(40)
    void aPackOfShimsIsTheBestOfTheFewest(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        List<Double> shims = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            shims.add(20.0 + 10 * random.nextInt(20));
        }
        double least = 50 + random.nextInt(400);
        EndGap.Filling wanted = new EndGap.Filling(true, least, least + 10 + random.nextInt(40));
        List<Double> packs = new ArrayList<>();
        int fewest = fewest(shims, wanted, packs);
        List<Double> found = EndGap.pack(shims, wanted).orElse(List.of());
        if (fewest == 0) {
            assertThat(found).isEmpty();
        } else {
            assertThat(found).hasSize(fewest);
            double best = packs.stream()
                    .mapToDouble(sum -> Math.abs(sum - wanted.middle()))
                    .min()
                    .orElseThrow();
            assertThat(Math.abs(EndGap.sum(found) - wanted.middle())).isCloseTo(best, within(1e-9));
        }
    }

    /** The sums of all packs of the fewest pieces that lie in the range; the number of pieces, 0 for none. */
    private static int fewest(List<Double> shims, EndGap.Filling wanted, List<Double> packs) {
        List<Double> sums = List.of(0.0);
        for (int pieces = 1; pieces <= EndGap.MOST_SHIMS; pieces++) {
            List<Double> next = new ArrayList<>();
            for (double sum : sums) {
                for (double shim : shims) {
                    next.add(sum + shim);
                }
            }
            next.stream()
                    .filter(sum -> sum >= wanted.least() && sum <= wanted.most())
                    .forEach(packs::add);
            if (!packs.isEmpty()) {
                return pieces;
            }
            sums = next;
        }
        return 0;
    }

    /** A larger journal sits tighter, a larger housing looser; a rougher one keeps less of it and never more than nothing. */
    @RepeatedTest(20)
    void seatsTightenWithTheirSize(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        double size = 45_000 + random.nextInt(30) - 15;
        double roughness = random.nextInt(12);
        RingFit inner = RingFit.of(Ring.INNER, 45_000, 12, size, size + 3, roughness);
        RingFit larger = RingFit.of(Ring.INNER, 45_000, 12, size + 5, size + 8, roughness);
        assertThat(larger.least() - inner.least()).isCloseTo(5, within(1e-9));
        assertThat(larger.most() - inner.most()).isCloseTo(5, within(1e-9));
        RingFit housing = RingFit.of(Ring.OUTER, 45_000, 12, size, size + 3, roughness);
        RingFit wider = RingFit.of(Ring.OUTER, 45_000, 12, size + 5, size + 8, roughness);
        assertThat(wider.most() - housing.most()).isCloseTo(-5, within(1e-9));
        assertThat(inner.lost(inner.most())).isBetween(0.0, 0.8 * Math.max(0, inner.most()));
        assertThat(housing.lost(housing.most())).isZero();
        for (Turning turning : Turning.values()) {
            boolean loose =
                    inner.creep(turning) == RingFit.Creep.CREEPS || inner.creep(turning) == RingFit.Creep.MAY_SLIDE;
            assertThat(loose).isEqualTo(inner.effective(inner.most()) <= 0);
        }
    }

    /** Every grade is wider than the one before and every size range wider than the one below, wherever both are defined. */
    @ParameterizedTest
    @CsvSource({"H", "h", "G", "f", "p", "s", "D"})
    void limitsGrowWithGradeAndSize(String letters) throws FitUndefined {
        double last = 0;
        for (int grade = 1; grade <= 13; grade++) {
            double width = width("60", letters + grade);
            assertThat(width).isGreaterThan(last);
            last = width;
        }
        last = 0;
        for (String size : List.of(
                "2", "5", "9", "15", "25", "45", "70", "100", "150", "200", "300", "350", "450", "600", "2000")) {
            double width = width(size, letters + "8");
            assertThat(width).isGreaterThan(last);
            last = width;
        }
    }

    private static double width(String size, String written) throws FitUndefined {
        return IsoLimits.of(
                        new BigDecimal(size), ToleranceClass.written(written).orElseThrow())
                .width();
    }

    /** The ends of a range belong to it from above: 30 is in “18 to 30”, 30.001 is not. */
    @ParameterizedTest
    @CsvSource({"3, 3.001", "10, 10.001", "30, 30.001", "50, 50.5", "500, 501", "1000, 1001"})
    void aRangeEndsWithItsLargestSize(String at, String above) throws FitUndefined {
        assertThat(width(at, "H7")).isLessThan(width(above, "H7"));
    }

    @ParameterizedTest
    @CsvSource({"0.12, 0.13", "0.71, 0.72", "1.97, 1.98", "7.09, 7.10"})
    void anInchRangeEndsWithItsLargestSize(BigDecimal at, BigDecimal above) throws FitUndefined {
        assertThat(InchFits.of(at, "RC4").holeUpper())
                .isLessThan(InchFits.of(above, "RC4").holeUpper());
    }

    /** What is warmed and cooled again is what it was; a part and a gauge of one material need no correction. */
    @RepeatedTest(20)
    void warmthGoesBothWays(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        Material material = Material.all().get(random.nextInt(Material.all().size()));
        double size = 5_000 + random.nextInt(400_000);
        double warm = -20 + random.nextInt(120);
        double other = random.nextInt(60);
        assertThat(material.sizeAt(material.sizeAt(size, 20, warm), warm, 20)).isCloseTo(size, within(1e-6));
        assertThat(material.sizeAt(material.sizeAt(size, 20, warm), warm, other))
                .isCloseTo(material.sizeAt(size, 20, other), within(1e-6));
        assertThat(Warmth.at20(size, material, warm, material, warm)).isCloseTo(size, within(1e-6));
        assertThat(Warmth.clearance(size + 50, material, warm, size, material, warm))
                .isCloseTo(50 * (1 + material.expansion() * 1e-6 * (warm - 20)), within(1e-6));
        assertThat(material.lowest()).isLessThan(20);
        assertThat(material.highest()).isGreaterThan(20);
    }

    /** A thicker part, a hotter one and a closer wish all take longer. */
    @Test
    void soakingTakesLongerForMore() {
        Material steel = Material.named("STEEL");
        double usual = Warmth.soakHours(steel, 60, 40, 20, 1);
        assertThat(Warmth.soakHours(steel, 120, 40, 20, 1)).isCloseTo(2 * usual, within(1e-9));
        assertThat(Warmth.soakHours(steel, 60, 60, 20, 1)).isGreaterThan(usual);
        assertThat(Warmth.soakHours(steel, 60, 40, 20, 0.5)).isGreaterThan(usual);
        assertThat(Warmth.soakHours(steel, 60, 0, 20, 1)).isCloseTo(usual, within(1e-9));
        assertThatThrownBy(() -> Warmth.soakHours(steel, 0, 40, 20, 1)).hasMessageContaining("above 0");
    }

    /** Over all sizes every use has a first choice of its own kind. */
    @ParameterizedTest
    @CsvSource({"6", "18", "50", "120", "300", "480"})
    void everyUseHasAChoice(String millimetres) {
        Length metric = Length.of(millimetres, LengthUnit.MILLIMETRE);
        Length inch = new Length(metric.amountIn(LengthUnit.INCH, 3), LengthUnit.INCH);
        for (Length size : List.of(metric, inch)) {
            for (Choices.Use use : Choices.Use.values()) {
                for (Choices.Load load : Choices.Load.values()) {
                    List<Choices.Choice> choices = Choices.of(size, use, load, null);
                    assertThat(choices).as(size + " " + use + " " + load).isNotEmpty();
                    for (Choices.Choice choice : choices) {
                        boolean pressed = use == Choices.Use.PRESSED;
                        assertThat(choice.fit().middle() < 0)
                                .as(choice.code().toString())
                                .isIn(pressed, use == Choices.Use.LOCATING);
                        assertThat(choice.reason().code()).isNotBlank();
                    }
                }
            }
        }
    }
}
