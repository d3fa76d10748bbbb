package org.eskarn.app.running;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/** A database server of the tests' own, started by the first who asks and ended with the tests. */
final class PostgresServer {

    private static final Path INSTALLED = Path.of("/usr/lib/postgresql");
    private static final String OWNER = "eskarn";

    private final Path programs;
    private final Path folder;
    private final int port;

    private PostgresServer(Path programs, Path folder, int port) {
        this.programs = programs;
        this.folder = folder;
        this.port = port;
    }

    private static final class Only {
        static final PostgresServer SERVER = start();
    }

    static PostgresServer running() {
        return Only.SERVER;
    }

    private static PostgresServer start() {
        try {
            PostgresServer server =
                    new PostgresServer(programs(), Files.createTempDirectory("eskarn-postgres"), freePort());
            if (root()) {
                server.run(List.of("chown", "postgres", server.folder.toString()));
            }
            String data = server.folder.resolve("data").toString();
            server.run(server.asOwner("initdb", "-D", data, "-A", "trust", "-U", OWNER, "-E", "UTF8", "--no-sync"));
            server.run(server.asOwner(
                    "pg_ctl",
                    "-D",
                    data,
                    "-w",
                    "-l",
                    server.folder.resolve("log").toString(),
                    "-o",
                    server.options(),
                    "start"));
            Runtime.getRuntime().addShutdownHook(new Thread(server::stop));
            return server;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Only its own process is ever killed here, not the machine: nothing needs to be forced to disk. */
    private String options() {
        return "-p " + port + " -c listen_addresses=127.0.0.1 -c unix_socket_directories=" + folder + " -c fsync=off";
    }

    private void stop() {
        try {
            run(asOwner("pg_ctl", "-D", folder.resolve("data").toString(), "-m", "immediate", "stop"));
            run(List.of("rm", "-rf", folder.toString()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Path programs() throws IOException {
        try (Stream<Path> versions = Files.list(INSTALLED)) {
            return versions.max(Comparator.comparingInt(
                            each -> Integer.parseInt(each.getFileName().toString())))
                    .orElseThrow(() -> new IOException("no PostgreSQL in " + INSTALLED))
                    .resolve("bin");
        }
    }

    /** It refuses to run as root. */
    private List<String> asOwner(String program, String... arguments) {
        List<String> command = new ArrayList<>();
        if (root()) {
            command.addAll(List.of("runuser", "-u", "postgres", "--"));
        }
        command.add(programs.resolve(program).toString());
        command.addAll(List.of(arguments));
        return command;
    }

    private static boolean root() {
        return System.getProperty("user.name").equals("root");
    }

    private void run(List<String> command) throws IOException {
        Process process = new ProcessBuilder(command)
                .directory(folder.toFile())
                .redirectErrorStream(true)
                .redirectOutput(Files.createTempFile("eskarn-postgres", ".log").toFile())
                .start();
        try {
            if (process.waitFor() != 0) {
                throw new IOException(String.join(" ", command) + " ended with " + process.exitValue());
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException(e);
        }
    }

    private static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }

    String address(String database) {
        return "jdbc:postgresql://127.0.0.1:" + port + "/" + database + "?user=" + OWNER;
    }

    synchronized void reachable(String address, boolean reachable) {
        String database = address.replaceAll(".*/([a-z0-9_]+)\\?.*", "$1");
        try (Connection connection = DriverManager.getConnection(address("postgres"));
                Statement statement = connection.createStatement()) {
            statement.execute("alter database " + database + " allow_connections " + reachable);
            statement.execute(
                    "select pg_terminate_backend(pid) from pg_stat_activity where datname = '" + database + "'");
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Makes a database, empty or as another is; one that is there stays. */
    synchronized void make(String database, String like) {
        try (Connection connection = DriverManager.getConnection(address("postgres"));
                Statement statement = connection.createStatement()) {
            if (!statement
                    .executeQuery("select 1 from pg_database where datname = '" + database + "'")
                    .next()) {
                statement.execute("create database " + database + " template " + like);
            }
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }
}
