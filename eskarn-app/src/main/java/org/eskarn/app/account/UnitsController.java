package org.eskarn.app.account;

import org.eskarn.app.page.LocalAddress;
import org.eskarn.app.page.Units;
import org.springframework.http.HttpHeaders;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;

/** A person's choice of the units they see. */
@Controller
class UnitsController {

    private final AccountService accounts;

    UnitsController(AccountService accounts) {
        this.accounts = accounts;
    }

    @PostMapping("/units")
    String choose(
            @RequestParam Units units,
            @AuthenticationPrincipal SignedIn person,
            @RequestHeader(name = HttpHeaders.REFERER, defaultValue = "/") String referer) {
        accounts.setUnits(person.id(), units);
        return "redirect:" + pathOf(referer);
    }

    /** Only the path of where the person came from, so that nobody is led to another host. */
    private static String pathOf(String referer) {
        return LocalAddress.of(referer.replaceFirst("^https?://[^/]*", ""));
    }

    /** The choice as it stands, for the frame of every page. */
    @ControllerAdvice
    static class Advice {

        private final AccountService accounts;

        Advice(AccountService accounts) {
            this.accounts = accounts;
        }

        @ModelAttribute("unitsChosen")
        Units chosen(@AuthenticationPrincipal SignedIn person) {
            return person == null ? Units.AS_DRAWN : accounts.units(person.id());
        }
    }
}
