package org.eskarn.app.part;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.eskarn.app.gauge.GaugeKind;
import org.eskarn.app.page.FormFields;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.Words;
import org.eskarn.core.flat.Reversal;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.requirement.AxisFace;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.LimitKind;
import org.eskarn.core.requirement.StatedAs;
import org.eskarn.core.requirement.ZeroRule;
import org.eskarn.core.requirement.Zeroing;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.units.LengthUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is typed into the requirement editor, and what it means. */
class RequirementDraftTest {

    private static final List<Feature> FEATURES = List.of(new Feature(
            7,
            1,
            "Journal",
            "A",
            SurfaceSide.OUTSIDE,
            new java.math.BigDecimal("45"),
            LengthUnit.MILLIMETRE,
            "the left"));

    private static RequirementForm form(Map<String, ?> fields) {
        Map<String, Object> form = new HashMap<>(Map.of(
                "title", "Runout",
                "featureId", 7,
                "characteristic", "CIRCULAR_RUNOUT_RADIAL",
                "limit.unit", "MILLIMETRE",
                "layout.unit", "MILLIMETRE",
                "gauge.resolutionUnit", "MICROMETRE",
                "limit.rule", "SIMPLE",
                "limit.upper", "0.02",
                "layout.first", "8",
                "gauge.kind", "INDICATOR"));
        form.putAll(
                Map.of("gauge.zeroRule", "FIRST_STATION", "gauge.flicker", "MIDDLE", "setUp.workKind", "ON_THE_PLATE"));
        form.putAll(fields);
        return FormFields.bind(RequirementForm.class, form);
    }

    private static RequirementDraft draft(RequirementForm form) {
        return RequirementDraft.of(form, 0, 1, 1, FEATURES);
    }

    /** Code and limits are both kept, so that a later edition of the tables changes nothing that is written. */
    @Test
    void aFitCodeIsWorkedOutAndBothAreKept() {
        RequirementForm form = form(fields(
                "characteristic",
                "OUTSIDE_SIZE",
                "gauge.kind",
                "MICROMETER",
                "limit.kind",
                "FIT_CODE",
                "limit.nominal",
                "45",
                "limit.code",
                "k5",
                "limit.upper",
                "",
                "layout.kind",
                "RINGS",
                "layout.first",
                "5 15",
                "layout.second",
                "0 90"));
        PartRequirement written = draft(form).requirement().orElseThrow();
        assertThat(Words.of(written.limit().words())).isEqualTo("⌀45 k5 (+0.013 / +0.002 mm)");
        LimitRow row = LimitRow.of(1, false, written.limit());
        LimitRow edited = new LimitRow(
                1,
                false,
                row.kind(),
                row.nominal(),
                row.lowerAmount(),
                new java.math.BigDecimal("0.012"),
                row.unit(),
                row.code(),
                null,
                "",
                null,
                null);
        assertThat(Words.of(edited.limit().words())).contains("+0.012");
        Map<String, String> wrong = draft(form(fields(
                        "characteristic",
                        "OUTSIDE_SIZE",
                        "gauge.kind",
                        "MICROMETER",
                        "limit.kind",
                        "FIT_CODE",
                        "limit.nominal",
                        "45",
                        "limit.code",
                        "K5",
                        "limit.upper",
                        "",
                        "layout.kind",
                        "RINGS",
                        "layout.first",
                        "5 15",
                        "layout.second",
                        "0 90")))
                .problems();
        assertThat(wrong.get("limit.code")).contains("A shaft takes small letters: use e.g. k5");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "featureId | 99 | featureId | Choose a feature",
                "limit.upper | '' | limit.upper | Enter a value",
                "limit.upper | abc | limit.upper | is not a number",
                "limit.upper | -0.02 | limit.upper | greater than zero",
                "limit.upper | 20 | limit.unit | more than a quarter of the size",
                "limit.serviceUpper | 0 | limit.serviceUpper | greater than zero",
                "layout.first | '' | layout.first | Missing:",
                "layout.first | 0 90 400 | layout.first | less than 360",
                "limit.ruleFigure | 0.5 | limit.ruleFigure | from 1 to 100",
                "limit.ruleFigure | abc | limit.ruleFigure | is not a number",
                "limit.ruleFigure | 3.12345 | limit.ruleFigure | At most 4 decimals",
                "layout.conditions | slide: top | layout.conditions | Two conditions or more",
                "layout.conditions | top; top | layout.conditions | its own name",
                "gauge.repeats | 0 | gauge.repeats | from 1 to 20",
                "gauge.repeats | two | gauge.repeats | from 1 to 20",
                "gauge.allowedReturn | -1 | gauge.allowedReturn | greater than zero",
                "gauge.resolution | 0 | gauge.resolution | greater than zero",
                "characteristic | CIRCULAR_RUNOUT_AXIAL | layout.radius | Enter the radius"
            })
    void aFieldAtFaultGetsItsOwnSentence(String field, String value, String at, String says) {
        RequirementDraft draft = draft(form(Map.of(field, value)));
        assertThat(draft.requirement()).isEmpty();
        assertThat(draft.problems()).hasSize(1).containsKey(at);
        assertThat(draft.problems().get(at)).contains(says);
    }

    @Test
    void decimalCommasAndCautionsAreRead() {
        RequirementDraft draft = draft(form(Map.of(
                "limit.upper",
                "0,020",
                "limit.serviceUpper",
                "0,05",
                "setUp.preparations",
                "! Isolate it.\n\nWipe the seats.\n")));
        PartRequirement requirement = draft.requirement().orElseThrow();
        assertThat(Words.of(requirement.limit().words())).isEqualTo("≤ 0.020 mm");
        assertThat(Words.of(requirement.inService().terms().limit().words())).isEqualTo("≤ 0.05 mm");
        assertThat(requirement.preparations()).extracting(Preparation::caution).containsExactly(true, false);
        assertThat(requirement.preparations().get(0).text()).isEqualTo("Isolate it.");
    }

    @Test
    void anotherCharacteristicBringsItsUsualChoices() {
        RequirementForm size = form(Map.of(
                        "characteristic", "BORE_SIZE", "limit.kind", "MAXIMUM", "layout.kind", "RING"))
                .after(Characteristic.CIRCULAR_RUNOUT_RADIAL, LayoutKind.RING, "", Map.of());
        assertThat(size.chosenLimit()).isEqualTo(LimitKind.BETWEEN);
        assertThat(size.chosenLayout()).isEqualTo(LayoutKind.RINGS);
        assertThat(size.layout().first()).isEqualTo("5 15 25");
        assertThat(size.layout().second()).isEqualTo("0 90");
        assertThat(size.chosenStatement()).isEqualTo(StatedAs.WORST_PLACE);
        RequirementForm same = form(Map.of("layout.first", "0 90 200"))
                .after(Characteristic.CIRCULAR_RUNOUT_RADIAL, LayoutKind.RING, "", Map.of());
        assertThat(same.layout().first()).isEqualTo("0 90 200");
    }

    /** How it is held and read follows what it is, but for what was chosen or written by hand. */
    @Test
    void anotherCharacteristicBringsItsUsualWorkAndGauge() {
        Map<WorkKind, String> sheets =
                Map.of(WorkKind.BETWEEN_CENTRES, "clean the centres", WorkKind.ON_THE_PLATE, "wipe the plate");
        RequirementForm flat = flat("clean  the centres\n", "INDICATOR", sheets);
        assertThat(flat.setUp().chosenWork()).isEqualTo(WorkKind.ON_THE_PLATE);
        assertThat(flat.setUp().preparations()).isEqualTo("wipe the plate");
        RequirementForm byHand = flat("clean the centres; wait an hour", "HEIGHT_GAUGE", sheets);
        assertThat(byHand.setUp().preparations()).isEqualTo("clean the centres; wait an hour");
        assertThat(byHand.gauge().kind()).isEqualTo(GaugeKind.HEIGHT_GAUGE);
        // A micrometer reads no flatness.
        assertThat(flat("", "MICROMETER", sheets).gauge().kind()).isEqualTo(GaugeKind.INDICATOR);
    }

    /** Whoever takes a word of a line back takes back what it meant; what was typed by hand stays. */
    @Test
    void whatALineNoLongerSaysIsGone() throws FormRefused {
        RequirementForm blank = RequirementForm.blank(LengthUnit.MILLIMETRE, "");
        RequirementForm first = filled("bore 40 H7 3x2 30 to A", "", blank);
        assertThat(first.gauge().setTo()).isEqualTo("40");
        RequirementForm other = filled("bore 42 ±0.01", "bore 40 H7 3x2 30 to A", first);
        assertThat(other.gauge().setTo()).isEqualTo("42");
        assertThat(other.limit().code()).isEmpty();
        assertThat(other.limit().datum()).isEmpty();
        assertThat(other.layout().first()).isEqualTo("5 15 25");
        RequirementForm half = filled("runout 0.02 8 half", "bore 42 ±0.01", other);
        assertThat(half.chosenStatement()).isEqualTo(StatedAs.HALF_MOVEMENT);
        RequirementForm plain = filled("runout 0.03 8", "runout 0.02 8 half", half);
        assertThat(plain.chosenStatement()).isEqualTo(StatedAs.MOVEMENT);
        assertThat(plain.gauge().setTo()).isEmpty();
    }

    /** A hole is read with a bore gauge on a master of its size; whoever means the shaft after all gets a shaft's gauge again. */
    @Test
    void theGaugeFollowsTheFeatureThatTheLineIsOf() throws FormRefused {
        List<Feature> features =
                List.of(feature(1, "Bore", SurfaceSide.INSIDE), feature(2, "Shaft", SurfaceSide.OUTSIDE));
        RequirementForm blank = RequirementForm.usual(features, "");
        RequirementForm hole = RequirementLines.filled("taper 0.01 3x2 30 of bore", "", blank, features, Map.of());
        assertThat(hole.gauge().kind()).isEqualTo(GaugeKind.BORE_GAUGE);
        assertThat(hole.gauge().setTo()).isEqualTo("22");
        RequirementForm shaft = RequirementLines.filled(
                "taper 0.01 3x2 30 of shaft", "taper 0.01 3x2 30 of bore", hole, features, Map.of());
        assertThat(shaft.gauge().kind()).isEqualTo(GaugeKind.MICROMETER);
        assertThat(shaft.gauge().setTo()).isEmpty();
    }

    private static Feature feature(long id, String name, SurfaceSide side) {
        return new Feature(id, 1, name, "", side, new BigDecimal("22"), LengthUnit.MILLIMETRE, "");
    }

    private static RequirementForm filled(String line, String before, RequirementForm form) throws FormRefused {
        return RequirementLines.filled(line, before, form, List.of(), Map.of());
    }

    private static RequirementForm flat(String preparations, String gauge, Map<WorkKind, String> sheets) {
        return form(Map.of(
                        "characteristic",
                        "FLATNESS",
                        "setUp.workKind",
                        "BETWEEN_CENTRES",
                        "setUp.preparations",
                        preparations,
                        "gauge.kind",
                        gauge))
                .after(Characteristic.CIRCULAR_RUNOUT_RADIAL, LayoutKind.RING, preparations, sheets);
    }

    @Test
    void whatIsWrittenComesBackIntoTheEditorUnchanged() {
        RequirementForm typed = form(Map.of(
                "characteristic",
                "PARALLELISM_OF_LINES",
                "limit.upper",
                "0.050",
                "limit.only",
                "PLUS",
                "limit.reason",
                "must not close",
                "layout.first",
                "left; right",
                "layout.span",
                "120",
                "limit.per",
                "100",
                "gauge.repeats",
                "3",
                "limit.datum",
                "A"));
        RequirementForm again = RequirementForm.of(draft(typed).requirement().orElseThrow());
        assertThat(draft(again).requirement()).isEqualTo(draft(typed).requirement());
    }

    /** A face held to the axis of two rings needs both rings, a face after them, and the radius it is read on. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "5 30 40 | 80 | LEAST_SQUARES | | ",
                "5 30 40 | | ASSUMED | | ",
                "5 30 | 80 | LEAST_SQUARES | layout.first | add the section of the face",
                "5 30 20 | 80 | LEAST_SQUARES | layout.first | between the two rings",
                "5 30 40 | | CONTACTING | layout.radius | radius"
            })
    void aFaceHeldToAnAxisSaysWhatItNeeds(String first, String radius, String datum, String field, String words) {
        RequirementForm typed = form(Map.of(
                "characteristic",
                "SQUARENESS",
                "layout.kind",
                "RINGS",
                "layout.first",
                first,
                "layout.second",
                "8",
                "layout.radius",
                radius == null ? "" : radius,
                "layout.datumRead",
                datum,
                "layout.axisFace",
                "BORE_TOWARDS",
                "limit.upper",
                "0.015"));
        if (field == null) {
            PartRequirement written = draft(typed).requirement().orElseThrow();
            assertThat(written.layout().axisFace()).isEqualTo(AxisFace.BORE_TOWARDS);
            assertThat(draft(RequirementForm.of(written)).requirement()).contains(written);
        } else {
            assertThat(draft(typed).problems().get(field)).contains(words);
        }
    }

    @Test
    void twoSetUpsComeBackUnchangedAndOnlyWhereTheyCanBeRead() {
        Map<String, String> square = Map.of(
                "characteristic",
                "SQUARENESS",
                "layout.kind",
                "LINE",
                "layout.first",
                "0 50 100",
                "layout.reversal",
                "ON_MASTER",
                "limit.upper",
                "0.02");
        PartRequirement requirement = draft(form(square)).requirement().orElseThrow();
        assertThat(requirement.terms().layout().size()).isEqualTo(7);
        assertThat(requirement.terms().layout().closings()).containsExactly(4);
        RequirementForm again = RequirementForm.of(requirement);
        assertThat(again.chosenReversal()).isEqualTo(Reversal.ON_MASTER);
        assertThat(draft(again).requirement()).contains(requirement);
        Map<String, String> runout = Map.of("layout.reversal", "ON_MASTER");
        assertThat(draft(form(runout)).requirement().orElseThrow().layout().reversal())
                .isEqualTo(Reversal.NONE);
        Map<String, String> placements = Map.of(
                "characteristic",
                "STRAIGHTNESS",
                "layout.kind",
                "STEPS",
                "layout.first",
                "0 50 100; 50 100 150",
                "layout.reversal",
                "PART_TURNED");
        assertThat(draft(form(placements)).requirement().orElseThrow().layout().reversal())
                .isEqualTo(Reversal.NONE);
    }

    private static Map<String, String> fields(String... namesAndTexts) {
        Map<String, String> fields = new HashMap<>();
        for (int i = 0; i < namesAndTexts.length; i += 2) {
            fields.put(namesAndTexts[i], namesAndTexts[i + 1]);
        }
        return fields;
    }

    /** What could never be judged is said where it is typed. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "OFFSET_OF_OPENING | RING | 0 180 | '' | limit.statedAs=OFFSET | layout.first | three",
                "CIRCULAR_RUNOUT_RADIAL | RINGS | 10 60 | 0 180 | '' | layout.second | three or more angles",
                "CIRCULAR_RUNOUT_RADIAL | LINE | 8 | '' | '' | layout.first | read over ring, not line",
                "CIRCULAR_RUNOUT_RADIAL | RING | 8 | '' | gauge.kind=MICROMETER | gauge.kind | does not read circular",
                "PARALLELISM_OF_FACES | GRID | 0 50 | 0 50 | gauge.kind=CALIPER | gauge.kind | does not read parallelism",
                "PITCH | LINE | 0 50 | '' | gauge.kind=MICROMETER | gauge.kind | does not read pitch",
                "PARALLELISM_OF_FACES | POINTS | A | '' | '' | gauge.zeroRule | always reads 0",
                "STRAIGHTNESS | LINE | 0 100 200 | '' | gauge.zeroing=EACH_STEP | layout.first | far foot",
                "STRAIGHTNESS | LINE | 100 200 | '' | gauge.zeroing=EACH_STEP;layout.reversal=PART_TURNED | layout.reversal | read once",
                "STRAIGHTNESS | STEPS | 0 50; 100 150 | '' | '' | layout.first | shares no station",
                "FLATNESS | POINTS | A; B; C; D | '' | '' | layout.first | ''",
                "PARALLELISM_OF_AXIS | PAIRS | a; b; c | '' | limit.statedAs=RESULTANT | layout.first | two planes",
                "PARALLELISM_OF_AXIS | PAIRS | a; b | '' | limit.statedAs=RESULTANT;limit.only=MINUS;limit.reason=traps | limit.only | no direction",
                "OUTSIDE_SIZE | RING | 4 | '' | limit.kind=BETWEEN;limit.lower=44.9;limit.upper=45.1 | gauge.setTo | needs a master",
                "SQUARENESS | LINE | 10 50 90 | 20 100 | layout.reversal=ON_MASTER;limit.upper=0.02 | layout.second | lies beyond it",
                "PIN_CHECK | PAIRS | 2 | '' | limit.kind=BETWEEN;limit.lower=44;limit.upper=46;gauge.kind=PINS;gauge.pinClass=0;gauge.setTo=45 | gauge.setTo | themselves",
                "PIN_CHECK | PAIRS | 2 | '' | limit.kind=BETWEEN;limit.lower=44;limit.upper=46;gauge.kind=PINS | gauge.pinClass | made above nominal"
            })
    void whatCannotBeJudgedIsRefusedWhereItIsTyped(
            String what, String layout, String first, String second, String more, String field, String says) {
        Map<String, String> typed =
                fields("characteristic", what, "layout.kind", layout, "layout.first", first, "layout.second", second);
        for (String each : more.split(";")) {
            if (!each.isEmpty()) {
                typed.put(each.substring(0, each.indexOf('=')), each.substring(each.indexOf('=') + 1));
            }
        }
        RequirementDraft draft = draft(form(typed));
        assertThat(draft.requirement()).isEmpty();
        assertThat(draft.problems()).containsOnlyKeys(field);
        assertThat(draft.problems().get(field)).contains(says);
    }

    @Test
    void aSensibleOneIsAccepted() {
        assertThat(draft(form(fields(
                                "characteristic", "PARALLELISM_OF_AXIS",
                                "layout.kind", "PAIRS",
                                "layout.first", "upright; level",
                                "layout.span", "100",
                                "limit.per", "120")))
                        .problems())
                .isEmpty();
        // A gauge set to a size is set on a master of it, whatever stands in the field.
        PartRequirement set = draft(form(fields(
                        "characteristic", "OUTSIDE_SIZE",
                        "limit.kind", "BETWEEN",
                        "limit.lower", "44.99",
                        "limit.upper", "45.01",
                        "layout.kind", "RING",
                        "layout.first", "4",
                        "gauge.setTo", "45")))
                .requirement()
                .orElseThrow();
        assertThat(set.gauge().zeroRule()).isEqualTo(ZeroRule.MASTER);
    }

    @Test
    void aFlatnessByLeastSquaresStaysSoAndANewOneIsByItsZone() {
        PartRequirement flat = draft(form(Map.of(
                        "characteristic",
                        "FLATNESS",
                        "layout.kind",
                        "GRID",
                        "layout.first",
                        "0 50",
                        "layout.second",
                        "0 50",
                        "limit.statedAs",
                        "LEAST_SQUARES")))
                .requirement()
                .orElseThrow();
        assertThat(RequirementForm.of(flat).chosenStatement()).isEqualTo(StatedAs.LEAST_SQUARES);
        assertThat(form(Map.of("characteristic", "FLATNESS")).chosenStatement()).isEqualTo(StatedAs.MINIMUM_ZONE);
    }

    @Test
    void aZeroAtEachSectionAndAClassOfPinsComeBackUnchanged() {
        PartRequirement journals = draft(form(Map.of(
                        "layout.kind",
                        "RINGS",
                        "layout.first",
                        "10 60",
                        "layout.second",
                        "4",
                        "gauge.zeroing",
                        "EACH_STEP")))
                .requirement()
                .orElseThrow();
        assertThat(journals.terms().layout().closings()).containsExactly(5);
        assertThat(RequirementForm.of(journals).chosenZeroing()).isEqualTo(Zeroing.EACH_STEP);
        RequirementForm oneRing = form(Map.of("gauge.zeroing", "EACH_STEP"));
        assertThat(draft(oneRing).requirement().orElseThrow().gauge().zeroing()).isEqualTo(Zeroing.ONE_FOR_ALL);

        Map<String, String> pins = fields(
                "characteristic",
                "PIN_CHECK",
                "gauge.kind",
                "PINS",
                "limit.kind",
                "BETWEEN",
                "limit.lower",
                "44.99",
                "limit.upper",
                "45.02",
                "layout.kind",
                "PINS",
                "layout.first",
                "44.98 45.00",
                "gauge.pinClass",
                "-0.002");
        PartRequirement hole = draft(form(pins)).requirement().orElseThrow();
        assertThat(hole.terms().basis().pinClass().orElseThrow().amount()).isEqualByComparingTo("-0.002");
        assertThat(RequirementForm.of(hole).gauge().pinClass()).isEqualTo("-0.002");
    }

    @Test
    void aRoundnessThatNamedNoCircleStaysByLeastSquaresInTheEditor() {
        PartRequirement round = draft(form(Map.of("characteristic", "ROUNDNESS", "limit.statedAs", "LEAST_SQUARES")))
                .requirement()
                .orElseThrow();
        assertThat(RequirementForm.of(round).chosenStatement()).isEqualTo(StatedAs.LEAST_SQUARES);
    }

    /** What a rule needs is refused where it was typed, and the stringent rule needs nothing. */
    @ParameterizedTest
    @CsvSource({"PROBABILITY, 50, true", "PROBABILITY, 100, true", "PROBABILITY, 97.5, false", "STRINGENT, abc, false"})
    void eachRuleHasAFigureOfItsOwn(String rule, String figure, boolean refused) {
        RequirementDraft draft = draft(form(fields("limit.rule", rule, "limit.ruleFigure", figure)));
        assertThat(draft.problems().containsKey("limit.ruleFigure")).isEqualTo(refused);
    }

    /** Under conditions the same stations are read once for each, with a zero of its own between. */
    @Test
    void conditionsMultiplyTheStations() {
        RequirementDraft draft = draft(form(fields("layout.conditions", "seat: first; seat: again")));
        assertThat(draft.problems()).isEmpty();
        assertThat(draft.requirement().orElseThrow().terms().layout().size()).isEqualTo(2 * 8 + 1);
    }
}
