package org.eskarn.app.docket.comparison;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.eskarn.app.account.AccountService;
import org.eskarn.app.account.SignedIn;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.InspectorWords;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.SetUpDisplay;
import org.eskarn.app.docket.SweepRecord;
import org.eskarn.app.docket.comparison.CompareService.Other;
import org.eskarn.app.docket.work.DocketPages;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.NotFound;
import org.eskarn.app.picture.flat.Changes;
import org.eskarn.core.reading.Sweep;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** As found beside as left, this year beside last: what changed, station by station and as a map. */
@Controller
@RequestMapping("/dockets/{number}/{position}/compare")
class CompareController {

    private final DocketPages pages;
    private final CompareService comparing;
    private final AccountService accounts;

    CompareController(DocketPages pages, CompareService comparing, AccountService accounts) {
        this.pages = pages;
        this.comparing = comparing;
        this.accounts = accounts;
    }

    /** One station in figures. */
    record Line(String station, String before, String now, String change, boolean largest) {}

    /**
     * @param with the attempt to compare with; the latest other one where none is named
     * @param border whether both are levelled to their border first
     */
    @GetMapping
    String show(
            @PathVariable int number,
            @PathVariable int position,
            @RequestParam(required = false) @Nullable Long with,
            @RequestParam(defaultValue = "false") boolean border,
            Model model,
            @AuthenticationPrincipal SignedIn person) {
        Docket docket = pages.docket(number);
        SetUp setUp = docket.at(position).orElseThrow(NotFound::new);
        List<Other> others = comparing.others(docket, setUp);
        Optional<Other> chosen = CompareService.chosen(others, Optional.ofNullable(with));
        model.addAttribute("place", "docket");
        model.addAttribute("docket", docket);
        model.addAttribute("setUp", setUp);
        model.addAttribute("others", others);
        model.addAttribute("border", border);
        model.addAttribute("whole", setUp.sweep().complete());
        model.addAttribute("inspectors", false);
        model.addAttribute("over", InspectorsOverDocket.of(docket, accounts.units(person.id())));
        if (chosen.isPresent() && setUp.sweep().complete()) {
            Display display = SetUpDisplay.readings(setUp, accounts.units(person.id()));
            fill(model, setUp, chosen.get(), border, display);
        }
        return "docket/compare";
    }

    /** Of whole heights and deviations only what is between the places can be compared. */
    private static Sweep compared(SweepRecord sweep, boolean fromFirst) {
        Sweep corrected = sweep.assessment().corrected();
        return fromFirst ? corrected.fromFirst() : corrected;
    }

    private static void fill(Model model, SetUp setUp, Other other, boolean border, Display display) {
        boolean fromFirst = setUp.requirement().characteristic().readEitherWay();
        Sweep before = compared(other.attempt().last(), fromFirst);
        Sweep now = compared(setUp.sweep(), fromFirst);
        Changes changes = Changes.of(setUp.requirement().feature().name(), before, now, border, display, false);
        boolean inspectors = setUp.findings().inspections().contains(other.attempt());
        model.addAttribute("inspectors", inspectors);
        if (inspectors && setUp.findings().inspectors().isPresent()) {
            model.addAttribute("sentence", InspectorWords.sentence(setUp, SetUpDisplay.figures(setUp)));
        }
        model.addAttribute("chosen", other);
        model.addAttribute("symbol", display.symbol());
        model.addAttribute("changes", changes);
        model.addAttribute(
                "lines",
                IntStream.range(0, now.readings().size())
                        .mapToObj(i -> new Line(
                                now.readings().get(i).station().name(),
                                display.signed(before.readings().get(i).micrometres()),
                                display.signed(now.readings().get(i).micrometres()),
                                display.signed(changes.difference().change()[i]),
                                i == changes.difference().largest()))
                        .toList());
    }
}
