package org.eskarn.app.account;

import java.time.Clock;
import java.time.Duration;
import java.util.Optional;
import org.eskarn.app.actions.ActionAbout;
import org.eskarn.app.actions.ActionLog;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Whether the data folder holds real records or the demo's world. Decided once, when the folder is first used. */
@Service
public class InstallationService {

    private static final int USUAL_MINUTES = 30;
    private static final int SHORTEST_MINUTES = 5;

    /** Nobody is signed out sooner than this without a touch. */
    public static final Duration SHORTEST_IDLE = Duration.ofMinutes(SHORTEST_MINUTES);

    private static final int LONGEST_MINUTES = 720;

    private final InstallationMapper installation;
    private final ActionLog actions;
    private final Clock clock;

    InstallationService(InstallationMapper installation, ActionLog actions, Clock clock) {
        this.installation = installation;
        this.actions = actions;
        this.clock = clock;
    }

    /** What the folder was made for, or empty when it is new. */
    @Transactional(readOnly = true)
    public Optional<Boolean> madeForDemo() {
        return installation.demo();
    }

    @Transactional(readOnly = true)
    public boolean demo() {
        return installation.demo().orElse(false);
    }

    @Transactional
    public void make(boolean demo) {
        installation.make(demo, clock.instant());
    }

    /** After how long without a touch somebody is signed out. */
    @Transactional(readOnly = true)
    public Duration idle() {
        return Duration.ofMinutes(installation.idleMinutes().orElse(USUAL_MINUTES));
    }

    /**
     * @throws FormRefused beside the field {@code idleMinutes}
     */
    @Transactional(rollbackFor = FormRefused.class)
    public void setIdle(String typed) throws FormRefused {
        if (!typed.strip().matches("[0-9]{1,3}")
                || Integer.parseInt(typed.strip()) < SHORTEST_MINUTES
                || Integer.parseInt(typed.strip()) > LONGEST_MINUTES) {
            throw new FormRefused("idleMinutes", Words.say("account.idle-minutes", SHORTEST_MINUTES, LONGEST_MINUTES));
        }
        int minutes = Integer.parseInt(typed.strip());
        installation.setIdleMinutes(minutes);
        actions.tell(ActionAbout.WORKS, Words.say("account.action-idle", minutes));
    }
}
