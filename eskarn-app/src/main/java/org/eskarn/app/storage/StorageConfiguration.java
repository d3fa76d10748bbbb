package org.eskarn.app.storage;

import java.time.Clock;
import javax.sql.DataSource;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.transaction.PlatformTransactionManager;

@Configuration(proxyBeanMethods = false)
class StorageConfiguration {

    @Bean
    PlatformTransactionManager transactionManager(DataSource dataSource) {
        return new DurableTransactionManager(dataSource);
    }

    @Bean
    Clock clock() {
        return Clock.systemDefaultZone();
    }
}
