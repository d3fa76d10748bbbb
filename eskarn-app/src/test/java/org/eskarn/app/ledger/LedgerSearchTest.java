package org.eskarn.app.ledger;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.time.ZoneId;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import javax.sql.DataSource;
import org.eskarn.app.docket.SetAsideCause;
import org.eskarn.app.docket.Standing;
import org.eskarn.app.docket.Step;
import org.eskarn.app.ledger.document.PublicKeys;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.app.running.Work;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Signed dockets found again by what stands in them. */
@ExtendWith(RunningEskarn.class)
class LedgerSearchTest {

    private static final String MARA = "m.quill";
    private static final String GOOD = "0 1 2 4 5 4 2 1 0";
    private static final ZoneId ZONE = ZoneId.of("UTC");

    private static Work signed(Eskarn eskarn, String remark) throws Exception {
        Work work = Work.open(eskarn.context(), "TG-110", "C", 1, MARA);
        work.judge(MARA, GOOD).sign(MARA, remark);
        return work;
    }

    private static LedgerQuery find(String words) {
        return new LedgerQuery(words, "", "", "", false, false);
    }

    private static List<Integer> found(Eskarn eskarn, LedgerQuery query) {
        return eskarn.bean(LedgerReading.class).page(query, 0, ZONE).entries().stream()
                .map(LedgerReading.Entry::docket)
                .toList();
    }

    /** Every word has to be there, in whatever case; what means something in a pattern means itself. */
    @Test
    void aDocketIsFoundByWhatStandsInIt(Eskarn eskarn) throws Exception {
        Work work = signed(eskarn, "Kept at 40% of_the Zebrawood! rack");
        for (String words : List.of(
                "zebrawood",
                "ZEBRA mara",
                "zebrawood li-4",
                "pinion zebrawood tg-110",
                "40% zebrawood",
                "of_the zebrawood!",
                "journal b zebrawood",
                work.number() + " zebrawood")) {
            assertThat(found(eskarn, find(words))).as(words).containsExactly(work.number());
        }
        for (String words : List.of("zebrawood tobin", "4_% zebrawood", "zebr%wood", "'; drop table docket; --")) {
            assertThat(found(eskarn, find(words))).as(words).isEmpty();
        }
    }

    @Test
    void verdictDaysAndExceptionsNarrowIt(Eskarn eskarn) throws Exception {
        Work plain = signed(eskarn, "quagga one");
        Work aside = Work.open(eskarn.context(), "TG-110", "C", 1, MARA).prepare(MARA);
        aside.sweep(MARA, GOOD).setAside(MARA, 1, SetAsideCause.MOVED, "knocked");
        aside.sweep(MARA, GOOD).confirm(MARA, Step.VERDICT).sign(MARA, "quagga two");
        assertThat(found(eskarn, find("quagga"))).containsExactly(aside.number(), plain.number());
        assertThat(found(eskarn, new LedgerQuery("quagga", "NOT_PROVEN", "", "", false, false)))
                .hasSize(2);
        assertThat(found(eskarn, new LedgerQuery("quagga", "PASS", "", "", false, false)))
                .isEmpty();
        assertThat(found(eskarn, new LedgerQuery("quagga", "", "2020-01-01", "2020-12-31", false, false)))
                .isEmpty();
        assertThat(found(eskarn, new LedgerQuery("quagga", "", "2020-01-01", "2099-12-31", true, false)))
                .as("others were left out in both")
                .hasSize(2);
        assertThat(found(eskarn, new LedgerQuery("quagga", "", "", "", false, true)))
                .isEmpty();
        Map<Standing, Integer> totals = eskarn.bean(LedgerReading.class)
                .page(find("quagga"), 0, ZONE)
                .found()
                .verdicts();
        assertThat(totals).containsExactly(Map.entry(Standing.NOT_PROVEN, 2));
    }

    /** What it is found by is made anew from the document, after an upgrade and when somebody touched it. */
    @Test
    void whatItIsFoundByIsPutRight(Eskarn eskarn) throws Exception {
        Work work = signed(eskarn, "okapi");
        JdbcClient database = JdbcClient.create(eskarn.bean(DataSource.class));
        eskarn.bean(CheckRun.class).settle();
        database.sql("update signed_entry set words = ' nothing ', outcome = 'PASS' where words like '%okapi%'")
                .update();
        assertThat(found(eskarn, find("okapi"))).isEmpty();
        eskarn.bean(CheckRun.class).begin();
        eskarn.bean(CheckRun.class).settle();
        assertThat(found(eskarn, find("okapi"))).containsExactly(work.number());
        database.sql("delete from signed_entry").update();
        eskarn.bean(CheckRun.class).begin();
        eskarn.bean(CheckRun.class).settle();
        assertThat(found(eskarn, find("okapi"))).containsExactly(work.number());
        int documents = eskarn.bean(LedgerMapper.class).reached();
        assertThat(eskarn.bean(LedgerMapper.class).indexed()).isEqualTo(documents);
    }

    /** Two checks of the same documents, in the background and asked for, keep the same and do not hinder each other. */
    @Test
    void twoChecksAtOnceKeepTheSame(Eskarn eskarn) throws Exception {
        signed(eskarn, "tapir");
        eskarn.bean(CheckRun.class).settle();
        JdbcClient database = JdbcClient.create(eskarn.bean(DataSource.class));
        List<DocumentRow> rows = eskarn.bean(LedgerMapper.class).following(1, 1000);
        PublicKeys keys = eskarn.bean(Signing.class).key().publicKeys();
        ExecutorService both = Executors.newFixedThreadPool(4);
        try {
            for (int round = 0; round < 10; round++) {
                database.sql("delete from signed_entry").update();
                Callable<Void> keeping = () -> {
                    eskarn.bean(LedgerIndex.class).keep(rows, keys);
                    return null;
                };
                for (Future<Void> each : both.invokeAll(Collections.nCopies(4, keeping))) {
                    each.get();
                }
                assertThat(eskarn.bean(LedgerMapper.class).indexed()).isEqualTo(rows.size());
            }
        } finally {
            both.shutdownNow();
        }
    }

    /** By keyboard: to the field, what is typed, down to the docket, and to its sheet. */
    @Test
    void foundByKeyboard(Eskarn eskarn) throws Exception {
        Work work = signed(eskarn, "dugong");
        Page page = eskarn.signedIn(MARA);
        page.navigate(eskarn.address() + "/ledger");
        page.waitForLoadState();
        page.keyboard().press("/");
        page.keyboard().type("dugong");
        assertThat(page.locator("#found [role=status]")).containsText("One docket · 1 not proven");
        page.keyboard().press("ArrowDown");
        page.keyboard().press("Enter");
        assertThat(page).hasURL(eskarn.address() + "/ledger/" + work.number());
        page.navigate(eskarn.address() + "/ledger?since=2026-13-40");
        assertThat(page.locator("#found [role=alert]")).containsText("There is no day “2026-13-40”");
    }
}
