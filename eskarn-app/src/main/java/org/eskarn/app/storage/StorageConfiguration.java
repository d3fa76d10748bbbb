package org.eskarn.app.storage;

import java.time.Clock;
import javax.sql.DataSource;
import org.apache.ibatis.mapping.DatabaseIdProvider;
import org.mybatis.spring.boot.autoconfigure.ConfigurationCustomizer;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.scheduling.annotation.EnableScheduling;
import org.springframework.transaction.PlatformTransactionManager;

@Configuration(proxyBeanMethods = false)
@EnableScheduling
class StorageConfiguration {

    @Bean
    Database database(@Value("${spring.datasource.url}") String address) {
        return Database.at(address);
    }

    @Bean
    PlatformTransactionManager transactionManager(DataSource dataSource, Database database, Room room) {
        return new DurableTransactionManager(dataSource, database, room);
    }

    @Bean
    DatabaseIdProvider databaseId(Database database) {
        return dataSource -> database.id();
    }

    /** Exact decimals and moments are written so that every database takes them. */
    @Bean
    ConfigurationCustomizer columnTypes() {
        return configuration -> {
            configuration.getTypeHandlerRegistry().register(DecimalAsText.class);
            configuration.getTypeHandlerRegistry().register(MomentInUtc.class);
        };
    }

    @Bean
    Clock clock() {
        return Clock.systemDefaultZone();
    }
}
