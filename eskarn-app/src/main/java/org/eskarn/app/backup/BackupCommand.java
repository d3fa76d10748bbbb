package org.eskarn.app.backup;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import org.eskarn.app.page.Words;
import org.jspecify.annotations.Nullable;

/** {@code ./eskarn backup} and {@code ./eskarn restore}. A backup is made by the server where one runs, else right here. */
public final class BackupCommand {

    static final int DONE = 0;
    static final int REFUSED = 2;

    private static final Duration PATIENCE = Duration.ofMinutes(30);
    private static final Duration BETWEEN_LOOKS = Duration.ofMillis(200);

    private BackupCommand() {}

    /** @return the exit code */
    public static int backup(Path data, Path file, @Nullable String database, Clock clock, PrintStream out) {
        if (database != null) {
            try (Connection server = ServerRecords.open(database, System.getenv())) {
                return made(server, data, file.toAbsolutePath(), clock, out);
            } catch (SQLException e) {
                throw new IllegalStateException(e);
            } catch (BackupRefused e) {
                return refused(e, out);
            }
        }
        if (!Files.exists(data.resolve(Places.DATABASE))) {
            out.println("eskarn: " + Words.say("ledger.no-records", data));
            return REFUSED;
        }
        Path target = file.toAbsolutePath();
        try (Connection connection = ClosedRecords.open(data, "")) {
            return made(connection, data, target, clock, out);
        } catch (SQLException e) {
            return ClosedRecords.inUse(e) ? askServer(data, target, clock, out) : refused(e, out);
        } catch (BackupRefused e) {
            return refused(e, out);
        }
    }

    private static int made(Connection connection, Path data, Path file, Clock clock, PrintStream out)
            throws BackupRefused {
        Backup made = Backups.make(connection, Places.in(data), file, clock.instant());
        out.println("eskarn: " + Words.say("backup.made", made.file(), made.documents()));
        return DONE;
    }

    private static int askServer(Path data, Path file, Clock clock, PrintStream out) {
        String name = UUID.randomUUID().toString();
        Path answer = data.resolve(name + BackupRequests.ANSWERED);
        Instant until = clock.instant().plus(PATIENCE);
        try {
            BackupRequests.write(data.resolve(name + BackupRequests.ASKED), file.toString());
            while (!Files.exists(answer) && clock.instant().isBefore(until)) {
                Thread.sleep(BETWEEN_LOOKS.toMillis());
            }
            String said = Files.readString(answer);
            Files.delete(answer);
            boolean made = said.startsWith(BackupRequests.MADE);
            out.println("eskarn: " + (made ? said.substring(BackupRequests.MADE.length()) : said));
            return made ? DONE : REFUSED;
        } catch (IOException e) {
            return refused(e, out);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return REFUSED;
        }
    }

    /** @return the exit code */
    public static int restore(Path file, Path data, Clock clock, PrintStream out) {
        try {
            Backups.Restored restored = Backups.restore(file, data, clock.instant());
            out.println("eskarn: "
                    + Words.say(
                            "backup.restored",
                            restored.backup()
                                    .madeAt()
                                    .atZone(clock.getZone())
                                    .toLocalDateTime()
                                    .withNano(0),
                            restored.backup().documents()));
            if (restored.replaced() != null) {
                out.println("eskarn: " + Words.say("backup.replaced", restored.replaced()));
            }
            return DONE;
        } catch (BackupRefused e) {
            return refused(e, out);
        }
    }

    private static int refused(Exception e, PrintStream out) {
        out.println("eskarn: " + e.getMessage());
        return REFUSED;
    }
}
