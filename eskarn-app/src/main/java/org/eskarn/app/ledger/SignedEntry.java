package org.eskarn.app.ledger;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.eskarn.app.ledger.document.GaugePart;
import org.eskarn.app.ledger.document.SignedDocument;
import org.eskarn.app.ledger.document.SignedDocument.AsFound;
import org.eskarn.app.ledger.document.SignedDocument.AttemptPart;
import org.eskarn.app.ledger.document.SignedDocument.RequirementPart;
import org.eskarn.app.ledger.document.SweepPart;
import org.eskarn.app.ledger.document.SweepPart.ReadingPart;

/**
 * What a document is found by.
 *
 * @param exceptions whether anything in it is not the usual way: left out, set aside, corrected, decided between inspectors, read with
 *     a gauge that should not have been, or other as found than as left
 * @param words everything that is searched, in small letters
 */
record SignedEntry(int number, long docketId, String outcome, boolean exceptions, Instant signedAt, String words) {

    private static final int LONGEST = 4000;

    static SignedEntry of(long docketId, SignedDocument document) {
        return new SignedEntry(
                document.number(),
                docketId,
                document.outcome(),
                document.requirements().stream().anyMatch(SignedEntry::exceptional),
                Instant.parse(document.signature().at()).truncatedTo(ChronoUnit.MICROS),
                words(document));
    }

    private static String words(SignedDocument document) {
        Set<String> words = new LinkedHashSet<>(List.of(
                String.valueOf(document.docket().number()),
                document.part().title(),
                document.part().drawing(),
                document.part().revision(),
                document.docket().serial(),
                document.docket().purpose(),
                document.docket().askedBy(),
                document.signature().by().name(),
                document.signature().remark()));
        for (RequirementPart requirement : document.requirements()) {
            words.add(requirement.title());
            words.add(requirement.asked().feature().name());
            words.add(requirement.asked().characteristic().words());
            requirement.attempts().stream()
                    .flatMap(attempt -> attempt.sweeps().stream())
                    .forEach(sweep -> {
                        sweep.gauges().stream().map(GaugePart::mark).forEach(words::add);
                        sweep.readings()
                                .forEach(reading ->
                                        words.add(reading.taken().by().name()));
                    });
        }
        // With blanks at both ends each word can be looked for whole.
        String all =
                " " + String.join(" \u00b7 ", words).toLowerCase(Locale.ROOT).replaceAll("\\s+", " ") + " ";
        return all.length() > LONGEST ? all.substring(0, LONGEST) : all;
    }

    private static boolean exceptional(RequirementPart requirement) {
        AsFound found = requirement.result().asFound();
        return !requirement.leftOut().isEmpty()
                || requirement.decision() != null
                || !requirement.remedies().isEmpty()
                || !requirement.truing().isEmpty()
                || (found != null
                        && !found.outcome()
                                .code()
                                .equals(requirement.result().standing().code()))
                || requirement.attempts().stream()
                        .map(AttemptPart::sweeps)
                        .flatMap(List::stream)
                        .anyMatch(SignedEntry::exceptional);
    }

    private static boolean exceptional(SweepPart sweep) {
        return sweep.setAside() != null
                || sweep.overridden() != null
                || sweep.readings().stream().map(ReadingPart::reason).anyMatch(reason -> reason != null);
    }
}
