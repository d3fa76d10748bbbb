package org.eskarn.app.fit;

import io.github.wimdeblauwe.htmx.spring.boot.mvc.HtmxRequest;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.eskarn.app.page.Words;
import org.eskarn.core.fit.Bearing;
import org.eskarn.core.fit.Choices;
import org.eskarn.core.fit.Material;
import org.eskarn.core.fit.Seat;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Fits, bearings, pairs and warmth: type it, get the answer. Nothing here is stored. */
@Controller
@RequestMapping("/tables")
class FitController {

    private static final Map<String, String> USUAL =
            Map.of("load", Choices.Load.NORMAL.name(), "clearance", Bearing.Clearance.GROUP_N.name());

    private final MeasuredPairs measured;

    FitController(MeasuredPairs measured) {
        this.measured = measured;
    }

    @ModelAttribute
    void everywhere(Model model) {
        model.addAttribute("place", "tables");
    }

    @GetMapping("/fits")
    String fits(@RequestParam Map<String, String> typed, Model model, HtmxRequest request) {
        return shown(FitCalculator.FITS, typed, FitAnswer::of, model, request);
    }

    @GetMapping("/choosing")
    String choosing(@RequestParam Map<String, String> typed, Model model, HtmxRequest request) {
        model.addAttribute("uses", Choices.Use.values());
        model.addAttribute("loads", Choices.Load.values());
        return shown(FitCalculator.CHOOSING, typed, ChoiceAnswer::of, model, request);
    }

    @GetMapping("/bearings")
    String bearings(@RequestParam Map<String, String> typed, Model model, HtmxRequest request) {
        model.addAttribute("rings", Seat.Ring.values());
        model.addAttribute("turnings", Seat.Turning.values());
        model.addAttribute("loads", Choices.Load.values());
        model.addAttribute("precisions", Bearing.Precision.values());
        model.addAttribute("clearances", Bearing.Clearance.values());
        model.addAttribute("bearings", Bearing.all());
        return shown(FitCalculator.BEARINGS, typed, BearingAnswer::of, model, request);
    }

    @GetMapping("/end-gap")
    String endGap(@RequestParam Map<String, String> typed, Model model, HtmxRequest request) {
        return shown(FitCalculator.END_GAP, typed, EndGapAnswer::of, model, request);
    }

    @GetMapping("/pair")
    String pair(@RequestParam Map<String, String> typed, Model model, HtmxRequest request) {
        if (whole(request, typed)) {
            model.addAttribute("maps", measured.all());
        }
        return shown(FitCalculator.PAIR, measured.filled(typed), PairAnswer::of, model, request);
    }

    @GetMapping("/batch")
    String batch(@RequestParam Map<String, String> typed, Model model, HtmxRequest request) {
        if (whole(request, typed)) {
            model.addAttribute("batches", measured.batches());
        }
        return shown(FitCalculator.BATCH, measured.batchFilled(typed), BatchAnswer::of, model, request);
    }

    @GetMapping("/heating")
    String heating(@RequestParam Map<String, String> typed, Model model, HtmxRequest request) {
        materials(model);
        return shown(FitCalculator.HEATING, typed, HeatAnswer::of, model, request);
    }

    @GetMapping("/at-20")
    String at20(@RequestParam Map<String, String> typed, Model model, HtmxRequest request) {
        materials(model);
        return shown(FitCalculator.AT_20, typed, WarmthAnswer::at20, model, request);
    }

    @GetMapping("/in-service")
    String inService(@RequestParam Map<String, String> typed, Model model, HtmxRequest request) {
        materials(model);
        return shown(FitCalculator.IN_SERVICE, typed, WarmthAnswer::inService, model, request);
    }

    private static void materials(Model model) {
        model.addAttribute("materials", Material.all());
        model.addAttribute("origin", Words.of(Material.origin()));
    }

    private static String shown(
            FitCalculator calculator,
            Map<String, String> typed,
            Function<Fields, Optional<Answer>> answer,
            Model model,
            HtmxRequest request) {
        Fields fields = new Fields(typed, USUAL);
        model.addAttribute("calculator", calculator);
        model.addAttribute("f", fields);
        model.addAttribute("answer", answer.apply(fields));
        model.addAttribute("problems", fields.problems());
        return whole(request, typed) ? "fit/calculator" : "fit/calculator :: answer";
    }

    /** Whether the whole page is asked for, and not the answer alone: what is taken from a docket fills its field. */
    private static boolean whole(HtmxRequest request, Map<String, String> typed) {
        return !request.isHtmxRequest() || typed.containsKey("whole");
    }
}
