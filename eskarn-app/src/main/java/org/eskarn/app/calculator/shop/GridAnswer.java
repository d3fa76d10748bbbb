package org.eskarn.app.calculator.shop;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.Optional;
import org.eskarn.app.calculator.Answer;
import org.eskarn.app.calculator.Answering;
import org.eskarn.app.field.Fields;
import org.eskarn.app.field.Quantity;
import org.eskarn.app.page.DetailsView;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.Pictures;
import org.eskarn.app.picture.engine.Subject;
import org.eskarn.app.picture.engine.View;
import org.eskarn.app.picture.flat.Changes;
import org.eskarn.core.evaluation.Assessment;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.Corrections;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.LayoutRejected;
import org.eskarn.core.reading.PastedGrid;
import org.eskarn.core.requirement.Basis;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.Limit;
import org.eskarn.core.requirement.LimitUnit;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.requirement.StatedAs;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.DecisionRule;
import org.jspecify.annotations.Nullable;

/** A grid of heights that is pasted whole, alone or beside an earlier one. */
final class GridAnswer {

    private GridAnswer() {}

    static Optional<Answer> of(Fields fields) {
        if (fields.empty("heights")) {
            return Optional.empty();
        }
        BigDecimal stepX = fields.above("stepX", Words.say("calculators.a-distance"));
        BigDecimal stepY = fields.above("stepY", Words.say("calculators.a-distance"));
        if (stepX == null || stepY == null) {
            fields.problem(
                    stepX == null ? "stepX" : "stepY", Words.say("calculators.type-how-far-the-places-are-apart"));
            return Optional.empty();
        }
        PastedGrid grid = grid(fields, "heights", stepX, stepY);
        PastedGrid earlier = fields.empty("earlier") ? null : grid(fields, "earlier", stepX, stepY);
        if (grid != null && earlier != null && !grid.matches(earlier)) {
            fields.problem(
                    "earlier",
                    Words.say(
                            "calculators.the-earlier-grid-has-heights-this-one",
                            earlier.rows(),
                            earlier.columns(),
                            grid.rows(),
                            grid.columns()));
        }
        if (grid == null || !fields.readable()) {
            return Optional.empty();
        }
        return Optional.of(answer(fields, grid, earlier));
    }

    private static LengthUnit readIn(Fields fields) {
        return fields.unitOf(Quantity.READ).orElse(LengthUnit.MICROMETRE);
    }

    private static @Nullable PastedGrid grid(Fields fields, String name, BigDecimal stepX, BigDecimal stepY) {
        try {
            return PastedGrid.read(fields.text(name), stepX, stepY, fields.unit(), readIn(fields));
        } catch (LayoutRejected e) {
            fields.problem(name, Words.of(e.note()));
            return null;
        }
    }

    private static Answer answer(Fields fields, PastedGrid grid, @Nullable PastedGrid earlier) {
        Display display = new Display(readIn(fields));
        View view = fields.choice("view", View.AS_READ);
        boolean border = fields.ticked("border");
        Requirement terms = new Requirement(
                Characteristic.FLATNESS,
                SurfaceSide.OUTSIDE,
                Limit.none(LimitUnit.of(fields.unit())),
                StatedAs.MINIMUM_ZONE,
                DecisionRule.SIMPLE,
                Optional.empty(),
                FlickerRule.MIDDLE,
                1,
                grid.layout(),
                Basis.NONE);
        Length one = new Length(BigDecimal.ONE.movePointLeft(3), readIn(fields));
        Assessment assessment = Assessment.of(terms, new Dial(one, one, one), grid.sweep(), Corrections.NONE);
        Answering answer = new Answering();
        answer.above(Words.say("calculators.rows-of", grid.rows(), grid.columns()));
        assessment.reduction().ifPresent(reduction -> {
            answer.headline(Words.capital(Words.of(terms.judgedName())) + " " + display.amount(reduction.judged()) + " "
                    + display.symbol());
            answer.told(DetailsView.of(reduction.told(), display, display));
        });
        assessment.missing().map(Words::of).ifPresent(answer::warning);
        Subject subject = new Subject(
                terms, Words.say("calculators.face"), Words.say("calculators.seen-from-above"), Optional.empty());
        answer.picture(Pictures.of(subject, assessment, display, view));
        answer.views(Arrays.stream(View.values()).map(View::name).toList());
        if (earlier != null) {
            answer.more(
                    "calculator/shop",
                    "changes",
                    Changes.of(
                            Words.say("calculators.face"),
                            earlier.sweep(),
                            grid.sweep(),
                            border,
                            display,
                            view.raised()));
        }
        return answer.done();
    }
}
