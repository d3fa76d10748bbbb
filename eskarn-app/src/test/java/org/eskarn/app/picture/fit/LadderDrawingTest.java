package org.eskarn.app.picture.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.eskarn.app.page.Display;
import org.eskarn.app.picture.engine.Drawing;
import org.eskarn.app.picture.engine.Sketch;
import org.eskarn.app.picture.engine.Subject;
import org.eskarn.app.picture.fit.LadderDrawing.Side;
import org.eskarn.app.picture.fit.LadderDrawing.Zone;
import org.eskarn.core.evaluation.FitReduction;
import org.eskarn.core.fit.MatedSizes;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.LayoutRejected;
import org.eskarn.core.reading.WrittenLayout;
import org.eskarn.core.requirement.Basis;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.CharacteristicLayout;
import org.eskarn.core.requirement.Limit;
import org.eskarn.core.requirement.LimitKind;
import org.eskarn.core.requirement.LimitUnit;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.requirement.StatedAs;
import org.eskarn.core.result.Details;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.size.SizeMap;
import org.eskarn.core.uncertainty.UncertaintyBudget;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.Bounds;
import org.eskarn.core.verdict.DecisionRule;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LadderDrawingTest {

    private static final Display MICROMETRES = new Display(LengthUnit.MICROMETRE);
    private static final Pattern HEIGHT = Pattern.compile("[ML][\\d.]+[, ]([\\d.]+)");

    private static List<String> texts(Drawing drawing) {
        return drawing.shapes().stream()
                .map(Drawing.Shape::text)
                .filter(text -> !text.isEmpty())
                .toList();
    }

    /** Zones of the picture: filled areas, each as its top and its foot. */
    private static List<double[]> zones(Drawing drawing) {
        return drawing.shapes().stream()
                .filter(shape ->
                        shape.look().equals(Sketch.STONE) || shape.look().equals(Sketch.SHADE))
                .map(shape -> {
                    Matcher heights = HEIGHT.matcher(shape.d());
                    double top = Double.MAX_VALUE;
                    double foot = 0;
                    while (heights.find()) {
                        top = Math.min(top, Double.parseDouble(heights.group(1)));
                        foot = Math.max(foot, Double.parseDouble(heights.group(1)));
                    }
                    return new double[] {top, foot};
                })
                .toList();
    }

    /** As high as their tolerances, and as far apart as the least clearance. */
    @ParameterizedTest
    @CsvSource({"0, 25, -25, -9", "0, 25, 43, 59", "0, 25, 2, 18", "-12, 0, 2, 13", "0, 2500, -5, -4"})
    void zonesStandInTrueProportion(double holeLower, double holeUpper, double shaftLower, double shaftUpper) {
        Drawing drawing = LadderDrawing.of(
                "a fit",
                List.of(
                        Zone.of("hole", Side.HOLE, holeLower, holeUpper),
                        Zone.of("shaft", Side.SHAFT, shaftLower, shaftUpper)),
                true,
                MICROMETRES);
        double[] hole = zones(drawing).get(0);
        double[] shaft = zones(drawing).get(1);
        double perMicrometre = (hole[1] - hole[0]) / (holeUpper - holeLower);
        assertThat(shaft[1] - shaft[0]).isCloseTo((shaftUpper - shaftLower) * perMicrometre, within(0.5));
        assertThat(shaft[0] - hole[1]).isCloseTo((holeLower - shaftUpper) * perMicrometre, within(0.5));
        assertThat(texts(drawing)).contains("nominal", "least", "most", MICROMETRES.signed(holeLower - shaftUpper));
    }

    private static Drawing ofPair(String lower, String upper) throws LayoutRejected {
        Limit limit = new Limit(
                LimitKind.FIT_CODE,
                new BigDecimal("32"),
                new BigDecimal(lower),
                new BigDecimal(upper),
                LimitUnit.MILLIMETRE,
                "H7/g6",
                null,
                "",
                null);
        Requirement terms = new Requirement(
                Characteristic.FIT_OF_PAIR,
                SurfaceSide.INSIDE,
                limit,
                StatedAs.ITSELF,
                DecisionRule.SIMPLE,
                Optional.empty(),
                FlickerRule.MIDDLE,
                1,
                new WrittenLayout(LayoutKind.PAIRS, LengthUnit.MILLIMETRE, "2", "")
                        .read(CharacteristicLayout.ends(Characteristic.FIT_OF_PAIR))
                        .returning(false),
                Basis.NONE);
        FitReduction fit = new FitReduction(
                20,
                new UncertaintyBudget(List.of()),
                new double[] {32_012},
                new double[] {31_985},
                Details.NOTHING,
                List.of());
        return PairLadder.of(new Subject(terms, "Pilot", "the drive side", Optional.empty()), fit);
    }

    /** What was written by another edition of the tables is not drawn with the zones of this one. */
    @Test
    void zonesAreDrawnOnlyWhereTheyBelongToTheLimits() throws LayoutRejected {
        Drawing today = ofPair("0.009", "0.050");
        assertThat(texts(today)).contains("hole H7", "shaft g6", "+25.0", "+12.0", "−15.0", "least");
        Drawing other = ofPair("0.010", "0.050");
        assertThat(texts(other)).contains("+12.0", "−15.0").doesNotContain("+25.0", "least");
        assertThat(zones(other)).isEmpty();
    }

    @Test
    void theClearanceAlongALengthNamesItsEnds() {
        MatedSizes pair = MatedSizes.of(
                SizeMap.of(new double[] {10, 40}, new double[] {32_020, 32_010}),
                SizeMap.of(new double[] {10, 40}, new double[] {31_990, 32_000}));
        Drawing drawing =
                ClearanceDrawing.of(pair, Bounds.between(5, 40), new Display(LengthUnit.MILLIMETRE), MICROMETRES);
        assertThat(texts(drawing)).contains("+30.0", "+10.0", "+5.0", "+40.0", "10", "40", "upwards: looser");
        assertThat(drawing.scaleLine()).contains("· dashed: required");
    }

    @Test
    void aCapStandsOffItsFaceByACrush() {
        assertThat(texts(EndGapDrawing.of(40_320, List.of(19_040.0, 5_020.0), -120, MICROMETRES)))
                .contains("crush 120.0 µm", "1", "2", "cap", "shoulder");
        assertThat(texts(EndGapDrawing.of(40_520, List.of(19_040.0, 5_020.0), 80, MICROMETRES)))
                .contains("gap 80.0 µm");
    }
}
