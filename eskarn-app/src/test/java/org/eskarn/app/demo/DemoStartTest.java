package org.eskarn.app.demo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import org.eskarn.app.account.AccountService;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.running.Eskarn;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;

class DemoStartTest {

    @Test
    void realRecordsAndTheDemoNeverShareAFolder() {
        Path folder = Eskarn.newFolder();
        try (ConfigurableApplicationContext works = Eskarn.serve(folder, false)) {
            assertThat(works.getBean(AccountService.class).none()).isTrue();
            assertThat(works.getBean(DocketService.class).inHand(0, 25).total()).isZero();
        }
        assertThatThrownBy(() -> Eskarn.serve(folder, true).close())
                .hasStackTraceContaining("holds real records: the demo needs a folder of its own");
        try (ConfigurableApplicationContext works = Eskarn.serve(folder, false)) {
            assertThat(works.getBean(AccountService.class).none()).isTrue();
        }
    }
}
