package org.eskarn.app;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Path;
import org.eskarn.app.ledger.KeyReplacement;

/** {@code ./eskarn new-key}: a signing key in the place of one that is lost for good. */
final class NewKeyCommand {

    private NewKeyCommand() {}

    /** @return the exit code */
    static int run(Path data, PrintStream out) {
        try {
            boolean made = KeyReplacement.make(data.resolve("eskarn.key"));
            out.println(
                    made
                            ? "eskarn: a new signing key lies in " + data
                                    + "; documents signed before are checked with the"
                                    + " older public keys in eskarn.pub"
                            : "eskarn: " + data + " holds a signing key, which stays");
            return made ? 0 : 1;
        } catch (IOException e) {
            out.println("eskarn: no key can be written to " + data + ": " + e.getMessage());
            return 2;
        }
    }
}
