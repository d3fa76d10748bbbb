package org.eskarn.app.signin;

import java.time.Duration;
import org.eskarn.app.account.Account;
import org.eskarn.app.account.AccountService;
import org.eskarn.app.page.Words;
import org.springframework.stereotype.Service;

/** A signed-in person types their password once more, as one signs by hand. Tries are limited like those of signing in. */
@Service
public class OwnPassword {

    private final AccountService accounts;
    private final SignInSlowdown slowdown;

    OwnPassword(AccountService accounts, SignInSlowdown slowdown) {
        this.accounts = accounts;
        this.slowdown = slowdown;
    }

    /**
     * @throws PasswordRefused if it is not theirs, or too many were tried
     */
    public void confirm(Account account, String password) throws PasswordRefused {
        Duration wait = slowdown.beginAt(own(account));
        if (!wait.isZero()) {
            throw new PasswordRefused(Words.say("signin.too-many-failed-tries", Math.max(1, wait.toSeconds())));
        }
        if (!accounts.confirms(account, password)) {
            throw new PasswordRefused(Words.say("signin.that-is-not-your-password"));
        }
        slowdown.succeededAt(own(account));
    }

    /** Whether a text is the person's password, typed in the wrong field; never known of more than a few texts a minute. */
    public boolean typedAs(Account account, String text) {
        return !text.isEmpty()
                && slowdown.withinTheMinute("text of " + account.id())
                && accounts.confirms(account, text);
    }

    private static String own(Account account) {
        return "own password of " + account.id();
    }
}
