package org.eskarn.app.start;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.eskarn.app.page.Words;
import org.jspecify.annotations.Nullable;

/**
 * How a server is started: {@code serve --data DIR [--port N] [--listen ADDRESS] [--https KEYSTORE] [--proxy ADDRESS,…]
 * [--database ADDRESS] [--demo]}.
 *
 * @param listen the address it answers on; this machine only unless said otherwise
 * @param https a key store in the open format PKCS #12; its password comes from the environment, where no list of processes shows it
 * @param database the address of a server that holds the records; null where they are in a file in the folder
 * @param proxies whose word about the visitor's address and protocol counts; nobody's unless said otherwise
 */
public record ServeOptions(
        Path data,
        int port,
        String listen,
        @Nullable Path https,
        List<String> proxies,
        @Nullable String database,
        boolean demo) {

    /** Where the password of the key store is looked for. */
    public static final String KEYSTORE_PASSWORD = "ESKARN_KEYSTORE_PASSWORD";

    private static final int USUAL_PORT = 8080;
    private static final int LAST_PORT = 65_535;
    private static final Set<String> WITH_VALUE =
            Set.of("--data", "--port", "--listen", "--https", "--proxy", "--database");
    private static final Pattern ADDRESS = Pattern.compile("[0-9a-fA-F:.]{2,45}");

    /**
     * @throws StartRefused if an option is unknown or its value unfit
     */
    public static ServeOptions of(List<String> arguments) {
        Map<String, String> given = new HashMap<>();
        boolean demo = false;
        for (int i = 0; i < arguments.size(); i++) {
            String name = arguments.get(i);
            if (name.equals("--demo")) {
                demo = true;
            } else if (!WITH_VALUE.contains(name)) {
                throw new StartRefused(Words.say("start.no-option", name));
            } else if (i + 1 == arguments.size()) {
                throw new StartRefused(Words.say("start.without-value", name));
            } else {
                given.put(name, arguments.get(++i));
            }
        }
        return new ServeOptions(
                Path.of(given.getOrDefault("--data", "data/works")),
                port(given.getOrDefault("--port", String.valueOf(USUAL_PORT))),
                given.getOrDefault("--listen", "localhost"),
                keyStore(given.get("--https")),
                proxies(given.get("--proxy")),
                DatabaseOption.checked(given.get("--database")),
                demo);
    }

    private static int port(String typed) {
        if (!typed.matches("[0-9]{1,5}") || Integer.parseInt(typed) > LAST_PORT) {
            throw new StartRefused(Words.say("start.not-a-port", typed));
        }
        return Integer.parseInt(typed);
    }

    private static @Nullable Path keyStore(@Nullable String typed) {
        if (typed == null) {
            return null;
        }
        Path file = Path.of(typed).toAbsolutePath();
        if (!Files.isReadable(file)) {
            throw new StartRefused(Words.say("start.no-key-store", typed));
        }
        return file;
    }

    private static List<String> proxies(@Nullable String typed) {
        List<String> all = typed == null ? List.of() : Arrays.asList(typed.split(","));
        all.stream()
                .filter(each -> !ADDRESS.matcher(each).matches())
                .findFirst()
                .ifPresent(each -> {
                    throw new StartRefused(Words.say("start.not-an-address", each));
                });
        return all;
    }

    /** The same as settings of the server. */
    public List<String> settings(Map<String, String> environment) {
        List<String> settings = new ArrayList<>(List.of(
                "--eskarn.data=" + data,
                "--eskarn.demo=" + demo,
                "--server.port=" + port,
                "--server.address=" + listen));
        if (https != null) {
            settings.add("--server.ssl.key-store=" + https.toUri());
            settings.add("--server.ssl.key-store-type=PKCS12");
            settings.add("--server.ssl.enabled-protocols=TLSv1.3,TLSv1.2");
            if (!environment.containsKey(KEYSTORE_PASSWORD)) {
                throw new StartRefused(Words.say("start.no-key-store-password", KEYSTORE_PASSWORD));
            }
            settings.add("--server.ssl.key-store-password=${" + KEYSTORE_PASSWORD + "}");
        }
        if (!proxies.isEmpty()) {
            settings.add("--server.forward-headers-strategy=native");
            settings.add("--server.tomcat.remoteip.remote-ip-header=X-Forwarded-For");
            settings.add("--server.tomcat.remoteip.protocol-header=X-Forwarded-Proto");
            settings.add("--server.tomcat.remoteip.internal-proxies="
                    + proxies.stream().map(each -> each.replace(".", "\\.")).collect(Collectors.joining("|")));
        }
        settings.addAll(DatabaseOption.settings(database, environment));
        return settings;
    }

    /** Where the records are, for a person. */
    public String records() {
        return database == null ? data.toString() : database;
    }

    /** Where a browser on this machine finds it. */
    public String address() {
        return (https == null ? "http" : "https") + "://" + (listen.equals("0.0.0.0") ? "localhost" : listen) + ":"
                + port;
    }
}
