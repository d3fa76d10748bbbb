package org.eskarn.core.evaluation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.eskarn.core.reading.LayoutKind.LINES;
import static org.eskarn.core.reading.LayoutKind.POINTS;
import static org.eskarn.core.requirement.Characteristic.PARALLELISM_OF_FACES;
import static org.eskarn.core.requirement.Characteristic.SQUARENESS;

import java.util.List;
import java.util.SplittableRandom;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.reading.Station;
import org.eskarn.core.requirement.Basis;
import org.eskarn.core.requirement.DatumRead;
import org.eskarn.core.verdict.Verdict.Because;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A datum read in the same set-up as the face that is held against it. */
class DatumReadTest {

    private static final String FACES =
            "datum: A 0 0; datum: B 100 0; datum: C 100 60; datum: D 0 60; P 20 10; Q 80 10; R 80 50; S 20 50";

    private static Given faces(DatumRead how) {
        return Given.of(
                        PARALLELISM_OF_FACES,
                        Given.atMost("0.020"),
                        Given.layout(PARALLELISM_OF_FACES, POINTS, FACES, ""))
                .on(Basis.NONE.under(List.of(), how));
    }

    /** However the part lies on the plate, its faces are as parallel. */
    @ParameterizedTest
    @EnumSource(value = DatumRead.class, mode = EnumSource.Mode.EXCLUDE, names = "ASSUMED")
    void howThePartLiesDoesNotCount(DatumRead how) {
        SplittableRandom chance = new SplittableRandom(17);
        Given given = faces(how);
        Layout layout = given.requirement().layout();
        for (int trial = 0; trial < 40; trial++) {
            double[] heights = chance.doubles(layout.size(), -3, 3).toArray();
            double level = given.read(heights).verdict().value();
            double tiltX = chance.nextDouble() - 0.5;
            double tiltY = chance.nextDouble() - 0.5;
            double[] tilted = heights.clone();
            for (int i = 0; i < tilted.length; i++) {
                Station at = layout.stations().get(i);
                tilted[i] += tiltX * at.distance() + tiltY * at.height();
            }
            assertThat(given.read(tilted).verdict().value()).isCloseTo(level, within(1e-6));
        }
    }

    /** A face that leans 10 µm over 100 mm against a true datum is out by 6 over its 60 mm; assumed, the plate would judge all. */
    @Test
    void aLeanAgainstTheDatumIsFoundOnATiltedPart() {
        double[] read = {0, 20, 20, 0, 4 + 2, 16 + 8, 16 + 8, 4 + 2};
        assertThat(faces(DatumRead.CONTACTING).read(read).verdict().value()).isCloseTo(6, within(1e-6));
        assertThat(faces(DatumRead.LEAST_SQUARES).read(read).verdict().value()).isCloseTo(6, within(1e-6));
        assertThat(faces(DatumRead.ASSUMED).read(read).verdict().value()).isCloseTo(24, within(1e-6));
    }

    /** Conditions that bear a group of their own leave the places theirs: the datum is found under each. */
    @Test
    void theDatumIsFoundUnderEveryCondition() {
        List<String> slide = List.of("slide: top", "slide: bottom");
        Given once = faces(DatumRead.CONTACTING);
        Given given = Given.of(
                        PARALLELISM_OF_FACES,
                        Given.atMost("0.020"),
                        once.requirement().layout().inSetUps(slide))
                .on(Basis.NONE.under(slide, DatumRead.CONTACTING));
        double[] read = {0, 20, 20, 0, 6, 24, 24, 6, 0, 0, 20, 20, 0, 4, 16, 16, 4};
        assertThat(given.read(read).verdict().value()).isCloseTo(6, within(1e-6));
    }

    /** The narrower the datum, the less is known of a face beyond it. */
    @Test
    void whatTheDatumIsKnownToCounts() {
        double[] read = {0, 20, 20, 0, 6, 24, 24, 6};
        double wide = faces(DatumRead.LEAST_SQUARES).read(read).verdict().expanded();
        Given narrow = Given.of(
                        PARALLELISM_OF_FACES,
                        Given.atMost("0.020"),
                        Given.layout(
                                PARALLELISM_OF_FACES,
                                POINTS,
                                "datum: A 40 20; datum: B 60 20; datum: C 60 40; datum: D 40 40; P 0 0; Q 100 0; R 100 60; S 0 60",
                                ""))
                .on(Basis.NONE.under(List.of(), DatumRead.LEAST_SQUARES));
        assertThat(narrow.read(0, 1, 1, 0, 0, 5, 5, 0).verdict().expanded()).isGreaterThan(2 * wide);
    }

    @Test
    void withoutADatumAmongItsPlacesNothingIsProven() {
        Given none = Given.of(
                        PARALLELISM_OF_FACES,
                        Given.atMost("0.020"),
                        Given.layout(PARALLELISM_OF_FACES, POINTS, "P 20 10; Q 80 10; R 80 50; S 20 50", ""))
                .on(Basis.NONE.under(List.of(), DatumRead.CONTACTING));
        assertThat(none.read(0, 1, 2, 1).verdict().because()).isEqualTo(Because.STATIONS_UNFIT);
    }

    /** Datum places along one line show no face, however it is fitted. */
    @ParameterizedTest
    @EnumSource(value = DatumRead.class, mode = EnumSource.Mode.EXCLUDE, names = "ASSUMED")
    void aDatumAlongOneLineIsNoFace(DatumRead how) {
        Given line = Given.of(
                        PARALLELISM_OF_FACES,
                        Given.atMost("0.020"),
                        Given.layout(
                                PARALLELISM_OF_FACES,
                                POINTS,
                                "datum: A 0 0; datum: B 50 0; datum: C 100 0; P 20 10; Q 80 10; R 80 50; S 20 50",
                                ""))
                .on(Basis.NONE.under(List.of(), how));
        assertThat(line.read(0, 1, 2, 1, 0, 1, 2).verdict().because()).isEqualTo(Because.STATIONS_UNFIT);
    }

    /** An angle plate tilted as a whole stays square: the datum rises by 10 in 100 mm, the upright goes back by 5 in 50. */
    @Test
    void anUprightIsSquareToItsDatumNotToThePlate() {
        Layout layout = Given.layout(SQUARENESS, LINES, "datum; upright", "0 25 50");
        Given given = Given.of(SQUARENESS, Given.atMost("0.010"), layout);
        Given read = given.on(Basis.NONE.under(List.of(), DatumRead.LEAST_SQUARES));
        double[] tilted = {0, 2.5, 5, 0, -2.5, -5};
        assertThat(read.read(tilted).verdict().value()).isCloseTo(0, within(1e-9));
        assertThat(given.read(tilted).verdict().value()).isCloseTo(5, within(1e-9));
        double[] leaning = {0, 2.5, 5, 0, 1, 2};
        assertThat(read.read(leaning).verdict().value()).isCloseTo(7, within(1e-9));
    }
}
