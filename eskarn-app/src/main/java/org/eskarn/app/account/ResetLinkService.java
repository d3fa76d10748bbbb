package org.eskarn.app.account;

import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.eskarn.app.page.Words;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Links with which people set their passwords, so that no steward ever knows one. */
@Service
public class ResetLinkService {

    private static final Duration GOOD_FOR = Duration.ofHours(24);

    private final ResetLinkMapper links;
    private final AccountService accounts;
    private final SecureRandom chance = new SecureRandom();
    private final Clock clock;

    ResetLinkService(ResetLinkMapper links, AccountService accounts, Clock clock) {
        this.links = links;
        this.accounts = accounts;
        this.clock = clock;
    }

    /** What a new link says: shown once, and never again. */
    public record Given(Account account, String token, Instant until) {}

    /** Gives a link for an account; one that was given before and not used is no longer good. */
    @Transactional
    public Given give(long accountId, String by) {
        Account account = accounts.byId(accountId).orElseThrow();
        String token = Secret.make(chance);
        Instant now = clock.instant();
        links.withdraw(accountId);
        links.insert(new ResetLink(Secret.hash(token), accountId, by, now, now.plus(GOOD_FOR), null));
        accounts.tell(Words.say("account.action-link-given", account.name()));
        return new Given(account, token, now.plus(GOOD_FOR));
    }

    /** A link as it stands, with whose it is; whether it is still good it says itself. */
    @Transactional(readOnly = true)
    public Optional<Opened> open(String token) {
        return links.find(Secret.hash(token))
                .map(link ->
                        new Opened(link, accounts.byId(link.accountId()).orElseThrow(), link.open(clock.instant())));
    }

    /** A link that somebody opened. */
    public record Opened(ResetLink link, Account account, boolean good) {

        public @Nullable Instant usedAt() {
            return link.usedAt();
        }
    }

    /**
     * Sets the password; the link is used up, and whoever was signed in to the account no longer is.
     *
     * @throws AccountRefused if the password is unfit or the link no longer good
     */
    @Transactional(rollbackFor = AccountRefused.class)
    public Account use(String token, String password) throws AccountRefused {
        Opened opened = open(token).filter(Opened::good).orElseThrow(ResetLinkService::spent);
        Account account = opened.account();
        if (links.use(opened.link().tokenHash(), clock.instant()) == 0) {
            throw spent();
        }
        accounts.setPassword(account, password, opened.link().givenBy());
        accounts.tell(Words.say(
                "account.action-password-by-link", account.name(), opened.link().givenBy()));
        return account;
    }

    private static AccountRefused spent() {
        return new AccountRefused("link", Words.say("account.link-is-spent"));
    }
}
