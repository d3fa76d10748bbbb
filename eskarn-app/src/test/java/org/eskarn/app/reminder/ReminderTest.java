package org.eskarn.app.reminder;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import biweekly.Biweekly;
import biweekly.ICalendar;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import jakarta.mail.Session;
import jakarta.mail.internet.MimeMessage;
import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Properties;
import java.util.stream.Stream;
import org.eskarn.app.account.AccountService;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@ExtendWith(RunningEskarn.class)
class ReminderTest {

    private static java.net.http.HttpResponse<String> read(String address) throws Exception {
        return HttpClient.newHttpClient()
                .send(HttpRequest.newBuilder(URI.create(address)).build(), BodyHandlers.ofString());
    }

    /** Without signing in a calendar reads days and names; the address before, a withdrawn one and a guessed one are no longer good. */
    @Test
    void aCalendarIsSubscribedTo(Eskarn eskarn) throws Exception {
        Page page = eskarn.signedIn("w.sorrel");
        page.navigate(eskarn.address() + "/reminders");
        page.locator("button:has-text('Make an address')").click();
        assertThat(new AxeBuilder(page).setLegacyMode(true).analyze().getViolations())
                .isEmpty();
        String first = page.locator("input.fig").inputValue();
        ICalendar calendar = Biweekly.parse(read(first).body()).first();
        List<String> said = calendar.getEvents().stream()
                .map(event -> event.getSummary().getValue())
                .toList();
        assertThat(said).anyMatch(line -> line.startsWith("Docket 214, ")).anyMatch(line -> line.contains("LI-4"));
        page.navigate(eskarn.address() + "/reminders");
        assertThat(page.locator("input.fig")).hasCount(0);
        page.locator("button:has-text('Make another address')").click();
        String second = page.locator("input.fig").inputValue();
        assertThat(read(first).statusCode()).isEqualTo(404);
        assertThat(read(second).statusCode()).isEqualTo(200);
        page.locator("button:has-text('Withdraw it')").click();
        assertThat(read(second).statusCode()).isEqualTo(404);
        assertThat(read(eskarn.address() + "/calendar/abc.ics").statusCode()).isEqualTo(404);
    }

    @Test
    void whoseAccountIsClosedReadsNoCalendar(Eskarn eskarn) throws Exception {
        CalendarLinks links = eskarn.bean(CalendarLinks.class);
        AccountService accounts = eskarn.bean(AccountService.class);
        var account = accounts.byLogin("w.sorrel").orElseThrow();
        String token = links.make(account.id());
        assertThat(links.good(token)).isTrue();
        accounts.setActive(account.id(), account.version(), false);
        assertThat(links.good(token)).isFalse();
        accounts.setActive(
                account.id(), accounts.byId(account.id()).orElseThrow().version(), true);
        links.revoke(account.id());
    }

    private static List<Path> mails(DailySummary daily) throws IOException {
        Path folder = Path.of(daily.settings().goesTo());
        if (!Files.exists(folder)) {
            return List.of();
        }
        try (Stream<Path> all = Files.list(folder)) {
            return all.filter(file -> file.toString().endsWith(".eml")).sorted().toList();
        }
    }

    /** The steward writes to whom; the day’s mail becomes a file that any mail program reads, and is sent once. */
    @Test
    void theDaysSummaryIsSentOnce(Eskarn eskarn) throws Exception {
        DailySummary daily = eskarn.bean(DailySummary.class);
        Page page = eskarn.signedIn("e.korrin");
        page.navigate(eskarn.address() + "/works");
        page.locator("button:has-text('Send one now')").click();
        assertThat(page.locator("#p-recipients")).containsText("Enter an address first");
        page.locator("[name=recipients]").fill("inspection@vellmere.example, not an address");
        page.locator("[name=recipients]").press("Enter");
        assertThat(page.locator("#p-recipients")).containsText("is not a mail address");
        assertThat(page.locator("[name=recipients]")).hasValue("inspection@vellmere.example, not an address");
        page.locator("[name=recipients]").fill("inspection@vellmere.example, gauges@vellmere.example");
        page.locator("[name=hour]").fill("0");
        page.locator("[name=hour]").press("Enter");
        assertThat(page.locator("[name=hour]")).hasValue("0");
        int before = mails(daily).size();
        daily.daily();
        daily.daily();
        List<Path> after = mails(daily);
        assertThat(after).hasSize(before + 1);
        try (InputStream in = Files.newInputStream(after.get(after.size() - 1))) {
            MimeMessage mail = new MimeMessage(Session.getInstance(new Properties()), in);
            assertThat(mail.getAllRecipients()).hasSize(2);
            assertThat(mail.getSubject()).startsWith("Eskarn, ");
            assertThat(String.valueOf(mail.getContent())).contains("Dockets overdue", "Docket 2", "Gauges overdue");
        }
        page.navigate(eskarn.address() + "/works");
        page.locator("button:has-text('Send one now')").click();
        assertThat(page.locator(".notice")).containsText("Sent.");
        assertThat(mails(daily)).hasSize(before + 2);
    }

    @ParameterizedTest
    @CsvSource({
        "a@b.example, 24, hour",
        "a@b.example, '', hour",
        "'a@b.example\r\nBcc: c@d.example', 6, recipients",
        "nobody, 6, recipients"
    })
    void whatIsNoAddressOrHourIsRefused(String recipients, String hour, String field, Eskarn eskarn) {
        DailySummary daily = eskarn.bean(DailySummary.class);
        assertThatThrownBy(() -> daily.write(daily.settings().version(), recipients, hour))
                .isInstanceOfSatisfying(
                        FormRefused.class,
                        refused -> assertThat(refused.problems()).containsOnlyKeys(field));
    }
}
