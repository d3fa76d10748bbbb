package org.eskarn.app.reminder;

import java.nio.file.Path;
import java.time.Clock;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Which post takes the mail: a server where one is set, else a folder. */
@Configuration
class PostConfiguration {

    @Bean
    Post post(
            @Value("${eskarn.smtp.host:}") String host,
            @Value("${eskarn.smtp.port:587}") int port,
            @Value("${eskarn.smtp.user:}") String user,
            @Value("${eskarn.smtp.password:}") String password,
            @Value("${eskarn.smtp.tls:true}") boolean tls,
            @Value("${eskarn.data}") Path data,
            Clock clock) {
        return host.isEmpty()
                ? new FolderPost(data.resolve("post"), clock)
                : new ServerPost(host, port, user, password, tls);
    }
}
