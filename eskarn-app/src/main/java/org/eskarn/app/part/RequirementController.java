package org.eskarn.app.part;

import java.util.List;
import java.util.Map;
import org.eskarn.app.account.SignedIn;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.NotFound;
import org.eskarn.core.evaluation.Judgeable;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.requirement.Characteristic;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The requirement editor. Position 0 is a requirement that does not exist yet. */
@Controller
@RequestMapping("/parts/{id}/requirements/{position}")
class RequirementController {

    private final PartService parts;
    private final PartChangeService editing;
    private final SheetService sheets;

    RequirementController(PartService parts, PartChangeService editing, SheetService sheets) {
        this.parts = parts;
        this.editing = editing;
        this.sheets = sheets;
    }

    @ModelAttribute
    void everywhere(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String line,
            @RequestParam(defaultValue = "") String lineDone,
            Model model,
            @AuthenticationPrincipal SignedIn person) {
        model.addAttribute("line", line);
        model.addAttribute("lineDone", lineDone);
        model.addAttribute("place", "parts");
        model.addAttribute("mayWrite", person.role().drafts());
        model.addAttribute("problems", Map.of());
        model.addAttribute("choices", EditorChoices.all());
        model.addAttribute("part", parts.part(id).orElseThrow(NotFound::new));
        model.addAttribute("features", parts.features(id));
    }

    @GetMapping
    String show(@PathVariable long id, @PathVariable int position, Model model) {
        RequirementForm form;
        if (position == 0) {
            form = RequirementForm.usual(parts.features(id), sheets.text(WorkKind.BETWEEN_CENTRES));
        } else {
            form = parts.requirements(id).stream()
                    .filter(each -> each.position() == position)
                    .findFirst()
                    .map(RequirementForm::of)
                    .orElseThrow(NotFound::new);
        }
        return editor(id, position, form, model);
    }

    /** The editor as the choices now stand, nothing stored: another characteristic has other limits and layouts. */
    @PostMapping("/form")
    String form(
            @PathVariable long id,
            @PathVariable int position,
            @RequestParam(defaultValue = "") String sheetBefore,
            @RequestParam Characteristic characteristicBefore,
            @RequestParam LayoutKind layoutBefore,
            RequirementForm form,
            Model model) {
        RequirementForm chosen =
                form.after(characteristicBefore, layoutBefore, preparations(form, sheetBefore), sheets.texts());
        return editor(id, position, chosen, model) + " :: editor";
    }

    /** The editor with what a line says filled in, nothing stored. */
    @PostMapping("/line")
    String line(
            @PathVariable long id,
            @PathVariable int position,
            @RequestParam String line,
            @RequestParam(defaultValue = "") String lineDone,
            RequirementForm form,
            Model model) {
        try {
            RequirementForm said = RequirementLines.filled(line, lineDone, form, parts.features(id), sheets.texts());
            model.addAttribute("lineDone", line);
            return editor(id, position, said, model) + " :: whole";
        } catch (FormRefused e) {
            model.addAttribute("lineProblem", e.getMessage());
            return editor(id, position, form, model) + " :: whole";
        }
    }

    /** Another kind of work brings its own sheet, unless the lines were written by hand. */
    private @org.jspecify.annotations.Nullable String preparations(RequirementForm form, String before) {
        boolean changed =
                !before.isEmpty() && !before.equals(form.setUp().chosenWork().name());
        boolean untouched = changed
                && plain(sheets.text(WorkKind.valueOf(before)))
                        .equals(plain(form.setUp().preparations()));
        return untouched ? sheets.text(form.setUp().chosenWork()) : form.setUp().preparations();
    }

    private static String plain(@org.jspecify.annotations.Nullable String text) {
        return text == null ? "" : text.replaceAll("\\s+", " ").strip();
    }

    /** The callout and the layout as they are being typed. */
    @PostMapping("/preview")
    String preview(@PathVariable long id, @PathVariable int position, RequirementForm form, Model model) {
        return editor(id, position, form, model) + " :: preview";
    }

    @PostMapping
    String save(
            @PathVariable long id,
            @PathVariable int position,
            @RequestParam int version,
            @RequestParam(defaultValue = "") String line,
            @RequestParam(defaultValue = "") String lineDone,
            RequirementForm form,
            Model model) {
        RequirementForm meant = form;
        try {
            // Enter may be quicker than the filling in of what was typed last.
            if (!line.isBlank() && !line.equals(lineDone)) {
                meant = RequirementLines.filled(line, lineDone, form, parts.features(id), sheets.texts());
                model.addAttribute("lineDone", line);
            }
            editing.saveRequirement(id, version, position, meant);
            return "redirect:/parts/" + id;
        } catch (FormRefused e) {
            model.addAttribute("problems", e.problems());
            return editor(id, position, meant, model);
        }
    }

    @PostMapping("/delete")
    String delete(@PathVariable long id, @PathVariable int position, @RequestParam int version, Model model) {
        try {
            editing.deleteRequirement(id, version, position);
            return "redirect:/parts/" + id;
        } catch (FormRefused e) {
            model.addAttribute("problems", e.problems());
            return show(id, position, model);
        }
    }

    private String editor(long id, int position, RequirementForm form, Model model) {
        List<Feature> features = parts.features(id);
        model.addAttribute("position", position);
        model.addAttribute("form", form);
        RequirementDraft draft = RequirementDraft.of(form, 0, id, Math.max(position, 1), features);
        model.addAttribute("draft", draft);
        model.addAttribute("advice", draft.requirement().flatMap(each -> Judgeable.advice(each.terms())));
        draft.requirement().ifPresent(requirement -> {
            model.addAttribute("drawn", requirement);
            model.addAttribute("picture", UnreadPicture.of(requirement));
        });
        return "part/requirement";
    }
}
