package org.eskarn.app.api;

import java.security.SecureRandom;
import java.time.Clock;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.account.Account;
import org.eskarn.app.account.AccountService;
import org.eskarn.app.account.Secret;
import org.eskarn.app.actions.ActionAbout;
import org.eskarn.app.actions.ActionLog;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.Typed;
import org.eskarn.app.page.Words;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Gives people tokens for their programs, and takes them back. */
@Service
public class ApiTokens {

    private static final int LONGEST_NAME = 80;
    private static final int MOST_DAYS = 366;
    private static final int MOST = 20;

    private final ApiMapper mapper;
    private final AccountService accounts;
    private final ActionLog actions;
    private final SecureRandom chance = new SecureRandom();
    private final Clock clock;

    ApiTokens(ApiMapper mapper, AccountService accounts, ActionLog actions, Clock clock) {
        this.mapper = mapper;
        this.accounts = accounts;
        this.actions = actions;
        this.clock = clock;
    }

    /** Those of a person that were not taken back, the newest first. */
    @Transactional(readOnly = true)
    public List<ApiToken> of(long person) {
        return mapper.of(person).stream()
                .filter(token -> token.revokedAt() == null)
                .toList();
    }

    /**
     * Gives a token, shown once.
     *
     * @throws FormRefused if it has no name, no day that fits, or there are too many
     */
    @Transactional(rollbackFor = FormRefused.class)
    public String make(long person, @Nullable String name, @Nullable String until) throws FormRefused {
        Typed typed = new Typed(new LinkedHashMap<>());
        String called = typed.required("name", name, LONGEST_NAME, Words.say("api.what-it-is-for"));
        LocalDate today = LocalDate.now(clock);
        LocalDate day = typed.day("until", until);
        if (day != null && (day.isBefore(today) || day.isAfter(today.plusDays(MOST_DAYS)))) {
            typed.problem("until", Words.say("api.a-day-within-a-year"));
        }
        if (of(person).size() >= MOST) {
            typed.problem("name", Words.say("api.at-most-tokens", MOST));
        }
        if (!typed.problems().isEmpty() || day == null) {
            throw new FormRefused(typed.problems());
        }
        String token = Secret.make(chance);
        mapper.insert(new ApiToken(0, person, called, Secret.hash(token), clock.instant(), day, null));
        actions.tell(ActionAbout.ACCOUNT, Words.say("api.action-made", called, day));
        return token;
    }

    @Transactional
    public void revoke(long person, long id) {
        if (mapper.revoke(id, person, clock.instant()) > 0) {
            actions.tell(ActionAbout.ACCOUNT, Words.say("api.action-revoked", id));
        }
    }

    /** Whose it is, as long as it is good and its owner has an account. */
    @Transactional(readOnly = true)
    public Optional<Account> owner(String token) {
        return mapper.find(Secret.hash(token))
                .filter(each -> each.good(LocalDate.now(clock)))
                .flatMap(each -> accounts.byId(each.accountId()))
                .filter(Account::active);
    }
}
