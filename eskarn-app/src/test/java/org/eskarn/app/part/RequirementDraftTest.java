package org.eskarn.app.part;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.eskarn.core.flat.Reversal;
import org.eskarn.core.reading.LayoutKind;
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
import tools.jackson.databind.json.JsonMapper;

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
                "unit", "MILLIMETRE",
                "lengthUnit", "MILLIMETRE",
                "resolutionUnit", "MICROMETRE",
                "rule", "SIMPLE",
                "upper", "0.02",
                "layoutFirst", "8",
                "gaugeKind", "INDICATOR"));
        form.putAll(Map.of("zeroRule", "FIRST_STATION", "flicker", "MIDDLE", "workKind", "ON_THE_PLATE"));
        form.putAll(fields);
        return JsonMapper.builder().build().convertValue(form, RequirementForm.class);
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
                "gaugeKind",
                "MICROMETER",
                "limitKind",
                "FIT_CODE",
                "nominal",
                "45",
                "code",
                "k5",
                "upper",
                "",
                "layoutKind",
                "RINGS",
                "layoutFirst",
                "5 15",
                "layoutSecond",
                "0 90"));
        PartRequirement written = draft(form).requirement().orElseThrow();
        assertThat(written.limit().words()).isEqualTo("⌀45 k5 (+0.013 / +0.002 mm)");
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
        assertThat(edited.limit().words()).contains("+0.012");
        Map<String, String> wrong = draft(form(fields(
                        "characteristic",
                        "OUTSIDE_SIZE",
                        "gaugeKind",
                        "MICROMETER",
                        "limitKind",
                        "FIT_CODE",
                        "nominal",
                        "45",
                        "code",
                        "K5",
                        "upper",
                        "",
                        "layoutKind",
                        "RINGS",
                        "layoutFirst",
                        "5 15",
                        "layoutSecond",
                        "0 90")))
                .problems();
        assertThat(wrong.get("code")).contains("small letters are meant, as k5");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "title | '' | title | Type what it is called",
                "featureId | 99 | featureId | Choose the feature",
                "upper | '' | upper | A figure is missing",
                "upper | abc | upper | is not a number",
                "upper | -0.02 | upper | is above zero",
                "upper | 20 | unit | more than a quarter of the size",
                "serviceUpper | 0 | serviceUpper | is above zero",
                "layoutFirst | '' | layoutFirst | Nothing is written",
                "layoutFirst | 0 90 400 | layoutFirst | is no angle",
                "repeats | 0 | repeats | from 1 to 20",
                "repeats | two | repeats | from 1 to 20",
                "allowedReturn | -1 | allowedReturn | is above zero",
                "resolution | 0 | resolution | is above zero",
                "characteristic | CIRCULAR_RUNOUT_AXIAL | radius | Type the radius"
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
                "upper", "0,020", "serviceUpper", "0,05", "preparations", "! Isolate it.\n\nWipe the seats.\n")));
        PartRequirement requirement = draft.requirement().orElseThrow();
        assertThat(requirement.limit().words()).isEqualTo("≤ 0.020 mm");
        assertThat(requirement.inService().terms().limit().words()).isEqualTo("≤ 0.05 mm");
        assertThat(requirement.preparations()).extracting(Preparation::caution).containsExactly(true, false);
        assertThat(requirement.preparations().get(0).text()).isEqualTo("Isolate it.");
    }

    @Test
    void anotherCharacteristicBringsItsUsualChoices() {
        RequirementForm size = form(Map.of("characteristic", "BORE_SIZE", "limitKind", "MAXIMUM", "layoutKind", "RING"))
                .after(Characteristic.CIRCULAR_RUNOUT_RADIAL, LayoutKind.RING, "");
        assertThat(size.chosenLimit()).isEqualTo(LimitKind.BETWEEN);
        assertThat(size.chosenLayout()).isEqualTo(LayoutKind.RINGS);
        assertThat(size.layoutFirst()).isEqualTo("5 15 25");
        assertThat(size.layoutSecond()).isEqualTo("0 90");
        assertThat(size.chosenStatement()).isEqualTo(StatedAs.ITSELF);
        RequirementForm same = form(Map.of("layoutFirst", "0 90 200"))
                .after(Characteristic.CIRCULAR_RUNOUT_RADIAL, LayoutKind.RING, "");
        assertThat(same.layoutFirst()).isEqualTo("0 90 200");
    }

    @Test
    void whatIsWrittenComesBackIntoTheEditorUnchanged() {
        RequirementForm typed = form(Map.of(
                "characteristic",
                "PARALLELISM_OF_LINES",
                "upper",
                "0.050",
                "only",
                "PLUS",
                "reason",
                "must not close",
                "layoutFirst",
                "left; right",
                "span",
                "120",
                "per",
                "100",
                "repeats",
                "3",
                "datum",
                "A"));
        RequirementForm again = RequirementForm.of(draft(typed).requirement().orElseThrow());
        assertThat(draft(again).requirement()).isEqualTo(draft(typed).requirement());
    }

    @Test
    void twoSetUpsComeBackUnchangedAndOnlyWhereTheyCanBeRead() {
        Map<String, String> square = Map.of(
                "characteristic",
                "SQUARENESS",
                "layoutKind",
                "LINE",
                "layoutFirst",
                "0 50 100",
                "reversal",
                "ON_MASTER",
                "upper",
                "0.02");
        PartRequirement requirement = draft(form(square)).requirement().orElseThrow();
        assertThat(requirement.terms().layout().size()).isEqualTo(7);
        assertThat(requirement.terms().layout().closings()).containsExactly(4);
        RequirementForm again = RequirementForm.of(requirement);
        assertThat(again.chosenReversal()).isEqualTo(Reversal.ON_MASTER);
        assertThat(draft(again).requirement()).contains(requirement);
        Map<String, String> runout = Map.of("reversal", "ON_MASTER");
        assertThat(draft(form(runout)).requirement().orElseThrow().row().reversal())
                .isEqualTo(Reversal.NONE);
        Map<String, String> placements = Map.of(
                "characteristic",
                "STRAIGHTNESS",
                "layoutKind",
                "STEPS",
                "layoutFirst",
                "0 50 100; 50 100 150",
                "reversal",
                "PART_TURNED");
        assertThat(draft(form(placements)).requirement().orElseThrow().row().reversal())
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
                "OFFSET_OF_OPENING | RING | 0 180 | '' | statedAs=OFFSET | layoutFirst | three",
                "CIRCULAR_RUNOUT_RADIAL | RINGS | 10 60 | 0 180 | '' | layoutSecond | three angles",
                "CIRCULAR_RUNOUT_RADIAL | LINE | 8 | '' | '' | layoutFirst | read over ring, not line",
                "CIRCULAR_RUNOUT_RADIAL | RING | 8 | '' | gaugeKind=MICROMETER | gaugeKind | does not read circular",
                "PARALLELISM_OF_FACES | GRID | 0 50 | 0 50 | gaugeKind=CALIPER | gaugeKind | does not read parallelism",
                "PITCH | LINE | 0 50 | '' | gaugeKind=MICROMETER | gaugeKind | does not read pitch",
                "PARALLELISM_OF_FACES | POINTS | A | '' | '' | zeroRule | always reads 0",
                "STRAIGHTNESS | LINE | 0 100 200 | '' | zeroing=EACH_STEP | layoutFirst | two feet",
                "STRAIGHTNESS | LINE | 100 200 | '' | zeroing=EACH_STEP;reversal=PART_TURNED | reversal | read once",
                "STRAIGHTNESS | STEPS | 0 50; 100 150 | '' | '' | layoutFirst | shares no place",
                "FLATNESS | POINTS | A; B; C; D | '' | '' | layoutFirst | ''",
                "PARALLELISM_OF_AXIS | PAIRS | a; b; c | '' | statedAs=RESULTANT | layoutFirst | two planes",
                "PARALLELISM_OF_AXIS | PAIRS | a; b | '' | statedAs=RESULTANT;only=MINUS;reason=traps | only | no direction",
                "OUTSIDE_SIZE | RING | 4 | '' | limitKind=BETWEEN;lower=44.9;upper=45.1 | setTo | compares with a master",
                "PIN_CHECK | PAIRS | 2 | '' | limitKind=BETWEEN;lower=44.9;upper=45.1;gaugeKind=PINS;setTo=45 | setTo | sizes themselves"
            })
    void whatCannotBeJudgedIsRefusedWhereItIsTyped(
            String what, String layout, String first, String second, String more, String field, String says) {
        Map<String, String> typed =
                fields("characteristic", what, "layoutKind", layout, "layoutFirst", first, "layoutSecond", second);
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
                                "layoutKind", "PAIRS",
                                "layoutFirst", "upright; level",
                                "span", "100",
                                "per", "120")))
                        .problems())
                .isEmpty();
        // A gauge set to a size is set on a master of it, whatever stands in the field.
        PartRequirement set = draft(form(fields(
                        "characteristic", "OUTSIDE_SIZE",
                        "limitKind", "BETWEEN",
                        "lower", "44.99",
                        "upper", "45.01",
                        "layoutKind", "RING",
                        "layoutFirst", "4",
                        "setTo", "45")))
                .requirement()
                .orElseThrow();
        assertThat(set.row().zeroRule()).isEqualTo(ZeroRule.MASTER);
    }

    @Test
    void aFlatnessByLeastSquaresStaysSoAndANewOneIsByItsZone() {
        PartRequirement flat = draft(form(Map.of(
                        "characteristic",
                        "FLATNESS",
                        "layoutKind",
                        "GRID",
                        "layoutFirst",
                        "0 50",
                        "layoutSecond",
                        "0 50",
                        "statedAs",
                        "LEAST_SQUARES")))
                .requirement()
                .orElseThrow();
        assertThat(RequirementForm.of(flat).chosenStatement()).isEqualTo(StatedAs.LEAST_SQUARES);
        assertThat(form(Map.of("characteristic", "FLATNESS")).chosenStatement()).isEqualTo(StatedAs.MINIMUM_ZONE);
    }

    @Test
    void aZeroAtEachSectionAndAClassOfPinsComeBackUnchanged() {
        PartRequirement journals = draft(form(Map.of(
                        "layoutKind", "RINGS", "layoutFirst", "10 60", "layoutSecond", "4", "zeroing", "EACH_STEP")))
                .requirement()
                .orElseThrow();
        assertThat(journals.terms().layout().closings()).containsExactly(5);
        assertThat(RequirementForm.of(journals).chosenZeroing()).isEqualTo(Zeroing.EACH_STEP);
        RequirementForm oneRing = form(Map.of("zeroing", "EACH_STEP"));
        assertThat(draft(oneRing).requirement().orElseThrow().row().zeroing()).isEqualTo(Zeroing.ONE_FOR_ALL);

        Map<String, String> pins = fields(
                "characteristic",
                "PIN_CHECK",
                "gaugeKind",
                "PINS",
                "limitKind",
                "BETWEEN",
                "lower",
                "44.99",
                "upper",
                "45.02",
                "layoutKind",
                "PINS",
                "layoutFirst",
                "44.98 45.00",
                "pinClass",
                "-0.002");
        PartRequirement hole = draft(form(pins)).requirement().orElseThrow();
        assertThat(hole.terms().basis().pinClass().orElseThrow().amount()).isEqualByComparingTo("-0.002");
        assertThat(RequirementForm.of(hole).pinClass()).isEqualTo("-0.002");
    }

    @Test
    void aRoundnessThatNamedNoCircleStaysByLeastSquaresInTheEditor() {
        PartRequirement round = draft(form(Map.of("characteristic", "ROUNDNESS", "statedAs", "LEAST_SQUARES")))
                .requirement()
                .orElseThrow();
        assertThat(RequirementForm.of(round).chosenStatement()).isEqualTo(StatedAs.LEAST_SQUARES);
    }
}
