package org.eskarn.app.part;

import static org.assertj.core.api.Assertions.assertThat;
import static org.eskarn.app.part.TypedRequirement.draft;
import static org.eskarn.app.part.TypedRequirement.fields;
import static org.eskarn.app.part.TypedRequirement.form;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import org.eskarn.app.gauge.GaugeKind;
import org.eskarn.app.page.FormRefused;
import org.eskarn.core.flat.Reversal;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.LimitKind;
import org.eskarn.core.requirement.StatedAs;
import org.eskarn.core.requirement.Zeroing;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.units.LengthUnit;
import org.junit.jupiter.api.Test;

/** What the editor shows of a requirement that is written, and what of it stays when another characteristic or line is chosen. */
class RequirementFormTest {

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
}
