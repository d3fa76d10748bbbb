package org.eskarn.app.account;

import java.util.List;
import org.eskarn.app.page.Words;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Signing in, and making the steward at the very first start. */
@Controller
class SignInController {

    private final AccountService accounts;
    private final InstallationService installation;

    SignInController(AccountService accounts, InstallationService installation) {
        this.accounts = accounts;
        this.installation = installation;
    }

    @GetMapping("/sign-in")
    String signIn(
            @AuthenticationPrincipal @Nullable SignedIn person,
            @RequestParam(required = false) @Nullable String failed,
            @RequestParam(required = false) @Nullable String out,
            @RequestParam(required = false) @Nullable Long wait,
            Model model) {
        if (person != null) {
            return "redirect:/";
        }
        if (accounts.none()) {
            return "redirect:/first-start";
        }
        if (wait != null) {
            model.addAttribute("problem", Words.say("account.too-many-failed-tries-wait-seconds-then", wait));
        } else if (failed != null) {
            model.addAttribute("problem", Words.say("account.sign-in-name-and-password-do-not"));
        } else if (out != null) {
            model.addAttribute("notice", Words.say("account.you-are-signed-out"));
        }
        boolean demo = installation.demo();
        model.addAttribute("demo", demo);
        model.addAttribute("demoAccounts", demo ? accounts.all() : List.of());
        return "account/sign-in";
    }

    @GetMapping("/first-start")
    String firstStart(Model model) {
        if (!accounts.none()) {
            return "redirect:/sign-in";
        }
        model.addAttribute("form", AccountForm.EMPTY);
        return "account/first-start";
    }

    @PostMapping("/first-start")
    String createSteward(AccountForm form, Model model) {
        try {
            accounts.createFirst(form.login(), form.name(), form.password());
            return "redirect:/sign-in";
        } catch (AccountRefused refused) {
            form.refill(model, refused);
            return "account/first-start";
        }
    }
}
