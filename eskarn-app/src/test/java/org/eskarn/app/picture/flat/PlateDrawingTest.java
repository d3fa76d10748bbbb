package org.eskarn.app.picture.flat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.eskarn.app.page.Display;
import org.eskarn.app.picture.engine.Drawing;
import org.eskarn.app.picture.engine.TextSpace;
import org.eskarn.app.picture.engine.Xy;
import org.eskarn.core.flat.Facets;
import org.eskarn.core.reading.LayoutRejected;
import org.eskarn.core.reading.PastedGrid;
import org.eskarn.core.reading.Station;
import org.eskarn.core.units.LengthUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Maps of faces: to scale, honest between the readings, and small enough to be sent, from four places to forty thousand. */
class PlateDrawingTest {

    private static final Display MICROMETRES = new Display(LengthUnit.MICROMETRE);
    private static final Pattern PIECE = Pattern.compile("M([^MZ]+)Z");

    private static Plate plate(int side, double amount) {
        Random chance = new Random(side);
        StringBuilder pasted = new StringBuilder();
        for (int row = 0; row < side; row++) {
            for (int column = 0; column < side; column++) {
                double ramp = amount * column / (side - 1);
                pasted.append(Math.round(1000 * (ramp + 0.02 * amount * chance.nextGaussian())) / 1000.0)
                        .append(' ');
            }
            pasted.append('\n');
        }
        try {
            PastedGrid grid = PastedGrid.read(
                    pasted.toString(),
                    new java.math.BigDecimal("2"),
                    new java.math.BigDecimal("1"),
                    LengthUnit.MILLIMETRE,
                    LengthUnit.MICROMETRE);
            return new Plate(
                    "Face",
                    grid.layout().stations(),
                    1,
                    grid.micrometres(),
                    Facets.of(grid.sweep()),
                    List.of(),
                    Optional.empty(),
                    Optional.empty(),
                    "heights");
        } catch (LayoutRejected e) {
            throw new IllegalArgumentException(e);
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {2, 3, 8, 200})
    void isSmallEnoughToBeSentHoweverManyPlacesThereAre(int side) {
        Plate plate = plate(side, 12);
        for (Drawing drawing : List.of(PlateDrawing.of(plate, MICROMETRES), RaisedDrawing.of(plate, MICROMETRES))) {
            int letters =
                    drawing.shapes().stream().mapToInt(s -> s.d().length()).sum();
            assertThat(letters).isLessThan(900_000);
            assertThat(drawing.shapes()).hasSizeLessThan(1_800);
        }
    }

    /** A ramp to the right: the part above a level begins where the level is crossed, and has the area that belongs there. */
    @Test
    void theTonesLieWhereTheHeightsAre() {
        double[] x = {0, 100, 0, 100};
        double[] y = {0, 0, 50, 50};
        Facets facets = Facets.of(x, y, new int[] {-1, -1, -1, -1});
        double[] corners = facets.heights(new double[] {0, 10, 0, 10});
        List<Xy> at = new ArrayList<>();
        for (int i = 0; i < corners.length; i++) {
            at.add(new Xy(facets.x()[i], facets.y()[i]));
        }
        Contours contours = new Contours(facets, corners, at);
        for (double level : new double[] {0, 2.5, 5, 9}) {
            assertThat(area(contours.above(level))).isCloseTo(5000 * (1 - level / 10), within(10.0));
        }
        assertThat(contours.above(10.1)).isEmpty();
        assertThat(contours.line(2.5)).allSatisfy(piece -> {
            assertThat(piece[0].x()).isCloseTo(25, within(1e-9));
            assertThat(piece[1].x()).isCloseTo(25, within(1e-9));
        });
    }

    /** All pieces go round the same way, so that none cuts a hole into its neighbour. */
    private static double area(String path) {
        double all = 0;
        Matcher pieces = PIECE.matcher(path);
        while (pieces.find()) {
            String[] points = pieces.group(1).split("L");
            double area = 0;
            for (int i = 0; i < points.length; i++) {
                String[] a = points[i].split(",");
                String[] b = points[(i + 1) % points.length].split(",");
                area += Double.parseDouble(a[0]) * Double.parseDouble(b[1])
                        - Double.parseDouble(b[0]) * Double.parseDouble(a[1]);
            }
            assertThat(area).isGreaterThanOrEqualTo(-1e-6);
            all += area / 2;
        }
        return all;
    }

    @Test
    void blocksOfADenseGridStayWithinWhatWasRead() {
        Plate plate = plate(200, 12);
        BlockMeans coarser = BlockMeans.of(plate, 50);
        assertThat(coarser.block()).isEqualTo(4);
        assertThat(coarser.heights()).hasSize(2500);
        assertThat(Arrays.stream(coarser.heights()).max().orElseThrow())
                .isLessThanOrEqualTo(Arrays.stream(plate.heights()).max().orElseThrow());
        assertThat(coarser.facets().area()).isCloseTo(plate.facets().area(), within(1e-6));
    }

    @Test
    void theHighestAndLowestAreNamedAndNoTextLiesOverAnother() {
        Drawing drawing = PlateDrawing.of(plate(4, 9), MICROMETRES);
        List<String> texts = drawing.shapes().stream().map(Drawing.Shape::text).toList();
        assertThat(texts.stream().filter(t -> t.endsWith(" high"))).hasSize(1);
        assertThat(texts.stream().filter(t -> t.endsWith(" low"))).hasSize(1);
        TextSpace room = new TextSpace();
        assertThat(room.take(new Xy(100, 100), "middle", 14, "+4.0")).isTrue();
        assertThat(room.take(new Xy(104, 103), "middle", 14, "+4.0")).isFalse();
        assertThat(room.take(new Xy(100, 130), "middle", 14, "+4.0")).isTrue();
    }

    @Test
    void theRampHasRoundStepsAndOneToneForALevelFace() {
        ToneScale ramp = ToneScale.of(new double[] {-3.2, 11.4}, MICROMETRES);
        assertThat(ramp.levels()).containsExactly(-2.5, 0, 2.5, 5, 7.5, 10);
        assertThat(ramp.look(0)).isEqualTo("ramp-0");
        assertThat(ramp.look(ramp.tones() - 1)).isEqualTo("ramp-6");
        assertThat(ramp.tone(2.5)).isEqualTo(3);
        assertThat(ToneScale.of(new double[] {4, 4, 4}, MICROMETRES).tones()).isEqualTo(1);
    }

    @Test
    void pastedGridsSayWhichRowIsWrong() {
        org.assertj.core.api.Assertions.assertThatThrownBy(() -> paste("1 2 3\n4 5"))
                .hasMessageContaining("core.row-has-heights-the-first-has [2, 2, 3]");
        org.assertj.core.api.Assertions.assertThatThrownBy(() -> paste("1 2\n4 x"))
                .hasMessageContaining("core.row-is-not-a-number [2, 2");
        org.assertj.core.api.Assertions.assertThatThrownBy(() -> paste("  "))
                .hasMessageContaining("core.paste-the-heights");
    }

    private static List<Station> paste(String pasted) throws LayoutRejected {
        return PastedGrid.read(
                        pasted,
                        java.math.BigDecimal.ONE,
                        java.math.BigDecimal.ONE,
                        LengthUnit.MILLIMETRE,
                        LengthUnit.MICROMETRE)
                .layout()
                .stations();
    }

    /** Of differences zero means something: each tone lies on one side of it, the further the stronger. */
    @Test
    void tonesOfDifferencesPartAtZero() {
        ToneScale scale = ToneScale.parted(new double[] {-6, -1, 0, 2, 9}, MICROMETRES);
        for (int tone = 0; tone < scale.tones(); tone++) {
            double from = tone == 0 ? scale.lowest() : scale.levels()[tone - 1];
            double to = tone == scale.levels().length ? scale.highest() : scale.levels()[tone];
            assertThat(scale.look(tone)).startsWith(from + to > 0 ? "parted-up-" : "parted-down-");
        }
        assertThat(scale.look(scale.tones() - 1)).isEqualTo("parted-up-3");
        assertThat(ToneScale.parted(new double[] {0, 0}, MICROMETRES).look(0)).isEqualTo("parted-even");
        assertThat(ToneScale.parted(new double[] {-4, -2}, MICROMETRES).look(0)).isEqualTo("parted-down-3");
    }
}
