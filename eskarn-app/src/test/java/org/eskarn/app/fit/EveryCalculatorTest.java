package org.eskarn.app.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.eskarn.app.picture.engine.Drawing;
import org.eskarn.app.running.Query;
import org.eskarn.core.verdict.Outcome;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Every calculator of fits: its example, the same in the other unit, nonsense in each field, and a growing uncertainty. */
class EveryCalculatorTest {

    private static final Pattern NUMBER = Pattern.compile("[+−-]?\\d+(?:\\.\\d+)?");
    /** Width of a letter as a share of its size, about. */
    private static final double LETTER = 0.52;

    private static final List<String> CHOICES = List.of(
            "unit", "use", "load", "ring", "turning", "precision", "clearance", "outer", "inner", "part", "gauge");

    private static Function<Fields, Optional<Answer>> sheet(FitCalculator calculator) {
        return switch (calculator) {
            case FITS -> FitAnswer::of;
            case CHOOSING -> ChoiceAnswer::of;
            case BEARINGS -> BearingAnswer::of;
            case END_GAP -> EndGapAnswer::of;
            case PAIR -> PairAnswer::of;
            case BATCH -> BatchAnswer::of;
            case HEATING -> HeatAnswer::of;
            case AT_20 -> WarmthAnswer::at20;
            case IN_SERVICE -> WarmthAnswer::inService;
        };
    }

    private static Map<String, String> example(FitCalculator calculator) {
        return Query.fields(calculator.example().substring(calculator.example().indexOf('?') + 1));
    }

    @ParameterizedTest
    @EnumSource
    void answersItsExample(FitCalculator calculator) {
        Fields fields = new Fields(example(calculator));
        Answer answer = sheet(calculator).apply(fields).orElseThrow();
        assertThat(fields.problems()).isEmpty();
        assertThat(answer.headline()).isNotBlank();
        assertThat(answer.outcome().isPresent()).isEqualTo(answer.rule().isPresent());
        if (calculator != FitCalculator.CHOOSING) {
            Drawing picture = (Drawing) answer.picture().orElseThrow();
            assertThat(picture.title()).isNotBlank();
            assertThat(picture.shapes()).allSatisfy(shape -> {
                assertThat(shape.d() + shape.text()).doesNotContain("NaN", "Infinity");
                assertThat(shape.at().x()).isBetween(0.0, 640.0);
                assertThat(shape.at().y()).isBetween(0.0, (double) picture.height());
                double width = LETTER * shape.size() * shape.text().length();
                double left = shape.at().x()
                        - (shape.anchor().equals("end") ? width : shape.anchor().equals("middle") ? width / 2 : 0);
                assertThat(left).as(shape.text()).isGreaterThanOrEqualTo(0);
                assertThat(left + width).as(shape.text()).isLessThanOrEqualTo(640);
            });
        }
        // A warning and a pass at once would leave the reader to choose.
        if (answer.outcome().equals(Optional.of(Outcome.PASS))) {
            assertThat(answer.warnings()).isEmpty();
        }
    }

    static Stream<Arguments> everyField() {
        return Arrays.stream(FitCalculator.values())
                .flatMap(calculator ->
                        example(calculator).keySet().stream().map(field -> Arguments.of(calculator, field)));
    }

    /** Nothing typed breaks a calculator, and no figure that cannot be read is passed over in silence. */
    @ParameterizedTest
    @MethodSource("everyField")
    void saysWhatItCannotRead(FitCalculator calculator, String field) {
        for (String nonsense : List.of("x", "-99999", "1e400", "0", "1/0", "  ", "٣", "1 2 3", "NaN", "∞")) {
            Map<String, String> typed = example(calculator);
            typed.put(field, nonsense);
            Fields fields = new Fields(typed);
            Optional<Answer> answer = sheet(calculator).apply(fields);
            assertThat(answer.isPresent() && !fields.problems().isEmpty())
                    .as("an answer beside a problem: " + field + "=" + nonsense)
                    .isFalse();
            if (nonsense.equals("x") && !CHOICES.contains(field) && calculator != FitCalculator.IN_SERVICE) {
                assertThat(fields.problems()).as(field + "=x").containsKey(field);
            }
            answer.ifPresent(each -> assertThat(each.headline() + each.figures() + each.warnings())
                    .as(field + "=" + nonsense)
                    .doesNotContain("NaN", "Infinity", "null"));
        }
    }

    /** The same piece of work typed in inches and tenths: the same amounts in the headline. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "END_GAP | depth=40.64&widths=19.05 5.08&spigot=16.256&least=127&most=254&u=2.54"
                        + " | depth=1.6&widths=0.75 0.2&spigot=0.64&least=50&most=100&u=1 | 2.54",
                "PAIR | hole=32.004 32.0294&shaft=31.9786 31.9532&least=25.4&most=127&u=2.54"
                        + " | hole=1.26 1.261&shaft=1.259 1.258&least=10&most=50&u=1 | 2.54",
                "BATCH | shafts=S1 25.4;S2 25.4254&bores=B1 25.4508;B2 25.4762&least=25.4&most=63.5"
                        + " | shafts=S1 1;S2 1.001&bores=B1 1.002;B2 1.003&least=10&most=25 | 1",
                "HEATING | size=76.2&interference=76.2&working=25.4&room=20"
                        + " | size=3&interference=30&working=10&room=20 | 1",
                "AT_20 | reading=76.2&partAt=35&gaugeAt=22 | reading=3&partAt=35&gaugeAt=22 | 25.4",
                "IN_SERVICE | size=50.8&least=25.4&most=50.8&hole=BRONZE&holeAt=60&shaftAt=80"
                        + " | size=2&least=10&most=20&hole=BRONZE&holeAt=60&shaftAt=80 | 2.54"
            })
    void answersAlikeInBothUnits(FitCalculator calculator, String metric, String inch, double factor) {
        Answer one = sheet(calculator)
                .apply(new Fields(Query.fields("unit=MILLIMETRE&" + metric)))
                .orElseThrow();
        Answer other = sheet(calculator)
                .apply(new Fields(Query.fields("unit=INCH&" + inch)))
                .orElseThrow();
        assertThat(other.outcome()).isEqualTo(one.outcome());
        List<Double> amounts = numbers(one.headline());
        List<Double> others = numbers(other.headline());
        assertThat(others).hasSameSizeAs(amounts);
        for (int i = 0; i < amounts.size(); i++) {
            boolean said = calculator == FitCalculator.AT_20 && i == 0;
            assertThat(others.get(i) * (said ? 1 : factor)).isCloseTo(amounts.get(i), within(0.15 * factor));
        }
        assertThat(other.warnings()).hasSameSizeAs(one.warnings());
    }

    /** A unit typed after an amount counts for that amount alone: the same answer word for word. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "END_GAP | depth=40.64&widths=19.05 5.08&spigot=16.256&least=127&most=254&u=2.54"
                        + " | depth=1.6 in&widths=0.75 in 5.08 mm&spigot=640 thou&least=0.127 mm&most=10 thou&u=1 tenth",
                "PAIR | hole=32.004&shaft=31.9786&least=0&most=50.8&u=2.54"
                        + " | hole=32.004&shaft=31.9786&least=0 mm&most=2 thou&u=1 tenth",
                "BATCH | shafts=S1 25.4;S2 25.4254&bores=B1 25.4508;B2 25.4762&least=25.4&most=63.5"
                        + " | shafts=S1 1 in;S2 25.4254 mm&bores=B1 25.4508;B2 25.4762&least=1 thou&most=63.5",
                "HEATING | size=76.2&interference=76.2&working=25.4&room=20"
                        + " | size=3 in&interference=3 thou&working=1 thou&room=68 F",
                "AT_20 | reading=76.2&partAt=35&gaugeAt=20 | reading=3 in&partAt=95 F&gaugeAt=293.15 K",
                "IN_SERVICE | size=50.8&least=25.4&most=50.8&holeAt=60&shaftAt=80"
                        + " | size=2 in&least=1 thou&most=2 thou&holeAt=140 F&shaftAt=176 F",
                "CHOOSING | size=50.8&use=RUNNING&load=NORMAL&turns=450 | size=2 in&use=RUNNING&load=NORMAL&turns=450 rpm",
                "BEARINGS | size=45&seat=45.004 45.008&u=2 | size=45 mm&seat=45.004 mm 45.008&u=0.002 mm"
            })
    void readsEveryUnit(FitCalculator calculator, String usual, String own) {
        Fields fields = new Fields(Query.fields("unit=MILLIMETRE&" + own));
        Answer other = sheet(calculator).apply(fields).orElseThrow(() -> new AssertionError(fields.problems()));
        Answer one = sheet(calculator)
                .apply(new Fields(Query.fields("unit=MILLIMETRE&" + usual)))
                .orElseThrow();
        assertThat(other.headline()).isEqualTo(one.headline());
        assertThat(other.figures()).isEqualTo(one.figures());
        assertThat(other.outcome()).isEqualTo(one.outcome());
    }

    private static List<Double> numbers(String text) {
        Matcher numbers = NUMBER.matcher(text);
        return numbers.results()
                .map(found -> Double.valueOf(found.group().replace('−', '-')))
                .toList();
    }

    /** The less is known, the less is proven: no pass and no fail comes of a larger uncertainty. */
    @ParameterizedTest
    @CsvSource({
        "FITS, fit=32 H7/g6&holes=32.010&shafts=31.985",
        "FITS, fit=45 k5&shafts=45.009",
        "FITS, fit=45 k5&shafts=45.030",
        "BEARINGS, ring=INNER&size=45&seat=45.008&turning=TURNING&load=NORMAL",
        "END_GAP, depth=40.3&widths=24.0&spigot=16.2&least=50&most=150",
        "PAIR, hole=32.015&shaft=31.980&least=20&most=60",
        "PAIR, hole=32.015&shaft=31.930&least=20&most=60"
    })
    void aLargerUncertaintyProvesLess(FitCalculator calculator, String query) {
        Outcome before = outcome(calculator, query, 0);
        for (int u = 1; u <= 60; u += 3) {
            Outcome now = outcome(calculator, query, u);
            assertThat(now).isIn(before, Outcome.NOT_PROVEN);
            before = now;
        }
        assertThat(before).isEqualTo(Outcome.NOT_PROVEN);
    }

    private static Outcome outcome(FitCalculator calculator, String query, int u) {
        return sheet(calculator)
                .apply(new Fields(Query.fields("unit=MILLIMETRE&" + query + "&u=" + u)))
                .orElseThrow()
                .outcome()
                .orElseThrow();
    }
}
