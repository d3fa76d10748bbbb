package org.eskarn.app.part;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import org.eskarn.app.gauge.GaugeKind;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.Words;
import org.eskarn.app.part.PartChangeService.FeatureForm;
import org.eskarn.app.part.PartChangeService.PartForm;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.units.LengthUnit;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The changes to parts, on a real database file. */
@ExtendWith(RunningEskarn.class)
class PartChangeServiceTest {

    private PartChangeService editing;
    private PartService parts;

    @BeforeEach
    void beans(Eskarn eskarn) {
        editing = eskarn.bean(PartChangeService.class);
        parts = eskarn.bean(PartService.class);
    }

    private Part byNumber(String number) {
        return parts.byNumber(number, "A").orElseThrow();
    }

    @Test
    void anOpenedRevisionIsCopiedWholeAndNotChanged() throws FormRefused {
        Part opened = byNumber("TG-112");
        List<PartRequirement> before = parts.requirements(opened.id());
        long next = editing.revise(opened.id(), "Z");
        List<PartRequirement> copied = parts.requirements(next);
        assertThat(copied).hasSameSizeAs(before);
        for (int i = 0; i < before.size(); i++) {
            assertThat(copied.get(i).terms()).isEqualTo(before.get(i).terms());
            assertThat(copied.get(i).serviceLimit()).isEqualTo(before.get(i).serviceLimit());
            assertThat(copied.get(i).feature().name())
                    .isEqualTo(before.get(i).feature().name());
            assertThat(copied.get(i).preparations())
                    .extracting(Preparation::text)
                    .isEqualTo(before.get(i).preparations().stream()
                            .map(Preparation::text)
                            .toList());
        }
        assertThat(parts.requirements(opened.id())).isEqualTo(before);
        assertThat(parts.part(next).orElseThrow().opened()).isFalse();
        assertThatThrownBy(() -> editing.deleteRequirement(opened.id(), opened.version(), 1))
                .hasMessageContaining("is in use by dockets: create a new revision to change it");
        assertThatThrownBy(() -> editing.revise(opened.id(), "Z"))
                .hasMessageContaining("already exists: choose another number or revision");
        editing.deleteRequirement(next, 0, 1);
        assertThat(parts.requirements(next)).hasSize(before.size() - 1);
    }

    /** Lines are the same as the fields of the editor: all of them are kept or none, each with the usual of what it does not say. */
    @Test
    void severalLinesMakeSeveralRequirementsOrNone() throws FormRefused {
        Part part = newPart("LN-1", LengthUnit.MILLIMETRE);
        Map<WorkKind, String> sheets = Map.of(
                WorkKind.BETWEEN_CENTRES,
                "clean the centres",
                WorkKind.ON_THE_PLATE,
                "! lift with a sling\nwipe the plate");
        String good = "runout 0.02 8 to A of journal\n\nbore 40 H7 3x2 30\n  flat 20µm 4x3 300 200 of end face";
        for (String bad : List.of(
                "runout 8 of journal",
                "flat 0.03 4x3 300 200",
                "runout 0.02 8 of nothing",
                "wobble 3",
                "bore 40 h7 3x2 30")) {
            assertThatThrownBy(() -> editing.addLines(part.id(), part.version(), good + "\n" + bad, sheets))
                    .as(bad)
                    .isInstanceOf(FormRefused.class)
                    .hasMessageStartingWith("Line 4: ");
        }
        assertThatThrownBy(() -> editing.addLines(part.id(), part.version(), " \n ", sheets))
                .hasMessageContaining("from one to 60 lines");
        assertThatThrownBy(() -> editing.addLines(part.id(), part.version(), "flat\n".repeat(100_000), sheets))
                .hasMessageContaining("from one to 60 lines");
        assertThat(parts.requirements(part.id())).isEmpty();
        assertThat(editing.addLines(part.id(), part.version(), good, sheets)).isEqualTo(3);
        List<PartRequirement> made = parts.requirements(part.id());
        assertThat(made)
                .extracting(each -> Words.of(each.limit().words()))
                .containsExactly("≤ 0.02 mm", "⌀40 H7 (+0.025 / 0.000 mm)", "≤ 20 µm");
        assertThat(made).extracting(each -> each.feature().name()).containsExactly("Journal", "Bore", "End face");
        assertThat(made)
                .extracting(PartRequirement::title)
                .containsExactly("Circular runout (radial), Journal", "Bore size map, Bore", "Flatness, End face");
        assertThat(made).extracting(each -> each.terms().layout().size()).containsExactly(8, 6, 12);
        assertThat(made.get(0).limitTerms().datum()).isEqualTo("A");
        // A face is prepared for on the plate, read with an indicator; a bore with a bore gauge.
        assertThat(made.get(2).setUp().workKind()).isEqualTo(WorkKind.ON_THE_PLATE);
        assertThat(made.get(2).preparations())
                .extracting(Preparation::text)
                .containsExactly("lift with a sling", "wipe the plate");
        assertThat(made.get(2).preparations().get(0).caution()).isTrue();
        assertThat(made)
                .extracting(PartRequirement::gaugeKind)
                .containsExactly(GaugeKind.INDICATOR, GaugeKind.BORE_GAUGE, GaugeKind.INDICATOR);
        assertThatThrownBy(() -> editing.addLines(part.id(), part.version(), good, sheets))
                .hasMessageContaining("Somebody else");
    }

    /** A part that is drawn in inches says so by its features. */
    @Test
    void aLineHasTheUnitOfThePart() throws FormRefused {
        Part part = newPart("LN-2", LengthUnit.INCH);
        Map<WorkKind, String> sheets = Map.of(
                WorkKind.BETWEEN_CENTRES,
                "clean the centres",
                WorkKind.ON_THE_PLATE,
                "! lift with a sling\nwipe the plate");
        editing.addLines(
                part.id(), part.version(), "runout .001 8 of journal\nshaft 25 ±0.5thou 3x2 2 of journal", sheets);
        assertThat(parts.requirements(part.id()))
                .extracting(each -> Words.of(each.limit().words()))
                .containsExactly("≤ 0.001 in", "25 ±0.0005 in");
    }

    private Part newPart(String number, LengthUnit unit) throws FormRefused {
        long id = editing.create(new PartForm(number, "A", "Relief shaft", "", ""));
        editing.saveFeature(id, 0, 0, new FeatureForm("Journal", "A", SurfaceSide.OUTSIDE, "25", unit, ""));
        editing.saveFeature(id, 1, 0, new FeatureForm("Bore", "", SurfaceSide.INSIDE, "40", unit, ""));
        editing.saveFeature(id, 2, 0, new FeatureForm("End face", "", SurfaceSide.OUTSIDE, "", unit, ""));
        return parts.part(id).orElseThrow();
    }

    @Test
    void ofTwoPeopleTheLaterOneIsToldSoAndADatumLetterBelongsToOneFeature() throws FormRefused {
        long id = editing.create(new PartForm("TG-777", "A", "Spacer", "", ""));
        FeatureForm face = new FeatureForm("Face", "a", SurfaceSide.OUTSIDE, "", LengthUnit.MILLIMETRE, "");
        editing.saveFeature(id, 0, 0, face);
        assertThatThrownBy(() -> editing.saveFeature(id, 0, 0, face))
                .hasMessageContaining("Somebody else has changed this part");
        assertThatThrownBy(() -> editing.saveFeature(
                        id, 1, 0, new FeatureForm("Bore", "A", SurfaceSide.INSIDE, "12", LengthUnit.MILLIMETRE, "")))
                .isInstanceOfSatisfying(
                        FormRefused.class,
                        refused -> assertThat(refused.problems())
                                .containsEntry(
                                        "letter", "Datum A is another feature of this part: choose another letter."));
        assertThat(parts.features(id)).hasSize(1);
        assertThat(parts.part(id).orElseThrow().version()).isEqualTo(1);
    }
}
