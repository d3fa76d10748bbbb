package org.eskarn.app.table;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Typed;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.round.ConvergenceDrawing;
import org.eskarn.core.remedy.Truing;
import org.eskarn.core.size.TouchingOff;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.Bounds;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Calculators for work at the bench and the machine, which take no sweep. Nothing here is stored. */
@Controller
@RequestMapping("/tables")
class ShopController {

    private static final int LONGEST_LOG = 60;

    @ModelAttribute
    void everywhere(Model model) {
        model.addAttribute("place", "tables");
        model.addAttribute("problems", Map.of());
        model.addAttribute("units", LengthUnit.values());
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
                typed.problem(
                        "movements",
                        Words.say("calculators.a-movement-is-never-negative-as-is", movement.toPlainString()));
            } else if (movement != null) {
                log.add(movement.doubleValue() * one);
            }
        }
        if (log.size() > LONGEST_LOG) {
            typed.problem("movements", Words.say("calculators.sixty-movements-are-enough"));
        }
        BigDecimal most = typed.above("limit", limit, Words.say("calculators.a-limit"));
        BigDecimal division = typed.above("graduation", graduation, Words.say("calculators.a-graduation"));
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
        BigDecimal d = typed.above("finder", finder, Words.say("calculators.the-diameter-of-the-finder"));
        BigDecimal of = typed.number("pin", pin);
        BigDecimal first = typed.number("one", one);
        BigDecimal second = typed.number("other", other);
        if (of != null && of.signum() < 0) {
            typed.problem("pin", Words.say("calculators.the-diameter-of-a-pin-is-not"));
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
