package org.eskarn.app.bench;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.eskarn.app.bench.Plan.Row;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningEskarn.class)
class PlanTest {

    private PlanService plans;
    private long by;

    @BeforeEach
    void beans(Eskarn eskarn) {
        plans = eskarn.bean(PlanService.class);
        by = eskarn.account("m.quill").id();
    }

    @AfterEach
    void forget() {
        plans.forget();
    }

    private List<Integer> order() {
        return plans.plan().rows().stream()
                .map(row -> row.line().docket().number())
                .toList();
    }

    @Test
    void whatIsDueStandsInOneListWithItsGauges(Eskarn eskarn) {
        Plan plan = plans.plan();
        assertThat(plan.rows())
                .isNotEmpty()
                .allMatch(row -> !row.line().docket().due().isAfter(plan.until()));
        assertThat(plan.rows()).allMatch(row -> !row.line().waits());
        // Every gauge that an open requirement is read with is fetched, and said for which dockets.
        List<String> fetched =
                plan.gauges().stream().map(each -> each.gauge().mark()).toList();
        plan.rows().stream()
                .map(Row::gauges)
                .filter(marks -> !marks.isEmpty())
                .forEach(marks -> assertThat(fetched).contains(marks.split(", ")));
        assertThat(plan.gauges()).allMatch(each -> !each.dockets().isEmpty());
    }

    @Test
    void theOrderThatSomebodyGaveIsKeptUntilItIsTakenBack(Eskarn eskarn) {
        List<Integer> suggested = order();
        assertThat(suggested).hasSizeGreaterThan(1);
        int second = suggested.get(1);
        plans.move(second, true, by);
        assertThat(order().get(0)).isEqualTo(second);
        assertThat(order()).containsExactlyInAnyOrderElementsOf(suggested);
        plans.move(second, true, by);
        assertThat(order().get(0)).as("the first goes no further").isEqualTo(second);
        plans.move(999_999, true, by);
        plans.move(second, false, by);
        assertThat(order()).isEqualTo(suggested);
        plans.forget();
        assertThat(order()).isEqualTo(suggested);
    }

    @Test
    void ofManyWhoMoveAtOnceNoneIsRefused() throws Exception {
        List<Integer> suggested = order();
        ExecutorService hands = Executors.newFixedThreadPool(6);
        try {
            List<Callable<Void>> moves = new ArrayList<>();
            for (int i = 0; i < 12; i++) {
                int number = suggested.get(1 + i % (suggested.size() - 1));
                moves.add(() -> {
                    plans.move(number, true, by);
                    return null;
                });
            }
            for (Future<Void> move : hands.invokeAll(moves)) {
                move.get();
            }
        } finally {
            hands.shutdownNow();
        }
        assertThat(order()).containsExactlyInAnyOrderElementsOf(suggested);
    }

    @Test
    void byTheButtonsOfThePage(Eskarn eskarn) {
        Page page = eskarn.signedIn("m.quill");
        page.navigate(eskarn.address() + "/");
        page.waitForLoadState();
        page.keyboard().press("d");
        assertThat(page.locator("h1")).containsText("Plan");
        int second = order().get(1);
        page.locator("[aria-label='Docket " + second + " earlier']").press("Enter");
        assertThat(page.locator("tbody tr").first()).containsText(String.valueOf(second));
        page.locator("button:has-text('Back to the suggested order')").press("Enter");
        assertThat(page.locator("tbody tr").nth(1)).containsText(String.valueOf(second));
        // Who only looks cannot change the order.
        Page keeper = eskarn.signedIn("i.varn");
        keeper.navigate(eskarn.address() + "/plan");
        assertThat(keeper.locator("h1")).containsText("Plan");
        assertThat(keeper.locator("[aria-label$='earlier']")).hasCount(0);
    }

    @Test
    void aPartUsuallyTakesTheMiddleOfItsLatestDockets() {
        Instant at = Instant.parse("2031-03-01T08:00:00Z");
        List<WorkSpan> spans = List.of(
                span(1, 10, at, 10),
                span(1, 10, at, 5),
                span(1, 11, at, 40),
                // Left overnight: it counts as a long sweep, not as a night.
                span(1, 12, at, 1_000),
                // Made by a machine, in no time.
                span(2, 13, at, 0));
        assertThat(WorkSpan.usual(spans)).isEqualTo(Map.of(1L, Duration.ofMinutes(40)));
    }

    private static WorkSpan span(long part, long docket, Instant from, int minutes) {
        return new WorkSpan(part, docket, from, from.plus(Duration.ofMinutes(minutes)));
    }
}
