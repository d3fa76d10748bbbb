package org.eskarn.app.trust;

import java.math.BigDecimal;
import java.time.Clock;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.eskarn.app.account.SignedIn;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.SetUpDisplay;
import org.eskarn.app.docket.Standing;
import org.eskarn.app.gauge.GaugeService;
import org.eskarn.app.gauge.GaugeService.Whole;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.NotFound;
import org.eskarn.app.page.Typed;
import org.eskarn.app.trust.TraceService.Trace;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** A gauge found wrong, traced back to what it touched. */
@Controller
@RequestMapping("/gauges/{id}/trace")
class TraceController {

    private final TraceService tracing;
    private final GaugeService gauges;
    private final Clock clock;

    TraceController(TraceService tracing, GaugeService gauges, Clock clock) {
        this.tracing = tracing;
        this.gauges = gauges;
        this.clock = clock;
    }

    @ModelAttribute
    void everywhere(@PathVariable long id, Model model, @AuthenticationPrincipal SignedIn person) {
        Whole whole = gauges.whole(id).orElseThrow(NotFound::new);
        model.addAttribute("place", "gauges");
        model.addAttribute("gauge", whole.gauge());
        model.addAttribute("known", whole.lastKnownGood());
        model.addAttribute("keeps", person.role().keeps());
        model.addAttribute(
                "mayAccept", person.role().inspects() || person.role().keeps());
        model.addAttribute("questions", tracing.questions(id));
        model.addAttribute("openQuestions", tracing.openQuestions(id));
        model.addAttribute("units", List.of(LengthUnit.values()));
        model.addAttribute("problems", Map.of());
    }

    /** One verdict as it is shown. */
    record Line(Docket docket, SetUp setUp, Standing standing, String value, boolean changes) {

        static Line of(TraceService.Touched touched) {
            Double value = touched.setUp().verdict().value();
            Display said = SetUpDisplay.figures(touched.setUp());
            return new Line(
                    touched.docket(),
                    touched.setUp(),
                    Standing.of(touched.setUp()),
                    value == null ? "–" : said.amount(value) + " " + said.symbol(),
                    touched.changes());
        }
    }

    @GetMapping
    String show(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String error,
            @RequestParam(required = false) @org.jspecify.annotations.Nullable LengthUnit unit,
            @RequestParam(defaultValue = "") String since,
            @RequestParam(defaultValue = "0") int from,
            Model model) {
        LengthUnit chosen = unit == null ? gauges.find(id).orElseThrow().errorUnit() : unit;
        model.addAttribute("error", error);
        model.addAttribute("unit", chosen);
        model.addAttribute("since", since.isBlank() ? lastKnownGood(id) : since);
        if (!error.isBlank()) {
            Typed typed = new Typed(new LinkedHashMap<>());
            BigDecimal amount = typed.number("error", error);
            LocalDate day = typed.day("since", since);
            model.addAttribute("problems", typed.problems());
            if (amount != null && day != null) {
                Length found = new Length(amount, chosen);
                Trace asked = tracing.trace(id, found, day, Math.max(0, from));
                boolean beyond = asked.shown().isEmpty() && from > 0;
                Trace trace = beyond ? tracing.trace(id, found, day, 0) : asked;
                model.addAttribute("trace", trace);
                model.addAttribute("lines", trace.shown().stream().map(Line::of).toList());
                model.addAttribute("from", beyond ? 0 : Math.max(0, from));
                model.addAttribute("step", TraceService.SHOWN);
            }
        }
        return "gauge/trace";
    }

    private String lastKnownGood(long id) {
        return gauges.whole(id)
                .flatMap(Whole::lastKnownGood)
                .orElse(LocalDate.now(clock).minusYears(1))
                .toString();
    }

    @PostMapping
    String question(
            @PathVariable long id,
            @RequestParam BigDecimal error,
            @RequestParam LengthUnit unit,
            @RequestParam LocalDate since,
            @RequestParam(defaultValue = "false") boolean itself,
            @AuthenticationPrincipal SignedIn person,
            Model model) {
        try {
            tracing.question(id, new Length(error, unit), since, itself, person.id());
            return "redirect:/gauges/" + id + "/trace";
        } catch (FormRefused e) {
            model.addAttribute("refused", e.problems().values());
            return show(id, error.toPlainString(), unit, since.toString(), 0, model);
        }
    }

    @PostMapping("/{question}/accept")
    String accept(
            @PathVariable long id,
            @PathVariable long question,
            @RequestParam String reason,
            @AuthenticationPrincipal SignedIn person,
            Model model) {
        try {
            tracing.settle(question, reason, person.id());
            return "redirect:/gauges/" + id + "/trace";
        } catch (DocketConflict e) {
            model.addAttribute("refusedQuestion", question);
            model.addAttribute("refusal", e.getMessage());
            return show(id, "", null, "", 0, model);
        }
    }
}
