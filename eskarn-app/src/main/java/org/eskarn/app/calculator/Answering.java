package org.eskarn.app.calculator;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.page.DetailsView;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.engine.Picture;
import org.eskarn.app.picture.engine.VerdictRule;
import org.eskarn.app.picture.fit.RangesDrawing;
import org.eskarn.core.verdict.Bounds;
import org.eskarn.core.verdict.DecisionRule;
import org.eskarn.core.verdict.Outcome;
import org.eskarn.core.verdict.Verdict;

/** Puts an answer together. Not for sharing between requests. */
public final class Answering {

    private final List<String> cautions = new ArrayList<>();
    private final List<String> warnings = new ArrayList<>();
    private final List<String> remarks = new ArrayList<>();
    private final List<DetailsView.Line> facts = new ArrayList<>();
    private final List<DetailsView.Table> tables = new ArrayList<>();
    private String headline = "";
    private String symbol = "";
    private String governs = "";
    private String taken = "";
    private String judged = "";
    private String decided = "";
    private String above = "";
    private String known = "";
    private List<String> views = List.of();
    private Optional<Shown> more = Optional.empty();
    private final List<DetailsView.Table> limits = new ArrayList<>();
    private final List<Answer.Choice> choices = new ArrayList<>();
    private Optional<Outcome> outcome = Optional.empty();
    private Optional<VerdictRule> rule = Optional.empty();
    private Optional<Picture> picture = Optional.empty();

    public Answering headline(String said) {
        headline = said;
        return this;
    }

    public Answering above(String said) {
        above = said;
        return this;
    }

    /** @param names the values of the field at the picture that make sense of this answer */
    public Answering views(List<String> names) {
        views = names;
        return this;
    }

    public Answering known(String said) {
        known = said;
        return this;
    }

    public Answering more(String template, String fragment, Object it) {
        more = Optional.of(new Shown(template, fragment, it));
        return this;
    }

    public Answering remarks(List<String> said) {
        remarks.addAll(said);
        return this;
    }

    /** What was told of a sweep: its figures, tables and remarks. */
    public Answering told(DetailsView said) {
        facts.addAll(said.figures());
        tables.addAll(said.tables());
        return remarks(said.remarks());
    }

    /** What was judged elsewhere. */
    public Answering verdict(String what, Verdict verdict, VerdictRule drawn, String unit) {
        outcome = Optional.of(verdict.outcome());
        decided =
                verdict.expanded() > 0 ? Words.of(verdict.rule().title()) : Words.of(DecisionRule.withoutUncertainty());
        rule = Optional.of(drawn);
        symbol = unit;
        judged = what;
        return this;
    }

    public Answering cautions(List<String> said) {
        cautions.addAll(said);
        return this;
    }

    public Answering warning(String said) {
        warnings.add(said);
        return this;
    }

    public Answering remark(String said) {
        remarks.add(said);
        return this;
    }

    /** @param address what is added to that of a docket's requirement */
    public Answering taken(String address) {
        taken = address;
        return this;
    }

    public Answering governs(String said) {
        governs = said;
        return this;
    }

    public Answering picture(Picture drawn) {
        picture = Optional.of(drawn);
        return this;
    }

    /** A figure that can be below zero, or an amount, in µm. */
    public Answering fact(String name, double micrometres, Display display) {
        return fact(name, display.amount(micrometres), display.symbol());
    }

    public Answering fact(String name, String figure, String unit) {
        facts.add(new DetailsView.Line(name, figure, unit));
        return this;
    }

    public Answering table(String title, List<String> columns, List<DetailsView.Row> rows) {
        tables.add(new DetailsView.Table(title, columns, rows));
        return this;
    }

    public Answering choice(Answer.Choice choice) {
        choices.add(choice);
        return this;
    }

    /** The table that is read first. */
    public Answering limits(List<String> columns, List<DetailsView.Row> rows) {
        limits.add(new DetailsView.Table(Words.say("calculators.limits"), columns, rows));
        return this;
    }

    /** Limits as a picture of ranges has them. */
    public static RangesDrawing.Limits limitsOf(Bounds bounds, Display display) {
        Double lower = bounds.lower();
        Double upper = bounds.upper();
        return new RangesDrawing.Limits(
                lower == null ? null : (Double) display.of(lower), upper == null ? null : (Double) display.of(upper));
    }

    public static DetailsView.Row row(String name, String... cells) {
        return new DetailsView.Row(name, Arrays.asList(cells));
    }

    /**
     * Judges a range by the end of it that is worst placed.
     *
     * @param what is judged, against what
     * @param expanded uncertainty of either end, µm; with 0 the figures alone are compared
     */
    public Answering judged(String what, double least, double most, Bounds wanted, double expanded, Display display) {
        Verdict verdict = verdict(least, most, wanted, expanded);
        verdict(what, verdict, VerdictRule.wide(verdict, display, least, most), display.symbol());
        if (expanded > 0) {
            decided = Words.say("calculators.decided-with-u", decided, display.amount(expanded), display.symbol());
        }
        return this;
    }

    /** The verdict on the end of a range that is worst placed; without an uncertainty the figures alone are compared. */
    public static Verdict verdict(double least, double most, Bounds wanted, double expanded) {
        DecisionRule rule = expanded > 0 ? DecisionRule.STRINGENT : DecisionRule.SIMPLE;
        return Verdict.judge(wanted.worse(least, most), wanted, expanded, rule);
    }

    public Answer done() {
        return new Answer(
                List.copyOf(cautions),
                above,
                headline,
                known,
                outcome,
                judged,
                decided,
                rule,
                symbol,
                picture,
                List.copyOf(views),
                List.copyOf(limits),
                List.copyOf(choices),
                List.copyOf(warnings),
                List.copyOf(facts),
                List.copyOf(tables),
                List.copyOf(remarks),
                governs,
                taken,
                more);
    }
}
