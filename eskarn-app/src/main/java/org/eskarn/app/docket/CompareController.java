package org.eskarn.app.docket;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.eskarn.app.account.AccountService;
import org.eskarn.app.account.SignedIn;
import org.eskarn.app.docket.CompareService.Other;
import org.eskarn.app.page.Display;
import org.eskarn.app.picture.PlatePictures;
import org.eskarn.core.flat.Difference;
import org.eskarn.core.flat.Facets;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.Station;
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
        SetUp setUp = docket.at(position).orElseThrow(DocketPages::notFound);
        List<Other> others = comparing.others(docket, setUp);
        Optional<Other> chosen = CompareService.chosen(others, Optional.ofNullable(with));
        model.addAttribute("place", "docket");
        model.addAttribute("docket", docket);
        model.addAttribute("setUp", setUp);
        model.addAttribute("others", others);
        model.addAttribute("border", border);
        model.addAttribute("whole", setUp.sweep().complete());
        if (chosen.isPresent() && setUp.sweep().complete()) {
            Display display = DocketPage.readings(setUp, accounts.units(person.id()));
            fill(model, setUp, chosen.get(), border, display);
        }
        return "docket/compare";
    }

    private static void fill(Model model, SetUp setUp, Other other, boolean border, Display display) {
        List<Reading> before = other.attempt().last().assessment().corrected().readings();
        List<Reading> now = setUp.assessment().corrected().readings();
        List<Station> stations = now.stream().map(Reading::station).toList();
        boolean plane = stations.stream().allMatch(station -> station.across() != null);
        double perPlace = setUp.sweep().layout().unit().micrometres().doubleValue() / 1000;
        double[] x = stations.stream()
                .mapToDouble(station -> plane ? station.distance() * perPlace : station.number())
                .toArray();
        double[] y = stations.stream()
                .mapToDouble(station -> plane ? station.height() * perPlace : 0)
                .toArray();
        Difference difference = Difference.of(x, y, micrometres(before), micrometres(now), border && plane);
        model.addAttribute("chosen", other);
        model.addAttribute("plane", plane);
        model.addAttribute("symbol", display.symbol());
        model.addAttribute("headline", headline(difference, stations, display));
        model.addAttribute(
                "lines",
                IntStream.range(0, stations.size())
                        .mapToObj(i -> new Line(
                                stations.get(i).name(),
                                display.signed(before.get(i).micrometres()),
                                display.signed(now.get(i).micrometres()),
                                display.signed(difference.change()[i]),
                                i == difference.largest()))
                        .toList());
        if (plane) {
            int[] noRims = new int[x.length];
            Arrays.fill(noRims, -1);
            model.addAttribute(
                    "picture",
                    PlatePictures.ofValues(
                            setUp.requirement().feature().name() + ", what changed",
                            stations,
                            perPlace,
                            difference.change(),
                            Facets.of(x, y, noRims),
                            "now less before",
                            display,
                            false));
        }
    }

    private static String headline(Difference difference, List<Station> stations, Display display) {
        double largest = difference.change()[difference.largest()];
        if (largest == 0) {
            return "Nothing changed.";
        }
        return "Largest change: " + display.signed(largest) + " " + display.symbol() + " at "
                + stations.get(difference.largest()).name() + ", so it is "
                + (largest < 0 ? "lower" : "higher") + " there now; mean "
                + display.signed(difference.mean()) + " " + display.symbol()
                + (difference.onBorder()
                        ? ", each levelled to its own border."
                        : ", as both were read on their zeros.");
    }

    private static double[] micrometres(List<Reading> readings) {
        return readings.stream().mapToDouble(Reading::micrometres).toArray();
    }
}
