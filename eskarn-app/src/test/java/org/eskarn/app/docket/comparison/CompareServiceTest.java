package org.eskarn.app.docket.comparison;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.eskarn.app.docket.AttemptKind;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.comparison.CompareService.Other;
import org.eskarn.app.page.Display;
import org.eskarn.app.picture.flat.Changes;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.units.LengthUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What a piece read before, on the demo's records: docket 236 ground the cover that docket 235 measured a year ago. */
@ExtendWith(RunningEskarn.class)
class CompareServiceTest {

    private static List<Other> others(Eskarn eskarn, int number, int position) {
        Docket docket = eskarn.bean(DocketService.class).find(number).orElseThrow();
        return eskarn.bean(CompareService.class)
                .others(docket, docket.at(position).orElseThrow());
    }

    private static SetUp setUp(Eskarn eskarn, int number, int position) {
        return eskarn.bean(DocketService.class)
                .find(number)
                .flatMap(docket -> docket.at(position))
                .orElseThrow();
    }

    @Test
    void theOtherAttemptComesFirstAndThenTheOtherDocketOfThePiece(Eskarn eskarn) {
        List<Other> others = others(eskarn, 236, 1);
        assertThat(others).extracting(Other::docket).containsExactly(236, 235);
        assertThat(others.get(0).attempt().kind()).isEqualTo(AttemptKind.AS_FOUND);
        assertThat(CompareService.chosen(others, Optional.empty())).contains(others.get(0));
        long lastYear = others.get(1).attempt().id();
        assertThat(CompareService.chosen(others, Optional.of(lastYear))).contains(others.get(1));
        assertThat(CompareService.chosen(others, Optional.of(-1L))).contains(others.get(0));
    }

    @Test
    void anotherRequirementAnotherPieceAndUnfinishedSweepsAreNotCompared(Eskarn eskarn) {
        assertThat(others(eskarn, 236, 2)).extracting(Other::docket).containsExactly(235);
        assertThat(others(eskarn, 237, 1)).isEmpty();
        assertThat(others(eskarn, 214, 1)).isEmpty();
    }

    /** The worn middle of last year's face, told against its border whatever zero each sweep had. */
    @Test
    void wearIsToldAgainstTheBorder(Eskarn eskarn) {
        Other lastYear = others(eskarn, 236, 1).get(1);
        Sweep before = lastYear.attempt().last().assessment().corrected();
        Sweep worn = setUp(eskarn, 236, 1).attempts().get(0).last().assessment().corrected();
        Display micrometres = new Display(LengthUnit.MICROMETRE);
        Changes changes = Changes.of("Face", before, worn, true, micrometres, false);
        assertThat(changes.headline())
                .contains("at x 135 y 115")
                .contains("lower")
                .contains("its own border");
        assertThat(changes.map()).isPresent();
        Changes asRead = Changes.of("Face", before, worn, false, micrometres, true);
        assertThat(asRead.difference().change()[12]).isCloseTo(-12.5 - -2, within(1e-9));
        assertThat(Changes.of("Face", before, before, true, micrometres, false).headline())
                .isEqualTo("Nothing changed.");
    }

    @Test
    void linesAreComparedWithoutAMap(Eskarn eskarn) {
        Sweep bed = setUp(eskarn, 238, 1).assessment().corrected();
        Changes changes = Changes.of("Bed", bed, bed, true, new Display(LengthUnit.MICROMETRE), false);
        assertThat(changes.map()).isEmpty();
        assertThat(changes.difference().onBorder()).isFalse();
    }
}
