package org.eskarn.app.backup;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;

/** The database of a folder that no server uses. */
final class ClosedRecords {

    /** Opened to be looked at: nothing is changed, and large answers are not kept. */
    static final String READ_ONLY = ";ACCESS_MODE_DATA=r;LAZY_QUERY_EXECUTION=1";

    static final String USER = "eskarn";

    private static final int IN_USE = 90020;

    private ClosedRecords() {}

    static Connection open(Path data, String settings) throws SQLException {
        return DriverManager.getConnection(address(data) + settings, USER, "");
    }

    static String address(Path data) {
        return "jdbc:h2:file:" + data.toAbsolutePath().resolve("eskarn");
    }

    /** Whether it could not be opened because a server uses it. */
    static boolean inUse(SQLException failure) {
        return failure.getErrorCode() == IN_USE;
    }
}
