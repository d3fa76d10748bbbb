package org.eskarn.app.account;

import org.jspecify.annotations.Nullable;
import org.springframework.ui.Model;

/** What was typed to make an account. */
record AccountForm(
        String login,
        String name,
        String password,
        @Nullable Role role) {

    static final AccountForm EMPTY = new AccountForm("", "", "", Role.INSPECTOR);

    AccountForm {
        login = login == null ? "" : login;
        name = name == null ? "" : name;
        password = password == null ? "" : password;
    }

    /** Shows the form again as it was typed, with the sentence beside its field. */
    void refill(Model model, AccountRefused refused) {
        model.addAttribute("form", this);
        model.addAttribute("refusedField", refused.field());
        model.addAttribute("refusal", refused.getMessage());
    }
}
