package org.eskarn.app.calculator;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.eskarn.app.calculator.measure.MeasureAnswer;
import org.eskarn.app.field.Field;
import org.eskarn.app.field.Fields;
import org.eskarn.app.field.Quantity;
import org.eskarn.app.field.Restating;
import org.eskarn.app.picture.engine.Drawing;
import org.eskarn.core.verdict.Outcome;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every calculator: its example, the same in each other unit, at its limit, nonsense in each field, a growing uncertainty. */
class EveryCalculatorTest {

    /** Width of a letter as a share of its size, about. */
    private static final double LETTER = 0.46;

    private static final int RUNS = 60;

    private static final List<String> ODD = List.of(
            "",
            "0",
            "-1",
            "1",
            "0.001",
            "999999999",
            "1;2;3",
            "1 2 3 4 5 6 7",
            "2 thou",
            "0,5 mm",
            "1e9",
            "x",
            "−3",
            "12/14",
            "A 0 0; B 1 1",
            "yes no yes",
            "32 H7/g6",
            "90 F",
            "S1 32; S2 33",
            "0 0 0 0 0 0 0 0 0");

    private static final List<String> NONSENSE =
            List.of("x", "-99999", "1e400", "0", "1/0", "  ", "٣", "1 2 3", "NaN", "∞", "5 parsec", "9".repeat(400));

    static Stream<Calculator> all() {
        return Sheets.all().all().stream();
    }

    private static Sheet worked(Calculator calculator, Map<String, String> typed) {
        return Sheet.of(calculator, typed);
    }

    private static Map<String, String> with(Map<String, String> typed, String field, String text) {
        Map<String, String> other = new LinkedHashMap<>(typed);
        other.put(field, text);
        return other;
    }

    @ParameterizedTest
    @MethodSource("all")
    void answersItsExample(Calculator calculator) {
        Sheet sheet = worked(calculator, calculator.example());
        assertThat(sheet.problems()).isEmpty();
        Answer answer = sheet.answer().orElseThrow();
        // A plan for a cut is its correction; all others say first what was asked.
        assertThat(answer.headline().isEmpty()).isEqualTo(calculator.path().equals("cut"));
        assertThat(answer.outcome().isPresent()).isEqualTo(answer.rule().isPresent());
        assertThat(answer.outcome().isPresent()).isEqualTo(!answer.decided().isEmpty());
        assertThat(answer.picture().isPresent() || answer.more().isPresent())
                .as("a picture")
                .isTrue();
        answer.picture().ifPresent(picture -> assertThat(picture.title()).isNotBlank());
        if (answer.picture().orElse(null) instanceof Drawing drawing) {
            staysInItsFrame(drawing);
        }
        // A warning and a pass at once would leave the reader to choose.
        if (answer.outcome().equals(Optional.of(Outcome.PASS))) {
            assertThat(answer.warnings()).isEmpty();
        }
        assertThat(sheet.unused()).isEmpty();
    }

    private static void staysInItsFrame(Drawing drawing) {
        assertThat(drawing.shapes()).allSatisfy(shape -> {
            assertThat(shape.d() + shape.text()).doesNotContain("NaN", "Infinity");
            double width = LETTER * shape.size() * shape.text().length();
            double left = shape.at().x()
                    - (shape.anchor().equals("end") ? width : shape.anchor().equals("middle") ? width / 2 : 0);
            assertThat(left).as(shape.text()).isGreaterThanOrEqualTo(0);
            assertThat(left + width).as(shape.text()).isLessThanOrEqualTo(640);
        });
    }

    /** Nothing typed is nothing said, and no problem of anybody's. */
    @ParameterizedTest
    @MethodSource("all")
    void beginsWithoutAnAnswerToNothing(Calculator calculator) {
        Sheet sheet = worked(calculator, Map.of());
        assertThat(sheet.problems()).isEmpty();
        assertThat(sheet.answer().flatMap(Answer::outcome)).isEmpty();
        assertThat(sheet.answer().map(Answer::headline).orElse("")).isEmpty();
    }

    /** Another unit chosen: what was typed means what it meant, the answer is the same, and chosen back it reads as before. */
    @ParameterizedTest
    @MethodSource("all")
    void aChangeOfUnitsChangesNoMeaning(Calculator calculator) {
        Map<String, String> example = stated(calculator);
        Sheet before = worked(calculator, example);
        for (Field unit : before.fields().all()) {
            if (unit.quantity() != Quantity.UNIT) {
                continue;
            }
            for (Field.Option other : unit.options()) {
                String was = before.fields().shown(unit.name());
                Sheet after = worked(calculator, changed(example, unit, was, other.value()));
                assertThat(after.problems()).as(other.title()).isEmpty();
                Answer answer = after.answer().orElseThrow();
                assertThat(answer.outcome())
                        .as(other.title())
                        .isEqualTo(before.answer().orElseThrow().outcome());
                assertThat(answer.warnings())
                        .hasSameSizeAs(before.answer().orElseThrow().warnings());
                Map<String, String> stands = texts(after.fields());
                Sheet back = worked(calculator, changed(stands, unit, other.value(), was));
                assertThat(back.answer().orElseThrow().headline())
                        .isEqualTo(before.answer().orElseThrow().headline());
                assertThat(back.answer().orElseThrow().figures())
                        .isEqualTo(before.answer().orElseThrow().figures());
            }
        }
    }

    /** The example with all that stands in the fields, as a page sends it. */
    private static Map<String, String> stated(Calculator calculator) {
        Map<String, String> typed = new LinkedHashMap<>(calculator.example());
        Sheet sheet = worked(calculator, typed);
        typed.putAll(texts(sheet.fields()));
        sheet.answer()
                .flatMap(Answer::more)
                .filter(more -> more.it() instanceof MeasureAnswer.Below)
                .flatMap(more -> ((MeasureAnswer.Below) more.it()).correction())
                .ifPresent(correction -> typed.putAll(correction.kept()));
        return typed;
    }

    private static Map<String, String> texts(Fields fields) {
        Map<String, String> texts = new LinkedHashMap<>();
        fields.all().forEach(field -> texts.put(field.name(), fields.shown(field.name())));
        return texts;
    }

    private static Map<String, String> changed(Map<String, String> typed, Field unit, String from, String to) {
        return with(with(typed, unit.before(), from), unit.name(), to);
    }

    /** Every length, temperature and speed may have the unit it is read in written beside it. */
    @ParameterizedTest
    @MethodSource("all")
    void aUnitWrittenBesideANumberIsRead(Calculator calculator) {
        Map<String, String> example = stated(calculator);
        Sheet before = worked(calculator, example);
        for (Field field : before.fields().all()) {
            String text = example.getOrDefault(field.name(), "");
            boolean one = text.matches("[-+\\d.]+");
            if (!one || !(field.quantity().length() || field.quantity() == Quantity.CELSIUS)) {
                continue;
            }
            Sheet own = worked(
                    calculator,
                    with(example, field.name(), text + " " + before.fields().symbol(field)));
            assertThat(own.problems()).as(field.name()).isEmpty();
            assertThat(own.answer().orElseThrow().headline())
                    .as(field.name())
                    .isEqualTo(before.answer().orElseThrow().headline());
        }
    }

    /** Nothing typed breaks a calculator, no figure that cannot be read is passed over, and no unknown choice is taken for another. */
    @ParameterizedTest
    @MethodSource("all")
    void saysWhatItCannotRead(Calculator calculator) {
        Map<String, String> example = stated(calculator);
        for (Field field : worked(calculator, example).fields().all()) {
            for (String nonsense : NONSENSE) {
                Sheet sheet = worked(calculator, with(example, field.name(), nonsense));
                String as = field.name() + "=" + nonsense;
                sheet.answer()
                        .ifPresent(answer -> assertThat(answer.headline() + answer.figures() + answer.warnings())
                                .as(as)
                                .doesNotContain("NaN", "Infinity", "null"));
                boolean said = sheet.problems().containsKey(field.name());
                boolean unused = sheet.unused().contains(field.label());
                boolean free = field.quantity() == Quantity.TEXT
                        || field.quantity() == Quantity.TICK
                        || field.restating() == Restating.PLACES;
                if (nonsense.equals("x") && !free && field.lines() == 1) {
                    assertThat(said || unused || !sheet.problems().isEmpty())
                            .as(as)
                            .isTrue();
                }
                if (nonsense.equals("x") && field.quantity().chosen()) {
                    assertThat(said).as(as).isTrue();
                    assertThat(sheet.answer()).isEmpty();
                }
            }
        }
    }

    /** Several fields wrong, blank, huge or of another kind at once, units changed meanwhile: always a sentence or an answer in figures. */
    @ParameterizedTest
    @MethodSource("all")
    void nothingTypedAtOnceBreaksIt(Calculator calculator) {
        Map<String, String> example = stated(calculator);
        List<Field> fields = worked(calculator, example).fields().all();
        Random chance = new Random(calculator.path().hashCode());
        for (int run = 0; run < RUNS; run++) {
            Map<String, String> typed = new LinkedHashMap<>(example);
            for (int i = 0; i < 1 + chance.nextInt(4); i++) {
                Field field = fields.get(chance.nextInt(fields.size()));
                List<Field.Option> options = field.options();
                String text = options.isEmpty() || chance.nextInt(6) == 0
                        ? ODD.get(chance.nextInt(ODD.size()))
                        : options.get(chance.nextInt(options.size())).value();
                typed.put(field.name(), text);
                if (chance.nextInt(5) == 0) {
                    typed.remove(field.name());
                }
            }
            Sheet sheet = worked(calculator, typed);
            sheet.answer()
                    .ifPresent(answer -> assertThat(answer.headline()
                                    + answer.known()
                                    + answer.figures()
                                    + answer.tables()
                                    + answer.warnings()
                                    + answer.remarks())
                            .as(typed.toString())
                            .doesNotContain("NaN", "Infinity", "null", "{0}"));
            sheet.problems()
                    .values()
                    .forEach(sentence -> assertThat(sentence)
                            .as(typed.toString())
                            .isNotBlank()
                            .doesNotContain("null", "{0}"));
        }
    }

    /** The less is known, the less is proven: no pass and no fail comes of a larger uncertainty. */
    @ParameterizedTest
    @MethodSource("all")
    void aLargerUncertaintyProvesLess(Calculator calculator) {
        Map<String, String> example = stated(calculator);
        Sheet plain = worked(calculator, example);
        if (plain.answer().flatMap(Answer::outcome).isEmpty()) {
            return;
        }
        String doubt = plain.fields().all().stream()
                .map(Field::name)
                .filter(List.of("u", "graduation", "pinClass")::contains)
                .findFirst()
                .orElseThrow();
        boolean sizes = plain.fields().all().stream()
                .filter(field -> field.name().equals(doubt))
                .anyMatch(field -> plain.fields().symbol(field).equals("mm"));
        Outcome before = null;
        for (int step = 0; step < 12; step++) {
            double micrometres = 0.5 * Math.pow(2.5, step);
            String typed = String.format(java.util.Locale.ROOT, "%.6f", sizes ? micrometres / 1000 : micrometres);
            Outcome now = worked(calculator, with(example, doubt, typed))
                    .answer()
                    .flatMap(Answer::outcome)
                    .orElse(Outcome.NOT_PROVEN);
            if (before != null) {
                assertThat(now).as(doubt + "=" + typed).isIn(before, Outcome.NOT_PROVEN);
            }
            before = now;
        }
        assertThat(before).isEqualTo(Outcome.NOT_PROVEN);
    }

    /** What was sent for a field that is not shown counts for nothing. */
    @ParameterizedTest
    @MethodSource("all")
    void whatIsNotAskedCountsForNothing(Calculator calculator) {
        Map<String, String> example = stated(calculator);
        Answer plain = worked(calculator, example).answer().orElseThrow();
        Map<String, String> more = new LinkedHashMap<>(example);
        for (String name :
                List.of("u", "lower", "upper", "least", "most", "clearance", "radius", "setTo", "oven", "span")) {
            if (!example.containsKey(name)) {
                more.put(name, "7");
            }
        }
        Answer same = worked(calculator, more).answer().orElseThrow();
        assertThat(same.headline()).isEqualTo(plain.headline());
        assertThat(same.outcome()).isEqualTo(plain.outcome());
        assertThat(same.figures()).isEqualTo(plain.figures());
    }
}
