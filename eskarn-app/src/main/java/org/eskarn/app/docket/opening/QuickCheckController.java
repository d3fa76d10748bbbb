package org.eskarn.app.docket.opening;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.eskarn.app.account.AccountService;
import org.eskarn.app.account.SignedIn;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.Units;
import org.eskarn.app.part.QuickParts;
import org.eskarn.app.part.UnreadPicture;
import org.eskarn.core.units.LengthUnit;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** One line, what it means, and on to the readings. */
@Controller
@RequestMapping("/quick")
class QuickCheckController {

    private final QuickCheckService quick;
    private final QuickParts parts;
    private final AccountService accounts;

    QuickCheckController(QuickCheckService quick, QuickParts parts, AccountService accounts) {
        this.quick = quick;
        this.parts = parts;
        this.accounts = accounts;
    }

    @GetMapping
    String show(@RequestParam(defaultValue = "") String line, @AuthenticationPrincipal SignedIn person, Model model) {
        LengthUnit usual = Units.INCH == accounts.units(person.id()) ? LengthUnit.INCH : LengthUnit.MILLIMETRE;
        return page(line, "", usual, UUID.randomUUID().toString(), Map.of(), model);
    }

    /** What the line means as it is being typed, nothing stored. */
    @PostMapping("/preview")
    String preview(@RequestParam String line, @RequestParam(defaultValue = "") String unit, Model model) {
        return page(line, "", unit(unit), "", Map.of(), model) + " :: meant";
    }

    @PostMapping
    String open(
            @RequestParam String line,
            @RequestParam(defaultValue = "") String piece,
            @RequestParam(defaultValue = "") String unit,
            @RequestParam(defaultValue = "") String key,
            @AuthenticationPrincipal SignedIn person,
            Model model) {
        try {
            return "redirect:/dockets/" + quick.open(line, piece, unit(unit), key, person.name(), person.id());
        } catch (FormRefused e) {
            return page(line, piece, unit(unit), key, e.problems(), model);
        }
    }

    private static LengthUnit unit(String named) {
        return named.equals(LengthUnit.INCH.name()) ? LengthUnit.INCH : LengthUnit.MILLIMETRE;
    }

    private String page(
            String line, String piece, LengthUnit unit, String key, Map<String, String> problems, Model model) {
        model.addAttribute("place", "bench");
        model.addAttribute("line", line);
        model.addAttribute("piece", piece);
        model.addAttribute("unit", unit);
        model.addAttribute("units", List.of(LengthUnit.MILLIMETRE, LengthUnit.INCH));
        model.addAttribute("key", key);
        model.addAttribute("problems", problems);
        if (!line.isBlank()) {
            QuickParts.Meant meant = parts.meant(line, unit);
            model.addAttribute("meant", meant);
            if (meant.requirement() != null) {
                model.addAttribute("picture", UnreadPicture.of(meant.requirement()));
            }
        }
        return "docket/quick";
    }
}
