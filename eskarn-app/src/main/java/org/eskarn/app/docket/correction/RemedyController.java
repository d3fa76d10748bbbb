package org.eskarn.app.docket.correction;

import io.github.wimdeblauwe.htmx.spring.boot.mvc.HtmxRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
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
import org.eskarn.app.remedy.Correction;
import org.eskarn.app.remedy.MeasuredState;
import org.eskarn.core.reading.EntryRejected;
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

    private static final Set<String> NOT_OF_A_CORRECTION =
            Set.of("_csrf", "version", "place", "done", "typed", "checked", "reason");

    private final DocketPages pages;
    private final RemedyService remedies;

    RemedyController(DocketPages pages, RemedyService remedies) {
        this.pages = pages;
        this.remedies = remedies;
    }

    /** What was typed for a step of truing. */
    record StepForm(String place, String done, String typed) {}

    /** What was typed for the correction, without what was sent with the step. */
    private static Map<String, String> kept(Map<String, String> typed) {
        Map<String, String> kept = new LinkedHashMap<>(typed);
        kept.keySet().removeAll(NOT_OF_A_CORRECTION);
        return kept;
    }

    @GetMapping
    String show(
            @PathVariable int number,
            @PathVariable int position,
            @RequestParam Map<String, String> typed,
            @RequestParam(defaultValue = "false") boolean checked,
            Model model,
            HtmxRequest request,
            @AuthenticationPrincipal SignedIn person) {
        model.addAttribute("live", request.isHtmxRequest());
        return shown(number, position, typed, checked, model, person);
    }

    private String shown(
            int number, int position, Map<String, String> typed, boolean checked, Model model, SignedIn person) {
        Docket docket = pages.docket(number);
        SetUp setUp = docket.at(position).orElseThrow(NotFound::new);
        if (!setUp.correctable()) {
            return "redirect:/dockets/" + number + "/" + position;
        }
        MeasuredState found = remedies.found(docket.part(), setUp, person.id());
        Correction correction = Correction.of(found, typed);
        model.addAttribute("checked", checked);
        model.addAttribute("place", "docket");
        model.addAttribute("docket", docket);
        model.addAttribute("setUp", setUp);
        model.addAttribute("kinds", correction.kinds());
        model.addAttribute("correction", correction);
        model.addAttribute("advice", correction.advice());
        model.addAttribute("found", found);
        model.addAttribute("problems", correction.advice().problems());
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
            @RequestParam Map<String, String> typed,
            @RequestParam int version,
            Model model,
            HttpServletResponse response,
            @AuthenticationPrincipal SignedIn person) {
        try {
            Docket docket = pages.docket(number);
            remedies.decide(docket.part(), number, position, typed, version, person.id());
            return "redirect:/dockets/" + number + "/" + position + "?step=verdict";
        } catch (DocketConflict e) {
            response.setStatus(HttpStatus.CONFLICT.value());
            model.addAttribute("problem", e.getMessage());
            return shown(number, position, typed, true, model, person);
        }
    }

    @PostMapping("/steps/taken-back")
    String takeBack(
            @PathVariable int number,
            @PathVariable int position,
            @RequestParam Map<String, String> typed,
            @RequestParam String reason,
            @RequestParam int version,
            Model model,
            RedirectAttributes again,
            HttpServletResponse response,
            @AuthenticationPrincipal SignedIn person) {
        try {
            remedies.takeBack(number, position, reason, version, person.id());
            again.addAllAttributes(kept(typed));
            return "redirect:/dockets/" + number + "/" + position + "/remedy";
        } catch (DocketConflict e) {
            response.setStatus(HttpStatus.CONFLICT.value());
            model.addAttribute("stepProblem", e.getMessage());
            model.addAttribute("typedReason", reason);
            return shown(number, position, typed, true, model, person);
        }
    }

    @PostMapping("/steps")
    String step(
            @PathVariable int number,
            @PathVariable int position,
            @RequestParam Map<String, String> typed,
            StepForm step,
            @RequestParam int version,
            Model model,
            RedirectAttributes again,
            HttpServletResponse response,
            @AuthenticationPrincipal SignedIn person) {
        try {
            remedies.step(number, position, step.place(), step.done(), step.typed(), version, person.id());
            again.addAllAttributes(kept(typed));
            return "redirect:/dockets/" + number + "/" + position + "/remedy";
        } catch (DocketConflict | EntryRejected e) {
            response.setStatus(
                    (e instanceof DocketConflict ? HttpStatus.CONFLICT : HttpStatus.UNPROCESSABLE_CONTENT).value());
            model.addAttribute("problem", e instanceof EntryRejected entry ? Words.of(entry.note()) : e.getMessage());
            model.addAttribute("stepForm", step);
            return shown(number, position, typed, true, model, person);
        }
    }
}
