package org.eskarn.app.docket.work;

import java.util.Optional;
import org.eskarn.app.docket.SetAsideCause;
import org.eskarn.app.docket.Step;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What counts as evidence: sweeps set aside, the sign of a gauge, and decisions between inspectors. */
@Controller
@RequestMapping("/dockets/{number}/{position}")
class EvidenceController implements SetUpActions {

    private final EvidenceService evidence;
    private final GaugeUseService gauges;
    private final SetUpResponses answers;

    EvidenceController(EvidenceService evidence, GaugeUseService gauges, SetUpResponses answers) {
        this.evidence = evidence;
        this.gauges = gauges;
        this.answers = answers;
    }

    /** What was typed to set a sweep aside, to be shown again when it was refused. */
    record SetAsideForm(long sweep, Optional<SetAsideCause> cause, String reason) {}

    @PostMapping("/set-aside")
    String setAside(
            @ModelAttribute(name = "visit", binding = false) SetUpRequest visit,
            @RequestParam long sweep,
            @RequestParam(required = false) Optional<SetAsideCause> cause,
            @RequestParam String reason,
            @RequestParam int version) {
        visit.model().addAttribute("task", "aside");
        visit.model().addAttribute("taskStep", Step.PROVE);
        visit.model().addAttribute("aside", new SetAsideForm(sweep, cause, reason));
        return answers.to(
                visit,
                () -> evidence.setAside(visit.number(), visit.position(), sweep, cause, reason, version, visit.by()));
    }

    @PostMapping("/counted-again")
    String countAgain(
            @ModelAttribute(name = "visit", binding = false) SetUpRequest visit,
            @RequestParam long sweep,
            @RequestParam int version) {
        return answers.to(
                visit, () -> evidence.countAgain(visit.number(), visit.position(), sweep, version, visit.by()));
    }

    @PostMapping("/cancelled")
    String cancel(@ModelAttribute(name = "visit", binding = false) SetUpRequest visit, @RequestParam int version) {
        return answers.to(visit, () -> evidence.cancel(visit.number(), visit.position(), version, visit.by()));
    }

    @PostMapping("/sign")
    String turnSign(
            @ModelAttribute(name = "visit", binding = false) SetUpRequest visit,
            @RequestParam(defaultValue = "") String reason,
            @RequestParam int version) {
        visit.model().addAttribute("task", "sign");
        visit.model().addAttribute("taskStep", Step.PROVE);
        visit.model().addAttribute("typedSignReason", reason);
        return answers.to(
                visit, () -> evidence.turnSign(visit.number(), visit.position(), reason, version, visit.by()));
    }

    @PostMapping("/unit-seen")
    String seeUnit(@ModelAttribute(name = "visit", binding = false) SetUpRequest visit, @RequestParam int version) {
        return answers.to(visit, () -> gauges.seeUnit(visit.number(), visit.position(), version, visit.by()));
    }

    /** What was typed for a decision, to be shown again when it was refused. */
    record DecisionForm(long attempt, String reason) {}

    @PostMapping("/decision")
    String decide(
            @ModelAttribute(name = "visit", binding = false) SetUpRequest visit,
            @RequestParam long attempt,
            @RequestParam String reason,
            @RequestParam int version) {
        visit.model().addAttribute("task", "decide");
        visit.model().addAttribute("taskStep", Step.VERDICT);
        visit.model().addAttribute("decision", new DecisionForm(attempt, reason));
        return answers.to(
                visit, () -> evidence.decide(visit.number(), visit.position(), attempt, reason, version, visit.by()));
    }
}
