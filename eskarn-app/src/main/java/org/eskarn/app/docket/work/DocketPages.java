package org.eskarn.app.docket.work;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import org.eskarn.app.account.Account;
import org.eskarn.app.account.AccountService;
import org.eskarn.app.account.Role;
import org.eskarn.app.account.SignedIn;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.GaugeChoice;
import org.eskarn.app.docket.GaugeChoice.Offer;
import org.eskarn.app.docket.GaugeQuestions;
import org.eskarn.app.docket.SetAsideCause;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.SetUpDisplay;
import org.eskarn.app.docket.Step;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.gauge.GaugeService;
import org.eskarn.app.page.NotFound;
import org.eskarn.app.picture.engine.View;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** Fills the model of the docket screen, for the whole page and for the part of it that a change answers with. */
@Component
public class DocketPages {

    private final DocketService dockets;
    private final GaugeService gauges;
    private final AccountService accounts;
    private final ZeroService zeros;
    private final CircumstanceService circumstances;
    private final GaugeQuestions questions;
    private final Clock clock;

    DocketPages(
            DocketService dockets,
            GaugeService gauges,
            AccountService accounts,
            ZeroService zeros,
            CircumstanceService circumstances,
            GaugeQuestions questions,
            Clock clock) {
        this.dockets = dockets;
        this.gauges = gauges;
        this.accounts = accounts;
        this.zeros = zeros;
        this.circumstances = circumstances;
        this.questions = questions;
        this.clock = clock;
    }

    public Docket docket(int number) {
        return dockets.find(number).orElseThrow(NotFound::new);
    }

    void fill(Model model, Docket docket, int position, Optional<Step> step, SignedIn person) {
        fill(model, docket, position, step, View.AS_READ, person);
    }

    void fill(Model model, Docket docket, int position, Optional<Step> step, View view, SignedIn person) {
        SetUp setUp = docket.at(position).orElseThrow(NotFound::new);
        Step shown = step.orElse(setUp.current());
        model.addAttribute("place", "docket");
        model.addAttribute("today", LocalDate.now(clock));
        if (shown == Step.GAUGE && !setUp.sweep().touched()) {
            offers(model, setUp);
        }
        setUp.masterToSet().filter(gauge -> shown == Step.ZERO).ifPresent(gauge -> {
            model.addAttribute("masterGauge", gauge);
            model.addAttribute("masters", zeros.masters(setUp));
        });
        if (shown == Step.ZERO) {
            model.addAttribute("plates", circumstances.plates());
        }
        model.addAttribute("causes", List.of(SetAsideCause.values()));
        model.addAttribute("mayDecide", mayDecide(setUp, person));
        if (shown == Step.VERDICT) {
            model.addAttribute("questions", questions.questionsOf(docket.number()));
            model.addAttribute(
                    "smaller",
                    SmallerUncertainty.of(
                            setUp,
                            gauges.all(),
                            LocalDate.now(clock),
                            SetUpDisplay.readings(setUp, accounts.units(person.id()))));
        }
        DocketPage page = DocketPage.of(
                docket,
                setUp,
                shown,
                accounts.units(person.id()),
                view,
                person.role().inspects(),
                shown == Step.REQUIRE
                        ? SameSetUp.of(docket, setUp, clock.instant(), clock.getZone())
                        : Optional.empty());
        model.addAttribute("page", page);
        if (shown == Step.VERDICT) {
            model.addAttribute("actions", VerdictAction.of(page));
        }
    }

    /** The gauges of the kind that is required, and who adds one where there is none. */
    private void offers(Model model, SetUp setUp) {
        List<Gauge> all = gauges.all();
        LocalDate today = LocalDate.now(clock);
        for (int number = 1; number <= setUp.sweep().gauges().size(); number++) {
            List<Offer> offers = GaugeChoice.offers(setUp.requirement(), number, all, today);
            model.addAttribute(number == 1 ? "offers" : "secondOffers", offers);
        }
        model.addAttribute(
                "keepers",
                accounts.all().stream()
                        .filter(account -> account.active() && account.role().keeps())
                        .map(Account::name)
                        .collect(Collectors.joining(", ")));
    }

    private static boolean mayDecide(SetUp setUp, SignedIn person) {
        return setUp.findings().undecided()
                && person.role() == Role.CHECKER
                && !setUp.measuredBy().contains(person.id());
    }

    static Optional<Step> step(String written) {
        try {
            return Optional.of(Step.valueOf(written.toUpperCase(Locale.ROOT)));
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }
}
