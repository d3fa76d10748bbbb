package org.eskarn.app.calculator.measure;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.eskarn.app.calculator.Answer;
import org.eskarn.app.calculator.Answering;
import org.eskarn.app.calculator.Calculator;
import org.eskarn.app.field.Field;
import org.eskarn.app.field.Fields;
import org.eskarn.app.page.Coverage;
import org.eskarn.app.page.DetailsView;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.FormFields;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.engine.View;
import org.eskarn.app.remedy.Correction;
import org.eskarn.core.evaluation.Assessment;
import org.eskarn.core.evaluation.Reduction;
import org.eskarn.core.reading.ReturnCheck;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.uncertainty.UncertaintyBudget;
import org.eskarn.core.verdict.Verdict;

/** A sweep worked out along the one path that dockets take too, with the correction that follows from it. */
public final class MeasureAnswer {

    private MeasureAnswer() {}

    /**
     * What stands below the figures.
     *
     * @param correction empty where there is nothing to correct
     * @param vee what a V-block makes of each number of lobes; empty where none is asked for
     */
    public record Below(Optional<Correction> correction, Optional<DetailsView.Table> vee) {}

    /**
     * @param correctionOnly whether the correction is what is asked for, and the readings only lead to it
     */
    static Optional<Answer> of(Characteristic what, boolean correctionOnly, Fields fields) {
        MeasureForm form = form(what, fields);
        Measured measured = Measured.of(form);
        measured.problems().forEach(fields::problem);
        Optional<DetailsView.Table> vee = VeeBlockTable.of(fields);
        if (measured.found().isEmpty()) {
            return Optional.empty();
        }
        Answering answer = new Answering();
        Assessment assessment = measured.assessment();
        answer.above(Words.say(
                "calculators.of-readings",
                measured.readings(),
                measured.expected(),
                assessment.sweep().layout().returns() ? Words.say("calculators.the-return-last") : ""));
        if (!correctionOnly) {
            assessment.reduction().ifPresent(reduction -> judged(answer, measured, reduction));
        }
        assessment.missing().map(Words::of).ifPresent(answer::warning);
        assessment.returnCheck().filter(check -> !check.holds()).ifPresent(check -> moved(answer, measured, check));
        if (!correctionOnly) {
            answer.picture(measured.picture(java.util.Objects.requireNonNull(form.view())));
            answer.views(views(measured));
            if (measured.reduced()) {
                answer.told(measured.said());
            }
        }
        Optional<Correction> correction = correction(measured, fields);
        correction.ifPresent(each -> each.fields().problems().forEach(fields::problem));
        correction
                .filter(each -> !each.asked().isEmpty() && each.advice().ready())
                .ifPresent(each -> answer.taken("/remedy" + Calculator.query(taken(each))));
        answer.more("calculator/measure", "below", new Below(correction, vee));
        return Optional.of(answer.done());
    }

    /** What stands in the fields by the names of the form; a choice that was not made is left to what is usual. */
    private static MeasureForm form(Characteristic what, Fields fields) {
        Map<String, String> texts = new LinkedHashMap<>(fields.texts());
        fields.all().stream()
                .filter(field -> field.quantity().chosen())
                .map(Field::name)
                .filter(fields::empty)
                .forEach(texts::remove);
        texts.put("what", what.name());
        return FormFields.bind(MeasureForm.class, texts).filled();
    }

    private static void judged(Answering answer, Measured measured, Reduction reduction) {
        Verdict verdict = measured.assessment().verdict();
        Display figures = measured.figures();
        Display deviations = measured.found().orElseThrow().deviations();
        answer.headline(Words.capital(measured.judgedName()) + " "
                + (verdict.value() == null ? figures.amount(reduction.judged()) : figures.judged(verdict)) + " "
                + figures.symbol());
        UncertaintyBudget budget = reduction.budget();
        Display display = figures.symbol().equals("°") ? figures : deviations;
        String known = display.knownTo(reduction.judged(), budget.expanded(), budget.below());
        answer.known(known.replace("±", "± ") + " " + display.symbol() + " (" + Coverage.said(budget) + ")");
        if (!verdict.bounds().open()) {
            answer.verdict("", verdict, measured.rule(), figures.symbol());
        }
    }

    private static void moved(Answering answer, Measured measured, ReturnCheck check) {
        Display deviations = measured.found().orElseThrow().deviations();
        answer.warning(Words.say(
                "calculators.the-zero-did-not-hold-off-by", deviations.signed(check.error()), deviations.symbol()));
    }

    private static List<String> views(Measured measured) {
        List<String> views = new ArrayList<>();
        if (measured.levels()) {
            for (View view : View.values()) {
                if (!view.raised() || measured.raises()) {
                    views.add(view.name());
                }
            }
        }
        return views;
    }

    /** The correction as it was typed here, without what the docket knows better: the size it begins from, and all that is usual. */
    private static Map<String, String> taken(Correction correction) {
        Map<String, String> taken =
                new LinkedHashMap<>(Map.of("kind", correction.kind().name()));
        taken.putAll(correction.kept());
        correction.asked().stream()
                .filter(field -> correction.fields().empty(field.name())
                        || correction.fields().shown(field.name()).equals(field.usual()))
                .map(Field::name)
                .forEach(taken::remove);
        taken.keySet().removeAll(List.of("measured", "read", "middle"));
        return taken;
    }

    private static Optional<Correction> correction(Measured measured, Fields fields) {
        return measured.found()
                .filter(found -> measured.reduced() && measured.assessment().counts())
                .map(found -> Correction.of(found, fields.sent()))
                .filter(correction -> !correction.kinds().isEmpty());
    }
}
