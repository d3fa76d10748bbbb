package org.eskarn.app.bench;

import java.time.Clock;
import java.time.LocalDate;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.gauge.GaugeService;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The Bench: what to do now. */
@Controller
class BenchController {

    private static final int GAUGES_AHEAD_DAYS = 30;
    private static final int LONGEST_NUMBER = 9;

    private final DocketService dockets;
    private final GaugeService gauges;
    private final Clock clock;

    BenchController(DocketService dockets, GaugeService gauges, Clock clock) {
        this.dockets = dockets;
        this.gauges = gauges;
        this.clock = clock;
    }

    @GetMapping("/")
    String bench(Model model) {
        return page(model);
    }

    /** A docket number, typed or scanned, leads straight to its page; words and signs around it do no harm. */
    @GetMapping("/find")
    String find(@RequestParam String docket, Model model) {
        String digits = docket.replaceAll("\\D", "");
        if (digits.isEmpty() || digits.length() > LONGEST_NUMBER) {
            model.addAttribute("problem", "A docket number is typed in digits, for example 214.");
        } else if (dockets.find(Integer.parseInt(digits)).isPresent()) {
            return "redirect:/dockets/" + Integer.parseInt(digits);
        } else {
            model.addAttribute("problem", "There is no docket " + digits + ": look at the number again.");
        }
        model.addAttribute("asked", docket);
        return page(model);
    }

    private String page(Model model) {
        LocalDate today = LocalDate.now(clock);
        model.addAttribute("place", "bench");
        model.addAttribute("today", today);
        model.addAttribute("lines", dockets.inHand().stream().map(BenchLine::of).toList());
        model.addAttribute("gauges", gauges.dueBy(today.plusDays(GAUGES_AHEAD_DAYS)));
        return "bench/bench";
    }
}
