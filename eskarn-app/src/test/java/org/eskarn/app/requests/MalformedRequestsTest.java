package org.eskarn.app.requests;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.eskarn.app.requests.Attacker.Sent;
import org.eskarn.app.running.Eskarn;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;

/**
 * Requests that no page sends, to every address of the application. Whatever they hold, they are answered with a page or a refusal, never
 * with a failure. {@code -Deskarn.malformed=20000} sends more of them.
 */
class MalformedRequestsTest {

    private static final int REQUESTS = Integer.getInteger("eskarn.malformed", 4000);
    private static final int SEED = 18;
    private static final List<String> PEOPLE = List.of("m.quill", "t.ashdale", "i.varn", "e.korrin");
    private static final int FAILURE = 500;

    @Test
    void noneOfThemFails() {
        try (ConfigurableApplicationContext server = Eskarn.serve(Eskarn.demoFolder(), true)) {
            List<Route> routes = Route.all(server);
            Set<String> failures = ConcurrentHashMap.newKeySet();
            PEOPLE.parallelStream().forEach(login -> {
                Attacker attacker = new Attacker(Eskarn.address(server), login, new Random(SEED + login.hashCode()));
                for (int i = 0; i < REQUESTS / PEOPLE.size(); i++) {
                    Sent sent = sendOne(attacker, routes.get(i % routes.size()));
                    if (sent.status() >= FAILURE) {
                        failures.add(sent.status() + " " + sent.what());
                    }
                }
            });
            assertThat(failures).isEmpty();
        }
    }

    /** Whom a request has signed out, signs in again. */
    private static Sent sendOne(Attacker attacker, Route route) {
        try {
            Sent sent = attacker.send(route);
            if (!sent.signedOut()) {
                return sent;
            }
            attacker.signIn(Eskarn.PASSWORD);
            return attacker.send(route);
        } catch (IOException | InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }
}
