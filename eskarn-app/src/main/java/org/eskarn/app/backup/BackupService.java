package org.eskarn.app.backup;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import javax.sql.DataSource;
import org.eskarn.app.account.InstallationService;
import org.eskarn.app.page.Words;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;

/** The backups that a running server makes: one a day by itself, and whenever the steward or the console asks. */
@Service
public class BackupService {

    private static final Logger LOG = LoggerFactory.getLogger(BackupService.class);

    private static final String DAILY = "daily-";

    private final DataSource dataSource;
    private final InstallationService installation;
    private final Places places;
    private final boolean verifying;
    private final Clock clock;

    BackupService(
            DataSource dataSource,
            InstallationService installation,
            Places places,
            @Value("${eskarn.verify:false}") boolean verifying,
            Clock clock) {
        this.dataSource = dataSource;
        this.installation = installation;
        this.places = places;
        this.verifying = verifying;
        this.clock = clock;
    }

    /** Those in the folder of the backups, the newest first. */
    public List<Backup> all() {
        return Backups.in(places.backups());
    }

    public Path folder() {
        return places.backups().toAbsolutePath();
    }

    /** Makes one now, in the folder of the backups. */
    public Backup now() throws BackupRefused {
        return to(places.backups().resolve("asked-" + Backups.STAMP.format(clock.instant()) + ".zip"));
    }

    /** One at a time: two would only take each other's time. */
    synchronized Backup to(Path file) throws BackupRefused {
        try (Connection connection = dataSource.getConnection()) {
            return Backups.make(connection, places, file, clock.instant());
        } catch (SQLException e) {
            throw new BackupRefused(Words.say("backup.not-made", file, String.valueOf(e.getMessage())), e);
        }
    }

    /** Looked at every half hour: the first time on a day makes that day's. The demo's world is nobody's record. */
    @Scheduled(fixedDelayString = "PT30M", initialDelayString = "PT2M")
    void daily() {
        if (verifying || installation.demo()) {
            return;
        }
        LocalDate today = LocalDate.now(clock);
        Path file = places.backups().resolve(DAILY + today + ".zip");
        if (Files.exists(file)) {
            return;
        }
        try {
            to(file);
            forget();
        } catch (BackupRefused e) {
            LOG.warn(e.getMessage());
        }
    }

    private void forget() {
        List<Backup> daily =
                all().stream().filter(each -> each.name().startsWith(DAILY)).toList();
        for (Backup old : KeepRule.superfluous(daily, clock.getZone())) {
            try {
                Files.delete(old.file());
            } catch (IOException e) {
                LOG.warn("The old backup {} could not be deleted: {}", old.file(), e.getMessage());
            }
        }
    }

    /** Before the schema of existing records changes. */
    static Path beforeUpgrade(Places places, String from, Instant now) {
        return places.backups().resolve("before-upgrade-of-" + from + "-" + Backups.STAMP.format(now) + ".zip");
    }
}
