package org.eskarn.app.fit;

import java.util.List;
import java.util.Optional;
import org.eskarn.app.page.Display;
import org.eskarn.core.fit.Choices;
import org.eskarn.core.fit.Choices.Choice;
import org.eskarn.core.fit.OilFilm;
import org.eskarn.core.units.Length;
import org.jspecify.annotations.Nullable;

/** A short list of fits for a use, with the reasons. */
final class ChoiceAnswer {

    private ChoiceAnswer() {}

    static Choices.Use use(Fields fields) {
        return fields.choice("use", Choices.Use.RUNNING);
    }

    /** Empty where something typed cannot be read; an answer without a choice where nothing suits. */
    static Optional<Answer> of(Fields fields) {
        if (fields.empty("size")) {
            return Optional.empty();
        }
        Length size = fields.size("size", "a nominal size");
        Choices.Use use = use(fields);
        double turns = fields.number("turns", 0);
        if (turns < 0) {
            fields.problem("turns", "Turns are not below zero.");
        }
        if (size == null || !fields.readable()) {
            return Optional.empty();
        }
        OilFilm film = turns > 0 ? OilFilm.of(size.millimetres(), turns) : null;
        Display small = fields.deviations();
        List<Choice> choices = Choices.of(size, use, fields.choice("load", Choices.Load.NORMAL), film);
        Answering answer = new Answering();
        for (Choice choice : choices) {
            answer.choice(new Answer.Choice(
                    choice.code().toString(),
                    "/tables/fits?unit=" + fields.unit() + "&fit="
                            + java.net.URLEncoder.encode(
                                    size.amount().toPlainString() + " " + choice.code(),
                                    java.nio.charset.StandardCharsets.UTF_8),
                    small.signed(choice.fit().least()) + " to "
                            + small.signed(choice.fit().most()),
                    choice.fit().kind().title(),
                    choice.reason(),
                    choice.doubt()));
        }
        answer.headline(
                choices.isEmpty()
                        ? "None of the fits in the table suits " + size + "."
                        : "First choice for ⌀" + size + ": " + choices.get(0).code());
        film(answer, film, use, small);
        answer.remark(
                "A hole to H leaves the shaft to be made to fit. The drawing, the load worked out, and what the works has"
                        + " gauges for come before this list.");
        answer.governs("Where lives depend on the fit, a licensed engineer decides.");
        return Optional.of(answer.done());
    }

    private static void film(Answering answer, @Nullable OilFilm film, Choices.Use use, Display small) {
        if (film == null) {
            if (use == Choices.Use.RUNNING) {
                answer.remark("Type the turns per minute, and the list is ordered by what the oil film wants.");
            }
            return;
        }
        answer.fact("surface speed", String.format(java.util.Locale.ROOT, "%.2f", film.speed()), "m/s");
        if (use == Choices.Use.RUNNING) {
            answer.fact("the oil film wants about", film.wanted(), small);
            answer.fact(
                    "room for it, from … to",
                    small.amount(film.least()) + " – " + small.amount(film.most()),
                    small.symbol());
            answer.remark(
                    "Too tight is as bad as too loose: without room for the film the surfaces touch, with too much it does"
                            + " not carry.");
        }
    }
}
