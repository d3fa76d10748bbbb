package org.eskarn.app.certificate;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.Standing;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Units;
import org.eskarn.app.page.Words;
import org.eskarn.core.claim.ClaimCompared;
import org.eskarn.core.claim.ClaimFinding;
import org.eskarn.core.verdict.Outcome;
import org.eskarn.core.verdict.Verdict.Because;

/** What a certificate comes to, in sentences. */
public final class CertificateWords {

    private static final double MANY_TIMES = 4;

    private CertificateWords() {}

    /** Whether the piece is usable: that hangs on the limits alone. */
    public static String headline(Judged judged) {
        List<SetUp> shown =
                judged.docket().setUps().stream().filter(each -> !each.blind()).toList();
        List<SetUp> fails = standing(shown, Standing.FAIL);
        if (!fails.isEmpty()) {
            return Words.say("certificate.not-usable", titles(fails), fails.size());
        }
        List<SetUp> open =
                shown.stream().filter(each -> !each.settled() && begun(each)).toList();
        List<SetUp> unproven = Stream.concat(
                        standing(shown, Standing.NOT_PROVEN).stream().filter(each -> !open.contains(each)),
                        standing(shown, Standing.LEFT_OUT).stream())
                .toList();
        if (!unproven.isEmpty()) {
            return Words.say("certificate.not-proven", titles(unproven));
        }
        boolean passes = judged.docket().settled()
                && List.of(Outcome.PASS, Outcome.RECORDED)
                        .contains(judged.docket().outcome());
        if (passes) {
            return Words.say("certificate.usable");
        }
        return standing(shown, Standing.PASS).isEmpty()
                ? Words.say("certificate.nothing-measured-yet")
                : Words.say("certificate.usable-so-far");
    }

    private static boolean begun(SetUp setUp) {
        Because because = setUp.verdict().because();
        return because == Because.UNFINISHED || because == Because.REPEATS_TO_GO;
    }

    private static List<SetUp> standing(List<SetUp> setUps, Standing standing) {
        return setUps.stream().filter(each -> Standing.of(each) == standing).toList();
    }

    private static String titles(List<SetUp> setUps) {
        return setUps.stream().map(each -> each.requirement().title()).collect(Collectors.joining(", "));
    }

    /** What the certificate can be relied on for. */
    public static String reliance(Judged judged) {
        List<Integer> relied = together(judged, ClaimFinding.UPHELD, ClaimFinding.BETTER);
        List<Integer> word = together(judged, ClaimFinding.NOT_TESTED, ClaimFinding.NOT_COMPARABLE);
        List<String> said = new ArrayList<>();
        List<Integer> contradict = judged.rows(ClaimFinding.CONTRADICTED);
        List<Integer> repeat = judged.rows(ClaimFinding.REPEAT);
        add(said, relied, rows -> Words.say("certificate.relied-on-for", rows));
        add(said, contradict, rows -> Words.say("certificate.contradict-it", rows, contradict.size()));
        add(said, repeat, rows -> Words.say("certificate.to-be-repeated", rows, repeat.size()));
        add(said, word, rows -> Words.say("certificate.rest-on-the-makers-word", rows, word.size()));
        return Words.capital(String.join("; ", said)) + (said.isEmpty() ? "" : ".");
    }

    private static void add(List<String> said, List<Integer> rows, UnaryOperator<String> sentence) {
        if (!rows.isEmpty()) {
            said.add(sentence.apply(rows(rows)));
        }
    }

    private static List<Integer> together(Judged judged, ClaimFinding one, ClaimFinding other) {
        List<Integer> rows = new ArrayList<>(judged.rows(one));
        rows.addAll(judged.rows(other));
        Collections.sort(rows);
        return rows;
    }

    private static String rows(List<Integer> rows) {
        List<String> numbers = rows.stream().map(String::valueOf).toList();
        String last = numbers.get(numbers.size() - 1);
        String all = numbers.size() == 1
                ? last
                : Words.say("certificate.and", String.join(", ", numbers.subList(0, numbers.size() - 1)), last);
        return Words.say("certificate.rows", all, rows.size());
    }

    /** What is to be seen on paper alone, and what is remarkable and no figure. */
    public static List<String> remarks(Judged judged) {
        List<String> said = new ArrayList<>();
        for (JudgedClaim claim : judged.claims()) {
            ClaimLine line = claim.line();
            if (line.claimsMoreThanAllowed()) {
                said.add(Words.say(
                        "certificate.claims-more-than-allowed",
                        line.position(),
                        line.claimed(),
                        line.allowed(),
                        line.unit().symbol()));
            }
            if (claim.otherLimit()) {
                said.add(Words.say(
                        "certificate.allows-another-amount",
                        line.position(),
                        line.allowed() + " " + line.unit().symbol(),
                        claim.setUp()
                                .map(each -> Words.of(
                                        each.requirement().terms().limit().words()))
                                .orElse("")));
            }
        }
        judged.patterns().forEach(note -> said.add(Words.of(note)));
        return said;
    }

    /** What was found of a row, and what it means. */
    public static String meaning(JudgedClaim judged, Display display) {
        return switch (judged.finding()) {
            case CONTRADICTED ->
                judged.compared().map(ClaimCompared::times).orElse(0.0) >= MANY_TIMES
                        ? Words.say("certificate.contradicted-by-far", (int) MANY_TIMES)
                        : Words.say("certificate.contradicted");
            case REPEAT -> Words.say("certificate.repeat-before-it-counts");
            case UPHELD -> upheld(judged, display);
            case BETTER -> Words.say("certificate.better");
            case NOT_COMPARABLE ->
                judged.line().incomparable() == null
                        ? Words.say("certificate.worked-on-before")
                        : judged.line().incomparable().title() + ": "
                                + judged.line().reason();
            case NOT_TESTED -> notTested(judged);
            case NOTHING_CLAIMED -> Words.say("certificate.nothing-claimed");
        };
    }

    private static String upheld(JudgedClaim judged, Display display) {
        double expanded = judged.compared().map(ClaimCompared::expanded).orElse(0.0);
        double room = judged.line().allowedMicrometres(judged.radius())
                - Math.abs(judged.line().claimedMicrometres(judged.radius()));
        return room > 0 && expanded >= room
                ? Words.say("certificate.upheld-says-little", display.amount(expanded), display.symbol())
                : Words.say("certificate.upheld", display.amount(expanded), display.symbol());
    }

    private static String notTested(JudgedClaim judged) {
        return switch (judged.why()) {
            case NOTHING, WORKED_ON -> Words.say("certificate.no-requirement-measures-it");
            case NOT_MEASURED_YET -> Words.say("certificate.not-measured-yet");
            case NOT_PROVEN -> Words.say("certificate.not-proven-yet");
            case RESTS_ON_LEFT_OUT -> Words.say("certificate.rests-on-left-out");
            case SIMULATED -> Words.say("certificate.simulated");
        };
    }

    /** A line of what a comparison rests on. */
    public record Fact(String label, String value) {}

    /** What the comparison of a row rests on. */
    public static List<Fact> facts(JudgedClaim judged, Units units) {
        Display display = judged.display(units);
        ClaimLine line = judged.line();
        List<Fact> facts = new ArrayList<>();
        judged.compared().ifPresent(compared -> {
            facts.add(new Fact(
                    Words.say("certificate.measured-less-claimed"),
                    display.signed(compared.difference()) + " " + display.symbol()));
            facts.add(new Fact(
                    Words.say("certificate.u-of-the-difference"),
                    "± " + display.amount(compared.expanded()) + " " + display.symbol()));
        });
        judged.asLeft()
                .filter(left ->
                        judged.verdict().isPresent() && !judged.standing().equals(Optional.of(left)))
                .ifPresent(left -> facts.add(new Fact(Words.say("certificate.as-left"), left.word())));
        fact(facts, Words.say("certificate.by-the-maker"), line.method());
        judged.measured()
                .ifPresent(measured -> fact(
                        facts, Words.say("certificate.by-us"), Words.say("certificate.sweeps", measured.sweeps())));
        judged.setUp().filter(setUp -> judged.measured().isPresent()).ifPresent(setUp -> {
            fact(
                    facts,
                    Words.say("certificate.holder"),
                    setUp.circumstance().filter(said -> said.flex() != null).isPresent()
                            ? Words.say("certificate.holder-pushed")
                            : Words.say("certificate.holder-not-pushed"));
            fact(facts, Words.say("certificate.gauge"), gauges(setUp));
        });
        return facts;
    }

    private static String gauges(SetUp setUp) {
        return setUp.findings().shown().counted().stream()
                .flatMap(sweep -> sweep.gauges().stream())
                .filter(gauge -> !gauge.missing())
                .map(Gauge::mark)
                .distinct()
                .collect(Collectors.joining(", "));
    }

    private static void fact(List<Fact> facts, String label, String value) {
        if (!value.isEmpty()) {
            facts.add(new Fact(label, value));
        }
    }
}
