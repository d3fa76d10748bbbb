package org.eskarn.app.backup;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.StringReader;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Map;
import java.util.Properties;
import java.util.Set;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.eskarn.app.page.Words;

/**
 * The file of a backup: a ZIP that holds the database, the key, its public half and the heads under their usual names, and {@value #ABOUT},
 * which tells when it was made and the SHA-256 of each.
 */
final class Archive {

    static final String ABOUT = "about.properties";

    private static final String HASH_OF = "sha256.";
    private static final Set<String> NAMES = Set.of(Places.DATABASE, Places.KEY, Places.PUBLIC_KEY, Places.HEADS);

    private Archive() {}

    /**
     * Puts files into one, which is there whole or not at all, and which its owner alone can read: it holds the signing key.
     *
     * @param about what else is told of it
     */
    static void write(Path file, Map<String, Path> files, Map<String, String> about) throws IOException {
        Path part = file.resolveSibling(file.getFileName() + ".part");
        Files.deleteIfExists(part);
        Map<String, String> told = new TreeMap<>(about);
        try (OutputStream out = Files.newOutputStream(ownersOnly(part));
                ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, Path> each : files.entrySet()) {
                zip.putNextEntry(new ZipEntry(each.getKey()));
                try (InputStream in = Files.newInputStream(each.getValue())) {
                    told.put(HASH_OF + each.getKey(), copy(in, zip));
                }
            }
            zip.putNextEntry(new ZipEntry(ABOUT));
            for (Map.Entry<String, String> line : told.entrySet()) {
                zip.write((line.getKey() + "=" + line.getValue() + "\n").getBytes(StandardCharsets.UTF_8));
            }
        }
        try (FileChannel channel = FileChannel.open(part, StandardOpenOption.WRITE)) {
            channel.force(true);
        }
        Files.move(part, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    }

    private static Path ownersOnly(Path file) throws IOException {
        return file.getFileSystem().supportedFileAttributeViews().contains("posix")
                ? Files.createFile(
                        file, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")))
                : Files.createFile(file);
    }

    /** @return the SHA-256 of what was copied */
    private static String copy(InputStream from, OutputStream to) throws IOException {
        try {
            MessageDigest hash = MessageDigest.getInstance("SHA-256");
            new DigestInputStream(from, hash).transferTo(to);
            return HexFormat.of().formatHex(hash.digest());
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java knows SHA-256", e);
        }
    }

    /** What it tells of itself. */
    static Properties about(Path file) throws IOException, BackupRefused {
        try (ZipFile zip = new ZipFile(file.toFile())) {
            return about(zip, file);
        }
    }

    private static Properties about(ZipFile zip, Path file) throws IOException, BackupRefused {
        ZipEntry entry = zip.getEntry(ABOUT);
        if (entry == null) {
            throw new BackupRefused(Words.say("backup.is-none", file));
        }
        Properties about = new Properties();
        try (InputStream in = zip.getInputStream(entry)) {
            about.load(new StringReader(new String(in.readAllBytes(), StandardCharsets.UTF_8)));
        }
        return about;
    }

    /**
     * Takes the files out into an empty folder.
     *
     * @throws BackupRefused if the file is no backup, or what it holds is not what was put in
     */
    static void unpack(Path file, Path folder) throws IOException, BackupRefused {
        try (ZipFile zip = new ZipFile(file.toFile())) {
            Properties about = about(zip, file);
            for (String name : NAMES) {
                ZipEntry entry = zip.getEntry(name);
                String hash = about.getProperty(HASH_OF + name);
                if (entry == null && hash == null && !name.equals(Places.DATABASE)) {
                    continue;
                }
                if (entry == null || hash == null || !hash.equals(unpack(zip, entry, folder.resolve(name)))) {
                    throw new BackupRefused(Words.say("backup.is-damaged", file));
                }
            }
        }
    }

    private static String unpack(ZipFile zip, ZipEntry entry, Path to) throws IOException {
        try (InputStream in = zip.getInputStream(entry);
                OutputStream out = Files.newOutputStream(ownersOnly(to))) {
            return copy(in, out);
        }
    }
}
