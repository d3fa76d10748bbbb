package org.eskarn.core.evaluation;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.gauge.Repeats;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.PlaceName;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.StationsUnfit.Reason;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.requirement.Zeroing;
import org.eskarn.core.result.Details;
import org.eskarn.core.result.Figure;
import org.eskarn.core.result.FigureTable;
import org.eskarn.core.result.FigureTable.Row;
import org.eskarn.core.result.Note;
import org.eskarn.core.round.Phase;
import org.eskarn.core.size.Pitches;
import org.eskarn.core.size.WelchTest;
import org.eskarn.core.uncertainty.UncertaintyBudget;
import org.eskarn.core.units.Length;
import org.eskarn.core.verdict.Bounds;

/**
 * Reductions of readings that stand each for itself: depths, places one by one, sideways errors, answers, and what is only
 * recorded.
 *
 * <p>Budget: of one reading ({@link GaugeParts#ofOne}, every factor 1), because the figure is a reading as it stands. The mean
 * that is recorded where nothing is asked keeps it too: its readings share one gauge. Against the first place it is the
 * difference of two readings. Answers have none.
 *
 * <p>Degenerate cases: no reading, no reduction (the sweep is asked first); with one reading highest, lowest and mean agree.
 */
final class SingleReductions {

    private static final Note HIGHEST = Note.of("core.highest");
    private static final Note LOWEST = Note.of("core.lowest");

    private SingleReductions() {}

    /**
     * What is only recorded: the mean of the middles with the widest band in its uncertainty; highest and lowest reach to the
     * ends of the bands where these count.
     */
    static Reduction recorded(Requirement requirement, Dial dial, Sweep sweep) {
        Figures middles = each(requirement.withFlicker(FlickerRule.MIDDLE), dial, sweep);
        if (requirement.flicker() == FlickerRule.MIDDLE) {
            return middles;
        }
        List<Figure> figures = middles.told().figures().stream()
                .map(figure -> reaching(figure, sweep))
                .toList();
        Details told =
                new Details(figures, middles.told().tables(), middles.told().remarks());
        return new Figures(middles.judged(), middles.budget(), told, middles.each());
    }

    private static Figure reaching(Figure figure, Sweep sweep) {
        if (figure.name().equals(HIGHEST)) {
            return new Figure(HIGHEST, Arrays.stream(sweep.highs()).max().orElseThrow(), figure.kind());
        }
        return figure.name().equals(LOWEST)
                ? new Figure(LOWEST, Arrays.stream(sweep.lows()).min().orElseThrow(), figure.kind())
                : figure;
    }

    /** The reading worst placed is judged; where nothing is asked, the mean is recorded. */
    static Figures each(Requirement requirement, Dial dial, Sweep sweep) {
        double[] readings = SizeReductions.sizesOf(requirement, sweep);
        Figure.Kind kind = requirement.characteristic().sized() ? Figure.Kind.SIZE : Figure.Kind.DEVIATION;
        List<Figure> figures = new ArrayList<>();
        figures.add(new Figure(HIGHEST, Arrays.stream(readings).max().orElseThrow(), kind));
        figures.add(new Figure(LOWEST, Arrays.stream(readings).min().orElseThrow(), kind));
        figures.add(new Figure(
                Note.of("core.mean"), Arrays.stream(readings).average().orElseThrow(), kind));
        List<FigureTable> tables = new ArrayList<>();
        List<Note> remarks = new ArrayList<>();
        if (requirement.basis().zeroing() == Zeroing.EACH_STEP) {
            tables.add(accumulated(requirement, sweep, readings, kind));
        }
        groups(sweep, readings, requirement.bounds(), kind, tables, remarks);
        return new Figures(
                SizeReductions.worst(readings, requirement.bounds()),
                GaugeParts.ofOne(requirement, dial, sweep),
                new Details(figures, tables, remarks),
                named(sweep, readings, kind));
    }

    /**
     * Depths or heights against that of the first place, whole or from a zero: each less the first. The one worst placed is judged.
     *
     * @throws StationsUnfit if only the first place was read
     */
    static Reduction againstTheFirst(Requirement requirement, Dial dial, Sweep sweep) throws StationsUnfit {
        double[] readings = sweep.micrometres();
        if (readings.length < 2) {
            throw new StationsUnfit(Reason.TOO_FEW, Note.of("core.read-a-place-to-compare-with-the-first"));
        }
        double[] apart = IntStream.range(1, readings.length)
                .mapToDouble(i -> readings[i] - readings[0])
                .toArray();
        List<Figure> each = IntStream.range(0, apart.length)
                .mapToObj(i -> Figure.deviation(
                        Note.text(sweep.readings().get(i + 1).station().name()), apart[i]))
                .toList();
        List<Figure> figures = List.of(
                Figure.deviation(HIGHEST, Arrays.stream(apart).max().orElseThrow()),
                Figure.deviation(LOWEST, Arrays.stream(apart).min().orElseThrow()));
        return new Figures(
                SizeReductions.worst(apart, requirement.bounds()),
                GaugeParts.ofDifference(requirement, dial, sweep, 1),
                Details.of(figures),
                each);
    }

    private static List<Figure> named(Sweep sweep, double[] readings, Figure.Kind kind) {
        return IntStream.range(0, readings.length)
                .mapToObj(i ->
                        new Figure(Note.text(sweep.readings().get(i).station().name()), readings[i], kind))
                .toList();
    }

    /** Steps measured one from the other, added up. */
    private static FigureTable accumulated(Requirement requirement, Sweep sweep, double[] readings, Figure.Kind kind) {
        double[] places = Pitches.stepByStep(readings, false).places();
        double[] sums = Arrays.copyOfRange(places, 1, places.length);
        double nominal = requirement.limit().nominal() == null
                ? 0
                : requirement.limit().unit().micrometres(requirement.limit().nominal(), 0);
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < sums.length; i++) {
            rows.add(Row.of(
                    sweep.readings().get(i).station().name(),
                    Figure.of(readings[i], kind),
                    Figure.of(sums[i], kind),
                    nominal > 0 ? Figure.deviation(sums[i] - (i + 1) * nominal) : Figure.none()));
        }
        return new FigureTable(
                Note.of("core.read-step-by-step"),
                List.of(
                        Note.of("core.at-3"),
                        Note.of("core.step"),
                        Note.of("core.from-the-start"),
                        Note.of("core.error")),
                rows);
    }

    /** Places named “group: name” are compared group by group. */
    private static void groups(
            Sweep sweep,
            double[] readings,
            Bounds bounds,
            Figure.Kind kind,
            List<FigureTable> tables,
            List<Note> remarks) {
        Map<String, List<Double>> groups = new LinkedHashMap<>();
        for (int i = 0; i < readings.length; i++) {
            String name = sweep.readings().get(i).station().name();
            String group = PlaceName.of(name).group();
            if (!group.isEmpty()) {
                groups.computeIfAbsent(group, unused -> new ArrayList<>()).add(readings[i]);
            }
        }
        if (groups.size() < 2) {
            return;
        }
        List<Row> rows = new ArrayList<>();
        groups.forEach((name, each) -> {
            double[] values = array(each);
            Repeats of = Repeats.of(values);
            rows.add(Row.of(
                    name,
                    Figure.number(Note.text(""), of.count()),
                    Figure.of(of.mean(), kind),
                    Figure.deviation(of.deviation()),
                    Figure.deviation(of.range()),
                    Figure.of(SizeReductions.worst(values, bounds), kind)));
        });
        tables.add(new FigureTable(
                Note.of("core.group-by-group"),
                List.of(
                        Note.of("core.group"),
                        Note.of("core.readings"),
                        Note.of("core.mean"),
                        Note.of("core.s"),
                        Note.of("core.range"),
                        Note.of("core.worst")),
                rows));
        compare(groups, remarks);
    }

    /** The two groups whose means lie furthest apart. */
    private static void compare(Map<String, List<Double>> groups, List<Note> remarks) {
        List<String> byMean = groups.keySet().stream()
                .sorted(java.util.Comparator.comparingDouble(name -> mean(groups.get(name))))
                .toList();
        String low = byMean.get(0);
        String high = byMean.get(byMean.size() - 1);
        WelchTest difference = WelchTest.of(array(groups.get(high)), array(groups.get(low)));
        Figure apart = Figure.deviation(difference.difference());
        if (!difference.tells()) {
            remarks.add(Note.of("core.is-above-each-group-needs-at-least", high, apart, low));
            return;
        }
        Figure needed = Figure.deviation(difference.needed());
        remarks.add(
                difference.moreThanChance()
                        ? Note.of("core.is-above-significant-at-95-from", high, apart, low, needed)
                        : Note.of("core.is-above-not-significant-at-95-from", high, apart, low, needed));
    }

    private static double mean(@org.jspecify.annotations.Nullable List<Double> values) {
        return values == null
                ? 0
                : values.stream().mapToDouble(x -> x).average().orElse(0);
    }

    private static double[] array(@org.jspecify.annotations.Nullable List<Double> values) {
        return values == null
                ? new double[0]
                : values.stream().mapToDouble(x -> x).toArray();
    }

    /** The sideways error worst placed is judged; each is told as an angle on its radius too. */
    static Reduction phase(Requirement requirement, Dial dial, Sweep sweep) {
        double[] readings = sweep.micrometres();
        double radius = requirement.basis().radius().map(Length::micrometres).orElse(0.0);
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < readings.length; i++) {
            rows.add(Row.of(
                    sweep.readings().get(i).station().name(),
                    Figure.deviation(readings[i]),
                    radius > 0 && Math.abs(readings[i]) <= radius
                            ? Figure.angle(Note.text(""), Phase.degrees(readings[i], radius))
                            : Figure.none()));
        }
        return new Figures(
                SizeReductions.worst(readings, requirement.bounds()),
                GaugeParts.ofOne(requirement, dial, sweep),
                new Details(
                        List.of(),
                        List.of(new FigureTable(
                                Note.of("core.out-of-line"),
                                List.of(Note.of("core.at-3"), Note.of("core.sideways"), Note.of("core.angle")),
                                rows)),
                        List.of()),
                named(sweep, readings, Figure.Kind.DEVIATION));
    }

    /** How many questions were answered no. */
    static Reduction answers(Requirement requirement, Dial dial, Sweep sweep) {
        double no =
                Arrays.stream(sweep.micrometres()).filter(answer -> answer == 0).count();
        return new Figures(no, new UncertaintyBudget(List.of()), List.of());
    }
}
