package org.eskarn.app.table;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Typed;
import org.eskarn.app.page.TypedQuantity;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.round.ConvergenceDrawing;
import org.eskarn.core.remedy.Truing;
import org.eskarn.core.size.TouchingOff;
import org.eskarn.core.units.Length;
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
        for (String word : TypedQuantity.joined(movements).split("[\\s;]+")) {
            Length movement = typed.length("movements", word, unit);
            if (movement != null && movement.amount().signum() < 0) {
                typed.problem(
                        "movements",
                        Words.say(
                                "calculators.a-movement-is-never-negative-as-is",
                                movement.amount().toPlainString()));
            } else if (movement != null) {
                log.add(movement.micrometres());
            }
        }
        if (log.size() > LONGEST_LOG) {
            typed.problem("movements", Words.say("calculators.sixty-movements-are-enough"));
        }
        Length most = typed.lengthAbove("limit", limit, unit, Words.say("calculators.a-limit"));
        Length division = typed.lengthAbove("graduation", graduation, unit, Words.say("calculators.a-graduation"));
        model.addAttribute("movements", movements);
        model.addAttribute("limit", limit);
        model.addAttribute("graduation", graduation);
        model.addAttribute("unit", unit);
        model.addAttribute("problems", typed.problems());
        if (!log.isEmpty() && typed.problems().isEmpty()) {
            Bounds bounds = most == null ? Bounds.OPEN : Bounds.atMost(most.micrometres());
            Truing truing = Truing.of(log, bounds, division == null ? one : division.micrometres());
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
        Length d = typed.lengthAbove("finder", finder, unit, Words.say("calculators.the-diameter-of-the-finder"));
        Length of = typed.length("pin", pin, unit);
        Length first = typed.length("one", one, unit);
        Length second = typed.length("other", other, unit);
        if (of != null && of.amount().signum() < 0) {
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
            double diameter = d.micrometres();
            double distance = TouchingOff.centreDistance(diameter, of == null ? 0 : of.micrometres());
            model.addAttribute("distance", display.amount(distance));
            if (first != null) {
                model.addAttribute(
                        "centres",
                        List.of(
                                display.amount(first.micrometres() + distance),
                                display.amount(first.micrometres() - distance)));
            }
            if (first != null && second != null) {
                double from = first.micrometres();
                double to = second.micrometres();
                model.addAttribute("middle", display.amount(TouchingOff.middle(from, to)));
                model.addAttribute("width", display.amount(TouchingOff.width(from, to, diameter)));
                model.addAttribute("inside", display.amount(Math.abs(to - from) + diameter));
            }
        }
        return "table/touching";
    }
}
