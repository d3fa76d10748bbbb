package org.eskarn.app.account;

import java.time.Clock;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import org.eskarn.app.page.Units;
import org.eskarn.app.page.Words;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

@Service
public class AccountService implements UserDetailsService {

    private static final Pattern LOGIN = Pattern.compile("[a-z0-9][a-z0-9.-]{1,39}");
    private static final int SHORTEST_PASSWORD = 8;
    /** BCrypt reads no more than this many bytes. */
    private static final int LONGEST_PASSWORD = 72;

    private static final int LONGEST_NAME = 80;

    private final AccountMapper accounts;
    private final PasswordEncoder encoder;
    private final Clock clock;

    AccountService(AccountMapper accounts, PasswordEncoder encoder, Clock clock) {
        this.accounts = accounts;
        this.encoder = encoder;
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

    /** Whether the password is that of the account; whoever asks counts the tries, see {@link OwnPassword}. */
    boolean confirms(Account account, String password) {
        return encoder.matches(password, account.passwordHash());
    }

    /**
     * The first account of an installation, its steward.
     *
     * @throws AccountRefused if a field is unfit, or somebody was quicker
     */
    @Transactional(rollbackFor = AccountRefused.class)
    public void createFirst(String login, String name, String password) throws AccountRefused {
        if (accounts.count() > 0) {
            throw new AccountRefused("login", Words.say("account.there-is-a-steward-already-sign-in"));
        }
        create(login, name, Role.STEWARD, password);
    }

    /**
     * @throws AccountRefused if a field is unfit or the sign-in name is taken
     */
    @Transactional(rollbackFor = AccountRefused.class)
    public void create(String login, String name, Role role, String password) throws AccountRefused {
        String asked = login.strip().toLowerCase(Locale.ROOT);
        if (!LOGIN.matcher(asked).matches()) {
            throw new AccountRefused("login", Words.say("account.a-sign-in-name-has-2-to"));
        }
        if (name.isBlank() || name.strip().length() > LONGEST_NAME) {
            throw new AccountRefused("name", Words.say("account.type-the-name-as-it-shall-stand"));
        }
        int bytes = password.getBytes(java.nio.charset.StandardCharsets.UTF_8).length;
        if (password.length() < SHORTEST_PASSWORD || bytes > LONGEST_PASSWORD) {
            throw new AccountRefused("password", Words.say("account.a-password-has-at-least-8-characters"));
        }
        if (accounts.byLogin(asked).isPresent()) {
            throw new AccountRefused("login", Words.say("account.is-taken-choose-another-sign-in-name", asked));
        }
        accounts.insert(asked, name.strip(), role, String.valueOf(encoder.encode(password)), clock.instant());
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
