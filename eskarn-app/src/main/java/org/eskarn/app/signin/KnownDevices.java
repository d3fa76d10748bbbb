package org.eskarn.app.signin;

import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.util.Locale;
import org.eskarn.app.account.Account;
import org.eskarn.app.account.Secret;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Browsers in which a person has signed in before. A browser shows a secret that only it holds; here its hash is kept. */
@Service
class KnownDevices {

    static final Duration KNOWN_FOR = Duration.ofDays(180);

    private static final int LONGEST = 100;

    private final KnownDeviceMapper devices;
    private final SecureRandom chance = new SecureRandom();
    private final Clock clock;

    KnownDevices(KnownDeviceMapper devices, Clock clock) {
        this.devices = devices;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public boolean knows(String device, String login) {
        return !device.isEmpty()
                && device.length() <= LONGEST
                && devices.count(
                                Secret.hash(device),
                                login.strip().toLowerCase(Locale.ROOT),
                                clock.instant().minus(KNOWN_FOR))
                        > 0;
    }

    /**
     * The person has just signed in here.
     *
     * @param device what the browser shows; may be empty
     * @return what it shall show from now on
     */
    @Transactional
    public String remember(String device, Account account) {
        String kept = device.isEmpty() || device.length() > LONGEST ? Secret.make(chance) : device;
        devices.forget(Secret.hash(kept), account.id(), clock.instant().minus(KNOWN_FOR));
        devices.insert(Secret.hash(kept), account.id(), clock.instant());
        return kept;
    }

    /** After a password was set anew, nobody's browser is known. */
    @Transactional
    public void forgetAll(Account account) {
        devices.forgetAll(account.id());
    }
}
