package org.eskarn.app.running;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.List;
import java.util.stream.Stream;

/**
 * The demo's world, made once in a run of the tests by whichever of its processes comes first, and copied by all. Its folder is
 * named after the run, so that no run takes the world of another.
 */
final class DemoTemplate {

    private static final Path FOLDER = Path.of(
            "target",
            "demo-"
                    + System.getProperty(
                            "eskarn.testRun", "alone" + ProcessHandle.current().pid())
                    // Each process of the tests has a database server of its own.
                    + (TestDatabase.onServer() ? "-" + ProcessHandle.current().pid() : ""));

    private static final Path MADE = FOLDER.resolve("made");

    private DemoTemplate() {}

    /** Fills a folder without a database; one that has records keeps them. */
    static void copyTo(Path folder) {
        try {
            if (Files.exists(folder.resolve("eskarn.mv.db")) || Files.exists(folder.resolve("eskarn.key"))) {
                return;
            }
            make();
            TestDatabase.copy(FOLDER, folder);
            for (Path file : files(FOLDER)) {
                if (!file.equals(MADE)) {
                    Files.copy(file, folder.resolve(file.getFileName()));
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static synchronized void make() throws IOException {
        Files.createDirectories(FOLDER.getParent());
        Path lock = Path.of("target", "demo.lock");
        try (FileChannel channel = FileChannel.open(lock, StandardOpenOption.CREATE, StandardOpenOption.WRITE);
                FileLock held = channel.lock()) {
            if (held.isValid() && !Files.exists(MADE)) {
                Files.createDirectories(FOLDER);
                Eskarn.start(FOLDER.toAbsolutePath(), true).close();
                Files.createFile(MADE);
            }
        }
    }

    private static List<Path> files(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.toList();
        }
    }
}
