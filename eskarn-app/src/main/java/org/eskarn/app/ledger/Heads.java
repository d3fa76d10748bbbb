package org.eskarn.app.ledger;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The heads of the chain in a file outside the database, one line each: number, hash, time. Lines are only ever appended, so
 * that a missing end or a rewritten history is noticed; a copy kept elsewhere shows it even to whoever owns this file too.
 */
final class Heads {

    private static final Pattern LINE = Pattern.compile("(\\d{1,9}) ([0-9a-f]{64}) (\\S+)");

    /** Bytes that hold several lines. */
    private static final int BLOCK = 2048;

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
            return Files.readAllLines(file, StandardCharsets.UTF_8).stream()
                    .flatMap(Heads::head)
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /**
     * The hash of one document's head, found by halving: lines stand in the order of their numbers. Empty where it has no line, and where
     * somebody wrote lines out of order, which a reading of the whole file shows.
     */
    static Optional<String> of(Path file, int number) {
        if (!Files.exists(file)) {
            return Optional.empty();
        }
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.READ)) {
            long low = 0;
            long high = channel.size();
            while (low < high) {
                long middle = (low + high) / 2;
                List<Head> heads = from(channel, middle);
                if (heads.isEmpty() || heads.get(0).number() >= number) {
                    high = middle;
                } else {
                    low = middle + 1;
                }
            }
            return from(channel, low).stream()
                    .filter(head -> head.number() == number)
                    .findFirst()
                    .map(Head::hash);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The last head; empty where there is none among the last lines. */
    static Optional<Head> last(Path file) {
        if (!Files.exists(file)) {
            return Optional.empty();
        }
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.READ)) {
            List<Head> heads = from(channel, Math.max(0, channel.size() - BLOCK));
            return heads.isEmpty() ? Optional.empty() : Optional.of(heads.get(heads.size() - 1));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The heads of some lines that begin at a place of the file or after it. */
    private static List<Head> from(FileChannel channel, long place) throws IOException {
        // One byte before, so that a line that begins exactly there is whole.
        long begin = Math.max(0, place - 1);
        ByteBuffer block = ByteBuffer.allocate(BLOCK + 1);
        while (block.hasRemaining() && channel.read(block, begin + block.position()) >= 0) {
            // Read on until it is full, or the file ends.
        }
        String text = new String(block.array(), 0, block.position(), StandardCharsets.UTF_8);
        int first = place == 0 ? 0 : text.indexOf('\n') + 1;
        return place > 0 && first == 0
                ? List.of()
                : text.substring(first, text.lastIndexOf('\n') + 1)
                        .lines()
                        .flatMap(Heads::head)
                        .toList();
    }

    private static Stream<Head> head(String line) {
        Matcher matcher = LINE.matcher(line);
        return matcher.matches()
                ? Stream.of(new Head(Integer.parseInt(matcher.group(1)), matcher.group(2), matcher.group(3)))
                : Stream.empty();
    }

    /** Appends heads, and forces them to disk. */
    static void append(Path file, List<Head> heads) {
        String lines = heads.stream().map(head -> head.line() + "\n").collect(Collectors.joining());
        try (FileChannel channel = FileChannel.open(
                file, StandardOpenOption.CREATE, StandardOpenOption.WRITE, StandardOpenOption.APPEND)) {
            channel.write(ByteBuffer.wrap(lines.getBytes(StandardCharsets.UTF_8)));
            channel.force(true);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
