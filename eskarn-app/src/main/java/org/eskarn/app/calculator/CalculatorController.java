package org.eskarn.app.calculator;

import io.github.wimdeblauwe.htmx.spring.boot.mvc.HtmxRequest;
import java.util.List;
import java.util.Map;
import org.eskarn.app.account.AccountService;
import org.eskarn.app.account.SignedIn;
import org.eskarn.app.docket.OpenRequirementService;
import org.eskarn.app.page.NotFound;
import org.eskarn.app.page.Units;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Tables: type it, get the answer. Nothing here is stored. */
@Controller
@RequestMapping("/tables")
class CalculatorController {

    private final Calculators calculators;
    private final OpenRequirementService dockets;
    private final AccountService accounts;

    CalculatorController(Calculators calculators, OpenRequirementService dockets, AccountService accounts) {
        this.calculators = calculators;
        this.dockets = dockets;
        this.accounts = accounts;
    }

    @ModelAttribute
    void everywhere(Model model) {
        model.addAttribute("place", "tables");
    }

    @GetMapping
    String list(@RequestParam(defaultValue = "") String find, Model model) {
        model.addAttribute("find", find);
        model.addAttribute("found", calculators.grouped(find));
        return "calculator/tables";
    }

    /** Opens the first of what was found; the list again where nothing was. */
    @GetMapping("/find")
    String open(@RequestParam(defaultValue = "") String find, Model model) {
        List<Calculator> found = calculators.find(find);
        return find.isBlank() || found.isEmpty()
                ? list(find, model)
                : "redirect:" + found.get(0).worked();
    }

    @GetMapping("/{path}")
    String show(
            @PathVariable String path,
            @RequestParam Map<String, String> typed,
            @AuthenticationPrincipal SignedIn person,
            Model model,
            HtmxRequest request) {
        Calculator calculator = calculators.at(path).orElseThrow(NotFound::new);
        Units units = accounts.units(person.id());
        Sheet sheet = Sheet.of(calculator, UnitsFollowed.of(calculator, typed, units));
        model.addAttribute(UnitsFollowed.SHOWN, units.name());
        model.addAttribute("sheet", sheet);
        model.addAttribute("problems", sheet.problems());
        if (sheet.answer().isPresent()) {
            model.addAttribute("open", dockets.asking(calculator.asked()));
        }
        // What comes and goes with a choice is drawn anew as a whole.
        boolean whole = !request.isHtmxRequest() || typed.containsKey("whole");
        model.addAttribute("whole", whole);
        return whole ? "calculator/calculator" : "calculator/calculator :: answer";
    }

    /** The same of what is pasted, which may be longer than an address. */
    @PostMapping("/{path}")
    String work(
            @PathVariable String path,
            @RequestParam Map<String, String> typed,
            @AuthenticationPrincipal SignedIn person,
            Model model,
            HtmxRequest request) {
        return show(path, typed, person, model, request);
    }
}
