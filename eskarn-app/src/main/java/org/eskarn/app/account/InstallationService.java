package org.eskarn.app.account;

import java.time.Clock;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Whether the data folder holds real records or the demo's world. Decided once, when the folder is first used. */
@Service
public class InstallationService {

    private final InstallationMapper installation;
    private final Clock clock;

    InstallationService(InstallationMapper installation, Clock clock) {
        this.installation = installation;
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
}
