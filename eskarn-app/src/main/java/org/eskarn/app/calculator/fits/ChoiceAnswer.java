package org.eskarn.app.calculator.fits;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.calculator.Answer;
import org.eskarn.app.calculator.Answering;
import org.eskarn.app.field.Fields;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.engine.Drawing;
import org.eskarn.app.picture.fit.RangesDrawing;
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
        Length size = fields.size("size", Words.say("calculators.a-nominal-size"));
        Choices.Use use = use(fields);
        BigDecimal typed = fields.turns("turns");
        double turns = typed == null ? 0 : typed.doubleValue();
        if (turns < 0) {
            fields.problem("turns", Words.say("calculators.turns-are-not-below-zero"));
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
                    Words.say(
                            "calculators.to",
                            small.signed(choice.fit().least()),
                            small.signed(choice.fit().most())),
                    Words.of(choice.fit().kind().title()),
                    Words.of(choice.reason()),
                    choice.doubt().map(Words::of).orElse("")));
        }
        answer.headline(
                choices.isEmpty()
                        ? Words.say("calculators.none-of-the-fits-in-the-table", size)
                        : Words.say(
                                "calculators.first-choice-for",
                                size,
                                choices.get(0).code()));
        if (!choices.isEmpty()) {
            answer.picture(clearances(choices, film, use, small));
        }
        film(answer, film, use, small);
        answer.remark(Words.say("calculators.a-hole-to-h-leaves-the-shaft"));
        answer.governs(Words.say("calculators.where-lives-depend-on-the-fit-a"));
        return Optional.of(answer.done());
    }

    /** What each of them leaves, beside what the oil film wants. */
    private static Drawing clearances(List<Choice> choices, @Nullable OilFilm film, Choices.Use use, Display small) {
        boolean runs = film != null && use == Choices.Use.RUNNING;
        return RangesDrawing.of(
                Words.say("calculators.clearance-of-each-choice"),
                small.symbol(),
                choices.stream()
                        .map(choice -> new RangesDrawing.Range(
                                choice.code().toString(),
                                small.of(choice.fit().least()),
                                small.of(choice.fit().most())))
                        .toList(),
                runs && film != null
                        ? new RangesDrawing.Limits(small.of(film.least()), small.of(film.most()))
                        : RangesDrawing.Limits.NONE,
                true,
                amount -> small.signed(small.micrometres(amount)));
    }

    private static void film(Answering answer, @Nullable OilFilm film, Choices.Use use, Display small) {
        if (film == null) {
            if (use == Choices.Use.RUNNING) {
                answer.remark(Words.say("calculators.type-the-turns-per-minute-and-the"));
            }
            return;
        }
        answer.fact(
                Words.say("calculators.surface-speed"),
                String.format(java.util.Locale.ROOT, "%.2f", film.speed()),
                "m/s");
        if (use == Choices.Use.RUNNING) {
            answer.fact(Words.say("calculators.the-oil-film-wants-about"), film.wanted(), small);
            answer.fact(
                    Words.say("calculators.room-for-it-from-to"),
                    small.amount(film.least()) + " – " + small.amount(film.most()),
                    small.symbol());
            answer.remark(Words.say("calculators.too-tight-is-as-bad-as-too"));
        }
    }
}
