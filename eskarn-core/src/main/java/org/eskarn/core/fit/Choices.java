package org.eskarn.core.fit;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.eskarn.core.result.Note;
import org.eskarn.core.units.Length;
import org.jspecify.annotations.Nullable;

/**
 * A short list of fits for a use, the best first. Of the fits usual for the use come first those made for the load and the
 * speed; among running ones those whose middle clearance is nearest to what the oil film wants. Those that suit in neither
 * load nor speed are left out.
 *
 * <p>Source: the table {@code choices.csv}, which says where it comes from.
 *
 * <p>Degenerate cases: a use whose fits are not defined at the size has an empty list.
 */
public final class Choices {

    /** The most that are offered. */
    public static final int MOST = 4;

    private static final DataFile TABLE = DataFile.named("choices.csv");

    /** What a pair is for. */
    public enum Use {
        RUNNING(Note.of("core.running-turns-with-speed-on-oil-or")),
        SLIDING(Note.of("core.sliding-moves-or-turns-by-hand-no")),
        LOCATING(Note.of("core.locating-goes-together-holds-its-place-comes")),
        PRESSED(Note.of("core.pressed-stays-together-carries-load"));

        private final Note title;

        Use(Note title) {
            this.title = title;
        }

        public Note title() {
            return title;
        }
    }

    /** How much a pair carries of what it could. */
    public enum Load {
        LIGHT(Note.of("core.light")),
        NORMAL(Note.of("core.normal-2")),
        HEAVY(Note.of("core.heavy-or-with-shocks"));

        private final Note title;

        Load(Note title) {
            this.title = title;
        }

        public Note title() {
            return title;
        }
    }

    /** How fast the surfaces pass each other. */
    public enum Speed {
        STILL(0),
        SLOW(0.5),
        MEDIUM(3),
        FAST(Double.MAX_VALUE);

        /** m/s. */
        private final double upTo;

        Speed(double upTo) {
            this.upTo = upTo;
        }

        public static Speed of(double metresPerSecond) {
            return Arrays.stream(values())
                    .filter(each -> metresPerSecond <= each.upTo)
                    .findFirst()
                    .orElse(FAST);
        }
    }

    /**
     * @param reason what it is for
     * @param doubt what speaks against it here; empty for nothing
     */
    public record Choice(FitCode code, Fit fit, Note reason, Optional<Note> doubt) {}

    private record Rated(Choice choice, int misses, double offFilm, int rank) {}

    private Choices() {}

    /**
     * @param nominal in the system of the wanted fits: inches for inch fits
     * @param film what it turns with; null where it does not turn with speed
     */
    public static List<Choice> of(Length nominal, Use use, Load load, @Nullable OilFilm film) {
        String system = nominal.unit().metric() ? "ISO" : "INCH";
        Speed speed = film == null ? Speed.SLOW : Speed.of(film.speed());
        return TABLE.rows().stream()
                .filter(row -> row.get(0).equals(system) && row.get(2).equals(word(use)))
                .flatMap(row -> rated(row, nominal, load, speed, use == Use.RUNNING ? film : null).stream())
                .filter(rated -> rated.misses < 2)
                .sorted(Comparator.comparingInt(Rated::misses)
                        .thenComparingDouble(Rated::offFilm)
                        .thenComparingInt(Rated::rank))
                .limit(MOST)
                .map(Rated::choice)
                .toList();
    }

    private static Optional<Rated> rated(
            List<String> row, Length nominal, Load load, Speed speed, @Nullable OilFilm film) {
        Optional<Fit> fit;
        FitCode code;
        try {
            code = FitCode.of(row.get(1));
            fit = code.at(nominal).fit();
        } catch (FitUndefined e) {
            return Optional.empty();
        }
        List<String> speeds = List.of(row.get(5).split(" "));
        boolean suitsLoad = List.of(row.get(4).split(" ")).contains(word(load));
        boolean suitsSpeed = speeds.contains("still") || speeds.contains(word(speed)) || speed == Speed.STILL;
        Optional<Note> doubt = !suitsLoad
                ? Optional.of(Note.of("core.not-made-for-this-load"))
                : suitsSpeed ? Optional.empty() : Optional.of(Note.of("core.not-made-for-this-speed"));
        return fit.map(each -> new Rated(
                new Choice(code, each, DataFile.note(row.get(6)).orElseThrow(), doubt(doubt, each, film)),
                (suitsLoad ? 0 : 1) + (suitsSpeed ? 0 : 1),
                film == null ? 0 : Math.abs(each.middle() - film.wanted()),
                Integer.parseInt(row.get(3))));
    }

    private static Optional<Note> doubt(Optional<Note> doubt, Fit fit, @Nullable OilFilm film) {
        if (film == null || film.wanted() == 0) {
            return doubt;
        }
        if (fit.most() < film.least()) {
            return doubt.or(() -> Optional.of(Note.of("core.at-its-tightest-too-thin-for-the")));
        }
        if (fit.least() > film.most()) {
            return doubt.or(() -> Optional.of(Note.of("core.slacker-than-the-oil-film-wants")));
        }
        boolean whole = fit.least() >= film.least() && fit.most() <= film.most();
        return whole ? doubt : doubt.or(() -> Optional.of(Note.of("core.only-part-of-its-range-suits-the-film")));
    }

    private static String word(Enum<?> each) {
        return each.name().toLowerCase(Locale.ROOT);
    }
}
