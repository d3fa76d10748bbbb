package org.eskarn.core.line;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.StatedAs;
import org.eskarn.core.requirement.UsualConditions;
import org.eskarn.core.result.Note;
import org.jspecify.annotations.Nullable;

/** The words of a line, sorted by what they are; the numbers in their order. Limit and layout take theirs from it. */
final class LineWords {

    private static final Pattern CROSS = Pattern.compile("(\\d{1,3})[x×](\\d{1,3})");
    private static final Pattern CODE = Pattern.compile("[A-Za-z]{1,2}\\d{1,2}(?:/[A-Za-z]{1,2}\\d{1,2})?");
    private static final Pattern PER = Pattern.compile(
            "(" + Amount.NUMBER + "\\s*[\\p{L}\u00b5\"]*)/(" + Amount.NUMBER + "\\s*[\\p{L}\u00b5\"]*)");
    private static final Set<String> SILENT = Set.of("places", "place", "points", "stations", "over", "by", "max", "≤");

    private final Characteristic characteristic;
    /** Numbers that stand by themselves, in their order; taken away as they are understood. */
    private final Deque<Amount> numbers = new ArrayDeque<>();

    private final List<Amount> signed = new ArrayList<>();
    private final List<Amount> places = new ArrayList<>();
    private @Nullable Amount plusMinus;
    private @Nullable Amount from;
    private @Nullable Amount to;
    private @Nullable Amount upper;
    private @Nullable Amount per;
    private String code = "";
    private int across;
    private int along;
    private boolean corners;
    private boolean pushes;
    private boolean none;
    private @Nullable StatedAs statedAs;
    private @Nullable Amount radius;
    private String datum = "";
    private String conditions = "";
    private String feature = "";

    private LineWords(Characteristic characteristic) {
        this.characteristic = characteristic;
    }

    static LineWords of(String line) throws LineRejected {
        List<String> all = LineText.words(line);
        SpokenNames.Named named = SpokenNames.first(all)
                .orElseThrow(() -> new LineRejected(
                        all.isEmpty()
                                ? Note.of("core.line-is-empty")
                                : Note.of("core.line-begins-with-no-name", all.get(0))));
        LineWords words = new LineWords(named.characteristic());
        List<String> rest = all.subList(named.words(), all.size());
        for (int i = 0; i < rest.size(); ) {
            i += words.take(rest, i);
        }
        return words;
    }

    /** Takes one word, or as many as belong together, and returns how many. */
    private int take(List<String> words, int i) throws LineRejected {
        String word = words.get(i);
        String small = word.toLowerCase(Locale.ROOT);
        String next = i + 1 < words.size() ? words.get(i + 1) : "";
        Matcher cross = CROSS.matcher(small);
        Matcher slash = PER.matcher(word);
        Optional<Amount> amount = Amount.signed(word);
        if (cross.matches()) {
            once(word, across > 0);
            across = Integer.parseInt(cross.group(1));
            along = Integer.parseInt(cross.group(2));
        } else if ((small.equals("to") || small.equals("datum")) && next.matches("[A-Z]")) {
            once(next, !datum.isEmpty());
            datum = next;
            return 2;
        } else if (small.equals("to") && !numbers.isEmpty() && Amount.of(next).isPresent()) {
            once(word, from != null);
            range(numbers.removeLast(), Amount.of(next).orElseThrow());
            return 2;
        } else if (small.equals("of") && !next.isEmpty()) {
            feature = String.join(" ", words.subList(i + 1, words.size()));
            return words.size() - i;
        } else if (small.equals("under")) {
            once(word, !conditions.isEmpty());
            return 1 + takeConditions(words.subList(i + 1, words.size()), word);
        } else if (word.startsWith("±")) {
            once(word, plusMinus != null);
            plusMinus = Amount.of(word.substring(1)).orElseThrow(() -> unknown(word));
        } else if (small.equals("at")) {
            return 1 + takePlaces(words, i + 1, word);
        } else if (word.startsWith("@")) {
            once(word, radius != null);
            radius = Amount.of(word.substring(1)).orElseThrow(() -> unknown(word));
            if (characteristic.layouts().stream().noneMatch(characteristic::asksRadius)) {
                throw unknown(word);
            }
        } else if (slash.matches()
                && Amount.of(slash.group(1)).isPresent()
                && Amount.of(slash.group(2)).isPresent()) {
            once(word, upper != null);
            upper = Amount.of(slash.group(1)).orElseThrow();
            per = Amount.of(slash.group(2)).orElseThrow();
        } else if (amount.isPresent()) {
            (Amount.withSign(word) ? signed : numbers).add(amount.get());
        } else if (CODE.matcher(word).matches()) {
            once(word, !code.isEmpty());
            code = word;
        } else if (!said(small)) {
            throw unknown(word);
        }
        return 1;
    }

    private boolean said(String small) {
        switch (small) {
            case "none" -> none = true;
            case "corners" -> corners = true;
            case "push", "pushes" -> {
                pushes = true;
                return characteristic.layouts().contains(LayoutKind.PUSHES);
            }
            case "half" -> {
                statedAs = StatedAs.HALF_MOVEMENT;
                return characteristic.statements().contains(statedAs);
            }
            default -> {
                return SILENT.contains(small);
            }
        }
        return true;
    }

    /** Names up to the feature: one to a word, or with commas between. */
    private int takeConditions(List<String> words, String word) throws LineRejected {
        List<String> named =
                words.stream().takeWhile(each -> !each.equalsIgnoreCase("of")).toList();
        String all = String.join(" ", named);
        List<String> conditions = Arrays.stream(all.split(all.matches(".*[,;].*") ? "[,;]" : " "))
                .map(String::strip)
                .filter(each -> !each.isEmpty())
                .toList();
        if (conditions.isEmpty() || characteristic.layouts().stream().noneMatch(characteristic::mayHaveConditions)) {
            throw unknown(word);
        }
        this.conditions = String.join("; ", UsualConditions.meant(conditions));
        return named.size();
    }

    private void range(Amount lower, Amount higher) {
        from = lower;
        to = higher;
    }

    private int takePlaces(List<String> words, int start, String word) throws LineRejected {
        int end = start;
        while (end < words.size() && Amount.of(words.get(end)).isPresent()) {
            places.add(Amount.of(words.get(end)).orElseThrow());
            end++;
        }
        if (end == start) {
            throw unknown(word);
        }
        return end - start;
    }

    /**
     * @throws LineRejected if the line says what is allowed in more than one way
     */
    void requireOneLimit() throws LineRejected {
        List<String> said = new ArrayList<>();
        if (none) {
            said.add("none");
        }
        range().stream().limit(1).forEach(each -> said.add(each.written()));
        perLength().stream().limit(1).forEach(each -> said.add(each.written()));
        plusMinus().ifPresent(each -> said.add("±" + each.written()));
        signed.stream().limit(1).forEach(each -> said.add(each.written()));
        if (!code.isEmpty()) {
            said.add(code);
        }
        once(said.isEmpty() ? "" : said.get(said.size() - 1), said.size() > 1);
    }

    private static void once(String word, boolean already) throws LineRejected {
        if (already) {
            throw new LineRejected(Note.of("core.line-says-it-twice", word));
        }
    }

    static LineRejected unknown(String word) {
        return new LineRejected(Note.of("core.line-word-not-understood", word));
    }

    Characteristic characteristic() {
        return characteristic;
    }

    Deque<Amount> numbers() {
        return numbers;
    }

    List<Amount> signed() {
        return signed;
    }

    List<Amount> places() {
        return places;
    }

    Optional<Amount> plusMinus() {
        return Optional.ofNullable(plusMinus);
    }

    /** Lower and upper of two sizes with “to” between; empty where there are none. */
    List<Amount> range() {
        return from == null || to == null ? List.of() : List.of(from, to);
    }

    /** A limit and the length it is per; empty where there are none. */
    List<Amount> perLength() {
        return upper == null || per == null ? List.of() : List.of(upper, per);
    }

    String code() {
        return code;
    }

    /** How many one way; 0 where no cross was said. */
    int across() {
        return across;
    }

    /** How many the other way. */
    int along() {
        return along;
    }

    boolean corners() {
        return corners;
    }

    /** Whether one number is read a push. */
    boolean pushes() {
        return pushes;
    }

    boolean none() {
        return none;
    }

    @Nullable
    StatedAs statedAs() {
        return statedAs;
    }

    Optional<Amount> radius() {
        return Optional.ofNullable(radius);
    }

    String datum() {
        return datum;
    }

    String conditions() {
        return conditions;
    }

    String feature() {
        return feature;
    }
}
