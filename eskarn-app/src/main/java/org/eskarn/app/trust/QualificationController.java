package org.eskarn.app.trust;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Map;
import org.eskarn.app.account.SignedIn;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.gauge.GaugeService;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.NotFound;
import org.eskarn.app.page.QrCode;
import org.eskarn.app.trust.QualificationService.DecisionForm;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** A gauge that was inspected like a part: as found, as left, where its error lives, and the decision; and its label. */
@Controller
@RequestMapping("/gauges/{id}")
class QualificationController {

    private final QualificationService qualification;
    private final GaugeService gauges;
    private final Clock clock;

    QualificationController(QualificationService qualification, GaugeService gauges, Clock clock) {
        this.qualification = qualification;
        this.gauges = gauges;
        this.clock = clock;
    }

    @GetMapping("/inspection")
    String show(@PathVariable long id, @AuthenticationPrincipal SignedIn person, Model model) {
        return page(id, new DecisionForm(true, "", find(id).limitsOfUse(), ""), Map.of(), person, model);
    }

    @PostMapping("/inspection")
    String decide(
            @PathVariable long id,
            @RequestParam int version,
            DecisionForm form,
            @AuthenticationPrincipal SignedIn person,
            Model model) {
        try {
            qualification.decide(id, version, form, person.account());
            return "redirect:/gauges/" + id + "/inspection";
        } catch (FormRefused e) {
            return page(id, form, e.problems(), person, model);
        }
    }

    private Gauge find(long id) {
        return gauges.find(id).orElseThrow(NotFound::new);
    }

    private String page(long id, DecisionForm form, Map<String, String> problems, SignedIn person, Model model) {
        model.addAttribute("place", "gauges");
        model.addAttribute("gauge", find(id));
        model.addAttribute("inspections", qualification.inspections(id));
        model.addAttribute("decisions", qualification.decisions(id));
        model.addAttribute("mayDecide", person.role().keeps());
        model.addAttribute("form", form);
        model.addAttribute("problems", problems);
        return "gauge/inspection";
    }

    /** A label to print and stick on; its code is the gauge's mark, for a scanner that types. */
    @GetMapping("/label")
    String label(@PathVariable long id, Model model) {
        Gauge gauge = find(id);
        model.addAttribute("place", "gauges");
        model.addAttribute("gauge", gauge);
        model.addAttribute("standing", gauge.standing(LocalDate.now(clock)));
        QrCode code = QrCode.of(gauge.mark());
        model.addAttribute("codeSize", code.size());
        model.addAttribute("code", code.path());
        return "gauge/label";
    }
}
