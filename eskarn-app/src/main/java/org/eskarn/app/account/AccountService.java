package org.eskarn.app.account;

import java.security.SecureRandom;
import java.time.Clock;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import org.eskarn.app.actions.ActionAbout;
import org.eskarn.app.actions.ActionLog;
import org.eskarn.app.page.Units;
import org.eskarn.app.page.Words;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

@Service
public class AccountService implements UserDetailsService {

    private static final Pattern LOGIN = Pattern.compile("[a-z0-9][a-z0-9.-]{1,39}");
    private static final int LONGEST_NAME = 80;

    private final AccountMapper accounts;
    private final PasswordEncoder encoder;
    private final ActionLog actions;
    private final SecureRandom chance = new SecureRandom();
    private final Clock clock;

    AccountService(AccountMapper accounts, PasswordEncoder encoder, ActionLog actions, Clock clock) {
        this.accounts = accounts;
        this.encoder = encoder;
        this.actions = actions;
        this.clock = clock;
    }

    @Override
    @Transactional(readOnly = true)
    public UserDetails loadUserByUsername(String login) {
        return byLogin(login).map(SignedIn::new).orElseThrow(() -> new UsernameNotFoundException(login));
    }

    @Transactional(readOnly = true)
    public Optional<Account> byLogin(String login) {
        return accounts.byLogin(login.strip().toLowerCase(Locale.ROOT));
    }

    @Transactional(readOnly = true)
    public List<Account> all() {
        return accounts.all();
    }

    /** Whether nobody can sign in yet, so that the first start asks for the steward. */
    @Transactional(readOnly = true)
    public boolean none() {
        return accounts.count() == 0;
    }

    @Transactional(readOnly = true)
    public Optional<Account> byId(long id) {
        return accounts.byId(id);
    }

    /**
     * Whether the password is the account's as it stands now, of somebody who may still sign in. Whoever asks counts the tries.
     */
    public boolean confirms(Account account, String password) {
        return byId(account.id())
                .filter(Account::active)
                .filter(now -> encoder.matches(password, now.passwordHash()))
                .isPresent();
    }

    /**
     * The first account of an installation, its steward. Of several who ask at once one is taken.
     *
     * @throws AccountRefused if a field is unfit, or somebody was quicker
     */
    @Transactional(rollbackFor = AccountRefused.class)
    public void createFirst(String login, String name, String password) throws AccountRefused {
        if (accounts.claimFirst() == 0) {
            throw new AccountRefused("login", Words.say("account.there-is-a-steward-already-sign-in"));
        }
        PasswordRule.check(password, name, login);
        insert(login, name, Role.STEWARD, password);
    }

    /**
     * Somebody who sets a password of their own with a link; until then nobody can sign in as them.
     *
     * @throws AccountRefused if a field is unfit or the sign-in name is taken
     */
    @Transactional(rollbackFor = AccountRefused.class)
    public Account add(String login, String name, Role role) throws AccountRefused {
        return insert(login, name, role, Secret.make(chance));
    }

    /**
     * Somebody of the demo, with the password that the sign-in page tells everybody.
     *
     * @throws AccountRefused if a field is unfit or the sign-in name is taken
     */
    @Transactional(rollbackFor = AccountRefused.class)
    public void invent(String login, String name, Role role, String password) throws AccountRefused {
        insert(login, name, role, password);
    }

    private Account insert(String login, String name, Role role, String password) throws AccountRefused {
        String asked = login.strip().toLowerCase(Locale.ROOT);
        if (!LOGIN.matcher(asked).matches()) {
            throw new AccountRefused("login", Words.say("account.a-sign-in-name-has-2-to"));
        }
        if (name.isBlank() || name.strip().length() > LONGEST_NAME) {
            throw new AccountRefused("name", Words.say("account.type-the-name-as-it-shall-stand"));
        }
        if (accounts.byLogin(asked).isPresent()) {
            throw taken(asked);
        }
        try {
            accounts.insert(asked, name.strip(), role, hashed(password), clock.instant());
        } catch (DuplicateKeyException e) {
            throw taken(asked);
        }
        Account added = accounts.byLogin(asked).orElseThrow();
        tell(Words.say("account.action-added", added.name(), asked, role.title()));
        return added;
    }

    private static AccountRefused taken(String login) {
        return new AccountRefused("login", Words.say("account.is-taken-choose-another-sign-in-name", login));
    }

    private String hashed(String password) {
        return String.valueOf(encoder.encode(password));
    }

    /**
     * A person changes their own password.
     *
     * @throws AccountRefused if the new one is unfit
     */
    @Transactional(rollbackFor = AccountRefused.class)
    public void changePassword(Account account, String password) throws AccountRefused {
        if (confirms(account, password)) {
            throw new AccountRefused("password", Words.say("account.that-is-the-old-password"));
        }
        setPassword(account, password, null);
        tell(Words.say("account.action-password-changed", account.name()));
    }

    /** @param byLinkOf name of the steward whose link set it; null where the person did without */
    void setPassword(Account account, String password, @Nullable String byLinkOf) throws AccountRefused {
        PasswordRule.check(password, account.name(), account.login());
        accounts.setPassword(account.id(), hashed(password), clock.instant(), byLinkOf);
    }

    void tell(String said) {
        actions.tell(ActionAbout.ACCOUNT, said);
    }

    /**
     * Lets a person sign in or no longer.
     *
     * @throws AccountRefused if somebody else changed the account meanwhile
     */
    @Transactional(rollbackFor = AccountRefused.class)
    public void setActive(long id, int version, boolean active) throws AccountRefused {
        if (accounts.setActive(id, version, active) == 0) {
            throw new AccountRefused("list", Words.say("account.somebody-else-changed-this-account-meanwhile-here"));
        }
        String name = accounts.byId(id).map(Account::name).orElseThrow();
        tell(active ? Words.say("account.action-switched-on", name) : Words.say("account.action-switched-off", name));
    }

    /** Which units the person wants to see. */
    @Transactional(readOnly = true)
    public Units units(long id) {
        return accounts.units(id).orElse(Units.AS_DRAWN);
    }

    @Transactional
    public void setUnits(long id, Units units) {
        accounts.setUnits(id, units);
    }
}
