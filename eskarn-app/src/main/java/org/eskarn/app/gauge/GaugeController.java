package org.eskarn.app.gauge;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.eskarn.app.account.SignedIn;
import org.eskarn.app.gauge.GaugeChangeService.CalibrationForm;
import org.eskarn.app.gauge.GaugeCheckService.CheckForm;
import org.eskarn.app.gauge.GaugeCheckService.Finding;
import org.eskarn.app.gauge.GaugeService.Whole;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.NotFound;
import org.eskarn.app.page.WorkDone;
import org.eskarn.app.picture.size.RepeatsDrawing;
import org.eskarn.core.gauge.BlockSet;
import org.eskarn.core.units.LengthUnit;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;

/** The register of gauges. The keeper changes it, an inspector uses it and reports. */
@Controller
@RequestMapping("/gauges")
class GaugeController {

    private final GaugeService gauges;
    private final GaugeChangeService keeping;
    private final GaugeCheckService checking;
    private final WorkDone done;
    private final Clock clock;

    GaugeController(
            GaugeService gauges, GaugeChangeService keeping, GaugeCheckService checking, WorkDone done, Clock clock) {
        this.gauges = gauges;
        this.keeping = keeping;
        this.checking = checking;
        this.done = done;
        this.clock = clock;
    }

    @ModelAttribute
    void everywhere(Model model, @AuthenticationPrincipal SignedIn person) {
        model.addAttribute("place", "gauges");
        model.addAttribute("keeps", person.role().keeps());
        model.addAttribute("inspects", person.role().inspects());
        model.addAttribute("today", LocalDate.now(clock));
        model.addAttribute("problems", Map.of());
        model.addAttribute("kinds", List.of(GaugeKind.values()));
        model.addAttribute("units", List.of(LengthUnit.values()));
        model.addAttribute("lengthUnits", List.of(LengthUnit.values()));
        model.addAttribute("results", List.of(Calibration.Result.values()));
        model.addAttribute("statuses", List.of(GaugeStatus.values()));
        model.addAttribute("templates", List.of(BlockSet.Template.values()));
    }

    @GetMapping
    String list(Model model) {
        List<Gauge> all = gauges.all();
        model.addAttribute("read", all.stream().filter(g -> !g.kind().master()).toList());
        model.addAttribute(
                "masters", all.stream().filter(g -> g.kind().master()).toList());
        return "gauge/gauges";
    }

    @GetMapping("/{id}")
    String show(@PathVariable long id, Model model) {
        Whole whole = gauges.whole(id).orElseThrow(NotFound::new);
        model.addAttribute("done", done.withGauge(id));
        model.addAttribute("uses", gauges.usesOf(id));
        model.addAttribute("whole", whole);
        model.addAttribute("gauge", whole.gauge());
        return "gauge/gauge";
    }

    @GetMapping("/new")
    String blank(Model model) {
        return form(0, 0, GaugeForm.blank(LocalDate.now(clock).plusYears(1)), model);
    }

    @GetMapping("/{id}/change")
    String change(@PathVariable long id, Model model) {
        Gauge gauge = find(id);
        return form(id, gauge.version(), GaugeForm.of(gauge), model);
    }

    private Gauge find(long id) {
        return gauges.find(id).orElseThrow(NotFound::new);
    }

    private static String form(long id, int version, GaugeForm form, Model model) {
        model.addAttribute("gaugeId", id);
        model.addAttribute("version", version);
        model.addAttribute("form", form);
        return "gauge/form";
    }

    @PostMapping("/{id}/change")
    String save(@PathVariable long id, @RequestParam int version, GaugeForm form, Model model) {
        if (!form.whole()) {
            throw new ResponseStatusException(HttpStatus.BAD_REQUEST);
        }
        try {
            return "redirect:/gauges/" + keeping.save(id, version, form);
        } catch (FormRefused e) {
            model.addAttribute("problems", e.problems());
            return form(id, version, form, model);
        }
    }

    @PostMapping("/{id}/calibrations")
    String calibrate(
            @PathVariable long id,
            @RequestParam int version,
            CalibrationForm form,
            @AuthenticationPrincipal SignedIn person,
            Model model) {
        try {
            keeping.calibrate(id, version, form, person.id());
            return "redirect:/gauges/" + id;
        } catch (FormRefused e) {
            return refused(id, e, "calibration", form, model);
        }
    }

    private String refused(long id, FormRefused e, String name, Object form, Model model) {
        model.addAttribute("problems", e.problems());
        model.addAttribute(name, form);
        return show(id, model);
    }

    @PostMapping("/{id}/status")
    String setStatus(
            @PathVariable long id,
            @RequestParam int version,
            @RequestParam GaugeStatus status,
            @RequestParam String reason,
            @AuthenticationPrincipal SignedIn person,
            Model model) {
        try {
            keeping.setStatus(id, version, status, reason, person.id());
            return "redirect:/gauges/" + id;
        } catch (FormRefused e) {
            return refused(id, e, "reason", reason, model);
        }
    }

    @PostMapping("/{id}/report")
    String report(
            @PathVariable long id, @RequestParam String reason, @AuthenticationPrincipal SignedIn person, Model model) {
        try {
            keeping.report(id, reason, person.id());
            return "redirect:/gauges/" + id;
        } catch (FormRefused e) {
            return refused(id, e, "reason", reason, model);
        }
    }

    @GetMapping("/{id}/blocks")
    String blocks(
            @PathVariable long id,
            @RequestParam(required = false) BlockSet.@org.jspecify.annotations.Nullable Template template,
            Model model) {
        show(id, model);
        if (template != null) {
            model.addAttribute("lines", GaugeChangeService.template(template));
        }
        return "gauge/blocks";
    }

    @PostMapping("/{id}/blocks")
    String writeBlocks(@PathVariable long id, @RequestParam int version, @RequestParam String blocks, Model model) {
        try {
            keeping.writeBlocks(id, version, blocks);
            return "redirect:/gauges/" + id;
        } catch (FormRefused e) {
            model.addAttribute("lines", blocks);
            refused(id, e, "typedBlocks", blocks, model);
            return "gauge/blocks";
        }
    }

    @GetMapping("/{id}/check")
    String check(@PathVariable long id, Model model) {
        return checkPage(id, new CheckForm(checking.usualMaster(id), "", false, ""), model);
    }

    /** Shows what the readings say before anything is written; only “record” writes. */
    @PostMapping("/{id}/check")
    String look(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String take,
            @RequestParam(defaultValue = "") String typed,
            CheckForm form,
            @AuthenticationPrincipal SignedIn person,
            Model model) {
        if (take.equals("record") && typed.isBlank()) {
            try {
                checking.record(id, form, person.id());
                return "redirect:/gauges/" + id;
            } catch (FormRefused e) {
                model.addAttribute("problems", e.problems());
            }
        }
        return checkPage(id, take.equals("back") ? form.without() : form.with(typed), model);
    }

    private String checkPage(long id, CheckForm form, Model model) {
        Gauge gauge = find(id);
        model.addAttribute("gauge", gauge);
        model.addAttribute("masters", checking.masters());
        model.addAttribute("itself", GaugeCheckService.ITSELF);
        model.addAttribute("form", form);
        if (form.taken().size() < 2) {
            return "gauge/check";
        }
        try {
            Finding finding = checking.look(gauge, form);
            model.addAttribute("finding", finding);
            model.addAttribute(
                    "strip",
                    RepeatsDrawing.of(
                            finding.readings(),
                            finding.all(),
                            finding.used(),
                            gauge.errorLimit().doubleValue(),
                            gauge.graduationUnit()));
        } catch (FormRefused e) {
            model.addAttribute("problems", e.problems());
        }
        return "gauge/check";
    }
}
