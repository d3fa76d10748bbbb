package org.eskarn.core.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.util.List;
import org.eskarn.core.units.LengthUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class WrittenLayoutTest {

    private static final List<String> ENDS = List.of("front", "back");

    private static WrittenLayout written(LayoutKind kind, String first, String second) {
        return new WrittenLayout(kind, LengthUnit.MILLIMETRE, first, second);
    }

    private static List<String> names(LayoutKind kind, String first, String second) throws LayoutRejected {
        return written(kind, first, second).read(ENDS).stations().stream()
                .map(Station::name)
                .toList();
    }

    @Test
    void stationsAreNamedAndOrderedAsPeopleReadThem() throws LayoutRejected {
        assertThat(names(LayoutKind.RING, "4", "")).containsExactly("0°", "90°", "180°", "270°");
        assertThat(names(LayoutKind.RING, "0 22,5 310", "")).containsExactly("0°", "22.5°", "310°");
        assertThat(names(LayoutKind.RING, "12h 3h 7h", "")).containsExactly("12 o’clock", "3 o’clock", "7 o’clock");
        assertThat(names(LayoutKind.YES_NO, "3 alike: plug goes in; burrs off", ""))
                .containsExactly("plug goes in 1", "plug goes in 2", "plug goes in 3", "burrs off");
        assertThatThrownBy(() -> names(LayoutKind.YES_NO, "401 alike: plug goes in", ""))
                .isInstanceOf(LayoutRejected.class);
        assertThat(names(LayoutKind.RING, "4.5h 4,5h 4:30 12:01", ""))
                .containsExactly("4:30 o’clock", "4:30 o’clock", "4:30 o’clock", "12:01 o’clock");
        assertThat(WrittenLayout.ring("4.5h 12:01 3h").read(List.of()).stations().stream()
                        .map(Station::angle)
                        .map(String::valueOf))
                .containsExactly("135", "0.5", "90");
        assertThatThrownBy(() -> WrittenLayout.ring("13:30").read(List.of())).isInstanceOf(LayoutRejected.class);
        assertThat(written(LayoutKind.RING, "12h 7h", "")
                        .read(ENDS)
                        .stations()
                        .get(1)
                        .angle())
                .isEqualByComparingTo("210");
        assertThat(names(LayoutKind.RINGS, "10 60", "2"))
                .containsExactly("10 mm · 0°", "10 mm · 180°", "60 mm · 0°", "60 mm · 180°");
        assertThat(names(LayoutKind.LINE, "0 50.5", "")).containsExactly("0 mm", "50.5 mm");
        assertThat(names(LayoutKind.GRID, "0 50", "0 30"))
                .containsExactly("x 0 y 0", "x 50 y 0", "x 0 y 30", "x 50 y 30");
        assertThat(names(LayoutKind.POINTS, "front left 0 0; B 80 0", "")).containsExactly("front left", "B");
        assertThat(names(LayoutKind.POINTS, "hole 1; hole 2", "")).containsExactly("hole 1", "hole 2");
        assertThat(names(LayoutKind.PAIRS, "upright; level", ""))
                .containsExactly("upright, front", "upright, back", "level, front", "level, back");
        assertThat(names(LayoutKind.CYCLES, "2", ""))
                .containsExactly("cycle 1, front", "cycle 1, back", "cycle 2, front", "cycle 2, back");
    }

    @ParameterizedTest
    @CsvSource({
        "RING, '', '', core.nothing-is-written",
        "RING, 0 90 360, '', core.is-no-angle-here-type-degrees-from",
        "RING, 500, '', core.is-no-number-of-equal-steps-type",
        "RING, 0 x, '', core.is-not-a-number-type-numbers-with",
        "RINGS, 10 60, '', core.nothing-is-written",
        "LINE, 1..2, '', core.is-not-a-number-type-numbers-with",
        "GRID, 0 1 2 3 4 5 6 7 8 9 10 11 12 13 14 15 16 17 18 19 20, 0 1 2 3 4 5 6 7 8 9 10 11 12 13 14 15 16 17 18 19 20, core.that-makes-stations-a-layout-holds-400",
        "POINTS, ' ; ', '', core.write-at-least-one-for-example",
        "POINTS, A 0 0; B, '', core.some-points-have-two-distances-and-some",
        "CYCLES, 0, '', core.is-no-number-of-s-type-a",
        "LINES, left; right, '', core.nothing-is-written",
        "LINES, '', 0 50, core.write-at-least-one-for-example",
        "STEPS, 0 100; 200, '', core.placement-touches-one-place-only-write-two",
        "STEPS, 0 100; 200 200, '', core.placement-touches-one-place-only-write-two",
        "STEPS, 0 x, '', core.is-not-a-number-type-numbers-with",
        "POINTS, A 5 5 to 5 5 in 4, '', core.begins-and-ends-in-one-place",
        "POINTS, A 0 0 to 5 5 in 1, '', core.has-places-type-a-number-from-to",
        "POINTS, R round 0 0 at 0 in 8, '', core.is-a-rim-of-no-radius",
        "POINTS, R round 0 0 at 5 in 2, '', core.has-places-type-a-number-from-to",
        "POINTS, A 0 0 to 9 9 in 300; B 0 0 to 9 9 in 300, '', core.that-makes-stations-a-layout-holds-400",
        "YES_NO, '', '', core.write-at-least-one-for-example"
    })
    void whatIsNoLayoutComesBackWithASentence(LayoutKind kind, String first, String second, String says) {
        assertThatThrownBy(() -> written(kind, first, second).read(ENDS))
                .isInstanceOf(LayoutRejected.class)
                .hasMessageContaining(says);
    }

    @Test
    void stationsFoundWhileHuntingComeAfterTheOthers() throws LayoutRejected {
        WrittenLayout ring = WrittenLayout.ring("3");
        Layout three = ring.read(ENDS);
        Layout hunted = three.extended(List.of(ring.hunted("101,5°"), ring.hunted("0")));
        assertThat(hunted.stations().subList(0, 3)).isEqualTo(three.stations());
        assertThat(hunted.stations().get(3)).isEqualTo(Station.round(4, new BigDecimal("101.5")));
        assertThat(hunted.size()).isEqualTo(5);
        assertThat(three.extended(List.of())).isEqualTo(three);
        assertThat(written(LayoutKind.RINGS, "10", "2").hunted("60 mm 101.5").name())
                .isEqualTo("60 mm · 101.5°");
        assertThat(written(LayoutKind.GRID, "10", "2").hunted("35 20").name()).isEqualTo("x 35 y 20");
        assertThatThrownBy(() -> ring.hunted("365")).hasMessageContaining("core.is-no-angle-here-type-degrees-from");
        assertThatThrownBy(() -> written(LayoutKind.GRID, "1", "1").hunted("35"))
                .hasMessageContaining("core.is-no-station-here-type");
    }

    /** Whatever is read twice is the same layout again, each half on a zero of its own that has to hold. */
    @ParameterizedTest
    @CsvSource({"LINE, 0 50 100, ''", "LINES, left; right, 0 50", "PAIRS, upright; level, ''", "RING, 8, ''"})
    void aLayoutReadTwiceHasEveryStationAgainInTheSameOrder(LayoutKind kind, String first, String second)
            throws LayoutRejected {
        Layout once = written(kind, first, second).read(ENDS);
        Layout twice = once.inSetUps(List.of("first", "turned"));
        int n = once.size();
        int closed = once.returns() ? 1 : 0;
        assertThat(twice.size()).isEqualTo(2 * n + closed);
        assertThat(twice.closings()).hasSize(closed);
        for (int i = 0; i < n; i++) {
            Station plain = once.stations().get(i);
            Station before = twice.stations().get(i);
            Station after = twice.stations().get(n + closed + i);
            assertThat(before.name()).isEqualTo("first: " + plain.name());
            assertThat(after.name()).isEqualTo("turned: " + plain.name());
            assertThat(after.along()).isEqualTo(plain.along());
            assertThat(after.line()).isEqualTo(plain.line());
            assertThat(twice.zeroOf(before).number()).isEqualTo(1);
            assertThat(twice.zeroOf(after).number()).isEqualTo(closed == 0 ? 1 : n + 2);
        }
        assertThat(twice.returnStation().number()).isEqualTo(closed == 0 ? 1 : n + 2);
        assertThat(twice.hunted()).isEqualTo(false);
    }

    @Test
    void linesWithAZeroOfTheirOwnReadTwiceCloseEachOfThem() throws LayoutRejected {
        Layout layout =
                written(LayoutKind.LINES, "a; b", "0 50").read(ENDS).rezeroed().inSetUps(List.of("master", "part"));
        assertThat(layout.stations())
                .extracting(Station::name)
                .containsExactly(
                        "master: a · 0 mm",
                        "master: a · 50 mm",
                        "master: a · 0 mm again",
                        "master: b · 0 mm",
                        "master: b · 50 mm",
                        "master: b · 0 mm again",
                        "part: a · 0 mm",
                        "part: a · 50 mm",
                        "part: a · 0 mm again",
                        "part: b · 0 mm",
                        "part: b · 50 mm");
        assertThat(layout.closings()).containsExactly(3, 6, 9);
        assertThat(layout.returnStation().name()).isEqualTo("part: b · 0 mm");
    }

    @Test
    void pinsAreCalledAsTheyWereTypedAndAnotherCanBeAdded() throws LayoutRejected {
        WrittenLayout pins = written(LayoutKind.PINS, "5.99 6.00 6.01", "");
        Layout layout = pins.read(ENDS);
        assertThat(layout.stations()).extracting(Station::name).containsExactly("5.99 mm", "6.00 mm", "6.01 mm");
        assertThat(layout.returns()).isFalse();
        assertThat(layout.extended(List.of(pins.hunted("6.005")))
                        .stations()
                        .get(3)
                        .distance())
                .isEqualTo(6.005);
        assertThatThrownBy(() -> pins.hunted("6.00 6.01")).hasMessageContaining("core.the-size-of-the-pin-in");
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 5})
    void aZeroOfItsOwnClosesEverySectionButTheLastWhichTheReturnCloses(int sections) throws LayoutRejected {
        String distances = java.util.stream.IntStream.rangeClosed(1, sections)
                .mapToObj(i -> Integer.toString(10 * i))
                .collect(java.util.stream.Collectors.joining(" "));
        Layout plain = written(LayoutKind.RINGS, distances, "4").read(ENDS);
        Layout layout = plain.rezeroed();
        assertThat(layout.closings()).hasSize(sections - 1);
        assertThat(layout.size()).isEqualTo(plain.size() + sections - 1);
        assertThat(layout.returnStation().distance()).isEqualTo(10 * sections);
        for (Station station : layout.stations()) {
            Station zero = layout.zeroOf(station);
            assertThat(layout.zeroAt(zero)).isTrue();
            assertThat(zero.distance()).isEqualTo(station.distance());
            if (layout.closes(station)) {
                assertThat(station.angle()).isEqualTo(zero.angle());
            }
        }
        assertThat(layout.hunted()).isEqualTo(sections == 1);
        assertThat(written(LayoutKind.LINE, "0 50", "").read(ENDS).rezeroed().returns())
                .isFalse();
    }
}
