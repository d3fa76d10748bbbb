package org.eskarn.core.evaluation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.eskarn.core.requirement.Characteristic.SQUARENESS;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.DoubleStream;
import org.eskarn.core.flat.Reversal;
import org.eskarn.core.reading.Corrections;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.WrittenLayout;
import org.eskarn.core.requirement.AxisFace;
import org.eskarn.core.requirement.Basis;
import org.eskarn.core.requirement.CharacteristicLayout;
import org.eskarn.core.requirement.DatumRead;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.requirement.Zeroing;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.DecisionRule;
import org.eskarn.core.verdict.Verdict.Because;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** A face held to the axis through two rings: readings made from points in space, so that no formula of the core is in them. */
class FaceToAxisTest {

    private static final double RADIUS = 40;
    private static final int STATIONS = 8;

    private static Requirement asked(String distances, DatumRead how, AxisFace lies, boolean radius) {
        Layout layout = Given.layout(SQUARENESS, LayoutKind.RINGS, distances, String.valueOf(STATIONS));
        Basis basis = new Basis(
                        Optional.empty(),
                        radius
                                ? Optional.of(new Length(new BigDecimal("40"), LengthUnit.MILLIMETRE))
                                : Optional.empty(),
                        Optional.empty(),
                        Zeroing.ONE_FOR_ALL,
                        Optional.empty(),
                        Reversal.NONE,
                        Optional.empty())
                .under(List.of(), how)
                .with(lies);
        Requirement plain = Given.of(SQUARENESS, Given.atMost("0.010"), layout).requirement();
        return new Requirement(
                SQUARENESS,
                SurfaceSide.OUTSIDE,
                plain.limit(),
                plain.statedAs(),
                DecisionRule.STRINGENT,
                plain.allowedReturn(),
                plain.flicker(),
                1,
                layout,
                basis);
    }

    private static Assessment read(Requirement asked, double[] readings) {
        Double back = asked.layout().returns() ? (Double) readings[0] : null;
        return Assessment.of(asked, Given.MICRON, Given.sweep(asked.layout(), back, readings), Corrections.NONE);
    }

    private static double angle(int station) {
        return 2 * Math.PI * station / STATIONS;
    }

    /** A ring whose centre lies at (x, y) µm from the axis of the turn. */
    private static DoubleStream ring(double x, double y) {
        return DoubleStream.iterate(0, i -> i + 1)
                .limit(STATIONS)
                .map(i -> x * Math.cos(angle((int) i)) + y * Math.sin(angle((int) i)));
    }

    /**
     * A flat face through a point of the axis, its normal (nx, ny, 1) with nx, ny in µm for each mm: z = −nx x − ny y.
     *
     * @param looks 1 where it looks towards larger distances, −1 where it looks back
     */
    private static DoubleStream face(double nx, double ny, int looks) {
        return DoubleStream.iterate(0, i -> i + 1)
                .limit(STATIONS)
                .map(i -> looks * -(nx * RADIUS * Math.cos(angle((int) i)) + ny * RADIUS * Math.sin(angle((int) i))));
    }

    private static double[] all(DoubleStream first, DoubleStream second, DoubleStream third) {
        return DoubleStream.concat(DoubleStream.concat(first, second), third).toArray();
    }

    /** The axis leans; the face is square to it, or leans by so much besides. */
    private static double[] part(
            double leanX, double leanY, double offX, double offY, double z1, double z2, int looks) {
        return all(
                ring(3 + leanX * z1, -2 + leanY * z1),
                ring(3 + leanX * z2, -2 + leanY * z2),
                face(leanX + offX, leanY + offY, looks));
    }

    @ParameterizedTest
    @EnumSource(value = DatumRead.class, mode = EnumSource.Mode.EXCLUDE, names = "ASSUMED")
    void aFaceSquareToItsAxisIsSquareHoweverTheAxisLeans(DatumRead how) {
        Random chance = new Random(5);
        for (int i = 0; i < 40; i++) {
            double x = chance.nextDouble() - 0.5;
            double y = chance.nextDouble() - 0.5;
            double off = 0.1 * chance.nextDouble();
            double beyond = read(asked("10 60 120", how, AxisFace.SHAFT_AWAY, true), part(x, y, off, 0, 10, 60, 1))
                    .verdict()
                    .value();
            assertThat(beyond).isCloseTo(2 * RADIUS * off, within(1e-6));
            double before = read(asked("60 90 10", how, AxisFace.SHAFT_AWAY, true), part(x, y, off, 0, 60, 90, -1))
                    .verdict()
                    .value();
            assertThat(before).isCloseTo(2 * RADIUS * off, within(1e-6));
            double shoulder = read(
                            asked("10 60 120", how, AxisFace.SHAFT_TOWARDS, true), part(x, y, off, 0, 10, 60, -1))
                    .verdict()
                    .value();
            assertThat(shoulder).isCloseTo(2 * RADIUS * off, within(1e-6));
            double[] bored = part(x, y, off, 0, 10, 60, 1);
            // In a bore the wall is nearer where the centre lies away.
            for (int k = 0; k < 2 * STATIONS; k++) {
                bored[k] = -bored[k];
            }
            double housing = read(asked("10 60 120", how, AxisFace.BORE_AWAY, true), bored)
                    .verdict()
                    .value();
            assertThat(housing).isCloseTo(2 * RADIUS * off, within(1e-6));
        }
    }

    /** Typed in inches, the same part has the same figure. */
    @Test
    void inInchesItIsTheSame() throws Exception {
        Requirement metric = asked("25.4 76.2 127", DatumRead.LEAST_SQUARES, AxisFace.SHAFT_AWAY, true);
        Layout inches = CharacteristicLayout.read(
                SQUARENESS,
                new WrittenLayout(LayoutKind.RINGS, LengthUnit.INCH, "1 3 5", String.valueOf(STATIONS)),
                Zeroing.ONE_FOR_ALL,
                Reversal.NONE);
        Requirement inch = new Requirement(
                SQUARENESS,
                SurfaceSide.OUTSIDE,
                metric.limit(),
                metric.statedAs(),
                DecisionRule.STRINGENT,
                metric.allowedReturn(),
                metric.flicker(),
                1,
                inches,
                metric.basis());
        double[] part = part(0.2, -0.1, 0.03, 0, 25.4, 76.2, 1);
        assertThat(read(inch, part).verdict().value()).isCloseTo(2 * RADIUS * 0.03, within(1e-6));
        assertThat(read(inch, part).verdict().expanded())
                .isCloseTo(read(metric, part).verdict().expanded(), within(1e-9));
    }

    /** To the axis of the turn the same face is out by what the part leans. */
    @Test
    void withoutADatumItIsHeldToTheAxisOfTheTurn() {
        Requirement turned = asked("10 60 120", DatumRead.ASSUMED, AxisFace.SHAFT_AWAY, false);
        double[] readings = all(ring(0, 0), ring(0, 0), face(0.05, 0, 1));
        assertThat(read(turned, readings).verdict().value()).isCloseTo(4, within(1e-9));
    }

    /** The nearer the rings, the less the axis is known, and the larger U. */
    @Test
    void ringsNearEachOtherShowTheAxisPoorly() {
        double[] part = part(0.1, 0, 0.02, 0, 10, 60, 1);
        double wide = read(asked("10 60 120", DatumRead.LEAST_SQUARES, AxisFace.SHAFT_AWAY, true), part)
                .verdict()
                .expanded();
        double near = read(asked("10 15 120", DatumRead.LEAST_SQUARES, AxisFace.SHAFT_AWAY, true), part)
                .verdict()
                .expanded();
        assertThat(near).isGreaterThan(3 * wide);
    }

    @ParameterizedTest
    @ValueSource(strings = {"10 60", "10"})
    void withoutAFaceNothingIsProven(String distances) {
        Requirement asked = asked(distances, DatumRead.LEAST_SQUARES, AxisFace.SHAFT_AWAY, true);
        assertThat(read(asked, new double[asked.layout().size()]).verdict().because())
                .isEqualTo(Because.STATIONS_UNFIT);
    }

    /** Which way a shoulder between the rings looks nobody can tell, and one side of it would pass what the other fails. */
    @Test
    void aFaceBetweenTheRingsProvesNothing() {
        Requirement asked = asked("10 60 40", DatumRead.LEAST_SQUARES, AxisFace.SHAFT_AWAY, true);
        assertThat(read(asked, part(0.1, 0, 0, 0, 10, 60, 1)).verdict().because())
                .isEqualTo(Because.STATIONS_UNFIT);
    }

    @Test
    void withoutItsRadiusNothingIsProven() {
        Requirement asked = asked("10 60 120", DatumRead.LEAST_SQUARES, AxisFace.SHAFT_AWAY, false);
        assertThat(read(asked, new double[asked.layout().size()]).verdict().because())
                .isEqualTo(Because.STATIONS_UNFIT);
    }
}
