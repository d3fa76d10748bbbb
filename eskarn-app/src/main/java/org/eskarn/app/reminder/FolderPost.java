package org.eskarn.app.reminder;

import jakarta.mail.MessagingException;
import jakarta.mail.Session;
import jakarta.mail.internet.MimeMessage;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.Properties;

/** The simulated post: each mail becomes a file (RFC 5322) in a folder beside the records. */
final class FolderPost implements Post {

    private static final DateTimeFormatter STAMP =
            DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss-SSS").withZone(ZoneOffset.UTC);

    private final Path folder;
    private final Clock clock;

    FolderPost(Path folder, Clock clock) {
        this.folder = folder;
        this.clock = clock;
    }

    @Override
    public String goesTo() {
        return folder.toAbsolutePath().toString();
    }

    @Override
    public MimeMessage blank() {
        return new MimeMessage(Session.getInstance(new Properties()));
    }

    @Override
    public void send(MimeMessage message) throws IOException {
        Files.createDirectories(folder);
        Path part = folder.resolve("." + STAMP.format(clock.instant()) + ".part");
        try (OutputStream out = Files.newOutputStream(part)) {
            message.writeTo(out);
        } catch (MessagingException e) {
            throw new IOException(e);
        }
        // Whoever collects from the folder never finds half a mail.
        Files.move(part, folder.resolve(STAMP.format(clock.instant()) + ".eml"));
    }
}
