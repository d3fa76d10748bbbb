package org.eskarn.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.eskarn.core.fit.SelectivePairing.Piece;
import org.eskarn.core.size.SizeMap;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.Bounds;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class FitThingsTest {

    /** Every way of pairing a few pieces, by trying them all. */
    @RepeatedTest(60)
    void pairingIsTheBestThereIs(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        List<Piece> shafts = pieces(random, 1 + random.nextInt(6), 0);
        List<Piece> bores = pieces(random, 1 + random.nextInt(6), 20);
        Bounds wanted = Bounds.between(10, 26);
        SelectivePairing found = SelectivePairing.of(shafts, bores, wanted);
        double[] best = best(shafts, bores, wanted, 0, new boolean[bores.size()]);
        assertThat(found.pairs()).hasSize((int) best[0]);
        double squares = found.pairs().stream()
                .mapToDouble(pair -> Math.pow((pair.middle() - 18) / 8, 2))
                .sum();
        assertThat(squares).isCloseTo(best[1], within(1e-9));
        assertThat(found.pairs()).allSatisfy(pair -> {
            assertThat(pair.tightest()).isGreaterThanOrEqualTo(10);
            assertThat(pair.loosest()).isLessThanOrEqualTo(26);
        });
        assertThat(found.pairs().size() + found.shaftsLeft().size()).isEqualTo(shafts.size());
        assertThat(found.pairs().size() + found.boresLeft().size()).isEqualTo(bores.size());
        assertThat(SelectivePairing.asTheyLie(shafts, bores, wanted))
                .isLessThanOrEqualTo(found.pairs().size());
    }

    private static List<Piece> pieces(Random random, int count, double about) {
        List<Piece> pieces = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            double size = about + Math.round(random.nextGaussian() * 6);
            pieces.add(new Piece("" + i, size, size + random.nextInt(4)));
        }
        return pieces;
    }

    /** The most pairs and the least sum of squares, by recursion over the shafts. */
    private static double[] best(List<Piece> shafts, List<Piece> bores, Bounds wanted, int shaft, boolean[] taken) {
        if (shaft == shafts.size()) {
            return new double[] {0, 0};
        }
        double[] best = best(shafts, bores, wanted, shaft + 1, taken);
        for (int j = 0; j < bores.size(); j++) {
            double tightest = bores.get(j).smallest() - shafts.get(shaft).largest();
            double loosest = bores.get(j).largest() - shafts.get(shaft).smallest();
            if (taken[j] || wanted.outside(tightest) > 0 || wanted.outside(loosest) > 0) {
                continue;
            }
            taken[j] = true;
            double[] rest = best(shafts, bores, wanted, shaft + 1, taken);
            taken[j] = false;
            double squares = rest[1] + Math.pow(((tightest + loosest) / 2 - 18) / 8, 2);
            if (rest[0] + 1 > best[0] || rest[0] + 1 == best[0] && squares < best[1]) {
                best = new double[] {rest[0] + 1, squares};
            }
        }
        return best;
    }

    /** Two hundred of each in a moment, and far better than as they lie. */
    @Test
    void aBatchPairsWell() {
        Random random = new Random(5);
        List<Piece> shafts = pieces(random, 200, 0);
        List<Piece> bores = pieces(random, 200, 20);
        Bounds wanted = Bounds.between(14, 26);
        SelectivePairing found = SelectivePairing.of(shafts, bores, wanted);
        assertThat(found.pairs().size()).isGreaterThan(SelectivePairing.asTheyLie(shafts, bores, wanted) + 40);
        assertThatThrownBy(() -> SelectivePairing.of(shafts, bores, Bounds.atMost(3)))
                .hasMessageContaining("a least and a most");
    }

    /** A taper pair: the tightest is at one end, the mean says nothing about it. */
    @Test
    void aTaperedPairIsTightAtItsEnd() {
        SizeMap hole = SizeMap.of(new double[] {0, 0, 40, 40}, new double[] {32_020, 32_024, 32_010, 32_012});
        SizeMap shaft = SizeMap.of(new double[] {0, 20, 40}, new double[] {31_980, 31_990, 32_000});
        MatedSizes pair = MatedSizes.of(hole, shaft);
        assertThat(pair.places()).hasSize(3);
        assertThat(pair.tightest().at()).isEqualTo(40);
        assertThat(pair.tightest().tightest()).isEqualTo(10);
        assertThat(pair.loosest().loosest()).isEqualTo(44);
        assertThat(pair.places().get(1).mean()).isCloseTo(26.5, within(1e-9));
        MatedSizes turned = MatedSizes.of(hole, MatedSizes.turned(shaft));
        assertThat(turned.tightest().tightest()).isEqualTo(20);
        assertThat(turned.mean()).isCloseTo(pair.mean(), within(1e-9));
        assertThatThrownBy(() -> MatedSizes.of(hole, SizeMap.of(new double[] {50, 60}, new double[] {1, 2})))
                .hasMessageContaining("share no length");
    }

    @Test
    void oneSectionHoldsForTheWholeLength() {
        SizeMap bush = SizeMap.of(new double[] {0, 0}, new double[] {25_010, 25_014});
        SizeMap pin = SizeMap.of(new double[] {5, 15}, new double[] {25_000, 24_990});
        assertThat(MatedSizes.of(bush, pin).tightest().tightest()).isEqualTo(10);
        assertThat(MatedSizes.of(bush, pin).loosest().loosest()).isEqualTo(24);
        assertThat(MatedSizes.of(bush, bush).places()).hasSize(1);
    }

    @Test
    void smoothingTakesFromAnInterferenceOnly() {
        assertThat(MatedSizes.effective(-30, 10)).isEqualTo(-22);
        assertThat(MatedSizes.effective(-5, 10)).isEqualTo(0);
        assertThat(MatedSizes.effective(4, 10)).isEqualTo(4);
    }

    /** The heat that is worked out leaves exactly the working clearance; less leaves as much too little. */
    @RepeatedTest(20)
    void theTemperatureIsTheOneThatSuffices(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        Material outer = Material.all().get(random.nextInt(Material.all().size()));
        Heating heating = new Heating(
                outer,
                Material.named("STEEL"),
                20_000 + random.nextInt(200_000),
                20 + random.nextInt(60),
                10 + random.nextInt(40),
                18 + random.nextInt(8));
        double innerAt = heating.room() - random.nextInt(10);
        double heat = heating.heatOuter(innerAt);
        assertThat(heating.gap(heat, innerAt)).isCloseTo(heating.working(), within(1e-6));
        assertThat(heating.shortfall(heat, innerAt)).isCloseTo(0, within(1e-6));
        double cooler = heat - 25;
        assertThat(heating.shortfall(cooler, innerAt))
                .isCloseTo(outer.growth(heating.diameter(), cooler, heat), within(1e-6));
        assertThat(heating.gap(heating.room(), heating.coolInner())).isCloseTo(heating.working(), within(1e-6));
    }

    /** 0.050 mm and 0.030 of working clearance on 80 mm of plain steel: 80 / (11.5e-6 · 80 000) = 87 K. */
    @Test
    void waysWithinTheCeilings() {
        Material steel = Material.named("STEEL");
        Heating plain = new Heating(steel, steel, 80_000, 50, 30, 20);
        assertThat(plain.plan().way()).isEqualTo(Heating.Way.HEAT_OUTER);
        assertThat(plain.plan().outerAt()).isCloseTo(106.96, within(0.01));
        assertThat(new Heating(steel, steel, 80_000, -40, 30, 20).plan().way()).isEqualTo(Heating.Way.AS_THEY_ARE);
        Material ring = Material.named("BEARING_STEEL");
        assertThat(new Heating(ring, steel, 40_000, 60, 20, 20).plan().way()).isEqualTo(Heating.Way.COOL_INNER);
        assertThat(new Heating(ring, ring, 40_000, 50, 20, 20).plan().way()).isEqualTo(Heating.Way.BOTH);
        assertThat(new Heating(ring, ring, 40_000, 150, 20, 20).plan().way()).isEqualTo(Heating.Way.PRESS);
        assertThatThrownBy(() -> new Heating(ring, ring, 0, 1, 1, 20)).hasMessageContaining("above 0");
    }

    @Test
    void aWarmPartMeasuresLarge() {
        Material steel = Material.named("STEEL");
        assertThat(Warmth.at20(45.020, steel, 40, steel, 20)).isCloseTo(45.020 * (1 - 11.5e-6 * 20), within(1e-5));
        assertThat(Warmth.at20(45.020, steel, 28, steel, 28)).isEqualTo(45.020, within(1e-12));
        Material bronze = Material.named("BRONZE");
        assertThat(Warmth.clearance(30_060, bronze, 70, 30_000, steel, 70))
                .isCloseTo(60 + 30_060 * 17.5e-6 * 50 - 30_000 * 11.5e-6 * 50, within(1e-6));
        assertThat(Warmth.soakHours(steel, 100, 60, 20, 1)).isBetween(9.0, 11.0);
        assertThat(Warmth.soakHours(steel, 100, 20.5, 20, 1)).isZero();
    }

    @Test
    void aMeasuredJournalUnderABearing() throws FitUndefined {
        double below = Bearing.boreBelow(45, Bearing.Precision.NORMAL);
        assertThat(below).isEqualTo(12);
        RingFit fit = RingFit.of(Seat.Ring.INNER, 45_000, below, 45_004, 45_011, 4);
        assertThat(fit.least()).isEqualTo(4);
        assertThat(fit.most()).isEqualTo(23);
        assertThat(fit.effective(fit.least())).isCloseTo(0.8, within(1e-9));
        assertThat(fit.creep(Seat.Turning.TURNING)).isEqualTo(RingFit.Creep.HOLDS);
        assertThat(fit.creep(Seat.Turning.STANDING)).isEqualTo(RingFit.Creep.NEED_NOT_BE_TIGHT);
        Bearing.Range left =
                fit.left(Bearing.clearance(45, Bearing.Clearance.GROUP_N).orElseThrow());
        assertThat(left.least()).isCloseTo(6 - 0.8 * (23 - 3.2), within(1e-9));
        assertThat(left.most()).isCloseTo(23 - 0.8 * 0.8, within(1e-9));
        RingFit worn = RingFit.of(Seat.Ring.INNER, 45_000, below, 44_996, 45_001, 0);
        assertThat(worn.creep(Seat.Turning.TURNING)).isEqualTo(RingFit.Creep.MAY_CREEP);
        assertThat(RingFit.of(Seat.Ring.INNER, 45_000, below, 44_980, 44_985, 0).creep(Seat.Turning.TURNING))
                .isEqualTo(RingFit.Creep.CREEPS);
        RingFit housing = RingFit.of(Seat.Ring.OUTER, 85_000, 15, 85_005, 85_012, 0);
        assertThat(housing.least()).isEqualTo(-27);
        assertThat(housing.most()).isEqualTo(-5);
        assertThat(housing.creep(Seat.Turning.STANDING)).isEqualTo(RingFit.Creep.MAY_SLIDE);
    }

    @Test
    void seatsAndDimensions() throws FitUndefined {
        assertThat(Bearing.all()).hasSize(84).allSatisfy(bearing -> {
            assertThat(bearing.outside()).isGreaterThan(bearing.bore());
            assertThat(Bearing.boreBelow(bearing.bore(), Bearing.Precision.CLASS_5))
                    .isLessThan(Bearing.boreBelow(bearing.bore(), Bearing.Precision.CLASS_6) + 1e-9);
            assertThat(Bearing.outsideBelow(bearing.outside(), Bearing.Precision.CLASS_6))
                    .isLessThanOrEqualTo(Bearing.outsideBelow(bearing.outside(), Bearing.Precision.NORMAL));
            assertThat(Bearing.clearance(bearing.bore(), Bearing.Clearance.GROUP_3))
                    .isPresent();
            for (Seat.Ring ring : Seat.Ring.values()) {
                for (Seat.Turning turning : Seat.Turning.values()) {
                    for (Choices.Load load : Choices.Load.values()) {
                        assertThat(Seat.of(ring, turning, load, BigDecimal.valueOf(bearing.bore())))
                                .isPresent();
                    }
                }
            }
        });
        Seat seat = Seat.of(Seat.Ring.INNER, Seat.Turning.TURNING, Choices.Load.NORMAL, new BigDecimal("45"))
                .orElseThrow();
        assertThat(seat.tolerance()).hasToString("k5");
        assertThat(Bearing.of("02", 45).orElseThrow().title()).isEqualTo("45 × 85 × 19");
        assertThatThrownBy(() -> Bearing.boreBelow(900, Bearing.Precision.NORMAL))
                .hasMessageContaining("900");
    }

    @Test
    void anEndGapAndItsShims() {
        EndGap crush = EndGap.of(40_000, 0, List.of(19_000.0, 5_020.0), 16_030, 4);
        assertThat(crush.gap()).isEqualTo(-50);
        assertThat(crush.expanded()).isCloseTo(8, within(1e-9));
        EndGap.Filling shims = crush.towards(50, 150).orElseThrow();
        assertThat(shims.underCap()).isTrue();
        assertThat(shims.least()).isCloseTo(108, within(1e-9));
        assertThat(shims.most()).isCloseTo(192, within(1e-9));
        assertThat(EndGap.pack(List.of(50.0, 80.0, 150.0, 300.0), shims)).contains(List.of(150.0));
        assertThat(EndGap.pack(List.of(60.0), shims)).contains(List.of(60.0, 60.0));
        assertThat(EndGap.pack(List.of(10.0), shims)).isEmpty();
        assertThat(EndGap.of(40_300, 0, List.of(24_000.0), 16_000, 1)
                        .towards(50, 150)
                        .orElseThrow()
                        .underCap())
                .isFalse();
        assertThat(EndGap.of(40_100, 0, List.of(24_000.0), 16_000, 1).towards(50, 150))
                .isEmpty();
    }

    /** With the shim that is advised, the gap lies within its limits whatever its uncertainty; and none is needed only then. */
    @RepeatedTest(200)
    void whatIsPutInIsProven(RepetitionInfo info) {
        Random chance = new Random(info.getCurrentRepetition());
        double least = chance.nextInt(100);
        double most = least + 1 + chance.nextInt(200);
        EndGap gap = EndGap.of(
                40_000 + chance.nextInt(600), 0, List.of(24_000.0), 16_000 + chance.nextInt(300), chance.nextInt(60));
        double expanded = gap.expanded();
        if (!gap.provable(least, most)) {
            assertThat(2 * expanded).isGreaterThan(most - least);
            assertThat(gap.towards(least, most)).isEmpty();
            return;
        }
        Optional<EndGap.Filling> filling = gap.towards(least, most);
        for (double thickness : filling.map(each -> new double[] {each.least(), each.most(), each.middle()})
                .orElse(new double[] {0})) {
            double then = gap.gap() + (filling.map(EndGap.Filling::underCap).orElse(true) ? thickness : -thickness);
            assertThat(then - expanded).isGreaterThanOrEqualTo(least - 1e-6);
            assertThat(then + expanded).isLessThanOrEqualTo(most + 1e-6);
        }
        filling.ifPresent(each -> assertThat(each.least()).isPositive());
    }

    /** 40.1 − 24.1 − 16.0 is not quite 0 in binary. */
    @Test
    void aGapOfExactlyNothingIsNoCrush() {
        assertThat(EndGap.of(40_100.3, 0, List.of(24_100.2), 16_000.1, 0).gap()).isZero();
    }

    @Test
    void choicesSuitTheUse() {
        Length size = Length.of("50", LengthUnit.MILLIMETRE);
        List<Choices.Choice> fast = Choices.of(size, Choices.Use.RUNNING, Choices.Load.NORMAL, OilFilm.of(50, 1500));
        assertThat(fast).isNotEmpty().hasSizeLessThanOrEqualTo(4);
        // No standard fit is as narrow as the film wants it: the best one says so, and nothing worse.
        assertThat(fast.get(0).doubt().orElseThrow().code()).isEqualTo("core.only-part-of-its-range-suits-the-film");
        assertThat(fast).noneMatch(choice -> choice.fit().kind() == Fit.Kind.INTERFERENCE);
        for (Length each : List.of(size, Length.of("2", LengthUnit.INCH))) {
            assertThat(Choices.of(each, Choices.Use.PRESSED, Choices.Load.HEAVY, null)
                            .get(0)
                            .fit()
                            .kind())
                    .isEqualTo(Fit.Kind.INTERFERENCE);
            assertThat(Choices.of(each, Choices.Use.LOCATING, Choices.Load.NORMAL, null))
                    .isNotEmpty();
        }
        assertThat(OilFilm.of(50, 0).wanted()).isZero();
        assertThat(OilFilm.of(50, 1500).wanted()).isBetween(50.0, 60.0);
    }

    /** Every choice is defined over the sizes it may be asked for, so that the list is not empty by a slip. */
    @Test
    void everyChoiceIsDefined() throws FitUndefined {
        for (List<String> row : DataFile.named("choices.csv").rows()) {
            Length size = row.get(0).equals("ISO")
                    ? Length.of("60", LengthUnit.MILLIMETRE)
                    : Length.of("2.5", LengthUnit.INCH);
            assertThat(FitCode.of(row.get(1)).at(size).fit()).as(row.get(1)).isPresent();
        }
    }
}
