package org.eskarn.app.account;

import org.eskarn.app.page.Words;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.core.session.SessionInformation;
import org.springframework.security.core.session.SessionRegistry;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The steward's list of people. */
@Controller
@RequestMapping("/accounts")
class AccountsController {

    private final AccountService accounts;

    private final SessionRegistry sessions;

    AccountsController(AccountService accounts, SessionRegistry sessions) {
        this.accounts = accounts;
        this.sessions = sessions;
    }

    @GetMapping
    String list(Model model) {
        model.addAttribute("form", AccountForm.EMPTY);
        return page(model);
    }

    @PostMapping
    String create(AccountForm form, Model model) {
        try {
            Role role = form.role();
            if (role == null) {
                throw new AccountRefused("role", Words.say("account.choose-what-this-person-does"));
            }
            accounts.create(form.login(), form.name(), role, form.password());
            return "redirect:/accounts";
        } catch (AccountRefused refused) {
            form.refill(model, refused);
            return page(model);
        }
    }

    @PostMapping("/{id}")
    String setActive(
            @PathVariable long id,
            @RequestParam int version,
            @RequestParam boolean active,
            @AuthenticationPrincipal SignedIn person,
            Model model) {
        try {
            if (id == person.id()) {
                throw new AccountRefused("list", Words.say("account.you-cannot-switch-off-your-own-account"));
            }
            accounts.setActive(id, version, active);
            if (!active) {
                signOut(id);
            }
            return "redirect:/accounts";
        } catch (AccountRefused refused) {
            AccountForm.EMPTY.refill(model, refused);
            return page(model);
        }
    }

    private void signOut(long id) {
        sessions.getAllPrincipals().stream()
                .filter(principal -> principal instanceof SignedIn person && person.id() == id)
                .flatMap(principal -> sessions.getAllSessions(principal, false).stream())
                .forEach(SessionInformation::expireNow);
    }

    private String page(Model model) {
        model.addAttribute("place", "accounts");
        model.addAttribute("accounts", accounts.all());
        model.addAttribute("roles", Role.values());
        return "account/accounts";
    }
}
