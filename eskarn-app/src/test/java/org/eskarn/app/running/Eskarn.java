package org.eskarn.app.running;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.RequestOptions;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javax.sql.DataSource;
import org.eskarn.app.EskarnApplication;
import org.eskarn.app.EskarnMain;
import org.eskarn.app.account.Account;
import org.eskarn.app.account.AccountService;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.DocketService.Opening;
import org.springframework.boot.WebApplicationType;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.jdbc.DataSourceBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;
import org.springframework.jdbc.core.simple.JdbcClient;

/** The one server with demo data, and the one browser, that all tests share. */
public final class Eskarn implements AutoCloseable {

    public static final long PINION_SHAFT = 1;
    public static final long ADAPTER_RING = 2;
    public static final long LOCK_PIN = 3;
    private static final double PATIENCE_MS = 20_000;
    public static final String PASSWORD = "vellmere";

    private static final List<String> CHROMIUM = List.of(
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync");

    /** {@code -Deskarn.daysAhead=365} runs all tests in next year, to find what goes off by itself. */
    private static final int DAYS_AHEAD = Integer.getInteger("eskarn.daysAhead", 0);

    private static final Clock CLOCK = Clock.offset(Clock.systemDefaultZone(), Duration.ofDays(DAYS_AHEAD));

    /** Not marked as configuration, so that the scan of the application does not find it. */
    static class Ahead {

        @Bean
        @Primary
        Clock clockAhead() {
            return CLOCK;
        }
    }

    private final ConfigurableApplicationContext context;
    private final Playwright playwright;
    private final Browser browser;
    private final Map<String, BrowserContext> signedIn = new HashMap<>();
    private final List<Page> open = new ArrayList<>();

    private Eskarn(ConfigurableApplicationContext context, Playwright playwright, Browser browser) {
        this.context = context;
        this.playwright = playwright;
        this.browser = browser;
    }

    static Eskarn start() {
        // Patience for a busy machine; what is awaited ends the wait at once.
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
        Playwright playwright = Playwright.create(
                new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        Browser browser = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium"))
                        .setArgs(CHROMIUM));
        return new Eskarn(serve(newFolder(), true), playwright, browser);
    }

    /** Another server on a folder of its own. */
    public static ConfigurableApplicationContext serve(Path folder, boolean demo, Class<?>... more) {
        if (demo && more.length == 0) {
            DemoTemplate.copyTo(folder);
        }
        return start(folder, demo, more);
    }

    static ConfigurableApplicationContext start(Path folder, boolean demo, Class<?>... more) {
        return new SpringApplicationBuilder(EskarnApplication.class)
                .sources(DAYS_AHEAD > 0 && more.length == 0 ? new Class<?>[] {Ahead.class} : more)
                .run(TestDatabase.settings(
                        folder,
                        List.of(
                                "--server.port=0",
                                "--eskarn.demo=" + demo,
                                "--eskarn.webhook.every=P1D",
                                "--eskarn.paper.first=P1D")));
    }

    /** Everything but the pages, on a folder with records of the demo as an earlier version left them. */
    public static ConfigurableApplicationContext openKept(Path folder) {
        return new SpringApplicationBuilder(EskarnApplication.class)
                .web(WebApplicationType.NONE)
                .run("--eskarn.data=" + folder, "--eskarn.demo=true");
    }

    /** A new folder with a copy of the demo's world. */
    public static Path demoFolder() {
        Path folder = newFolder();
        DemoTemplate.copyTo(folder);
        return folder;
    }

    public static Path newFolder() {
        try {
            return Files.createTempDirectory(Path.of("target"), "data").toAbsolutePath();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    /** The database of a folder that no server runs on, for tests that tamper with it. */
    public static JdbcClient database(Path folder) {
        return JdbcClient.create(closed(folder));
    }

    public static DataSource closed(Path folder) {
        return DataSourceBuilder.create()
                .url("jdbc:h2:file:" + folder.resolve("eskarn"))
                .username("eskarn")
                .password("")
                .build();
    }

    /** The address of a new, empty database on the database server of the tests, as its owner. */
    public static String newServerDatabase() {
        return TestDatabase.newOnServer(newFolder());
    }

    /** Shuts everybody out of a database on the server of the tests, as if it were down, or lets them in again. */
    public static void reachable(String database, boolean reachable) {
        PostgresServer.running().reachable(database, reachable);
    }

    /** A demo server on a folder with its records in a database on the server of the tests. */
    public static ConfigurableApplicationContext serveOn(String database, Path folder) {
        List<String> settings =
                new ArrayList<>(List.of("--server.port=0", "--eskarn.data=" + folder, "--eskarn.demo=true"));
        settings.addAll(TestDatabase.of(database));
        return new SpringApplicationBuilder(EskarnApplication.class).run(settings.toArray(String[]::new));
    }

    /** Eskarn in a process of its own, as it is started by hand. */
    public static ProcessBuilder process(String... arguments) {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-XX:+UseSerialGC",
                "-cp",
                System.getProperty("java.class.path"),
                EskarnMain.class.getName()));
        command.addAll(List.of(arguments));
        return new ProcessBuilder(command).redirectErrorStream(true);
    }

    /** The same as a demo on a folder, with its records where the tests keep theirs. */
    public static ProcessBuilder demoProcess(Path folder, int port) {
        return process(TestDatabase.settings(folder, List.of("--server.port=" + port, "--eskarn.demo=true")));
    }

    public static String address(ConfigurableApplicationContext server) {
        return "http://localhost:" + server.getEnvironment().getProperty("local.server.port");
    }

    public ConfigurableApplicationContext context() {
        return context;
    }

    public String address() {
        return address(context);
    }

    public <T> T bean(Class<T> type) {
        return context.getBean(type);
    }

    /** How many connections to the records wait for another one. */
    public int waitingForALock() {
        return JdbcClient.create(bean(DataSource.class))
                .sql(
                        TestDatabase.onServer()
                                ? "select count(*) from pg_stat_activity where wait_event_type = 'Lock' and datname = current_database()"
                                : "select count(*) from information_schema.sessions where blocker_id is not null")
                .query(Integer.class)
                .single();
    }

    public Account account(String login) {
        return bean(AccountService.class).byLogin(login).orElseThrow();
    }

    /** The day it is on the servers of the tests. */
    public static LocalDate today() {
        return LocalDate.now(CLOCK);
    }

    /** A due date behind all of the demo's, whatever the year. */
    public static LocalDate later() {
        return today().plusYears(4);
    }

    /** Opens a docket that no other test touches, and returns its number. */
    public int openDocket(long part) {
        Opening opening = new Opening(part, "T-1", 1, 1, "first-off", "tests", later());
        return bean(DocketService.class).open(opening, account("m.quill").id());
    }

    /** A new window of 1280 × 800 that shares nothing with the others. */
    public Page window() {
        return window(new Browser.NewContextOptions().setViewportSize(1280, 800));
    }

    public Page window(Browser.NewContextOptions options) {
        BrowserContext window = browser.newContext(options);
        window.setDefaultTimeout(PATIENCE_MS);
        Page page = window.newPage();
        open.add(page);
        return page;
    }

    /** A new window of a person of the demo, who signs in once, by keyboard, and stays signed in for all tests. Nothing is shown in it yet. */
    public Page signedIn(String login) {
        Page page = signedIn.computeIfAbsent(login, this::signInByKeyboard).newPage();
        open.add(page);
        return page;
    }

    /** The same with a sign-in of its own, for tests that end it. */
    public Page signedInAlone(String login) {
        Page page = window();
        signIn(page, address(), login, PASSWORD);
        return page;
    }

    private BrowserContext signInByKeyboard(String login) {
        Page page = signedInAlone(login);
        BrowserContext context = page.context();
        open.remove(page);
        page.close();
        return context;
    }

    /** Closes every window that was opened since the last time. */
    void closeWindows() {
        open.stream().filter(page -> !page.isClosed()).forEach(this::closeWindow);
        open.clear();
    }

    private void closeWindow(Page page) {
        if (signedIn.containsValue(page.context())) {
            page.close();
        } else {
            page.context().close();
        }
    }

    /** For requests besides a page's own: tried once more where a connection that was kept had been closed meanwhile. */
    public static RequestOptions retrying() {
        return RequestOptions.create().setMaxRetries(3);
    }

    public static void signIn(Page page, String address, String login, String password) {
        page.navigate(address + "/sign-in");
        // The field takes the focus by itself, but maybe a moment after the page is there.
        page.locator("main [name=login]").focus();
        page.keyboard().type(login);
        page.keyboard().press("Tab");
        page.keyboard().type(password);
        page.keyboard().press("Enter");
        page.waitForURL(url -> !url.contains("/sign-in"));
    }

    @Override
    public void close() {
        browser.close();
        playwright.close();
        context.close();
    }
}
