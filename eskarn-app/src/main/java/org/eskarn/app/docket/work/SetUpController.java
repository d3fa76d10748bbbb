package org.eskarn.app.docket.work;

import java.util.Optional;
import org.eskarn.app.docket.Step;
import org.eskarn.app.page.NotFound;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The order of work: steps, ticks, and what is left out. */
@Controller
@RequestMapping("/dockets/{number}/{position}")
class SetUpController implements SetUpActions {

    private final SetUpService setUps;
    private final SharingService sharing;
    private final ConditionsService conditions;
    private final SetUpResponses answers;

    SetUpController(SetUpService setUps, SharingService sharing, ConditionsService conditions, SetUpResponses answers) {
        this.setUps = setUps;
        this.sharing = sharing;
        this.conditions = conditions;
        this.answers = answers;
    }

    @PostMapping("/steps/{step}")
    String confirm(
            @ModelAttribute(name = "visit", binding = false) SetUpRequest visit,
            @PathVariable String step,
            @RequestParam int version,
            @RequestParam Optional<Integer> onwards,
            @RequestParam(defaultValue = "false") boolean sign) {
        Step confirmed = step(step);
        if (sign) {
            return answers.toSign(
                    visit, () -> setUps.confirm(visit.number(), visit.position(), confirmed, version, visit.by()));
        }
        return answers.to(
                visit,
                onwards.map(visit::at).orElse(visit),
                () -> setUps.confirm(visit.number(), visit.position(), confirmed, version, visit.by()));
    }

    @PostMapping("/steps/{step}/reopen")
    String reopen(
            @ModelAttribute(name = "visit", binding = false) SetUpRequest visit,
            @PathVariable String step,
            @RequestParam int version) {
        Step reopened = step(step);
        return answers.to(visit, () -> setUps.reopen(visit.number(), visit.position(), reopened, version, visit.by()));
    }

    @PostMapping("/preparations/{preparation}")
    String tick(
            @ModelAttribute(name = "visit", binding = false) SetUpRequest visit,
            @PathVariable long preparation,
            @RequestParam int version) {
        return answers.to(visit, () -> setUps.tick(visit.number(), visit.position(), preparation, version, visit.by()));
    }

    @PostMapping("/preparations")
    String tickAll(@ModelAttribute(name = "visit", binding = false) SetUpRequest visit, @RequestParam int version) {
        return answers.to(visit, () -> setUps.tickAll(visit.number(), visit.position(), version, visit.by()));
    }

    @PostMapping("/same-set-up")
    String sameSetUp(
            @ModelAttribute(name = "visit", binding = false) SetUpRequest visit,
            @RequestParam int as,
            @RequestParam int version) {
        return answers.to(visit, () -> sharing.sameSetUp(visit.number(), visit.position(), as, version, visit.by()));
    }

    /** @param usual the word for usual ones, {@code none} for none, or empty for those that are typed */
    @PostMapping("/conditions")
    String compareConditions(
            @ModelAttribute(name = "visit", binding = false) SetUpRequest visit,
            @RequestParam(defaultValue = "") String usual,
            @RequestParam(name = "conditions", defaultValue = "") String typed,
            @RequestParam int version) {
        visit.model().addAttribute("task", "conditions");
        visit.model().addAttribute("taskStep", Step.REQUIRE);
        visit.model().addAttribute("typedConditions", typed);
        String names = usual.isEmpty() ? typed : usual.equals("none") ? "" : usual;
        return answers.to(
                visit, () -> conditions.compare(visit.number(), visit.position(), names, version, visit.by()));
    }

    @PostMapping("/beside")
    String readBeside(
            @ModelAttribute(name = "visit", binding = false) SetUpRequest visit,
            @RequestParam int with,
            @RequestParam int version) {
        return answers.to(visit, () -> sharing.readBeside(visit.number(), visit.position(), with, version, visit.by()));
    }

    @PostMapping("/singly")
    String readSingly(@ModelAttribute(name = "visit", binding = false) SetUpRequest visit, @RequestParam int version) {
        return answers.to(visit, () -> sharing.readSingly(visit.number(), visit.position(), version, visit.by()));
    }

    @PostMapping("/read-alone")
    String readAlone(@ModelAttribute(name = "visit", binding = false) SetUpRequest visit, @RequestParam int version) {
        return answers.to(visit, () -> sharing.readAlone(visit.number(), visit.position(), version, visit.by()));
    }

    /** What was typed to leave something out, to be shown again when it was refused. */
    record LeaveForm(String what, String reason) {}

    @PostMapping("/left-out")
    String leaveOut(
            @ModelAttribute(name = "visit", binding = false) SetUpRequest visit,
            @RequestParam String what,
            @RequestParam String reason,
            @RequestParam int version) {
        Optional<Step> step = what.equals("requirement") ? Optional.empty() : Optional.of(step(what));
        visit.model().addAttribute("task", "leave");
        visit.model().addAttribute("taskStep", step.orElse(Step.REQUIRE));
        visit.model().addAttribute("leave", new LeaveForm(what, reason));
        return answers.to(
                visit, () -> setUps.leaveOut(visit.number(), visit.position(), step, reason, version, visit.by()));
    }

    @PostMapping("/taken-up")
    String takeUp(@ModelAttribute(name = "visit", binding = false) SetUpRequest visit, @RequestParam int version) {
        return answers.to(visit, () -> setUps.takeUp(visit.number(), visit.position(), version, visit.by()));
    }

    private static Step step(String written) {
        return DocketPages.step(written).orElseThrow(NotFound::new);
    }
}
