package org.eskarn.app.api;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Map;
import org.eskarn.app.account.SignedIn;
import org.eskarn.app.page.FormRefused;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** A person’s tokens for other programs. */
@Controller
@RequestMapping("/tokens")
class TokenController {

    private static final int USUAL_DAYS = 90;

    private final ApiTokens tokens;
    private final Clock clock;

    TokenController(ApiTokens tokens, Clock clock) {
        this.tokens = tokens;
        this.clock = clock;
    }

    @GetMapping
    String show(@AuthenticationPrincipal SignedIn person, Model model) {
        return page("", LocalDate.now(clock).plusDays(USUAL_DAYS).toString(), Map.of(), person, model);
    }

    private String page(String name, String until, Map<String, String> problems, SignedIn person, Model model) {
        model.addAttribute("place", "bench");
        model.addAttribute("tokens", tokens.of(person.id()));
        model.addAttribute("today", LocalDate.now(clock));
        model.addAttribute("name", name);
        model.addAttribute("until", until);
        model.addAttribute("problems", problems);
        return "api/tokens";
    }

    @PostMapping
    String make(
            @RequestParam(defaultValue = "") String name,
            @RequestParam(defaultValue = "") String until,
            @AuthenticationPrincipal SignedIn person,
            Model model) {
        try {
            model.addAttribute("token", tokens.make(person.id(), name, until));
            return show(person, model);
        } catch (FormRefused e) {
            return page(name, until, e.problems(), person, model);
        }
    }

    @PostMapping("/{id}/revoke")
    String revoke(@PathVariable long id, @AuthenticationPrincipal SignedIn person) {
        tokens.revoke(person.id(), id);
        return "redirect:/tokens";
    }
}
