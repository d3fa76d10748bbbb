package org.eskarn.app.backup;

import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import org.eskarn.app.page.Words;
import org.eskarn.app.start.StartRefused;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfo;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.stereotype.Component;

/** Records of an earlier version are backed up before they become those of this one; those of a later one are left alone. */
@Component
class BackupBeforeUpgrade implements FlywayMigrationStrategy {

    private static final Logger LOG = LoggerFactory.getLogger(BackupBeforeUpgrade.class);

    private final Places places;
    private final Clock clock;
    private final boolean verifying;

    BackupBeforeUpgrade(Places places, Clock clock, @Value("${eskarn.verify:false}") boolean verifying) {
        this.places = places;
        this.clock = clock;
        this.verifying = verifying;
    }

    @Override
    public void migrate(Flyway flyway) {
        MigrationInfo current = flyway.info().current();
        if (current != null && current.getState().isFailed()) {
            throw new StartRefused(Words.say("backup.upgrade-failed-before", places.data()));
        }
        if (current != null && current.getState() == org.flywaydb.core.api.MigrationState.FUTURE_SUCCESS) {
            throw new StartRefused(Words.say("backup.of-a-later-version", places.data()));
        }
        if (current != null && flyway.info().pending().length > 0 && !verifying) {
            backUp(flyway, String.valueOf(current.getVersion()));
        }
        flyway.migrate();
    }

    private void backUp(Flyway flyway, String from) {
        try (Connection connection = flyway.getConfiguration().getDataSource().getConnection()) {
            Backup made = Backups.make(
                    connection, places, BackupService.beforeUpgrade(places, from, clock.instant()), clock.instant());
            LOG.info(Words.say("backup.made-before-upgrade", made.file()));
        } catch (SQLException | BackupRefused e) {
            throw new StartRefused(Words.say("backup.upgrade-without", String.valueOf(e.getMessage())));
        }
    }
}
