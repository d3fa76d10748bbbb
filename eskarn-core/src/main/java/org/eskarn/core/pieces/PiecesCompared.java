package org.eskarn.core.pieces;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.eskarn.core.result.Figure;
import org.eskarn.core.result.Note;
import org.eskarn.core.verdict.Bounds;

/**
 * One requirement over several pieces: which of them stand apart from the others, and whether that speaks for the pieces, for the
 * machine or fixture they were made or held in, for the person or for the gauge.
 *
 * <pre>
 * middle = the median of all figures        scatter = 1.4826 · the median of |figure − middle|
 * apart:   |figure − middle| &gt; max(3 · scatter, √2 · U of the figure)
 * </pre>
 *
 * <p>Looked into are those that lie worse than the others against the limits; only where none does, those that lie better.
 *
 * <p>Whose it is: where everybody and every gauge that read one that stands apart also read one that does not, or a second
 * inspector found the same, it is the pieces’ own. Where only one person, or only one gauge, read all of them and none of the
 * others, it may be theirs. Where both hold at once, the figures cannot tell them apart. All pieces that point the same way
 * ({@link CommonDirection}, chance below 0.01) speak for what they have in common: machine or fixture, if 0° was marked on each in the
 * same place. Figures that rise or fall in the order read ({@link Course}) speak for warmth, a tool or a gauge on the move.
 *
 * <p>Degenerate cases: of fewer than four figures none stands apart, since two against one say nothing.
 *
 * <p>Source: Hampel’s identifier (Davies and Gather, J. Am. Stat. Assoc. 88, 1993); what the findings mean is workshop practice.
 *
 * @param middle µm
 * @param scatter µm
 * @param apart indices of those that stand apart and are looked into, in the order read
 * @param suspect what the figures speak for
 * @param supports what they support, one sentence each
 * @param check what would tell more
 * @param again which piece that is done on; empty where nothing is to be done
 */
public record PiecesCompared(
        double middle,
        double scatter,
        List<Integer> apart,
        Suspect suspect,
        List<Note> supports,
        Optional<Note> check,
        Optional<String> again) {

    /** What a difference may belong to. */
    public enum Suspect {
        NOTHING,
        PIECES,
        FIXTURE,
        PERSON,
        GAUGE,
        PERSON_OR_GAUGE,
        COURSE
    }

    private static final int FEWEST = 4;
    private static final double TO_SIGMA = 1.4826;
    private static final double SIGMAS = 3;
    private static final double BY_CHANCE = 0.01;
    /** Directions this close, in degrees, point the same way. */
    private static final double CLOSE = 20;

    /**
     * @param figures in the order read
     * @param bounds of what is allowed
     */
    public static PiecesCompared of(List<PieceFigure> figures, Bounds bounds) {
        if (figures.size() < FEWEST) {
            return new PiecesCompared(
                    Double.NaN,
                    Double.NaN,
                    List.of(),
                    Suspect.NOTHING,
                    List.of(Note.of("core.pieces-too-few", FEWEST)),
                    Optional.empty(),
                    Optional.empty());
        }
        double middle = median(figures.stream().mapToDouble(PieceFigure::value).toArray());
        double scatter = TO_SIGMA
                * median(figures.stream()
                        .mapToDouble(each -> Math.abs(each.value() - middle))
                        .toArray());
        List<Integer> apart = IntStream.range(0, figures.size())
                .filter(i -> Math.abs(figures.get(i).value() - middle)
                        > Math.max(
                                SIGMAS * scatter, Math.sqrt(2) * figures.get(i).expanded()))
                .boxed()
                .toList();
        if (apart.isEmpty()) {
            return alike(figures, middle, scatter);
        }
        List<Integer> worse = apart.stream()
                .filter(i -> worse(figures.get(i).value(), middle, bounds))
                .toList();
        List<String> better = apart.stream()
                .filter(i -> !worse.contains(i))
                .map(i -> figures.get(i).piece())
                .toList();
        return worse.isEmpty()
                ? differing(figures, middle, scatter, apart, List.of())
                : differing(figures, middle, scatter, worse, better);
    }

    private static boolean worse(double figure, double middle, Bounds bounds) {
        return bounds.open() ? Math.abs(figure) > Math.abs(middle) : bounds.outside(figure) > bounds.outside(middle);
    }

    /** No piece stands apart: what all of them have in common. */
    private static PiecesCompared alike(List<PieceFigure> figures, double middle, double scatter) {
        List<Note> supports = new ArrayList<>();
        Course course = Course.of(figures);
        Optional<CommonDirection> common = CommonDirection.of(directions(figures));
        String first = figures.get(0).piece();
        if (course != Course.NONE) {
            supports.add(Note.of(course == Course.RISES ? "core.pieces-rise" : "core.pieces-fall"));
            return new PiecesCompared(
                    middle,
                    scatter,
                    List.of(),
                    Suspect.COURSE,
                    supports,
                    Optional.of(Note.of("core.pieces-read-the-first-again", first)),
                    Optional.of(first));
        }
        if (common.filter(way -> way.chance() < BY_CHANCE).isPresent()) {
            supports.add(Note.of(
                    "core.pieces-all-point",
                    degrees(common.get().degrees()),
                    degrees(common.get().spread())));
            return new PiecesCompared(
                    middle,
                    scatter,
                    List.of(),
                    Suspect.FIXTURE,
                    supports,
                    Optional.of(Note.of("core.pieces-turn-one-in-its-holding", first)),
                    Optional.of(first));
        }
        supports.add(Note.of("core.pieces-none-stands-apart", Figure.deviation(SIGMAS * scatter)));
        return new PiecesCompared(
                middle, scatter, List.of(), Suspect.NOTHING, supports, Optional.empty(), Optional.empty());
    }

    private static PiecesCompared differing(
            List<PieceFigure> figures, double middle, double scatter, List<Integer> apart, List<String> better) {
        List<PieceFigure> odd = apart.stream().map(figures::get).toList();
        List<PieceFigure> usual = IntStream.range(0, figures.size())
                .filter(i ->
                        !apart.contains(i) && !better.contains(figures.get(i).piece()))
                .mapToObj(figures::get)
                .toList();
        List<PieceFigure> confirmed =
                odd.stream().filter(PieceFigure::confirmed).toList();
        boolean person = confirmed.isEmpty() && goesWith(odd, usual, PieceFigure::reader);
        boolean gauge = goesWith(odd, usual, PieceFigure::gauge);
        Suspect suspect = person && gauge
                ? Suspect.PERSON_OR_GAUGE
                : person ? Suspect.PERSON : gauge ? Suspect.GAUGE : Suspect.PIECES;
        String worst = odd.stream()
                .max((one, other) -> Double.compare(Math.abs(one.value() - middle), Math.abs(other.value() - middle)))
                .orElseThrow()
                .piece();
        List<Note> supports = new ArrayList<>();
        supports.add(whose(suspect, odd, usual));
        confirmed.forEach(each -> supports.add(Note.of("core.pieces-second-agrees", each.piece())));
        Optional<CommonDirection> way = CommonDirection.of(directions(odd));
        boolean together = way.filter(common -> common.spread() <= CLOSE).isPresent();
        if (together) {
            supports.add(Note.of(
                    "core.pieces-odd-point",
                    degrees(way.orElseThrow().degrees()),
                    degrees(way.orElseThrow().spread())));
        } else if (directions(odd).size() > 1) {
            supports.add(Note.of("core.pieces-odd-point-anywhere"));
        }
        if (!better.isEmpty()) {
            supports.add(Note.of("core.pieces-better", String.join(", ", better)));
        }
        return new PiecesCompared(
                middle,
                scatter,
                apart,
                suspect,
                supports,
                Optional.of(check(suspect, together, !confirmed.isEmpty(), worst)),
                Optional.of(worst));
    }

    private static Note check(Suspect suspect, boolean together, boolean confirmed, String worst) {
        return switch (suspect) {
            case PERSON -> Note.of("core.pieces-another-inspector", worst);
            case GAUGE -> Note.of("core.pieces-another-gauge", worst);
            case PERSON_OR_GAUGE -> Note.of("core.pieces-same-person-other-gauge", worst);
            default ->
                together
                        ? Note.of("core.pieces-turn-the-driver", worst)
                        : confirmed
                                ? Note.of("core.pieces-wipe-and-seat-again", worst)
                                : Note.of("core.pieces-another-inspector", worst);
        };
    }

    private static Note whose(Suspect suspect, List<PieceFigure> odd, List<PieceFigure> usual) {
        return switch (suspect) {
            case PERSON -> Note.of("core.pieces-go-with-the-person", odd.get(0).reader());
            case GAUGE -> Note.of("core.pieces-go-with-the-gauge", odd.get(0).gauge());
            case PERSON_OR_GAUGE ->
                Note.of(
                        "core.pieces-go-with-person-and-gauge",
                        odd.get(0).reader(),
                        odd.get(0).gauge());
            default ->
                covered(odd, usual, PieceFigure::reader) && covered(odd, usual, PieceFigure::gauge)
                        ? Note.of("core.pieces-same-person-and-gauge")
                        : Note.of("core.pieces-no-one-person-or-gauge");
        };
    }

    /** Whether one alone read all that stand apart, and none of the others. */
    private static boolean goesWith(
            List<PieceFigure> odd, List<PieceFigure> usual, Function<PieceFigure, String> whose) {
        Set<String> of = named(odd, whose);
        return of.size() == 1 && named(usual, whose).stream().noneMatch(of::contains);
    }

    /** Whether everyone who read one that stands apart also read one that does not. */
    private static boolean covered(
            List<PieceFigure> odd, List<PieceFigure> usual, Function<PieceFigure, String> whose) {
        return named(usual, whose).containsAll(named(odd, whose));
    }

    private static Set<String> named(List<PieceFigure> figures, Function<PieceFigure, String> whose) {
        return figures.stream().map(whose).collect(Collectors.toCollection(TreeSet::new));
    }

    private static Figure degrees(double degrees) {
        return Figure.of(degrees, Figure.Kind.DIRECTION);
    }

    private static List<Double> directions(List<PieceFigure> figures) {
        return figures.stream()
                .flatMap(each -> each.direction().stream().boxed())
                .toList();
    }

    private static double median(double[] values) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        int n = sorted.length;
        return n % 2 == 1 ? sorted[n / 2] : (sorted[n / 2 - 1] + sorted[n / 2]) / 2;
    }
}
