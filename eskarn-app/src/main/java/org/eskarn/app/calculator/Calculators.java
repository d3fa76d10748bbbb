package org.eskarn.app.calculator;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** All calculators in the order they are listed, and which of them answer to some words. */
@Component
public class Calculators {

    private final List<Calculator> all;

    public Calculators(List<CalculatorSource> sources) {
        this.all = sources.stream()
                .flatMap(source -> source.calculators().stream())
                .sorted(Comparator.comparing(Calculator::group))
                .toList();
    }

    /** A group with what was found of it. */
    public record Found(Group group, List<Calculator> calculators) {}

    public List<Calculator> all() {
        return all;
    }

    public Optional<Calculator> at(String path) {
        return all.stream().filter(each -> each.path().equals(path)).findFirst();
    }

    /** Those that hold every word typed, in whatever order; those called by the first of them come first. All for no word. */
    public List<Calculator> find(String typed) {
        String[] words = typed.strip().toLowerCase(Locale.ROOT).split("\\s+");
        if (words[0].isEmpty()) {
            return all;
        }
        List<Calculator> found =
                all.stream().filter(each -> answers(each, words)).toList();
        return Stream.concat(
                        found.stream().filter(each -> called(each, words)),
                        found.stream().filter(each -> !called(each, words)))
                .toList();
    }

    private static boolean answers(Calculator calculator, String[] words) {
        String all = (calculator.title() + " " + calculator.explanation() + " "
                        + calculator.group().title())
                .toLowerCase(Locale.ROOT);
        return Arrays.stream(words).allMatch(all::contains);
    }

    private static boolean called(Calculator calculator, String[] words) {
        return calculator.title().toLowerCase(Locale.ROOT).contains(words[0]);
    }

    /** The same by their groups. */
    public List<Found> grouped(String typed) {
        List<Calculator> found = find(typed);
        return Arrays.stream(Group.values())
                .map(group -> new Found(
                        group,
                        found.stream().filter(each -> each.group() == group).toList()))
                .filter(each -> !each.calculators().isEmpty())
                .toList();
    }
}
