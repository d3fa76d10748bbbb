package org.eskarn.app.docket.work;

import java.util.ArrayList;
import java.util.List;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.ReadingSource;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.page.NotFound;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Readings: taken, taken back, put right, pasted, and stations added for more of them. */
@Controller
@RequestMapping("/dockets/{number}/{position}")
class ReadingController implements SetUpActions {

    private final ReadingService readings;
    private final DocketPages pages;
    private final SetUpResponses answers;

    ReadingController(ReadingService readings, DocketPages pages, SetUpResponses answers) {
        this.readings = readings;
        this.pages = pages;
        this.answers = answers;
    }

    @PostMapping("/readings")
    String take(
            @ModelAttribute(name = "visit", binding = false) SetUpRequest visit,
            @RequestParam long sweep,
            @RequestParam int place,
            @RequestParam String typed,
            @RequestParam String key,
            @RequestParam(defaultValue = "ASK") TypedReading.Meant meant) {
        TypedReading reading = new TypedReading(sweep, place, typed, key, ReadingSource.KEYPAD, meant);
        visit.model().addAttribute("typed", typed);
        return answers.alternating(visit, () -> readings.take(visit.number(), visit.position(), reading, visit.by()));
    }

    /** All that is still to be answered is yes, but for those that are named. */
    @PostMapping("/readings/rest")
    String rest(
            @ModelAttribute(name = "visit", binding = false) SetUpRequest visit,
            @RequestParam long sweep,
            @RequestParam int place,
            @RequestParam(defaultValue = "") String except,
            @RequestParam String key) {
        visit.model().addAttribute("except", except);
        TypedReading first = TypedReading.ofKeypad(sweep, place, "1", key);
        return answers.to(
                visit, () -> readings.answerRest(visit.number(), visit.position(), first, except, visit.by()));
    }

    /** Shows which reading would go to which station; nothing is stored. */
    @PostMapping("/paste/preview")
    String preview(@ModelAttribute(name = "visit", binding = false) SetUpRequest visit, @RequestParam String pasted) {
        SetUp setUp = pages.docket(visit.number()).at(visit.position()).orElseThrow(NotFound::new);
        visit.model().addAttribute("pasted", shown(setUp, pasted));
        return answers.page(visit, "paste");
    }

    private static Pasted shown(SetUp setUp, String pasted) {
        return Pasted.of(setUp, pasted, setUp.sweep().nextPlace());
    }

    @PostMapping("/paste")
    String paste(
            @ModelAttribute(name = "visit", binding = false) SetUpRequest visit,
            @RequestParam long sweep,
            @RequestParam int place,
            @RequestParam String pasted,
            @RequestParam String key) {
        SetUp setUp = pages.docket(visit.number()).at(visit.position()).orElseThrow(NotFound::new);
        visit.model().addAttribute("task", "paste");
        visit.model().addAttribute("pasted", shown(setUp, pasted));
        // Taken from the place that the page saw: sent again after a lost answer, they are the same readings.
        Pasted looked = Pasted.of(setUp, pasted, place);
        List<TypedReading> all = new ArrayList<>();
        for (String each : looked.readings()) {
            all.add(new TypedReading(sweep, place + all.size(), each, key + "-" + all.size(), ReadingSource.PASTED));
        }
        return answers.to(visit, () -> {
            if (!looked.good()) {
                throw new DocketConflict(looked.problem());
            }
            readings.takeAll(visit.number(), visit.position(), all, visit.by());
        });
    }

    /** What was typed to put a reading right, to be shown again when it was refused. */
    record CorrectionForm(int place, String correction, String reason) {}

    @PostMapping("/corrections")
    String correct(
            @ModelAttribute(name = "visit", binding = false) SetUpRequest visit,
            @RequestParam long sweep,
            @RequestParam int place,
            @RequestParam String correction,
            @RequestParam String reason,
            @RequestParam String key,
            @RequestParam int version) {
        TypedReading reading = TypedReading.ofKeypad(sweep, place, correction, key);
        visit.model().addAttribute("task", "correct");
        visit.model().addAttribute("correction", new CorrectionForm(place, correction, reason));
        return answers.to(
                visit, () -> readings.correct(visit.number(), visit.position(), reading, reason, version, visit.by()));
    }

    @PostMapping("/stations")
    String addStation(
            @ModelAttribute(name = "visit", binding = false) SetUpRequest visit,
            @RequestParam long sweep,
            @RequestParam String angle,
            @RequestParam int version) {
        visit.model().addAttribute("task", "hunt");
        visit.model().addAttribute("angle", angle);
        return answers.to(
                visit, () -> readings.addStation(visit.number(), visit.position(), sweep, angle, version, visit.by()));
    }

    @PostMapping("/stations/taken-away")
    String takeStationAway(
            @ModelAttribute(name = "visit", binding = false) SetUpRequest visit,
            @RequestParam long sweep,
            @RequestParam int version) {
        return answers.to(
                visit, () -> readings.takeStationAway(visit.number(), visit.position(), sweep, version, visit.by()));
    }

    @PostMapping("/take-back")
    String takeBack(
            @ModelAttribute(name = "visit", binding = false) SetUpRequest visit,
            @RequestParam long sweep,
            @RequestParam int place) {
        return answers.to(visit, () -> readings.takeBack(visit.number(), visit.position(), sweep, place, visit.by()));
    }
}
