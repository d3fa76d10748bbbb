package org.eskarn.app.storage;

import java.time.Clock;
import javax.sql.DataSource;
import org.apache.ibatis.mapping.DatabaseIdProvider;
import org.mybatis.spring.boot.autoconfigure.ConfigurationCustomizer;
import org.springframework.aop.support.DefaultPointcutAdvisor;
import org.springframework.aop.support.Pointcuts;
import org.springframework.aop.support.annotation.AnnotationMatchingPointcut;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.beans.factory.config.BeanDefinition;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Role;
import org.springframework.core.Ordered;
import org.springframework.scheduling.annotation.EnableScheduling;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;

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

    /** Around the transaction, which is the innermost of all. */
    @Bean
    @Role(BeanDefinition.ROLE_INFRASTRUCTURE)
    static DefaultPointcutAdvisor transactionsTriedAgain() {
        DefaultPointcutAdvisor advisor = new DefaultPointcutAdvisor(
                Pointcuts.union(
                        AnnotationMatchingPointcut.forMethodAnnotation(Transactional.class),
                        AnnotationMatchingPointcut.forClassAnnotation(Transactional.class)),
                new TriedAgain());
        advisor.setOrder(Ordered.LOWEST_PRECEDENCE - 1);
        return advisor;
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
