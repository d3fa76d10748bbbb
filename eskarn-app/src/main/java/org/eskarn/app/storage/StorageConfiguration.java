package org.eskarn.app.storage;

import java.time.Clock;
import javax.sql.DataSource;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.scheduling.annotation.EnableScheduling;
import org.springframework.transaction.PlatformTransactionManager;

@Configuration(proxyBeanMethods = false)
@EnableScheduling
class StorageConfiguration {

    @Bean
    PlatformTransactionManager transactionManager(DataSource dataSource, Room room) {
        return new DurableTransactionManager(dataSource, room);
    }

    @Bean
    Clock clock() {
        return Clock.systemDefaultZone();
    }
}
