package org.eskarn.app.table;

import jakarta.servlet.http.HttpServletRequest;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Typed;
import org.eskarn.app.picture.ConvergenceDrawing;
import org.eskarn.app.remedy.Advice;
import org.eskarn.app.remedy.CutAdvice;
import org.eskarn.app.remedy.RemedyAdvice;
import org.eskarn.app.remedy.RemedyForm;
import org.eskarn.app.remedy.RemedyKind;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.ReadingUnit;
import org.eskarn.core.remedy.Truing;
import org.eskarn.core.requirement.Zeroing;
import org.eskarn.core.round.Harmonics;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.round.VBlock;
import org.eskarn.core.size.TouchingOff;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.Bounds;
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
    private static final int LONGEST_LOG = 60;

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
            @RequestParam(required = false) @Nullable LayoutKind layoutBefore,
            @RequestParam(defaultValue = "") String whole,
            Model model,
            HttpServletRequest request) {
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
        model.addAttribute("form", form);
        model.addAttribute("measured", measured);
        model.addAttribute("problems", problems);
        model.addAttribute("readingUnits", READING_UNITS);
        model.addAttribute("sides", SurfaceSide.values());
        model.addAttribute("zeroings", Zeroing.values());
        return request.getHeader("HX-Request") == null || !whole.isEmpty()
                ? "table/measure"
                : "table/measure :: answer";
    }

    /** What a V-block of a chosen angle makes of each number of lobes. */
    record VeeLine(int lobes, String factor, String meaning) {}

    private static void vee(MeasureForm form, Map<String, String> problems, Model model) {
        if (Typed.text(form.vee()).isEmpty()) {
            return;
        }
        Typed typed = new Typed(problems);
        BigDecimal angle = typed.above("vee", form.vee(), "The angle of a V");
        if (angle == null || angle.doubleValue() >= 180) {
            typed.problem("vee", "A V has an included angle above 0 and below 180 degrees.");
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
                            ? "hidden"
                            : factor < 0.95 ? "made smaller" : factor > 1.05 ? "made larger" : "as it is"));
        }
        model.addAttribute("veeLines", lines);
    }

    /** The log of truing a pressed assembly. */
    @GetMapping("/truing")
    String truing(
            @RequestParam(defaultValue = "") String movements,
            @RequestParam(defaultValue = "") String limit,
            @RequestParam(defaultValue = "1") String graduation,
            @RequestParam(defaultValue = "MICROMETRE") LengthUnit unit,
            Model model) {
        Typed typed = new Typed(new LinkedHashMap<>());
        double one = unit.micrometres().doubleValue();
        List<Double> log = new ArrayList<>();
        for (String word : movements.split("[\\s;]+")) {
            BigDecimal movement = typed.number("movements", word);
            if (movement != null && movement.signum() < 0) {
                typed.problem("movements", "A movement is never negative, as is " + movement.toPlainString() + ".");
            } else if (movement != null) {
                log.add(movement.doubleValue() * one);
            }
        }
        if (log.size() > LONGEST_LOG) {
            typed.problem("movements", "Sixty movements are enough.");
        }
        BigDecimal most = typed.above("limit", limit, "A limit");
        BigDecimal division = typed.above("graduation", graduation, "A graduation");
        model.addAttribute("movements", movements);
        model.addAttribute("limit", limit);
        model.addAttribute("graduation", graduation);
        model.addAttribute("unit", unit);
        model.addAttribute("problems", typed.problems());
        if (!log.isEmpty() && typed.problems().isEmpty()) {
            Bounds bounds = most == null ? Bounds.OPEN : Bounds.atMost(most.doubleValue() * one);
            Truing truing = Truing.of(log, bounds, division == null ? one : division.doubleValue() * one);
            Display display = new Display(unit);
            model.addAttribute("truing", truing);
            model.addAttribute("next", display.amount(truing.next()) + " " + display.symbol());
            model.addAttribute("picture", ConvergenceDrawing.of(truing, bounds, List.of(), display));
        }
        return "table/truing";
    }

    /** Centre to edge with an edge finder. */
    @GetMapping("/touching")
    String touching(
            @RequestParam(defaultValue = "") String finder,
            @RequestParam(defaultValue = "") String pin,
            @RequestParam(defaultValue = "") String one,
            @RequestParam(defaultValue = "") String other,
            @RequestParam(defaultValue = "MILLIMETRE") LengthUnit unit,
            Model model) {
        Typed typed = new Typed(new LinkedHashMap<>());
        BigDecimal d = typed.above("finder", finder, "The diameter of the finder");
        BigDecimal of = typed.number("pin", pin);
        BigDecimal first = typed.number("one", one);
        BigDecimal second = typed.number("other", other);
        if (of != null && of.signum() < 0) {
            typed.problem("pin", "The diameter of a pin is not below zero; leave it empty for a flat edge.");
        }
        model.addAttribute("finder", finder);
        model.addAttribute("pin", pin);
        model.addAttribute("one", one);
        model.addAttribute("other", other);
        model.addAttribute("unit", unit);
        model.addAttribute("problems", typed.problems());
        if (d != null && typed.problems().isEmpty()) {
            Display display = new Display(unit);
            double diameter = d.doubleValue();
            double distance = TouchingOff.centreDistance(diameter, of == null ? 0 : of.doubleValue());
            double in = unit.micrometres().doubleValue();
            model.addAttribute("distance", display.amount(distance * in));
            if (first != null) {
                model.addAttribute(
                        "centres",
                        List.of(
                                display.amount((first.doubleValue() + distance) * in),
                                display.amount((first.doubleValue() - distance) * in)));
            }
            if (first != null && second != null) {
                model.addAttribute(
                        "middle", display.amount(TouchingOff.middle(first.doubleValue(), second.doubleValue()) * in));
                double width = TouchingOff.width(first.doubleValue(), second.doubleValue(), diameter);
                model.addAttribute("width", display.amount(width * in));
                model.addAttribute(
                        "inside",
                        display.amount((Math.abs(second.doubleValue() - first.doubleValue()) + diameter) * in));
            }
        }
        return "table/touching";
    }
}
