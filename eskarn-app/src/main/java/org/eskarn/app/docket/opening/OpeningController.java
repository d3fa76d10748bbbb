package org.eskarn.app.docket.opening;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.eskarn.app.account.SignedIn;
import org.eskarn.app.docket.Purpose;
import org.eskarn.app.docket.opening.OpeningService.OpeningForm;
import org.eskarn.app.gauge.GaugeService;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.NotFound;
import org.eskarn.app.part.PartService;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Opens dockets for a part, one for each piece. */
@Controller
@RequestMapping("/parts/{id}/dockets/new")
class OpeningController {

    private static final int USUAL_DAYS = 7;

    private final OpeningService opening;
    private final PartService parts;
    private final GaugeService gauges;
    private final Clock clock;

    OpeningController(OpeningService opening, PartService parts, GaugeService gauges, Clock clock) {
        this.opening = opening;
        this.parts = parts;
        this.gauges = gauges;
        this.clock = clock;
    }

    @GetMapping
    String show(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String serial,
            @AuthenticationPrincipal SignedIn person,
            Model model) {
        String due = LocalDate.now(clock).plusDays(USUAL_DAYS).toString();
        return page(id, OpeningForm.blank(serial.strip(), due, person.name()), Map.of(), model);
    }

    @PostMapping
    String open(@PathVariable long id, OpeningForm form, @AuthenticationPrincipal SignedIn person, Model model) {
        if (parts.part(id).isEmpty()) {
            throw new NotFound();
        }
        try {
            List<Integer> numbers = opening.open(id, form, person.id());
            return numbers.size() == 1 ? "redirect:/dockets/" + numbers.get(0) : "redirect:/";
        } catch (FormRefused e) {
            return page(id, form, e.problems(), model);
        }
    }

    private String page(long id, OpeningForm form, Map<String, String> problems, Model model) {
        model.addAttribute("place", "parts");
        model.addAttribute("part", parts.part(id).orElseThrow(NotFound::new));
        model.addAttribute("gauges", gauges.all());
        model.addAttribute("purposes", List.of(Purpose.values()));
        model.addAttribute("form", form);
        model.addAttribute("problems", problems);
        return "docket/opening";
    }
}
