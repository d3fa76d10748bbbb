package org.eskarn.app.signin;

import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import org.eskarn.app.signin.Tries.Key;
import org.springframework.stereotype.Component;

/**
 * Slows down guessing. A stranger who tries is slowed by name and address together, so that the person themselves, elsewhere, is not; then by
 * address, and by name whatever the address. A browser in which the person has signed in before has a count of its own, which no
 * stranger reaches.
 */
@Component
class SignInSlowdown {

    private static final int OF_A_NAME_FROM_AN_ADDRESS = 5;
    private static final int OF_A_DEVICE = 10;
    /** More, for a works may sit behind one address. */
    private static final int OF_AN_ADDRESS = 50;
    /** Against guessing from many addresses at once. */
    private static final int OF_A_NAME = 100;

    private static final int IN_A_MINUTE = 3;

    private final Clock clock;
    private final Tries tries;
    private final KnownDevices devices;

    SignInSlowdown(Clock clock, KnownDevices devices) {
        this.clock = clock;
        this.tries = new Tries(clock);
        this.devices = devices;
    }

    /**
     * Counts a try to sign in before it is looked at.
     *
     * @param device what the browser shows of an earlier time; may be anything
     * @return zero when it may go ahead; else how long it has to wait
     */
    Duration begin(String login, String address, String device) {
        return tries.begin(
                devices.knows(device, login)
                        ? List.of(new Key(device(device, login), OF_A_DEVICE))
                        : List.of(
                                new Key(pair(login, address), OF_A_NAME_FROM_AN_ADDRESS),
                                new Key(address(address), OF_AN_ADDRESS),
                                new Key(name(login), OF_A_NAME)));
    }

    /** The try that was begun had the right password. */
    void succeeded(String login, String address, String device) {
        tries.succeeded(device(device, login));
        tries.succeeded(pair(login, address));
        tries.takeBack(address(address));
        tries.takeBack(name(login));
    }

    /** Counts a try at something else than signing in, as by a signed-in person at their own password. */
    Duration beginAt(String what) {
        return tries.begin(List.of(new Key("at " + what, OF_A_NAME_FROM_AN_ADDRESS)));
    }

    /** Whether something may be tried once more within this minute: for what happens by itself, and so never waits for longer. */
    boolean withinTheMinute(String what) {
        long minute = Duration.ofMillis(clock.millis()).toMinutes();
        return tries.begin(List.of(new Key("within minute " + minute + " " + what, IN_A_MINUTE)))
                .isZero();
    }

    void succeededAt(String what) {
        tries.succeeded("at " + what);
    }

    private static String pair(String login, String address) {
        return "pair " + small(login) + " " + address;
    }

    private static String address(String address) {
        return "from " + address;
    }

    private static String name(String login) {
        return "name " + small(login);
    }

    private static String device(String device, String login) {
        return "device " + device + " " + small(login);
    }

    private static String small(String login) {
        return login.strip().toLowerCase(Locale.ROOT);
    }
}
