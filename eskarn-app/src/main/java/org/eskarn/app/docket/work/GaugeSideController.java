package org.eskarn.app.docket.work;

import java.util.Optional;
import org.eskarn.app.docket.Step;
import org.eskarn.app.docket.work.CircumstanceService.CircumstanceForm;
import org.eskarn.app.docket.work.CorrectionService.CorrectionsForm;
import org.eskarn.app.docket.work.DialInService.DialInForm;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The gauge of a set-up: which one, what is taken off its readings, and the simulated one that can stand in for it. */
@Controller
@RequestMapping("/dockets/{number}/{position}")
class GaugeSideController implements SetUpActions {

    private final GaugeUseService gauges;
    private final CorrectionService corrections;
    private final CircumstanceService circumstances;
    private final SimulatedGauge simulated;
    private final ZeroService zeros;
    private final DialInService dialling;
    private final SetUpResponses answers;

    GaugeSideController(
            GaugeUseService gauges,
            CorrectionService corrections,
            CircumstanceService circumstances,
            SimulatedGauge simulated,
            ZeroService zeros,
            DialInService dialling,
            SetUpResponses answers) {
        this.gauges = gauges;
        this.corrections = corrections;
        this.circumstances = circumstances;
        this.simulated = simulated;
        this.zeros = zeros;
        this.dialling = dialling;
        this.answers = answers;
    }

    @PostMapping("/gauge")
    String choose(
            @ModelAttribute(name = "visit", binding = false) SetUpRequest visit,
            @RequestParam long gauge,
            @RequestParam(required = false) @Nullable Long second,
            @RequestParam(defaultValue = "") String reason,
            @RequestParam int version) {
        visit.model().addAttribute("task", "choose");
        visit.model().addAttribute("taskStep", Step.GAUGE);
        visit.model().addAttribute("chosenGauge", gauge);
        visit.model().addAttribute("chosenSecond", second);
        visit.model().addAttribute("chosenReason", reason);
        return answers.to(
                visit,
                () -> gauges.choose(visit.number(), visit.position(), gauge, second, reason, version, visit.by()));
    }

    @PostMapping("/zero")
    String setZero(
            @ModelAttribute(name = "visit", binding = false) SetUpRequest visit,
            @RequestParam(defaultValue = "1") int gauge,
            @RequestParam long master,
            @RequestParam String setting,
            @RequestParam int version) {
        visit.model().addAttribute("task", "master");
        visit.model().addAttribute("taskStep", Step.ZERO);
        visit.model().addAttribute("chosenMaster", master);
        visit.model().addAttribute("typedSetting", setting);
        return answers.to(
                visit, () -> zeros.set(visit.number(), visit.position(), gauge, master, setting, version, visit.by()));
    }

    @PostMapping("/zero/recheck")
    String recheckZero(
            @ModelAttribute(name = "visit", binding = false) SetUpRequest visit,
            @RequestParam(defaultValue = "1") int gauge,
            @RequestParam String recheck,
            @RequestParam int version) {
        visit.model().addAttribute("task", "recheck");
        visit.model().addAttribute("taskStep", Step.PROVE);
        visit.model().addAttribute("typedRecheck", recheck);
        return answers.to(
                visit, () -> zeros.recheck(visit.number(), visit.position(), gauge, recheck, version, visit.by()));
    }

    @PostMapping("/reading-corrections")
    String correctReadings(
            @ModelAttribute(name = "visit", binding = false) SetUpRequest visit,
            @RequestParam(defaultValue = "false") boolean drift,
            @RequestParam(defaultValue = "") String sag,
            @RequestParam(defaultValue = "") String lever,
            @RequestParam(defaultValue = "") String reason,
            @RequestParam int version) {
        CorrectionsForm form = new CorrectionsForm(drift, sag, lever, reason);
        visit.model().addAttribute("task", "adjust");
        visit.model().addAttribute("taskStep", Step.ZERO);
        visit.model().addAttribute("adjust", form);
        return answers.to(visit, () -> corrections.set(visit.number(), visit.position(), form, version, visit.by()));
    }

    @PostMapping("/circumstances")
    String sayCircumstances(
            @ModelAttribute(name = "visit", binding = false) SetUpRequest visit,
            @RequestParam(defaultValue = "") String partCelsius,
            @RequestParam(defaultValue = "") String gaugeCelsius,
            @RequestParam(defaultValue = "") String tolerance,
            @RequestParam(defaultValue = "") String flex,
            @RequestParam(required = false) @Nullable Long plate,
            @RequestParam(defaultValue = "") String reason,
            @RequestParam int version) {
        CircumstanceForm form = new CircumstanceForm(partCelsius, gaugeCelsius, tolerance, flex, plate, reason);
        visit.model().addAttribute("task", "circumstances");
        visit.model().addAttribute("taskStep", Step.ZERO);
        visit.model().addAttribute("circumstances", form);
        return answers.to(visit, () -> circumstances.say(visit.number(), visit.position(), form, version, visit.by()));
    }

    @PostMapping("/dial-in")
    String dialIn(
            @ModelAttribute(name = "visit", binding = false) SetUpRequest visit,
            @RequestParam(defaultValue = "") String within,
            @RequestParam(defaultValue = "") String places,
            @RequestParam(defaultValue = "") String readings,
            @RequestParam int version) {
        DialInForm form = new DialInForm(within, places, readings);
        visit.model().addAttribute("dialIn", form);
        return answers.staying(
                visit,
                Step.PREPARE,
                "dialin",
                "dialIn",
                () -> dialling.take(visit.number(), visit.position(), form, version, visit.by()));
    }

    @PostMapping("/on-slide")
    String sayOnSlide(
            @ModelAttribute(name = "visit", binding = false) SetUpRequest visit,
            @RequestParam boolean carried,
            @RequestParam int version) {
        return answers.to(
                visit, () -> circumstances.sayOnSlide(visit.number(), visit.position(), carried, version, visit.by()));
    }

    /** The seed of the virtual part is the set-up's own number, so that it shows the same every time. */
    @PostMapping("/simulated")
    String simulate(
            @ModelAttribute(name = "visit", binding = false) SetUpRequest visit,
            @RequestParam boolean on,
            @RequestParam int version) {
        Optional<Long> seed = on ? Optional.of(visit.number() * 1000L + visit.position()) : Optional.empty();
        return answers.to(visit, () -> simulated.put(visit.number(), visit.position(), seed, version, visit.by()));
    }

    @PostMapping("/simulated/bezel")
    String turnBezel(@ModelAttribute(name = "visit", binding = false) SetUpRequest visit, @RequestParam int version) {
        return answers.to(visit, () -> simulated.zero(visit.number(), visit.position(), version, visit.by()));
    }

    @PostMapping("/simulated/readings")
    String takeSimulated(
            @ModelAttribute(name = "visit", binding = false) SetUpRequest visit,
            @RequestParam long sweep,
            @RequestParam int place,
            @RequestParam String key) {
        return answers.to(visit, () -> simulated.take(visit.number(), visit.position(), sweep, place, key, visit.by()));
    }
}
