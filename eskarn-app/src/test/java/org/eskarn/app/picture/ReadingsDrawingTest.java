package org.eskarn.app.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.IntStream;
import org.eskarn.app.page.Display;
import org.eskarn.app.picture.engine.Picture;
import org.eskarn.app.picture.engine.Subject;
import org.eskarn.core.evaluation.Assessment;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.Corrections;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.LayoutRejected;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.reading.WrittenLayout;
import org.eskarn.core.requirement.Basis;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.CharacteristicLayout;
import org.eskarn.core.requirement.Limit;
import org.eskarn.core.requirement.LimitUnit;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.DecisionRule;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** The pictures of everything that is not a single ring. */
class ReadingsDrawingTest {

    private static final Dial DIAL = new Dial(
            Length.of("1", LengthUnit.MICROMETRE),
            Length.of("1", LengthUnit.MICROMETRE),
            Length.of("100000", LengthUnit.MICROMETRE));

    private static Picture draw(
            Characteristic what,
            Limit limit,
            LayoutKind kind,
            String first,
            String second,
            Basis basis,
            double... readings) {
        Layout layout;
        try {
            layout = new WrittenLayout(kind, LengthUnit.MILLIMETRE, first, second)
                    .read(CharacteristicLayout.ends(what))
                    .returning(kind.returns() && !what.readsSizes());
        } catch (LayoutRejected e) {
            throw new IllegalArgumentException(e);
        }
        Requirement terms = new Requirement(
                what,
                SurfaceSide.OUTSIDE,
                limit,
                what.statements().get(0),
                DecisionRule.SIMPLE,
                Optional.empty(),
                FlickerRule.MIDDLE,
                1,
                layout,
                basis);
        List<Reading> taken = IntStream.range(0, readings.length)
                .mapToObj(i -> Reading.still(layout.stations().get(i), readings[i]))
                .toList();
        Assessment assessment = Assessment.of(terms, DIAL, new Sweep(layout, taken, null), Corrections.NONE);
        boolean sizes = what.sized();
        return Pictures.of(
                new Subject(terms, "Seat", "the drive end", Optional.empty()),
                assessment,
                new Display(sizes ? LengthUnit.MILLIMETRE : LengthUnit.MICROMETRE));
    }

    private static Limit atMost(String millimetres) {
        return Limit.atMost(Length.of(millimetres, LengthUnit.MILLIMETRE));
    }

    @Test
    void positionsAreToScaleAndDeviationsToTheBar() {
        ReadingsPicture picture = (ReadingsPicture)
                draw(Characteristic.RECORD, atMost("0.02"), LayoutKind.LINE, "0 10 40 100", "", Basis.NONE, 0, 4, 9, 2);
        List<ReadingsPicture.Spot> spots = picture.spots();
        double perMillimetre = (spots.get(3).at().x() - spots.get(0).at().x()) / 100;
        assertThat(spots.get(1).at().x()).isCloseTo(spots.get(0).at().x() + 10 * perMillimetre, within(1e-6));
        assertThat(spots.get(2).at().x()).isCloseTo(spots.get(0).at().x() + 40 * perMillimetre, within(1e-6));
        double bar = Double.parseDouble(picture.barLabel().replace(" µm", ""));
        double perMicrometre = picture.bar() / bar;
        assertThat(spots.get(0).at().y() - spots.get(2).at().y()).isCloseTo(9 * perMicrometre, within(1e-6));
        assertThat(Objects.requireNonNull(picture.zero()))
                .isCloseTo(spots.get(0).at().y(), within(1e-6));
    }

    @Test
    void limitsOfASizeStandWhereTheyLieAboutTheMaster() {
        Limit limit = Limit.between("45.002", "45.018", LimitUnit.MILLIMETRE);
        Basis basis =
                new Basis(Optional.of(Length.of("45.000", LengthUnit.MILLIMETRE)), Optional.empty(), Optional.empty());
        ReadingsPicture picture = (ReadingsPicture)
                draw(Characteristic.OUTSIDE_SIZE, limit, LayoutKind.LINE, "10 20 50 60", "", basis, 10, 12, 14, 2);
        double upper = picture.limits().get(0).y();
        double lower = picture.limits().get(1).y();
        double perMicrometre = (lower - upper) / 16;
        assertThat(picture.spots().get(0).at().y()).isCloseTo(lower - 8 * perMicrometre, within(1e-6));
        assertThat(picture.spots().get(3).at().y()).isCloseTo(lower, within(1e-6));
        assertThat(picture.spots().get(3).reading()).isEqualTo("45.0020");
    }

    @ParameterizedTest
    @CsvSource({"0.1", "20", "5000"})
    void staysWithinItsFrameAndNamesTheNextStation(double amount) {
        double[] readings = {0, amount, -amount, amount / 2, 0, 3 * amount};
        ReadingsPicture picture = (ReadingsPicture)
                draw(Characteristic.TOTAL_RUNOUT, atMost("0.02"), LayoutKind.RINGS, "10 60", "4", Basis.NONE, readings);
        for (ReadingsPicture.Spot spot : picture.spots()) {
            assertThat(spot.at().x()).isBetween(ReadingsPicture.LEFT, ReadingsPicture.RIGHT);
            assertThat(spot.at().y()).isBetween(ReadingsPicture.TOP - 14, ReadingsPicture.FOOT + 14);
        }
        assertThat(Objects.requireNonNull(picture.next()).label()).isEqualTo("next: 60 mm · 180°");
    }

    @ParameterizedTest
    @EnumSource(LayoutKind.class)
    void everyLayoutHasAPictureBeforeTheFirstReading(LayoutKind kind) {
        Characteristic what = java.util.Arrays.stream(Characteristic.values())
                .filter(each -> each.layouts().contains(kind))
                .findFirst()
                .orElseThrow();
        Limit limit = kind == LayoutKind.YES_NO
                ? new Limit(
                        org.eskarn.core.requirement.LimitKind.ANSWER,
                        null,
                        null,
                        null,
                        LimitUnit.MILLIMETRE,
                        "",
                        null,
                        "",
                        null)
                : Limit.none(LimitUnit.MILLIMETRE);
        Picture picture = draw(what, limit, kind, kind.example(), kind.secondExample(), Basis.NONE);
        assertThat(picture.title()).startsWith("Seat");
        assertThat(picture.template()).isIn("readings", "answers", "ring", "drawing");
    }
}
