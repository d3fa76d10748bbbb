package org.eskarn.app.backup;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.Map;
import org.eskarn.app.page.Words;
import org.eskarn.app.start.MovedRecords;
import org.eskarn.app.storage.TableCopy;

/**
 * {@code ./eskarn move --data DIR --database ADDRESS}: moves the records from the file in a folder to a database server, all or none. The key
 * and the heads stay in the folder; the file is put aside, and the folder remembers where its records are.
 */
public final class MoveCommand {

    static final int DONE = 0;
    static final int REFUSED = 2;

    private MoveCommand() {}

    /**
     * @param environment holds name and password of the server
     * @return the exit code
     */
    public static int run(Path data, String database, Map<String, String> environment, Instant now, PrintStream out) {
        if (!Files.exists(data.resolve(Places.DATABASE))) {
            out.println("eskarn: " + Words.say("ledger.no-records", data));
            return REFUSED;
        }
        try (Connection file = ClosedRecords.open(data, "");
                Connection server = ServerRecords.open(database, environment)) {
            ServerRecords.migrate(database, environment);
            if (!ServerRecords.version(file).equals(ServerRecords.version(server))) {
                return refused(Words.say("backup.move-other-version", data), out);
            }
            if (holdsRecords(server)) {
                return refused(Words.say("backup.move-not-empty", database), out);
            }
            server.setAutoCommit(false);
            Map<String, Long> copied = TableCopy.copy(file, server);
            for (Map.Entry<String, Long> each : copied.entrySet()) {
                if (count(each.getKey(), file) != each.getValue() || count(each.getKey(), server) != each.getValue()) {
                    server.rollback();
                    return refused(Words.say("backup.move-not-whole", each.getKey()), out);
                }
            }
            server.commit();
            long rows = copied.values().stream().mapToLong(each -> each).sum();
            out.println("eskarn: " + Words.say("backup.moved", rows, copied.get("signed_document"), database));
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
        try {
            Path aside = Files.createDirectories(data.resolve("moved-" + Backups.STAMP.format(now)));
            Files.move(data.resolve(Places.DATABASE), aside.resolve(Places.DATABASE));
            MovedRecords.remember(data, database);
            out.println("eskarn: " + Words.say("backup.moved-aside", aside));
            return DONE;
        } catch (IOException e) {
            return refused(Words.say("backup.moved-but-file", data, String.valueOf(e.getMessage())), out);
        }
    }

    private static boolean holdsRecords(Connection server) throws SQLException {
        return count("installation", server) > 0
                || count("account", server) > 0
                || count("signed_document", server) > 0;
    }

    private static long count(String table, Connection connection) throws SQLException {
        try (Statement statement = connection.createStatement();
                ResultSet count = statement.executeQuery("select count(*) from " + table)) {
            count.next();
            return count.getLong(1);
        }
    }

    private static int refused(String why, PrintStream out) {
        out.println("eskarn: " + why);
        return REFUSED;
    }
}
