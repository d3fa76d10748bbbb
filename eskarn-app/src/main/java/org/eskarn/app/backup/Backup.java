package org.eskarn.app.backup;

import java.nio.file.Path;
import java.time.Instant;

/**
 * One backup.
 *
 * @param bytes its size
 * @param documents how many signed documents it holds
 */
public record Backup(Path file, Instant madeAt, long bytes, int documents) {

    /** Its name without the folder. */
    public String name() {
        return String.valueOf(file.getFileName());
    }

    public long kilobytes() {
        return (bytes + 1023) / 1024;
    }
}
