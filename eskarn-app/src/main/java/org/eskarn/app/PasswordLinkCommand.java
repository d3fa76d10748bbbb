package org.eskarn.app;

import java.io.PrintStream;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.account.Account;
import org.eskarn.app.account.AccountService;
import org.eskarn.app.account.ResetLinkService;
import org.eskarn.app.page.Words;
import org.eskarn.app.start.CommandLine;
import org.eskarn.app.start.DatabaseOption;
import org.springframework.boot.WebApplicationType;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

/**
 * {@code ./eskarn password-link}: for a steward who cannot sign in, and has no other to ask. Whoever has the folder of the records in their hands
 * may do it, while the server is stopped; the log of actions tells it.
 */
final class PasswordLinkCommand {

    static final int GIVEN = 0;
    static final int REFUSED = 2;

    private PasswordLinkCommand() {}

    /** @return the exit code */
    static int run(CommandLine line, PrintStream out) {
        String login = line.one();
        if (line.database() == null && !Files.exists(line.data().resolve("eskarn.mv.db"))) {
            out.println("eskarn: " + Words.say("ledger.no-records", line.data()));
            return REFUSED;
        }
        List<String> settings = new ArrayList<>(
                List.of("--eskarn.verify=true", "--eskarn.data=" + line.data(), "--logging.level.org.eskarn=error"));
        settings.addAll(DatabaseOption.settings(line.database(), System.getenv()));
        try (ConfigurableApplicationContext context = new SpringApplicationBuilder(EskarnApplication.class)
                .web(WebApplicationType.NONE)
                .run(settings.toArray(String[]::new))) {
            Optional<Account> account = context.getBean(AccountService.class).byLogin(login);
            if (account.isEmpty()) {
                out.println("eskarn: " + Words.say("account.no-such-account", login));
                return REFUSED;
            }
            ResetLinkService.Given given =
                    context.getBean(ResetLinkService.class).give(account.get().id(), Words.say("actions.the-server"));
            out.println("eskarn: "
                    + Words.say("account.link-by-console", given.account().name(), given.token()));
            return GIVEN;
        }
    }
}
