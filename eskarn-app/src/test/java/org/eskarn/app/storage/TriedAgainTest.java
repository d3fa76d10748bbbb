package org.eskarn.app.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.h2.jdbcx.JdbcConnectionPool;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.aop.framework.Advised;
import org.springframework.aop.support.DefaultPointcutAdvisor;
import org.springframework.beans.factory.config.BeanDefinition;
import org.springframework.context.annotation.AnnotationConfigApplicationContext;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Role;
import org.springframework.dao.CannotAcquireLockException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.support.JdbcTransactionManager;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.EnableTransactionManagement;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.interceptor.TransactionInterceptor;

class TriedAgainTest {

    private JdbcConnectionPool pool;
    private JdbcTemplate database;
    private AnnotationConfigApplicationContext context;
    private Counters counters;

    @EnableTransactionManagement
    static class Around {

        @Bean
        @Role(BeanDefinition.ROLE_INFRASTRUCTURE)
        static DefaultPointcutAdvisor transactionsTriedAgain() {
            return StorageConfiguration.transactionsTriedAgain();
        }
    }

    static class Counters {

        private final JdbcTemplate database;
        private final CyclicBarrier both = new CyclicBarrier(2);
        private final AtomicInteger tries = new AtomicInteger();

        Counters(JdbcTemplate database) {
            this.database = database;
        }

        /** Two who take the same rows the other way round, each with one in hand: one of them has to be undone. */
        @Transactional
        public void raise(int first, int then) throws Exception {
            database.update("update counter set count = count + 1 where id = ?", first);
            if (tries.incrementAndGet() <= 2) {
                both.await(30, TimeUnit.SECONDS);
            }
            database.update("update counter set count = count + 1 where id = ?", then);
        }

        /** Counted by the object behind: what surrounds it is a proxy with fields of its own. */
        public int tries() {
            return tries.get();
        }

        @Transactional
        public void fail(RuntimeException with) {
            tries.incrementAndGet();
            database.update("update counter set count = count + 1");
            throw with;
        }
    }

    @BeforeEach
    void begin(@TempDir Path folder) {
        pool = JdbcConnectionPool.create("jdbc:h2:" + folder.resolve("counters"), "sa", "");
        database = new JdbcTemplate(pool);
        database.execute("create table counter (id int primary key, count int not null)");
        database.execute("insert into counter values (1, 0), (2, 0)");
        context = new AnnotationConfigApplicationContext();
        context.registerBean(PlatformTransactionManager.class, () -> new JdbcTransactionManager(pool));
        context.registerBean(Counters.class, () -> new Counters(database));
        context.register(Around.class);
        context.refresh();
        counters = context.getBean(Counters.class);
    }

    @AfterEach
    void end() {
        context.close();
        pool.dispose();
    }

    @Test
    void oneThatWasUndoneForAnotherIsTriedAgain() throws Exception {
        ExecutorService two = Executors.newFixedThreadPool(2);
        try {
            Future<?> one = two.submit(() -> {
                counters.raise(1, 2);
                return true;
            });
            Future<?> other = two.submit(() -> {
                counters.raise(2, 1);
                return true;
            });
            assertThat(one.get()).isEqualTo(true);
            assertThat(other.get()).isEqualTo(true);
        } finally {
            two.shutdown();
        }
        assertThat(counts()).containsExactly(2, 2);
    }

    @Test
    void itIsGivenUpAfterAWhileAndNothingIsHalfKept() {
        assertThatThrownBy(() -> counters.fail(new CannotAcquireLockException("still waiting")))
                .isInstanceOf(CannotAcquireLockException.class);
        assertThat(counters.tries()).isEqualTo(5);
        assertThat(counts()).containsExactly(0, 0);
    }

    @Test
    void whatSomebodyElseChangedIsToldAtOnce() {
        assertThatThrownBy(() -> counters.fail(new OptimisticLockingFailureException("changed")))
                .isInstanceOf(OptimisticLockingFailureException.class);
        assertThat(counters.tries()).isEqualTo(1);
        assertThat(counts()).containsExactly(0, 0);
    }

    /** So it is with every service of a running Eskarn: the tries are outside the transaction. */
    @Test
    @ExtendWith(RunningEskarn.class)
    void everyServiceThatChangesRecordsIsTriedAgain(Eskarn eskarn) {
        int services = 0;
        for (Object bean : eskarn.context().getBeansOfType(Object.class).values()) {
            if (bean instanceof Advised advised) {
                List<?> around = Arrays.stream(advised.getAdvisors())
                        .map(advisor -> advisor.getAdvice().getClass())
                        .toList();
                if (around.contains(TransactionInterceptor.class)) {
                    assertThat(around.indexOf(TriedAgain.class))
                            .as(String.valueOf(advised.getTargetClass()))
                            .isBetween(0, around.indexOf(TransactionInterceptor.class));
                    services++;
                }
            }
        }
        assertThat(services).isGreaterThan(20);
    }

    private List<Integer> counts() {
        return database.queryForList("select count from counter order by id", Integer.class);
    }
}
