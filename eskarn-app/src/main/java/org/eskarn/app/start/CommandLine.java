package org.eskarn.app.start;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.page.Words;
import org.jspecify.annotations.Nullable;

/**
 * What was typed after a command.
 *
 * @param plain what belongs to no option, in its order
 * @param data the folder of the records
 * @param database the address of a server that holds the records; null where they are in a file in the folder
 * @param heads a file with heads that were kept elsewhere
 */
public record CommandLine(
        List<String> plain,
        Path data,
        Optional<Path> heads,
        @Nullable String database) {

    /**
     * @throws StartRefused if an option is unknown or has no value
     */
    public static CommandLine of(List<String> arguments) {
        List<String> plain = new ArrayList<>();
        Path data = Path.of("data/works");
        Optional<Path> heads = Optional.empty();
        String database = null;
        for (int i = 0; i < arguments.size(); i++) {
            String each = arguments.get(i);
            boolean option = each.startsWith("--");
            if (option && i + 1 == arguments.size()) {
                throw new StartRefused(Words.say("start.without-value", each));
            }
            switch (each) {
                case "--data" -> data = Path.of(arguments.get(++i));
                case "--database" -> database = DatabaseOption.checked(arguments.get(++i));
                case "--heads" -> heads = Optional.of(Path.of(arguments.get(++i)));
                default -> {
                    if (option) {
                        throw new StartRefused(Words.say("start.no-option", each));
                    }
                    plain.add(each);
                }
            }
        }
        return new CommandLine(plain, data, heads, database);
    }

    /**
     * The address of the server, for a command that is about one.
     *
     * @throws StartRefused if there is none
     */
    public String needsDatabase() {
        if (database == null) {
            throw new StartRefused(Words.say("start.needs-a-database"));
        }
        return database;
    }

    /**
     * The one thing that a command is about.
     *
     * @throws StartRefused if there is none, or several
     */
    public String one() {
        if (plain.size() != 1) {
            throw new StartRefused(Words.say("start.takes-one"));
        }
        return plain.get(0);
    }
}
