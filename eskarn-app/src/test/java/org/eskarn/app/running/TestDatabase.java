package org.eskarn.app.running;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.eskarn.app.start.DatabaseOption;

/**
 * Where the tests keep their records: in the file of each folder, or, with {@code -Deskarn.test.database=server}, in a database for each
 * folder on a server of their own.
 */
final class TestDatabase {

    private static final boolean SERVER = "server".equals(System.getProperty("eskarn.test.database"));

    private TestDatabase() {}

    static boolean onServer() {
        return SERVER;
    }

    private static String name(Path folder) {
        return folder.getFileName().toString().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]", "_");
    }

    /** Arguments for a server on a folder, with more of them. */
    static String[] settings(Path folder, List<String> more) {
        List<String> settings = new ArrayList<>(List.of("--eskarn.data=" + folder));
        settings.addAll(more);
        if (SERVER) {
            settings.addAll(of(newOnServer(folder)));
        }
        return settings.toArray(String[]::new);
    }

    static List<String> of(String address) {
        List<String> settings = new ArrayList<>(DatabaseOption.settings(address, Map.of()));
        settings.add("--spring.datasource.username=eskarn");
        return settings;
    }

    /** The address of a database on the server for a folder, made if it is not there. */
    static String newOnServer(Path folder) {
        PostgresServer.running().make(name(folder), "template0");
        return PostgresServer.running().address(name(folder));
    }

    /** Gives a folder the database of another that nobody uses. */
    static void copy(Path from, Path to) {
        if (SERVER) {
            PostgresServer.running().make(name(to), name(from));
        }
    }
}
