package org.eskarn.app.bench;

import java.time.Clock;
import java.time.LocalDate;
import org.eskarn.app.account.SignedIn;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** The plan of the day: what is worked in which order, and what is fetched for it. */
@Controller
@RequestMapping("/plan")
class PlanController {

    private final PlanService plans;
    private final Clock clock;

    PlanController(PlanService plans, Clock clock) {
        this.plans = plans;
        this.clock = clock;
    }

    @GetMapping
    String show(@AuthenticationPrincipal SignedIn person, Model model) {
        model.addAttribute("place", "plan");
        model.addAttribute("today", LocalDate.now(clock));
        model.addAttribute("plan", plans.plan());
        model.addAttribute("mayMove", person.role().drafts());
        return "bench/plan";
    }

    @PostMapping("/{number}/earlier")
    String earlier(@PathVariable int number, @AuthenticationPrincipal SignedIn person) {
        plans.move(number, true, person.id());
        return "redirect:/plan#docket-" + number;
    }

    @PostMapping("/{number}/later")
    String later(@PathVariable int number, @AuthenticationPrincipal SignedIn person) {
        plans.move(number, false, person.id());
        return "redirect:/plan#docket-" + number;
    }

    @PostMapping("/suggested")
    String suggested() {
        plans.forget();
        return "redirect:/plan";
    }
}
