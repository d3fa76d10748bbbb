package org.eskarn.app.account;

import java.time.Duration;
import org.eskarn.app.page.Words;
import org.springframework.stereotype.Service;

/** A signed-in person types their password once more, as one signs by hand. Tries are limited like those of signing in. */
@Service
public class OwnPassword {

    /** Guessing by way of a text field gets a count of its own. */
    private static final String IN_TEXT = Words.say("account.text");

    private final AccountService accounts;
    private final SignInSlowdown slowdown;

    OwnPassword(AccountService accounts, SignInSlowdown slowdown) {
        this.accounts = accounts;
        this.slowdown = slowdown;
    }

    /**
     * @param address the person works from
     * @throws PasswordRefused if it is not theirs, or too many were tried
     */
    public void confirm(Account account, String password, String address) throws PasswordRefused {
        Duration wait = slowdown.begin(account.login(), address);
        if (!wait.isZero()) {
            throw new PasswordRefused(
                    Words.say("account.too-many-failed-tries-wait-seconds-then", Math.max(1, wait.toSeconds())));
        }
        if (!accounts.confirms(account, password)) {
            throw new PasswordRefused(Words.say("account.that-is-not-your-password-type-the"));
        }
        slowdown.succeeded(account.login(), address);
        slowdown.succeeded(IN_TEXT + account.login(), IN_TEXT + account.login());
    }

    /** Whether a text is the person's password, typed in the wrong field; never known of more than a few texts. */
    public boolean typedAs(Account account, String text) {
        return !text.isEmpty()
                && slowdown.begin(IN_TEXT + account.login(), IN_TEXT + account.login())
                        .isZero()
                && accounts.confirms(account, text);
    }
}
