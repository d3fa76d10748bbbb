package org.eskarn.app.calculator.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.eskarn.app.page.DetailsView;
import org.eskarn.app.page.Display;
import org.eskarn.app.remedy.Advice;
import org.eskarn.app.remedy.Correction;
import org.eskarn.app.remedy.MeasuredState;
import org.eskarn.app.running.Query;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.RemedyKind;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.Outcome;
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
        return MeasuredTest.typed("what=" + what + "&side=" + side + "&layout=RING&first=" + stations + "&readings="
                + readings + "&readingUnit=MICROMETRE&graduation=0.1&upper=0.02");
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
        Advice advice = Correction.of(found(form), Map.of("kind", "OFFSET")).advice();
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
        Advice advice = Correction.of(found(still), Map.of("kind", "TRUING")).advice();
        assertThat(advice.ready()).isFalse();
        assertThat(advice.headline()).contains("nothing to true");
    }

    /** Two journals lie off in opposite directions: each direction is that of its section, never of both. */
    @Test
    void theDirectionOfARotorIsThatOfItsSection() {
        MeasureForm rotor = MeasuredTest.typed("what=CIRCULAR_RUNOUT_RADIAL&layout=RINGS&first=40 180&second=4"
                + "&readings=0 20 40 20 0 -20 -44 -20 0&readingUnit=MICROMETRE&graduation=1&upper=0.02");
        Advice advice = Correction.of(found(rotor), Map.of("kind", "TRUING")).advice();
        assertThat(advice.lines().toString())
                .contains("By all readings at 180 mm the centre lies towards 0°, about 12")
                .doesNotContain("together");
    }

    /** Sections that move little and lie apart: total runout fails, and no blow brings them together. */
    @Test
    void truingIsNotAdvisedWhereTheSectionsLieApart() {
        MeasureForm apart = MeasuredTest.typed("what=TOTAL_RUNOUT&layout=RINGS&first=40 180&second=4"
                + "&readings=0 1 2 1 60 61 62 61 0&readingUnit=MICROMETRE&graduation=1&upper=0.02");
        Measured measured = Measured.of(apart.filled());
        assertThat(measured.judgedName()).isEqualTo("total movement");
        assertThat(measured.assessment().verdict().outcome()).isEqualTo(Outcome.FAIL);
        Advice advice = Correction.of(found(apart), Map.of("kind", "TRUING")).advice();
        assertThat(advice.ready()).isFalse();
        assertThat(advice.headline()).startsWith("Each section moves within the limit; the sections lie apart");
        assertThat(measured.said().figures())
                .anyMatch(line -> line.name().startsWith("total movement")
                        && line.figure().equals("62.0"));
    }

    /** A face has no centre that could be off: it leans. */
    @Test
    void aFaceIsNotOffCentre() {
        MeasureForm face = MeasuredTest.typed("what=CIRCULAR_RUNOUT_AXIAL&layout=RING&first=8"
                + "&readings=0 3 8 11 12 9 4 1 0&readingUnit=MICROMETRE&graduation=1&radius=100");
        List<DetailsView.Line> figures = Measured.of(face.filled()).said().figures();
        assertThat(figures).noneMatch(line -> line.name().contains("off centre"));
        assertThat(figures).anyMatch(line -> line.name().contains("lean at this radius"));
    }

    /** What is told over 100 mm is told per inch where inches are shown, and is the same slope. */
    @Test
    void aSlopeIsToldOverALengthOfItsSystem() {
        String face = "what=CIRCULAR_RUNOUT_AXIAL&layout=RING&first=8&graduation=1&radius=100 mm&readings=";
        DetailsView.Line metric = lean(face + "0 3 8 11 12 9 4 1 0&readingUnit=MICROMETRE");
        assertThat(metric.symbol()).isEqualTo("µm over 100 mm");
        DetailsView.Line inch = lean(face + "0 3µm 8µm 11µm 12µm 9µm 4µm 1µm 0&unit=INCH&readingUnit=TENTH");
        assertThat(inch.symbol()).isEqualTo("tenths per inch");
        assertThat(Double.parseDouble(inch.figure()) * 2.54 * 100 / 25.4)
                .isCloseTo(Double.parseDouble(metric.figure()), org.assertj.core.api.Assertions.within(0.2));
    }

    private static DetailsView.Line lean(String query) {
        return Measured.of(MeasuredTest.typed(query).filled()).said().figures().stream()
                .filter(line -> line.name().equals("lean"))
                .findFirst()
                .orElseThrow();
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
        MeasureForm shaft = MeasuredTest.typed(
                "what=OUTSIDE_SIZE&layout=RINGS&first=10 60 110&second=0 90"
                        + "&readings=42.365 42.360 42.350 42.352 42.341 42.340&readingUnit=MILLIMETRE&graduation=0.001&lower=40.000&upper=40.016");
        Advice advice = Correction.of(found(shaft), cut(String.valueOf(passes), slide, "20", "20"))
                .advice();
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

    /** Whatever the shaft, the slide and the passes, in either unit system: no cut is promised that ends beyond a limit. */
    @RepeatedTest(60)
    void noCutIsPromisedBeyondALimit(RepetitionInfo info) {
        Random chance = new Random(info.getCurrentRepetition());
        boolean metric = chance.nextBoolean();
        LengthUnit unit = metric ? LengthUnit.MILLIMETRE : LengthUnit.INCH;
        double micrometres = unit.micrometres().doubleValue();
        int places = metric ? 3 : 4;
        double lower = 20 + chance.nextInt(60_000) / 1000.0;
        double width = (1 + chance.nextInt(60)) / 1000.0;
        if (!metric) {
            lower /= 25;
            width /= 25;
        }
        double from = lower + width + chance.nextInt(3000) / (metric ? 1000.0 : 25_000.0);
        double most = width * chance.nextInt(4) / 2;
        String readings = IntStream.range(0, 6)
                .mapToObj(i -> Display.plain(from + most * chance.nextInt(10) / 10, places))
                .collect(Collectors.joining(" "));
        String least = Display.plain(lower, places);
        String greatest = Display.plain(lower + width, places);
        MeasureForm shaft = MeasuredTest.typed("what=OUTSIDE_SIZE&layout=RINGS&first=10 60 110&second=0 90&readings="
                + readings + "&unit=" + unit + "&readingUnit=" + unit + "&graduation=" + (metric ? "0.001" : "0.0001")
                + "&lower=" + least + "&upper=" + greatest);
        double slide = chance.nextBoolean() ? 0 : metric ? 0.02 : 0.001;
        boolean radius = chance.nextBoolean();
        Map<String, String> asked =
                Query.fields("kind=CUT&passes=" + (1 + chance.nextInt(4)) + "&dialNow=0&gaugeCelsius=20&sizeUnit="
                        + unit + "&slide=" + slide + "&dial=" + (radius ? "radius" : "diameter"));
        Advice advice = Correction.of(found(shaft), asked).advice();
        if (!advice.problems().isEmpty()) {
            double widest = Arrays.stream(readings.split(" "))
                    .mapToDouble(Double::parseDouble)
                    .max()
                    .orElseThrow();
            double step = radius ? 2 * slide : slide;
            double closest = widest - step * Math.floor((widest - Double.parseDouble(least)) / step + 1e-9);
            assertThat(advice.problems()).containsOnlyKeys("slide");
            assertThat(closest)
                    .as("the smallest setting above the lower limit")
                    .isGreaterThan(Double.parseDouble(greatest));
        }
        advice.predicted()
                .ifPresent(size -> assertThat(size)
                        .as(advice.headline())
                        .isBetween(
                                Double.parseDouble(least) * micrometres - 1e-6,
                                Double.parseDouble(greatest) * micrometres + 1e-6));
        assertThat(advice.headline()).isNotBlank().doesNotContain("NaN", "null", "{");
    }

    @ParameterizedTest
    @CsvSource({"partCelsius, 900", "partCelsius, -80", "gaugeCelsius, 4000"})
    void anAbsurdTemperatureIsRefused(String field, String celsius) {
        MeasureForm shaft = MeasuredTest.typed("what=OUTSIDE_SIZE&layout=POINTS&first=a"
                + "&readings=42.365&readingUnit=MILLIMETRE&graduation=0.001&lower=40.000&upper=40.016");
        boolean part = field.equals("partCelsius");
        Advice advice = Correction.of(found(shaft), cut("2", "", part ? celsius : "20", part ? "20" : celsius))
                .advice();
        assertThat(advice.ready()).isFalse();
        assertThat(advice.problems()).containsOnlyKeys(field);
    }

    private static Map<String, String> cut(String passes, String slide, String part, String gauge) {
        return Query.fields("kind=CUT&passes=" + passes + "&dial=diameter&slide=" + slide + "&dialNow=0&partCelsius="
                + part + "&gaugeCelsius=" + gauge + "&sizeUnit=MILLIMETRE");
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
        for (RemedyKind kind : Correction.kinds(measured.found().orElseThrow())) {
            Advice advice = Correction.of(measured.found().orElseThrow(), Map.of("kind", kind.name()))
                    .advice();
            assertThat(advice.kind()).isEqualTo(kind);
            assertThat(advice.headline()).as(kind + " of " + what).isNotBlank().doesNotContain("NaN", "null", "{");
        }
    }
}
