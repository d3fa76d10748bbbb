package org.eskarn.app.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.eskarn.app.page.Display;
import org.eskarn.app.picture.engine.Drawing;
import org.eskarn.app.picture.engine.Picture;
import org.eskarn.app.picture.engine.Subject;
import org.eskarn.app.picture.engine.View;
import org.eskarn.core.evaluation.Assessment;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.Corrections;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.LayoutRejected;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.reading.WrittenLayout;
import org.eskarn.core.requirement.Basis;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.CharacteristicLayout;
import org.eskarn.core.requirement.Limit;
import org.eskarn.core.requirement.LimitUnit;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.DecisionRule;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Pictures stay on their sheet with few and many stations, read or not, for small, usual and absurd deviations. */
class DrawingsTest {

    private static final Pattern NUMBER = Pattern.compile("-?\\d+(\\.\\d+)?");
    private static final Display MICROMETRES = new Display(LengthUnit.MICROMETRE);
    private static final Dial DIAL = new Dial(
            Length.of("1", LengthUnit.MICROMETRE),
            Length.of("1", LengthUnit.MICROMETRE),
            Length.of("9000", LengthUnit.MICROMETRE));

    @ParameterizedTest
    @CsvSource({
        "ROUNDNESS, RING, 3, '', 0",
        "ROUNDNESS, RING, 8, '', 2",
        "ROUNDNESS, RING, 72, '', 900",
        "ROUNDNESS, RINGS, 10 60, 8, 5",
        "PITCH, RING, 3, '', 0",
        "PITCH, RING, 12, '', 8",
        "PITCH, RING, 72, '', 900",
        "PITCH, LINE, 0 40 80 120, '', 5",
        "CIRCULAR_RUNOUT_RADIAL, RINGS, 10 60 110, 3, 0",
        "CIRCULAR_RUNOUT_RADIAL, RINGS, 10 60 110, 8, 20",
        "TOTAL_RUNOUT, RINGS, 10 60 110, 72, 900",
        "OUTSIDE_SIZE, RINGS, 10, 2, 0",
        "OUTSIDE_SIZE, RINGS, 10 60 110, 3, 6",
        "BORE_SIZE, RINGS, 5 15 25, 2, 900",
        "OUT_OF_ROUND, RINGS, 10 20 30 40 50, 72, 8",
        "TAPER, RINGS, 8 32, 2, 4",
        "FLATNESS, GRID, 0 100, 0 50, 0",
        "FLATNESS, GRID, 0 50 100, 0 40 80, 5",
        "PARALLELISM_OF_FACES, GRID, 10 60 110, 10 60, 900",
        "FLATNESS, POINTS, A 0 0 to 80 60 in 30; rim round 40 30 at 20 in 30, '', 8",
        "FLATNESS, POINTS, A 0 0; B 10 10; C 20 20, '', 8",
        "STRAIGHTNESS, LINE, 0 40 80 120, '', 5",
        "STRAIGHTNESS, LINES, left; right, 0 40 80, 900",
        "STRAIGHTNESS, STEPS, 0 100 200; 100 200 300, '', 5",
        "SQUARENESS, LINE, 10 60 110, '', 0",
        "SQUARENESS, LINES, along; across, 10 60 110, 9",
        "BORES_IN_LINE, LINES, upright; level, 10 60 210 260, 8",
        "PARALLELISM_OF_AXIS, PAIRS, upright; level, '', 20",
        "PARALLELISM_OF_LINES, PAIRS, 6, '', 900",
        "BEND_AND_TWIST, PAIRS, bend; twist, '', 0",
        "FIT_OF_PAIR, PAIRS, 3, '', 20",
        "GAP, PAIRS, 3, '', 0",
        "PLAY, PUSHES, 3, '', 20",
        "HEIGHT_DIFFERENCE, POINTS, A; B; C, '', 900",
        "FIT_OF_PAIR, PAIRS, front; back, '', 0"
    })
    void stayOnTheirSheet(Characteristic what, LayoutKind kind, String first, String second, double largest) {
        Random random = new Random(what.name().hashCode() + (long) largest);
        Layout layout = layout(what, kind, first, second);
        List<Reading> readings = new ArrayList<>();
        for (var station : layout.stations()) {
            double base = what.readsSizes() ? 45_010 : 0;
            readings.add(Reading.still(station, base + largest * (2 * random.nextDouble() - 1)));
        }
        Double back = layout.returns() ? (Double) readings.get(0).micrometres() : null;
        for (int taken : new int[] {0, 1, readings.size() / 2, readings.size()}) {
            boolean whole = taken == readings.size();
            draws(what, layout, new Sweep(layout, readings.subList(0, taken), whole ? back : null));
        }
    }

    private static Picture draw(Characteristic what, Layout layout, Sweep sweep, View view) {
        Limit limit = what.sized()
                ? Limit.between("45.002", "45.018", LimitUnit.MILLIMETRE)
                : Limit.atMost(Length.of("0.02", LengthUnit.MILLIMETRE));
        Optional<Length> size = Optional.of(Length.of("45", LengthUnit.MILLIMETRE));
        Requirement terms = new Requirement(
                what,
                what == Characteristic.BORE_SIZE ? SurfaceSide.INSIDE : SurfaceSide.OUTSIDE,
                limit,
                what.statements().get(0),
                DecisionRule.SIMPLE,
                Optional.empty(),
                FlickerRule.MIDDLE,
                1,
                layout,
                Basis.NONE.of(size));
        Assessment assessment = Assessment.of(terms, DIAL, sweep, Corrections.NONE);
        Subject subject = new Subject(terms, "Seat", "the drive end", size);
        return Pictures.of(subject, assessment, MICROMETRES, view);
    }

    private static void draws(Characteristic what, Layout layout, Sweep sweep) {
        for (View view : View.values()) {
            onSheet(draw(what, layout, sweep, view));
        }
    }

    private static void onSheet(Picture picture) {
        if (picture instanceof Drawing drawing) {
            assertThat(drawing.shapes()).isNotEmpty();
            for (Drawing.Shape shape : drawing.shapes()) {
                assertThat(shape.d()).doesNotContain("NaN").doesNotContain("Infinity");
                Matcher numbers = NUMBER.matcher(shape.d());
                while (numbers.find()) {
                    assertThat(Double.parseDouble(numbers.group()))
                            .as(shape.d())
                            .isBetween(-400.0, 660.0);
                }
                assertThat(shape.at().x()).isBetween(-20.0, 660.0);
                assertThat(shape.at().y()).isBetween(-10.0, 480.0);
            }
        }
    }

    private static Layout layout(Characteristic what, LayoutKind kind, String first, String second) {
        try {
            return new WrittenLayout(kind, LengthUnit.MILLIMETRE, first, second)
                    .read(CharacteristicLayout.ends(what))
                    .returning(kind.returns() && !what.readsSizes());
        } catch (LayoutRejected e) {
            throw new IllegalArgumentException(e);
        }
    }

    /** Angles are called as they were marked, however far off the centre lies. */
    @ParameterizedTest
    @CsvSource({"RING, 8, ''", "RINGS, 10 60, 8"})
    void callAnglesAsTheyWereMarked(LayoutKind kind, String first, String second) {
        Layout layout = layout(Characteristic.ROUNDNESS, kind, first, second);
        List<Reading> readings = layout.stations().stream()
                .map(s -> Reading.still(s, 700 * Math.sin(s.radians()) + 3 * Math.cos(2 * s.radians())))
                .toList();
        Sweep sweep = new Sweep(layout, readings, readings.get(0).micrometres());
        Drawing drawing = (Drawing) draw(Characteristic.ROUNDNESS, layout, sweep, View.AS_READ);
        assertThat(drawing.shapes().stream().map(Drawing.Shape::text).filter(t -> t.endsWith("°")))
                .containsExactly("0°", "45°", "90°", "135°", "180°", "225°", "270°", "315°");
    }
}
