package org.eskarn.core.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.util.List;
import java.util.Random;
import org.eskarn.core.flat.Reversal;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.LayoutRejected;
import org.eskarn.core.reading.WrittenLayout;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.CharacteristicLayout;
import org.eskarn.core.requirement.LimitKind;
import org.eskarn.core.requirement.LimitUnit;
import org.eskarn.core.requirement.StatedAs;
import org.eskarn.core.requirement.Zeroing;
import org.eskarn.core.units.LengthUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class RequirementLineTest {

    private static RequirementLine read(String line) throws LineRejected {
        return RequirementLine.of(line, LengthUnit.MILLIMETRE);
    }

    private static String said(RequirementLine line) {
        String limit = line.limit()
                .map(each -> each.kind() + " " + each.nominal() + "|" + each.lower() + "|" + each.upper() + "|"
                        + each.code() + " " + each.unit().symbol() + (each.per().isEmpty() ? "" : " per " + each.per()))
                .orElse("-");
        String layout = line.layout()
                .map(each -> each.kind() + " " + each.first() + (each.second().isEmpty() ? "" : " / " + each.second()))
                .orElse("-");
        return line.characteristic() + ": " + limit + ": " + layout;
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '>',
            value = {
                "runout 0.02 8 > CIRCULAR_RUNOUT_RADIAL: MAXIMUM ||0.02| mm: RING 8",
                "Run out ,02 mm 8 places > CIRCULAR_RUNOUT_RADIAL: MAXIMUM ||.02| mm: RING 8",
                "runout 20µm 8 > CIRCULAR_RUNOUT_RADIAL: MAXIMUM ||20| µm: RING 8",
                "runout none 8 > CIRCULAR_RUNOUT_RADIAL: NONE ||| mm: RING 8",
                "face runout 0.03 6 @40 to A > CIRCULAR_RUNOUT_AXIAL: MAXIMUM ||0.03| mm: RING 6",
                "total runout 0.03 3x8 120 > TOTAL_RUNOUT: MAXIMUM ||0.03| mm: RINGS 6 60 114 / 8",
                "bore 40 H7 3x2 > BORE_SIZE: FIT_CODE 40|||H7 mm: POINTS front · 0°; front · 90°; middle · 0°; middle · 90°; back · 0°; back · 90°",
                "bore 40 H7 3x2 30 > BORE_SIZE: FIT_CODE 40|||H7 mm: RINGS 1.5 15 28.5 / 0 90",
                "bore 40 H7 3x2 at 5 15 25 > BORE_SIZE: FIT_CODE 40|||H7 mm: RINGS 5 15 25 / 0 90",
                "bore 40 H7 2 > BORE_SIZE: FIT_CODE 40|||H7 mm: RING 0 90",
                "shaft 25 +0.02 -0.01 > OUTSIDE_SIZE: PLUS_MINUS 25|-0.01|0.02| mm: -",
                "shaft 25 +0.021/0 3x2 60 > OUTSIDE_SIZE: PLUS_MINUS 25|0|0.021| mm: RINGS 3 30 57 / 0 90",
                "shaft 25 -0.01 > OUTSIDE_SIZE: PLUS_MINUS 25|-0.01|0| mm: -",
                "shaft 25 ±10µm > OUTSIDE_SIZE: PLUS_MINUS 25|-0.01|0.01| mm: -",
                "shaft 24.98-25.00 > OUTSIDE_SIZE: BETWEEN |24.98|25.00| mm: -",
                "depth 12.5 +/- 0.05 4 > DEPTH_AND_PITCH: PLUS_MINUS 12.5|-0.05|0.05| mm: POINTS 1; 2; 3; 4",
                "flat 0.03 4x3 300 200 > FLATNESS: MAXIMUM ||0.03| mm: GRID 15 105 195 285 / 10 100 190",
                "parallel 0.05 corners > PARALLELISM_OF_FACES: MAXIMUM ||0.05| mm: POINTS front left; front right; back right; back left",
                "square 0.02/100 5 150 to A > SQUARENESS: MAXIMUM ||0.02| mm per 100: LINE 7.5 41.25 75 108.75 142.5",
                "straight 0.02 2x3 400 > STRAIGHTNESS: MAXIMUM ||0.02| mm: LINES line 1; line 2 / 20 200 380",
                "play 0.02 to 0.06 5 pushes > PLAY: BETWEEN |0.02|0.06| mm: PUSHES 5",
                "gap 0.05 4 > GAP: MAXIMUM ||0.05| mm: PAIRS 4",
                "level 0.05 4 > HEIGHT_DIFFERENCE: MAXIMUM ||0.05| mm: POINTS 1; 2; 3; 4",
                "play 0.02 to 0.06 5 > PLAY: BETWEEN |0.02|0.06| mm: CYCLES 5",
                "fit 40 H7/g6 2 > FIT_OF_PAIR: FIT_CODE 40|||H7/g6 mm: PAIRS 2",
                "angle 0.5 > PHASE_ANGLE: MAXIMUM ||0.5| °: -",
                "shaft 25 none 3x2 40 > OUTSIDE_SIZE: NONE 25||| mm: RINGS 2 20 38 / 0 90",
                "pin 12 H7 5 > PIN_CHECK: FIT_CODE 12|||H7 mm: PAIRS 5",
                "pin 12 H7 11.99 12.00 12.01 > PIN_CHECK: FIT_CODE 12|||H7 mm: PINS 11.99 12.00 12.01",
                "straight 0.02 at 5 15mm 25000µm > STRAIGHTNESS: MAXIMUM ||0.02| mm: LINE 5 15 25",
                "record 8 > RECORD: NONE ||| mm: POINTS 1; 2; 3; 4; 5; 6; 7; 8",
                "flat > FLATNESS: -: -",
            })
    void aLineSaysWhatItSays(String line, String expected) throws LineRejected {
        assertThat(said(read(line))).isEqualTo(expected);
    }

    @Test
    void datumRadiusAndFigureAreSaidToo() throws LineRejected {
        RequirementLine face = read("face runout 0.03 6 @40 to A");
        assertThat(face.datum()).isEqualTo("A");
        assertThat(face.radius()).isEqualTo("40");
        assertThat(read("face runout 0.03 6 @40000µm").radius()).isEqualTo("40");
        assertThat(read("out of round 0.01 3x2 60 of Journal of the pinion").feature())
                .isEqualTo("Journal of the pinion");
        assertThat(read("runout 0.02 8 half").statedAs()).isEqualTo(StatedAs.HALF_MOVEMENT);
        RequirementLine clamped = read("flat 0.02 4x3 300 200 under free clamped of Face");
        assertThat(clamped.conditions()).isEqualTo("free; clamped");
        assertThat(clamped.feature()).isEqualTo("Face");
        assertThat(read("runout 0.02 8 under slide: top, slide: bottom").conditions())
                .isEqualTo("slide: top; slide: bottom");
        assertThat(read("runout 0.02 8 under slide").conditions())
                .isEqualTo("slide: top; slide: middle; slide: bottom");
        assertThatThrownBy(() -> read("runout 0.02 8 under")).hasMessageContaining("under");
        assertThatThrownBy(() -> read("record 4 under a b")).hasMessageContaining("under");
    }

    /** A part drawn in inches says so once, not on every number. */
    @Test
    void whatHasNoUnitHasTheUsualOne() throws LineRejected {
        RequirementLine line = RequirementLine.of("runout .001 8", LengthUnit.INCH);
        assertThat(line.limit().orElseThrow().unit()).isEqualTo(LimitUnit.INCH);
        RequirementLine thou = RequirementLine.of("shaft 1.5 ±0.5thou 3x2 2", LengthUnit.INCH);
        assertThat(thou.limit().orElseThrow().upper()).isEqualTo("0.0005");
        assertThat(thou.layout().orElseThrow().first()).isEqualTo("0.1 1 1.9");
        assertThat(thou.layout().orElseThrow().unit()).isEqualTo(LengthUnit.INCH);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '>',
            value = {
                "'' > core.line-is-empty",
                "weight 3 > core.line-begins-with-no-name",
                // Nobody means a runout of 8 mm: how many places must not become what is allowed.
                "runout 8 > core.line-limit-or-places",
                "flat 4 300 200 > core.line-limit-or-places",
                "runout 0.02 8 wobbly > core.line-word-not-understood",
                "runout 0.02 8 9 > core.line-how-many-both-ways",
                "runout 0.02 8.5 > core.line-word-not-understood",
                "bore 40 H7 H8 > core.line-says-it-twice",
                "bore H7 > core.line-needs-its-nominal",
                "bore 40 > core.line-size-needs-its-limits",
                "flat 0.03 4x3 > core.line-needs-a-length",
                "flat 0.03 corners > core.line-needs-a-length",
                "flat 0.03 12 > core.line-how-many-both-ways",
                "flat 40 H7 > core.line-limit-of-another-kind",
                "runout 0.02/100 8 > core.line-word-not-understood",
                "shaft 25 ±1thou > core.line-two-systems",
                "bore 40 H7 3x2 at 5 15 > core.line-places-and-how-many",
                // Of two ways to say what is allowed none is taken, and nothing that is said is passed over.
                "bore 40 H7 none > core.line-says-it-twice",
                "shaft 24.98 to 25 H7 > core.line-says-it-twice",
                "shaft 25 ±0.01 +0.02 > core.line-says-it-twice",
                "flat 0.03 corners 4x3 300 200 > core.line-word-not-understood",
                "flat 0.03 4x3 300 200 half > core.line-word-not-understood",
                "flat 0.03 4x3 300 200 @40 > core.line-word-not-understood",
                "square 5/150 3 200 > core.line-limit-or-places",
                // A distance of the other system is not taken for one of this.
                "straight 0.02 at 5 15 1in > core.line-two-systems",
                "face runout 0.02 8 @1.5in > core.line-two-systems",
                "runout 0.02 at 0 90mm 180 > core.line-word-not-understood",
            })
    void whatCannotBeReadIsNamed(String line, String code) {
        assertThatThrownBy(() -> read(line))
                .isInstanceOfSatisfying(
                        LineRejected.class, e -> assertThat(e.note().code()).isEqualTo(code));
    }

    /** Whatever stations a line counts can be read as a layout, and no whole number alone becomes a limit. */
    @Test
    void whatIsReadHolds() throws LayoutRejected {
        String[] words = {
            "0.02",
            "8",
            "3x2",
            "4x3",
            "120",
            "300",
            "200",
            "H7",
            "g6",
            "±0.01",
            "+0.02",
            "-0.01",
            "none",
            "corners",
            "at",
            "5",
            "15",
            "25",
            "to",
            "A",
            "@40",
            "0.02/100",
            "half",
            "20µm",
            "in",
            "mm",
            "1.5",
            "24.98",
            "over",
            "0",
            "0x2",
            "×",
            "–",
            "\"",
            "999999"
        };
        Random chance = new Random(19);
        int understood = 0;
        for (int i = 0; i < 40_000; i++) {
            SpokenNames name = SpokenNames.values()[chance.nextInt(SpokenNames.values().length)];
            StringBuilder line = new StringBuilder(name.name(chance.nextInt(9)));
            for (int k = chance.nextInt(6); k > 0; k--) {
                line.append(' ').append(words[chance.nextInt(words.length)]);
            }
            RequirementLine read;
            try {
                read = read(line.toString());
            } catch (LineRejected e) {
                continue;
            }
            understood++;
            boolean inMillimetres = read.limit()
                    .filter(limit -> limit.kind() == LimitKind.MAXIMUM && limit.unit() == LimitUnit.MILLIMETRE)
                    .isPresent();
            if (inMillimetres) {
                assertThat(line).containsPattern("\\d[.,]|[.,]\\d|mm");
            }
            if (read.layout().isPresent() && line.indexOf(" at ") < 0) {
                LineLayout said = read.layout().get();
                assertThat(read.characteristic().layouts()).as(line.toString()).contains(said.kind());
                assertThat(CharacteristicLayout.read(
                                        read.characteristic(),
                                        new WrittenLayout(said.kind(), said.unit(), said.first(), said.second()),
                                        Zeroing.ONE_FOR_ALL,
                                        Reversal.NONE)
                                .size())
                        .as(line.toString())
                        .isPositive();
            }
        }
        assertThat(understood).isGreaterThan(4_000);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 7, 20})
    void evenPlacesLieInsideAndAlike(int many) {
        List<BigDecimal> places = EvenPlaces.over(many, new BigDecimal("300")).stream()
                .map(BigDecimal::new)
                .toList();
        assertThat(places).hasSize(many).isSorted();
        assertThat(places.get(0).add(places.get(many - 1))).isEqualByComparingTo("300");
        assertThat(places.get(0)).isGreaterThanOrEqualTo(new BigDecimal("15"));
    }

    @Test
    void everyCharacteristicButQuestionsHasAName() throws LineRejected {
        for (Characteristic each : Characteristic.values()) {
            if (each.layouts().contains(LayoutKind.YES_NO)) {
                continue;
            }
            assertThat(SpokenNames.values()).as(each.name()).anyMatch(name -> name.characteristic() == each);
        }
        assertThat(read("runout").characteristic()).isEqualTo(Characteristic.CIRCULAR_RUNOUT_RADIAL);
    }
}
