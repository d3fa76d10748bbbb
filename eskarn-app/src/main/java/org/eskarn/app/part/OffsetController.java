package org.eskarn.app.part;

import java.util.Map;
import org.eskarn.app.account.SignedIn;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.NotFound;
import org.eskarn.app.part.OffsetService.OffsetForm;
import org.eskarn.core.remedy.Available;
import org.eskarn.core.units.LengthUnit;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** The drawer of a part: its offset dowels, eccentric bushes and shims. */
@Controller
@RequestMapping("/parts/{id}/offsets")
class OffsetController {

    private final PartService parts;
    private final OffsetService offsets;

    OffsetController(PartService parts, OffsetService offsets) {
        this.parts = parts;
        this.offsets = offsets;
    }

    @ModelAttribute
    void everywhere(@PathVariable long id, Model model, @AuthenticationPrincipal SignedIn person) {
        Part part = parts.part(id).orElseThrow(NotFound::new);
        model.addAttribute("place", "parts");
        model.addAttribute("part", part);
        model.addAttribute("mayWrite", person.role().drafts());
        model.addAttribute("problems", Map.of());
        model.addAttribute("kinds", Available.Kind.values());
        model.addAttribute("units", LengthUnit.values());
        model.addAttribute("form", new OffsetForm(Available.Kind.DOWEL, "", "", LengthUnit.MILLIMETRE));
    }

    @GetMapping
    String show(@PathVariable long id, Model model) {
        model.addAttribute("offsets", offsets.of(id));
        return "part/offsets";
    }

    @PostMapping
    String add(@PathVariable long id, OffsetForm form, Model model) {
        try {
            offsets.add(id, form);
            return "redirect:/parts/" + id + "/offsets";
        } catch (FormRefused e) {
            model.addAttribute("problems", e.problems());
            model.addAttribute("form", form);
            return show(id, model);
        }
    }

    @PostMapping("/{offset}/delete")
    String remove(@PathVariable long id, @PathVariable long offset) {
        offsets.remove(id, offset);
        return "redirect:/parts/" + id + "/offsets";
    }
}
