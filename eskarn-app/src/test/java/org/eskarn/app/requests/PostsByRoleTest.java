package org.eskarn.app.requests;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FormData;
import com.microsoft.playwright.options.RequestOptions;
import java.util.List;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What may be changed by whom, over all addresses there are: one that is added without a role is found here. */
@ExtendWith(RunningEskarn.class)
class PostsByRoleTest {

    private static final int FORBIDDEN = 403;

    /** Everybody's own matters, what stores nothing, and a check that changes no record. */
    private static final List<String> FOR_ALL = List.of(
            "/units",
            "/password",
            "/set-password/",
            "/first-start",
            "/tables/",
            "/ledger/check",
            "/ledger/views",
            "/reports/",
            "/reminders/",
            "/tokens",
            "/api/");

    @ParameterizedTest
    @CsvSource({"i.varn, /gauges/ /exchange/", "e.korrin, /accounts /works"})
    void everyOtherPostIsRefused(String login, String own, Eskarn eskarn) {
        Page page = eskarn.signedIn(login);
        page.navigate(eskarn.address() + "/");
        String token = page.locator("input[name=_csrf]").first().inputValue();
        List<String> allowed = List.of(own.split(" "));
        List<String> taken = Route.all(eskarn.context()).stream()
                .filter(route -> route.method().equals("POST"))
                .map(Route::pattern)
                .distinct()
                .filter(pattern -> !pattern.equals("/error"))
                .filter(pattern -> FOR_ALL.stream().noneMatch(pattern::startsWith)
                        && allowed.stream().noneMatch(pattern::startsWith))
                .filter(pattern ->
                        status(page, eskarn.address() + pattern.replaceAll("\\{[^}]*}", "999999"), token) != FORBIDDEN)
                .toList();
        assertThat(taken).isEmpty();
    }

    private static int status(Page page, String address, String token) {
        return page.request()
                .post(
                        address,
                        RequestOptions.create()
                                .setMaxRedirects(0)
                                .setForm(FormData.create().set("_csrf", token)))
                .status();
    }
}
