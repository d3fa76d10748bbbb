package org.eskarn.app.webhook;

import java.io.IOException;
import java.net.URI;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.eskarn.app.page.Words;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnWebApplication;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;

/**
 * Sends what is to be sent, and again what did not arrive. A message arrives at least once: whoever is told twice knows it by its key.
 * Those of one program go in their order as long as it answers. Only a server sends: a command that reads a copy of the records does not.
 */
@Service
@ConditionalOnWebApplication
class HookDelivery {

    private static final int AT_ONCE = 50;
    private static final int LONGEST_PROBLEM = 300;

    private final WebHookMapper mapper;
    private final Path folder;
    private final Clock clock;

    HookDelivery(WebHookMapper mapper, @Value("${eskarn.data}") Path data, Clock clock) {
        this.mapper = mapper;
        this.folder = data.resolve("webhook");
        this.clock = clock;
    }

    @Scheduled(fixedDelayString = "${eskarn.webhook.every:PT3S}", initialDelayString = "${eskarn.webhook.every:PT3S}")
    void deliver() {
        int found = AT_ONCE;
        while (found == AT_ONCE) {
            Set<Long> silent = new HashSet<>();
            List<HookEvent> due = mapper.due(clock.instant(), AT_ONCE);
            for (HookEvent event : due) {
                if (!silent.contains(event.webHookId()) && !sent(event)) {
                    silent.add(event.webHookId());
                }
            }
            found = due.size();
        }
    }

    private boolean sent(HookEvent event) {
        Instant now = clock.instant();
        Instant again = event.after(now);
        if (mapper.claim(event.id(), event.tries(), again, Words.say("webhook.not-heard-of")) == 0) {
            return true;
        }
        WebHook hook = mapper.find(event.webHookId()).orElseThrow();
        long time = now.getEpochSecond();
        try {
            receiver(hook)
                    .send(event.eventKey(), time, event.body(), HookSignature.of(hook.secret(), time, event.body()));
            mapper.arrived(event.id(), clock.instant());
            return true;
        } catch (IOException e) {
            mapper.failed(event.id(), said(e));
            if (again != null) {
                mapper.postpone(hook.id(), again);
            }
            return false;
        }
    }

    private static String said(IOException problem) {
        String said = problem.getMessage() == null ? problem.getClass().getSimpleName() : problem.getMessage();
        return said.substring(0, Math.min(said.length(), LONGEST_PROBLEM));
    }

    private Receiver receiver(WebHook hook) {
        return hook.address().equals(WebHook.SIMULATED)
                ? new SimulatedReceiver(folder, hook.secret())
                : new HttpReceiver(URI.create(hook.address()));
    }
}
