package org.eskarn.app.part;

import java.util.List;
import java.util.Map;
import org.eskarn.app.account.SignedIn;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.NotFound;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Several requirements of a part at once, one to a line. */
@Controller
@RequestMapping("/parts/{id}/requirements/lines")
class LinesController {

    private final PartService parts;
    private final PartChangeService editing;
    private final SheetService sheets;

    LinesController(PartService parts, PartChangeService editing, SheetService sheets) {
        this.parts = parts;
        this.editing = editing;
        this.sheets = sheets;
    }

    @ModelAttribute
    void everywhere(@PathVariable long id, Model model, @AuthenticationPrincipal SignedIn person) {
        model.addAttribute("place", "parts");
        model.addAttribute("mayWrite", person.role().drafts());
        model.addAttribute("problems", Map.of());
        model.addAttribute("part", parts.part(id).orElseThrow(NotFound::new));
    }

    @GetMapping
    String show(@PathVariable long id, Model model) {
        return page(id, "", model);
    }

    /** What the lines mean as they are being typed, nothing stored. */
    @PostMapping("/preview")
    String preview(@PathVariable long id, @RequestParam String lines, Model model) {
        return page(id, lines, model) + " :: meant";
    }

    @PostMapping
    String add(@PathVariable long id, @RequestParam int version, @RequestParam String lines, Model model) {
        try {
            editing.addLines(id, version, lines, sheets.texts());
            return "redirect:/parts/" + id;
        } catch (FormRefused e) {
            model.addAttribute("problems", e.problems());
            return page(id, lines, model);
        }
    }

    private String page(long id, String lines, Model model) {
        List<Feature> features = parts.features(id);
        model.addAttribute("lines", lines);
        model.addAttribute("features", features);
        model.addAttribute("meant", RequirementLines.meant(lines, id, features, sheets.texts()));
        return "part/lines";
    }
}
