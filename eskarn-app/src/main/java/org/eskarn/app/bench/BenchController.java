package org.eskarn.app.bench;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.DocketService.InHand;
import org.eskarn.app.docket.Standing;
import org.eskarn.app.gauge.GaugeService;
import org.eskarn.app.page.Words;
import org.eskarn.app.part.Part;
import org.eskarn.app.part.PartService;
import org.eskarn.app.trust.TraceService;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The Bench: what to do now. */
@Controller
class BenchController {

    private static final int GAUGES_AHEAD_DAYS = 30;
    private static final int LONGEST_NUMBER = 9;
    /** More than this nobody takes in at a glance; the others are one press away. */
    private static final int SHOWN = 25;

    private final DocketService dockets;
    private final GaugeService gauges;
    private final TraceService tracing;
    private final PartService parts;
    private final Clock clock;

    BenchController(DocketService dockets, GaugeService gauges, TraceService tracing, PartService parts, Clock clock) {
        this.dockets = dockets;
        this.gauges = gauges;
        this.parts = parts;
        this.tracing = tracing;
        this.clock = clock;
    }

    @GetMapping("/")
    String bench(@RequestParam(defaultValue = "1") int from, Model model) {
        return page(Math.max(0, from - 1), model);
    }

    /**
     * A docket number, typed or scanned, leads straight to its page; words and signs around it do no harm. A drawing number leads
     * to the newest revision of its part.
     */
    @GetMapping("/find")
    String find(@RequestParam String docket, Model model) {
        Optional<Part> drawn = parts.newest(docket.strip());
        if (drawn.isPresent()) {
            return "redirect:/parts/" + drawn.get().id();
        }
        String digits = docket.replaceAll("\\D", "");
        if (digits.isEmpty() || digits.length() > LONGEST_NUMBER) {
            model.addAttribute("problem", Words.say("bench.a-docket-number-is-typed-in-digits"));
        } else if (dockets.find(Integer.parseInt(digits)).isPresent()) {
            return "redirect:/dockets/" + Integer.parseInt(digits);
        } else {
            model.addAttribute("problem", Words.say("bench.there-is-no-docket-look-at-the", digits));
        }
        model.addAttribute("asked", docket);
        return page(0, model);
    }

    private String page(int from, Model model) {
        LocalDate today = LocalDate.now(clock);
        model.addAttribute("place", "bench");
        model.addAttribute("today", today);
        InHand inHand = dockets.inHand(from, SHOWN);
        List<BenchLine> all = inHand.dockets().stream().map(BenchLine::of).toList();
        List<BenchLine> waiting = all.stream().filter(BenchLine::waits).toList();
        model.addAttribute("total", inHand.total() - waiting.size());
        model.addAttribute("standings", List.of(Standing.values()));
        model.addAttribute("ready", all.stream().filter(line -> !line.waits()).toList());
        model.addAttribute("waiting", waiting);
        model.addAttribute("questioned", tracing.inQuestion());
        model.addAttribute("from", from);
        model.addAttribute("step", SHOWN);
        model.addAttribute(
                "gauges",
                gauges.dueBy(today.plusDays(GAUGES_AHEAD_DAYS)).stream()
                        .map(gauge -> GaugeDue.of(gauge, inHand.dockets()))
                        .toList());
        return "bench/bench";
    }
}
