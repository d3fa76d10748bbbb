package org.eskarn.app.docket;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.eskarn.app.page.Words;
import org.eskarn.app.part.Part;
import org.eskarn.core.requirement.SuggestedOrder;
import org.eskarn.core.verdict.Outcome;
import org.jspecify.annotations.Nullable;

/**
 * The inspection of one piece, whole.
 *
 * @param setUps one for each requirement, in the order of the drawing
 */
public record Docket(DocketRow row, Part part, List<SetUp> setUps) {

    public long id() {
        return row.id();
    }

    /** By which people call it. */
    public int number() {
        return row.number();
    }

    public String serial() {
        return row.serial();
    }

    /** Which of the pieces it is, from 1. */
    public int piece() {
        return row.piece();
    }

    public int pieces() {
        return row.pieces();
    }

    public String purpose() {
        return row.purpose();
    }

    public String askedBy() {
        return row.askedBy();
    }

    public LocalDate due() {
        return row.due();
    }

    public boolean signed() {
        return row.signed();
    }

    public Instant openedAt() {
        return row.openedAt();
    }

    /** The gauge that is inspected; null for a part. */
    public @Nullable Long gaugeId() {
        return row.gaugeId();
    }

    public long openedBy() {
        return row.openedBy();
    }

    public String openedByName() {
        return row.openedByName();
    }

    /** The number of the signed docket whose place it takes; null for none. */
    public @Nullable Integer supersedes() {
        return row.supersedes();
    }

    public String supersedesReason() {
        return row.supersedesReason();
    }

    /** Whether the limits for parts in service count, where the drawing has such. */
    public boolean inService() {
        return row.inService();
    }

    /** The set-up at a position of the drawing, from 1. */
    public Optional<SetUp> at(int position) {
        return setUps.stream()
                .filter(setUp -> setUp.requirement().position() == position)
                .findFirst();
    }

    /** The set-up whose readings another is judged from; empty where that has its own. */
    public Optional<SetUp> leader(SetUp follower) {
        return setUps.stream()
                .filter(other -> other.id() != follower.id() && other.id() == follower.readId())
                .findFirst();
    }

    /** The set-ups in the order in which they are best worked. */
    public List<SetUp> suggested() {
        Set<String> named = setUps.stream()
                .flatMap(setUp ->
                        Arrays.stream(setUp.requirement().limitTerms().datum().split("[^A-Za-z]+")))
                .collect(Collectors.toSet());
        List<Integer> order = SuggestedOrder.of(setUps.stream()
                .map(setUp -> new SuggestedOrder.Item(
                        setUp.requirement().position(),
                        !setUp.requirement().feature().letter().isEmpty()
                                && named.contains(setUp.requirement().feature().letter()),
                        setUp.requirement().zeroName(),
                        setUp.requirement().setUp().warm()))
                .toList());
        return setUps.stream()
                .sorted(Comparator.<SetUp>comparingInt(each -> order.indexOf(
                                leader(each).orElse(each).requirement().position()))
                        .thenComparing(each -> leader(each).isPresent())
                        .thenComparingInt(each -> each.requirement().position()))
                .toList();
    }

    /** The first set-up in the suggested order that can be worked on, or the first of all. */
    public SetUp next() {
        List<SetUp> order = suggested();
        return order.stream()
                .filter(setUp -> !setUp.settled() && setUp.waitsFor().isEmpty())
                .findFirst()
                .or(() -> order.stream().filter(setUp -> !setUp.settled()).findFirst())
                .orElse(order.get(0));
    }

    /** Whether every verdict has been accepted, so that the docket can be signed. */
    public boolean settled() {
        return setUps.stream().allMatch(SetUp::settled);
    }

    /** The requirements whose verdict is not accepted yet, each with the step it is at, in the order of the part. */
    public List<String> open() {
        return setUps.stream()
                .filter(setUp -> !setUp.settled())
                .map(setUp -> setUp.requirement().title()
                        + setUp.waitsFor()
                                .map(holds -> Words.say("docket.on-hold-for-2", holds.title()))
                                .orElse(Words.say("docket.at", setUp.title(setUp.current()))))
                .toList();
    }

    /** What the docket waits for, if all else is settled. */
    public Optional<WaitsFor> waitsFor() {
        boolean others = setUps.stream()
                .allMatch(setUp -> setUp.settled() || setUp.waitsFor().isPresent());
        return others
                ? setUps.stream().flatMap(setUp -> setUp.waitsFor().stream()).findFirst()
                : Optional.empty();
    }

    /**
     * What rests on a sweep from before the part was worked on at another requirement, and does not share its readings: a face that was
     * ground after it may have moved it. A sweep from after it does not make up for one from before that counts as well.
     */
    public List<SetUp> measuredBeforeWork() {
        return setUps.stream()
                .filter(setUp -> setUp.wholeLeftOut().isEmpty() && setUp.sweep().touched())
                .filter(setUp -> setUps.stream()
                        .filter(other -> other.readId() != setUp.readId())
                        .flatMap(SetUp::workedAt)
                        .anyMatch(at -> restsOnBefore(setUp.findings().shown(), at)))
                .toList();
    }

    private static boolean restsOnBefore(Attempt shown, Instant at) {
        return shown.counted().isEmpty()
                ? at.isAfter(shown.readAt())
                : shown.counted().stream()
                        .flatMap(sweep -> sweep.readTo().stream())
                        .anyMatch(at::isAfter);
    }

    /** Fail if one requirement fails; pass if all that is asked passes; not proven if something was left out or open. */
    public Outcome outcome() {
        List<Standing> standings = setUps.stream().map(Standing::of).toList();
        if (standings.contains(Standing.FAIL)) {
            return Outcome.FAIL;
        }
        if (standings.stream().allMatch(standing -> standing == Standing.RECORDED)) {
            return Outcome.RECORDED;
        }
        if (setUps.stream().anyMatch(SetUp::restsOnLeftOut)) {
            return Outcome.NOT_PROVEN;
        }
        boolean allGood =
                standings.stream().allMatch(standing -> standing == Standing.PASS || standing == Standing.RECORDED);
        return allGood ? Outcome.PASS : Outcome.NOT_PROVEN;
    }
}
