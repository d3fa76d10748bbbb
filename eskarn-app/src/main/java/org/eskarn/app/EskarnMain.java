package org.eskarn.app;

import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.eskarn.app.backup.BackupCommand;
import org.eskarn.app.backup.MoveCommand;
import org.eskarn.app.page.Words;
import org.eskarn.app.start.CommandLine;
import org.eskarn.app.start.MovedRecords;
import org.eskarn.app.start.ServeOptions;
import org.eskarn.app.start.StartFailure;
import org.springframework.boot.SpringApplication;

/** Where Eskarn begins: the server, or one of its commands. */
public final class EskarnMain {

    static final int CANNOT_START = 2;

    private static final Set<String> COMMANDS =
            Set.of("verify", "new-key", "backup", "restore", "password-link", "move");

    /** Those that look for the records where they are said to be. */
    private static final Set<String> READING = Set.of("verify", "backup", "password-link");

    private EskarnMain() {}

    /** Without a command the arguments are settings of the server itself. */
    public static void main(String[] arguments) {
        // Whatever the console of a service calls its language, the sentences are UTF-8.
        System.setOut(new PrintStream(new FileOutputStream(FileDescriptor.out), true, StandardCharsets.UTF_8));
        System.setErr(new PrintStream(new FileOutputStream(FileDescriptor.err), true, StandardCharsets.UTF_8));
        String command = arguments.length == 0 ? "" : arguments[0];
        if (COMMANDS.contains(command)) {
            System.exit(run(command, rest(arguments), System.out));
        }
        if (!command.equals("serve")) {
            SpringApplication.run(EskarnApplication.class, arguments);
            return;
        }
        int failed = serve(rest(arguments));
        if (failed > 0) {
            System.exit(failed);
        }
    }

    private static List<String> rest(String[] arguments) {
        return List.of(arguments).subList(1, arguments.length);
    }

    /** @return the exit code */
    static int run(String command, List<String> arguments, PrintStream out) {
        Path data = Path.of("");
        try {
            CommandLine line = CommandLine.of(arguments);
            data = line.data();
            if (READING.contains(command)) {
                MovedRecords.check(data, line.database());
            }
            Clock clock = Clock.systemDefaultZone();
            return switch (command) {
                case "backup" -> BackupCommand.backup(line.data(), Path.of(line.one()), line.database(), clock, out);
                case "move" ->
                    MoveCommand.run(line.data(), line.needsDatabase(), System.getenv(), clock.instant(), out);
                case "restore" -> BackupCommand.restore(Path.of(line.one()), line.data(), clock, out);
                case "password-link" -> PasswordLinkCommand.run(line, out);
                case "new-key" -> NewKeyCommand.run(line.data(), out);
                default -> VerifyCommand.run(line, out);
            };
        } catch (RuntimeException failure) {
            return told(failure, data, out);
        }
    }

    /** @return 0 while the server runs, else the exit code, after one sentence that says why */
    private static int serve(List<String> arguments) {
        Path data = Path.of("");
        try {
            ServeOptions options = ServeOptions.of(arguments);
            data = options.data();
            StartFailure.checkFolder(data, options.database());
            SpringApplication.run(
                    EskarnApplication.class, options.settings(System.getenv()).toArray(String[]::new));
            System.err.println("eskarn: " + Words.say("start.runs", options.address(), options.records()));
            return 0;
        } catch (RuntimeException failure) {
            return told(failure, data, System.err);
        }
    }

    /** What is not known is told whole, for whoever looks into it. */
    private static int told(RuntimeException failure, Path data, PrintStream out) {
        Optional<String> sentence = StartFailure.sentence(failure, data);
        if (sentence.isEmpty()) {
            failure.printStackTrace(out);
        }
        out.println("eskarn: " + sentence.orElse(Words.say("start.not-known")));
        return CANNOT_START;
    }
}
