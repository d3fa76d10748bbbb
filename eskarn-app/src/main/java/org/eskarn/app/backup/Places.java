package org.eskarn.app.backup;

import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Where an installation keeps what a backup holds.
 *
 * @param key the signing key; its public half lies beside it
 */
@Component
public record Places(
        @Value("${eskarn.data}") Path data,
        @Value("${eskarn.key}") Path key,
        @Value("${eskarn.heads}") Path heads) {

    static final String DATABASE = "eskarn.mv.db";
    static final String KEY = "eskarn.key";
    static final String PUBLIC_KEY = "eskarn.pub";
    static final String HEADS = "eskarn.heads";

    /** Everything at its usual place in a folder. */
    public static Places in(Path data) {
        return new Places(data, data.resolve(KEY), data.resolve(HEADS));
    }

    /** Name in a backup, and where it lies, of all but the database. */
    Map<String, Path> besides() {
        Map<String, Path> all = new LinkedHashMap<>();
        // Heads first: those that are written meanwhile are appended again from the database, but none is ahead of it.
        all.put(HEADS, heads);
        all.put(KEY, key);
        all.put(PUBLIC_KEY, key.resolveSibling(PUBLIC_KEY));
        return all;
    }

    Path backups() {
        return data.resolve("backups");
    }
}
