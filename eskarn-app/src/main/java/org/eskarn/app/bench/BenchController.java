package org.eskarn.app.bench;

import java.time.Clock;
import java.time.LocalDate;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.gauge.GaugeService;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** The Bench: what to do now. */
@Controller
class BenchController {

    private static final int GAUGES_AHEAD_DAYS = 30;

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
        LocalDate today = LocalDate.now(clock);
        model.addAttribute("place", "bench");
        model.addAttribute("today", today);
        model.addAttribute("lines", dockets.inHand().stream().map(BenchLine::of).toList());
        model.addAttribute("gauges", gauges.dueBy(today.plusDays(GAUGES_AHEAD_DAYS)));
        return "bench/bench";
    }
}
