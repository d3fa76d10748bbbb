package org.eskarn.app.docket;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Optional;
import org.eskarn.app.account.SignedIn;
import org.eskarn.app.docket.SetUpService.TypedReading;
import org.eskarn.core.reading.EntryRejected;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/**
 * The changes to a set-up. A page with script gets the part of the page that may have changed, with 422 when the entry
 * was no reading and 409 when somebody was quicker; a page without script is sent back to where it was.
 */
@Controller
@RequestMapping("/dockets/{number}/{position}")
class SetUpController {

    private final SetUpService setUps;
    private final DocketPages pages;

    SetUpController(SetUpService setUps, DocketPages pages) {
        this.setUps = setUps;
        this.pages = pages;
    }

    /** Who asks, about what, and where the answer goes. */
    record Visit(
            int number,
            int position,
            SignedIn person,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {

        boolean withScript() {
            return request.getHeader("HX-Request") != null;
        }

        String path() {
            return "/dockets/" + number + "/" + position;
        }
    }

    @ModelAttribute("visit")
    Visit visit(
            @PathVariable int number,
            @PathVariable int position,
            @AuthenticationPrincipal SignedIn person,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        return new Visit(number, position, person, request, response, model);
    }

    @PostMapping("/readings")
    String take(
            @ModelAttribute(name = "visit", binding = false) Visit visit,
            @RequestParam long sweep,
            @RequestParam int place,
            @RequestParam String typed,
            @RequestParam String key) {
        TypedReading reading = new TypedReading(sweep, place, typed, key);
        visit.model().addAttribute("typed", typed);
        return answer(
                visit,
                () -> setUps.take(
                        visit.number(),
                        visit.position(),
                        reading,
                        visit.person().id()));
    }

    @PostMapping("/corrections")
    String correct(
            @ModelAttribute(name = "visit", binding = false) Visit visit,
            @RequestParam long sweep,
            @RequestParam int place,
            @RequestParam String correction,
            @RequestParam String reason,
            @RequestParam String key,
            @RequestParam int version) {
        TypedReading reading = new TypedReading(sweep, place, correction, key);
        visit.model().addAttribute("task", "correct");
        visit.model().addAttribute("correction", new CorrectionForm(place, correction, reason));
        return answer(
                visit,
                () -> setUps.correct(
                        visit.number(),
                        visit.position(),
                        reading,
                        reason,
                        version,
                        visit.person().id()));
    }

    @PostMapping("/stations")
    String addStation(
            @ModelAttribute(name = "visit", binding = false) Visit visit,
            @RequestParam long sweep,
            @RequestParam String angle,
            @RequestParam int version) {
        visit.model().addAttribute("task", "hunt");
        visit.model().addAttribute("angle", angle);
        return answer(
                visit,
                () -> setUps.addStation(
                        visit.number(),
                        visit.position(),
                        sweep,
                        angle,
                        version,
                        visit.person().id()));
    }

    /** What was typed to put a reading right, to be shown again when it was refused. */
    record CorrectionForm(int place, String correction, String reason) {}

    @PostMapping("/take-back")
    String takeBack(
            @ModelAttribute(name = "visit", binding = false) Visit visit,
            @RequestParam long sweep,
            @RequestParam int place) {
        return answer(
                visit,
                () -> setUps.takeBack(
                        visit.number(),
                        visit.position(),
                        sweep,
                        place,
                        visit.person().id()));
    }

    @PostMapping("/steps/{step}")
    String confirm(
            @ModelAttribute(name = "visit", binding = false) Visit visit,
            @PathVariable String step,
            @RequestParam int version) {
        Step confirmed = DocketPages.step(step).orElseThrow(DocketPages::notFound);
        return answer(
                visit,
                () -> setUps.confirm(
                        visit.number(),
                        visit.position(),
                        confirmed,
                        version,
                        visit.person().id()));
    }

    @PostMapping("/steps/{step}/reopen")
    String reopen(
            @ModelAttribute(name = "visit", binding = false) Visit visit,
            @PathVariable String step,
            @RequestParam int version) {
        Step reopened = DocketPages.step(step).orElseThrow(DocketPages::notFound);
        return answer(
                visit,
                () -> setUps.reopen(
                        visit.number(),
                        visit.position(),
                        reopened,
                        version,
                        visit.person().id()));
    }

    @PostMapping("/preparations/{preparation}")
    String tick(
            @ModelAttribute(name = "visit", binding = false) Visit visit,
            @PathVariable long preparation,
            @RequestParam int version) {
        return answer(
                visit,
                () -> setUps.tick(
                        visit.number(),
                        visit.position(),
                        preparation,
                        version,
                        visit.person().id()));
    }

    @PostMapping("/sweeps")
    String sweepAgain(@ModelAttribute(name = "visit", binding = false) Visit visit, @RequestParam int version) {
        return answer(
                visit,
                () -> setUps.sweepAgain(
                        visit.number(),
                        visit.position(),
                        version,
                        visit.person().id()));
    }

    /** One change to a set-up. */
    private interface Change {
        void make() throws DocketConflict, EntryRejected;
    }

    private String answer(Visit visit, Change change) {
        try {
            change.make();
            visit.model().addAttribute("typed", "");
        } catch (EntryRejected e) {
            visit.response().setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            visit.model().addAttribute("problem", e.getMessage());
        } catch (DocketConflict e) {
            visit.response().setStatus(HttpStatus.CONFLICT.value());
            visit.model().addAttribute("problem", e.getMessage());
        }
        boolean refused = visit.model().containsAttribute("problem");
        Object task = refused ? visit.model().getAttribute("task") : null;
        visit.model().addAttribute("task", task);
        if (!visit.withScript() && !refused) {
            return "redirect:" + visit.path();
        }
        visit.response().setHeader("HX-Replace-Url", visit.path());
        Optional<Step> step = task == null ? Optional.empty() : Optional.of(Step.SWEEP);
        pages.fill(visit.model(), pages.docket(visit.number()), visit.position(), step, visit.person());
        return visit.withScript() ? "docket/work :: work" : "docket/docket";
    }
}
