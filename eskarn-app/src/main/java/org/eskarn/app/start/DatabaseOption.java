package org.eskarn.app.start;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.eskarn.app.page.Words;
import org.eskarn.app.storage.Database;
import org.jspecify.annotations.Nullable;

/** {@code --database jdbc:postgresql://HOST/NAME}: the records on a server. Name and password come from the environment. */
public final class DatabaseOption {

    /** Where the name that the database knows Eskarn by is looked for. */
    public static final String USER = "ESKARN_DATABASE_USER";

    public static final String PASSWORD = "ESKARN_DATABASE_PASSWORD";

    /** Where what makes its tables is found. */
    public static final String TABLES = "classpath:db/postgresql";

    private DatabaseOption() {}

    /**
     * @throws StartRefused if it is no address of such a server
     */
    public static @Nullable String checked(@Nullable String typed) {
        if (typed != null && !typed.startsWith(Database.SERVER_ADDRESS)) {
            throw new StartRefused(Words.say("start.not-a-database", typed));
        }
        if (typed != null && typed.toLowerCase(Locale.ROOT).contains("password=")) {
            throw new StartRefused(Words.say("start.password-in-address", PASSWORD));
        }
        return typed;
    }

    /** The same as settings of the server; none where the records are in a file. */
    public static List<String> settings(@Nullable String address, Map<String, String> environment) {
        if (address == null) {
            return List.of();
        }
        List<String> settings = new ArrayList<>(List.of(
                "--spring.datasource.url=" + address,
                "--spring.flyway.locations=" + TABLES,
                // A person is told after this many milliseconds that the server cannot be reached.
                "--spring.datasource.hikari.connection-timeout=5000",
                // Who is signed in is kept in the database, so that any instance knows it.
                "--spring.autoconfigure.exclude="));
        if (environment.containsKey(USER)) {
            settings.add("--spring.datasource.username=${" + USER + "}");
        }
        if (environment.containsKey(PASSWORD)) {
            settings.add("--spring.datasource.password=${" + PASSWORD + "}");
        }
        return settings;
    }
}
