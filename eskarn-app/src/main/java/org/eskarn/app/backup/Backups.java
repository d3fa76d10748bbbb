package org.eskarn.app.backup;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Properties;
import java.util.stream.Stream;
import java.util.zip.ZipFile;
import org.eskarn.app.page.Words;
import org.eskarn.app.start.MovedRecords;
import org.eskarn.app.storage.Folders;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Makes backups, looks into them and puts them back. Works on files and a connection alone, so that the commands need no server. */
public final class Backups {

    private static final Logger LOG = LoggerFactory.getLogger(Backups.class);

    private static final String MADE = "made";
    private static final String SIGNED = "SIGNED_DOCUMENT";
    private static final String DOCUMENTS = "documents";
    /** In names of files, by UTC. */
    static final DateTimeFormatter STAMP =
            DateTimeFormatter.ofPattern("yyyy-MM-dd'T'HHmmss").withZone(ZoneOffset.UTC);

    private Backups() {}

    /**
     * Makes a backup of a database that may be in use, and opens it to see that it holds what it should.
     *
     * @throws BackupRefused if it cannot be written, or is not what it should be; then there is none
     */
    public static Backup make(Connection connection, Places places, Path file, Instant now) throws BackupRefused {
        Path work = null;
        try {
            Path folder = file.toAbsolutePath().getParent();
            Files.createDirectories(folder);
            work = Files.createTempDirectory(folder, ".backup");
            Map<String, Path> files = new LinkedHashMap<>();
            for (Map.Entry<String, Path> each : places.besides().entrySet()) {
                if (Files.exists(each.getValue())) {
                    files.put(each.getKey(), Files.copy(each.getValue(), work.resolve(each.getKey())));
                }
            }
            files.put(Places.DATABASE, copyOf(connection, work));
            int documents = read(work);
            Archive.write(file, files, Map.of(MADE, now.toString(), DOCUMENTS, String.valueOf(documents)));
            return look(file);
        } catch (IOException | SQLException e) {
            throw new BackupRefused(Words.say("backup.not-made", file, String.valueOf(e.getMessage())), e);
        } finally {
            delete(work);
        }
    }

    /** A file writes itself into a ZIP of its own while it is in use; what is on a server is copied into a file. */
    private static Path copyOf(Connection connection, Path work) throws SQLException, IOException {
        if (ServerRecords.on(connection)) {
            ServerRecords.copyTo(connection, work);
            return work.resolve(Places.DATABASE);
        }
        Path zipped = work.resolve("database.zip");
        try (Statement statement = connection.createStatement()) {
            statement.execute("backup to '" + zipped.toString().replace("'", "''") + "'");
        }
        Path copy = work.resolve(Places.DATABASE);
        try (ZipFile zip = new ZipFile(zipped.toFile())) {
            Files.copy(zip.getInputStream(zip.getEntry(Places.DATABASE)), copy);
        }
        Files.delete(zipped);
        return copy;
    }

    /** Opens the database of a folder and reads every row of it. */
    private static int read(Path folder) throws SQLException {
        try (Connection copy = ClosedRecords.open(folder, ClosedRecords.READ_ONLY);
                Statement statement = copy.createStatement()) {
            List<String> tables = tables(statement);
            for (String table : tables) {
                try (ResultSet rows = statement.executeQuery("select * from \"" + table + "\"")) {
                    int columns = rows.getMetaData().getColumnCount();
                    while (rows.next()) {
                        rows.getObject(columns);
                    }
                }
            }
            // Records of an early version have no signed documents yet; they are made from them after the upgrade.
            if (!tables.contains(SIGNED)) {
                return 0;
            }
            try (ResultSet count = statement.executeQuery("select count(*) from " + SIGNED)) {
                count.next();
                return count.getInt(1);
            }
        }
    }

    private static List<String> tables(Statement statement) throws SQLException {
        List<String> tables = new ArrayList<>();
        try (ResultSet names = statement.executeQuery(
                "select table_name from information_schema.tables where table_schema = 'PUBLIC' and table_type = 'BASE TABLE'")) {
            while (names.next()) {
                tables.add(names.getString(1));
            }
        }
        return tables;
    }

    /**
     * What a file says of itself.
     *
     * @throws BackupRefused if it is no backup
     */
    public static Backup look(Path file) throws BackupRefused {
        try {
            Properties about = Archive.about(file);
            return new Backup(
                    file,
                    Instant.parse(about.getProperty(MADE)),
                    Files.size(file),
                    Integer.parseInt(about.getProperty(DOCUMENTS)));
        } catch (IOException | RuntimeException e) {
            throw new BackupRefused(Words.say("backup.is-none", file), e);
        }
    }

    /** Those in a folder, the newest first; what is none is passed over. */
    public static List<Backup> in(Path folder) {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        List<Backup> found = new ArrayList<>();
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file :
                    files.filter(each -> each.toString().endsWith(".zip")).toList()) {
                try {
                    found.add(look(file));
                } catch (BackupRefused none) {
                    // Somebody's own file.
                }
            }
        } catch (IOException e) {
            return List.of();
        }
        found.sort(Comparator.comparing(Backup::madeAt).reversed());
        return found;
    }

    /** What was put back, and where what was there before lies now; null where nothing was. */
    public record Restored(Backup backup, @Nullable Path replaced) {}

    /**
     * Puts a backup back. What is there is moved aside, never deleted.
     *
     * @throws BackupRefused if the file is no backup or damaged, or a server uses the records; then nothing was changed
     */
    public static Restored restore(Path file, Path data, Instant now) throws BackupRefused {
        Path work = null;
        try {
            Backup backup = look(file);
            Files.createDirectories(data);
            notInUse(data);
            work = Files.createTempDirectory(data, ".restore");
            Archive.unpack(file, work);
            if (read(work) != backup.documents()) {
                throw new BackupRefused(Words.say("backup.is-damaged", file));
            }
            Path aside = data.resolve("replaced-" + STAMP.format(now));
            boolean replaced = false;
            for (String name : List.of(
                    Places.DATABASE,
                    Places.KEY,
                    Places.PUBLIC_KEY,
                    Places.HEADS,
                    MovedRecords.WHERE,
                    "eskarn.trace.db")) {
                if (Files.exists(data.resolve(name))) {
                    Files.createDirectories(aside);
                    Files.move(data.resolve(name), aside.resolve(name));
                    replaced = true;
                }
            }
            try (Stream<Path> unpacked = Files.list(work)) {
                for (Path each : unpacked.filter(
                                one -> one.getFileName().toString().startsWith("eskarn."))
                        .toList()) {
                    Files.move(each, data.resolve(each.getFileName()), StandardCopyOption.ATOMIC_MOVE);
                }
            }
            return new Restored(backup, replaced ? aside : null);
        } catch (IOException | SQLException e) {
            throw new BackupRefused(Words.say("backup.not-restored", file, String.valueOf(e.getMessage())), e);
        } finally {
            delete(work);
        }
    }

    private static void notInUse(Path data) throws BackupRefused {
        if (!Files.exists(data.resolve(Places.DATABASE))) {
            return;
        }
        try {
            ClosedRecords.open(data, "").close();
        } catch (SQLException e) {
            // A file that cannot be opened is what a backup is put back for.
            if (ClosedRecords.inUse(e)) {
                throw new BackupRefused(Words.say("backup.in-use", data), e);
            }
        }
    }

    private static void delete(@Nullable Path folder) {
        try {
            if (folder != null) {
                Folders.delete(folder);
            }
        } catch (IOException e) {
            LOG.warn("{} could not be deleted: {}", folder, e.getMessage());
        }
    }
}
