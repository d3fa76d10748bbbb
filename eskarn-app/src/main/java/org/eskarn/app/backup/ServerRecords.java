package org.eskarn.app.backup;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Map;
import java.util.Properties;
import org.eskarn.app.start.DatabaseOption;
import org.eskarn.app.storage.Database;
import org.eskarn.app.storage.TableCopy;
import org.flywaydb.core.Flyway;

/** Records on a database server. */
public final class ServerRecords {

    private ServerRecords() {}

    /** @param environment holds name and password */
    static Connection open(String address, Map<String, String> environment) throws SQLException {
        return DriverManager.getConnection(address, login(environment));
    }

    /** Makes the tables, or brings them up to this version. */
    static void migrate(String address, Map<String, String> environment) {
        Flyway.configure()
                .dataSource(address, environment.get(DatabaseOption.USER), environment.get(DatabaseOption.PASSWORD))
                .locations(DatabaseOption.TABLES)
                .load()
                .migrate();
    }

    private static Properties login(Map<String, String> environment) {
        Properties login = new Properties();
        if (environment.containsKey(DatabaseOption.USER)) {
            login.setProperty("user", environment.get(DatabaseOption.USER));
        }
        if (environment.containsKey(DatabaseOption.PASSWORD)) {
            login.setProperty("password", environment.get(DatabaseOption.PASSWORD));
        }
        return login;
    }

    /** Copies all of them, as they stand at one moment, into a new file in a folder. */
    public static void copyTo(String address, Map<String, String> environment, Path folder) {
        try (Connection server = open(address, environment)) {
            copyTo(server, folder);
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Whether a connection leads to a server, not to a file. */
    static boolean on(Connection connection) throws SQLException {
        return Database.at(connection.getMetaData().getURL()).onServer();
    }

    /** The version of the tables. */
    static String version(Connection connection) throws SQLException {
        try (Statement statement = connection.createStatement();
                ResultSet version = statement.executeQuery(
                        "select \"version\" from \"flyway_schema_history\""
                                + " where \"success\" = true and \"version\" is not null order by \"installed_rank\" desc limit 1")) {
            return version.next() ? version.getString(1) : "";
        }
    }

    /** The same over a connection, which afterwards is as it was. */
    static void copyTo(Connection server, Path folder) throws SQLException {
        server.setAutoCommit(false);
        server.setTransactionIsolation(Connection.TRANSACTION_REPEATABLE_READ);
        server.setReadOnly(true);
        try {
            Flyway.configure()
                    .dataSource(ClosedRecords.address(folder), ClosedRecords.USER, "")
                    .target(version(server))
                    .load()
                    .migrate();
            try (Connection file = ClosedRecords.open(folder, "")) {
                file.setAutoCommit(false);
                TableCopy.copy(server, file);
                file.commit();
            }
        } finally {
            server.rollback();
            server.setReadOnly(false);
            server.setAutoCommit(true);
        }
    }
}
