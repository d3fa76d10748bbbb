package org.eskarn.app.start;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.eskarn.app.page.Words;
import org.jspecify.annotations.Nullable;

/** A folder whose records are on a database server remembers which, so that nobody begins new ones in it by mistake. */
public final class MovedRecords {

    /** The file that remembers it. */
    public static final String WHERE = "eskarn.database";

    private static final String FILE = "eskarn.mv.db";

    private MovedRecords() {}

    public static void remember(Path data, String database) throws IOException {
        Files.writeString(data.resolve(WHERE), database + "\n");
    }

    /**
     * @param database the address that was given; null where the records are meant to be in the folder
     * @throws StartRefused if the records of the folder are elsewhere than was said
     */
    public static void check(Path data, @Nullable String database) {
        Path where = data.resolve(WHERE);
        if (database == null && Files.exists(where)) {
            try {
                throw new StartRefused(Words.say(
                        "start.records-moved", data, Files.readString(where).strip()));
            } catch (IOException e) {
                throw new StartRefused(Words.say("start.not-writable", data));
            }
        }
        if (database != null && Files.exists(data.resolve(FILE))) {
            throw new StartRefused(Words.say("start.records-in-folder", data));
        }
    }
}
