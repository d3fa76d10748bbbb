package org.eskarn.app.part;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.eskarn.app.page.FormRefused;
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
