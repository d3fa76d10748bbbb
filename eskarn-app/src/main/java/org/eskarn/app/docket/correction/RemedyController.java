package org.eskarn.app.docket.correction;

import jakarta.servlet.http.HttpServletResponse;
import org.eskarn.app.account.SignedIn;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.Rechecked;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.SetUpDisplay;
import org.eskarn.app.docket.VerdictWords;
import org.eskarn.app.docket.work.DocketPages;
import org.eskarn.app.page.NotFound;
import org.eskarn.app.page.Words;
import org.eskarn.app.remedy.Advice;
import org.eskarn.app.remedy.CutAdvice;
import org.eskarn.app.remedy.MeasuredState;
import org.eskarn.app.remedy.RemedyAdvice;
import org.eskarn.app.remedy.RemedyForm;
import org.eskarn.core.reading.EntryRejected;
import org.eskarn.core.requirement.RemedyKind;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The page of a correction. */
@Controller
@RequestMapping("/dockets/{number}/{position}/remedy")
class RemedyController {

    private final DocketPages pages;
    private final RemedyService remedies;

    RemedyController(DocketPages pages, RemedyService remedies) {
        this.pages = pages;
        this.remedies = remedies;
    }

    /** What was typed for a step of truing. */
    record StepForm(String place, String done, String typed) {}

    @GetMapping
    String show(
            @PathVariable int number,
            @PathVariable int position,
            RemedyForm form,
            @RequestParam(defaultValue = "false") boolean checked,
            Model model,
            @AuthenticationPrincipal SignedIn person) {
        Docket docket = pages.docket(number);
        SetUp setUp = docket.at(position).orElseThrow(NotFound::new);
        if (!setUp.correctable()) {
            return "redirect:/dockets/" + number + "/" + position;
        }
        MeasuredState found = remedies.found(docket.part(), setUp, person.id());
        Advice advice = RemedyAdvice.of(found, form);
        model.addAttribute("checked", checked);
        model.addAttribute("place", "docket");
        model.addAttribute("docket", docket);
        model.addAttribute("setUp", setUp);
        model.addAttribute("kinds", RemedyAdvice.kinds(found));
        model.addAttribute("advice", advice);
        model.addAttribute("found", found);
        model.addAttribute("problems", advice.problems());
        model.addAttribute("form", advice.kind() == RemedyKind.CUT ? CutAdvice.filled(found, form) : form);
        model.addAttribute("mayWork", person.role().inspects() && !docket.signed());
        model.addAttribute(
                "signDoubtful",
                setUp.rechecked().stream()
                        .reduce((earlier, later) -> later)
                        .map(Rechecked::reversed)
                        .orElse(false));
        model.addAttribute("words", VerdictWords.of(setUp, SetUpDisplay.figures(setUp)));
        if (!model.containsAttribute("stepForm")) {
            model.addAttribute("stepForm", new StepForm("", "", ""));
        }
        return "docket/remedy";
    }

    @PostMapping
    String decide(
            @PathVariable int number,
            @PathVariable int position,
            RemedyForm form,
            @RequestParam int version,
            Model model,
            HttpServletResponse response,
            @AuthenticationPrincipal SignedIn person) {
        try {
            Docket docket = pages.docket(number);
            remedies.decide(docket.part(), number, position, form, version, person.id());
            return "redirect:/dockets/" + number + "/" + position + "?step=verdict";
        } catch (DocketConflict e) {
            response.setStatus(HttpStatus.CONFLICT.value());
            model.addAttribute("problem", e.getMessage());
            return show(number, position, form, true, model, person);
        }
    }

    @PostMapping("/steps")
    String step(
            @PathVariable int number,
            @PathVariable int position,
            RemedyForm form,
            StepForm step,
            @RequestParam int version,
            Model model,
            RedirectAttributes again,
            HttpServletResponse response,
            @AuthenticationPrincipal SignedIn person) {
        try {
            remedies.step(number, position, step.place(), step.done(), step.typed(), version, person.id());
            again.addAllAttributes(form.kept());
            return "redirect:/dockets/" + number + "/" + position + "/remedy";
        } catch (DocketConflict | EntryRejected e) {
            response.setStatus(
                    (e instanceof DocketConflict ? HttpStatus.CONFLICT : HttpStatus.UNPROCESSABLE_CONTENT).value());
            model.addAttribute("problem", e instanceof EntryRejected entry ? Words.of(entry.note()) : e.getMessage());
            model.addAttribute("stepForm", step);
            return show(number, position, form, true, model, person);
        }
    }
}
