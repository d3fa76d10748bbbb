package org.eskarn.core.pieces;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.IntStream;
import org.eskarn.core.pieces.PiecesCompared.Suspect;
import org.eskarn.core.result.Note;
import org.eskarn.core.verdict.Bounds;
import org.junit.jupiter.api.Test;

class PiecesComparedTest {

    private static final double[] SEVEN = {14.5, 12, 33.5, 13, 10.5, 35, 11.5};

    private static PieceFigure of(
            int i, double value, double direction, String reader, String gauge, boolean confirmed) {
        OptionalDouble way = Double.isNaN(direction) ? OptionalDouble.empty() : OptionalDouble.of(direction);
        return new PieceFigure("VB-" + i, value, 2, way, reader, gauge, confirmed);
    }

    private static List<PieceFigure> seven(String[] readers, String[] gauges, double[] directions) {
        return IntStream.range(0, SEVEN.length)
                .mapToObj(i -> of(
                        i,
                        SEVEN[i],
                        directions.length == 0 ? Double.NaN : directions[i],
                        readers[i % readers.length],
                        gauges[i % gauges.length],
                        false))
                .toList();
    }

    private static PiecesCompared compared(List<PieceFigure> figures) {
        return PiecesCompared.of(figures, new Bounds(null, 20.0));
    }

    private static List<String> codes(PiecesCompared compared) {
        return compared.supports().stream().map(Note::code).toList();
    }

    @Test
    void twoOfSevenStandApartAndBelongToThePieces() {
        PiecesCompared compared = compared(
                seven(new String[] {"Mara"}, new String[] {"LI-4"}, new double[] {10, 90, 206, 300, 150, 214, 40}));
        assertThat(compared.apart()).containsExactly(2, 5);
        assertThat(compared.middle()).isEqualTo(13);
        assertThat(compared.suspect()).isEqualTo(Suspect.PIECES);
        assertThat(codes(compared)).containsExactly("core.pieces-same-person-and-gauge", "core.pieces-odd-point");
        assertThat(compared.check().orElseThrow().code()).isEqualTo("core.pieces-turn-the-driver");
        assertThat(compared.again()).contains("VB-5");
    }

    /** Whoever reads only the bad ones is asked about before the pieces are; unless somebody else found the same. */
    @Test
    void whatGoesWithOnePersonOrGaugeIsSaid() {
        String[] readers = {"Mara", "Mara", "Tobin", "Mara", "Mara", "Tobin", "Mara"};
        String[] gauges = {"LI-4", "LI-4", "LI-2", "LI-4", "LI-4", "LI-2", "LI-4"};
        String[] one = {"Mara"};
        String[] same = {"LI-4"};
        assertThat(compared(seven(readers, same, new double[0])).suspect()).isEqualTo(Suspect.PERSON);
        assertThat(compared(seven(one, gauges, new double[0])).suspect()).isEqualTo(Suspect.GAUGE);
        assertThat(compared(seven(readers, gauges, new double[0])).suspect()).isEqualTo(Suspect.PERSON_OR_GAUGE);
        List<PieceFigure> confirmed = new ArrayList<>(seven(readers, same, new double[0]));
        confirmed.set(2, of(2, 33.5, Double.NaN, "Tobin", "LI-4", true));
        assertThat(compared(confirmed).suspect()).isEqualTo(Suspect.PIECES);
    }

    /** Neither the order of the pieces nor a shift of all figures changes which of them stand apart. */
    @Test
    void whoStandsApartDependsOnNothingElse() {
        Random random = new Random(20261128);
        for (int run = 0; run < 200; run++) {
            List<PieceFigure> figures = new ArrayList<>();
            int n = 4 + random.nextInt(12);
            for (int i = 0; i < n; i++) {
                figures.add(of(i, 10 + random.nextGaussian() + (i == 0 ? 60 : 0), Double.NaN, "Mara", "LI-4", false));
            }
            List<String> apart = names(figures);
            assertThat(apart).contains("VB-0");
            Collections.shuffle(figures, random);
            assertThat(names(figures)).containsExactlyInAnyOrderElementsOf(apart);
            List<PieceFigure> shifted = figures.stream()
                    .map(f -> new PieceFigure(f.piece(), f.value() + 500, 2, f.direction(), "Mara", "LI-4", false))
                    .toList();
            assertThat(names(shifted)).containsExactlyInAnyOrderElementsOf(apart);
        }
    }

    private static List<String> names(List<PieceFigure> figures) {
        return compared(figures).apart().stream()
                .map(i -> figures.get(i).piece())
                .toList();
    }

    /** A difference that the gauge cannot tell is none, however alike the others are. */
    @Test
    void whatLiesWithinTheUncertaintyDoesNotStandApart() {
        List<PieceFigure> figures = IntStream.range(0, 6)
                .mapToObj(i -> of(i, i == 5 ? 12.8 : 10, Double.NaN, "Mara", "LI-4", false))
                .toList();
        assertThat(compared(figures).apart()).isEmpty();
        assertThat(codes(compared(figures))).containsExactly("core.pieces-none-stands-apart");
    }

    @Test
    void allThatPointOneWaySpeakForTheFixtureAndACourseForWarmth() {
        List<PieceFigure> together = IntStream.range(0, 8)
                .mapToObj(i -> of(i, 12 + i % 3, 355 + 3 * i, "Mara", "LI-4", false))
                .toList();
        PiecesCompared compared = compared(together);
        assertThat(compared.suspect()).isEqualTo(Suspect.FIXTURE);
        CommonDirection way = CommonDirection.of(List.of(355.0, 5.0)).orElseThrow();
        assertThat(way.degrees() % 360).isCloseTo(0, within(1e-9));
        assertThat(way.spread()).isCloseTo(5, within(1e-9));
        List<PieceFigure> rising = IntStream.range(0, 8)
                .mapToObj(i -> of(i, 10 + 0.4 * i, Double.NaN, "Mara", "LI-4", false))
                .toList();
        assertThat(compared(rising).suspect()).isEqualTo(Suspect.COURSE);
        assertThat(codes(compared(rising))).containsExactly("core.pieces-rise");
    }

    /** Chance alone calls a course or a common direction once in a hundred. */
    @Test
    void chanceIsSeldomTakenForACause() {
        Random random = new Random(7);
        int called = 0;
        for (int run = 0; run < 2_000; run++) {
            List<PieceFigure> figures = IntStream.range(0, 8)
                    .mapToObj(i ->
                            of(i, 10 + 0.2 * random.nextDouble(), 360 * random.nextDouble(), "Mara", "LI-4", false))
                    .toList();
            called += compared(figures).suspect() == Suspect.NOTHING ? 0 : 1;
        }
        assertThat(called).isLessThan(80);
    }

    /** One that is better than the others is named, and does not blur what the bad ones have in common. */
    @Test
    void theBetterOnesAreNamedBesideTheBad() {
        List<PieceFigure> figures = new ArrayList<>(
                seven(new String[] {"Mara"}, new String[] {"LI-4"}, new double[] {10, 90, 206, 300, 150, 214, 40}));
        figures.add(of(7, 1, 30, "Mara", "LI-4", false));
        PiecesCompared compared = compared(figures);
        assertThat(compared.apart()).containsExactly(2, 5);
        assertThat(codes(compared)).contains("core.pieces-odd-point", "core.pieces-better");
    }

    @Test
    void ofThreePiecesNothingIsSaidAndAFigureWithoutMeaningIsRefused() {
        List<PieceFigure> three = seven(new String[] {"Mara"}, new String[] {"LI-4"}, new double[0])
                .subList(0, 3);
        assertThat(codes(compared(three))).containsExactly("core.pieces-too-few");
        assertThatThrownBy(() -> of(1, Double.NaN, 0, "Mara", "LI-4", false)).hasMessageContaining("NaN");
    }
}
