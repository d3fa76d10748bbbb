package org.eskarn.app.signin;

import jakarta.servlet.http.HttpServletRequest;
import org.eskarn.app.account.Account;
import org.eskarn.app.account.AccountRefused;
import org.eskarn.app.account.AccountService;
import org.eskarn.app.account.ResetLinkService;
import org.eskarn.app.account.Sessions;
import org.eskarn.app.account.SignedIn;
import org.eskarn.app.page.NotFound;
import org.eskarn.app.page.Words;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** A person's own password: changed by themselves, or set with a link that a steward gave them. */
@Controller
class PasswordController {

    private final AccountService accounts;
    private final ResetLinkService links;
    private final OwnPassword ownPassword;
    private final KnownDevices devices;
    private final Sessions sessions;

    PasswordController(
            AccountService accounts,
            ResetLinkService links,
            OwnPassword ownPassword,
            KnownDevices devices,
            Sessions sessions) {
        this.accounts = accounts;
        this.links = links;
        this.ownPassword = ownPassword;
        this.devices = devices;
        this.sessions = sessions;
    }

    @GetMapping("/password")
    String show(@AuthenticationPrincipal SignedIn person, Model model) {
        model.addAttribute("account", accounts.byId(person.id()).orElseThrow());
        return "signin/password";
    }

    @PostMapping("/password")
    String change(
            @RequestParam(defaultValue = "") String old,
            @RequestParam(defaultValue = "") String password,
            @RequestParam(defaultValue = "") String again,
            @AuthenticationPrincipal SignedIn person,
            HttpServletRequest request,
            Model model) {
        try {
            ownPassword.confirm(person.account(), old);
            same(password, again);
            accounts.changePassword(person.account(), password);
            sessions.signOut(person.account(), request.getSession().getId());
            model.addAttribute("notice", Words.say("signin.password-is-changed"));
        } catch (PasswordRefused refused) {
            refuse("old", refused, model);
        } catch (AccountRefused refused) {
            refuse(refused.field(), refused, model);
        }
        return show(person, model);
    }

    private static void same(String password, String again) throws AccountRefused {
        if (!password.equals(again)) {
            throw new AccountRefused("again", Words.say("signin.passwords-differ"));
        }
    }

    private static void refuse(String field, Exception refused, Model model) {
        model.addAttribute("refusedField", field);
        model.addAttribute("refusal", refused.getMessage());
    }

    @GetMapping("/set-password/{token}")
    String showLink(@PathVariable String token, Model model) {
        model.addAttribute("opened", links.open(token).orElseThrow(NotFound::new));
        return "signin/set-password";
    }

    @PostMapping("/set-password/{token}")
    String setByLink(
            @PathVariable String token,
            @RequestParam(defaultValue = "") String password,
            @RequestParam(defaultValue = "") String again,
            Model model) {
        try {
            same(password, again);
            Account account = links.use(token, password);
            devices.forgetAll(account);
            sessions.signOut(account, null);
            return "redirect:/sign-in?set";
        } catch (AccountRefused refused) {
            refuse(refused.field(), refused, model);
            return showLink(token, model);
        }
    }
}
