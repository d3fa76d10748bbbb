package org.eskarn.app.table;

import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.eskarn.app.page.DetailsView;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Typed;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.Pictures;
import org.eskarn.app.picture.engine.Subject;
import org.eskarn.app.picture.engine.View;
import org.eskarn.app.picture.flat.Changes;
import org.eskarn.core.evaluation.Assessment;
import org.eskarn.core.evaluation.Reduction;
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
import org.eskarn.core.result.Details;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.DecisionRule;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** A grid of heights that is pasted whole, alone or beside an earlier one. Nothing is stored; it is sent as a form for its size. */
@Controller
@RequestMapping("/tables/grid")
class GridController {

    private static final List<LengthUnit> READ_IN =
            List.of(LengthUnit.MICROMETRE, LengthUnit.MILLIMETRE, LengthUnit.TENTH, LengthUnit.THOU, LengthUnit.INCH);

    /**
     * What stands in the fields.
     *
     * @param heights a line for each row, the back row first
     * @param earlier the same places before; empty for none
     * @param border whether both are levelled to their borders before they are compared
     */
    record GridForm(
            @Nullable String heights,
            @Nullable String earlier,
            @Nullable Boolean border,
            @Nullable String stepX,
            @Nullable String stepY,
            @Nullable LengthUnit unit,
            @Nullable LengthUnit readIn,
            @Nullable View view) {

        GridForm filled() {
            return new GridForm(
                    heights == null ? "" : heights,
                    earlier == null ? "" : earlier,
                    Boolean.TRUE.equals(border),
                    stepX == null ? "10" : stepX,
                    stepY == null ? "10" : stepY,
                    unit == null ? LengthUnit.MILLIMETRE : unit,
                    readIn == null ? LengthUnit.MICROMETRE : readIn,
                    view == null ? View.AS_READ : view);
        }
    }

    @ModelAttribute
    void everywhere(Model model) {
        model.addAttribute("place", "tables");
        model.addAttribute("problems", Map.of());
        model.addAttribute("units", LengthUnit.values());
        model.addAttribute("readIns", READ_IN);
        model.addAttribute("views", View.values());
    }

    @GetMapping
    String show(Model model) {
        model.addAttribute("form", new GridForm(null, null, null, null, null, null, null, null).filled());
        return "table/grid";
    }

    @PostMapping
    String work(GridForm typed, Model model) {
        GridForm form = typed.filled();
        model.addAttribute("form", form);
        Typed reader = new Typed(new LinkedHashMap<>());
        PastedGrid grid = grid(reader, "heights", form, form.heights());
        boolean two = !Typed.text(form.earlier()).isEmpty();
        PastedGrid earlier = two ? grid(reader, "earlier", form, form.earlier()) : null;
        if (grid != null && earlier != null && !grid.matches(earlier)) {
            reader.problem(
                    "earlier",
                    Words.say(
                            "calculators.the-earlier-grid-has-heights-this-one",
                            earlier.rows(),
                            earlier.columns(),
                            grid.rows(),
                            grid.columns()));
        }
        model.addAttribute("problems", reader.problems());
        if (grid != null && reader.problems().isEmpty()) {
            fill(model, form, grid, earlier);
        }
        return "table/grid";
    }

    private static @Nullable PastedGrid grid(Typed reader, String field, GridForm form, @Nullable String pasted) {
        BigDecimal stepX = reader.above("stepX", form.stepX(), Words.say("calculators.a-distance"));
        BigDecimal stepY = reader.above("stepY", form.stepY(), Words.say("calculators.a-distance"));
        if (stepX == null || stepY == null) {
            reader.problem(
                    stepX == null ? "stepX" : "stepY", Words.say("calculators.type-how-far-the-places-are-apart"));
            return null;
        }
        try {
            return PastedGrid.read(
                    String.valueOf(pasted),
                    stepX,
                    stepY,
                    Objects.requireNonNull(form.unit()),
                    Objects.requireNonNull(form.readIn()));
        } catch (LayoutRejected e) {
            reader.problem(field, Words.of(e.note()));
            return null;
        }
    }

    private static void fill(Model model, GridForm form, PastedGrid grid, @Nullable PastedGrid earlier) {
        LengthUnit readIn = Objects.requireNonNull(form.readIn());
        Display display = new Display(readIn);
        View view = Objects.requireNonNull(form.view());
        Length one = new Length(BigDecimal.ONE.movePointLeft(3), readIn);
        Requirement terms = new Requirement(
                Characteristic.FLATNESS,
                SurfaceSide.OUTSIDE,
                Limit.none(LimitUnit.of(Objects.requireNonNull(form.unit()))),
                StatedAs.MINIMUM_ZONE,
                DecisionRule.SIMPLE,
                Optional.empty(),
                FlickerRule.MIDDLE,
                1,
                grid.layout(),
                Basis.NONE);
        Assessment assessment = Assessment.of(terms, new Dial(one, one, one), grid.sweep(), Corrections.NONE);
        Details told = assessment.reduction().map(Reduction::told).orElse(Details.NOTHING);
        model.addAttribute("said", DetailsView.of(told, display, display));
        model.addAttribute("missing", assessment.missing().map(Words::of).orElse(""));
        model.addAttribute("count", Words.say("calculators.rows-of", grid.rows(), grid.columns()));
        Subject subject = new Subject(
                terms, Words.say("calculators.face"), Words.say("calculators.seen-from-above"), Optional.empty());
        model.addAttribute("picture", Pictures.of(subject, assessment, display, view));
        if (earlier != null) {
            boolean border = Boolean.TRUE.equals(form.border());
            model.addAttribute(
                    "changes",
                    Changes.of(
                            Words.say("calculators.face"),
                            earlier.sweep(),
                            grid.sweep(),
                            border,
                            display,
                            view.raised()));
        }
    }
}
