package org.eskarn.app.calculator.measure;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.eskarn.app.page.DetailsView;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Typed;
import org.eskarn.app.page.TypedQuantity;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.Pictures;
import org.eskarn.app.picture.engine.Picture;
import org.eskarn.app.picture.engine.Subject;
import org.eskarn.app.picture.engine.VerdictRule;
import org.eskarn.app.picture.engine.View;
import org.eskarn.app.remedy.MeasuredState;
import org.eskarn.core.evaluation.Assessment;
import org.eskarn.core.flat.Reversal;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.AnswerParser;
import org.eskarn.core.reading.Corrections;
import org.eskarn.core.reading.Entry;
import org.eskarn.core.reading.EntryParser;
import org.eskarn.core.reading.EntryRejected;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.LayoutRejected;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.ReadingUnit;
import org.eskarn.core.reading.Station;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.reading.WrittenLayout;
import org.eskarn.core.remedy.Available;
import org.eskarn.core.requirement.Basis;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.CharacteristicLayout;
import org.eskarn.core.requirement.Limit;
import org.eskarn.core.requirement.LimitCheck;
import org.eskarn.core.requirement.LimitKind;
import org.eskarn.core.requirement.LimitRejected;
import org.eskarn.core.requirement.LimitUnit;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.requirement.Zeroing;
import org.eskarn.core.result.Details;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.DecisionRule;
import org.jspecify.annotations.Nullable;

/**
 * A calculator worked out along the one path that dockets take too.
 *
 * @param found empty while a field cannot be read
 * @param expected how many readings there are to be, the return counted
 * @param readings how many there are
 */
public record Measured(Map<String, String> problems, Optional<MeasuredState> found, int expected, int readings) {

    /** Of a lower limit, or of a master; what is smaller is no size of the part, what is larger no deviation. */
    private static final double SMALLEST_SHARE = 0.5;

    private static final Length WIDE = Length.of("100000", LengthUnit.MILLIMETRE);

    static Measured of(MeasureForm form) {
        return new Reader(form).measured();
    }

    public Assessment assessment() {
        return found.orElseThrow().assessment();
    }

    public boolean reduced() {
        return found.flatMap(f -> f.assessment().reduction()).isPresent();
    }

    public DetailsView said() {
        MeasuredState it = found.orElseThrow();
        Details told = it.assessment().told(it.subject().terms());
        return DetailsView.of(told, new Display(it.sizes().unit()), it.deviations());
    }

    public boolean levels() {
        return Pictures.levels(assessment());
    }

    public boolean raises() {
        return Pictures.raises(assessment());
    }

    public Picture picture(View view) {
        MeasuredState it = found.orElseThrow();
        boolean sized = it.subject().terms().characteristic().sized();
        return Pictures.of(
                it.subject(), it.assessment(), sized ? new Display(it.sizes().unit()) : it.deviations(), view);
    }

    /** The judged figure is said as a size, an angle or a difference. */
    public Display figures() {
        MeasuredState it = found.orElseThrow();
        Characteristic what = it.subject().terms().characteristic();
        return what.sized() || what.angular() ? it.sizes() : it.deviations();
    }

    public VerdictRule rule() {
        return VerdictRule.wide(assessment().verdict(), figures(), assessment().reduction());
    }

    /** What the judged figure is. */
    public String judgedName() {
        return Words.of(found.orElseThrow().subject().terms().judgedName());
    }

    /** Reads the fields of one form. */
    private static final class Reader {

        private final MeasureForm form;
        private final Typed typed = new Typed(new LinkedHashMap<>());
        private final Characteristic what;
        private final LengthUnit unit;

        Reader(MeasureForm form) {
            this.form = form;
            this.what = java.util.Objects.requireNonNull(form.what());
            this.unit = java.util.Objects.requireNonNull(form.unit());
        }

        Measured measured() {
            Layout layout = layout();
            Requirement terms = layout == null ? null : requirement(layout);
            Dial dial = dial();
            if (terms == null || dial == null || !typed.problems().isEmpty()) {
                return new Measured(typed.problems(), Optional.empty(), 0, 0);
            }
            List<String> words = Arrays.stream(TypedQuantity.joined(String.valueOf(form.readings()))
                            .replace('\u2212', '-')
                            .split("[\\s;]+"))
                    .filter(word -> !word.isEmpty())
                    .toList();
            Sweep sweep = sweep(terms.layout(), words, dial);
            if (sweep == null) {
                return new Measured(
                        typed.problems(), Optional.empty(), terms.layout().places(), words.size());
            }
            List<Available> drawer = drawer();
            if (!typed.problems().isEmpty()) {
                return new Measured(
                        typed.problems(), Optional.empty(), terms.layout().places(), words.size());
            }
            double radius = terms.basis().radius().map(Length::micrometres).orElse(0.0);
            LengthUnit read = form.readingUnit() == null
                    ? unit
                    : form.readingUnit().length().orElse(unit);
            MeasuredState found = new MeasuredState(
                    new Subject(
                            terms,
                            name(),
                            Words.say("calculators.the-stated-end"),
                            terms.basis().size()),
                    dial,
                    Assessment.of(terms, dial, sweep, Corrections.NONE),
                    drawer,
                    Optional.empty(),
                    new Display(unit, what.angular() ? radius : 0),
                    new Display(read),
                    List.of());
            return new Measured(
                    typed.problems(), Optional.of(found), terms.layout().places(), words.size());
        }

        private @Nullable Layout layout() {
            WrittenLayout written = WrittenPlaces.layout(
                    java.util.Objects.requireNonNull(form.layout()),
                    unit,
                    String.valueOf(form.first()),
                    String.valueOf(form.second()));
            try {
                Zeroing zeroing = form.mayRezero()
                        ? java.util.Objects.requireNonNullElse(form.zeroing(), Zeroing.ONE_FOR_ALL)
                        : Zeroing.ONE_FOR_ALL;
                return CharacteristicLayout.read(what, written, zeroing, reversal());
            } catch (LayoutRejected e) {
                typed.problem(e.second() ? "second" : "first", Words.of(e.note()));
                return null;
            }
        }

        /** What is drawn, called shortly. */
        private String name() {
            boolean face = what == Characteristic.FLATNESS || what == Characteristic.PARALLELISM_OF_FACES;
            return face
                    ? Words.say("calculators.face")
                    : what.flat() ? Words.say("calculators.line") : Words.say("calculators.section");
        }

        private Reversal reversal() {
            return java.util.Objects.requireNonNull(form.reversal());
        }

        private @Nullable Requirement requirement(Layout layout) {
            Optional<Length> size = length("size", form.size(), Words.say("calculators.a-size"));
            Basis basis = new Basis(
                    what.readsSizes()
                            ? length("setTo", form.setTo(), Words.say("calculators.the-size-of-a-master"))
                            : Optional.empty(),
                    what.asksRadius(layout.kind())
                            ? length("radius", form.radius(), Words.say("calculators.a-radius"))
                            : Optional.empty(),
                    what.spanning()
                            ? length("span", form.span(), Words.say("calculators.a-distance"))
                            : Optional.empty(),
                    form.mayRezero() ? java.util.Objects.requireNonNull(form.zeroing()) : Zeroing.ONE_FOR_ALL,
                    Optional.ofNullable(typed.length("pinClass", form.pinClass(), unit)),
                    reversal(),
                    size);
            boolean level = what == Characteristic.STRAIGHTNESS
                    && layout.kind() == LayoutKind.LINE
                    && basis.zeroing() == Zeroing.EACH_STEP;
            if (level && basis.span().isEmpty()) {
                typed.problem("span", Words.say("calculators.the-length-the-level-is-divided-for"));
            }
            if (what.triedWithPins() && basis.pinClass().isEmpty()) {
                typed.problem("pinClass", Words.say("part.enter-the-tolerance-of-the-pins"));
            }
            if (what.angular() && basis.radius().isEmpty()) {
                typed.problem("radius", Words.say("calculators.type-the-radius-it-stands-on"));
            }
            Limit limit = limit();
            return limit == null
                    ? null
                    : new Requirement(
                            what,
                            java.util.Objects.requireNonNull(form.side()),
                            limit,
                            java.util.Objects.requireNonNull(form.statedAs()),
                            DecisionRule.STRINGENT,
                            Optional.empty(),
                            java.util.Objects.requireNonNull(form.flicker()),
                            1,
                            layout,
                            basis);
        }

        private Optional<Length> length(String field, @Nullable String text, String title) {
            return Optional.ofNullable(typed.lengthAbove(field, text, unit, title));
        }

        /** Both ends make a limit between them, the upper alone a largest value, none no limit. */
        private @Nullable Limit limit() {
            BigDecimal lower = bound("lower", form.lower());
            BigDecimal upper = bound("upper", form.upper());
            Length per = what.sloping()
                    ? length("per", form.per(), Words.say("calculators.a-length"))
                            .orElse(null)
                    : null;
            if (per != null && what.spanning() && Typed.text(form.span()).isEmpty()) {
                typed.problem("span", Words.say("calculators.type-how-far-apart-both-places-are"));
            }
            LimitUnit limitUnit = what.angular() ? LimitUnit.DEGREE : LimitUnit.of(unit);
            if (lower == null && upper == null) {
                return per == null
                        ? Limit.none(limitUnit)
                        : new Limit(LimitKind.NONE, null, null, null, limitUnit, "", null, "", per);
            }
            if (upper == null || (lower == null && !what.limits().contains(LimitKind.MAXIMUM))) {
                typed.problem(lower == null ? "lower" : "upper", Words.say("calculators.type-both-limits-or-none"));
                return null;
            }
            if (lower != null && !what.limits().contains(LimitKind.BETWEEN)) {
                typed.problem("lower", Words.say("calculators.only-the-largest-value-is-limited-here"));
                return null;
            }
            LimitKind kind = lower == null ? LimitKind.MAXIMUM : LimitKind.BETWEEN;
            return checked(new Limit(kind, null, lower, upper, limitUnit, "", null, "", per));
        }

        private @Nullable BigDecimal bound(String field, @Nullable String text) {
            if (what.angular()) {
                return typed.number(field, text);
            }
            Length bound = typed.length(field, text, unit);
            return bound == null ? null : bound.amount();
        }

        /** The same rules as for the limits of drawings. */
        private @Nullable Limit checked(Limit limit) {
            try {
                LimitCheck.check(what, limit, null);
                return limit;
            } catch (LimitRejected e) {
                typed.problem(
                        switch (e.field()) {
                            case LOWER -> "lower";
                            case PER -> "per";
                            default -> "upper";
                        },
                        Words.of(e.note()));
                return null;
            }
        }

        private @Nullable Dial dial() {
            LengthUnit read = form.readingUnit() == null
                    ? unit
                    : form.readingUnit().length().orElse(unit);
            Length one =
                    typed.lengthAbove("graduation", form.graduation(), read, Words.say("calculators.a-graduation"));
            if (one == null) {
                typed.problem("graduation", Words.say("calculators.type-what-one-division-of-the-gauge"));
                return null;
            }
            // Pins have no divisions: what they are made to stands in a field of its own.
            boolean pins = what.triedWithPins();
            return new Dial(one, pins ? new Length(BigDecimal.ZERO, read) : one, WIDE);
        }

        private @Nullable Sweep sweep(Layout layout, List<String> words, Dial dial) {
            if (words.size() > layout.places()) {
                typed.problem(
                        "readings",
                        Words.say(
                                "calculators.there-are-readings-for",
                                words.size(),
                                layout.places(),
                                layout.returns()
                                        ? Words.say("calculators.places-the-return-counted")
                                        : Words.say("calculators.places")));
                return null;
            }
            List<Reading> readings = new ArrayList<>();
            Double atReturn = null;
            for (int i = 0; i < words.size(); i++) {
                try {
                    if (i < layout.size()) {
                        readings.add(reading(layout.stations().get(i), words.get(i), layout, dial));
                        if (noSize(readings.get(i), layout)) {
                            typed.problem("readings", Words.say("calculators.a-reading-is-no-size", i + 1));
                            return null;
                        }
                        if (wholeSize(readings.get(i))) {
                            typed.problem("readings", Words.say("calculators.a-reading-is-a-whole-size", i + 1));
                            return null;
                        }
                    } else {
                        atReturn = reading(layout.returnStation(), words.get(i), layout, dial)
                                .micrometres();
                    }
                } catch (EntryRejected e) {
                    typed.problem("readings", Words.say("calculators.reading", i + 1, Words.of(e.note())));
                    return null;
                }
            }
            return new Sweep(layout, readings, atReturn);
        }

        /** Whether a deviation was typed where nothing says from which size. */
        private boolean noSize(Reading reading, Layout layout) {
            boolean whole = what.readsSizes() && !layout.kind().answered();
            double lower = TypedQuantity.length(Typed.text(form.lower()), unit)
                    .map(Length::micrometres)
                    .orElse(0.0);
            double least = what.sized() ? SMALLEST_SHARE * lower : 0;
            return whole && Typed.text(form.setTo()).isEmpty() && reading.micrometres() <= least;
        }

        /** Whether a whole size was typed where the gauge is set on a master and reads what it is more. */
        private boolean wholeSize(Reading reading) {
            double master = TypedQuantity.length(Typed.text(form.setTo()), unit)
                    .map(Length::micrometres)
                    .orElse(0.0);
            return what.readsSizes() && master > 0 && Math.abs(reading.micrometres()) > SMALLEST_SHARE * master;
        }

        private Reading reading(Station station, String word, Layout layout, Dial dial) throws EntryRejected {
            if (layout.kind().answered()) {
                return Reading.still(station, AnswerParser.parse(word).amount().doubleValue());
            }
            ReadingUnit usual = java.util.Objects.requireNonNull(form.readingUnit());
            Entry entry = layout.kind().watched() ? EntryParser.watched(word, usual) : EntryParser.parse(word, usual);
            Length one = dial.graduation();
            double band = entry.high(one).micrometres() - entry.low(one).micrometres();
            return new Reading(station, entry.middle(one).micrometres(), band / 2, entry.noted());
        }

        private List<Available> drawer() {
            List<Available> drawer = new ArrayList<>();
            for (String each :
                    TypedQuantity.joined(String.valueOf(form.drawer())).split(";")) {
                String[] words = each.strip().split("\\s+");
                if (each.isBlank()) {
                    continue;
                }
                Length amount =
                        typed.lengthAbove("drawer", words[words.length - 1], unit, Words.say("calculators.an-offset"));
                if (amount != null) {
                    String name = words.length > 1
                            ? String.join(" ", Arrays.copyOf(words, words.length - 1))
                            : amount.amount().toPlainString();
                    drawer.add(new Available(Available.Kind.DOWEL, name, amount));
                }
            }
            return drawer;
        }
    }
}
