package org.eskarn.app.start;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.sql.SQLException;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.eskarn.app.page.Words;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.web.server.PortInUseException;

/** Why a start failed, in one sentence that says what to do, where the reason is a known one. */
public final class StartFailure {

    /** By H2's error code; each is told the folder. */
    private static final Map<Integer, Function<Path, String>> OF_THE_FILE = Map.of(
            90020, data -> Words.say("start.in-use", data),
            90030, data -> Words.say("start.damaged", data),
            90048, data -> Words.say("start.of-another-kind", data),
            90097, data -> Words.say("start.not-writable", data),
            90028, data -> Words.say("start.damaged", data),
            90062, data -> Words.say("start.not-writable", data),
            90031, data -> Words.say("start.not-writable", data));

    /** By the state that standard SQL has for it. */
    private static final Map<String, Supplier<String>> OF_THE_SERVER = Map.of(
            "08001", () -> Words.say("start.server-not-reached"),
            "08004", () -> Words.say("start.server-refuses"),
            "08006", () -> Words.say("start.server-not-reached"),
            "28000", () -> Words.say("start.server-refuses"),
            "28P01", () -> Words.say("start.server-refuses"),
            "3D000", () -> Words.say("start.no-such-database"),
            "42501", () -> Words.say("start.server-refuses-tables"));

    private StartFailure() {}

    public static Optional<String> sentence(Throwable failure, Path data) {
        return Stream.iterate(failure, cause -> cause != null, Throwable::getCause)
                .flatMap(cause -> of(cause, data).stream())
                .findFirst();
    }

    private static Optional<String> of(Throwable cause, Path data) {
        if (cause instanceof StartRefused) {
            return Optional.ofNullable(cause.getMessage());
        }
        if (cause instanceof PortInUseException port) {
            return Optional.of(Words.say("start.port-in-use", String.valueOf(port.getPort())));
        }
        if (cause instanceof SQLException sql) {
            return Optional.ofNullable(OF_THE_FILE.get(sql.getErrorCode()))
                    .map(said -> said.apply(data))
                    .or(() -> Optional.ofNullable(OF_THE_SERVER.get(sql.getSQLState()))
                            .map(Supplier::get));
        }
        if (cause instanceof IllegalStateException
                && String.valueOf(cause.getMessage()).startsWith("Could not load store")) {
            return Optional.of(Words.say("start.key-store-password-wrong"));
        }
        return Optional.empty();
    }

    /**
     * Before anything is started: that the records are where was said, and that what is kept can be written.
     *
     * @throws StartRefused if not
     */
    public static void checkFolder(Path data, @Nullable String database) {
        MovedRecords.check(data, database);
        try {
            Files.createDirectories(data);
            Files.delete(Files.createTempFile(data, "eskarn", ".try"));
            Path file = data.resolve("eskarn.mv.db");
            if (Files.exists(file)) {
                FileChannel.open(file, StandardOpenOption.WRITE).close();
            }
        } catch (IOException e) {
            throw new StartRefused(Words.say("start.not-writable", data));
        }
    }
}
