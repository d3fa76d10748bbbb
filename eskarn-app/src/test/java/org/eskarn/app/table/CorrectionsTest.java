package org.eskarn.app.table;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.eskarn.app.page.DetailsView;
import org.eskarn.app.remedy.Advice;
import org.eskarn.app.remedy.MeasuredState;
import org.eskarn.app.remedy.RemedyAdvice;
import org.eskarn.app.remedy.RemedyForm;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.ReadingUnit;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.RemedyKind;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.units.LengthUnit;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Corrections worked out from readings that were typed, without a docket: what they say has to be so. */
class CorrectionsTest {

    private static final Pattern TOWARDS = Pattern.compile("towards (\\d+)°");
    private static final Pattern END = Pattern.compile("([\\d.]+) (towards|away from) (\\d+)°");

    private static MeasuredState found(MeasureForm form) {
        Measured measured = Measured.of(form.filled());
        assertThat(measured.problems()).isEmpty();
        return measured.found().orElseThrow();
    }

    private static MeasureForm ring(Characteristic what, SurfaceSide side, String stations, String readings) {
        return new MeasureForm(
                what,
                side,
                LayoutKind.RING,
                stations,
                null,
                LengthUnit.MILLIMETRE,
                readings,
                ReadingUnit.MICROMETRE,
                "0.1",
                "",
                "",
                "",
                "",
                null,
                null,
                "",
                "0.02",
                "",
                "",
                "",
                "",
                null,
                null,
                null);
    }

    /** Of a shaft or an opening off centre in a known direction: headline and every diameter point the right way. */
    @RepeatedTest(40)
    void everyDiameterSaysTowardsWhichEndTheCentreIsOff(RepetitionInfo info) {
        Random chance = new Random(info.getCurrentRepetition());
        boolean opening = chance.nextBoolean();
        double direction = chance.nextInt(360);
        double off = 20 + chance.nextInt(100);
        String stations = chance.nextBoolean() ? "0 45 90 135 180 225 270 315" : "0 30 80 135 180 225 270 310";
        // A shaft reads plus where its centre is off to; an opening reads minus there, its wall being further away.
        String readings = Arrays.stream((stations + " 0").split(" "))
                .map(angle -> Math.toRadians(Double.parseDouble(angle) - direction))
                .map(angle -> String.format(java.util.Locale.ROOT, "%.2f", (opening ? -1 : 1) * off * Math.cos(angle)))
                .collect(Collectors.joining(" "));
        MeasureForm form = opening
                ? ring(Characteristic.OFFSET_OF_OPENING, SurfaceSide.INSIDE, stations, readings)
                : ring(Characteristic.CIRCULAR_RUNOUT_RADIAL, SurfaceSide.OUTSIDE, stations, readings);
        Advice advice = RemedyAdvice.of(found(form), RemedyForm.of(RemedyKind.OFFSET));
        Matcher move = TOWARDS.matcher(advice.headline());
        assertThat(move.find()).as(advice.headline()).isTrue();
        assertThat(apart(Double.parseDouble(move.group(1)), direction + 180)).isLessThanOrEqualTo(1.0);
        List<DetailsView.Row> rows = advice.tables().get(0).rows();
        assertThat(rows).isNotEmpty();
        for (DetailsView.Row row : rows) {
            Matcher end = END.matcher(row.cells().get(0));
            if (!end.matches()) {
                assertThat(row.cells().get(0)).isEqualTo("0.0");
                continue;
            }
            double angle = Double.parseDouble(end.group(3));
            boolean towards = end.group(2).equals("towards");
            assertThat(apart(angle, direction) <= 90 + 1e-6)
                    .as(row.name() + ": " + row.cells())
                    .isEqualTo(towards);
            double share = Math.abs(off * Math.cos(Math.toRadians(angle - direction)));
            assertThat(Double.parseDouble(end.group(1))).isBetween(share - 0.06, share + 0.06);
        }
    }

    private static double apart(double one, double other) {
        double apart = Math.abs(one - other) % 360;
        return Math.min(apart, 360 - apart);
    }

    @Test
    void whatDoesNotMoveNeedsNoTruing() {
        MeasureForm still = ring(Characteristic.CIRCULAR_RUNOUT_RADIAL, SurfaceSide.OUTSIDE, "8", "0 0 0 0 0 0 0 0 0");
        Advice advice = RemedyAdvice.of(found(still), RemedyForm.of(RemedyKind.TRUING));
        assertThat(advice.ready()).isFalse();
        assertThat(advice.headline()).contains("nothing to true");
    }

    /** A face has no centre that could be off: it leans. */
    @Test
    void aFaceIsNotOffCentre() {
        MeasureForm face = new MeasureForm(
                Characteristic.CIRCULAR_RUNOUT_AXIAL,
                null,
                LayoutKind.RING,
                "8",
                null,
                LengthUnit.MILLIMETRE,
                "0 3 8 11 12 9 4 1 0",
                ReadingUnit.MICROMETRE,
                "1",
                "",
                "",
                "100",
                "",
                null,
                null,
                "",
                "",
                "",
                "",
                "",
                "",
                null,
                null,
                null);
        List<DetailsView.Line> figures = Measured.of(face.filled()).said().figures();
        assertThat(figures).noneMatch(line -> line.name().contains("off centre"));
        assertThat(figures).anyMatch(line -> line.name().contains("lean at this radius"));
    }

    /** Few stations may have missed the high and the low spot: the answer says by how much. */
    @ParameterizedTest
    @CsvSource({"4, 29", "5, 19", "6, 13", "8, ''", "12, ''"})
    void fewStationsAreWarnedOf(int stations, String percent) {
        String readings = IntStream.rangeClosed(0, stations)
                .mapToObj(i -> String.valueOf(i == stations ? 0 : i % 3))
                .collect(Collectors.joining(" "));
        MeasureForm form =
                ring(Characteristic.CIRCULAR_RUNOUT_RADIAL, SurfaceSide.OUTSIDE, String.valueOf(stations), readings);
        List<String> remarks = Measured.of(form.filled()).said().remarks();
        if (percent.isEmpty()) {
            assertThat(remarks).noneMatch(remark -> remark.contains("can miss up to"));
        } else {
            assertThat(remarks).anyMatch(remark -> remark.contains("can miss up to " + percent + " %"));
        }
    }

    /** A cut is planned from the place with most metal, and its prediction lies within the limits. */
    @ParameterizedTest
    @CsvSource({"0, 2", "0.05, 2", "0.01, 3", "0.002, 1"})
    void aCutEndsWithinTheLimits(String slide, int passes) {
        MeasureForm shaft = new MeasureForm(
                Characteristic.OUTSIDE_SIZE,
                null,
                LayoutKind.RINGS,
                "10 60 110",
                "0 90",
                LengthUnit.MILLIMETRE,
                "42.365 42.360 42.350 42.352 42.341 42.340",
                ReadingUnit.MILLIMETRE,
                "0.001",
                "",
                "",
                "",
                "",
                null,
                null,
                "40.000",
                "40.016",
                "",
                "",
                "",
                "",
                null,
                null,
                null);
        Advice advice = RemedyAdvice.of(found(shaft), cut(String.valueOf(passes), slide, null, "20"));
        assertThat(advice.problems()).isEmpty();
        assertThat(advice.ready()).isTrue();
        assertThat(advice.predicted().orElseThrow()).isBetween(40_000 - 1e-6, 40_016 + 1e-6);
        List<DetailsView.Row> rows = advice.tables().get(0).rows();
        assertThat(rows).hasSize(passes);
        double taken = rows.stream()
                .mapToDouble(row -> Double.parseDouble(row.cells().get(0)))
                .sum();
        double dial = Double.parseDouble(rows.get(rows.size() - 1).cells().get(1));
        assertThat(Math.abs(taken - dial))
                .as("off the diameter, and what the dial shows")
                .isLessThan(1e-6);
    }

    @ParameterizedTest
    @CsvSource({"partCelsius, 900", "partCelsius, -80", "gaugeCelsius, 4000"})
    void anAbsurdTemperatureIsRefused(String field, String celsius) {
        MeasureForm shaft = new MeasureForm(
                Characteristic.OUTSIDE_SIZE,
                null,
                LayoutKind.POINTS,
                "a",
                null,
                LengthUnit.MILLIMETRE,
                "42.365",
                ReadingUnit.MILLIMETRE,
                "0.001",
                "",
                "",
                "",
                "",
                null,
                null,
                "40.000",
                "40.016",
                "",
                "",
                "",
                "",
                null,
                null,
                null);
        boolean part = field.equals("partCelsius");
        Advice advice = RemedyAdvice.of(found(shaft), cut("2", "", part ? celsius : "20", part ? "20" : celsius));
        assertThat(advice.ready()).isFalse();
        assertThat(advice.problems()).containsOnlyKeys(field);
    }

    private static RemedyForm cut(String passes, String slide, String part, String gauge) {
        return new RemedyForm(
                RemedyKind.CUT,
                null,
                null,
                null,
                null,
                null,
                null,
                passes,
                null,
                null,
                "diameter",
                slide,
                "0",
                part,
                gauge,
                null,
                LengthUnit.MILLIMETRE,
                null);
    }

    /** Every correction that a characteristic lists can be asked for, and says something, whatever is typed. */
    @ParameterizedTest
    @EnumSource
    void everyCorrectionOfACharacteristicAnswers(Characteristic what) {
        LayoutKind layout = what.layouts().get(0);
        if (layout.answered()) {
            return;
        }
        Random chance = new Random(5);
        MeasureForm empty = MeasuredTest.typed(what, layout, "");
        int count = Measured.of(empty.filled()).expected();
        String readings = IntStream.range(0, count)
                .mapToObj(i -> String.valueOf((what.readsSizes() ? 45_000 : 0)
                        + (i == count - 1 && layout.returns() ? 0 : chance.nextInt(60))))
                .collect(Collectors.joining(" "));
        MeasureForm form = MeasuredTest.typed(what, layout, readings);
        Measured measured = Measured.of(form.filled());
        assertThat(measured.problems()).isEmpty();
        for (RemedyKind kind : RemedyAdvice.kinds(measured.found().orElseThrow())) {
            Advice advice = RemedyAdvice.of(measured.found().orElseThrow(), RemedyForm.of(kind));
            assertThat(advice.kind()).isEqualTo(kind);
            assertThat(advice.headline()).as(kind + " of " + what).isNotBlank().doesNotContain("NaN", "null", "{");
        }
    }
}
