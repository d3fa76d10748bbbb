package org.eskarn.app.ledger;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.eskarn.app.certificate.HeadLine;
import org.eskarn.app.docket.Standing;
import org.eskarn.app.ledger.document.Amount;
import org.eskarn.app.ledger.document.CertificatePart;
import org.eskarn.app.ledger.document.CertificatePart.ClaimPart;
import org.eskarn.app.ledger.document.Choice;
import org.eskarn.app.ledger.document.Done;
import org.eskarn.app.ledger.document.DrawnRequirement;
import org.eskarn.app.ledger.document.DrawnRequirement.FurtherPart;
import org.eskarn.app.ledger.document.Finding;
import org.eskarn.app.ledger.document.SignedDocument;
import org.eskarn.app.ledger.document.SignedDocument.CircumstancePart;
import org.eskarn.app.ledger.document.SignedDocument.CorrectionsPart;
import org.eskarn.app.ledger.document.SignedDocument.DialInPart;
import org.eskarn.app.ledger.document.SignedDocument.PreparationPart;
import org.eskarn.app.ledger.document.SignedDocument.RequirementPart;
import org.eskarn.app.ledger.document.SignedDocument.TruingPart;
import org.eskarn.app.page.Coverage;
import org.eskarn.app.page.Words;
import org.eskarn.app.part.FurtherTerm;
import org.eskarn.core.verdict.Outcome;
import org.jspecify.annotations.Nullable;

/**
 * The sheet of a signed docket, made from its document alone.
 *
 * @param finding what the check of the document found; empty where nothing
 */
public record Sheet(
        SignedDocument document, String hash, String signature, DocumentState state, Optional<Finding> finding) {

    /** A line of what was asked. */
    public record Fact(String label, String value) {}

    public Standing standing() {
        return Standing.of(Outcome.valueOf(document.outcome()));
    }

    public Standing standing(RequirementPart requirement) {
        return Standing.valueOf(requirement.result().standing().code());
    }

    /** How this sheet says when and by whom. */
    private SheetTimes times() {
        return new SheetTimes(ZoneId.of(document.signature().zone()));
    }

    public String moment(String at) {
        return times().moment(at);
    }

    /** The day alone. */
    public String day(String at) {
        return times().dayOf(at);
    }

    public String by(Done done) {
        return times().by(done);
    }

    public List<SheetAttempt> attempts(RequirementPart requirement) {
        return requirement.attempts().stream()
                .map(attempt -> SheetAttempt.of(attempt, requirement, times()))
                .toList();
    }

    /** That a step does not stand, and why; empty where it does. */
    public String takenBack(TruingPart step) {
        return step.takenBack() == null
                ? ""
                : Words.say(
                        "ledger.taken-back",
                        step.takenBack().done().by().name(),
                        step.takenBack().reason());
    }

    /** How the part was dialled in: rounds at the same places by the same person in one line. */
    public List<String> dialledIn(RequirementPart requirement) {
        Map<List<String>, List<String>> rounds = new LinkedHashMap<>();
        for (DialInPart round : Objects.requireNonNullElse(requirement.dialledIn(), List.<DialInPart>of())) {
            List<String> alike = List.of(
                    String.join(", ", round.places()),
                    round.within(),
                    round.taken().by().name());
            rounds.computeIfAbsent(alike, unused -> new ArrayList<>()).add(round.readings());
        }
        return rounds.entrySet().stream()
                .map(each -> Words.say(
                        "ledger.dialled-in-round",
                        each.getKey().get(0),
                        each.getKey().get(1),
                        String.join("; ", each.getValue()),
                        each.getKey().get(2)))
                .toList();
    }

    /** What stands at the head of the maker’s certificate. */
    public String certificateHead(CertificatePart certificate) {
        return new HeadLine(
                        certificate.maker(),
                        certificate.model(),
                        certificate.serial(),
                        certificate.number(),
                        certificate.dated() == null ? null : LocalDate.parse(certificate.dated()),
                        certificate.temperature(),
                        certificate.standard(),
                        certificate.gauge(),
                        certificate.signedBy())
                .said();
    }

    /** What a row claims, where and over what; and why that cannot be compared. */
    public String claimed(ClaimPart row) {
        return Stream.of(
                        row.what(),
                        row.place(),
                        row.over(),
                        row.incomparable() == null ? "" : row.incomparable().words() + ": " + row.reason())
                .filter(part -> !part.isEmpty())
                .collect(Collectors.joining(", "));
    }

    public String written(String figure, ClaimPart row) {
        return figure.isEmpty() ? "–" : figure.replace('-', '\u2212') + " " + row.unit();
    }

    /** The rows of the certificate that the measurement contradicts. */
    public List<ClaimPart> contradicted() {
        CertificatePart certificate = document.certificate();
        return certificate == null
                ? List.of()
                : certificate.rows().stream()
                        .filter(row -> row.result().finding().code().equals("CONTRADICTED"))
                        .toList();
    }

    /** What was read for a row: every attempt of the requirement that measures it. */
    public List<SheetAttempt> attempts(ClaimPart row) {
        return document.requirements().stream()
                .filter(requirement -> Integer.valueOf(requirement.position()).equals(row.requirement()))
                .map(this::leading)
                .flatMap(requirement -> attempts(requirement).stream())
                .filter(attempt -> !attempt.sweeps().isEmpty())
                .toList();
    }

    /** The requirement whose readings it is judged from. */
    private RequirementPart leading(RequirementPart requirement) {
        return document.requirements().stream()
                .filter(other -> Integer.valueOf(other.position()).equals(requirement.readWith()))
                .findFirst()
                .orElse(requirement);
    }

    /** What was asked beyond the limit, as far as it says something. */
    public List<Fact> facts(RequirementPart requirement) {
        DrawnRequirement asked = requirement.asked();
        List<Fact> facts = new ArrayList<>();
        document.requirements().stream()
                .filter(other -> Integer.valueOf(other.position()).equals(requirement.readWith()))
                .findFirst()
                .ifPresent(leader -> add(
                        facts,
                        Words.say("ledger.readings"),
                        Words.say("ledger.those-of", leader.position(), leader.title())));
        add(
                facts,
                Words.say("ledger.feature"),
                asked.feature().name() + size(asked.feature().size()));
        add(facts, Words.say("ledger.datum"), asked.datum());
        further(asked).forEach(each -> add(facts, FurtherTerm.label(each.code()), each.text()));
        add(
                facts,
                Words.say("ledger.stations"),
                asked.layout().kind().words() + ": " + asked.layout().first()
                        + (asked.layout().second().isEmpty()
                                ? ""
                                : "; " + asked.layout().second()));
        add(
                facts,
                Words.say("ledger.conditions"),
                String.join("; ", Objects.requireNonNullElse(asked.conditions(), List.of()))
                        + (asked.conditionsChosen() == null ? "" : Words.say("ledger.chosen-at-the-bench")));
        add(
                facts,
                Words.say("ledger.datum-read"),
                asked.datumRead() == null ? "" : asked.datumRead().words());
        add(
                facts,
                Words.say("ledger.its-rings"),
                asked.axisFace() == null ? "" : asked.axisFace().words());
        add(facts, Words.say("ledger.radius"), said(asked.radius()));
        add(facts, Words.say("ledger.span"), said(asked.span()));
        add(facts, Words.say("ledger.master-size"), said(asked.setTo()));
        add(facts, Words.say("ledger.pins-made-to"), said(asked.pinClass()));
        add(
                facts,
                Words.say("ledger.read"),
                asked.reversal().code().equals("NONE") ? "" : asked.reversal().words());
        add(
                facts,
                Words.say("ledger.zero"),
                asked.zeroRule().words()
                        + (asked.zeroing().code().equals("EACH_STEP")
                                ? ", " + asked.zeroing().words()
                                : ""));
        add(
                facts,
                Words.say("ledger.if-the-needle-flickers"),
                Words.say("ledger.use", asked.flicker().words()));
        add(
                facts,
                Words.say("ledger.valid-sweeps"),
                Words.say(
                        "ledger.required-of-several",
                        asked.validSweeps(),
                        asked.combination().words()));
        add(facts, Words.say("ledger.allowed-return"), said(asked.allowedReturn()));
        add(
                facts,
                Words.say("ledger.work"),
                asked.work().words() + (asked.warm() ? Words.say("ledger.part-comes-warm") : ""));
        add(facts, Words.say("ledger.circumstances"), asked.circumstances());
        add(facts, Words.say("ledger.to-be-taken-off"), takenOff(requirement.corrections()));
        add(facts, Words.say("ledger.resting-on"), restingOn(requirement.circumstances()));
        return facts;
    }

    private static List<FurtherPart> further(DrawnRequirement asked) {
        return Objects.requireNonNullElse(asked.further(), List.of());
    }

    private String takenOff(@Nullable CorrectionsPart corrections) {
        if (corrections == null) {
            return "";
        }
        List<String> taken = new ArrayList<>();
        if (corrections.leverDegrees() != null) {
            taken.add(Words.say("ledger.lever-at", corrections.leverDegrees()));
        }
        if (corrections.sag() != null) {
            taken.add(Words.say("ledger.sag", SheetTimes.written(corrections.sag())));
        }
        if (corrections.drift()) {
            taken.add(Words.say("ledger.even-drift"));
        }
        return String.join(", ", taken)
                + (corrections.reason() == null ? "" : ": " + corrections.reason())
                + (corrections.said() == null ? "" : " (" + by(corrections.said()) + ")");
    }

    private String restingOn(@Nullable CircumstancePart said) {
        return said == null
                ? ""
                : said.words() + (said.reason() == null ? "" : ": " + said.reason()) + " (" + by(said.said()) + ")";
    }

    private static void add(List<Fact> facts, String label, String value) {
        if (!value.isBlank()) {
            facts.add(new Fact(label, value));
        }
    }

    private static String size(@Nullable Amount size) {
        return size == null ? "" : ", " + said(size);
    }

    private static String said(@Nullable Amount amount) {
        return amount == null ? "" : SheetTimes.written(amount);
    }

    /** A figure with how far the true one may lie from it, either way, or above and below where they differ. */
    public String figure(SignedDocument.Figures figures) {
        String below = figures.uncertaintyBelow();
        String about =
                below == null ? " ± " + figures.uncertainty() : " +" + figures.uncertainty() + " / \u2212" + below;
        return figures.figure() + about + " " + figures.unit();
    }

    /** How the uncertainty of a figure was expanded. */
    public String coverage(SignedDocument.Figures figures) {
        String factor = figures.coverageFactor();
        String freedom = figures.degreesOfFreedom();
        return Coverage.said(factor == null ? "2" : factor, freedom);
    }

    /** The rule really applied, and the one asked where it is another. */
    public String rule(RequirementPart requirement) {
        SignedDocument.Figures figures = requirement.result().figures();
        Choice asked = requirement.asked().rule();
        if (figures == null || figures.rule().code().equals(asked.code())) {
            return asked.words();
        }
        return Words.say("ledger.asked", figures.rule().words(), asked.words());
    }

    /** The preparations that were ticked, said once for all where one person did them together. */
    public String preparedBy(RequirementPart requirement) {
        List<Done> done = requirement.preparations().stream()
                .map(PreparationPart::done)
                .filter(java.util.Objects::nonNull)
                .toList();
        if (done.isEmpty()) {
            return requirement.preparations().isEmpty() ? "" : Words.say("ledger.none-ticked");
        }
        String names = done.stream().map(each -> each.by().name()).distinct().collect(Collectors.joining(", "));
        return Words.say(
                "ledger.of-ticked-by",
                done.size(),
                requirement.preparations().size(),
                names,
                moment(done.get(done.size() - 1).at()));
    }
}
