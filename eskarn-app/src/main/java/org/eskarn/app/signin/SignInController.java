package org.eskarn.app.signin;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.eskarn.app.account.AccountForm;
import org.eskarn.app.account.AccountRefused;
import org.eskarn.app.account.AccountService;
import org.eskarn.app.account.InstallationService;
import org.eskarn.app.account.SignedIn;
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
    private final FirstStartWord firstWord;
    private final SignInSlowdown slowdown;

    SignInController(
            AccountService accounts,
            InstallationService installation,
            FirstStartWord firstWord,
            SignInSlowdown slowdown) {
        this.accounts = accounts;
        this.installation = installation;
        this.firstWord = firstWord;
        this.slowdown = slowdown;
    }

    @GetMapping("/sign-in")
    String signIn(
            @AuthenticationPrincipal @Nullable SignedIn person,
            @RequestParam(required = false) @Nullable String failed,
            @RequestParam(required = false) @Nullable String out,
            @RequestParam(required = false) @Nullable String old,
            @RequestParam(required = false) @Nullable String set,
            @RequestParam(required = false) @Nullable Long wait,
            @RequestParam(required = false) @Nullable String to,
            Model model) {
        if (person != null && to == null && failed == null && wait == null) {
            return "redirect:/";
        }
        if (accounts.none()) {
            return "redirect:/first-start";
        }
        if (wait != null) {
            model.addAttribute("problem", Words.say("signin.too-many-failed-tries", wait));
        } else if (failed != null) {
            model.addAttribute("problem", Words.say("signin.name-and-password-do-not-match"));
        } else if (old != null) {
            model.addAttribute("problem", Words.say("signin.page-was-old"));
        } else if (out != null) {
            model.addAttribute("notice", Words.say("signin.you-are-signed-out"));
        } else if (set != null) {
            model.addAttribute("notice", Words.say("signin.password-is-set"));
        }
        boolean demo = installation.demo();
        model.addAttribute("to", SignInAddress.local(to));
        model.addAttribute("demo", demo);
        model.addAttribute("demoAccounts", demo ? accounts.all() : List.of());
        return "signin/sign-in";
    }

    @GetMapping("/first-start")
    String firstStart(Model model) {
        if (!accounts.none()) {
            return "redirect:/sign-in";
        }
        model.addAttribute("form", AccountForm.EMPTY);
        return "signin/first-start";
    }

    @PostMapping("/first-start")
    String createSteward(
            AccountForm form,
            @RequestParam(defaultValue = "") String password,
            @RequestParam(defaultValue = "") String word,
            HttpServletRequest request,
            Model model) {
        String here = "first start from " + request.getRemoteAddr();
        try {
            model.addAttribute("word", word);
            if (!slowdown.beginAt(here).isZero()) {
                throw new AccountRefused("word", Words.say("signin.too-many-words"));
            }
            if (!firstWord.is(word)) {
                throw new AccountRefused("word", Words.say("signin.not-the-word"));
            }
            slowdown.succeededAt(here);
            accounts.createFirst(form.login(), form.name(), password);
            return "redirect:/sign-in";
        } catch (AccountRefused refused) {
            form.refill(model, refused);
            return "signin/first-start";
        }
    }
}
