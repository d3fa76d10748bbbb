package org.eskarn.core.evaluation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.eskarn.core.flat.Reversal;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.Corrections;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.LayoutRejected;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.Station;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.reading.WrittenLayout;
import org.eskarn.core.requirement.Basis;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.CharacteristicLayout;
import org.eskarn.core.requirement.Limit;
import org.eskarn.core.requirement.LimitKind;
import org.eskarn.core.requirement.LimitUnit;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.requirement.StatedAs;
import org.eskarn.core.requirement.Zeroing;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.DecisionRule;
import org.eskarn.core.verdict.Outcome;
import org.eskarn.core.verdict.RuleKind;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * Requirements made by chance, of every characteristic over every layout, kind of limit, statement, rule and system of units,
 * on readings of parts with errors, against sums written by themselves ({@link PlainFigures}).
 */
class GeneratedRequirementsTest {

    private static final int OF_EACH = 40;
    private static final double GRADUATION_MM = 1;
    private static final double GRADUATION_IN = 2.54;

    private final Random random = new Random();

    @ParameterizedTest
    @EnumSource(
            value = Characteristic.class,
            mode = EnumSource.Mode.EXCLUDE,
            names = {"PIN_CHECK", "GAP", "FUNCTIONAL_FIT"})
    void figureAndVerdictAreThoseOfPlainSums(Characteristic what) throws LayoutRejected {
        random.setSeed(what.name().hashCode());
        int cases = 0;
        // Of a watched turn the second reading follows from the first; WatchedTurnTest has its sums.
        List<LayoutKind> touched =
                what.layouts().stream().filter(each -> !each.watched()).toList();
        for (LayoutKind kind : touched) {
            for (StatedAs as : what.statements()) {
                for (LimitKind limit : what.limits()) {
                    for (boolean metric : new boolean[] {true, false}) {
                        for (int i = 0; i < OF_EACH && limit != LimitKind.FIT_CODE; i++) {
                            check(requirement(what, kind, as, limit, metric));
                            cases++;
                        }
                    }
                }
            }
        }
        assertThat(cases).isPositive();
    }

    private Case requirement(Characteristic what, LayoutKind kind, StatedAs as, LimitKind limitKind, boolean metric)
            throws LayoutRejected {
        LengthUnit unit = metric ? LengthUnit.MILLIMETRE : LengthUnit.INCH;
        boolean planes = as == StatedAs.RESULTANT;
        boolean level = what == Characteristic.STRAIGHTNESS && kind == LayoutKind.LINE && random.nextBoolean();
        boolean each = level || (what == Characteristic.PITCH && random.nextBoolean());
        String first = first(what, kind, metric, planes || as == StatedAs.WORST_DIAMETER);
        if (level) {
            first = metric ? "100 200 300" : "4 8 12";
        }
        Layout plain = new WrittenLayout(kind, unit, first, second(kind, metric, as == StatedAs.WORST_DIAMETER))
                .read(CharacteristicLayout.ends(what))
                .returning(kind.returns() && !what.readsSizes());
        // Sections and lines may each have a zero of their own, which is read again before the next.
        boolean sections =
                what.rezeroed() && (kind == LayoutKind.RINGS || kind == LayoutKind.LINES) && random.nextBoolean();
        boolean twice = what.mayReverse(kind) && !level && random.nextBoolean();
        Reversal reversal = twice ? Reversal.values()[1 + random.nextInt(5)] : Reversal.NONE;
        Layout once = each || sections ? plain.rezeroed() : plain;
        Layout layout = once.inSetUps(reversal.setUps());
        boolean per = what.sloping() && random.nextBoolean();
        Optional<Length> set = what.readsSizes() && what != Characteristic.FIT_OF_PAIR && random.nextBoolean()
                ? Optional.of(size(metric))
                : Optional.empty();
        Basis basis = new Basis(
                set,
                Optional.of(new Length(new BigDecimal(metric ? "40" : "1.5"), unit)),
                per || each ? Optional.of(new Length(new BigDecimal(metric ? "100" : "4"), unit)) : Optional.empty(),
                each || sections ? Zeroing.EACH_STEP : Zeroing.ONE_FOR_ALL,
                Optional.empty(),
                reversal,
                Optional.empty());
        Requirement asked = new Requirement(
                what,
                random.nextBoolean() ? SurfaceSide.INSIDE : SurfaceSide.OUTSIDE,
                limit(what, limitKind, unit, per),
                as,
                random.nextBoolean() ? DecisionRule.SIMPLE : DecisionRule.STRINGENT,
                Optional.empty(),
                FlickerRule.MIDDLE,
                1,
                layout,
                basis);
        return new Case(asked, plain);
    }

    /**
     * @param asked as it is read
     * @param plain its stations without those that only close a section, and in one set-up
     */
    private record Case(Requirement asked, Layout plain) {

        /** The same read once on one zero, for plain sums. */
        Requirement once() {
            Basis basis = asked.basis();
            boolean steps = asked.basis().zeroing() == Zeroing.EACH_STEP
                    && plain.kind() == asked.layout().kind()
                    && asked.layout().closings().isEmpty();
            return new Requirement(
                    asked.characteristic(),
                    asked.side(),
                    asked.limit(),
                    asked.statedAs(),
                    asked.rule(),
                    asked.allowedReturn(),
                    asked.flicker(),
                    1,
                    plain,
                    new Basis(
                            basis.setTo(),
                            basis.radius(),
                            basis.span(),
                            steps ? Zeroing.EACH_STEP : Zeroing.ONE_FOR_ALL,
                            Optional.empty(),
                            Reversal.NONE,
                            Optional.empty()));
        }
    }

    private static Length size(boolean metric) {
        return metric ? Length.of("25", LengthUnit.MILLIMETRE) : Length.of("1", LengthUnit.INCH);
    }

    private String first(Characteristic what, LayoutKind kind, boolean metric, boolean planes) {
        boolean bores = what == Characteristic.BORES_IN_LINE;
        return switch (kind) {
            case RING -> planes || random.nextBoolean() ? "8" : "0 40 100 135 190 260 310";
            case RINGS, GRID -> metric ? "10 60 110" : "0.5 2.5 4.25";
            case LINE -> bores ? (metric ? "10 60 210 260" : "0.5 2 8 9.5") : (metric ? "0 50 100 175" : "0 2 3.5 7");
            case LINES -> "left; right";
            case STEPS -> metric ? "0 100 200; 100 200 300" : "0 4 8; 4 8 12";
            case POINTS ->
                metric ? "A 0 0; B 80 5; C 70 60; D 4 50; E 30 20" : "A 0 0; B 3 0.25; C 2.5 2; D 0 2; E 1 1";
            case PAIRS -> planes || random.nextBoolean() ? "2" : "3";
            case CYCLES, PUSHES -> "4";
            case WATCHED, PINS, YES_NO -> "";
        };
    }

    private String second(LayoutKind kind, boolean metric, boolean opposite) {
        return switch (kind) {
            case RINGS -> opposite || random.nextBoolean() ? "6" : "0 70 150 200 300";
            case GRID -> metric ? "10 60" : "0.5 2.5";
            case LINES -> metric ? "10 60 210 260" : "0.5 2 8 9.5";
            default -> "";
        };
    }

    private Limit limit(Characteristic what, LimitKind kind, LengthUnit unit, boolean per) {
        boolean metric = unit.metric();
        BigDecimal step = new BigDecimal(metric ? "0.001" : "0.0001");
        BigDecimal middle = what.sized() ? size(metric).amount() : BigDecimal.ZERO;
        BigDecimal below = step.multiply(BigDecimal.valueOf(2 + random.nextInt(12)));
        BigDecimal above = step.multiply(BigDecimal.valueOf(2 + random.nextInt(16)));
        LimitUnit written = what.angular() ? LimitUnit.DEGREE : LimitUnit.of(unit);
        Length over = per ? new Length(new BigDecimal(metric ? "150" : "6"), unit) : null;
        return switch (kind) {
            case MAXIMUM ->
                new Limit(
                        kind,
                        null,
                        null,
                        what.angular() ? new BigDecimal("0.015") : above,
                        written,
                        "",
                        null,
                        "",
                        over);
            case BETWEEN -> {
                boolean negative = what.sized() || what.signed();
                BigDecimal lower = negative ? middle.subtract(below) : step;
                BigDecimal upper = negative ? middle.add(above) : step.add(above);
                yield new Limit(kind, null, lower, upper, written, "", null, "", over);
            }
            case PLUS_MINUS -> new Limit(kind, middle, below.negate(), above, written, "", null, "", over);
            default -> new Limit(LimitKind.NONE, null, null, null, written, "", null, "", over);
        };
    }

    private void check(Case drawn) {
        Requirement asked = drawn.asked();
        boolean metric = asked.layout().unit().metric();
        double graduation = metric ? GRADUATION_MM : GRADUATION_IN;
        Reversal reversal = asked.basis().reversal();
        List<Double> once = readings(drawn, graduation);
        List<Double> again = reversal.twice() ? readings(drawn, graduation) : List.of();
        List<Double> typed = shares(reversal, once, again);
        Iterator<Double> next = Stream.of(once, again, reversal.checked() ? once : List.<Double>of())
                .flatMap(List::stream)
                .iterator();
        List<Reading> readings = new ArrayList<>();
        for (Station station : asked.layout().stations()) {
            double zero = asked.layout().closes(station)
                    ? readings.get(asked.layout().zeroOf(station).number() - 1).micrometres()
                    : next.next();
            readings.add(Reading.still(station, zero));
        }
        Double back = asked.layout().returns()
                ? (Double) readings.get(asked.layout().returnStation().number() - 1)
                        .micrometres()
                : null;
        Dial dial = new Dial(
                Length.of(metric ? "1" : "0.1", metric ? LengthUnit.MICROMETRE : LengthUnit.THOU),
                Length.of("1", LengthUnit.MICROMETRE),
                Length.of("100", LengthUnit.MILLIMETRE));
        Assessment found = Assessment.of(asked, dial, new Sweep(asked.layout(), readings, back), Corrections.NONE);
        String name = asked.characteristic() + " over " + asked.layout().kind() + " " + asked.statedAs() + " "
                + asked.limit().words() + " " + reversal + " " + typed;
        assertThat(found.missing()).as(name).isEmpty();
        double judged = found.reduction().orElseThrow().judged();
        List<Double> plain = new PlainFigures(drawn.once(), typed).all();
        double[] bounds = bounds(asked);
        double tolerance = 1e-6;
        if (bounds.length == 0) {
            assertThat(Math.abs(judged))
                    .as(name)
                    .isCloseTo(Math.abs(recorded(asked.characteristic(), plain)), within(tolerance));
            assertThat(found.verdict().outcome()).isEqualTo(Outcome.RECORDED);
            return;
        }
        double worst =
                plain.stream().mapToDouble(each -> outside(bounds, each)).max().orElseThrow();
        assertThat(outside(bounds, judged)).as(name).isCloseTo(worst, within(tolerance));
        assertThat(plain.stream()
                        .mapToDouble(each -> Math.abs(each - judged))
                        .min()
                        .orElseThrow())
                .as(name)
                .isLessThan(tolerance);
        double expanded = found.budget().orElseThrow().expanded();
        double width = bounds[1] - (Double.isInfinite(bounds[0]) ? 0 : bounds[0]);
        boolean stringent = asked.rule().kind() == RuleKind.STRINGENT || expanded * DecisionRule.USUAL_RATIO > width;
        // What lies between stations can only add to a movement, so it hinders no fail.
        double guard = worst < 0 ? expanded : found.budget().orElseThrow().below();
        if (Math.abs(worst) > 1e-6 && Math.abs(Math.abs(worst) - guard) > 1e-6) {
            Outcome outcome = worst < 0 ? Outcome.PASS : Outcome.FAIL;
            assertThat(found.verdict().outcome())
                    .as(name)
                    .isEqualTo(stringent && Math.abs(worst) < guard ? Outcome.NOT_PROVEN : outcome);
        }
        long out = plain.stream().filter(each -> outside(bounds, each) > 1e-6).count();
        OutOfLimits places = found.outOfLimits(asked);
        if (places.places() == plain.size() && plain.size() > 1) {
            assertThat(places.over().size() + places.under().size()).as(name).isEqualTo((int) out);
        }
    }

    /** What of two set-ups is the part's. */
    private static List<Double> shares(Reversal reversal, List<Double> once, List<Double> again) {
        List<Double> part = new ArrayList<>();
        for (int i = 0; i < once.size(); i++) {
            part.add(
                    switch (reversal.unchecked()) {
                        case NONE -> once.get(i);
                        case ON_MASTER -> again.get(i) - once.get(i);
                        case PART_TURNED -> (once.get(i) - again.get(i)) / 2;
                        case FIXTURE_TURNED -> (once.get(i) + again.get(i)) / 2;
                        default -> Double.NaN;
                    });
        }
        return part;
    }

    private List<Double> readings(Case drawn, double graduation) {
        Requirement asked = drawn.asked();
        boolean whole =
                asked.characteristic().readsSizes() && asked.basis().setTo().isEmpty();
        double base = whole ? size(asked.layout().unit().metric()).micrometres() : 0;
        int spread = 3 + random.nextInt(12);
        double lean = random.nextInt(5) - 2;
        List<Double> readings = new ArrayList<>();
        for (int i = 0; i < drawn.plain().size(); i++) {
            double wave = spread * Math.cos(i + spread);
            readings.add(base + graduation * Math.round(wave + lean * i / 3 + random.nextGaussian()));
        }
        return readings;
    }

    private static boolean signed(Requirement asked) {
        return asked.characteristic().signed() && asked.statedAs() != StatedAs.RESULTANT;
    }

    /** Lower and upper bound in µm; empty without a limit. */
    private static double[] bounds(Requirement asked) {
        Limit limit = asked.limit();
        double unit = asked.layout().unit().metric() ? 1000 : 25_400;
        double radius = asked.basis().radius().map(l -> l.micrometres()).orElse(0.0);
        return switch (limit.kind()) {
            case MAXIMUM -> {
                double upper = amount(limit.upper());
                double most =
                        asked.characteristic().angular() ? radius * Math.sin(upper * Math.PI / 180) : upper * unit;
                yield new double[] {signed(asked) ? -most : Double.NEGATIVE_INFINITY, most};
            }
            case BETWEEN ->
                new double[] {
                    // A figure that is never negative has no lower bound below zero.
                    signed(asked) || amount(limit.lower()) > 0
                            ? amount(limit.lower()) * unit
                            : Double.NEGATIVE_INFINITY,
                    amount(limit.upper()) * unit
                };
            case PLUS_MINUS ->
                new double[] {
                    (amount(limit.nominal()) + amount(limit.lower())) * unit,
                    (amount(limit.nominal()) + amount(limit.upper())) * unit
                };
            default -> new double[0];
        };
    }

    private static double amount(@org.jspecify.annotations.Nullable BigDecimal number) {
        return java.util.Objects.requireNonNull(number).doubleValue();
    }

    private static double outside(double[] bounds, double figure) {
        return Math.max(figure - bounds[1], bounds[0] - figure);
    }

    /** Of several figures without a limit the mean; of what is said by its amount the largest. */
    private static double recorded(Characteristic what, List<Double> plain) {
        return switch (what) {
            case PARALLELISM_OF_AXIS, PARALLELISM_OF_LINES, BEND_AND_TWIST, PITCH ->
                plain.stream()
                        .reduce((a, b) -> Math.abs(b) > Math.abs(a) ? b : a)
                        .orElseThrow();
            default -> PlainSums.mean(plain);
        };
    }
}
