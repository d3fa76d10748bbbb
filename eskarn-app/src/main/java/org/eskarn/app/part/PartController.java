package org.eskarn.app.part;

import java.util.List;
import java.util.Map;
import org.eskarn.app.account.SignedIn;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.NotFound;
import org.eskarn.app.page.Words;
import org.eskarn.app.page.WorkDone;
import org.eskarn.app.part.PartChangeService.FeatureForm;
import org.eskarn.app.part.PartChangeService.PartForm;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Parts: their list, their heads, their features and revisions. */
@Controller
@RequestMapping("/parts")
class PartController {

    private final PartService parts;
    private final PartChangeService editing;
    private final WorkDone done;

    PartController(PartService parts, PartChangeService editing, WorkDone done) {
        this.parts = parts;
        this.editing = editing;
        this.done = done;
    }

    @ModelAttribute
    void everywhere(Model model, @AuthenticationPrincipal SignedIn person) {
        model.addAttribute("place", "parts");
        model.addAttribute("mayWrite", person.role().drafts());
        model.addAttribute("problems", Map.of());
    }

    @GetMapping
    String list(Model model) {
        model.addAttribute("parts", parts.all());
        model.addAttribute("counts", parts.requirementCounts());
        return "part/parts";
    }

    @GetMapping("/{id}")
    String show(@PathVariable long id, Model model) {
        return page(id, model);
    }

    private String page(long id, Model model) {
        Part part = find(id);
        List<PartRequirement> requirements = parts.requirements(id);
        List<Part> revisions = parts.all().stream()
                .filter(other -> other.drawingNumber().equals(part.drawingNumber()))
                .toList();
        model.addAttribute("part", part);
        model.addAttribute("done", done.ofPart(id));
        model.addAttribute("features", parts.features(id));
        model.addAttribute("requirements", requirements);
        model.addAttribute("revisions", revisions);
        model.addAttribute("newest", !revisions.isEmpty() && revisions.get(0).id() == id);
        return "part/part";
    }

    private Part find(long id) {
        return parts.part(id).orElseThrow(NotFound::new);
    }

    @GetMapping("/new")
    String blank(@RequestParam(required = false) @Nullable Long from, Model model) {
        model.addAttribute("from", quick(from));
        return headPage(new PartForm("", "A", "", "", ""), model);
    }

    @PostMapping("/new")
    String create(PartForm form, @RequestParam(required = false) @Nullable Long from, Model model) {
        Long quick = quick(from);
        model.addAttribute("from", quick);
        try {
            return "redirect:/parts/" + (quick == null ? editing.create(form) : editing.keep(quick, form));
        } catch (FormRefused e) {
            model.addAttribute("problems", e.problems());
            return headPage(form, model);
        }
    }

    /** What was checked quickly and is to become a part; null where it is none. */
    private @Nullable Long quick(@Nullable Long from) {
        if (from == null) {
            return null;
        }
        if (!find(from).quick()) {
            throw new NotFound();
        }
        return from;
    }

    @GetMapping("/{id}/head")
    String head(@PathVariable long id, Model model) {
        Part part = find(id);
        model.addAttribute("part", part);
        return headPage(PartForm.of(part), model);
    }

    @PostMapping("/{id}/head")
    String changeHead(@PathVariable long id, @RequestParam int version, PartForm form, Model model) {
        try {
            editing.change(id, version, form);
            return "redirect:/parts/" + id;
        } catch (FormRefused e) {
            model.addAttribute("part", find(id));
            model.addAttribute("problems", e.problems());
            return headPage(form, model);
        }
    }

    private static String headPage(PartForm form, Model model) {
        model.addAttribute("form", form);
        model.addAttribute(
                "heading",
                model.getAttribute("part") instanceof Part part
                        ? Words.say("part.change", part.number())
                        : Words.say("part.new-part"));
        return "part/head";
    }

    @PostMapping("/{id}/revisions")
    String revise(@PathVariable long id, @RequestParam String revision, Model model) {
        find(id);
        try {
            return "redirect:/parts/" + editing.revise(id, revision);
        } catch (FormRefused e) {
            model.addAttribute("problems", e.problems());
            model.addAttribute("askedRevision", revision);
            return page(id, model);
        }
    }

    @GetMapping("/{id}/features/new")
    String blankFeature(@PathVariable long id, Model model) {
        boolean inch = parts.features(id).stream().anyMatch(other -> other.nominalUnit() == LengthUnit.INCH);
        LengthUnit unit = inch ? LengthUnit.INCH : LengthUnit.MILLIMETRE;
        return featurePage(id, 0, new FeatureForm("", "", SurfaceSide.OUTSIDE, "", unit, ""), model);
    }

    @GetMapping("/{id}/features/{feature}")
    String feature(@PathVariable long id, @PathVariable long feature, Model model) {
        Feature found = parts.features(id).stream()
                .filter(each -> each.id() == feature)
                .findFirst()
                .orElseThrow(NotFound::new);
        return featurePage(id, feature, FeatureForm.of(found), model);
    }

    @PostMapping("/{id}/features/{feature}")
    String saveFeature(
            @PathVariable long id,
            @PathVariable long feature,
            @RequestParam int version,
            FeatureForm form,
            Model model) {
        find(id);
        try {
            editing.saveFeature(id, version, feature, form);
            return "redirect:/parts/" + id;
        } catch (FormRefused e) {
            model.addAttribute("problems", e.problems());
            return featurePage(id, feature, form, model);
        }
    }

    private String featurePage(long id, long feature, FeatureForm form, Model model) {
        model.addAttribute("part", find(id));
        model.addAttribute("featureId", feature);
        model.addAttribute("form", form);
        return "part/feature";
    }
}
