package org.eskarn.app.backup;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.stream.Stream;
import org.eskarn.app.page.Words;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Backups that the console asks a running server for. The command lays a request into the folder of the records, where only who owns them
 * can write, and reads the answer there.
 */
@Component
class BackupRequests {

    static final String ASKED = ".backup-asked";
    static final String ANSWERED = ".backup-answered";
    static final String MADE = "made ";

    private static final Logger LOG = LoggerFactory.getLogger(BackupRequests.class);

    private final BackupService backups;
    private final Places places;

    BackupRequests(BackupService backups, Places places) {
        this.backups = backups;
        this.places = places;
    }

    @Scheduled(fixedDelayString = "PT0.5S", initialDelayString = "PT1S")
    void look() {
        try (Stream<Path> files = Files.list(places.data())) {
            List<Path> asked =
                    files.filter(each -> each.toString().endsWith(ASKED)).toList();
            for (Path each : asked) {
                answer(each);
            }
        } catch (IOException e) {
            LOG.warn("A request for a backup could not be answered: {}", e.getMessage());
        }
    }

    private void answer(Path request) throws IOException {
        Path file = Path.of(Files.readString(request).strip());
        Files.delete(request);
        String said;
        try {
            said = MADE
                    + Words.say(
                            "backup.made",
                            backups.to(file).file(),
                            Backups.look(file).documents());
        } catch (BackupRefused refused) {
            said = String.valueOf(refused.getMessage());
        }
        write(Path.of(request.toString().replace(ASKED, ANSWERED)), said);
    }

    /** Whole or not at all. */
    static void write(Path file, String text) throws IOException {
        Path part = file.resolveSibling(file.getFileName() + ".part");
        Files.writeString(part, text);
        Files.move(part, file, StandardCopyOption.ATOMIC_MOVE);
    }
}
