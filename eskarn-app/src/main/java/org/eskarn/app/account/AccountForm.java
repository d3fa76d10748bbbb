package org.eskarn.app.account;

import org.jspecify.annotations.Nullable;
import org.springframework.ui.Model;

/** What was typed to make an account, but for a password. */
public record AccountForm(
        String login, String name, @Nullable Role role) {

    public static final AccountForm EMPTY = new AccountForm("", "", Role.INSPECTOR);

    public AccountForm {
        login = login == null ? "" : login;
        name = name == null ? "" : name;
    }

    /** Shows the form again as it was typed, with the sentence beside its field. */
    public void refill(Model model, AccountRefused refused) {
        model.addAttribute("form", this);
        model.addAttribute("refusedField", refused.field());
        model.addAttribute("refusal", refused.getMessage());
    }
}
