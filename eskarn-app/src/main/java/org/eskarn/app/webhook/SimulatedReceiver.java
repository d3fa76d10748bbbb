package org.eskarn.app.webhook;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import org.eskarn.app.page.Words;

/** Stands in for a program at an address: checks what is sent as such a program should, and keeps each message once, as a file. */
final class SimulatedReceiver implements Receiver {

    private final Path folder;
    private final String secret;

    SimulatedReceiver(Path folder, String secret) {
        this.folder = folder;
        this.secret = secret;
    }

    @Override
    public void send(String key, long time, String body, String signature) throws IOException {
        if (!signature.equals(HookSignature.of(secret, time, body))) {
            throw new IOException(Words.say("webhook.wrong-signature"));
        }
        Files.createDirectories(folder);
        Path part = folder.resolve("." + key + ".part");
        Files.writeString(part, body);
        Files.move(part, folder.resolve(key + ".json"), StandardCopyOption.REPLACE_EXISTING);
    }
}
