package org.eskarn.app.table;

import io.github.wimdeblauwe.htmx.spring.boot.mvc.HtmxRequest;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.eskarn.app.page.Typed;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.engine.View;
import org.eskarn.app.remedy.Advice;
import org.eskarn.app.remedy.CutAdvice;
import org.eskarn.app.remedy.RemedyAdvice;
import org.eskarn.app.remedy.RemedyForm;
import org.eskarn.core.flat.Reversal;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.ReadingUnit;
import org.eskarn.core.requirement.RemedyKind;
import org.eskarn.core.requirement.Zeroing;
import org.eskarn.core.round.Harmonics;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.round.VBlock;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Calculators that take readings: type them, get the answer. Nothing here is stored. */
@Controller
@RequestMapping("/tables")
class MeasureController {

    private static final List<ReadingUnit> READING_UNITS = List.of(
            ReadingUnit.MICROMETRE, ReadingUnit.MILLIMETRE, ReadingUnit.TENTH, ReadingUnit.THOU, ReadingUnit.INCH);

    @ModelAttribute
    void everywhere(Model model) {
        model.addAttribute("place", "tables");
        model.addAttribute("problems", Map.of());
        model.addAttribute("units", LengthUnit.values());
    }

    @GetMapping("/measure")
    String measure(
            MeasureForm typed,
            RemedyForm remedy,
            @RequestParam(required = false) @Nullable Calculator table,
            @RequestParam(required = false) @Nullable LayoutKind layoutBefore,
            @RequestParam(defaultValue = "") String whole,
            Model model,
            HtmxRequest request) {
        boolean other = layoutBefore != null && typed.layout() != null && typed.layout() != layoutBefore;
        MeasureForm form = other ? typed.anew().filled() : typed.filled();
        Measured measured = Measured.of(form);
        Map<String, String> problems = new LinkedHashMap<>(measured.problems());
        if (measured.reduced()) {
            List<RemedyKind> kinds = RemedyAdvice.kinds(measured.found().orElseThrow());
            boolean counts = measured.assessment().counts();
            if (counts && !kinds.isEmpty()) {
                Advice advice = RemedyAdvice.of(measured.found().orElseThrow(), remedy);
                model.addAttribute("kinds", kinds);
                model.addAttribute("advice", advice);
                model.addAttribute(
                        "remedyForm",
                        advice.kind() == RemedyKind.CUT
                                ? CutAdvice.filled(measured.found().orElseThrow(), remedy)
                                : remedy);
                problems.putAll(advice.problems());
            }
        }
        vee(form, problems, model);
        model.addAttribute("table", table);
        model.addAttribute("title", table == null ? title(form) : table.title());
        model.addAttribute("form", form);
        model.addAttribute("measured", measured);
        model.addAttribute("problems", problems);
        model.addAttribute("readingUnits", READING_UNITS);
        model.addAttribute("sides", SurfaceSide.values());
        model.addAttribute("zeroings", Zeroing.values());
        model.addAttribute("reversals", Reversal.values());
        model.addAttribute("flickers", FlickerRule.values());
        model.addAttribute("views", View.values());
        return !request.isHtmxRequest() || !whole.isEmpty() ? "table/measure" : "table/measure :: answer";
    }

    private static String title(MeasureForm form) {
        String title = Words.of(java.util.Objects.requireNonNull(form.what()).title());
        return Character.toUpperCase(title.charAt(0)) + title.substring(1);
    }

    /** What a V-block of a chosen angle makes of each number of lobes. */
    record VeeLine(int lobes, String factor, String meaning) {}

    private static void vee(MeasureForm form, Map<String, String> problems, Model model) {
        if (Typed.text(form.vee()).isEmpty()) {
            return;
        }
        Typed typed = new Typed(problems);
        BigDecimal angle = typed.above("vee", form.vee(), Words.say("calculators.the-angle-of-a-v"));
        if (angle == null || angle.doubleValue() >= 180) {
            typed.problem("vee", Words.say("calculators.a-v-has-an-included-angle-above"));
            return;
        }
        VBlock block = new VBlock(angle.doubleValue());
        List<VeeLine> lines = new ArrayList<>();
        for (int lobes = 2; lobes <= Harmonics.MOST; lobes++) {
            double factor = Math.abs(block.factor(lobes));
            lines.add(new VeeLine(
                    lobes,
                    BigDecimal.valueOf(factor)
                            .setScale(2, java.math.RoundingMode.HALF_UP)
                            .toPlainString(),
                    factor < 0.2
                            ? Words.say("calculators.lobes-hidden")
                            : factor < 0.95
                                    ? Words.say("calculators.made-smaller")
                                    : factor > 1.05
                                            ? Words.say("calculators.made-larger")
                                            : Words.say("calculators.as-it-is")));
        }
        model.addAttribute("veeLines", lines);
    }
}
