package org.eskarn.app.account;

import org.eskarn.app.page.NotFound;
import org.eskarn.app.page.Words;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
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
    private final ResetLinkService links;
    private final Sessions sessions;

    AccountsController(AccountService accounts, ResetLinkService links, Sessions sessions) {
        this.accounts = accounts;
        this.links = links;
        this.sessions = sessions;
    }

    @GetMapping
    String list(Model model) {
        model.addAttribute("form", AccountForm.EMPTY);
        return page(model);
    }

    @PostMapping
    String create(AccountForm form, @AuthenticationPrincipal SignedIn person, Model model) {
        try {
            Role role = form.role();
            if (role == null) {
                throw new AccountRefused("role", Words.say("account.choose-what-this-person-does"));
            }
            Account added = accounts.add(form.login(), form.name(), role);
            return linkGiven(added.id(), person, model);
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
                accounts.byId(id).ifPresent(account -> sessions.signOut(account, null));
            }
            return "redirect:/accounts";
        } catch (AccountRefused refused) {
            AccountForm.EMPTY.refill(model, refused);
            return page(model);
        }
    }

    /** A link with which the person sets a password; it is shown once. */
    @PostMapping("/{id}/link")
    String giveLink(@PathVariable long id, @AuthenticationPrincipal SignedIn person, Model model) {
        if (accounts.byId(id).isEmpty()) {
            throw new NotFound();
        }
        return linkGiven(id, person, model);
    }

    private String linkGiven(long id, SignedIn person, Model model) {
        model.addAttribute("given", links.give(id, person.name()));
        model.addAttribute("form", AccountForm.EMPTY);
        return page(model);
    }

    private String page(Model model) {
        model.addAttribute("place", "accounts");
        model.addAttribute("accounts", accounts.all());
        model.addAttribute("roles", Role.values());
        return "account/accounts";
    }
}
