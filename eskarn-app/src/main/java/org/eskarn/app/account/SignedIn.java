package org.eskarn.app.account;

import java.util.Collection;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.userdetails.UserDetails;

/** The person behind a request; the same one whatever of the account has changed meanwhile. */
public record SignedIn(Account account) implements UserDetails {

    public long id() {
        return account.id();
    }

    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof SignedIn person && person.id() == id();
    }

    @Override
    public int hashCode() {
        return Long.hashCode(id());
    }

    public String name() {
        return account.name();
    }

    public Role role() {
        return account.role();
    }

    @Override
    public Collection<? extends GrantedAuthority> getAuthorities() {
        return List.of(new SimpleGrantedAuthority("ROLE_" + account.role().name()));
    }

    @Override
    public String getPassword() {
        return account.passwordHash();
    }

    @Override
    public String getUsername() {
        return account.login();
    }

    @Override
    public boolean isEnabled() {
        return account.active();
    }
}
