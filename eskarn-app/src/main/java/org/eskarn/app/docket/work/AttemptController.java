package org.eskarn.app.docket.work;

import java.util.Optional;
import org.eskarn.app.docket.AttemptKind;
import org.eskarn.app.docket.Step;
import org.eskarn.app.docket.WaitsFor;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Sweeps and attempts begun, and what is waited for. */
@Controller
@RequestMapping("/dockets/{number}/{position}")
class AttemptController implements SetUpActions {

    private final SetUpService setUps;
    private final SetUpResponses answers;

    AttemptController(SetUpService setUps, SetUpResponses answers) {
        this.setUps = setUps;
        this.answers = answers;
    }

    @PostMapping("/sweeps")
    String sweepAgain(@ModelAttribute(name = "visit", binding = false) SetUpRequest visit, @RequestParam int version) {
        return answers.to(visit, () -> setUps.sweepAgain(visit.number(), visit.position(), version, visit.by()));
    }

    @PostMapping("/attempts")
    String begin(
            @ModelAttribute(name = "visit", binding = false) SetUpRequest visit,
            @RequestParam AttemptKind kind,
            @RequestParam(defaultValue = "") String correction,
            @RequestParam int version) {
        visit.model().addAttribute("task", "corrected");
        visit.model().addAttribute("taskStep", Step.VERDICT);
        visit.model().addAttribute("typedCorrection", correction);
        return answers.to(
                visit, () -> setUps.begin(visit.number(), visit.position(), kind, correction, version, visit.by()));
    }

    @PostMapping("/waiting")
    String waitFor(
            @ModelAttribute(name = "visit", binding = false) SetUpRequest visit,
            @RequestParam(required = false) Optional<WaitsFor> what,
            @RequestParam int version) {
        return answers.to(visit, () -> setUps.waitFor(visit.number(), visit.position(), what, version, visit.by()));
    }
}
