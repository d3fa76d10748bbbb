package org.eskarn.app.part;

import java.util.Map;
import org.eskarn.app.account.SignedIn;
import org.eskarn.app.page.FormRefused;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The library of set-up sheets. */
@Controller
@RequestMapping("/parts/sheets")
class SheetController {

    private final SheetService sheets;

    SheetController(SheetService sheets) {
        this.sheets = sheets;
    }

    @GetMapping
    String show(@AuthenticationPrincipal SignedIn person, Model model) {
        model.addAttribute("place", "parts");
        model.addAttribute("mayWrite", person.role().drafts());
        model.addAttribute("sheets", sheets.all());
        model.addAttribute("problems", Map.of());
        return "part/sheets";
    }

    @PostMapping("/{kind}")
    String change(
            @PathVariable WorkKind kind,
            @RequestParam int version,
            @RequestParam String text,
            @AuthenticationPrincipal SignedIn person,
            Model model) {
        try {
            sheets.change(kind, version, text);
            return "redirect:/parts/sheets#" + kind.name();
        } catch (FormRefused e) {
            show(person, model);
            model.addAttribute("problems", e.problems());
            model.addAttribute("typedKind", kind);
            model.addAttribute("typedText", text);
            return "part/sheets";
        }
    }
}
