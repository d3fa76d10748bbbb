package org.eskarn.app.part;

import static org.assertj.core.api.Assertions.assertThat;
import static org.eskarn.app.part.TypedRequirement.draft;
import static org.eskarn.app.part.TypedRequirement.fields;
import static org.eskarn.app.part.TypedRequirement.form;

import java.util.Map;
import org.eskarn.app.page.Words;
import org.eskarn.core.requirement.AxisFace;
import org.eskarn.core.requirement.ZeroRule;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is typed into the requirement editor, and what it means. */
class RequirementDraftTest {

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
