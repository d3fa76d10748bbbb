package org.eskarn.app;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.eskarn.app.backup.ServerRecords;
import org.eskarn.app.ledger.LedgerVerification;
import org.eskarn.app.ledger.LedgerVerification.Report;
import org.eskarn.app.page.Words;
import org.eskarn.app.start.CommandLine;
import org.eskarn.app.storage.Folders;
import org.springframework.boot.WebApplicationType;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

/**
 * {@code ./eskarn verify}: checks every signed document of a data folder. It works on a copy of the records, so that it
 * changes nothing and runs beside a server.
 */
final class VerifyCommand {

    static final int IN_ORDER = 0;
    static final int WRONG = 1;
    static final int UNUSABLE = 2;

    private static final String DATABASE = "eskarn.mv.db";

    private VerifyCommand() {}

    /**
     * @param line may name a heads file where it is not the one in the data folder
     * @return the exit code
     */
    static int run(CommandLine line, PrintStream out) {
        Path data = line.data().toAbsolutePath();
        Optional<Path> kept = line.heads();
        String database = line.database();
        Path heads = kept.map(Path::toAbsolutePath).orElse(data.resolve("eskarn.heads"));
        if (database == null && !Files.exists(data.resolve(DATABASE))) {
            out.println("eskarn: " + Words.say("ledger.no-records", data));
            return UNUSABLE;
        }
        if (kept.isPresent() && !Files.exists(heads)) {
            out.println("eskarn: " + Words.say("ledger.no-heads-file", heads));
            return UNUSABLE;
        }
        try {
            Path copy = Files.createTempDirectory("eskarn-verify");
            try {
                if (database == null) {
                    Files.copy(data.resolve(DATABASE), copy.resolve(DATABASE));
                } else {
                    ServerRecords.copyTo(database, System.getenv(), copy);
                }
                return verify(data, copy, heads, out);
            } finally {
                Folders.delete(copy);
            }
        } catch (IOException e) {
            out.println("eskarn: " + Words.say("ledger.not-readable", data, String.valueOf(e.getMessage())));
            return UNUSABLE;
        }
    }

    private static int verify(Path data, Path copy, Path heads, PrintStream out) {
        try (ConfigurableApplicationContext context = new SpringApplicationBuilder(EskarnApplication.class)
                .web(WebApplicationType.NONE)
                .run(
                        "--eskarn.verify=true",
                        "--eskarn.data=" + copy,
                        "--eskarn.key=" + data.resolve("eskarn.key"),
                        "--eskarn.heads=" + heads,
                        "--logging.level.root=error",
                        "--logging.level.org.eskarn=error")) {
            Report report = context.getBean(LedgerVerification.class).verify(heads);
            report.problem()
                    .ifPresentOrElse(
                            problem -> out.println("eskarn: " + problem),
                            () -> out.println(
                                    "eskarn: " + Words.say("ledger.all-in-order", report.documents(), report.heads())));
            return report.problem().isPresent() ? WRONG : IN_ORDER;
        }
    }
}
