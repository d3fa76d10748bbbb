package org.eskarn.app.table;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.eskarn.app.fit.FitCalculator;
import org.eskarn.app.page.Words;

/** Everything under Tables, in the order it is listed, and what of it answers to some words. */
final class Finder {

    /** One thing to open. */
    record Entry(Group group, String title, String explanation, String address) {

        private boolean answersTo(String[] words) {
            String all = (title + " " + explanation + " " + group.title()).toLowerCase(Locale.ROOT);
            return Arrays.stream(words).allMatch(all::contains);
        }

        private boolean called(String[] words) {
            return title.toLowerCase(Locale.ROOT).contains(words[0]);
        }
    }

    /** Entries that belong together. */
    enum Group {
        GENERAL(Words.say("calculators.blocks-and-dials")),
        FITS(Words.say("calculators.fits-bearings-and-warmth")),
        ROUND(Words.say("calculators.round-things")),
        FLAT(Words.say("calculators.flat-things"));

        private final String title;

        Group(String title) {
            this.title = title;
        }

        public String title() {
            return title;
        }
    }

    /** A group with what was found of it. */
    record Found(Group group, List<Entry> entries) {}

    private Finder() {}

    static List<Entry> all() {
        return Stream.of(
                        Stream.of(
                                new Entry(
                                        Group.GENERAL,
                                        Words.say("calculators.block-stacks"),
                                        Words.say("calculators.the-fewest-blocks-for-a-size-from"),
                                        "/tables/blocks"),
                                new Entry(
                                        Group.GENERAL,
                                        Words.say("calculators.reading-a-dial"),
                                        Words.say("calculators.what-a-pointer-and-a-counter-mean"),
                                        "/tables/dial")),
                        FitCalculator.all().stream()
                                .map(each -> new Entry(Group.FITS, each.title(), each.explanation(), each.example())),
                        measuring(Calculator.Subject.ROUND, Group.ROUND),
                        Stream.of(
                                new Entry(
                                        Group.ROUND,
                                        Words.say("calculators.truing-a-pressed-assembly"),
                                        Words.say("calculators.movement-after-each-step-does-it-help"),
                                        "/tables/truing"),
                                new Entry(
                                        Group.ROUND,
                                        Words.say("calculators.touching-off"),
                                        Words.say("calculators.centre-to-edge-with-an-edge-finder"),
                                        "/tables/touching")),
                        measuring(Calculator.Subject.FLAT, Group.FLAT),
                        Stream.of(
                                new Entry(
                                        Group.FLAT,
                                        Words.say("calculators.a-pasted-grid"),
                                        Words.say("calculators.heights-from-a-scan-or-a-sheet"),
                                        "/tables/grid"),
                                new Entry(
                                        Group.FLAT,
                                        Words.say("calculators.reversal"),
                                        Words.say("calculators.two-set-ups-the-parts-share-and"),
                                        "/tables/reversal")))
                .flatMap(each -> each)
                .toList();
    }

    private static Stream<Entry> measuring(Calculator.Subject subject, Group group) {
        return Calculator.of(subject).stream()
                .map(each -> new Entry(group, each.title(), each.explanation(), each.address()));
    }

    /** Those that hold every word typed, in whatever order; those called by the first of them come first. All for no word. */
    static List<Entry> of(String typed) {
        String[] words = typed.strip().toLowerCase(Locale.ROOT).split("\\s+");
        if (words[0].isEmpty()) {
            return all();
        }
        List<Entry> found = all().stream().filter(each -> each.answersTo(words)).toList();
        return Stream.concat(
                        found.stream().filter(each -> each.called(words)),
                        found.stream().filter(each -> !each.called(words)))
                .toList();
    }

    /** The same by their groups. */
    static List<Found> grouped(String typed) {
        List<Entry> found = of(typed);
        return Arrays.stream(Group.values())
                .map(group -> new Found(
                        group,
                        found.stream().filter(each -> each.group() == group).toList()))
                .filter(each -> !each.entries().isEmpty())
                .toList();
    }
}
