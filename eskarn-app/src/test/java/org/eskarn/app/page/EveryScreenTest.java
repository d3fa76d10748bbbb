package org.eskarn.app.page;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Response;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.eskarn.app.calculator.Calculator;
import org.eskarn.app.calculator.Sheets;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What holds for every screen: it is accessible, asks no other host, keeps its policy, and fits its window. */
@ExtendWith(RunningEskarn.class)
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class EveryScreenTest {

    /** What an element is for an eye: its name, classes and the names of its attributes, and its parent's. */
    private static final String KINDS = """
            () => {
                const seen = name => /^(role|type|aria-.*|tabindex|title|alt|for|disabled)$/.test(name);
                const kind = e => e.localName + " " + (e.getAttribute("class") ?? "");
                const all = document.querySelectorAll("body *:not(svg *), svg text");
                return [...new Set([...all].map(e =>
                    [kind(e.parentElement), ">", kind(e), ...e.getAttributeNames().filter(seen).sort()].join(" ")))];
            }""";

    /** One window for each person, signed in once. */
    private final Map<String, Screen> screens = new HashMap<>();

    private final Set<Object> kinds = new HashSet<>();

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/sign-in",
                "/",
                "/dockets/215/1?step=require",
                "/dockets/215/1?step=gauge",
                "/dockets/217/1?step=prepare",
                "/dockets/217/1?step=zero",
                "/dockets/215/1?step=sweep",
                "/dockets/216/1?step=prove",
                "/dockets/216/1?step=verdict",
                "/dockets/220/1?step=sweep",
                "/dockets/220/1?step=sweep&task=paste",
                "/dockets/215/1?step=sweep&task=correct",
                "/dockets/215/1?step=zero&task=adjust",
                "/dockets/217/1?step=require&task=leave",
                "/dockets/222/3?step=sweep",
                "/dockets/224/1?step=verdict",
                "/dockets/219/2?step=zero",
                "/dockets/219/4?step=gauge",
                "/dockets/219/4?step=verdict",
                "/dockets/230/1?step=verdict",
                "/dockets/231/1?step=verdict",
                "/dockets/233/1?step=verdict",
                "/dockets/234/1?step=verdict",
                "/dockets/234/3?step=verdict",
                "/dockets/230/1/remedy",
                "/dockets/231/1/remedy",
                "/dockets/232/1/remedy?kind=CUT&deepest=0.05&partCelsius=38&slide=0.01",
                "/dockets/232/2/remedy?kind=TAPER&centres=300",
                "/dockets/233/1/remedy?kind=SEAT",
                "/dockets/236/1?step=verdict",
                "/dockets/236/2?step=verdict&view=RAISED_LEVELLED",
                "/dockets/236/1/compare?border=true",
                "/dockets/236/2/remedy?kind=PACKING&supports=A+0+0;+B+200+0;+C+100+160",
                "/dockets/236/2/remedy?kind=REGRIND&feed=5&atFeed=2",
                "/dockets/237/1?step=verdict",
                "/dockets/238/3?step=verdict",
                "/dockets/239/1/remedy",
                "/dockets/240/1/remedy?kind=LEAVE&reason=",
                "/parts/21/requirements/1",
                "/tables/fits?fit=45+j9",
                "/tables/fits?unit=INCH&fit=1.5+RC4",
                "/tables/in-service?size=32&least=25&shaftAt=70",
                "/dockets/242/3?step=verdict",
                "/tables/grid",
                "/parts/15/offsets",
                "/tables/shaft?readings=45.05+45.04&first=10&second=2&kind=CUT",
                "/gauges",
                "/gauges/1",
                "/gauges/1/check",
                "/gauges/1/trace?error=8&since=2020-01-01",
                "/gauges/16/inspection",
                "/gauges/1/label",
                "/gauges/schedule",
                "/tables",
                "/tables/blocks?set=METRIC_88&size=38.7745&protector=2",
                "/tables/blocks?set=METRIC_88&size=0.3",
                "/parts",
                "/parts/new",
                "/parts/6",
                "/parts/6/features/new",
                "/parts/1/pieces",
                "/parts/6/requirements/0",
                "/parts/6/requirements/1",
                "/parts/6/dockets/new",
                "/parts/sheets",
                "/ledger",
                "/ledger/212",
                "/ledger/235",
                "/ledger/252",
                "/dockets/251/1?step=verdict",
                "/dockets/251/1/compare",
                "/dockets/251/2?step=verdict&task=corrected",
                "/dockets/251/3?step=prove",
                "/dockets/251/3?step=prove&task=aside",
                "/dockets/251/3?step=prove&task=sign",
                "/dockets/253/1?step=gauge",
                "/dockets/265/certificate",
                "/dockets/265/certificate/head",
                "/dockets/265/certificate/rows/0",
                "/dockets/264/certificate",
                "/ledger/264",
                "/ledger?find=shaft",
                "/dockets/256/supersede",
                "/histories?find=v",
                "/histories/piece?drawing=TG-110&serial=VB-0503",
                "/histories/gauge/1",
                "/histories/person/1",
                "/reports/part/1",
                "/exchange/parts",
                "/reminders",
                "/tokens",
                "/interface",
                "/password",
                "/no-such-page"
            })
    void isFitToBeSeen(String path, Eskarn eskarn) {
        isFit("m.quill", path, eskarn);
    }

    static Stream<String> everyCalculator() {
        return Sheets.all().all().stream().map(Calculator::worked);
    }

    @ParameterizedTest
    @MethodSource("everyCalculator")
    void everyCalculatorIsFitToBeSeen(String worked, Eskarn eskarn) {
        isFit("m.quill", worked, eskarn);
    }

    @ParameterizedTest
    @ValueSource(strings = {"/gauges/2", "/gauges/new", "/gauges/2/change", "/gauges/17/blocks"})
    void ofTheKeeperIsFitToBeSeen(String path, Eskarn eskarn) {
        isFit("i.varn", path, eskarn);
    }

    @ParameterizedTest
    @ValueSource(strings = {"/dockets/251/2?step=verdict", "/dockets/251/2?step=verdict&task=decide"})
    void ofTheCheckerIsFitToBeSeen(String path, Eskarn eskarn) {
        isFit("w.sorrel", path, eskarn);
    }

    @ParameterizedTest
    @ValueSource(strings = {"/accounts", "/works", "/works/actions"})
    void ofTheStewardIsFitToBeSeen(String path, Eskarn eskarn) {
        isFit("e.korrin", path, eskarn);
    }

    /** @param login who looks; nobody at the sign-in */
    private void isFit(String login, String path, Eskarn eskarn) {
        Screen screen = screens.computeIfAbsent(path.equals("/sign-in") ? "" : login, name -> Screen.of(name, eskarn));
        screen.foreign.clear();
        screen.complaints.clear();
        Page page = screen.page;
        page.setViewportSize(1280, 800);
        Response response = page.navigate(eskarn.address() + path);

        assertThat(response.headerValue("content-security-policy"))
                .contains("default-src 'self'")
                .doesNotContain("unsafe");
        assertThat(page.content()).as("codes on " + path).doesNotContainPattern("core\\.[a-z]|Note\\[");
        assertThat(response.headerValue("x-content-type-options")).isEqualTo("nosniff");
        assertThat(response.headerValue("x-frame-options")).isEqualTo("DENY");
        if (shows(page)) {
            AxeRunOptions options = new AxeRunOptions();
            options.setResultTypes(List.of("violations"));
            assertThat(new AxeBuilder(page)
                            .setLegacyMode(true)
                            .options(options)
                            .analyze()
                            .getViolations())
                    .as("accessibility of " + path)
                    .isEmpty();
        }
        for (int width : new int[] {1024, 1600}) {
            page.setViewportSize(width, 800);
            assertThat(page.evaluate("document.documentElement.scrollWidth <= window.innerWidth"))
                    .as(path + " fits " + width)
                    .isEqualTo(true);
        }
        assertThat(screen.foreign).isEmpty();
        assertThat(screen.complaints).isEmpty();
    }

    /** Whether the page shows a kind of element, within its parent's kind, that no page before it has shown. */
    private boolean shows(Page page) {
        return kinds.addAll((List<?>) page.evaluate(KINDS));
    }

    /** A window that stays open, and what it has to complain of. */
    private record Screen(Page page, List<String> foreign, List<String> complaints) {

        static Screen of(String login, Eskarn eskarn) {
            Page page = login.isEmpty() ? eskarn.window() : eskarn.signedIn(login);
            List<String> foreign = new ArrayList<>();
            List<String> complaints = new ArrayList<>();
            page.onRequest(request -> {
                if (!request.url().startsWith(eskarn.address() + "/")
                        && !request.url().startsWith("data:")) {
                    foreign.add(request.url());
                }
            });
            page.onConsoleMessage(message -> {
                if (message.type().equals("error") && !message.text().contains("404")) {
                    complaints.add(message.text());
                }
            });
            page.onPageError(complaints::add);
            return new Screen(page, foreign, complaints);
        }
    }
}
