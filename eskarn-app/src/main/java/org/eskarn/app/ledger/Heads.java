package org.eskarn.app.ledger;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The heads of the chain in a file outside the database, one line each: number, hash, time. Lines are only ever appended, so
 * that a missing end or a rewritten history is noticed; a copy kept elsewhere shows it even to whoever owns this file too.
 */
final class Heads {

    private static final Pattern LINE = Pattern.compile("(\\d{1,9}) ([0-9a-f]{64}) (\\S+)");

    private Heads() {}

    /** @param at in UTC */
    record Head(int number, String hash, String at) {

        String line() {
            return number + " " + hash + " " + at;
        }
    }

    /** The heads in a file in their order; none where there is no such file. Lines that are none are passed over. */
    static List<Head> read(Path file) {
        if (!Files.exists(file)) {
            return List.of();
        }
        try {
            List<Head> heads = new ArrayList<>();
            for (String line : Files.readAllLines(file, StandardCharsets.UTF_8)) {
                Matcher matcher = LINE.matcher(line);
                if (matcher.matches()) {
                    heads.add(new Head(Integer.parseInt(matcher.group(1)), matcher.group(2), matcher.group(3)));
                }
            }
            return heads;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Appends a head, and forces it to disk. */
    static void append(Path file, Head head) {
        try (FileChannel channel = FileChannel.open(
                file, StandardOpenOption.CREATE, StandardOpenOption.WRITE, StandardOpenOption.APPEND)) {
            channel.write(ByteBuffer.wrap((head.line() + "\n").getBytes(StandardCharsets.UTF_8)));
            channel.force(true);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
