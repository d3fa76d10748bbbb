package org.eskarn.app.reminder;

import java.security.SecureRandom;
import java.time.Clock;
import java.time.Instant;
import java.util.Optional;
import org.eskarn.app.account.Account;
import org.eskarn.app.account.AccountService;
import org.eskarn.app.account.Secret;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Addresses under which calendars read what is due without signing in: one for each person, and no longer than they have an account. */
@Service
class CalendarLinks {

    private final ReminderMapper mapper;
    private final AccountService accounts;
    private final SecureRandom chance = new SecureRandom();
    private final Clock clock;

    CalendarLinks(ReminderMapper mapper, AccountService accounts, Clock clock) {
        this.mapper = mapper;
        this.accounts = accounts;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public Optional<Instant> madeAt(long person) {
        return mapper.madeAt(person);
    }

    /** Gives a new address, shown once; the one before is no longer good. */
    @Transactional
    public String make(long person) {
        String token = Secret.make(chance);
        mapper.removeLink(person);
        mapper.insertLink(person, Secret.hash(token), clock.instant());
        return token;
    }

    @Transactional
    public void revoke(long person) {
        mapper.removeLink(person);
    }

    /** Whether somebody who still has an account was given it. */
    @Transactional(readOnly = true)
    public boolean good(String token) {
        return mapper.ownerOf(Secret.hash(token))
                .flatMap(accounts::byId)
                .filter(Account::active)
                .isPresent();
    }
}
