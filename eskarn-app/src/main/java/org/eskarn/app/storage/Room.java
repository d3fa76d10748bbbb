package org.eskarn.app.storage;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.util.unit.DataSize;

/** Whether the disk still has room for a change. Some is always left, so that the file of the records is never cut short in the middle of one. */
@Component
public class Room {

    private final Path folder;
    private final DataSize least;

    Room(@Value("${eskarn.data}") Path folder, @Value("${eskarn.least-room}") DataSize least) {
        this.folder = folder;
        this.least = least;
    }

    /** What is left on the disk; very much where nobody can tell. */
    public long bytes() {
        try {
            return Files.getFileStore(folder).getUsableSpace();
        } catch (IOException e) {
            return Long.MAX_VALUE;
        }
    }

    /**
     * @throws NoRoom if there is less than must be left
     */
    void require() {
        long left = bytes();
        if (left < least.toBytes()) {
            throw new NoRoom(left);
        }
    }
}
