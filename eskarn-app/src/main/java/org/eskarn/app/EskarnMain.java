package org.eskarn.app;

import java.nio.file.Path;
import java.util.Arrays;
import org.springframework.boot.SpringApplication;

/** Where Eskarn begins: the server, or one of its commands. */
public final class EskarnMain {

    private EskarnMain() {}

    public static void main(String[] arguments) {
        if (arguments.length > 1 && arguments[0].equals("verify")) {
            System.exit(VerifyCommand.run(Arrays.copyOfRange(arguments, 1, arguments.length), System.out));
        }
        if (arguments.length == 2 && arguments[0].equals("new-key")) {
            System.exit(NewKeyCommand.run(Path.of(arguments[1]), System.out));
        }
        SpringApplication.run(EskarnApplication.class, arguments);
    }
}
