package org.eskarn.app.docket.history;

import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import org.eskarn.app.account.Account;
import org.eskarn.app.account.AccountService;
import org.eskarn.app.account.SignedIn;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.gauge.GaugeService;
import org.eskarn.app.page.NotFound;
import org.eskarn.app.page.Units;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What became of a piece, and what was read with a gauge or by a person. */
@Controller
@RequestMapping("/histories")
class HistoryController {

    private final HistoryService histories;
    private final GaugeService gauges;
    private final AccountService accounts;

    HistoryController(HistoryService histories, GaugeService gauges, AccountService accounts) {
        this.histories = histories;
        this.gauges = gauges;
        this.accounts = accounts;
    }

    /** One line of work. */
    record Line(WorkLine work, Docket docket, SetUp setUp, FoundFigure figure) {}

    @GetMapping
    String find(@RequestParam(defaultValue = "") String find, Model model) {
        String typed = find.strip();
        model.addAttribute("place", "ledger");
        model.addAttribute("find", typed);
        model.addAttribute("pieces", histories.pieces(typed));
        model.addAttribute(
                "gauges",
                gauges.all().stream()
                        .filter(gauge -> holds(typed, gauge.mark(), gauge.name()))
                        .toList());
        model.addAttribute(
                "people",
                accounts.all().stream()
                        .filter(account -> holds(typed, account.name(), account.login()))
                        .toList());
        return "docket/histories";
    }

    private static boolean holds(String typed, String one, String other) {
        String wanted = typed.toLowerCase(Locale.ROOT);
        return !typed.isEmpty() && (one + " " + other).toLowerCase(Locale.ROOT).contains(wanted);
    }

    @GetMapping("/piece")
    String piece(
            @RequestParam String drawing,
            @RequestParam String serial,
            @AuthenticationPrincipal SignedIn person,
            Model model) {
        List<Docket> dockets = histories.piece(drawing, serial);
        if (dockets.isEmpty()) {
            throw new NotFound();
        }
        model.addAttribute("place", "ledger");
        model.addAttribute("part", dockets.get(dockets.size() - 1).part());
        model.addAttribute("serial", serial);
        model.addAttribute("history", PieceHistory.of(dockets, accounts.units(person.id())));
        model.addAttribute("most", dockets.size() == HistoryService.MOST_OF_PIECE ? dockets.size() : 0);
        return "docket/piece-history";
    }

    @GetMapping("/gauge/{id}")
    String gauge(
            @PathVariable long id,
            @RequestParam(defaultValue = "0") int from,
            @AuthenticationPrincipal SignedIn person,
            Model model) {
        Gauge gauge = gauges.find(id).orElseThrow(NotFound::new);
        model.addAttribute("heading", gauge.mark() + " · " + gauge.name());
        model.addAttribute("back", "/gauges/" + id);
        return work(histories.withGauge(id, Math.max(0, from)), from, person, model);
    }

    @GetMapping("/person/{id}")
    String person(
            @PathVariable long id,
            @RequestParam(defaultValue = "0") int from,
            @AuthenticationPrincipal SignedIn person,
            Model model) {
        Account account = accounts.byId(id).orElseThrow(NotFound::new);
        model.addAttribute("heading", account.name());
        model.addAttribute("back", "/histories?find=" + account.login());
        return work(histories.byPerson(id, Math.max(0, from)), from, person, model);
    }

    private String work(HistoryService.Work work, int from, SignedIn person, Model model) {
        Units units = accounts.units(person.id());
        model.addAttribute("place", "ledger");
        model.addAttribute("from", Math.max(0, from));
        model.addAttribute("size", HistoryService.ON_A_PAGE);
        model.addAttribute("earlier", work.earlier());
        model.addAttribute(
                "lines",
                work.lines().stream()
                        .map(line ->
                                line(line, Objects.requireNonNull(work.dockets().get(line.docketId())), units))
                        .flatMap(Optional::stream)
                        .toList());
        return "docket/work-history";
    }

    private static Optional<Line> line(WorkLine line, Docket docket, Units units) {
        return docket.setUps().stream()
                .filter(setUp -> setUp.id() == line.setUpId())
                .findFirst()
                .map(setUp -> new Line(line, docket, setUp, FoundFigure.of(setUp, units)));
    }
}
