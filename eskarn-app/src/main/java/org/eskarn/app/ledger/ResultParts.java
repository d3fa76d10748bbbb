package org.eskarn.app.ledger;

import static org.eskarn.app.ledger.Parts.choice;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.eskarn.app.docket.Attempt;
import org.eskarn.app.docket.InspectorWords;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.SetUpDisplay;
import org.eskarn.app.docket.Standing;
import org.eskarn.app.docket.SweepRecord;
import org.eskarn.app.docket.VerdictWords;
import org.eskarn.app.ledger.document.Choice;
import org.eskarn.app.ledger.document.SignedDocument.AsFound;
import org.eskarn.app.ledger.document.SignedDocument.AttemptResult;
import org.eskarn.app.ledger.document.SignedDocument.Drawings;
import org.eskarn.app.ledger.document.SignedDocument.Figures;
import org.eskarn.app.ledger.document.SignedDocument.Named;
import org.eskarn.app.ledger.document.SignedDocument.Result;
import org.eskarn.app.ledger.document.SignedDocument.RowResult;
import org.eskarn.app.ledger.document.SignedDocument.TableResult;
import org.eskarn.app.page.Coverage;
import org.eskarn.app.page.DetailsView;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.engine.Picture;
import org.eskarn.app.picture.engine.VerdictRule;
import org.eskarn.core.evaluation.Judgement;
import org.eskarn.core.uncertainty.UncertaintyBudget;
import org.eskarn.core.verdict.RuleKind;
import org.eskarn.core.verdict.Verdict;
import org.jspecify.annotations.Nullable;

/**
 * What was computed of a requirement, said as the drawing says it.
 *
 * @param drawings writes the pictures
 */
record ResultParts(DrawingWriter drawings) {

    /** Decimals of µm kept with a figure; far below anything a dial shows. */
    private static final int DECIMALS = 4;

    /** Where only the record is wanted. */
    static final Result NONE = new Result(
            new Choice("", ""),
            "",
            "",
            null,
            null,
            null,
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            new Drawings("", "", "", "", ""));

    /** µm; what differs less is the same. */
    private static final double SAME = 1e-6;

    /** As the rules of today have it. */
    Result computed(SetUp setUp) {
        Display display = SetUpDisplay.figures(setUp);
        boolean left = setUp.wholeLeftOut().isPresent();
        return of(
                setUp,
                setUp.verdict(),
                VerdictWords.of(setUp, display).line(),
                left ? "" : decidedFrom(setUp, display));
    }

    /**
     * @param verdict the one that is signed: as computed, or as it was signed before there were documents
     * @param line why, in one line
     * @param from the sweeps it rests on, in words
     */
    Result of(SetUp setUp, Verdict verdict, String line, String from) {
        Display display = SetUpDisplay.figures(setUp);
        boolean left = setUp.wholeLeftOut().isPresent();
        Standing standing = left ? Standing.LEFT_OUT : Standing.of(verdict.outcome());
        DetailsView said = SetUpDisplay.said(setUp);
        boolean figures = verdict.value() != null && !left;
        return new Result(
                choice(standing, standing.word()),
                line,
                from,
                left ? null : figures(setUp, verdict, display),
                asFound(setUp, display),
                setUp.findings().inspectors().isPresent() ? InspectorWords.sentence(setUp, display) : null,
                figures
                        ? said.figures().stream()
                                .map(each -> new Named(each.name(), each.figure(), each.symbol()))
                                .toList()
                        : List.of(),
                figures ? tables(said) : List.of(),
                figures ? said.remarks() : List.of(),
                figures ? budget(setUp) : List.of(),
                drawings(setUp, verdict, display));
    }

    private static Figures figures(SetUp setUp, Verdict verdict, Display display) {
        Double value = verdict.value();
        // What was signed before there were documents had k = 2, whatever its budget comes to now.
        Optional<UncertaintyBudget> known =
                setUp.judgement().budget().filter(budget -> Math.abs(budget.expanded() - verdict.expanded()) < SAME);
        double about = value == null ? 0 : value;
        String above = display.about(about, verdict.expanded());
        String below = display.about(about, verdict.below());
        boolean either = above.equals(below);
        return new Figures(
                kept(value),
                value == null ? null : display.judged(verdict),
                display.symbol(),
                String.valueOf(kept(verdict.expanded())),
                above,
                either ? null : kept(verdict.below()),
                either ? null : below,
                kept(verdict.bounds().lower()),
                kept(verdict.bounds().upper()),
                known.map(Coverage::factor)
                        .filter(factor -> !factor.equals("2"))
                        .orElse(null),
                known.map(Coverage::freedom).orElse(null),
                choice(verdict.rule().kind(), verdict.rule().title()),
                conformity(verdict));
    }

    /** Where the probability decides. */
    private static @Nullable String conformity(Verdict verdict) {
        return verdict.rule().kind() == RuleKind.PROBABILITY
                        && verdict.conformity().isPresent()
                ? BigDecimal.valueOf(verdict.conformity().getAsDouble())
                        .setScale(DECIMALS, RoundingMode.HALF_UP)
                        .toPlainString()
                : null;
    }

    static @Nullable String kept(@Nullable Double micrometres) {
        return micrometres == null
                ? null
                : BigDecimal.valueOf(micrometres)
                        .setScale(DECIMALS, RoundingMode.HALF_UP)
                        .toPlainString();
    }

    /** Which sweeps the verdict rests on, with the figure of each where there are several. */
    private static String decidedFrom(SetUp setUp, Display display) {
        Attempt shown = setUp.findings().shown();
        List<SweepRecord> counted = shown.counted();
        if (counted.isEmpty()) {
            return "";
        }
        String numbers =
                counted.stream().map(sweep -> String.valueOf(sweep.number())).collect(Collectors.joining(", "));
        if (counted.size() == 1) {
            return Words.say("ledger.sweep", numbers, setUp.gaugeInUse().code());
        }
        String each = counted.stream()
                .map(sweep -> sweep.assessment()
                        .reduction()
                        .map(reduction -> display.amount(reduction.judged()))
                        .orElse("–"))
                .collect(Collectors.joining(", "));
        boolean answered = setUp.sweep().layout().kind().answered();
        return (answered
                        ? Words.say("ledger.sweeps")
                        : Words.say(
                                "ledger.of-sweeps",
                                setUp.requirement().terms().combination().title()))
                + numbers
                + (answered ? "" : ": " + each + " " + display.symbol());
    }

    /** The first whole verdict, where anything was read or decided after it. */
    private static @Nullable AsFound asFound(SetUp setUp, Display display) {
        Optional<Judgement> first = setUp.asFound();
        boolean more = setUp.sweeps().stream().filter(SweepRecord::touched).count() > 1;
        if (first.isEmpty() || !more) {
            return null;
        }
        Verdict verdict = first.get().verdict();
        Double value = verdict.value();
        String figure = value == null ? null : display.judged(verdict);
        return new AsFound(
                choice(verdict.outcome(), verdict.outcome().word()),
                figure,
                (figure == null ? "" : figure + " " + display.symbol() + ": ")
                        + Words.of(verdict.outcome().word()));
    }

    static AttemptResult of(Attempt attempt, SetUp setUp) {
        Display display = SetUpDisplay.figures(setUp);
        Verdict verdict = attempt.verdict();
        Double value = verdict.value();
        String figure = value == null ? null : display.judged(verdict);
        return new AttemptResult(
                choice(verdict.outcome(), verdict.outcome().word()),
                Words.of(verdict.outcome().word())
                        + (figure == null ? "" : " " + figure + " " + display.symbol())
                        + attempt.combined(Words.of(setUp.requirement()
                                        .terms()
                                        .combination()
                                        .title()))
                                .map(words -> ", " + words)
                                .orElse(""),
                figure);
    }

    private static List<TableResult> tables(DetailsView said) {
        return said.tables().stream()
                .map(table -> new TableResult(
                        table.title(),
                        table.columns(),
                        table.rows().stream()
                                .map(row -> new RowResult(row.name(), row.cells()))
                                .toList()))
                .toList();
    }

    private static List<Named> budget(SetUp setUp) {
        Display display = SetUpDisplay.readings(setUp);
        return setUp.judgement().budget().stream()
                .flatMap(budget -> budget.parts().stream())
                .map(part ->
                        new Named(Words.of(part.source().title()), display.amount(part.standard()), display.symbol()))
                .toList();
    }

    private Drawings drawings(SetUp setUp, Verdict verdict, Display display) {
        Picture picture = SetUpDisplay.picture(setUp);
        VerdictRule rule = VerdictRule.wide(verdict, display, setUp.assessment().reduction());
        return new Drawings(
                picture.title(),
                picture.scaleLine(),
                picture.offsetLine().orElse(""),
                drawings.write(picture),
                verdict.value() == null || setUp.wholeLeftOut().isPresent()
                        ? ""
                        : drawings.write(rule, display.symbol()));
    }
}
