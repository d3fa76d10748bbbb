package org.eskarn.app;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Path;
import org.eskarn.app.ledger.KeyReplacement;
import org.eskarn.app.page.Words;

/** {@code ./eskarn new-key}: a signing key in the place of one that is lost for good. */
final class NewKeyCommand {

    private NewKeyCommand() {}

    /** @return the exit code */
    static int run(Path data, PrintStream out) {
        try {
            boolean made = KeyReplacement.make(data.resolve("eskarn.key"));
            out.println("eskarn: " + (made ? Words.say("ledger.key-made", data) : Words.say("ledger.key-stays", data)));
            return made ? 0 : 1;
        } catch (IOException e) {
            out.println("eskarn: " + Words.say("ledger.key-not-written", data, String.valueOf(e.getMessage())));
            return 2;
        }
    }
}
